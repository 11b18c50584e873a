package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * The order a zone wants its pieces in, by their position along it.
 *
 * @param direction in which the first comes first; absent for from left to right
 * @param places piece id to its place, 1 the first; pieces that look alike may stand for one another
 */
public record Sequence(
        @JsonInclude(JsonInclude.Include.NON_NULL) Direction direction, Map<String, Integer> places) {
    /** Which way a sequence runs. */
    public enum Direction {
        RIGHTWARDS,
        LEFTWARDS,
        DOWNWARDS
    }

    public Sequence {
        direction = direction == Direction.RIGHTWARDS ? null : direction;
        places = Collections.unmodifiableMap(new TreeMap<>(Bounds.present("sequence.places", places)));
        Bounds.count("sequence.places", places.size(), Bounds.ITEMS_ON_A_PAGE);
        places.forEach((piece, place) -> {
            Bounds.id("piece.id", piece);
            Bounds.within("sequence.places", Bounds.present("sequence.places", place), 1, Bounds.ITEMS_ON_A_PAGE);
        });
    }

    public Direction runs() {
        return direction == null ? Direction.RIGHTWARDS : direction;
    }

    /** How many places there are: the largest that is given. */
    public int length() {
        return places.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    Sequence without(String pieceId) {
        Map<String, Integer> left = new TreeMap<>(places);
        left.remove(pieceId);
        return new Sequence(direction, left);
    }
}
