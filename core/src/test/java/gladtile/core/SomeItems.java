package gladtile.core;

import gladtile.core.activity.Passage;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Area;
import gladtile.core.page.Cover;
import gladtile.core.page.Crop;
import gladtile.core.page.Dash;
import gladtile.core.page.FileRef;
import gladtile.core.page.Gap;
import gladtile.core.page.Ink;
import gladtile.core.page.InkContent;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Link;
import gladtile.core.page.Look;
import gladtile.core.page.MapSpot;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.Opens;
import gladtile.core.page.OtherSide;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paragraph;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Span;
import gladtile.core.page.Speech;
import gladtile.core.page.Stroke;
import gladtile.core.page.Supply;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.Video;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Items of every kind, from a seeded source. */
public final class SomeItems {
    private SomeItems() {}

    private static Zone zone(Random random, String id) {
        Zone zone = new Zone(id, Some.frame(random), "", Some.said(random));
        ZoneShape shape = random.nextBoolean()
                ? ZoneShape.ROUND
                : new ZoneShape(ZoneShape.Kind.POLYGON, List.of(new Point(0, 0), new Point(1, 0.2), new Point(0.4, 1)));
        return random.nextBoolean() ? zone : withScales(zone.withShape(shape).withLook(look(random)), random);
    }

    private static Zone withScales(Zone zone, Random random) {
        ZoneScale along = scale(random);
        return along == null ? zone : zone.withScale(along).withUp(scale(random));
    }

    private static ZoneScale scale(Random random) {
        return random.nextBoolean()
                ? null
                : new ZoneScale(
                        -2,
                        3 + random.nextInt(3),
                        0.25,
                        4,
                        random.nextBoolean(),
                        random.nextBoolean() ? ZoneScale.Reads.FRACTION : null);
    }

    static ZoneLook look(Random random) {
        return new ZoneLook(
                ZoneLook.Kind.values()[random.nextInt(5)],
                random.nextBoolean() ? "#0b5d66" : null,
                random.nextBoolean() ? "#ffffff" : null,
                ZoneLook.LabelPlace.values()[random.nextInt(5)],
                random.nextInt(3) == 0 ? PictureRef.library("1F319") : null,
                random.nextBoolean() ? "OpenMoji" : null);
    }

    static Item bare(Random random, String id) {
        return switch (random.nextInt(15)) {
            case 0 -> new Words(id, Some.frame(random), Movement.FIXED, "", rich(Some.said(random)));
            case 1, 2 -> zone(random, id);
            case 3 -> shape(random, id);
            case 4 -> line(random, id);
            case 5 -> new Ink(id, Some.frame(random), movement(random), "", null, ink(random));
            case 6 -> note(random, id);
            case 7 -> table(random, id);
            case 8 ->
                new Cover(
                        id,
                        Some.frame(random),
                        "",
                        null,
                        "#0b5d66",
                        Cover.Direction.values()[random.nextInt(4)],
                        "Slide");
            case 10 -> new Gap(id, Some.frame(random), Some.said(random), null, WordStyle.PLAIN);
            case 9 -> new Lens(id, Some.frame(random), movement(random), "", null, "#68406b");
            case 11 -> new Area(id, Some.frame(random), Some.said(random), null, corners());
            case 12 ->
                new Video(id, Some.frame(random), "", null, file("video/mp4"), null, null, random.nextBoolean(), true);
            default -> picture(random, id);
        };
    }

    /** The first letter of the text is large, red and above the line. */
    public static WordContent rich(String text) {
        WordContent plain = WordFit.free(text, WordStyle.PLAIN).content();
        if (text.length() < 3 || text.contains("\n")) {
            return plain;
        }
        Look look = new Look(60.0, true, null, true, "#aa2200", null, Look.Script.SUPER);
        List<Paragraph> set = List.of(new Paragraph(WordStyle.Align.RIGHT, Paragraph.ListKind.BULLET));
        return new WordContent(text, WordStyle.PLAIN, false, plain.lines(), List.of(new Span(0, 1, look)), set);
    }

    private static List<Point> corners() {
        return List.of(new Point(0, 0), new Point(1, 0.5), new Point(0, 1));
    }

    /** A file that stands nowhere. */
    public static FileRef file(String mediaType) {
        return new FileRef("ab".repeat(32), "dome", mediaType);
    }

    private static Picture picture(Random random, String id) {
        List<Point> outline = corners();
        Crop crop = random.nextInt(4) == 0 ? new Crop(0.1, 0.2, 0.5, 0.6, outline) : null;
        return new Picture(
                id,
                Some.frame(random),
                movement(random),
                id,
                null,
                PictureRef.library("1F319"),
                "OpenMoji",
                crop,
                random.nextBoolean());
    }

