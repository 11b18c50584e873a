package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.json.Json;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Cover;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
import gladtile.core.student.StudentView;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Rails, turns, supplies, covers, other sides, notes, groups and cells: what students may do with each, and no more.
 *
 * <p>Long because each way to move a piece is tried with each limit of it.
 */
class HandlingTest {
    private static final Frame HOME = Frame.of(100, 800, 100, 100);

    @Test
    void a_piece_on_a_rail_lies_on_it_wherever_it_is_put() {
        AttemptRules rules = rules(on(new Movement.Rail(new Point(0, 0), new Point(300, -400), List.of())));
        Random random = new Random(1);
        AttemptState state = AttemptState.start(rules);
        for (int i = 0; i < 200; i++) {
            state = made(state, new Act.Put("p", "a", random.nextInt(1600), random.nextInt(1000)), rules);
            PieceState piece = state.pieces().get("a");
            // On the line from (0, 0) to (300, -400) seen from home, between its ends.
            double dx = piece.x() - HOME.x();
            double dy = piece.y() - HOME.y();
            assertThat(dx * -400 - dy * 300).isCloseTo(0, within(1e-6));
            assertThat(dx).isBetween(-1e-9, 300 + 1e-9);
        }
    }

    @Test
    void a_rail_with_stops_leaves_a_piece_at_a_stop() {
        AttemptRules rules = rules(on(new Movement.Rail(new Point(0, 0), new Point(400, 0), List.of(0.0, 0.5, 1.0))));
        assertThat(put(rules, "a", 290, 500).x()).isEqualTo(300);
        assertThat(put(rules, "a", 420, 800).x()).isEqualTo(500);
    }

    @Test
    void a_zone_off_the_rail_is_never_reached() {
        AttemptRules rules = rules(on(new Movement.Rail(new Point(0, 0), new Point(300, 0), List.of())));
        assertThat(put(rules, "a", 700, 300).zoneId()).isNull();
    }

    @Test
    void only_what_may_turn_turns_and_by_its_steps() {
        AttemptRules free = rules(on(Movement.FREE));
        assertRefused(free, new Act.Put("p", "a", 0, 0, 90.0), Rule.MAY_NOT_TURN);
        AttemptRules steps = rules(on(new Movement.Turns(45)));
        assertThat(made(start(steps), new Act.Put("p", "a", 0, 0, 100.0), steps)
                        .pieces()
                        .get("a")
                        .turn())
                .isEqualTo(90);
        AttemptRules any = rules(on(new Movement.Turns(0)));
        assertThat(made(start(any), new Act.Put("p", "a", 0, 0, -10.0), any)
                        .pieces()
                        .get("a")
                        .turn())
                .isEqualTo(350);
    }

