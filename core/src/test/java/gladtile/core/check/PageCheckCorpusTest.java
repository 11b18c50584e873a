package gladtile.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.check.Finding.Kind;
import gladtile.core.measure.WordFit;
import gladtile.core.page.FileRef;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Supply;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.Video;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.typed.TypedRule;
import gladtile.core.typed.TypedRule.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Good pages of many sizes and shapes, of which nothing is found, and the same pages with one fault each, of which just that
 * is found. A fault is a line of the table; each is tried on several pages.
 *
 * <p>Long because it builds a corpus with every kind of mistake, and the generators of one page stand together.
 */
class PageCheckCorpusTest {
    /** What one fault does to a good page, and as what it is found. */
    record Fault(String name, Kind kind, UnaryOperator<Draft> made) {
        @Override
        public String toString() {
            return name;
        }
    }

    /** A page while it is spoilt. */
    record Draft(Random random, List<Item> items, AnswerKey key, PageLinks ways) {
        Draft with(Item more) {
            List<Item> all = new ArrayList<>(items);
            all.add(more);
            return new Draft(random, all, key, ways);
        }

        Draft changed(String id, UnaryOperator<Item> change) {
            return new Draft(
                    random,
                    items.stream()
                            .map(item -> item.id().equals(id) ? change.apply(item) : item)
                            .toList(),
                    key,
                    ways);
        }

        Draft key(UnaryOperator<AnswerKey> change) {
            return new Draft(random, items, change.apply(key), ways);
        }

        Draft ways(PageLinks now) {
            return new Draft(random, items, key, now);
        }

        Item item(String id) {
            return items.stream()
                    .filter(item -> item.id().equals(id))
                    .findFirst()
                    .orElseThrow();
        }

        Activity activity() {
            Page page = new Page("p", "Sky", Paper.PLAIN, items).withLinks(ways);
            Item home = words("home", "Home", 80, 80).withTraits(Traits.NONE.withLink(new Link.Start()));
            return new Activity("Sky", List.of(page, new Page("end", "End", Paper.PLAIN, List.of(home))), key);
        }
    }

    private static final String LONG = "The brightest star of the sky in winter is Sirius, in the Great Dog";
    private static final WordStyle LARGE = new WordStyle(40, false, "#1f2d33", WordStyle.Align.LEFT);
    private static final List<Notation> ALL = List.of(Notation.values());

    private static Words words(String id, String text, double x, double y) {
        WordFit fit = WordFit.free(text, LARGE);
        return new Words(id, Frame.of(x, y, fit.width(), fit.height()), Movement.FIXED, "", fit.content());
    }

    private static Picture piece(int n, double x, double y, double side) {
        return new Picture(
                "piece" + n,
                Frame.of(x, y, side, side),
                Movement.FREE,
                "Thing " + n,
                PictureRef.library("1F%03X".formatted(0x300 + n)),
                "OpenMoji");
    }

    private static Gap gap(String id, double x, double width) {
        return new Gap(id, Frame.of(x, 890, width, 70), "Answer " + id, null, LARGE);
    }

    /** Two to four zones in a row, one to three pieces for each below them, decided throughout. */
    static Draft good(long seed) {
        Random random = new Random(seed);
        int zones = 2 + random.nextInt(3);
        int each = 1 + random.nextInt(3);
        double width = (1440 - 30 * (zones - 1)) / (double) zones;
        double side = 70 + random.nextInt(30);
        List<Item> items = new ArrayList<>();
        items.add(words("title", "Where does each belong?", 80, 40));
        AnswerKey key = AnswerKey.EMPTY;
        for (int z = 0; z < zones; z++) {
            items.add(new Zone("zone" + z, Frame.of(80 + z * (width + 30), 160, width, 420), "", "Group " + z));
        }
        int pieces = zones * each;
        for (int n = 0; n < pieces; n++) {
            items.add(piece(n, 90 + n * (1400.0 / pieces), 640 + random.nextInt(40), side));
            for (int z = 0; z < zones; z++) {
                key = key.with("zone" + z, "piece" + n, n % zones == z ? Decision.BELONGS : Decision.DOES_NOT_BELONG);
            }
        }
        return new Draft(random, items, key, PageLinks.USUAL);
    }

