package gladtile.server.demo;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetFacts;
import gladtile.core.edit.SetRule;
import gladtile.core.edit.SetTyped;
import gladtile.core.measure.WordFit;
import gladtile.core.page.CommonProperties;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Speech;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordStyle.Align;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import gladtile.core.part.ReadyParts;
import gladtile.core.typed.TypedRule;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.UuidV7;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Builds one page of the demo, with its answers.
 *
 * <p>Long because it has a short method for each kind of thing that a demo page may hold.
 */
final class DemoPage {
    private static final String CREDIT = "OpenMoji, CC BY-SA 4.0";
    private static final WordStyle TITLE = new WordStyle(64, true, "#1c3550", Align.CENTRE);
    private static final WordStyle TASK = new WordStyle(38, false, "#1f2d33", Align.CENTRE);
    private static final WordStyle ON_TILE = new WordStyle(34, true, "#1f2d33", Align.CENTRE);

    private final String id = UuidV7.make().toString();
    private final String name;
    private final Paper paper;
    private final List<Item> items = new ArrayList<>();
    private final Map<String, String> zones = new LinkedHashMap<>();
    private final List<String[]> belongs = new ArrayList<>();
    private final List<String> pieces = new ArrayList<>();
    private final Map<String, String> wordPieces = new LinkedHashMap<>();
    private final List<Edit> answers = new ArrayList<>();
    private PageLinks ways;

    DemoPage(String name, Paper paper) {
        this.name = name;
        this.paper = paper;
    }

    DemoPage title(String title, String task) {
        centred(title, TITLE, 50);
        centred(task, TASK, 148);
        return this;
    }

    DemoPage text(String text, double y) {
        centred(text, TASK, y);
        return this;
    }

    private void centred(String text, WordStyle style, double y) {
        WordFit fit = WordFit.within(1300, text, style);
        items.add(new Words(
                UuidV7.make().toString(),
                Frame.of(150, y, fit.width(), fit.height()),
                Movement.FIXED,
                "",
                fit.content()));
    }

    /** Zones side by side, all of one height. */
    DemoPage zones(double y, double height, String... labels) {
        double gap = 40;
        double width = (1360 - gap * (labels.length - 1)) / labels.length;
        for (int i = 0; i < labels.length; i++) {
            zone(labels[i], 120 + i * (width + gap), y, width, height);
        }
        return this;
    }

    DemoPage zone(String label, double x, double y, double width, double height) {
        String zone = UuidV7.make().toString();
        items.add(new Zone(zone, Frame.of(x, y, width, height), "", label));
        zones.put(label, zone);
        return this;
    }

    /** Two round zones of glass that cross; what belongs in both goes where they do. */
    DemoPage crossing(String left, String leftColour, String right, String rightColour) {
        glass(left, 400, leftColour);
        glass(right, 700, rightColour);
        return this;
    }

