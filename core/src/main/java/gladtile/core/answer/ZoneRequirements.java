package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What a zone wants of its pieces, besides which of them belong.
 *
 * @param takes labels: every piece that has one of them belongs, and no other does unless it is decided by itself
 * @param capacity how many it holds at most; absent for any number
 * @param sequence the order they are to lie in; absent for any order
 * @param total what the values of its pieces are to add up to; absent for none
 * @param counts piece id to how many copies of that piece are wanted, for pieces that copies come off
 * @param allOf it is solved as one, once everything that belongs is there
 */
public record ZoneRequirements(
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> takes,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer capacity,
        @JsonInclude(JsonInclude.Include.NON_NULL) Sequence sequence,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double total,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Integer> counts,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean allOf) {
    public static final ZoneRequirements NOTHING = new ZoneRequirements(null, null, null, null, null, null);

    public ZoneRequirements {
        takes = takes == null ? List.of() : List.copyOf(new TreeSet<>(takes));
        Bounds.count("wants.takes", takes.size(), Bounds.LABELS);
        takes.forEach(label -> PieceFacts.label("wants.takes", label));
        if (capacity != null) {
            Bounds.within("wants.capacity", capacity, 1, Bounds.ITEMS_ON_A_PAGE);
        }
        if (total != null) {
            PieceFacts.value("wants.total", total);
        }
        counts = counts == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(counts));
        Bounds.count("wants.counts", counts.size(), Bounds.ITEMS_ON_A_PAGE);
        counts.forEach((piece, count) -> {
            Bounds.id("piece.id", piece);
            Bounds.within("wants.counts", Bounds.present("wants.counts", count), 1, Bounds.COPIES);
        });
        allOf = Boolean.TRUE.equals(allOf) ? true : null;
    }

    static ZoneRequirements orNull(ZoneRequirements wants) {
        return NOTHING.equals(wants) ? null : wants;
    }

    public ZoneRequirements withTakes(List<String> labels) {
        return new ZoneRequirements(labels, capacity, sequence, total, counts, allOf);
    }

    public ZoneRequirements withCapacity(Integer most) {
        return new ZoneRequirements(takes, most, sequence, total, counts, allOf);
    }

    public ZoneRequirements withSequence(Sequence order) {
        return new ZoneRequirements(takes, capacity, order, total, counts, allOf);
    }

    public ZoneRequirements withTotal(Double sum) {
        return new ZoneRequirements(takes, capacity, sequence, sum, counts, allOf);
    }

    public ZoneRequirements withCounts(Map<String, Integer> copies) {
        return new ZoneRequirements(takes, capacity, sequence, total, copies, allOf);
    }

    public ZoneRequirements withAllOf(boolean all) {
        return new ZoneRequirements(takes, capacity, sequence, total, counts, all);
    }

    /** The same with nothing wanted of that piece. */
    public ZoneRequirements without(String pieceId) {
        boolean counted = counts.containsKey(pieceId);
        boolean placed = sequence != null && sequence.places().containsKey(pieceId);
        if (!counted && !placed) {
            return this;
        }
        Map<String, Integer> left = new TreeMap<>(counts);
        left.remove(pieceId);
        return new ZoneRequirements(takes, capacity, placed ? sequence.without(pieceId) : sequence, total, left, allOf);
    }
}
