package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.json.Json;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AttemptStateTest {
    private final Activity sky = Some.sky();
    private final AttemptRules rules = AttemptRules.of(sky);
    private final AttemptState start = AttemptState.start(rules);

    @Test
    void tries_are_counted_until_it_is_solved_and_only_where_a_zone_judged() {
        AttemptState state = after(
                start,
                Some.put("sun", 900, 300),
                Some.put("sun", 620, 700),
                Some.put("sun", 900, 300),
                Some.put("sun", 200, 300));
        PieceState sun = state.pieces().get("sun");
        assertThat(sun.tries()).isEqualTo(3);
        assertThat(sun.solvedAt()).isEqualTo(3);
        assertThat(sun.settled()).isTrue();
        assertThat(state.solved(rules)).isEqualTo(1);
        assertThat(state.seq()).isEqualTo(4);
    }

    @Test
    void pieces_settle_beside_one_another_in_the_order_they_came() {
        AttemptState state = after(start, Some.put("star", 200, 300), Some.put("sun", 200, 300));
        assertThat(state.pieces().get("star").x()).isEqualTo(116);
        assertThat(state.pieces().get("sun").x()).isEqualTo(116 + 100 + 16);
    }

    @Test
    void a_piece_that_was_turned_away_lies_at_home_in_no_zone() {
        PieceState moon = after(start, Some.put("moon", 200, 300)).pieces().get("moon");
        assertThat(moon).isEqualTo(new PieceState(300, 800, null, false, 1, 0, 1));
    }

    @Test
    void starting_a_page_again_sends_its_pieces_home_and_keeps_what_was_learned() {
        AttemptState state = after(
                start, Some.put("moon", 200, 300), Some.put("moon", 900, 300), Some.move(new Act.StartAgain("p1")));
        PieceState moon = state.pieces().get("moon");
        assertThat(moon.settled()).isFalse();
        assertThat(moon.x()).isEqualTo(300);
        assertThat(moon.solvedAt()).isEqualTo(2);
        assertThat(after(state, Some.put("moon", 900, 300)).pieces().get("moon").solvedAt())
                .isEqualTo(2);
    }

    @Test
    void every_rule_is_refused_as_a_value_and_changes_nothing() {
        assertRefused(start, Some.put("title", 0, 0), Rule.FIXED_ITEM);
        assertRefused(start, Some.put("light", 0, 0), Rule.FIXED_ITEM);
        assertRefused(start, Some.put("venus", 0, 0), Rule.NO_SUCH_ITEM);
        assertRefused(start, Some.move(new Act.Put("p2", "sun", 0, 0)), Rule.NO_SUCH_ITEM);
        assertRefused(start, Some.move(new Act.Open("p7")), Rule.NO_SUCH_PAGE);
        assertRefused(start, Some.move(new Act.StartAgain("p7")), Rule.NO_SUCH_PAGE);
        assertRefused(after(start, Some.put("sun", 200, 300)), Some.put("sun", 0, 0), Rule.ALREADY_SETTLED);
        AttemptState handedIn = after(start, Some.move(new Act.HandIn()));
        assertRefused(handedIn, Some.put("sun", 200, 300), Rule.HANDED_IN);
        assertRefused(handedIn, Some.move(new Act.HandIn()), Rule.HANDED_IN);
    }

    @Test
    void what_was_handed_in_can_still_be_looked_through() {
        AttemptState handedIn = after(start, Some.move(new Act.HandIn()));
        AttemptState other = after(handedIn, Some.move(new Act.Open("p2")));
        assertThat(other.pageId()).isEqualTo("p2");
        assertThat(other.standing()).isEqualTo(Standing.HANDED_IN);
        assertThat(other.pieces()).isEqualTo(handedIn.pieces());
    }

    @Test
    void going_back_leads_through_the_pages_one_came_through() {
        AttemptState on = after(start, Some.move(new Act.Open("p2")));
        assertThat(on.came()).containsExactly("p1");
        AttemptState further = after(on, Some.move(new Act.Open("p1")), Some.move(new Act.Open("p1")));
        assertThat(further.came()).as("opening the same page is no step").containsExactly("p1", "p2");
        AttemptState back = after(further, Some.move(new Act.Open("p2", true)));
        assertThat(back.pageId()).isEqualTo("p2");
        assertThat(back.came()).containsExactly("p1");
        // 'Back' to another page than the one come from is a step like any other.
        assertThat(after(further, Some.move(new Act.Open("p1", true))).came()).hasSize(2);
        AttemptState far = on;
        for (int i = 0; i < 300; i++) {
            far = after(far, Some.move(new Act.Open(i % 2 == 0 ? "p1" : "p2")));
        }
        assertThat(far.came()).hasSize(gladtile.core.Bounds.CAME);
    }

    @Test
    void an_attempt_has_a_most_number_of_moves() {
        AttemptState full =
                new AttemptState(gladtile.core.Bounds.MOVES_IN_AN_ATTEMPT, "p1", Standing.WORKING, start.pieces());
        assertRefused(full, Some.put("sun", 0, 0), Rule.TOO_MANY_MOVES);
    }

    /** Law: folding all moves at once, or in parts with the state kept as JSON between them, is the same. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void the_fold_of_all_moves_equals_the_state_kept_step_by_step(long seed) {
        Random random = new Random(seed);
        List<Move> moves = new ArrayList<>();
        AttemptState stepwise = start;
        String[] items = {"sun", "moon", "star", "comet", "title", "nowhere"};
        for (int i = 0; i < 300; i++) {
            Move move = random.nextInt(20) == 0
                    ? Some.move(new Act.StartAgain("p1"))
                    : Some.put(items[random.nextInt(items.length)], random.nextInt(1500), random.nextInt(900));
            AttemptState before = stepwise;
            MoveResult result = stepwise.with(move, rules);
            if (result instanceof Made made) {
                moves.add(move);
                stepwise = Json.read(Json.write(made.state()), AttemptState.class);
            } else {
                assertThat(stepwise).isEqualTo(before);
            }
        }
        assertThat(moves).hasSizeGreaterThan(50);
        assertThat(after(start, moves.toArray(new Move[0]))).isEqualTo(stepwise);
        assertThat(stepwise.seq()).isEqualTo(moves.size());
    }

    private AttemptState after(AttemptState from, Move... moves) {
        AttemptState state = from;
        for (Move move : moves) {
            MoveResult result = state.with(move, rules);
            assertThat(result).isInstanceOf(Made.class);
            state = ((Made) result).state();
        }
        return state;
    }

    private void assertRefused(AttemptState state, Move move, Rule rule) {
        assertThat(state.with(move, rules))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.rule()).isEqualTo(rule));
    }
}
