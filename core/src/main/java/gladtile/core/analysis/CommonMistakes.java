package gladtile.core.analysis;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.Outcome;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What went wrong at each placement: where a piece was put, what was put in a zone that is solved as one, what was typed. */
public final class CommonMistakes {
    /** Of what is not there any more. */
    private static final Message NO_NAME = Message.literal("");

    private CommonMistakes() {}

    /**
     * One way to be wrong; of zone, piece and text one is present.
     *
     * @param zone the name of the zone that refused the piece
     * @param piece the name of the piece that a zone refused which is solved as one
     * @param text what was typed
     * @param count how often
     */
    public record Missed(
            @JsonInclude(JsonInclude.Include.NON_NULL) Message zone,
            @JsonInclude(JsonInclude.Include.NON_NULL) Message piece,
            @JsonInclude(JsonInclude.Include.NON_NULL) String text,
            int count) {}

    /** So many of the same. */
    public record Counted(Outcome outcome, int count) {}

    private record Key(String placement, Message zone, Message piece, String text) {}

    /** The id of the placement that an outcome counts for; null when for none. */
    static String placementOf(Outcome outcome, Collection<String> placements) {
        if (placements.contains(outcome.itemId())) {
            return outcome.itemId();
        }
        return placements.contains(outcome.zoneId()) ? outcome.zoneId() : null;
    }

    /**
     * By placement, the most frequent first, then by name.
     *
     * @param placements their item ids
     */
    public static Map<String, List<Missed>> of(
            List<Page> pages, Collection<String> placements, Collection<Counted> outcomes) {
        Map<String, Message> names = names(pages);
        Map<Key, Integer> counts = new HashMap<>();
        for (Counted one : outcomes) {
            Outcome outcome = one.outcome();
            String placement = placementOf(outcome, placements);
            if (placement != null && !outcome.right()) {
                counts.merge(key(placement, outcome, names), one.count(), Integer::sum);
            }
        }
        Map<String, List<Missed>> missed = new HashMap<>();
        counts.forEach((key, count) -> missed.computeIfAbsent(key.placement, id -> new ArrayList<>())
                .add(new Missed(key.zone, key.piece, key.text, count)));
        missed.values()
                .forEach(all -> all.sort(
                        Comparator.comparingInt(Missed::count).reversed().thenComparing(CommonMistakes::name)));
        return missed;
    }

    private static Key key(String placement, Outcome outcome, Map<String, Message> names) {
        if (outcome.text() != null) {
            return new Key(placement, null, null, outcome.text());
        }
        return placement.equals(outcome.itemId())
                ? new Key(placement, names.getOrDefault(outcome.zoneId(), NO_NAME), null, null)
                : new Key(placement, null, names.getOrDefault(outcome.itemId(), NO_NAME), null);
    }

    private static String name(Missed one) {
        return one.zone != null ? one.zone.toString() : one.piece != null ? one.piece.toString() : one.text;
    }

    private static Map<String, Message> names(List<Page> pages) {
        Map<String, Message> names = new HashMap<>();
        for (Page page : pages) {
            for (Item item : page.items()) {
                names.put(item.id(), item.name());
                item.zones().forEach(zone -> names.put(zone.id(), zone.name()));
            }
        }
        return names;
    }
}
