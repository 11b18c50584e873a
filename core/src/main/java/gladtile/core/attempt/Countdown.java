package gladtile.core.attempt;

import gladtile.core.answer.AnswerTerms;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;

/** The time for a page and for the whole, by the server's clock. */
public final class Countdown {
    /** Under which the beginning of the whole attempt is kept. */
    public static final String WHOLE = "";

    private Countdown() {}

    /** What is known of beginnings once that page is opened. */
    static Map<String, Long> opened(AttemptState state, AttemptRules rules, String pageId, Instant at) {
        AnswerTerms terms = rules.terms();
        Map<String, Long> opened = new HashMap<>(state.opened());
        if (terms.seconds() != null) {
            opened.putIfAbsent(WHOLE, at.toEpochMilli());
        }
        if (terms.pageSeconds().containsKey(pageId)) {
            opened.putIfAbsent(pageId, at.toEpochMilli());
        }
        return opened;
    }

    static boolean over(AttemptState state, AttemptRules rules, String pageId, Instant at) {
        return left(state, rules, at).entrySet().stream()
                .anyMatch(one -> one.getValue() <= 0
                        && (one.getKey().equals(WHOLE) || one.getKey().equals(pageId)));
    }

    /**
     * Milliseconds left for each page with a countdown that was opened, and for the whole; never below 0. Once the work is
     * handed in, nothing is counted down any more.
     */
    public static Map<String, Long> left(AttemptState state, AttemptRules rules, Instant at) {
        Map<String, Long> left = new TreeMap<>();
        if (state.standing() == Standing.HANDED_IN) {
            return left;
        }
        state.opened().forEach((page, since) -> {
            Integer seconds = page.equals(WHOLE)
                    ? rules.terms().seconds()
                    : rules.terms().pageSeconds().get(page);
            if (seconds != null) {
                left.put(page, Math.max(0, since + seconds * 1000L - at.toEpochMilli()));
            }
        });
        return left;
    }
}