    @Test
    void what_is_still_to_be_turned_is_neither_taken_nor_turned_away() {
        Activity activity = activity(on(new Movement.Turns(0)));
        Activity right = activity.withKey(activity.key().with("a", PieceFacts.NONE.withTurn(90.0, 5.0)));
        AttemptRules rules = AttemptRules.of(right);
        AttemptState state = made(start(rules), new Act.Put("p", "a", 700, 300, 40.0), rules);
        assertThat(state.pieces().get("a").zoneId()).isNull();
        assertThat(state.pieces().get("a").tries()).isZero();
        assertThat(state.pieces().get("a").turn()).isEqualTo(40);
        state = made(state, new Act.Put("p", "a", 700, 300, 93.0), rules);
        assertThat(state.pieces().get("a").settled()).isTrue();
        assertThat(state.pieces().get("a").tries()).isEqualTo(1);

        Activity shows = right.withKey(right.key()
                .withTerms(AnswerTerms.USUAL.withSolution(
                        new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false))));
        AttemptRules after = AttemptRules.of(shows);
        AttemptState shown = made(made(start(after), new Act.HandIn(), after), new Act.Show("p", null), after);
        assertThat(shown.pieces().get("a").turn()).isEqualTo(90);
    }

    @Test
    void copies_come_off_a_supply_until_it_is_empty_and_go_back_onto_it() {
        AttemptRules rules = rules(on(Movement.FREE).withTraits(Traits.NONE.withSupply(new Supply(2))));
        assertRefused(rules, new Act.Put("p", "a", 0, 0), Rule.SUPPLY_STAYS);
        AttemptState state = made(start(rules), new Act.Put("p", "a~1", 10, 10), rules);
        state = made(state, new Act.Put("p", "a~2", 700, 300), rules);
        assertThat(state.pieces().get("a~2").settled()).isTrue();
        assertThat(state.solved(rules))
                .as("the supply's placement is solved by its copy")
                .isEqualTo(1);
        assertRefused(state, rules, new Act.Put("p", "a~3", 10, 10), Rule.NO_MORE_COPIES);
        MoveResult back = state.with(Some.move(new Act.Put("p", "a~1", HOME.x(), HOME.y())), rules);
        assertThat(((Made) back).verdict().orElseThrow().rests()).isEqualTo(Verdict.Rests.TAKEN_BACK);
        state = ((Made) back).state();
        assertThat(state.pieces()).doesNotContainKey("a~1");
        state = made(state, new Act.Put("p", "a~3", 10, 10), rules);
        assertThat(made(state, new Act.StartAgain("p"), rules).pieces()).containsOnlyKeys("a");
    }

    @Test
    void no_copies_come_off_what_is_no_supply() {
        assertRefused(rules(on(Movement.FREE)), new Act.Put("p", "a~1", 0, 0), Rule.NO_SUCH_ITEM);
        assertThat(Json.read("{\"kind\":\"put\",\"pageId\":\"p\",\"pieceId\":\"a~7\",\"x\":1,\"y\":2}", Act.class))
                .isEqualTo(new Act.Put("p", "a~7", 1, 2));
    }

    @Test
    void the_pieces_of_a_group_are_one_piece_that_the_lowest_stands_for() {
        Item lower = on(Movement.FREE).withTraits(Traits.NONE.withGroups(List.of("g")));
        Item upper = Some.piece("b", 100, 700).withTraits(Traits.NONE.withGroups(List.of("g")));
        AttemptRules rules = rules(lower, upper);
        assertRefused(rules, new Act.Put("p", "b", 0, 0), Rule.PART_OF_A_GROUP);
        assertThat(put(rules, "a", 700, 300).settled()).isTrue();
    }

    @Test
    void covers_slide_and_other_things_do_not() {
        Cover cover = new Cover("c", Frame.of(0, 0, 200, 200), "", null, "#0b5d66", Cover.Direction.LEFT, "");
        AttemptRules rules = rules(on(Movement.FREE), cover);
        assertThat(made(start(rules), new Act.Slide("p", "c", 0.5), rules).slid())
                .isEqualTo(Map.of("c", 0.5));
        assertRefused(rules, new Act.Slide("p", "a", 0.5), Rule.NO_COVER);
        assertRefused(rules, new Act.Put("p", "c", 0, 0), Rule.FIXED_ITEM);
    }

    @Test
    void words_are_written_on_notes_that_take_them_each_copy_by_itself() {
        Note note = new Note(
                "n",
                HOME,
                Movement.FREE,
                "",
                null,
                "#fbefd8",
                WordFit.free("", WordStyle.PLAIN).content(),
                null,
                true);
        AttemptRules one = rules(note);
        assertThat(made(start(one), new Act.Write("p", "n", "Jupiter"), one).written())
                .isEqualTo(Map.of("n", "Jupiter"));
        AttemptRules many = rules(note.withTraits(Traits.NONE.withSupply(Supply.ENDLESS)));
        assertRefused(many, new Act.Write("p", "n", "x"), Rule.NOT_TO_WRITE_ON);
        assertRefused(many, new Act.Write("p", "n~1", "x"), Rule.NO_SUCH_ITEM);
        AttemptState state = made(start(many), new Act.Put("p", "n~1", 0, 0), many);
        assertThat(made(state, new Act.Write("p", "n~1", "Mars"), many).written())
                .containsKey("n~1");
        assertRefused(one, new Act.Write("p", "zone", "x"), Rule.NOT_TO_WRITE_ON);
    }

    @Test
    void an_other_side_comes_up_by_tapping_only_where_that_is_wanted() {
        AttemptRules tap = rules(on(Movement.FREE).withTraits(Traits.NONE.withOtherSide(side(true))));
        AttemptState over = made(start(tap), new Act.TurnOver("p", "a"), tap);
        assertThat(over.over()).containsExactly("a");
        assertThat(made(over, new Act.TurnOver("p", "a"), tap).over()).isEmpty();
        AttemptRules accept = rules(on(Movement.FREE).withTraits(Traits.NONE.withOtherSide(side(false))));
        assertRefused(accept, new Act.TurnOver("p", "a"), Rule.NO_OTHER_SIDE);
    }

    /** Law 1: what settling will bring up could tell where a piece belongs, so it is not sent before. */
    @Test
    void an_other_side_that_settling_brings_up_is_kept_from_the_student_until_then() {
        Item piece = on(Movement.FREE).withTraits(Traits.NONE.withOtherSide(side(false)));
        Activity activity = activity(piece);
        activity = activity.withKey(
                activity.key().with("zone", new ZoneRule(AcceptAction.TURNS_OVER, RejectAction.GOES_BACK)));
        AttemptRules rules = AttemptRules.of(activity);
        assertThat(Json.write(StudentView.of(activity, rules, Some.WORDING))).doesNotContain("Back");
        assertThat(rules.broughtUp(start(rules))).isEmpty();
        AttemptState settled = made(start(rules), new Act.Put("p", "a", 700, 300), rules);
        assertThat(rules.broughtUp(settled)).containsEntry("a", side(false));
        Activity lens = activity(piece, new Lens("l", Frame.of(0, 0, 50, 50), Movement.FREE, "", null, "#68406b"));
        assertThat(Json.write(StudentView.of(lens, AttemptRules.of(lens), Some.WORDING)))
                .contains("Back");
    }

    @Test
    void a_cell_of_a_table_judges_as_any_drop_zone_does() {
        TableCell zone = new TableCell(null, null, null, null, "cell");
        Table table = new Table(
                "t",
                Frame.of(1000, 100, 400, 200),
                Movement.FIXED,
                "",
                null,
                List.of(100.0, 300.0),
                List.of(50.0, 50.0),
                List.of(List.of(TableCell.EMPTY, TableCell.EMPTY), List.of(TableCell.EMPTY, zone)),
                "#55656b");
        Activity activity = activity(on(Movement.FREE), table);
        AttemptRules rules = AttemptRules.of(activity.withKey(activity.key().with("cell", "a", Decision.BELONGS)));
        assertThat(table.cellFrame(1, 1)).isEqualTo(Frame.of(1100, 200, 300, 100));
        assertThat(put(rules, "a", 1200, 200).zoneId()).isEqualTo("cell");
        assertThat(put(rules, "a", 1020, 120).zoneId()).isNull();
    }

    /** Random acts at random things never break the fold, and what was refused changes nothing. */
    @Test
    void whatever_is_sent_fixed_things_stay_and_the_state_can_be_written_and_read() {
        Random random = new Random(77);
        int made = 0;
        for (int i = 0; i < 60; i++) {
            Activity activity = Some.activity(random, 1, 12);
            AttemptRules rules = AttemptRules.of(activity);
            Page page = activity.pages().get(0);
            AttemptState state = AttemptState.start(rules);
            for (int k = 0; k < 80; k++) {
                Item item = page.items().get(random.nextInt(page.items().size()));
                String id = random.nextInt(3) == 0 ? Supply.copyId(item.id(), 1 + random.nextInt(4)) : item.id();
                Act act = switch (random.nextInt(4)) {
                    case 0 -> new Act.TurnOver("p0", id);
                    case 1 -> new Act.Slide("p0", item.id(), random.nextDouble());
                    case 2 -> new Act.Write("p0", id, "x");
                    default ->
                        new Act.Put(
                                "p0",
                                id,
                                random.nextInt(1600),
                                random.nextInt(1000),
                                random.nextBoolean() ? 30.0 : null);
                };
                if (state.with(Some.move(act), rules) instanceof Made done) {
                    if (act instanceof Act.Put) {
                        assertThat(item.isPiece()).isTrue();
                    }
                    state = done.state();
                    made++;
                }
            }
            assertThat(Json.read(Json.write(state), AttemptState.class)).isEqualTo(state);
        }
        assertThat(made).isGreaterThan(200);
    }

    private static OtherSide side(boolean byTap) {
        return new OtherSide("#ffffff", WordFit.free("Back", WordStyle.PLAIN).content(), null, byTap);
    }

    private static Item on(Movement movement) {
        return Some.picture("a", HOME.x(), HOME.y(), movement);
    }

    /** A page with a zone at 600, 200 that takes whatever is "a" or "n". */
    private static Activity activity(Item... items) {
        List<Item> all = new ArrayList<>(List.of(Some.zone("zone", 600, 200, 400, 400)));
        all.addAll(List.of(items));
        AnswerKey key = AnswerKey.EMPTY;
        for (Item item : items) {
            key = item.id().equals("a") ? key.with("zone", "a", Decision.BELONGS) : key;
        }
        return new Activity("Hands", List.of(new Page("p", "Hands", Paper.PLAIN, all)), key);
    }

    private static AttemptRules rules(Item... items) {
        return AttemptRules.of(activity(items));
    }

    private static AttemptState start(AttemptRules rules) {
        return AttemptState.start(rules);
    }

    private static PieceState put(AttemptRules rules, String piece, double x, double y) {
        return made(start(rules), new Act.Put("p", piece, x, y), rules).pieces().get(piece);
    }

    private static AttemptState made(AttemptState state, Act act, AttemptRules rules) {
        MoveResult result = state.with(Some.move(act), rules);
        assertThat(result).as("%s", act).isInstanceOf(Made.class);
        return ((Made) result).state();
    }

    private static void assertRefused(AttemptRules rules, Act act, Rule rule) {
        assertRefused(start(rules), rules, act, rule);
    }

    private static void assertRefused(AttemptState state, AttemptRules rules, Act act, Rule rule) {
        assertThat(state.with(Some.move(act), rules))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.rule()).isEqualTo(rule));
    }
}
