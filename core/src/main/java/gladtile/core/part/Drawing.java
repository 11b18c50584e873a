package gladtile.core.part;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.measure.WordFit;
import gladtile.core.page.CommonProperties;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The things of one part while it is drawn. What is drawn is one group, so that it is moved as one. */
final class Drawing {
    static final String INK = "#1f2d33";
    static final String WOOD = "#8a5a2b";
    static final String SEA = "#0b5d66";
    static final String PLUM = "#68406b";
    static final String MEADOW = "#4c7837";

    private final List<Item> items = new ArrayList<>();
    private final Map<String, ZoneRule> rules = new HashMap<>();
    private int number;

    String next() {
        return "p" + ++number;
    }

    Drawing item(Item item) {
        items.add(item);
        return this;
    }

    Drawing shape(ShapeForm form, Frame frame, String fill, String outline, double thickness) {
        ShapeLook look = new ShapeLook(form, 5, fill, outline, thickness, Dash.SOLID);
        return item(new Shape(next(), frame, Movement.FIXED, "", null, look, null));
    }

    /** A straight line between two points of the page. */
    Drawing line(Point from, Point to, double thickness, LineEnd end) {
        return line(next(), from, to, thickness, end, Movement.FIXED, "");
    }

    Drawing line(
            String id, Point from, Point to, double thickness, LineEnd end, Movement movement, String description) {
        double x = Math.min(from.x(), to.x());
        double y = Math.min(from.y(), to.y());
        double width = Math.max(4, Math.abs(from.x() - to.x()));
        double height = Math.max(4, Math.abs(from.y() - to.y()));
        List<Point> points = List.of(
                new Point((from.x() - x) / width, (from.y() - y) / height),
                new Point((to.x() - x) / width, (to.y() - y) / height));
        return item(new Line(
                id, Frame.of(x, y, width, height), movement, description, null, plain(points, thickness, end)));
    }

    static LineLook plain(List<Point> points, double thickness, LineEnd end) {
        return new LineLook(points, false, INK, thickness, Dash.SOLID, LineEnd.PLAIN, end, null, null);
    }

    /** Words around a point. */
    Drawing words(String text, double x, double y, double size) {
        WordFit fit = WordFit.free(text, new WordStyle(size, false, INK, WordStyle.Align.CENTRE));
        Frame frame = Frame.of(x - fit.width() / 2, y - fit.height() / 2, fit.width(), fit.height());
        return item(new Words(next(), frame, Movement.FIXED, "", fit.content()));
    }

    Drawing zone(Frame frame, String label, ZoneShape shape, ZoneLook look, ZoneScale scale) {
        return item(new Zone(next(), frame, "", null, label, shape, look, scale, null, null));
    }

    /** With an upright scale too. */
    Drawing zone(Frame frame, String label, ZoneShape shape, ZoneLook look, ZoneScale scale, ZoneScale up) {
        return item(new Zone(next(), frame, "", null, label, shape, look, scale, up, null));
    }

    /** A round zone that makes regions with the others it crosses. */
    Drawing circle(Frame frame, String colour, ZoneLook.LabelPlace label) {
        ZoneLook look = new ZoneLook(ZoneLook.Kind.GLASS, colour, null, label);
        zone(frame, "", ZoneShape.ROUND, look, null);
        rules.put(items.get(items.size() - 1).id(), ZoneRule.USUAL.withCrossing(true));
        return this;
    }

    /** What is put in the zone that was drawn last stays where it is put. */
    Drawing stays() {
        rules.put(items.get(items.size() - 1).id(), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK));
        return this;
    }

    Drawing tray(Frame frame, String label) {
        return zone(frame, label, null, null, null);
    }

    /** A cell with words in its middle; a drop zone where that is wanted. */
    TableCell cell(String text, double width, double height, double size, String fill, boolean zone) {
        return new TableCell(
                text.isEmpty() ? null : middle(text, width, height, size), null, null, fill, zone ? next() : null);
    }

    private static WordContent middle(String text, double width, double height, double size) {
        WordFit fit = WordFit.within(width, text, new WordStyle(size, true, INK, WordStyle.Align.CENTRE));
        List<WordLine> lines = fit.content().lines().stream()
                .map(line -> new WordLine(
                        line.text(), line.baseline() + Math.max(0, (height - fit.height()) / 2), line.width()))
                .toList();
        return new WordContent(fit.content().text(), fit.content().style(), true, lines);
    }

    ReadyPart part(String id, String name, String folder) {
        List<Item> all = items.size() == 1
                ? items
                : items.stream().map(item -> grouped(item, id)).toList();
        Page page = new Page("part", name, Paper.PLAIN, all);
        return new ReadyPart(id, name, folder, new Activity(name, List.of(page), new AnswerKey(Map.of(), rules)));
    }

    private static Item grouped(Item item, String group) {
        CommonProperties was = item.common();
        Traits traits = was.traits() == null ? Traits.NONE : was.traits();
        // What students turn or move by itself belongs to no group.
        return was.movement().equals(Movement.FIXED) ? item.withTraits(traits.withGroups(List.of(group))) : item;
    }
}
