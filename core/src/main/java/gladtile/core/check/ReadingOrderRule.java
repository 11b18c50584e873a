package gladtile.core.check;

import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.MoveDepth;
import gladtile.core.measure.Outline;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A reading order that jumps: with the keyboard and read aloud, things come in the order of their depth. It jumps where
 * the next thing stands well above and not to the right, as the head of a next column would.
 */
final class ReadingOrderRule {
    /** Page units. */
    private static final double WELL_ABOVE = 180;

    private static final double ROW = 60;

    private ReadingOrderRule() {}

    static void check(CheckedPage on) {
        List<Item> read =
                on.page.items().stream().filter(ReadingOrderRule::isRead).toList();
        for (int i = 1; i < read.size(); i++) {
            Outline before = on.outline(read.get(i - 1));
            Outline now = on.outline(read.get(i));
            boolean up = now.bottom() < before.top() && before.top() - now.top() > WELL_ABOVE;
            if (up && now.left() < before.right()) {
                on.found(
                        Finding.Kind.READING_ORDER,
                        List.of(read.get(i).id(), read.get(i - 1).id()),
                        Message.of(
                                "page-check.reading-order",
                                "item",
                                on.called(read.get(i)),
                                "other",
                                on.called(read.get(i - 1))),
                        mend(on, read));
                return;
            }
        }
    }

    private static boolean isRead(Item item) {
        return item instanceof Words || item instanceof Zone || item instanceof Gap || item.isPiece();
    }

    /** From top to bottom, row by row; what lies over something else stays over it. */
    private static List<Mend> mend(CheckedPage on, List<Item> read) {
        List<Item> wanted = rows(on, read);
        Map<String, Integer> places = new HashMap<>();
        wanted.forEach(item -> places.put(item.id(), places.size()));
        for (int i = 0; i < read.size(); i++) {
            for (int j = i + 1; j < read.size(); j++) {
                boolean overlap = CheckedPage.overlap(on.outline(read.get(i)), on.outline(read.get(j)));
                if (overlap
                        && places.get(read.get(i).id()) > places.get(read.get(j).id())) {
                    return List.of();
                }
            }
        }
        List<Edit> edits = new ArrayList<>();
        int top = on.page.items().size();
        wanted.forEach(item -> edits.add(new MoveDepth(on.page.id(), item.id(), top)));
        return List.of(new Mend(Message.of("page-check.mend.read-downwards"), CompositeEdit.orOne(edits)));
    }

    /** A row begins with the topmost that is left, and takes in whatever begins little below it. */
    private static List<Item> rows(CheckedPage on, List<Item> read) {
        List<Item> byTop = new ArrayList<>(read);
        byTop.sort(Comparator.comparingDouble(item -> on.outline(item).top()));
        List<Item> rows = new ArrayList<>();
        for (int from = 0, to; from < byTop.size(); from = to) {
            double top = on.outline(byTop.get(from)).top();
            to = from + 1;
            while (to < byTop.size() && on.outline(byTop.get(to)).top() - top <= ROW) {
                to++;
            }
            List<Item> row = new ArrayList<>(byTop.subList(from, to));
            row.sort(Comparator.comparingDouble(item -> on.outline(item).left()));
            rows.addAll(row);
        }
        return rows;
    }
}
