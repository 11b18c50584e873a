package gladtile.core.check;

import gladtile.core.edit.Edit;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetWords;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Note;
import gladtile.core.page.Shape;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The words that stand on items of all kinds, and edits that make them other words. */
final class ItemTexts {
    private ItemTexts() {}

    static List<WordContent> on(Item item) {
        List<WordContent> all = new ArrayList<>();
        if (item instanceof Words words) {
            all.add(words.content());
        } else if (item instanceof Shape shape && shape.words() != null) {
            all.add(shape.words());
        } else if (item instanceof Note note) {
            all.add(note.words());
        } else if (item instanceof Table table) {
            for (List<TableCell> row : table.cells()) {
                row.stream().filter(cell -> cell.words() != null).forEach(cell -> all.add(cell.words()));
            }
        }
        all.removeIf(words -> words.text().isBlank());
        return all;
    }

    /** All letters of that colour; empty where it is no simple matter. */
    static Optional<Edit> coloured(String pageId, Item item, String colour) {
        return changed(
                pageId,
                item,
                style -> new WordStyle(
                        style.size(), style.bold(), colour, style.align(), style.font(), style.spacing()));
    }

    /** All letters of that size; the box grows where it must. */
    static Optional<Edit> sized(String pageId, Item item, double size) {
        return changed(
                pageId,
                item,
                style -> new WordStyle(
                        size, style.bold(), style.colour(), style.align(), style.font(), style.spacing()));
    }

    private static Optional<Edit> changed(
            String pageId, Item item, java.util.function.UnaryOperator<WordStyle> change) {
        if (item instanceof Gap gap) {
            return Optional.of(new SetBody(
                    pageId,
                    new Gap(gap.id(), gap.frame(), gap.description(), gap.traits(), change.apply(gap.style()))));
        }
        if (on(item).stream()
                .anyMatch(
                        words -> !words.spans().isEmpty() || !words.paragraphs().isEmpty())) {
            return Optional.empty();
        }
        if (item instanceof Words words) {
            WordFit fit = fitted(words.content(), change, item.frame().width());
            var frame = new gladtile.core.page.Frame(
                    item.frame().x(),
                    item.frame().y(),
                    fit.width(),
                    fit.height(),
                    item.frame().turn());
            return Optional.of(new SetWords(pageId, item.id(), fit.content(), frame));
        }
        if (item instanceof Shape shape && shape.words() != null) {
            WordContent content =
                    fitted(shape.words(), change, item.frame().width()).content();
            return Optional.of(new SetBody(
                    pageId,
                    new Shape(
                            shape.id(),
                            shape.frame(),
                            shape.movement(),
                            shape.description(),
                            shape.traits(),
                            shape.look(),
                            content)));
        }
        if (item instanceof Note note) {
            WordContent content =
                    fitted(note.words(), change, item.frame().width() - 28).content();
            return Optional.of(new SetBody(
                    pageId,
                    new Note(
                            note.id(),
                            note.frame(),
                            note.movement(),
                            note.description(),
                            note.traits(),
                            note.colour(),
                            content,
                            note.ink(),
                            note.writable())));
        }
        return Optional.empty();
    }

    private static WordFit fitted(WordContent words, java.util.function.UnaryOperator<WordStyle> change, double width) {
        WordStyle style = change.apply(words.style());
        return words.wraps() ? WordFit.within(width, words.text(), style) : WordFit.free(words.text(), style);
    }
}
