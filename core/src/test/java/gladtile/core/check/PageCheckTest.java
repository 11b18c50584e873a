package gladtile.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.Wanted;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.check.Finding.Kind;
import gladtile.core.edit.EditResult.Applied;
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
import gladtile.core.page.Point;
import gladtile.core.page.Traits;
import gladtile.core.page.Video;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.typed.TypedRule;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Each seeded mistake is found, by its own rule; each way to mend it takes it away; a good page has none.
 *
 * <p>Long because it has one case for each rule of the page check.
 */
class PageCheckTest {
    private static final WordStyle LARGE = new WordStyle(40, false, "#1f2d33", WordStyle.Align.LEFT);

    private static Words words(String id, String text, double x, double y, WordStyle style) {
        WordFit fit = WordFit.free(text, style);
        return new Words(id, Frame.of(x, y, fit.width(), fit.height()), Movement.FIXED, "", fit.content());
    }

    private static Picture piece(String id, double x, double y, double side) {
        // Each its own picture.
        String code = "1F%03X".formatted(Math.floorMod(id.hashCode(), 0xfff));
        return new Picture(
                id, Frame.of(x, y, side, side), Movement.FREE, "The " + id, PictureRef.library(code), "OpenMoji");
    }

    private static Wanted good() {
        return Wanted.page(
                        words("title", "What shines by itself?", 80, 40, LARGE),
                        new Zone("y", Frame.of(80, 200, 600, 400), "", "It does"),
                        new Zone("z", Frame.of(800, 200, 600, 400), "", "It does not"),
                        piece("sun", 100, 760, 100),
                        piece("moon", 300, 760, 100))
                .belongs("y", "sun")
                .belongs("z", "moon");
    }

    private static Wanted decided() {
        Wanted page = good();
        return page.key(
                page.key().with("y", "moon", Decision.DOES_NOT_BELONG).with("z", "sun", Decision.DOES_NOT_BELONG));
    }

    private static Wanted with(Wanted page, Item... more) {
        List<Item> items = new ArrayList<>(page.page().items());
        items.addAll(List.of(more));
        return Wanted.page(items.toArray(new Item[0])).key(page.key());
    }

    private static Wanted changed(Wanted page, Item changed) {
        Item[] items = page.page().items().stream()
                .map(item -> item.id().equals(changed.id()) ? changed : item)
                .toArray(Item[]::new);
        return Wanted.page(items).key(page.key());
    }

    private static Item item(Wanted page, String id) {
        return page.page().item(id).orElseThrow();
    }

    /** What a boat takes along never takes the boat; what was decided of the two is a mistake that can be mended. */
    @Test
    void a_boat_need_not_be_decided_for_its_own_hold() {
        Item boat = Some.picture("boat", 100, 400, Movement.FREE)
                .withDescription("Boat")
                .withTraits(new Traits(0, List.of("g"), null, null));
        Zone hold = new Zone("hold", Frame.of(100, 400, 300, 200), "", "Hold").withCarried(true);
        Page page = new Page(
                "p",
                "Boats",
                Paper.PLAIN,
                List.of(boat, hold.withTraits(new Traits(0, List.of("g"), null, null)), piece("sun", 1200, 700, 100)));
        AnswerKey key = AnswerKey.EMPTY.with("hold", "sun", Decision.BELONGS);
        assertThat(kindsOf(page, key)).doesNotContain(Kind.UNDECIDED, Kind.STARTS_INSIDE, Kind.CANNOT_REACH);
        assertThat(kindsOf(page, key.with("hold", "boat", Decision.BELONGS))).contains(Kind.CANNOT_REACH);
    }

    private static List<Kind> kindsOf(Page page, AnswerKey key) {
        return PageCheck.activity(new Activity("Boats", List.of(page), key), Pictures.UNKNOWN, Some.WORDING).stream()
                .map(Finding::kind)
                .toList();
    }

    /** A page with one mistake of each kind. */
    private static final Map<Kind, Wanted> MISTAKES = new EnumMap<>(Kind.class);