    private static Shape shape(Random random, String id) {
        ShapeForm form = ShapeForm.values()[random.nextInt(ShapeForm.values().length)];
        String fill = random.nextBoolean() ? "#fbefd8" : null;
        ShapeLook look = new ShapeLook(form, 3 + random.nextInt(18), fill, "#07444b", 4, Dash.DASHED);
        WordContent words = random.nextBoolean() ? rich("Moon") : null;
        return new Shape(id, Some.frame(random), movement(random), "", null, look, words);
    }

    private static Line line(Random random, String id) {
        LineLook look = new LineLook(
                List.of(new Point(0, 0.5), new Point(1, random.nextInt(3) / 2.0)),
                random.nextBoolean(),
                "#1f2d33",
                4,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.ARROW,
                random.nextBoolean() ? "p0i0" : null,
                null);
        return new Line(id, Some.frame(random), Movement.FIXED, "", null, look);
    }

    public static InkContent ink(Random random) {
        List<Integer> points = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            points.add(random.nextInt(1_000));
            points.add(random.nextInt(1_000));
            points.add(random.nextInt(256));
        }
        Stroke.Tool tool = Stroke.Tool.values()[random.nextInt(2)];
        return new InkContent(100, 100, List.of(new Stroke(tool, "#a8432b", 6, Dash.SOLID, points)));
    }

    private static Note note(Random random, String id) {
        WordContent words =
                WordFit.within(200, Some.said(random), WordStyle.PLAIN).content();
        InkContent ink = random.nextBoolean() ? ink(random) : null;
        return new Note(id, Some.frame(random), movement(random), "", null, "#fbefd8", words, ink, true);
    }

    /** Two rows, two columns; the last cell is a drop zone, mostly. */
    public static Table table(Random random, String id) {
        TableCell words = new TableCell(rich("Day"), null, null, "#dcebea", null);
        TableCell picture = new TableCell(null, PictureRef.library("2600"), "OpenMoji", null, null);
        TableCell last = random.nextInt(3) > 0 ? new TableCell(null, null, null, null, id + "z") : TableCell.EMPTY;
        return new Table(
                id,
                Some.frame(random),
                Movement.FIXED,
                "",
                null,
                List.of(100.0, 50.0 + random.nextInt(50)),
                List.of(40.0, 60.0),
                List.of(List.of(words, picture), List.of(TableCell.EMPTY, last)),
                "#55656b");
    }

    public static Movement movement(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Movement.Rail(new Point(-50, 0), new Point(300, 20), List.of(0.0, 0.5, 1.0));
            case 1 -> new Movement.Turns(random.nextInt(3) * 15);
            case 2, 3 -> Movement.FIXED;
            default -> Movement.FREE;
        };
    }

    public static Traits traits(Random random) {
        WordContent back = WordFit.free("Back", WordStyle.PLAIN).content();
        OtherSide side = new OtherSide("#ffffff", back, null, random.nextBoolean());
        return new Traits(
                random.nextInt(90),
                random.nextInt(3) == 0 ? List.of("g" + random.nextInt(2)) : List.of(),
                random.nextInt(3) == 0 ? new Supply(random.nextBoolean() ? null : 3) : null,
                random.nextBoolean() ? side : null,
                random.nextInt(3) == 0 ? link(random) : null,
                random.nextInt(3) == 0 ? opens(random) : null,
                random.nextBoolean(),
                random.nextInt(3) == 0,
                random.nextInt(3) == 0 ? new Speech(null, "The dome opens", random.nextBoolean()) : null,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0);
    }

    public static Opens opens(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Opens.WhenSolved();
            case 2 -> new Opens.WhenPages(List.of("p" + random.nextInt(3), "gone"));
            case 1 -> new Opens.WhenParts(List.of("p0i" + random.nextInt(3)));
            default -> new Opens.WhenPoints(1 + random.nextInt(5));
        };
    }

    public static PageLinks pageLinks(Random random) {
        return new PageLinks(
                random.nextBoolean() ? opens(random) : null,
                random.nextInt(3) == 0 ? "p" + random.nextInt(4) : null,
                random.nextInt(3) == 0 ? "p" + random.nextInt(4) : null,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0,
                random.nextBoolean() ? new MapSpot(random.nextInt(900), random.nextInt(900)) : null);
    }

    public static Passage passage(Random random) {
        String start = random.nextBoolean() ? "p" + random.nextInt(4) : null;
        return new Passage(random.nextBoolean(), random.nextBoolean(), start);
    }

    public static Link link(Random random) {
        return switch (random.nextInt(7)) {
            case 0 -> new Link.ToPage("p" + random.nextInt(4));
            case 1 -> new Link.Next();
            case 2 -> new Link.Back();
            case 3 -> new Link.Start();
            case 4 -> new Link.ToFile(file("application/pdf"));
            case 5 -> new Link.Spots(List.of("p0i0"));
            default -> new Link.Web("https://example.org/" + random.nextInt(9));
        };
    }
}
