package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.page.PictureRef;
import gladtile.core.page.WordWidths;
import java.util.List;
import java.util.Map;

/**
 * What a page is to be made from.
 *
 * @param title stands at the top of each page
 * @param rows of the list; none for {@link StarterKind#FILL_GAPS}
 * @param text for filling gaps: the words in square brackets are missing, as in 'The [sun] is a star'
 * @param typed gaps are typed into, rather than filled with pieces
 * @param picture that is labelled; absent for none
 * @param widths of words in letters that the shipped font lacks, see {@link WordWidths}; absent for none
 * @param seed of the shuffling; the same list with the same seed gives the same page
 */
public record Starter(
        StarterKind kind,
        String title,
        List<StarterRow> rows,
        @JsonInclude(JsonInclude.Include.NON_NULL) String text,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean typed,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture,
        @JsonInclude(JsonInclude.Include.NON_NULL) Map<String, Double> widths,
        long seed) {
    public Starter {
        Bounds.present("starter.kind", kind);
        Bounds.text("starter.title", title, Bounds.NAME_LENGTH);
        rows = List.copyOf(Bounds.present("starter.rows", rows));
        if (rows.size() > Bounds.STARTER_ROWS) {
            throw new OutOfBounds(
                    "starter.rows",
                    Message.of("bound.starter.rows", "count", rows.size(), "most", Bounds.STARTER_ROWS));
        }
        if (text != null) {
            Bounds.text("starter.text", text, Bounds.STARTER_TEXT);
        }
        widths = widths == null || widths.isEmpty() ? null : new WordWidths(widths).ems();
        typed = Boolean.TRUE.equals(typed) ? true : null;
        if (Math.abs(seed) > 9_007_199_254_740_991L) {
            throw new OutOfBounds("starter.seed", Message.of("bound.starter.seed"));
        }
    }

    public static Starter of(StarterKind kind, String title, StarterRow... rows) {
        return new Starter(kind, title, List.of(rows), null, null, null, null, 1);
    }

    public Starter withSeed(long newSeed) {
        return new Starter(kind, title, rows, text, typed, picture, widths, newSeed);
    }

    public Starter withPicture(PictureRef shown) {
        return new Starter(kind, title, rows, text, typed, shown, widths, seed);
    }

    public Starter withRows(List<StarterRow> newRows) {
        return new Starter(kind, title, newRows, text, typed, picture, widths, seed);
    }

    public Starter withWidths(Map<String, Double> measured) {
        return new Starter(kind, title, rows, text, typed, picture, measured, seed);
    }

    /** What was measured, for laying out. */
    public WordWidths measured() {
        return widths == null ? WordWidths.NONE : new WordWidths(widths);
    }
}
