package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.HashSet;
import java.util.List;

/**
 * Zones that are answered together, each with one piece.
 *
 * @param zoneIds 2 to {@link Bounds#ZONES_IN_A_SET}, none twice
 * @param anyOrder true: the pieces may lie in these zones in any arrangement, as the two factors of a product; false:
 *     each in the zone of its own column, as a cause and its effect
 * @param choices which pieces go together: each is a row with one piece for each zone; none for any pieces that belong
 */
public record ZoneSet(
        String id,
        List<String> zoneIds,
        boolean anyOrder,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<List<String>> choices) {
    public ZoneSet {
        Bounds.id("set.id", id);
        zoneIds = List.copyOf(Bounds.present("set.zoneIds", zoneIds));
        Bounds.within("set.zoneIds", zoneIds.size(), 2, Bounds.ZONES_IN_A_SET);
        zoneIds.forEach(zone -> Bounds.id("zone.id", zone));
        if (new HashSet<>(zoneIds).size() < zoneIds.size()) {
            throw new OutOfBounds("set.zoneIds", Message.of("bound.set.zone-ids"));
        }
        choices =
                choices == null ? List.of() : choices.stream().map(List::copyOf).toList();
        Bounds.count("set.choices", choices.size(), Bounds.CHOICES_OF_A_SET);
        for (List<String> row : choices) {
            row.forEach(piece -> Bounds.id("piece.id", piece));
            if (row.size() != zoneIds.size()) {
                throw new OutOfBounds("set.choices", Message.of("bound.set.choices"));
            }
        }
    }

    /** The same set with no choice that has that piece. */
    public ZoneSet without(String pieceId) {
        return new ZoneSet(
                id,
                zoneIds,
                anyOrder,
                choices.stream().filter(row -> !row.contains(pieceId)).toList());
    }
}