    static {
        Wanted page = decided();
        MISTAKES.put(Kind.UNDECIDED, with(page, piece("comet", 500, 760, 100)));
        MISTAKES.put(
                Kind.NOTHING_FITS,
                with(page, new Zone("w", Frame.of(1000, 700, 300, 200), "", "Neither"))
                        .key(page.key()
                                .with("w", "sun", Decision.DOES_NOT_BELONG)
                                .with("w", "moon", Decision.DOES_NOT_BELONG)));
        MISTAKES.put(
                Kind.CANNOT_REACH,
                changed(
                        page,
                        item(page, "sun")
                                .withMovement(new Movement.Rail(new Point(0, 0), new Point(300, 0), List.of()))));
        Wanted two = changed(page, item(page, "sun"));
        MISTAKES.put(
                Kind.HOLDS_TOO_FEW,
                two.key(two.key()
                        .with("z", "sun", Decision.BELONGS)
                        .with("z", ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1)))));
        MISTAKES.put(
                Kind.TOTAL_NOT_REACHED,
                page.key(page.key()
                        .with("sun", PieceFacts.NONE.withValue(5.0))
                        .with("y", ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withTotal(7.0)))));
        MISTAKES.put(
                Kind.ORDER_UNCLEAR,
                page.key(page.key()
                        .with("y", "moon", Decision.BELONGS)
                        .with("z", "moon", Decision.BELONGS)
                        .with(
                                "y",
                                ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withSequence(
                                        new Sequence(null, Map.of("sun", 1, "moon", 1)))))));
        MISTAKES.put(Kind.ZONES_OVERLAP, changed(page, new Zone("z", Frame.of(600, 200, 600, 400), "", "It does not")));
        ZoneLook hidden = new ZoneLook(ZoneLook.Kind.HIDDEN, null, null, null);
        MISTAKES.put(
                Kind.NOTHING_SHOWS_IT,
                changed(page, new Zone("z", Frame.of(800, 200, 600, 400), "", "It does not").withLook(hidden)));
        Wanted scaled = changed(
                page,
                new Zone("y", Frame.of(80, 200, 600, 400), "", "It does").withScale(new ZoneScale(0, 10, 1, 1, true)));
        MISTAKES.put(
                Kind.VALUE_OUT_OF_REACH,
                scaled.key(scaled.key()
                        .with("sun", PieceFacts.NONE.withValue(2.5))
                        .with("y", ZoneRule.USUAL.withTolerance(0.1))));
        Wanted fine = changed(
                page,
                new Zone("y", Frame.of(80, 200, 600, 400), "", "It does").withScale(new ZoneScale(0, 50, 1, 10, true)));
        MISTAKES.put(Kind.TICKS_TOO_CLOSE, fine.key(fine.key().with("sun", PieceFacts.NONE.withValue(20.0))));
        MISTAKES.put(Kind.TURN_OUT_OF_REACH, page.key(page.key().with("sun", PieceFacts.NONE.withTurn(90.0, null))));
        ZoneRule crossing = ZoneRule.USUAL.withCrossing(true);
        MISTAKES.put(
                Kind.REGION_TOO_SMALL,
                page.key(page.key()
                        .with("z", "sun", Decision.BELONGS)
                        .with("y", crossing)
                        .with("z", crossing)));
        MISTAKES.put(Kind.DOES_NOT_FIT, changed(page, piece("sun", 100, 610, 385)));
        MISTAKES.put(Kind.STARTS_INSIDE, changed(page, piece("sun", 200, 300, 100)));
        MISTAKES.put(
                Kind.HIDDEN,
                with(
                        page,
                        new Note(
                                "note",
                                Frame.of(60, 720, 200, 200),
                                Movement.FIXED,
                                "",
                                null,
                                "#fbefd8",
                                WordFit.within(170, "Look up", LARGE).content(),
                                null,
                                false)));
        MISTAKES.put(Kind.OFF_PAGE, changed(page, piece("sun", 1700, 760, 100)));
        MISTAKES.put(
                Kind.HARD_TO_READ,
                changed(
                        page,
                        words(
                                "title",
                                "What shines?",
                                80,
                                40,
                                new WordStyle(34, false, "#aabbcc", WordStyle.Align.LEFT))));
        MISTAKES.put(Kind.SMALL_TARGET, changed(page, piece("sun", 100, 760, 30)));
        MISTAKES.put(
                Kind.NO_DESCRIPTION,
                changed(
                        page,
                        new Picture(
                                "sun",
                                Frame.of(100, 760, 100, 100),
                                Movement.FREE,
                                "",
                                PictureRef.library("2600"),
                                "")));
        MISTAKES.put(Kind.READING_ORDER, with(page, words("late", "Read me first", 80, 120, LARGE)));
        Wanted gap = with(page, new Gap("g", Frame.of(700, 860, 300, 70), "Gap 1", null, LARGE));
        MISTAKES.put(Kind.NOTHING_SAID, gap);
        MISTAKES.put(
                Kind.TYPED_CONTRADICTS,
                gap.key(gap.key()
                        .with(
                                "g",
                                TypedKey.of(new TypedRule.TextRule(
                                        List.of("Mars", "mars"), List.of(TypedRule.Counts.CASE))))));
        MISTAKES.put(
                Kind.SMALL_WORDS,
                changed(
                        page,
                        words(
                                "title",
                                "What shines?",
                                80,
                                40,
                                new WordStyle(20, false, "#1f2d33", WordStyle.Align.LEFT))));
        MISTAKES.put(
                Kind.LEADS_NOWHERE,
                changed(page, item(page, "moon").withTraits(Traits.NONE.withLink(new Link.ToPage("deleted")))));
        MISTAKES.put(
                Kind.LOOKS_LIKE_A_LINK,
                changed(page, words("title", "See https://example.org/sky, then sort", 80, 40, LARGE)));
        MISTAKES.put(Kind.NEVER_SEEN, mapped(PageLinks.USUAL.withTo("p3"), Passage.USUAL, null, null, null));
        MISTAKES.put(Kind.NO_WAY_BACK, mapped(PageLinks.USUAL, Passage.USUAL, "p2", null, null));
        Passage byThings = new Passage(false, false, null);
        MISTAKES.put(Kind.NO_EXIT, mapped(PageLinks.USUAL, byThings, "p2", "p3", "p2"));
        MISTAKES.put(Kind.NO_WAY_ON, mapped(PageLinks.USUAL, byThings, "p2", "p3", null));
        MISTAKES.put(
                Kind.NEVER_OPENS,
                mapped(PageLinks.USUAL.withOpens(new Opens.WhenPoints(99)), Passage.USUAL, null, null, null));
        Activity ways = mapped(PageLinks.USUAL, Passage.USUAL, null, null, null).activity();
        MISTAKES.put(
                Kind.OPENS_AT_ONCE,
                Wanted.of(ways.withPage(
                        ways.pages().get(1).withLinks(PageLinks.USUAL.withOpens(new Opens.WhenSolved())))));
        MISTAKES.put(
                Kind.WORDS_CUT_OFF,
                changed(
                        page,
                        words("title", "What shines by itself, and what does not shine at all?", 1000, 40, LARGE)));
        MISTAKES.put(
                Kind.NEVER_SHOWN,
                with(page, words("extra", "Look again", 700, 900, LARGE).withTraits(Traits.NONE.withHidden(true))));
        MISTAKES.put(
                Kind.NO_CAPTIONS,
                with(
                        page,
                        new Video(
                                "film",
                                Frame.of(1100, 700, 320, 180),
                                "The dome opens",
                                null,
                                new FileRef("b".repeat(64), "Dome", "video/mp4"),
                                null,
                                null,
                                false,
                                false)));
        Wanted narrow = with(page, new Gap("g", Frame.of(700, 860, 120, 70), "Gap 1", null, LARGE));
        MISTAKES.put(
                Kind.GAP_TOO_NARROW,
                narrow.key(narrow.key()
                        .with("g", TypedKey.of(new TypedRule.TextRule(List.of("the Milky Way"), List.of())))));
        MISTAKES.put(
                Kind.SAME_LOOK,
                changed(
                        page,
                        new Picture(
                                "moon",
                                Frame.of(300, 760, 100, 100),
                                Movement.FREE,
                                "The moon",
                                ((Picture) item(page, "sun")).picture(),
                                "OpenMoji")));
        MISTAKES.put(Kind.SAME_NAME, changed(page, item(page, "moon").withDescription("The sun")));
    }

    /** Three pages; the moon and the sun on the first and a tile on the second lead to those named, null for nowhere. */
    private static Wanted mapped(PageLinks first, Passage passage, String moon, String sun, String second) {
        Wanted page = decided();
        Wanted led = changed(changed(page, leads(item(page, "moon"), moon)), leads(item(page, "sun"), sun));
        List<Item> onSecond = second == null ? List.of() : List.of(leads(words("on", "On", 80, 80, LARGE), second));
        Item home = words("home", "Home", 80, 80, LARGE).withTraits(Traits.NONE.withLink(new Link.Start()));
        return Wanted.of(new Activity(
                        "Ways",
                        List.of(
                                led.page().withLinks(first),
                                new Page("p2", "Two", Paper.PLAIN, onSecond),
                                new Page(
                                        "p3",
                                        "Three",
                                        Paper.PLAIN,
                                        moon == null || sun != null ? List.of(home) : List.of())),
                        led.key())
                .withPassage(passage));
    }

    private static Item leads(Item item, String to) {
        return to == null ? item : item.withTraits(Traits.NONE.withLink(new Link.ToPage(to)));
    }

    private static List<Finding> found(Wanted page) {
        return PageCheck.activity(page.activity(), Pictures.UNKNOWN, Some.WORDING);
    }

    @Test
    void a_good_page_has_nothing_to_mend() {
        assertThat(found(decided())).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void each_seeded_mistake_is_found_alone_and_every_mend_takes_it_away(Kind kind) {
        Wanted page = MISTAKES.get(kind);
        List<Finding> findings = found(page);
        assertThat(findings).as("%s", kind).extracting(Finding::kind).containsOnly(kind);
        Finding finding = findings.get(0);
        assertThat(finding.words().key()).startsWith("page-check.");
        for (Mend mend : finding.mends()) {
            assertThat(mend.edit().apply(page.activity()))
                    .as(mend.label().key())
                    .isInstanceOf(Applied.class);
            Activity mended = ((Applied) mend.edit().apply(page.activity())).activity();
            assertThat(PageCheck.activity(mended, Pictures.UNKNOWN, Some.WORDING))
                    .as("%s after %s", kind, mend.label())
                    .noneMatch(left -> left.kind() == kind && left.itemIds().equals(finding.itemIds()));
        }
        boolean byHand = kind == Kind.NO_DESCRIPTION || kind == Kind.NOTHING_SAID || kind == Kind.NO_CAPTIONS;
        assertThat(finding.mends().isEmpty()).as("mends of %s", kind).isEqualTo(byHand);
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void what_is_meant_so_is_not_found_again(Kind kind) {
        Activity activity = MISTAKES.get(kind).activity();
        for (Finding finding : PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING)) {
            Mend meant = PageCheck.meantSo(activity.key(), finding);
            activity = ((Applied) meant.edit().apply(activity)).activity();
        }
        assertThat(PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING)).isEmpty();
    }

    /** Pairs with their published ratios: WCAG 2.2 understanding 1.4.3 names #777 on white as 4.48 (from memory). */
    @ParameterizedTest
    @CsvSource({"#767676, false", "#777777, true", "#595959, false"})
    void contrast_is_asked_as_the_guidelines_do(String grey, boolean hard) {
        Page page = new Page(
                "p1",
                "",
                Paper.PLAIN,
                List.of(words("w", "Grey words", 80, 80, new WordStyle(32, false, grey, WordStyle.Align.LEFT))));
        assertThat(PageCheck.page(page, AnswerKey.EMPTY, Pictures.UNKNOWN, Some.WORDING).stream()
                        .anyMatch(finding -> finding.kind() == Kind.HARD_TO_READ))
                .isEqualTo(hard);
    }

    @Test
    void what_leads_to_the_next_page_leads_nowhere_from_the_last_one_only() {
        Item next = words("on", "Onwards", 80, 80, LARGE).withTraits(Traits.NONE.withLink(new Link.Next()));
        Page first = new Page("p1", "", Paper.PLAIN, List.of(next));
        Page last = new Page("p2", "", Paper.PLAIN, List.of(next.withId("on2")));
        Activity activity = new Activity("", List.of(first, last), AnswerKey.EMPTY);
        assertThat(PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING))
                .extracting(Finding::kind, Finding::pageId)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(Kind.LEADS_NOWHERE, "p2"));
    }

    /** White words lie well on a dark zone alone: by its fill, by a picture in it, and only within its outline. */
    @Test
    void a_zone_is_behind_words_as_it_is_drawn() {
        WordStyle white = new WordStyle(32, false, "#ffffff", WordStyle.Align.LEFT);
        Zone box = new Zone("z", Frame.of(100, 100, 800, 600), "Night", "");
        int[] black = new int[64];
        java.util.Arrays.fill(black, 0xff000000);
        Pictures night = picture -> Optional.of(new Raster(8, 8, black));
        ZoneLook line = new ZoneLook(ZoneLook.Kind.LINE, null, null, null);
        ZoneLook filled = new ZoneLook(ZoneLook.Kind.LINE, null, "#101820", null);
        assertThat(isHard(box, 400, 350, white, night)).as("a tray").isTrue();
        assertThat(isHard(box.withLook(line), 400, 350, white, night))
                .as("a line around")
                .isTrue();
        assertThat(isHard(box.withLook(filled), 400, 350, white, night))
                .as("a dark fill")
                .isFalse();
        ZoneLook pictured = line.withPicture(PictureRef.library("1F303"), "OpenMoji");
        Zone round = box.withLook(pictured).withShape(gladtile.core.page.ZoneShape.ROUND);
        assertThat(isHard(round, 400, 350, white, night)).as("a dark picture").isFalse();
        assertThat(isHard(round, 105, 105, white, night))
                .as("in its box, beside it")
                .isTrue();
    }

    private static boolean isHard(Zone zone, double x, double y, WordStyle style, Pictures pictures) {
        Page page = new Page("p1", "", Paper.PLAIN, List.of(zone, words("w", "Stars", x, y, style)));
        return PageCheck.page(page, AnswerKey.EMPTY, pictures, Some.WORDING).stream()
                .anyMatch(finding -> finding.kind() == Kind.HARD_TO_READ);
    }

    @Test
    void what_is_truly_behind_counts_pictures_and_gradients_too() {
        int[] night = new int[64];
        for (int i = 0; i < 64; i++) {
            // From black on the left to white on the right.
            int grey = 255 * (i % 8) / 7;
            night[i] = 0xff000000 | grey << 16 | grey << 8 | grey;
        }
        Pictures gradient = picture -> Optional.of(new Raster(8, 8, night));
        Picture sky =
                new Picture("sky", Frame.of(0, 0, 1000, 1000), Movement.FIXED, "Sky", PictureRef.library("1F303"), "");
        WordStyle white = new WordStyle(32, false, "#ffffff", WordStyle.Align.LEFT);
        Page left = new Page("p1", "", Paper.PLAIN, List.of(sky, words("w", "Stars", 60, 500, white)));
        Page right = new Page("p1", "", Paper.PLAIN, List.of(sky, words("w", "Stars", 860, 500, white)));
        assertThat(PageCheck.page(left, AnswerKey.EMPTY, gradient, Some.WORDING))
                .isEmpty();
        assertThat(PageCheck.page(right, AnswerKey.EMPTY, gradient, Some.WORDING))
                .extracting(Finding::kind)
                .containsExactly(Kind.HARD_TO_READ);
    }

    @Test
    void zones_as_small_as_can_be_and_five_hundred_of_them_are_checked() {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            items.add(new Zone("z" + i, Frame.of(20 + 60 * (i % 25), 20 + 40 * (i / 25), 4, 4), "", "Zone " + i));
        }
        items.add(piece("sun", 100, 880, 100));
        AnswerKey key = AnswerKey.EMPTY;
        for (int i = 0; i < 500; i++) {
            key = key.with("z" + i, "sun", i == 0 ? Decision.BELONGS : Decision.DOES_NOT_BELONG);
        }
        List<Finding> found =
                PageCheck.page(new Page("p1", "", Paper.PLAIN, items), key, Pictures.UNKNOWN, Some.WORDING);
        assertThat(found).extracting(Finding::kind).contains(Kind.DOES_NOT_FIT, Kind.NOTHING_FITS);
        assertThat(found).hasSize(500);
    }

    private static void breaksNothing(Activity activity) {
        for (Finding finding : PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING)) {
            finding.mends()
                    .forEach(mend -> assertThat(mend.edit().apply(activity))
                            .as("%s of %s", mend, finding.kind())
                            .isInstanceOf(Applied.class));
        }
    }

    @Test
    void random_pages_never_break_the_check() {
        for (int seed = 0; seed < 150; seed++) {
            breaksNothing(Some.activity(new java.util.Random(seed), 2, 12));
        }
        for (int seed = 0; seed < 8; seed++) {
            breaksNothing(Some.activity(new java.util.Random(seed), 1, 150));
        }
    }

    /** Sorting a few hundred by a comparison that is not an order fails only for many, and only for some. */
    @Test
    void a_page_full_of_pieces_in_ragged_rows_is_read_from_top_to_bottom_after_the_mend() {
        for (int seed = 0; seed < 20; seed++) {
            java.util.Random random = new java.util.Random(seed);
            List<Item> items = new ArrayList<>();
            for (int i = 0; i < 550; i++) {
                items.add(piece("p" + i, 10 + (i % 40) * 39, 10 + (i / 40) * 39 + random.nextInt(5), 34));
            }
            java.util.Collections.shuffle(items, random);
            Activity activity = new Activity("Many", List.of(new Page("p1", "", Paper.PLAIN, items)), AnswerKey.EMPTY);
            List<Finding> jumps = PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING).stream()
                    .filter(finding -> finding.kind() == Kind.READING_ORDER)
                    .toList();
            assertThat(jumps).hasSize(1);
            for (Mend mend : jumps.get(0).mends()) {
                Activity mended = ((Applied) mend.edit().apply(activity)).activity();
                assertThat(PageCheck.activity(mended, Pictures.UNKNOWN, Some.WORDING))
                        .extracting(Finding::kind)
                        .doesNotContain(Kind.READING_ORDER);
            }
        }
    }
}
