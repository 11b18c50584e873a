package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.activity.Frame;
import gladtile.core.activity.Item;
import gladtile.core.activity.WordContent;
import gladtile.core.activity.WordLine;
import gladtile.core.activity.WordStyle;
import gladtile.core.activity.Words;
import gladtile.core.measure.WordFit;
import java.util.List;

/** Words that run over the edge of their box, or of the page: part of them is not seen. */
final class CutOffRule {
    /** What rounding may add, in page units. */
    private static final double SLACK = 3;

    private CutOffRule() {}

    static void check(OnPage on) {
        for (Item item : on.page.items()) {
            if (item instanceof Words words && words.frame().turn() == 0) {
                check(on, words);
            }
        }
    }

    private static void check(OnPage on, Words words) {
        WordContent content = words.content();
        Frame frame = words.frame();
        double widest = 0;
        double foot = 0;
        for (WordLine line : content.lines()) {
            widest = Math.max(widest, line.width());
            foot = Math.max(foot, line.baseline());
        }
        boolean over = widest > frame.width() + SLACK || foot > frame.height() + SLACK;
        double left = left(content.style().align(), frame, widest);
        boolean off = left < -SLACK
                || left + widest > Bounds.PAGE_WIDTH + SLACK
                || frame.y() < -content.style().size() / 2
                || frame.y() + foot > Bounds.PAGE_HEIGHT + SLACK;
        if (!over && !off) {
            return;
        }
        double x = Math.max(20, Math.min(frame.x(), Bounds.PAGE_WIDTH - 220));
        WordFit fit =
                WordFit.within(Math.min(frame.width(), Bounds.PAGE_WIDTH - 20 - x), content.text(), content.style());
        double y = Math.max(20, Math.min(frame.y(), Bounds.PAGE_HEIGHT - 20 - fit.height()));
        on.found(
                Finding.Kind.WORDS_CUT_OFF,
                List.of(words.id()),
                off
                        ? "Words of %s run off the page, so they are cut off.".formatted(on.called(words))
                        : "Words of %s run over the edge of their box.".formatted(on.called(words)),
                y < 20 || content.text().length() > 5_000
                        ? List.of()
                        : List.of(new Mend(
                                "Break them into lines",
                                new gladtile.core.edit.SetWords(
                                        on.page.id(),
                                        words.id(),
                                        fit.content(),
                                        new Frame(x, y, fit.width(), fit.height(), 0)))));
    }

    private static double left(WordStyle.Align align, Frame frame, double widest) {
        return switch (align) {
            case LEFT -> frame.x() + WordFit.PADDING;
            case CENTRE -> frame.x() + (frame.width() - widest) / 2;
            case RIGHT -> frame.x() + frame.width() - WordFit.PADDING - widest;
        };
    }
}
