package gladtile.server.demo;

import gladtile.core.measure.WordFit;
import gladtile.core.page.Cover;
import gladtile.core.page.Dash;
import gladtile.core.page.FileRef;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Speech;
import gladtile.core.page.Supply;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.Video;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordStyle.Align;
import gladtile.core.page.Words;
import gladtile.server.support.UuidV7;
import java.util.List;

/** Single things for the demo's pages. */
final class DemoThings {
    private static final String CREDIT = "OpenMoji, CC BY-SA 4.0";
    private static final WordStyle SMALL = new WordStyle(30, false, "#1f2d33", Align.CENTRE);
    private static final WordStyle HEAD = new WordStyle(30, true, "#1c3550", Align.CENTRE);

    private DemoThings() {}

    private static String id() {
        return UuidV7.make().toString();
    }

    private static WordContent words(String text, double width, WordStyle style) {
        return WordFit.within(width, text, style).content();
    }

    static Item words(String text, double x, double y, double width) {
        WordFit fit = WordFit.within(width, text, SMALL);
        return new Words(id(), Frame.of(x, y, fit.width(), fit.height()), Movement.FIXED, "", fit.content());
    }

    /** Words under something that leads on. */
    static Item label(String text, double x, double y, double width) {
        WordStyle style = new WordStyle(38, true, "#1c3550", Align.CENTRE);
        WordFit fit = WordFit.within(width, text, style);
        return new Words(id(), Frame.of(x, y, fit.width(), fit.height()), Movement.FIXED, "", fit.content());
    }

    /** A box of words that is pressed. */
    static Item tile(String text, double x, double y, double width) {
        WordStyle style = new WordStyle(36, true, "#07444b", Align.CENTRE);
        return new Shape(
                id(),
                Frame.of(x, y, width, 84),
                Movement.FIXED,
                "",
                null,
                ShapeLook.of(ShapeForm.RECTANGLE, "#dcebea", "#0b5d66"),
                words(text, width - 40, style));
    }

    static Item video(String said, DemoFiles files, double x, double y) {
        return new Video(
                id(), Frame.of(x, y, 840, 560), said, null, files.video(), null, files.captions(), false, false);
    }

    static Item hidden(String code, String said, double x, double y, double size) {
        return new Picture(
                id(),
                Frame.of(x, y, size, size),
                Movement.FIXED,
                said,
                Traits.NONE.withHidden(true),
                PictureRef.library(code),
                CREDIT,
                null,
                null);
    }

    static Item speaking(String code, String said, FileRef recording, String text, double x) {
        return new Picture(
                id(),
                Frame.of(x, 330, 280, 280),
                Movement.FIXED,
                said,
                Traits.NONE.withSpeech(new Speech(recording, text, false)),
                PictureRef.library(code),
                CREDIT,
                null,
                null);
    }

    static Item table(double x, double y) {
        List<Double> columns = List.of(190.0, 380.0);
        List<Double> rows = List.of(70.0, 110.0, 110.0, 110.0);
        return new Table(
                id(),
                Frame.of(x, y, 570, 400),
                Movement.FIXED,
                "What can be seen this week",
                null,
                columns,
                rows,
                List.of(
                        List.of(said("When", 190), said("What", 380)),
                        List.of(picture("1F306"), cell("Venus, low in the west", 380)),
                        List.of(picture("1F303"), cell("Jupiter and its four moons", 380)),
                        List.of(picture("1F305"), cell("The thin old moon", 380))),
                "#55656b");
    }

    private static TableCell said(String text, double width) {
        return new TableCell(words(text, width, HEAD), null, null, "#dcebea", null);
    }

    private static TableCell cell(String text, double width) {
        return new TableCell(words(text, width, SMALL), null, null, null, null);
    }

    private static TableCell picture(String code) {
        return new TableCell(null, PictureRef.library(code), CREDIT, null, null);
    }

    /** A stick, its shadow and the ray between their ends; its corners are pulled in front of a class. */
    static Item shadowTriangle(double x, double y) {
        return new Shape(
                id(),
                Frame.of(x, y, 220, 280),
                Movement.FIXED,
                "Triangle of a stick and its shadow",
                Traits.NONE.withReshapable(true),
                ShapeLook.of(ShapeForm.TRIANGLE, "#fbefd8", "#8a5a00"),
                null);
    }

    static Item bubble(String text, double x, double y) {
        return new Shape(
                id(),
                Frame.of(x, y, 260, 190),
                Movement.FIXED,
                "",
                null,
                ShapeLook.of(ShapeForm.SPEECH, "#fbefd8", "#8a5a00"),
                words(text, 260, SMALL));
    }

    static Item supply(String code, String said, double x, double y) {
        return new Picture(
                id(),
                Frame.of(x, y, 96, 96),
                Movement.FREE,
                said,
                Traits.NONE.withSupply(new Supply(8)),
                PictureRef.library(code),
                CREDIT,
                null,
                null);
    }

    static Item rocket(double x, double y) {
        Movement rail = new Movement.Rail(new Point(0, 0), new Point(0, -190), List.of());
        return new Picture(id(), Frame.of(x, y, 130, 130), rail, "Rocket", PictureRef.library("1F680"), CREDIT);
    }

    /** A ray from the left foot of a box to where it is seen at so many degrees above the ground. */
    static Item ray(double x, double y, double length, int degrees, String said) {
        double across = length * Math.cos(Math.toRadians(degrees));
        double up = length * Math.sin(Math.toRadians(degrees));
        LineLook look = new LineLook(
                List.of(new Point(0, 1), new Point(1, 0)),
                false,
                "#a8432b",
                5,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.ARROW,
                null,
                null);
        return new Line(id(), Frame.of(x, y - up, across, up), Movement.FIXED, said, null, look);
    }

    static Item ground(double x, double y, double length) {
        LineLook look = new LineLook(
                List.of(new Point(0, 0.5), new Point(1, 0.5)),
                false,
                "#1c2b33",
                6,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.PLAIN,
                null,
                null);
        return new Line(id(), Frame.of(x, y - 4, length, 8), Movement.FIXED, "The ground", null, look);
    }

    static Item arrow(double x, double y) {
        LineLook look = new LineLook(
                List.of(new Point(0, 1), new Point(0.4, 0.2), new Point(1, 0)),
                true,
                "#a8432b",
                6,
                Dash.DASHED,
                LineEnd.ARROW,
                LineEnd.PLAIN,
                null,
                null);
        return new Line(id(), Frame.of(x, y, 130, 130), Movement.FIXED, "", null, look);
    }

    static Item card(String code, String said, String back, double x, double y) {
        WordStyle small = new WordStyle(26, false, "#1f2d33", Align.CENTRE);
        OtherSide side = new OtherSide("#efe4ef", words(back, 180, small), null, true);
        return new Picture(
                id(),
                Frame.of(x, y, 180, 180),
                Movement.FREE,
                said,
                Traits.NONE.withOtherSide(side),
                PictureRef.library(code),
                CREDIT,
                null,
                null);
    }

    static Item note(double x, double y) {
        WordStyle own = new WordStyle(28, false, "#1f2d33", Align.LEFT);
        return new Note(
                id(),
                Frame.of(x, y, 220, 220),
                Movement.FREE,
                "Note: what I liked",
                null,
                "#dcebea",
                words("I liked", 192, own),
                null,
                true);
    }

    static Item cover(double x, double y) {
        return new Cover(
                id(),
                Frame.of(x, y, 400, 200),
                "Cover over the answer",
                null,
                "#0b5d66",
                Cover.Direction.LEFT,
                "Slide me");
    }
}
