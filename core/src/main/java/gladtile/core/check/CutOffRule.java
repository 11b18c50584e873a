package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetWords;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Note;
import gladtile.core.page.Shape;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Words that run over the edge of their box, or of the page: part of them is not seen. */
final class CutOffRule {
    /** What rounding may add, in page units. */
    private static final double SLACK = 3;

    /** Between a note's edge and its words, as the browser draws them. */
    private static final double NOTE_EDGE = 14 - WordFit.PADDING;
    /** Letters that beginning readers can still read. */
    private static final double SMALLEST = 18;
    /** Longer words are not measured again and again. */
    private static final int LONG = 5_000;

    private CutOffRule() {}

    static void check(CheckedPage on) {
        for (Item item : on.page.items()) {
            if (item instanceof Words words && words.frame().turn() == 0) {
                check(on, words);
            } else if (item instanceof Shape shape && shape.words() != null) {
                inside(on, shape, shape.words(), shape.frame(), 0, words -> withWords(shape, words));
            } else if (item instanceof Note note) {
                inside(on, note, note.words(), note.frame(), NOTE_EDGE, words -> withWords(note, words));
            } else if (item instanceof Table table) {
                cells(on, table);
            }
        }
    }

    private static Item withWords(Shape shape, WordContent words) {
        return new Shape(
                shape.id(), shape.frame(), shape.movement(), shape.description(), shape.traits(), shape.look(), words);
    }

    private static Item withWords(Note note, WordContent words) {
        return new Note(
                note.id(),
                note.frame(),
                note.movement(),
                note.description(),
                note.traits(),
                note.colour(),
                words,
                note.ink(),
                note.writable());
    }

    private static void inside(
            CheckedPage on,
            Item item,
            WordContent words,
            Frame box,
            double edge,
            Function<WordContent, Item> withWords) {
        if (!runsOver(words, box, edge)) {
            return;
        }
        WordContent smaller = shrunk(words, box, edge);
        on.found(
                Finding.Kind.WORDS_CUT_OFF,
                List.of(item.id()),
                Message.of("page-check.words-over-edge", "item", on.called(item)),
                smaller == null
                        ? List.of()
                        : List.of(new Mend(
                                Message.of("page-check.mend.smaller-words"),
                                new SetBody(on.page.id(), withWords.apply(smaller)))));
    }

    private static void cells(CheckedPage on, Table table) {
        List<List<TableCell>> cells = new ArrayList<>();
        int over = 0;
        boolean mended = true;
        for (int r = 0; r < table.rows().size(); r++) {
            List<TableCell> row = new ArrayList<>(table.cells().get(r));
            for (int c = 0; c < row.size(); c++) {
                TableCell cell = row.get(c);
                Frame box = table.cellFrame(r, c);
                if (cell.words() != null && runsOver(cell.words(), box, 0)) {
                    over++;
                    WordContent smaller = shrunk(cell.words(), box, 0);
                    mended &= smaller != null;
                    row.set(c, new TableCell(smaller, cell.picture(), cell.credit(), cell.fill(), cell.zoneId()));
                }
            }
            cells.add(row);
        }
        if (over == 0) {
            return;
        }
        Table smaller = new Table(
                table.id(),
                table.frame(),
                table.movement(),
                table.description(),
                table.traits(),
                table.columns(),
                table.rows(),
                cells,
                table.colour());
        on.found(
                Finding.Kind.WORDS_CUT_OFF,
                List.of(table.id()),
                Message.of("page-check.cells-over-edge", "count", over, "table", on.called(table)),
                mended
                        ? List.of(new Mend(
                                Message.of("page-check.mend.smaller-words"), new SetBody(on.page.id(), smaller)))
                        : List.of());
    }

    private static boolean runsOver(WordContent words, Frame box, double edge) {
        double widest = 0;
        double foot = 0;
        for (WordLine line : words.lines()) {
            widest = Math.max(widest, line.width());
            foot = Math.max(foot, line.baseline());
        }
        return !words.text().isBlank()
                && (widest > box.width() - 2 * edge + SLACK || foot > box.height() - 2 * edge + SLACK);
    }

    /** The words in letters that fit the box; null where even the smallest would not, or where each has its own look. */
    private static WordContent shrunk(WordContent words, Frame box, double edge) {
        if (!words.spans().isEmpty()
                || !words.paragraphs().isEmpty()
                || words.text().length() > LONG) {
            return null;
        }
        WordStyle style = words.style();
        double width = box.width() - 2 * edge;
        for (double size = style.size(); size >= SMALLEST; size -= 2) {
            WordStyle smaller =
                    new WordStyle(size, style.bold(), style.colour(), style.align(), style.font(), style.spacing());
            WordContent fit = WordFit.within(width, words.text(), smaller).content();
            if (!runsOver(fit, box, edge)) {
                return fit;
            }
        }
        return null;
    }

    private static void check(CheckedPage on, Words words) {
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
                        ? Message.of("page-check.words-off-page", "item", on.called(words))
                        : Message.of("page-check.words-over-edge", "item", on.called(words)),
                y < 20 || content.text().length() > LONG
                        ? List.of()
                        : List.of(new Mend(
                                Message.of("page-check.mend.break-lines"),
                                new SetWords(
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