    private void glass(String label, double x, String colour) {
        zone(label, x, 260, 500, 500);
        Zone box = (Zone) items.remove(items.size() - 1);
        items.add(box.withShape(ZoneShape.ROUND).withLook(new ZoneLook(ZoneLook.Kind.GLASS, colour, null, null)));
        answers.add(new SetRule(
                id, zones.get(label), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK).withCrossing(true)));
    }

    /** A number line, and words with the value that each of them has on it. */
    DemoPage line(String label, ZoneScale scale, double tolerance, Map<String, Double> values) {
        zone(label, 80, 300, 1440, 380);
        Zone box = (Zone) items.remove(items.size() - 1);
        items.add(box.withScale(scale));
        answers.add(new SetRule(
                id, box.id(), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK).withTolerance(tolerance)));
        words(
                820,
                values.keySet().stream().map(word -> new String[] {word, label}).toArray(String[][]::new));
        values.forEach(
                (word, value) -> answers.add(new SetFacts(id, wordPieces.get(word), PieceFacts.NONE.withValue(value))));
        return this;
    }

    /** A pair of axes, and words with the place of each on them. */
    DemoPage axes(String label, ZoneScale across, ZoneScale up, Map<String, Point> places) {
        zone(label, 400, 230, 800, 560);
        Zone box = (Zone) items.remove(items.size() - 1);
        ZoneLook unnamed = new ZoneLook(ZoneLook.Kind.TRAY, null, null, ZoneLook.LabelPlace.NONE);
        items.add(box.withLook(unnamed).withScale(across).withUp(up));
        answers.add(new SetRule(id, box.id(), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK).withSide(true)));
        words(
                812,
                places.keySet().stream().map(word -> new String[] {word, label}).toArray(String[][]::new));
        places.forEach((word, at) ->
                answers.add(new SetFacts(id, wordPieces.get(word), PieceFacts.NONE.withValues(at.x(), at.y()))));
        return this;
    }

    /** The clock from the shelf, whose hands are right at a turn each. @param turns of the hour hand and the minute hand */
    DemoPage clock(double down, double... turns) {
        Activity clock =
                new ReadyParts(new MessageRenderer()).of("clock").orElseThrow().contents();
        int hand = 0;
        for (Item item : clock.pages().get(0).items()) {
            CommonProperties was = item.common();
            Frame frame = was.frame();
            Item placed = item.with(new CommonProperties(
                    UuidV7.make().toString(),
                    new Frame(frame.x(), frame.y() + down, frame.width(), frame.height(), frame.turn()),
                    was.movement(),
                    was.description(),
                    was.traits()));
            items.add(placed);
            if (placed instanceof Zone zone) {
                zones.put(zone.label(), zone.id());
                answers.add(new SetRule(id, zone.id(), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK)));
            } else if (placed.isPiece()) {
                belong(placed.id(), "Clock");
                answers.add(new SetFacts(id, placed.id(), PieceFacts.NONE.withTurn(turns[hand++], null)));
            }
        }
        return this;
    }

    /** A place on a picture that nothing shows but the picture; the label that is put there stays where it is put. */
    DemoPage hidden(String label, Frame frame, ZoneShape shape) {
        zone("", frame.x(), frame.y(), frame.width(), frame.height());
        Zone box = (Zone) items.remove(items.size() - 1);
        ZoneLook look = new ZoneLook(ZoneLook.Kind.HIDDEN, null, null, null);
        items.add(((Zone) box.withFrame(frame).withDescription(label))
                .withShape(shape)
                .withLook(look));
        zones.remove("");
        zones.put(label, box.id());
        answers.add(new SetRule(id, box.id(), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK)));
        return this;
    }

    /** A thing on a rail that carries a zone below it, and what was put in there, from one end to the other. */
    DemoPage carrying(String code, String said, Frame frame, Point to, String label, Frame hold) {
        Traits together = Traits.NONE.withGroups(List.of("carried"));
        Movement rail = new Movement.Rail(new Point(0, 0), to, List.of());
        picture(code, said, frame, rail);
        Picture thing = (Picture) items.remove(items.size() - 1);
        items.add(new Picture(thing.id(), frame, rail, said, together, thing.picture(), CREDIT, null, null, true));
        zone(label, hold.x(), hold.y(), hold.width(), hold.height());
        Zone box = (Zone) items.remove(items.size() - 1);
        items.add(box.withCarried(true).withTraits(together));
        return this;
    }

    DemoPage fixed(String code, String said, double x, double y, double size) {
        picture(code, said, Frame.of(x, y, size, size), Movement.FIXED);
        return this;
    }

    /** What was put there last leads somewhere. */
    DemoPage leads(Link link) {
        Item last = items.remove(items.size() - 1);
        items.add(last.withTraits(last.traitsOrNone().withLink(link)));
        return this;
    }

    /** Every piece says its name when the sign on it is tapped. */
    DemoPage says() {
        items.replaceAll(item -> item.isPiece()
                ? item.withTraits(item.traitsOrNone().withSpeech(new Speech(null, item.ownName(), false)))
                : item);
        return this;
    }

    DemoPage ways(PageLinks where) {
        ways = where;
        return this;
    }

    /** A row of pieces: each a picture code, what it shows, and the label of the zone it belongs in. */
    DemoPage pictures(double y, String[]... row) {
        return pictures(y, 150, row);
    }

    /** @param size of each, both ways */
    DemoPage pictures(double y, double size, String[]... row) {
        double gap = (1360 - size * row.length) / Math.max(1, row.length - 1);
        for (int i = 0; i < row.length; i++) {
            double step = row.length == 1 ? 605 : i * (size + gap);
            String piece =
                    picture(row[i][0], row[i][1], Frame.of(120 + step, y + (i % 2) * 22, size, size), Movement.FREE);
            belong(piece, row[i][2]);
        }
        return this;
    }

    /** A place to type into, with what is right there. */
    DemoPage gap(String said, double x, double y, double width, TypedRule right) {
        String gap = UuidV7.make().toString();
        items.add(new Gap(gap, Frame.of(x, y, width, 84), said, null, TASK));
        answers.add(new SetTyped(id, gap, TypedKey.of(right)));
        return this;
    }

    /** The zone wants these words from left to right, and is judged when the student asks for it. */
    DemoPage inOrder(String label, String... words) {
        Map<String, Integer> places = new LinkedHashMap<>();
        for (int i = 0; i < words.length; i++) {
            places.put(wordPieces.get(words[i]), i + 1);
        }
        ZoneRequirements wants = ZoneRequirements.NOTHING
                .withSequence(new Sequence(null, places))
                .withCapacity(words.length)
                .withAllOf(true);
        answers.add(new SetRule(
                id, zones.get(label), ZoneRule.USUAL.withWants(wants).withTiming(JudgeTiming.ON_CHECK)));
        return this;
    }

    /** A row of word pieces: each the word and the label of the zone it belongs in. */
    DemoPage words(double y, String[]... row) {
        double width = 200;
        double gap = (1360 - width * row.length) / Math.max(1, row.length - 1);
        for (int i = 0; i < row.length; i++) {
            WordFit fit = WordFit.within(width, row[i][0], ON_TILE);
            String piece = UuidV7.make().toString();
            items.add(new Words(
                    piece,
                    Frame.of(120 + i * (width + gap), y + (i % 2) * 22, width, fit.height()),
                    Movement.FREE,
                    "",
                    fit.content()));
            wordPieces.put(row[i][0], piece);
            belong(piece, row[i][1]);
        }
        return this;
    }

    /** Anything else, as it is. */
    DemoPage item(Item item) {
        items.add(item);
        return this;
    }

    /** A piece that is made elsewhere, and the label of the zone it belongs in. */
    DemoPage piece(Item piece, String label) {
        items.add(piece);
        belong(piece.id(), label);
        return this;
    }

    private String picture(String code, String said, Frame frame, Movement movement) {
        String item = UuidV7.make().toString();
        items.add(new Picture(item, frame, movement, said, PictureRef.library(code), CREDIT));
        return item;
    }

    private void belong(String piece, String label) {
        pieces.add(piece);
        belongs.add(new String[] {piece, label});
    }

    String id() {
        return id;
    }

    Map<String, String> zoneIds() {
        return zones;
    }

    List<String> pieceIds() {
        return pieces;
    }

    /** The label of the zone that a piece belongs in. */
    String home(int piece) {
        return belongs.get(piece)[1];
    }

    Frame zoneFrame(String label) {
        return items.stream()
                .filter(item -> item.id().equals(zones.get(label)))
                .findFirst()
                .orElseThrow()
                .frame();
    }

    /** Of a piece that belongs in several, their labels stand with a plus between them. */
    private static boolean isOf(String label, String home) {
        return home != null && List.of(home.split("\\+")).contains(label);
    }

    /** Every cell is decided: a piece belongs where it says and nowhere else, and one that says nothing nowhere. */
    List<Edit> edits(int index) {
        List<Edit> edits = new ArrayList<>();
        edits.add(new AddPage(index, new Page(id, name, paper, items, null, ways)));
        for (String[] cell : belongs) {
            zones.forEach((label, zone) -> edits.add(
                    new Decide(id, zone, cell[0], isOf(label, cell[1]) ? Decision.BELONGS : Decision.DOES_NOT_BELONG)));
        }
        for (Item item : items) {
            if (item.isPiece() && !pieces.contains(item.id())) {
                zones.values().forEach(zone -> edits.add(new Decide(id, zone, item.id(), Decision.DOES_NOT_BELONG)));
            }
        }
        edits.addAll(answers);
        return edits;
    }
}
