package gladtile.core.page;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.Map;

/**
 * How wide words are whose letters the shipped font lacks, as the browser measured them that shapes and draws them.
 * Where letters join, move or stand above each other, no sum over signs tells the width of a word.
 *
 * @param ems the width in letter sizes (bold, the wider of the two), by word or by a sign that is read as one; each more
 *     than 0 and at most {@value #WIDEST} for each of its UTF-16 units
 */
public record WordWidths(Map<String, Double> ems) {
    public static final WordWidths NONE = new WordWidths(Map.of());
    /** Some letters are several ems wide, as U+FDFD (one sign for a sentence, about 10 ems) is. */
    private static final double WIDEST = 12;

    public WordWidths {
        ems = Map.copyOf(Bounds.present("starter.widths", ems));
        if (ems.size() > Bounds.STARTER_WIDTHS) {
            throw new OutOfBounds(
                    "starter.widths",
                    Message.of("bound.starter.widths", "count", ems.size(), "most", Bounds.STARTER_WIDTHS));
        }
        ems.forEach((word, em) -> {
            Bounds.text("starter.widths", word, Bounds.STARTER_CELL);
            if (!(em > 0 && em <= WIDEST * Math.max(1, word.length()))) {
                throw new OutOfBounds("starter.widths", Message.of("bound.starter.width"));
            }
        });
    }
}
