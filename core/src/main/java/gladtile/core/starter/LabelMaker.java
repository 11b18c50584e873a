package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Picture;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The picture in the middle, places for labels to its left and right with a line each, the labels mixed below. */
final class LabelMaker {
    private static final int SIDE = 5;

    private LabelMaker() {}

    static MadePages make(Making making) {
        double width = making.tile(making.column(0), 150, 300);
        double height = 74;
        Optional<MadePages> tooLong = making.tooLong(2 * SIDE);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        for (List<StarterRow> part : Making.parts(making.rows, 2 * SIDE)) {
            page(making, part, width, height);
        }
        return making.made();
    }

    private static void page(Making making, List<StarterRow> part, double width, double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.label"));
        List<Frame> homes =
                RowLayout.atBottom(part.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
        double top = sheet.top;
        double bottom = homes.get(0).y() - 30;
        double box = width + 36;
        double middle = (PageDraft.LEFT + PageDraft.RIGHT) / 2;
        double side = Math.min(bottom - top, PageDraft.RIGHT - PageDraft.LEFT - 2 * box - 200);
        Frame shown = Frame.of(middle - side / 2, top + (bottom - top - side) / 2, side, side);
        String what = making.starter.title().isBlank()
                ? making.words("starter.name.labelled")
                : making.starter.title().strip();
        if (making.starter.picture() != null) {
            sheet.item(new Picture(
                    sheet.ids().item("picture"),
                    shown,
                    Movement.FIXED,
                    what,
                    making.starter.picture(),
                    PageDraft.CREDIT));
        } else {
            sheet.item(new Shape(
                    sheet.ids().item("picture"),
                    shown,
                    Movement.FIXED,
                    making.words("starter.name.your-picture"),
                    null,
                    ShapeLook.of(ShapeForm.RECTANGLE, "#ffffff", "#55656b"),
                    null));
        }
        int left = (part.size() + 1) / 2;
        List<String> zones = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            boolean onLeft = i < left;
            int inColumn = onLeft ? left : part.size() - left;
            int at = onLeft ? i : i - left;
            double step = (bottom - top) / inColumn;
            double boxHeight = Math.min(height + 36, step - 8);
            double y = top + step * at + (step - boxHeight) / 2;
            double x = onLeft ? PageDraft.LEFT : PageDraft.RIGHT - box;
            zones.add(sheet.zone(
                    "zone " + sheet.called(part.get(i).cell(0)),
                    Frame.of(x, y, box, boxHeight),
                    "",
                    making.words("starter.name.place", "number", i + 1)));
            line(sheet, part.get(i).cell(0), onLeft, x, y + boxHeight / 2, box, shown);
        }
        zones.forEach(zone -> sheet.rule(zone, ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1))));
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            order.add(i);
        }
        List<Integer> mixed = Shuffle.moved(order, making.random);
        sheet.pieceForEach(part, mixed, homes, zones);
        making.done(sheet);
    }

    /** From the place to a third of the way into the picture; the teacher pulls its end to the part that is meant. */
    private static void line(PageDraft sheet, String of, boolean onLeft, double x, double y, double box, Frame shown) {
        double from = onLeft ? x + box : x;
        double to = onLeft ? shown.x() + shown.width() / 3 : shown.x() + shown.width() * 2 / 3;
        double middle = shown.y() + shown.height() / 2;
        double end = y + (middle - y) * 0.35;
        double top = Math.min(y, end);
        Frame frame = Frame.of(Math.min(from, to), top, Math.abs(to - from), Math.max(4, Math.abs(end - y)));
        double startY = y <= end ? 0 : 1;
        List<Point> points = List.of(new Point(onLeft ? 0 : 1, startY), new Point(onLeft ? 1 : 0, 1 - startY));
        LineLook look = new LineLook(points, false, "#55656b", 4, Dash.SOLID, LineEnd.PLAIN, LineEnd.DOT, null, null);
        sheet.item(new Line(sheet.ids().item("line " + sheet.called(of)), frame, Movement.FIXED, "", null, look));
    }
}