    private static Fault fault(String name, Kind kind, UnaryOperator<Draft> made) {
        return new Fault(name, kind, made);
    }

    private static UnaryOperator<Draft> typed(double width, TypedRule rule) {
        return draft -> draft.with(gap("g", 80, width)).key(key -> key.with("g", TypedKey.of(rule)));
    }

    private static UnaryOperator<Draft> rule(ZoneRequirements wants) {
        return draft -> draft.key(key -> key.with("zone0", ZoneRule.USUAL.withWants(wants)));
    }

    private static Item movedTo(Item item, double x, double y) {
        return item.withFrame(item.frame().at(x, y));
    }

    private static TypedRule text(String... answers) {
        return new TypedRule.TextRule(List.of(answers), List.of());
    }

    private static TypedRule number(double value, double tolerance) {
        return new TypedRule.NumberRule(value, tolerance, false, ALL, null, false);
    }

    static final List<Fault> FAULTS = List.of(
            fault(
                    "a zone under a note",
                    Kind.HIDDEN,
                    d -> d.with(note(d.item("zone0").frame()))),
            fault(
                    "a zone under a filled shape",
                    Kind.HIDDEN,
                    d -> d.with(box(d.item("zone1").frame()))),
            fault(
                    "a piece under a filled shape",
                    Kind.HIDDEN,
                    d -> d.with(box(around(d.item("piece0").frame())))),
            fault(
                    "a gap under a note",
                    Kind.HIDDEN,
                    d -> typed(300, text("Io")).apply(d).with(note(around(Frame.of(80, 890, 300, 70))))),
            fault(
                    "begins hidden, piece",
                    Kind.NEVER_SHOWN,
                    d -> d.changed("piece0", item -> item.withTraits(Traits.NONE.withHidden(true)))),
            fault(
                    "begins hidden, words",
                    Kind.NEVER_SHOWN,
                    d -> d.changed("title", item -> item.withTraits(Traits.NONE.withHidden(true)))),
            fault(
                    "a piece half off the right",
                    Kind.OFF_PAGE,
                    d -> d.changed(
                            "piece0", item -> movedTo(item, 1600 - item.frame().width() / 2 - 1, 620))),
            fault(
                    "a piece half off the left",
                    Kind.OFF_PAGE,
                    d -> d.changed("piece0", item -> movedTo(item, -item.frame().width() / 2 + 1, 620))),
            fault(
                    "a piece half off the bottom",
                    Kind.OFF_PAGE,
                    d -> d.changed(
                            "piece0",
                            item -> movedTo(item, 90, 1000 - item.frame().height() / 2 - 1))),
            fault("a piece beside the page", Kind.OFF_PAGE, d -> d.changed("piece0", item -> movedTo(item, 1700, 620))),
            fault(
                    "waits where nothing is to solve, Next",
                    Kind.OPENS_AT_ONCE,
                    d -> bare(d).ways(PageLinks.USUAL.withOpens(new Opens.WhenSolved()))),
            fault(
                    "waits where nothing is to solve, tile",
                    Kind.OPENS_AT_ONCE,
                    d -> bare(d).with(words("tile", "On", 80, 300)
                            .withTraits(
                                    Traits.NONE.withLink(new Link.ToPage("end")).withOpens(new Opens.WhenSolved())))),
            fault(
                    "waits for a page that was deleted",
                    Kind.NEVER_OPENS,
                    d -> d.with(words("tile", "On", 80, 800)
                            .withTraits(Traits.NONE
                                    .withLink(new Link.ToPage("end"))
                                    .withOpens(new Opens.WhenPages(List.of("gone")))))),
            fault(
                    "waits for a page behind itself",
                    Kind.NEVER_OPENS,
                    d -> d.with(words("tile", "On", 80, 800)
                                    .withTraits(Traits.NONE
                                            .withLink(new Link.ToPage("end"))
                                            .withOpens(new Opens.WhenPages(List.of("end")))))
                            .ways(PageLinks.USUAL.withEnds(true))),
            fault("video without captions", Kind.NO_CAPTIONS, d -> d.with(video(false, null))),
            fault("gap too narrow for a word", Kind.GAP_TOO_NARROW, typed(100, text("Mercury and Venus"))),
            fault(
                    "gap too narrow for one of several",
                    Kind.GAP_TOO_NARROW,
                    typed(140, text("Io", "the moon Callisto"))),
            fault(
                    "gap too narrow for mathematics",
                    Kind.GAP_TOO_NARROW,
                    typed(80, new TypedRule.MathsRule("x^2+2x+1"))),
            fault(
                    "gap too narrow for a number with its unit",
                    Kind.GAP_TOO_NARROW,
                    typed(90, new TypedRule.NumberRule(149597870, 0, false, ALL, "km", true))),
            fault(
                    "tolerance that takes the other answer",
                    Kind.TYPED_CONTRADICTS,
                    d -> d.with(gap("g", 80, 200))
                            .with(gap("h", 400, 200))
                            .key(key -> key.with("g", TypedKey.of(number(5, 3))).with("h", TypedKey.of(number(7, 0))))),
            fault(
                    "two tolerances that take each other's",
                    Kind.TYPED_CONTRADICTS,
                    d -> d.with(gap("g", 80, 200))
                            .with(gap("h", 400, 200))
                            .key(key -> key.with("g", TypedKey.of(number(5, 3))).with("h", TypedKey.of(number(6, 3))))),
            fault("fewer places than pieces in order", Kind.HOLDS_TOO_FEW, d -> ordered(d, 1)),
            fault("supply too small for two zones", Kind.HOLDS_TOO_FEW, d -> supplied(d, 3, 2, 2)),
            fault("supply too small for one zone", Kind.HOLDS_TOO_FEW, d -> supplied(d, 3, 4, 0)),
            fault(
                    "same picture, other description",
                    Kind.SAME_LOOK,
                    d -> d.changed(
                            "piece1",
                            item -> new Picture(
                                    "piece1",
                                    item.frame(),
                                    Movement.FREE,
                                    "Thing 1",
                                    ((Picture) d.item("piece0")).picture(),
                                    "OpenMoji"))),
            fault(
                    "a zone narrower than its piece",
                    Kind.DOES_NOT_FIT,
                    d -> d.changed("zone0", zone -> zone.withFrame(Frame.of(80, 160, 50, 420)))),
            fault(
                    "a zone lower than its piece",
                    Kind.DOES_NOT_FIT,
                    d -> d.changed(
                            "zone0",
                            zone -> zone.withFrame(
                                    Frame.of(80, 160, zone.frame().width(), 44)))),
            fault("key divides by zero", Kind.TYPED_CONTRADICTS, typed(400, new TypedRule.MathsRule("1/(x-x)"))),
            fault(
                    "key is the root of less than zero",
                    Kind.TYPED_CONTRADICTS,
                    typed(400, new TypedRule.MathsRule("sqrt(-4)"))),
            fault(
                    "pattern that nothing fits, beginning",
                    Kind.TYPED_CONTRADICTS,
                    typed(400, new TypedRule.PatternRule("a^b"))),
            fault(
                    "pattern that nothing fits, end",
                    Kind.TYPED_CONTRADICTS,
                    typed(400, new TypedRule.PatternRule("a$b"))),
            fault(
                    "two zones of one label",
                    Kind.SAME_NAME,
                    d -> d.changed("zone1", zone -> new Zone("zone1", zone.frame(), "", "Group 0"))),
            fault(
                    "two zones of one description",
                    Kind.SAME_NAME,
                    d -> d.changed("zone0", zone -> new Zone("zone0", zone.frame(), "Bright", ""))
                            .changed("zone1", zone -> new Zone("zone1", zone.frame(), "Bright", ""))),
            fault(
                    "a sentence typed in one go",
                    Kind.WORDS_CUT_OFF,
                    d -> d.changed(
                            "title",
                            item -> movedTo(
                                    words("title", "Which of these stars shine brighter than the Sun itself?", 0, 0),
                                    900,
                                    40))),
            fault(
                    "words over the left edge",
                    Kind.WORDS_CUT_OFF,
                    d -> d.changed("title", item -> movedTo(item, -120, 40))),
            fault(
                    "words in a box that is too low",
                    Kind.WORDS_CUT_OFF,
                    d -> d.changed(
                            "title",
                            item -> item.withFrame(Frame.of(80, 40, item.frame().width(), 20)))),
            fault(
                    "words in a box that is too narrow",
                    Kind.WORDS_CUT_OFF,
                    d -> d.changed(
                            "title",
                            item -> item.withFrame(
                                    Frame.of(80, 40, 150, item.frame().height())))),
            fault("answer of invisible signs", Kind.TYPED_CONTRADICTS, typed(400, text("\u200b\u200c"))),
            fault("answer of an invisible letter", Kind.TYPED_CONTRADICTS, typed(400, text("\u3164"))),
            fault("undecided piece", Kind.UNDECIDED, d -> d.with(piece(90, 90, 760, 80))),
            fault("a gap of which nothing is said", Kind.NOTHING_SAID, d -> d.with(gap("g", 80, 300))),
            fault(
                    "piece starts in a zone",
                    Kind.STARTS_INSIDE,
                    d -> d.changed("piece0", item -> movedTo(item, 200, 300))),
            fault(
                    "leads to a page that is gone",
                    Kind.LEADS_NOWHERE,
                    d -> d.changed("title", item -> item.withTraits(Traits.NONE.withLink(new Link.ToPage("gone"))))),
            fault(
                    "a piece without a description",
                    Kind.NO_DESCRIPTION,
                    d -> d.changed(
                            "piece0",
                            item -> new Picture(
                                    "piece0",
                                    item.frame(),
                                    Movement.FREE,
                                    "",
                                    ((Picture) item).picture(),
                                    "OpenMoji"))),
            fault(
                    "capacity below what belongs",
                    Kind.HOLDS_TOO_FEW,
                    d -> d.key(key -> key.with("zone0", "piece1", Decision.BELONGS)
                            .with("zone0", ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1))))),
            fault("a total that cannot be", Kind.TOTAL_NOT_REACHED, rule(ZoneRequirements.NOTHING.withTotal(7.0))),
            fault(
                    "words over the edge of a shape, too many",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(sign(Frame.of(80, 780, 240, 90), WordFit.within(240, LONG, LARGE)))),
            fault(
                    "words over the edge of a shape, in one line",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(sign(Frame.of(80, 780, 240, 90), WordFit.free(LONG, LARGE)))),
            fault(
                    "words over the edge of a turned shape",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(sign(new Frame(80, 780, 240, 90, 10), WordFit.within(240, LONG, LARGE)))),
            fault(
                    "words over the foot of a note",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(slip(Frame.of(80, 780, 260, 120), WordFit.within(232, LONG, LARGE)))),
            fault(
                    "words over the side of a note",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(slip(Frame.of(80, 780, 260, 120), WordFit.free(LONG, LARGE)))),
            fault(
                    "words over the foot of a cell",
                    Kind.WORDS_CUT_OFF,
                    d -> d.with(table(WordFit.within(200, LONG, LARGE)))),
            fault("words over the side of a cell", Kind.WORDS_CUT_OFF, d -> d.with(table(WordFit.free(LONG, LARGE)))),
            fault(
                    "a piece under a picture",
                    Kind.HIDDEN,
                    d -> d.with(box(around(around(d.item("piece1").frame()))))),
            fault("a piece above the page", Kind.OFF_PAGE, d -> d.changed("piece0", item -> movedTo(item, 90, -300))),
            fault(
                    "a title half under the foot",
                    Kind.WORDS_CUT_OFF,
                    d -> d.changed("title", item -> movedTo(item, 80, 985))),
            fault("gap too narrow for a whole number", Kind.GAP_TOO_NARROW, typed(70, number(123_456_789, 0))),
            fault(
                    "gap too narrow for its longest word",
                    Kind.GAP_TOO_NARROW,
                    typed(160, text("Betelgeuse and Bellatrix", "Io"))),
            fault("root of a negative number in a sum", Kind.TYPED_CONTRADICTS, typed(400, maths("x+sqrt(-9)"))),
            fault("key divides by a difference of alike", Kind.TYPED_CONTRADICTS, typed(400, maths("3/(2x-2x)"))),
            fault("pattern with an end before more", Kind.TYPED_CONTRADICTS, typed(400, pattern("moon$s"))),
            fault("pattern with a beginning after some", Kind.TYPED_CONTRADICTS, typed(400, pattern("(a|b)^c"))),
            fault("answer of signs that join", Kind.TYPED_CONTRADICTS, typed(400, text("\u200d\u2060"))),
            fault(
                    "two undecided pieces",
                    Kind.UNDECIDED,
                    d -> d.with(piece(90, 90, 760, 80)).with(piece(91, 300, 760, 80))),
            fault(
                    "two gaps, one without an answer",
                    Kind.NOTHING_SAID,
                    d -> typed(300, text("Io")).apply(d).with(gap("h", 500, 300))));

    private static TypedRule maths(String key) {
        return new TypedRule.MathsRule(key);
    }

    private static TypedRule pattern(String pattern) {
        return new TypedRule.PatternRule(pattern);
    }

    private static Item sign(Frame frame, WordFit words) {
        ShapeLook look = new ShapeLook(ShapeForm.RECTANGLE, 4, "#ffffff", null, 4, gladtile.core.page.Dash.SOLID);
        return new Shape("sign", frame, Movement.FIXED, "A sign", null, look, words.content());
    }

    private static Item slip(Frame frame, WordFit words) {
        return new Note("slip", frame, Movement.FIXED, "A slip", null, "#fbefd8", words.content(), null, false);
    }

    private static Item table(WordFit words) {
        TableCell said = new TableCell(words.content(), null, null, null, null);
        return new Table(
                "table",
                Frame.of(80, 780, 400, 200),
                Movement.FIXED,
                "A table",
                null,
                List.of(200.0, 200.0),
                List.of(100.0, 100.0),
                List.of(List.of(said, TableCell.EMPTY), List.of(TableCell.EMPTY, TableCell.EMPTY)),
                "#1f2d33");
    }

    /** Without zones and pieces. */
    private static Draft bare(Draft draft) {
        return new Draft(draft.random, List.of(draft.item("title")), AnswerKey.EMPTY, draft.ways);
    }

    private static Draft ordered(Draft draft, int capacity) {
        Draft two = draft.key(key -> key.with("zone0", "piece1", Decision.BELONGS));
        Map<String, Integer> places = new java.util.TreeMap<>();
        for (Item item : two.items) {
            if (item.isPiece() && two.key.said("zone0", item.id()) == Decision.BELONGS) {
                places.put(item.id(), places.size() + 1);
            }
        }
        return rule(ZoneRequirements.NOTHING
                        .withSequence(new Sequence(null, places))
                        .withCapacity(capacity))
                .apply(two);
    }

    private static Draft supplied(Draft draft, int copies, int first, int second) {
        Draft with = draft.changed("piece0", item -> item.withTraits(Traits.NONE.withSupply(new Supply(copies))))
                .key(key -> key.with(
                        "zone0",
                        ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCounts(Map.of("piece0", first)))));
        return second == 0
                ? with
                : with.key(key -> key.with("zone1", "piece0", Decision.BELONGS)
                        .with(
                                "zone1",
                                ZoneRule.USUAL.withWants(
                                        ZoneRequirements.NOTHING.withCounts(Map.of("piece0", second)))));
    }

    private static Frame around(Frame frame) {
        return Frame.of(frame.x() - 8, frame.y() - 8, frame.width() + 16, frame.height() + 16);
    }

    private static Item note(Frame frame) {
        return new Note(
                "cover",
                frame,
                Movement.FIXED,
                "A note",
                null,
                "#fbefd8",
                WordFit.within(200, "Look up", LARGE).content(),
                null,
                false);
    }

    private static Item box(Frame frame) {
        ShapeLook look = new ShapeLook(ShapeForm.RECTANGLE, 4, "#ffffff", null, 4, gladtile.core.page.Dash.SOLID);
        return new Shape("cover", frame, Movement.FIXED, "A box", null, look, null);
    }

    private static Item video(boolean muted, FileRef captions) {
        return new Video(
                "film",
                Frame.of(1200, 800, 320, 180),
                "The dome opens",
                null,
                new FileRef("b".repeat(64), "Dome", "video/mp4"),
                null,
                captions,
                false,
                muted);
    }

    private static List<Finding> found(Draft draft) {
        return PageCheck.activity(draft.activity(), Pictures.UNKNOWN, Some.WORDING);
    }

    static Stream<Fault> faults() {
        return FAULTS.stream();
    }

    @ParameterizedTest
    @MethodSource("faults")
    void each_fault_is_found_on_every_page_that_has_it(Fault fault) {
        for (long seed = 1; seed <= 6; seed++) {
            Draft spoilt = fault.made.apply(good(seed));
            assertThat(found(spoilt))
                    .as("%s on page %d", fault, seed)
                    .extracting(Finding::kind)
                    .contains(fault.kind);
        }
    }

    /** And its mends take it away. */
    @ParameterizedTest
    @MethodSource("faults")
    void each_mend_takes_its_fault_away(Fault fault) {
        Draft spoilt = fault.made.apply(good(3));
        for (Finding finding : found(spoilt)) {
            if (finding.kind() != fault.kind) {
                continue;
            }
            for (Mend mend : finding.mends()) {
                Activity mended =
                        ((gladtile.core.edit.EditResult.Applied) mend.edit().apply(spoilt.activity())).activity();
                assertThat(PageCheck.activity(mended, Pictures.UNKNOWN, Some.WORDING))
                        .as("%s: %s", fault, mend.label())
                        .extracting(Finding::name)
                        .doesNotContain(finding.name());
            }
        }
    }

    @Test
    void the_corpus_has_sixty_faults_and_more_each_of_its_own_name() {
        assertThat(FAULTS.stream().map(Fault::name).distinct()).hasSizeGreaterThanOrEqualTo(60);
    }

    static Stream<Integer> seeds() {
        return IntStream.rangeClosed(1, 60).boxed();
    }

    /** Good pages, with whatever may lie on them that looks like a fault and is none. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothing_is_found_of_a_good_page(int seed) {
        Draft page = good(seed);
        page = switch (seed % 10) {
            case 1 -> typed(420, text("the Milky Way", "our galaxy")).apply(page);
            case 2 -> page.with(video(true, null));
            case 3 -> page.with(video(false, new FileRef("c".repeat(64), "Words", "text/vtt")));
            case 4 -> typed(300, new TypedRule.MathsRule("1/(x-1)")).apply(page);
            case 5 -> typed(300, new TypedRule.PatternRule("^M(oon|ars)$")).apply(page);
            case 6 ->
                page.with(gap("g", 80, 200))
                        .with(gap("h", 400, 200))
                        .key(key -> key.with("g", TypedKey.of(number(5, 0.5))).with("h", TypedKey.of(number(7, 0.5))));
            case 7 -> ordered(page, 10);
            case 8 -> supplied(page, 4, 2, 2);
            case 9 ->
                page.with(words("extra", "Look again", 700, 860).withTraits(Traits.NONE.withHidden(true)))
                        .changed(
                                "title",
                                item -> item.withTraits(Traits.NONE.withLink(new Link.Spots(List.of("extra")))));
            default -> page;
        };
        assertThat(found(page)).as("page %d", seed).isEmpty();
    }
}
