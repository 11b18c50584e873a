package gladtile.core.check;

import gladtile.core.edit.Edit;
import gladtile.core.measure.Contrast;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Words that are hard to tell from what is behind them: below the contrast that WCAG 2.2 asks (1.4.3: 4.5 to 1, and
 * 3 to 1 for large letters). What is behind is looked at where the letters are, through everything that shines through,
 * pictures and colours that run into each other among it; nine in ten of the places looked at must be good enough.
 */
final class ContrastRule {
    private static final double USUAL = 4.5;
    private static final double LARGE = 3;
    private static final int ACROSS = 9;
    private static final double BAD_SHARE = 0.1;
    private static final String DARK = "#1f2d33";
    private static final String LIGHT = "#ffffff";

    private ContrastRule() {}

    static void check(CheckedPage on) {
        Backdrop backdrop = new Backdrop(on);
        List<Item> items = on.page.items();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            // Words of tables and shapes lie on their own fill, which the backdrop knows.
            for (WordContent words : ItemTexts.on(item)) {
                look(on, backdrop, item, i, words);
            }
        }
    }

    private static void look(CheckedPage on, Backdrop backdrop, Item item, int depth, WordContent words) {
        int[] behind = backdrop.behind(item, depth, places(item, words));
        WordStyle style = words.style();
        double wanted = SizeRules.isLarge(style, style.size()) ? LARGE : USUAL;
        double ratio = worst(behind, style.colour());
        if (ratio >= wanted) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        for (String colour : new String[] {DARK, LIGHT}) {
            if (mends.isEmpty() && worst(behind, colour) >= wanted) {
                Edit edit = ItemTexts.coloured(on.page.id(), item, colour).orElse(null);
                if (edit != null) {
                    mends.add(new Mend(
                            colour.equals(DARK)
                                    ? Message.of("page-check.mend.make-dark")
                                    : Message.of("page-check.mend.make-white"),
                            edit));
                }
            }
        }
        on.found(
                Finding.Kind.HARD_TO_READ,
                List.of(item.id()),
                Message.of(
                        "page-check.hard-to-read",
                        "item",
                        on.called(item),
                        "ratio",
                        Math.floor(ratio * 10) / 10,
                        "wanted",
                        wanted),
                mends);
    }

    /** The contrast that nine in ten places reach. */
    private static double worst(int[] behind, String colour) {
        double[] ratios = new double[behind.length];
        double own = Contrast.luminance(colour);
        for (int i = 0; i < behind.length; i++) {
            double other = Backdrop.luminance(behind[i]);
            ratios[i] = (Math.max(own, other) + 0.05) / (Math.min(own, other) + 0.05);
        }
        Arrays.sort(ratios);
        return ratios.length == 0 ? 21 : ratios[(int) (ratios.length * BAD_SHARE)];
    }

    /** Places on the page along the middle of each line; for other items than words, over the whole box. */
    private static List<Point> places(Item item, WordContent words) {
        List<Point> places = new ArrayList<>();
        Frame frame = item.frame();
        if (!(item instanceof Words)) {
            for (int i = 0; i < ACROSS; i++) {
                places.add(frame.onPage(
                        frame.width() * (0.3 + 0.4 * (i % 3) / 2.0), frame.height() * (0.3 + 0.4 * (i / 3) / 2.0)));
            }
            return places;
        }
        int step = Math.max(1, words.lines().size() / 8);
        for (int l = 0; l < words.lines().size(); l += step) {
            WordLine line = words.lines().get(l);
            double left = switch (words.style().align()) {
                case LEFT -> 10;
                case CENTRE -> (frame.width() - line.width()) / 2;
                case RIGHT -> frame.width() - 10 - line.width();
            };
            double y = line.baseline() - words.style().size() * 0.35;
            for (int i = 0; i < ACROSS; i++) {
                places.add(frame.onPage(left + line.width() * (i + 0.5) / ACROSS, y));
            }
        }
        return places;
    }
}
