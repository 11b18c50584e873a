package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.edit.MoveDepth;
import gladtile.core.edit.SetFrame;
import gladtile.core.measure.Outline;
import gladtile.core.message.Message;
import gladtile.core.page.Cover;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Line;
import gladtile.core.page.Note;
import gladtile.core.page.Picture;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.Video;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;

/** Pieces that start in a zone, lie under something that covers them all, or lie beside the page. */
final class PlaceRules {
    private PlaceRules() {}

    static void check(CheckedPage on) {
        on.pieces.forEach(piece -> startsInside(on, piece));
        List<Item> items = on.page.items();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (!CheckedPage.onPage(item.frame())) {
                offPage(on, item, "page-check.beside-page");
                continue;
            }
            boolean worked = item.isPiece() || item instanceof Gap || item instanceof Zone;
            if (worked && shareOnPage(item.frame()) < MOST_ON_PAGE) {
                offPage(on, item, "page-check.partly-beside-page");
            } else if (worked) {
                hidden(on, item, items.subList(i + 1, items.size()));
            }
        }
    }

    private static void startsInside(CheckedPage on, Item piece) {
        Point middle = piece.frame().middle();
        for (Zone zone : on.zones) {
            // What is right at a turn is turned where it lies.
            boolean turned = on.key.facts(piece.id()).rightTurn() != null;
            boolean may = turned || on.carries(piece, zone);
            if (piece.traitsOrNone().supply() == null && !may && on.area(zone).contains(middle)) {
                List<Mend> mends = new ArrayList<>();
                FreeSpot.besideAll(on, piece)
                        .ifPresent(free -> mends.add(new Mend(
                                Message.of("page-check.mend.move-out"), new SetFrame(on.page.id(), piece.id(), free))));
                on.found(
                        Finding.Kind.STARTS_INSIDE,
                        List.of(piece.id(), zone.id()),
                        Message.of("page-check.starts-inside", "piece", on.called(piece), "zone", on.called(zone)),
                        mends);
                return;
            }
        }
    }

    /** Less of it on the page than this is a mistake, not a look. */
    private static final double MOST_ON_PAGE = 0.8;

    private static double shareOnPage(Frame frame) {
        Outline box = Outline.of(frame);
        double width = Math.min(box.right(), Bounds.PAGE_WIDTH) - Math.max(box.left(), 0);
        double height = Math.min(box.bottom(), Bounds.PAGE_HEIGHT) - Math.max(box.top(), 0);
        return Math.max(0, width) * Math.max(0, height) / ((box.right() - box.left()) * (box.bottom() - box.top()));
    }

    private static void offPage(CheckedPage on, Item item, String key) {
        if (item instanceof Line) {
            return;
        }
        Frame frame = item.frame();
        double x = Math.max(20, Math.min(frame.x(), Bounds.PAGE_WIDTH - 20 - frame.width()));
        double y = Math.max(20, Math.min(frame.y(), Bounds.PAGE_HEIGHT - 20 - frame.height()));
        on.found(
                Finding.Kind.OFF_PAGE,
                List.of(item.id()),
                Message.of(key, "item", on.called(item)),
                List.of(new Mend(
                        Message.of("page-check.mend.onto-page"),
                        new SetFrame(on.page.id(), item.id(), frame.at(x, y)))));
    }

    private static void hidden(CheckedPage on, Item item, List<Item> above) {
        Outline mine = on.outline(item);
        for (Item other : above) {
            Outline over = on.outline(other);
            boolean covers = over.left() <= mine.left()
                    && over.right() >= mine.right()
                    && over.top() <= mine.top()
                    && over.bottom() >= mine.bottom();
            if (covers && isOpaque(other) && !sameGroup(item, other)) {
                on.found(
                        Finding.Kind.HIDDEN,
                        List.of(item.id(), other.id()),
                        Message.of("page-check.hidden", "item", on.called(item), "other", on.called(other)),
                        List.of(new Mend(
                                Message.of("page-check.mend.to-front"),
                                new MoveDepth(
                                        on.page.id(), item.id(), on.page.items().size()))));
                return;
            }
        }
    }

    private static boolean sameGroup(Item one, Item other) {
        List<String> a = one.traitsOrNone().groups();
        List<String> b = other.traitsOrNone().groups();
        return !a.isEmpty() && !b.isEmpty() && a.get(0).equals(b.get(0));
    }

    /** Covers are meant to hide, and what shines through hides nothing. */
    private static boolean isOpaque(Item item) {
        if (item.traitsOrNone().transparency() > 0
                || item instanceof Cover
                || item instanceof Lens
                || item instanceof Zone) {
            return false;
        }
        if (item instanceof Shape shape) {
            return shape.look().fill() != null && shape.look().form() == ShapeForm.RECTANGLE;
        }
        boolean onTile = item.isPiece() && (item instanceof Words || item instanceof Picture);
        return onTile || item instanceof Note || item instanceof Video;
    }
}
