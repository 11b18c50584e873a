package gladtile.core.attempt;

import gladtile.core.message.Message;
import gladtile.core.page.Opens;
import java.time.Instant;
import java.util.List;
import java.util.Set;

/** Whether what a way waits for is done. A solution that was shown counts as done: nobody is to be stuck behind it. */
final class GateCheck {
    private final AttemptState state;
    private final AttemptRules rules;
    private final Instant at;

    /** @param at by the server's clock: where the time is up nothing more can be done, so nothing waits any longer */
    GateCheck(AttemptState state, AttemptRules rules, Instant at) {
        this.state = state;
        this.rules = rules;
        this.at = at;
    }

    boolean open(Opens opens, String pageId) {
        if (opens == null || Countdown.over(state, rules, pageId, at)) {
            return true;
        }
        if (opens instanceof Opens.WhenPoints points) {
            return Score.ofPage(state, rules, pageId) >= points.least();
        }
        if (opens instanceof Opens.WhenPages pages) {
            return pages.pageIds().stream().allMatch(this::done);
        }
        Set<String> parts = opens instanceof Opens.WhenParts some ? Set.copyOf(some.ids()) : null;
        return on(pageId).stream()
                .filter(placement -> parts == null || isIn(placement, parts))
                .allMatch(this::done);
    }

    /** Whether there is something on a page and all of it was right at the first try. */
    boolean allRightFirst(String pageId) {
        List<Placement> on = on(pageId);
        return !on.isEmpty()
                && Score.strayRefusals(state, rules, pageId) == 0
                && on.stream().allMatch(one -> state.isSolved(one, rules) && state.solvedAt(one) == 1);
    }

    /** A page with nothing to find is done with once it was opened; one that students cannot see is not waited for. */
    private boolean done(String pageId) {
        if (!rules.exits().from().containsKey(pageId) || Countdown.over(state, rules, pageId, at)) {
            return true;
        }
        List<Placement> on = on(pageId);
        return on.isEmpty()
                ? state.met().stream().anyMatch(one -> one.pageId().equals(pageId))
                : on.stream().allMatch(this::done);
    }

    private boolean done(Placement placement) {
        return state.shown().contains(placement.itemId()) || state.share(placement, rules) >= 1;
    }

    private boolean isIn(Placement placement, Set<String> parts) {
        return parts.contains(placement.itemId())
                || placement.kind() == Placement.Kind.PIECE
                        && rules.judge(placement.pageId()).orElseThrow().zonesOf(placement.itemId()).stream()
                                .anyMatch(parts::contains);
    }

    private List<Placement> on(String pageId) {
        return rules.placements().stream()
                .filter(placement -> placement.pageId().equals(pageId))
                .toList();
    }

    /** What it waits for, for a student; null for nothing. */
    Message words(Opens opens) {
        if (opens == null) {
            return null;
        }
        if (opens instanceof Opens.WhenPages pages) {
            String first =
                    pages.pageIds().stream().filter(id -> !done(id)).findFirst().orElse("");
            return Message.of("gate.pages", "page", rules.exits().names().getOrDefault(first, ""));
        }
        if (opens instanceof Opens.WhenPoints points) {
            return Message.of("gate.points", "least", points.least());
        }
        return Message.of(opens instanceof Opens.WhenSolved ? "gate.solved" : "gate.parts");
    }
}
