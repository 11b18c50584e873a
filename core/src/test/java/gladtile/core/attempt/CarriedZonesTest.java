package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.SomeRules;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.json.Json;
import gladtile.core.page.Carriers;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Zones that move with a piece, as the hold of a boat does, and what lies in them.
 *
 * <p>Long because the zones that move with a piece are tried with each rule that knows them.
 */
class CarriedZonesTest {
    private static final Movement RAIL = new Movement.Rail(new Point(0, 0), new Point(800, 0), List.of());

    private static Item inGroup(Item item, String... groups) {
        return item.withTraits(new Traits(0, List.of(groups), null, null));
    }

    private static Item boat(Movement movement) {
        return inGroup(Some.picture("boat", 100, 400, movement), "g");
    }

    private static Item hold() {
        return inGroup(Some.zone("hold", 100, 400, 300, 200).withCarried(true), "g");
    }

    private static AnswerKey key(ZoneRule rule) {
        return AnswerKey.EMPTY
                .with("hold", rule)
                .with("hold", "star", Decision.BELONGS)
                .with("hold", "moon", Decision.BELONGS);
    }

    private static AttemptRules rules(AnswerKey key, Item... items) {
        return AttemptRules.of(
                new Activity("Boats", List.of(new Page("p", "Boats", Paper.PLAIN, List.of(items))), key));
    }

    private static AttemptRules harbour(ZoneRule rule) {
        return rules(key(rule), boat(RAIL), hold(), Some.piece("star", 1200, 800), Some.piece("moon", 1400, 800));
    }

    private static AttemptState put(AttemptState state, String piece, double x, double y, AttemptRules rules) {
        return made(state, new Act.Put("p", piece, x, y), rules);
    }

    private static AttemptState made(AttemptState state, Act act, AttemptRules rules) {
        MoveResult result = state.with(Some.move(act), rules);
        assertThat(result).isInstanceOf(Made.class);
        return ((Made) result).state();
    }

    private static AttemptState checked(AttemptState state, AttemptRules rules) {
        return state.with(Some.move(new Act.Check("p", null)), rules) instanceof Made made ? made.state() : state;
    }

    private static void assertAt(AttemptState state, String piece, double x, double y) {
        assertThat(state.pieces().get(piece).x()).as(piece + " across").isCloseTo(x, within(1e-6));
        assertThat(state.pieces().get(piece).y()).as(piece + " down").isCloseTo(y, within(1e-6));
    }

