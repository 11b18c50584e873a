package gladtile.core.starter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;

/**
 * Pages made from lists: laid out by computation, with overlap computed by the JTS Topology Suite.
 *
 * <p>Long because it has the same laws for each kind of starter.
 */
class StartersTest {
    private static final String[] THINGS = {
        "Mercury", "Venus", "Earth", "Mars", "Jupiter", "Saturn", "Uranus", "Neptune", "Sirius", "Vega", "Rigel",
        "Polaris", "Halley", "Encke", "Io", "Europa", "Titan", "Triton", "Ceres", "Vesta", "Pallas", "Deneb", "Altair",
        "Spica", "Mimas", "Rhea", "Dione", "Juno", "Hygiea", "Castor"
    };
    private static final String[] GROUPS = {"planet", "star", "comet"};

    static Starter starter(StarterKind kind, int count) {
        List<StarterRow> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String thing = THINGS[i % THINGS.length] + (i < THINGS.length ? "" : " " + i / THINGS.length);
            rows.add(
                    switch (kind) {
                        case SORT -> StarterRow.of(thing, GROUPS[i % 3]);
                        case VENN ->
                            List.of(
                                            StarterRow.of(thing, "small"),
                                            StarterRow.of(thing, "small", "has moons"),
                                            StarterRow.of(thing, "has moons"),
                                            StarterRow.of(thing))
                                    .get(i % 4);
                        case PAIR, MEMORY -> StarterRow.of("Orbit " + (i + 1), thing);
                        case COUNT_OUT -> StarterRow.of(thing, Integer.toString(1 + i % 9));
                        case ODD_ONE_OUT -> StarterRow.of(thing + " a", thing + " b", thing + " c", "Odd " + i);
                        default -> StarterRow.of(thing);
                    });
        }
        StringBuilder text = new StringBuilder("At night");
        for (int i = 0; i < count; i++) {
            text.append(" we look for [").append(THINGS[i % THINGS.length]).append("] in the sky,");
        }
        return new Starter(kind, "Hilltop night", rows, text.toString(), null, null, null, 5);
    }

    private static Activity made(Starter starter) {
        MadePages made = Starters.make(starter, "one", Some.WORDING);
        assertThat(made).isInstanceOf(MadePages.Pages.class);
        return ((MadePages.Pages) made).asActivity("Made");
    }

    private static void lies(Activity activity) {
        for (Page page : activity.pages()) {
            List<Envelope> boxes = new ArrayList<>();
            for (Item item : page.items()) {
                var f = item.frame();
                Envelope box = new Envelope(f.x(), f.x() + f.width(), f.y(), f.y() + f.height());
                assertThat(new Envelope(0, 1600, 0, 1000).covers(box))
                        .as("%s on its page: %s", item.name(), f)
                        .isTrue();
                // Circles that cross lie over each other on purpose.
                boolean crosses =
                        item instanceof Zone && activity.key().rule(item.id()).crosses();
                if (!crosses && (item.isPiece() || item instanceof Zone)) {
                    assertThat(boxes).as("%s lies apart", item.name()).noneMatch(other -> {
                        Envelope shared = other.intersection(box);
                        return shared.getWidth() > 0.01 && shared.getHeight() > 0.01;
                    });
                    boxes.add(box);
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(StarterKind.class)
    void any_number_of_entries_is_laid_out_without_overlap_and_passes_the_page_check(StarterKind kind) {
        for (int count : new int[] {3, 8, 12, 30}) {
            Activity activity = made(starter(kind, count));
            lies(activity);
            assertThat(PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING))
                    .as("%s with %d", kind, count)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(StarterKind.class)
    void the_same_list_and_seed_give_the_same_page_and_another_seed_another(StarterKind kind) {
        Starter starter = starter(kind, 8);
        assertThat(made(starter)).isEqualTo(made(starter));
        if (kind != StarterKind.COUNT_OUT) {
            assertThat(made(starter.withSeed(77))).isNotEqualTo(made(starter));
        }
    }

    @Test
    void three_circles_have_room_for_a_piece_in_each_of_their_seven_parts() {
        String[] groups = {"small", "has moons", "has rings"};
        List<StarterRow> rows = new ArrayList<>();
        for (int part = 1; part < 8; part++) {
            List<String> cells = new ArrayList<>(List.of(THINGS[part]));
            for (int g = 0; g < 3; g++) {
                if ((part >> g & 1) == 1) {
                    cells.add(groups[g]);
                }
            }
            rows.add(StarterRow.of(cells.toArray(String[]::new)));
        }
        Activity activity = made(new Starter(StarterKind.VENN, "Worlds", rows, null, null, null, null, 3));
        assertThat(activity.pages()).hasSize(1);
        assertThat(activity.pages().get(0).zones()).hasSize(3);
        lies(activity);
        assertThat(PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING)).isEmpty();
    }

    @Test
    void circles_that_cross_need_two_or_three_groups() {
        for (int count : new int[] {0, 1, 4}) {
            List<StarterRow> rows = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                rows.add(count == 0 ? StarterRow.of(THINGS[i]) : StarterRow.of(THINGS[i], "group " + i % count));
            }
            MadePages made = Starters.make(
                    new Starter(StarterKind.VENN, "", rows, null, null, null, null, 1), "one", Some.WORDING);
            assertThat(((MadePages.Refused) made).message())
                    .isEqualTo(Message.of("starter.refused.circles", "count", count));
        }
    }

    @Test
    void no_order_or_pair_lies_as_it_is_to_be() {
        for (int seed = 1; seed < 60; seed++) {
            Activity order = made(starter(StarterKind.ORDER, 6).withSeed(seed));
            List<String> lying =
                    order.pages().get(0).pieces().stream().map(Item::ownName).toList();
            for (int i = 0; i < 6; i++) {
                assertThat(lying.get(i)).isNotEqualTo(THINGS[i]);
            }
        }
    }

    /** Read from the right, where the word is. */
    @Test
    void no_scramble_of_a_word_that_runs_leftwards_spells_one() {
        for (long seed = 1; seed < 60; seed++) {
            Starter starter = Starter.of(
                            StarterKind.UNSCRAMBLE,
                            "",
                            StarterRow.of("ירח"),
                            StarterRow.of("חרי"),
                            StarterRow.of("שמש"))
                    .withSeed(seed);
            for (Page page : made(starter).pages()) {
                for (Zone zone : page.zones()) {
                    String read = page.pieces().stream()
                            .filter(piece -> Math.abs(piece.frame().y()
                                            - zone.frame().y()
                                            - zone.frame().height()
                                            - 24)
                                    < 1)
                            .sorted(java.util.Comparator.comparingDouble(
                                    piece -> -piece.frame().x()))
                            .map(Item::said)
                            .collect(java.util.stream.Collectors.joining());
                    assertThat(read).isNotIn("ירח", "חרי", "שמש");
                }
            }
        }
    }

    @Test
    void a_list_that_cannot_be_mixed_is_told_so_in_its_own_words() {
        assertThat(refused(Starter.of(StarterKind.UNSCRAMBLE, "", StarterRow.of("on"), StarterRow.of("no"))))
                .isEqualTo("starter.refused.same-letters");
        assertThat(refused(Starter.of(StarterKind.UNSCRAMBLE, "", StarterRow.of("sun"), StarterRow.of("Sun"))))
                .isEqualTo("starter.refused.twice");
        assertThat(refused(Starter.of(StarterKind.UNSCRAMBLE, "", StarterRow.of("aaa"))))
                .isEqualTo("starter.refused.one-letter");
        List<StarterRow> pairs = java.util.stream.IntStream.range(0, 300)
                .mapToObj(i -> StarterRow.of("a" + i, "b" + i))
                .toList();
        assertThat(refused(new Starter(StarterKind.MEMORY, "", pairs, null, null, null, null, 1)))
                .isEqualTo("starter.refused.too-many-pairs");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> StarterRow.of("x".repeat(250)))
                .hasMessageContaining("bound.row.cell-length");
    }

    /** By counting what is looked at, not by a clock: twice the list is at most a little more than twice the work. */
    @Test
    void the_longest_lists_are_laid_out_or_refused_without_being_laid_out() {
        for (StarterKind kind : List.of(StarterKind.PAIR, StarterKind.ORDER, StarterKind.SORT, StarterKind.LABEL)) {
            List<StarterRow> rows = java.util.stream.IntStream.range(0, 5_000)
                    .mapToObj(i -> StarterRow.of("entry " + i, "group " + i % 4))
                    .toList();
            assertThat(refused(new Starter(kind, "", rows, null, null, null, null, 1)))
                    .isIn("starter.refused.list-too-long", "starter.refused.too-many-pages");
        }
    }

    private static String refused(Starter starter) {
        return ((MadePages.Refused) Starters.make(starter, "x", Some.WORDING))
                .message()
                .key();
    }

    /** No tile has words that run over its edge, however long they are. */
    @Test
    void words_stay_within_their_tiles() {
        String wide = "Donaudampfschifffahrtsgesellschaftskapitän";
        for (StarterKind kind :
                List.of(StarterKind.PAIR, StarterKind.ORDER, StarterKind.SORT, StarterKind.ODD_ONE_OUT)) {
            Starter starter = Starter.of(
                    kind,
                    "",
                    StarterRow.of(wide, "sun", "moon"),
                    StarterRow.of("नमस्ते दुनिया", "day", "star"),
                    StarterRow.of("comet", "sun", "planet"));
            Starter longer = Starter.of(
                    kind, "", StarterRow.of(wide.repeat(4), "a", "b"), StarterRow.of(wide.repeat(4) + "x", "c", "b"));
            assertThat(refused(longer)).endsWith("too-long");
            for (Page page : made(starter).pages()) {
                page.pieces().stream()
                        .filter(Words.class::isInstance)
                        .map(Words.class::cast)
                        .forEach(piece -> {
                            piece.content().lines().forEach(line -> {
                                assertThat(line.width())
                                        .as("%s %s", kind, line.text())
                                        .isLessThanOrEqualTo(piece.frame().width());
                                assertThat(line.baseline())
                                        .isLessThanOrEqualTo(piece.frame().height());
                            });
                        });
            }
        }
    }

    /** No scramble spells its own word or another of the list. */
    @Test
    void no_scramble_is_a_word_of_the_list() {
        List<String> words = List.of("star", "rats", "tars", "arts", "no", "on", "mars", "rams", "arms");
        Set<String> known = new TreeSet<>(words);
        for (int seed = 1; seed < 80; seed++) {
            StarterRow[] rows = words.stream()
                    .filter(word -> word.length() > 2)
                    .map(StarterRow::of)
                    .toArray(StarterRow[]::new);
            Activity activity =
                    made(Starter.of(StarterKind.UNSCRAMBLE, "Words", rows).withSeed(seed));
            for (Page page : activity.pages()) {
                for (Zone zone : page.zones()) {
                    String mixed = page.pieces().stream()
                            .filter(piece -> piece.frame().y() > zone.frame().y()
                                    && piece.frame().y() < zone.frame().y() + 200)
                            .map(Item::said)
                            .collect(Collectors.joining());
                    assertThat(known).doesNotContain(mixed.toLowerCase(Locale.ROOT));
                }
            }
        }
    }

    @Test
    void a_text_may_be_typed_into_and_gaps_of_one_word_take_each_other() {
        Starter typed = new Starter(
                StarterKind.FILL_GAPS,
                "",
                List.of(),
                "The [sun|Sun] is a [star].\nThe moon is none.",
                true,
                null,
                null,
                1);
        Activity activity = made(typed);
        assertThat(activity.pages().get(0).gaps()).hasSize(2);
        assertThat(activity.key().typed()).hasSize(2);
        Starter twice = new Starter(
                StarterKind.FILL_GAPS, "", List.of(), "One [star], two [star]s and a [moon].", null, null, null, 1);
        Activity dropped = made(twice);
        assertThat(dropped.pages().get(0).pieces()).hasSize(3);
        assertThat(dropped.key().decisions().values())
                .filteredOn(row -> row.values().stream()
                                .filter(one -> one == gladtile.core.answer.Decision.BELONGS)
                                .count()
                        == 2)
                .hasSize(2);
    }

    @Test
    void words_run_leftwards_in_scripts_that_do_and_accents_stay_on_their_letters() {
        Activity activity =
                made(Starter.of(StarterKind.UNSCRAMBLE, "", StarterRow.of("قمر"), StarterRow.of("e\u0301toile")));
        Page page = activity.pages().get(0);
        assertThat(activity.key()
                        .rule(page.zones().get(0).id())
                        .wanted()
                        .sequence()
                        .runs())
                .isEqualTo(gladtile.core.answer.Sequence.Direction.LEFTWARDS);
        assertThat(page.pieces()).extracting(Item::said).contains("e\u0301").doesNotContain("\u0301");
        lies(activity);
    }

    @Test
    void pictures_stand_for_words_and_keep_their_credit() {
        StarterRow moon = new StarterRow(List.of("moon", "night"), List.of(PictureRef.library("1F319")));
        StarterRow sun = new StarterRow(List.of("sun", "day"), List.of(PictureRef.library("2600")));
        Activity activity = made(Starter.of(StarterKind.SORT, "", moon, sun));
        assertThat(activity.pages().get(0).pieces())
                .allMatch(piece -> piece instanceof gladtile.core.page.Picture picture
                        && picture.credit().contains("OpenMoji")
                        && !picture.description().isBlank());
    }

    @ParameterizedTest
    @CsvSource({"SORT,groups", "PAIR,pairs-needed", "COUNT_OUT,counts", "ODD_ONE_OUT,row", "MEMORY,pairs"})
    void a_list_that_lacks_something_is_refused_with_what_to_do(StarterKind kind, String said) {
        MadePages made =
                Starters.make(Starter.of(kind, "", StarterRow.of("Mars"), StarterRow.of("Vega")), "x", Some.WORDING);
        assertThat(made).isInstanceOf(MadePages.Refused.class);
        assertThat(((MadePages.Refused) made).message().key()).isEqualTo("starter.refused." + said);
    }

    @Test
    void an_empty_list_and_words_too_long_are_refused_in_words() {
        assertThat(Starters.make(Starter.of(StarterKind.ORDER, "", StarterRow.of(" ")), "x", Some.WORDING))
                .isInstanceOf(MadePages.Refused.class);
        assertThat(((MadePages.Refused) Starters.make(
                                Starter.of(StarterKind.SPELL, "", StarterRow.of("Antidisestablishmentarianism")),
                                "x",
                                Some.WORDING))
                        .message())
                .isEqualTo(Message.of(
                        "starter.refused.length", "word", "Antidisestablishmentarianism", "length", 28, "most", 14));
        assertThat(Starters.make(
                        new Starter(StarterKind.FILL_GAPS, "", List.of(), "No gap", null, null, null, 1),
                        "x",
                        Some.WORDING))
                .isInstanceOf(MadePages.Refused.class);
    }

    private static Starter many(int count) {
        StarterRow[] rows = new StarterRow[count];
        for (int i = 0; i < count; i++) {
            rows[i] = StarterRow.of("Star " + i, GROUPS[i % 3]);
        }
        return Starter.of(StarterKind.SORT, "", rows);
    }

    @Test
    void five_thousand_rows_are_taken_as_far_as_pages_go_and_one_more_is_refused_by_its_bound() {
        MadePages many = Starters.make(many(5_000), "x", Some.WORDING);
        assertThat(many instanceof MadePages.Refused
                        || ((MadePages.Pages) many).pages().size() <= 200)
                .isTrue();
        assertThatThrownBy(() -> many(5_001))
                .isInstanceOfSatisfying(
                        OutOfBounds.class, e -> assertThat(e.bound()).isEqualTo("starter.rows"));
    }
}
