package gladtile.core.check;

import gladtile.core.edit.Edit;
import gladtile.core.edit.SetFrame;
import gladtile.core.measure.Similarity;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Look;
import gladtile.core.page.Span;
import gladtile.core.page.Table;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordStyle;
import java.util.ArrayList;
import java.util.List;

/**
 * Things too small to be touched (WCAG 2.2, 2.5.8 Target Size, minimum: 24 by 24 CSS pixels, on a tablet that shows the
 * page 1024 pixels wide) and letters too small for the last row (common practice: a thirty-sixth of the height of what
 * is shown on a wall).
 */
final class SizeRules {
    /** CSS pixels for one page unit on a tablet. */
    static final double TABLET = 1024.0 / 1600;

    static final double TARGET = 24;
    /** Page units. */
    static final double LETTERS = 28;

    private SizeRules() {}

    static void check(CheckedPage on) {
        for (Item item : on.page.items()) {
            if (item instanceof Gap || on.isPiece(item)) {
                target(on, item);
            }
            smallWords(on, item);
        }
    }

    private static void target(CheckedPage on, Item item) {
        double least = Math.min(item.frame().width(), item.frame().height());
        if (least * TABLET >= TARGET) {
            return;
        }
        double scale = (TARGET + 2) / (least * TABLET);
        Similarity by = new Similarity(item.frame().middle(), scale, 0, 0, 0);
        Edit edit = new SetFrame(on.page.id(), item.id(), by.of(item.frame()));
        on.found(
                Finding.Kind.SMALL_TARGET,
                List.of(item.id()),
                Message.of(
                        "page-check.small-target",
                        "item",
                        on.called(item),
                        "pixels",
                        Math.floor(least * TABLET),
                        "needed",
                        TARGET),
                List.of(new Mend(Message.of("page-check.mend.larger"), edit)));
    }

    private static void smallWords(CheckedPage on, Item item) {
        double least = Double.POSITIVE_INFINITY;
        for (WordContent words : ItemTexts.on(item)) {
            least = Math.min(least, least(words));
        }
        if (item instanceof Gap gap) {
            least = gap.style().size();
        }
        if (least >= LETTERS) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        if (!(item instanceof Table)) {
            ItemTexts.sized(on.page.id(), item, LETTERS + 4)
                    .ifPresent(edit -> mends.add(new Mend(Message.of("page-check.mend.larger-words"), edit)));
        }
        on.found(
                Finding.Kind.SMALL_WORDS,
                List.of(item.id()),
                Message.of("page-check.small-words", "item", on.called(item), "height", least, "enough", LETTERS),
                mends);
    }

    private static double least(WordContent words) {
        if (words.text().isBlank()) {
            return Double.POSITIVE_INFINITY;
        }
        double least = words.style().size();
        int covered = 0;
        double inSpans = Double.POSITIVE_INFINITY;
        for (Span span : words.spans()) {
            Look look = span.look();
            if (look.size() != null) {
                covered += span.to() - span.from();
                inSpans = Math.min(inSpans, look.size());
            }
        }
        return covered >= words.text().length() ? inSpans : Math.min(least, inSpans);
    }

    static boolean isLarge(WordStyle style, double size) {
        double pixels = size * TABLET;
        return pixels >= 24 || style.bold() && pixels >= 18.66;
    }
}