    @Test
    void what_lies_in_a_boat_goes_with_it_along_its_rail_and_the_boat_takes_pieces_where_it_is() {
        AttemptRules rules = harbour(new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK));
        AttemptState state = put(AttemptState.start(rules), "star", 150, 450, rules);
        assertThat(state.pieces().get("star").settled()).isTrue();
        state = put(state, "boat", 600, 900, rules);
        assertAt(state, "boat", 600, 400);
        assertAt(state, "star", 650, 450);
        assertThat(state.pieces().get("star").settled()).isTrue();
        AttemptState where = put(state, "moon", 700, 480, rules);
        assertThat(where.pieces().get("moon").settled()).isTrue();
        assertAt(where, "moon", 700, 480);
        assertThat(put(state, "moon", 150, 480, rules).pieces().get("moon").zoneId())
                .as("where the boat was")
                .isNull();
    }

    @Test
    void starting_again_brings_the_boat_back_and_what_a_solution_showed_goes_with_it() {
        AttemptRules rules = rules(
                key(ZoneRule.USUAL).withTerms(shownAfterOneTry()),
                Some.zone("port", 1000, 100, 300, 200),
                boat(RAIL),
                hold(),
                Some.piece("star", 1200, 800));
        AttemptState state = put(AttemptState.start(rules), "boat", 600, 400, rules);
        state = put(state, "star", 1100, 150, rules);
        state = made(state, new Act.Show("p", null), rules);
        PieceState shown = state.pieces().get("star");
        assertThat(shown.zoneId()).isEqualTo("hold");
        state = made(state, new Act.StartAgain("p"), rules);
        assertAt(state, "boat", 100, 400);
        assertAt(state, "star", shown.x() - 500, shown.y());
    }

    @Test
    void a_solution_shows_the_boat_in_its_port_and_what_belongs_in_it_there() {
        Item[] items = {
            Some.zone("port", 1000, 100, 400, 300), boat(Movement.FREE), hold(), Some.piece("star", 1200, 800)
        };
        AnswerKey key = key(ZoneRule.USUAL).withTerms(shownAfterOneTry()).with("port", "boat", Decision.BELONGS);
        AttemptRules rules = rules(key, items);
        AttemptState state = put(AttemptState.start(rules), "star", 1100, 150, rules);
        state = made(state, new Act.Show("p", null), rules);
        PieceState boat = state.pieces().get("boat");
        PieceState star = state.pieces().get("star");
        assertThat(boat.zoneId()).isEqualTo("port");
        // The hold begins where the boat does, is 300 wide and 200 high; a star is 100 both ways.
        assertThat(star.x() - boat.x()).isBetween(0.0, 200.0);
        assertThat(star.y() - boat.y()).isBetween(0.0, 100.0);
    }

    private static AnswerTerms shownAfterOneTry() {
        SolutionPolicy solution = new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 1, false);
        return new AnswerTerms(null, null, solution, null, null, null, null, null);
    }

    @Test
    void a_boat_that_is_sent_home_takes_along_what_lies_in_it() {
        AnswerKey key = key(ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK))
                .with("port", "boat", Decision.DOES_NOT_BELONG)
                .with(
                        "port",
                        new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK).withTiming(JudgeTiming.ON_CHECK));
        AttemptRules rules = rules(
                key,
                Some.zone("port", 1000, 300, 500, 400),
                boat(Movement.FREE),
                hold(),
                Some.piece("star", 1200, 800));
        AttemptState state = put(AttemptState.start(rules), "boat", 1100, 400, rules);
        AttemptState aboard = put(state, "star", 1150, 450, rules);
        assertThat(aboard.pieces().get("star").zoneId()).isEqualTo("hold");
        double across = aboard.pieces().get("star").x() - 1100;
        AttemptState checked = made(aboard, new Act.Check("p", "port"), rules);
        assertAt(checked, "boat", 100, 400);
        assertThat(checked.pieces().get("star").x()).isCloseTo(100 + across, within(1e-6));
    }

    @Test
    void a_boat_is_never_put_in_its_own_hold_nor_in_what_it_carries() {
        Item cart = inGroup(Some.picture("cart", 1000, 100, Movement.FREE), "h");
        Item tray = inGroup(Some.zone("tray", 1000, 100, 200, 200).withCarried(true), "h");
        AnswerKey key = key(new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS))
                .with("hold", "cart", Decision.BELONGS)
                .with("hold", "boat", Decision.BELONGS)
                .with("tray", "boat", Decision.BELONGS)
                .with("tray", "star", Decision.BELONGS)
                .with("hold", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS).withTiming(JudgeTiming.ON_HAND_IN))
                .with("tray", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS));
        AttemptRules rules = rules(key, boat(Movement.FREE), hold(), cart, tray, Some.piece("star", 1200, 800));
        AttemptState state = AttemptState.start(rules);
        assertThat(put(state, "boat", 150, 450, rules).pieces().get("boat").zoneId())
                .as("within its own hold")
                .isNull();
        state = put(state, "star", 1020, 130, rules);
        assertThat(state.pieces().get("star").zoneId()).isEqualTo("tray");
        state = put(state, "cart", 180, 420, rules);
        assertThat(state.pieces().get("cart").zoneId()).isEqualTo("hold");
        assertAt(state, "star", 200, 450);
        state = put(state, "boat", 200, 420, rules);
        assertThat(state.pieces().get("boat").zoneId())
                .as("in the cart that it carries")
                .isNull();
        assertAt(state, "cart", 280, 440);
        assertAt(state, "star", 300, 470);
    }

    @Test
    void a_table_that_is_moved_takes_pieces_in_its_cells_where_it_lies() {
        TableCell open = new TableCell(null, null, null, null, "cell");
        Table table = new Table(
                "table",
                Frame.of(100, 100, 400, 200),
                Movement.FREE,
                "",
                null,
                List.of(100.0, 100.0),
                List.of(100.0),
                List.of(List.of(open, TableCell.EMPTY)),
                "#17252d");
        AnswerKey key = AnswerKey.EMPTY.with("cell", "star", Decision.BELONGS);
        AttemptRules rules = rules(key, table, Some.piece("star", 1200, 800));
        AttemptState state = put(AttemptState.start(rules), "table", 700, 500, rules);
        assertThat(put(state, "star", 750, 550, rules).pieces().get("star").settled())
                .isTrue();
    }

    @Test
    void what_turns_and_what_copies_come_off_carries_nothing() {
        Item turning = inGroup(Some.picture("boat", 100, 400, new Movement.Turns(15)), "g");
        Item supply = Some.picture("boat", 100, 400, Movement.FREE)
                .withTraits(new Traits(0, List.of("g"), new Supply(3), null));
        for (Item carrier : List.of(turning, supply, boat(Movement.FIXED))) {
            assertThat(Carriers.of(new Page("p", "Boats", Paper.PLAIN, List.of(carrier, hold()))))
                    .isEmpty();
        }
        Item still = inGroup(Some.zone("hold", 100, 400, 300, 200), "g");
        assertThat(Carriers.of(new Page("p", "Boats", Paper.PLAIN, List.of(boat(RAIL), still))))
                .as("a zone of an edition from before")
                .isEmpty();
    }

    /**
     * The law that all others follow from: a page whose boat was moved finds of a piece what the same page finds where
     * the boat is at home and the piece as much nearer, and each piece then lies as much further.
     */
    @Test
    void a_moved_zone_judges_as_it_does_at_home() {
        int taken = 0;
        int judged = 0;
        for (int seed = 0; seed < 5_000; seed++) {
            Random random = new Random(seed);
            List<Item> pieces = new ArrayList<>();
            AnswerKey key = AnswerKey.EMPTY;
            for (int i = 0; i < 5; i++) {
                Item piece = Some.piece("p" + i, 900 + 20 * i, 850);
                pieces.add(piece.withFrame(
                        Frame.of(900 + 20 * i, 850, 20 + random.nextInt(150), 20 + random.nextInt(120))));
                key = key.with("hold", "p" + i, Decision.values()[random.nextInt(2)])
                        .with("p" + i, SomeRules.facts(random));
            }
            key = key.with("hold", SomeRules.rule(random, "p0"));
            var hold = Some.zone("hold", 100, 200, 200 + random.nextInt(300), 150 + random.nextInt(300))
                    .withCarried(true);
            hold = switch (random.nextInt(3)) {
                case 0 -> hold.withShape(ZoneShape.ROUND);
                case 1 -> hold.withScale(new ZoneScale(0, 10, 1, 1, random.nextBoolean()));
                default -> hold;
            };
            List<Item> items = new ArrayList<>(List.of(boat(Movement.FREE), inGroup(hold, "g")));
            items.addAll(pieces);
            AttemptRules rules = rules(key, items.toArray(Item[]::new));
            int dx = random.nextInt(600);
            int dy = random.nextInt(300);
            AttemptState still = AttemptState.start(rules);
            AttemptState moved = put(still, "boat", 100 + dx, 400 + dy, rules);
            // As many moves on both sides: what came first counts.
            still = put(still, "boat", 100, 400, rules);
            for (int i = 0; i < 8; i++) {
                Item piece = pieces.get(random.nextInt(pieces.size()));
                double x = hold.frame().x() + random.nextInt((int) hold.frame().width());
                double y = hold.frame().y() + random.nextInt((int) hold.frame().height());
                MoveResult home = still.with(Some.move(new Act.Put("p", piece.id(), x, y)), rules);
                MoveResult away = moved.with(Some.move(new Act.Put("p", piece.id(), x + dx, y + dy)), rules);
                assertThat(away.getClass()).isEqualTo(home.getClass());
                if (!(home instanceof Made here) || !(away instanceof Made there)) {
                    continue;
                }
                Verdict a = here.verdict().orElseThrow();
                Verdict b = there.verdict().orElseThrow();
                boolean back = a.rests() == Verdict.Rests.HOME;
                assertThat(List.of(b.says(), b.rests())).isEqualTo(List.of(a.says(), a.rests()));
                assertThat(b.why()).as("seed %d", seed).isEqualTo(a.why());
                assertThat(b.x() - a.x()).isCloseTo(back ? 0 : dx, within(1e-6));
                assertThat(b.y() - a.y()).isCloseTo(back ? 0 : dy, within(1e-6));
                still = here.state();
                moved = there.state();
                judged++;
                taken += a.belongs() ? 1 : 0;
            }
            AttemptState after = checked(moved, rules);
            AttemptState afterStill = checked(still, rules);
            afterStill.pieces().forEach((id, piece) -> {
                PieceState other = after.pieces().get(id);
                assertThat(other.settled()).isEqualTo(piece.settled());
                assertThat(other.zoneId()).isEqualTo(piece.zoneId());
            });
            // Brought home, everything lies as if the boat had never left.
            AttemptState home = put(after, "boat", 100, 400, rules);
            afterStill.pieces().forEach((id, piece) -> {
                if (piece.zoneId() != null) {
                    assertAt(home, id, piece.x(), piece.y());
                }
            });
        }
        assertThat(judged).isGreaterThan(10_000);
        assertThat(taken).isGreaterThan(1_000);
    }

    @Test
    void a_kept_move_of_a_boat_tells_of_all_that_lies_in_it() {
        AttemptRules rules = harbour(new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK));
        AttemptState state = put(AttemptState.start(rules), "star", 150, 450, rules);
        AttemptState after = put(state, "boat", 600, 400, rules);
        StateChange kept = Json.read(Json.write(StateChange.between(state, after)), StateChange.class);
        assertThat(kept.pieces().keySet()).containsExactlyInAnyOrder("boat", "star");
        assertThat(kept.on(state)).isEqualTo(after);
    }
}
