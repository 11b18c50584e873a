package gladtile.core.part;

import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Frame;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.Movement;
import gladtile.core.page.Point;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The shelf of parts that ship with the app. */
public final class ReadyParts {
    private final Wording wording;
    private final List<ReadyPart> all;

    /** @param wording for their names and for what stands on them */
    public ReadyParts(Wording wording) {
        this.wording = wording;
        all = make();
    }

    /** All of them, by folder. */
    public List<ReadyPart> all() {
        return all;
    }

    public Optional<ReadyPart> of(String id) {
        return all.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    private String words(String key) {
        return wording.text(Message.of(key));
    }

    private List<ReadyPart> make() {
        List<ReadyPart> all = new ArrayList<>();
        all.add(trays(2, words("part.trays-2")));
        all.add(trays(3, words("part.trays-3")));
        all.add(fourTrays());
        all.add(twoCircles());
        all.add(threeCircles());
        all.add(storyBoard());
        all.add(frame("frame-wide", words("part.frame-wide"), ShapeForm.RECTANGLE, Frame.of(500, 300, 600, 400)));
        all.add(frame("frame-round", words("part.frame-round"), ShapeForm.ELLIPSE, Frame.of(580, 280, 440, 440)));
        all.add(numberLine("line-10", words("part.line-10"), new ZoneScale(0, 10, 1, 1, true)));
        all.add(numberLine("line-20", words("part.line-20"), new ZoneScale(0, 20, 1, 2, true)));
        all.add(numberLine("line-100", words("part.line-100"), new ZoneScale(0, 100, 5, 2, true)));
        all.add(numberLine("line-below", words("part.line-below"), new ZoneScale(-10, 10, 1, 2, true)));
        all.add(numberLine("line-tenths", words("part.line-tenths"), new ZoneScale(0, 1, 0.1, 1, true)));
        all.add(numberLine(
                "line-quarters",
                words("part.line-quarters"),
                new ZoneScale(0, 3, 0.25, 1, true, ZoneScale.Reads.FRACTION)));
        all.add(timeLine());
        all.add(hundredSquare());
        all.add(placeValueMat());
        all.add(clock());
        all.add(axes());
        return List.copyOf(all);
    }

    private ReadyPart trays(int count, String name) {
        Drawing drawing = new Drawing();
        double width = (1440 - (count - 1) * 40) / (double) count;
        IntStream.range(0, count).forEach(i -> drawing.tray(Frame.of(80 + i * (width + 40), 220, width, 420), ""));
        return drawing.part("trays-" + count, name, words("part.folder.boards"));
    }

    private ReadyPart fourTrays() {
        Drawing drawing = new Drawing();
        IntStream.range(0, 4).forEach(i -> drawing.tray(Frame.of(80 + i % 2 * 740, 140 + i / 2 * 310, 700, 260), ""));
        return drawing.part("trays-4", words("part.trays-4"), words("part.folder.boards"));
    }

    private ReadyPart twoCircles() {
        return new Drawing()
                .circle(Frame.of(260, 160, 660, 560), Drawing.SEA, ZoneLook.LabelPlace.TAB)
                .circle(Frame.of(680, 160, 660, 560), Drawing.PLUM, ZoneLook.LabelPlace.TAB)
                .part("circles-2", words("part.circles-2"), words("part.folder.boards"));
    }

    private ReadyPart threeCircles() {
        return new Drawing()
                .circle(Frame.of(360, 90, 520, 500), Drawing.SEA, ZoneLook.LabelPlace.TAB)
                .circle(Frame.of(720, 90, 520, 500), Drawing.PLUM, ZoneLook.LabelPlace.TAB)
                .circle(Frame.of(540, 350, 520, 500), Drawing.MEADOW, ZoneLook.LabelPlace.BELOW)
                .part("circles-3", words("part.circles-3"), words("part.folder.boards"));
    }

    private ReadyPart storyBoard() {
        Drawing drawing = new Drawing();
        for (int i = 0; i < 6; i++) {
            Frame frame = Frame.of(80 + i % 3 * 490, 120 + i / 3 * 370, 460, 300);
            drawing.zone(
                    frame,
                    String.valueOf(i + 1),
                    null,
                    new ZoneLook(ZoneLook.Kind.LINE, Drawing.SEA, null, ZoneLook.LabelPlace.BELOW),
                    null);
        }
        return drawing.part("story-board", words("part.story-board"), words("part.folder.boards"));
    }

    private ReadyPart frame(String id, String name, ShapeForm form, Frame frame) {
        return new Drawing().shape(form, frame, null, Drawing.WOOD, 18).part(id, name, words("part.folder.frames"));
    }

    private ReadyPart numberLine(String id, String name, ZoneScale scale) {
        return new Drawing()
                .zone(Frame.of(100, 420, 1400, 160), "", null, null, scale)
                .part(id, name, words("part.folder.numbers"));
    }

    private ReadyPart hundredSquare() {
        double side = 76;
        Drawing drawing = new Drawing();
        List<List<TableCell>> rows = IntStream.range(0, 10)
                .mapToObj(r -> IntStream.range(0, 10)
                        .mapToObj(c -> drawing.cell(String.valueOf(10 * r + c + 1), side, side, 30, null, false))
                        .toList())
                .toList();
        List<Double> sides = Stream.generate(() -> side).limit(10).toList();
        Table table = new Table(
                drawing.next(),
                Frame.of(420, 120, 10 * side, 10 * side),
                Movement.FIXED,
                words("part.hundred-square"),
                null,
                sides,
                sides,
                rows,
                Drawing.SEA);
        return drawing.item(table).part("hundred-square", words("part.hundred-square"), words("part.folder.numbers"));
    }

    private ReadyPart placeValueMat() {
        Drawing drawing = new Drawing();
        List<String> names = List.of(words("part.hundreds"), words("part.tens"), words("part.ones"));
        List<String> fills = List.of("#efe4ef", "#dcebea", "#fbefd8");
        List<TableCell> heads = new ArrayList<>();
        List<TableCell> places = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            heads.add(drawing.cell(names.get(i), 440, 80, 36, fills.get(i), false));
            places.add(drawing.cell("", 440, 480, 36, null, true));
        }
        Table table = new Table(
                drawing.next(),
                Frame.of(140, 160, 1320, 560),
                Movement.FIXED,
                words("part.place-value"),
                null,
                List.of(440d, 440d, 440d),
                List.of(80d, 480d),
                List.of(heads, places),
                Drawing.SEA);
        return drawing.item(table).part("place-value", words("part.place-value"), words("part.folder.numbers"));
    }

    /** Ten past ten; twelve is at the top. Each hand turns about the middle, the long one by minutes, the short one by halves of them. */
    private ReadyPart clock() {
        double x = 800;
        double y = 480;
        Drawing drawing = new Drawing();
        drawing.shape(ShapeForm.ELLIPSE, Frame.of(x - 300, y - 300, 600, 600), "#fffdf7", Drawing.INK, 8);
        for (int minute = 0; minute < 60; minute++) {
            double turn = Math.toRadians(6 * minute);
            double inner = minute % 5 == 0 ? 268 : 280;
            drawing.line(at(x, y, turn, inner), at(x, y, turn, 292), minute % 5 == 0 ? 6 : 3, LineEnd.PLAIN);
        }
        for (int hour = 1; hour <= 12; hour++) {
            Point place = at(x, y, Math.toRadians(30 * hour), 232);
            drawing.words(String.valueOf(hour), place.x(), place.y(), 46);
        }
        drawing.zone(
                Frame.of(x - 300, y - 300, 600, 600),
                words("part.clock"),
                ZoneShape.ROUND,
                new ZoneLook(ZoneLook.Kind.HIDDEN, null, null, null),
                null);
        drawing.stays();
        hand(drawing, x, y, 150, 14, 305, 0.5, words("part.hour-hand"));
        hand(drawing, x, y, 214, 8, 60, 6, words("part.minute-hand"));
        return drawing.part("clock", words("part.clock"), words("part.folder.numbers"));
    }

    /** Its box goes as far below the middle as above it, so that it turns about the middle of the clock. */
    private static void hand(
            Drawing drawing,
            double x,
            double y,
            double length,
            double thickness,
            double turn,
            double step,
            String name) {
        List<Point> points = List.of(new Point(0.5, 0.5), new Point(0.5, 0));
        drawing.item(new Line(
                drawing.next(),
                new Frame(x - 22, y - length, 44, 2 * length, turn),
                new Movement.Turns(step),
                name,
                null,
                Drawing.plain(points, thickness, LineEnd.ARROW)));
    }

    private static Point at(double x, double y, double turn, double far) {
        return new Point(x + far * Math.sin(turn), y - far * Math.cos(turn));
    }

    private ReadyPart axes() {
        ZoneScale five = new ZoneScale(-5, 5, 1, 1, true);
        return new Drawing()
                .zone(Frame.of(380, 30, 840, 840), "", null, null, five, five)
                .part("axes", words("part.axes"), words("part.folder.numbers"));
    }

    private ReadyPart timeLine() {
        return numberLine(
                "line-day", words("part.line-day"), new ZoneScale(480, 960, 30, 2, true, ZoneScale.Reads.TIME));
    }
}
