package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.Some;
import gladtile.core.Wanted;
import gladtile.core.answer.Verdict.Rests;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.attempt.Act;
import gladtile.core.page.Item;
import gladtile.core.page.Supply;
import gladtile.core.page.Traits;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * What a zone can want of its pieces, judged at once.
 *
 * <p>Long because each thing that a zone may require is tried alone and with the others.
 */
class ZoneRequirementsTest {
    private static final ZoneRule PLAIN = ZoneRule.USUAL;

    private static Item supply(String id, double x, Integer copies) {
        return Some.piece(id, x, 800).withTraits(Traits.NONE.withSupply(new Supply(copies)));
    }

    private static Wanted threePieces() {
        return Wanted.page(
                        Some.zone("z", 0, 0, 900, 300),
                        Some.piece("a", 0, 800),
                        Some.piece("b", 200, 800),
                        Some.piece("c", 400, 800))
                .belongs("z", "a", "b", "c");
    }

    @Test
    void a_zone_takes_all_that_have_a_label_and_no_other() {
        Wanted page = threePieces();
        AnswerKey key = AnswerKey.EMPTY
                .with("z", PLAIN.withWants(ZoneRequirements.NOTHING.withTakes(List.of("planet"))))
                .with("a", PieceFacts.NONE.withLabels(List.of("planet", "near")))
                .with("b", PieceFacts.NONE.withLabels(List.of("star")))
                .with("z", "c", Decision.BELONGS);
        page = page.key(key);
        assertThat(page.put("a", 400, 150).says()).isEqualTo(Says.BELONGS);
        assertThat(page.put("b", 400, 150).why()).isEqualTo(VerdictReason.NOT_HERE);
        assertThat(page.put("c", 400, 150).says()).as("said of itself").isEqualTo(Says.BELONGS);
        assertThat(page.rules().placements()).hasSize(2);
    }

    @Test
    void a_piece_that_belongs_nowhere_is_turned_away_by_zones_that_come_later_too() {
        AnswerKey key = AnswerKey.EMPTY.with("a", PieceFacts.NONE.withNowhere(true));
        assertThat(key.decision("any zone", "a")).isEqualTo(Decision.DOES_NOT_BELONG);
        assertThat(key.with("z", "a", Decision.BELONGS).decision("z", "a")).isEqualTo(Decision.BELONGS);
    }

    @Test
    void a_full_zone_sends_pieces_home_and_counts_no_refusal() {
        Wanted page = threePieces().rule("z", PLAIN.withWants(ZoneRequirements.NOTHING.withCapacity(2)));
        page.put("a", 400, 150);
        page.put("b", 400, 150);
        assertThat(page.solved()).as("any two solve it").isEqualTo(1);
        Verdict full = page.put("c", 400, 150);
        assertThat(full.why()).isEqualTo(VerdictReason.FULL);
        assertThat(full.rests()).isEqualTo(Rests.HOME);
        assertThat(page.state().pieces().get("c").tries()).isZero();
        assertThat(page.rules().placements()).hasSize(1);
    }

    @Test
    void in_a_sequence_the_place_along_the_zone_counts() {
        Sequence order = new Sequence(null, Map.of("a", 1, "b", 2, "c", 3));
        Wanted page = threePieces().rule("z", PLAIN.withWants(ZoneRequirements.NOTHING.withSequence(order)));
        assertThat(page.put("b", 100, 150).why()).isEqualTo(VerdictReason.WRONG_PLACE);
        Verdict right = page.put("b", 450, 150);
        assertThat(right.says()).isEqualTo(Says.BELONGS);
        assertThat(right.x()).as("in the middle of the second third").isEqualTo(400);
        assertThat(page.put("c", 800, 150).belongs()).isTrue();
        assertThat(page.put("a", 800, 150).why()).isEqualTo(VerdictReason.WRONG_PLACE);
        assertThat(page.put("a", 10, 150).belongs()).isTrue();
        assertThat(page.solved()).isEqualTo(3);
    }

    @Test
    void a_sequence_runs_leftwards_and_downwards_too() {
        Map<String, Integer> places = Map.of("a", 1, "b", 2, "c", 3);
        Wanted left = threePieces()
                .rule(
                        "z",
                        PLAIN.withWants(ZoneRequirements.NOTHING.withSequence(
                                new Sequence(Sequence.Direction.LEFTWARDS, places))));
        assertThat(left.put("a", 850, 150).belongs()).isTrue();
        assertThat(left.put("c", 50, 150).belongs()).isTrue();
        Wanted down = Wanted.page(Some.zone("z", 0, 0, 200, 756), Some.piece("a", 0, 800), Some.piece("b", 200, 800))
                .belongs("z", "a", "b")
                .rule(
                        "z",
                        PLAIN.withWants(ZoneRequirements.NOTHING.withSequence(
                                new Sequence(Sequence.Direction.DOWNWARDS, Map.of("a", 1, "b", 2)))));
        assertThat(down.put("b", 100, 700).belongs()).isTrue();
        assertThat(down.put("a", 100, 600).why()).isEqualTo(VerdictReason.WRONG_PLACE);
        assertThat(down.put("a", 100, 100).belongs()).isTrue();
    }

    @Test
    void two_letters_that_look_alike_may_stand_for_one_another() {
        Sequence order = new Sequence(null, Map.of("e1", 1, "e2", 2, "l", 3));
        Wanted page = Wanted.page(
                        Some.zone("z", 0, 0, 900, 300),
                        piece("e1", "e", 0),
                        piece("e2", "e", 200),
                        piece("l", "l", 400))
                .belongs("z", "e1", "e2", "l")
                .rule("z", PLAIN.withWants(ZoneRequirements.NOTHING.withSequence(order)));
        assertThat(page.put("e2", 50, 150).belongs()).isTrue();
        assertThat(page.put("l", 450, 150).why()).isEqualTo(VerdictReason.WRONG_PLACE);
        assertThat(page.put("e1", 450, 150).belongs()).isTrue();
    }

    private static Item piece(String id, String text, double x) {
        return Some.words(id, text)
                .withFrame(gladtile.core.page.Frame.of(x, 800, 80, 80))
                .withMovement(gladtile.core.page.Movement.FREE);
    }

    @Test
    void where_pieces_stay_only_what_lies_before_and_behind_counts() {
        Sequence order = new Sequence(null, Map.of("a", 1, "b", 2, "c", 3));
        Wanted page = threePieces()
                .rule(
                        "z",
                        PLAIN.withAccept(AcceptAction.STAYS).withWants(ZoneRequirements.NOTHING.withSequence(order)));
        assertThat(page.put("b", 800, 150).belongs()).isTrue();
        assertThat(page.put("c", 700, 150).why()).isEqualTo(VerdictReason.WRONG_PLACE);
        assertThat(page.put("a", 700, 150).belongs()).isTrue();
    }

    @Test
    void values_add_up_to_a_total_exactly_and_no_further() {
        Wanted page = Wanted.page(
                Some.zone("z", 0, 0, 900, 300),
                supply("ten", 0, null),
                supply("five", 200, null),
                Some.piece("x", 400, 800));
        page = page.key(AnswerKey.EMPTY
                .with("z", "ten", Decision.BELONGS)
                .with("z", "five", Decision.BELONGS)
                .with("ten", PieceFacts.NONE.withValue(0.1))
                .with("five", PieceFacts.NONE.withValue(0.05))
                .with("z", PLAIN.withWants(ZoneRequirements.NOTHING.withTotal(0.25))));
        assertThat(page.put("ten~1", 400, 150).belongs()).isTrue();
        assertThat(page.put("ten~2", 400, 150).belongs()).isTrue();
        assertThat(page.solved()).isZero();
        assertThat(page.put("ten~3", 400, 150).why()).isEqualTo(VerdictReason.TOO_MUCH);
        assertThat(page.put("five~1", 400, 150).belongs()).isTrue();
        assertThat(page.solved()).isEqualTo(1);
        assertThat(page.state().zones().get("z").solvedAt())
                .as("one refusal before")
                .isEqualTo(2);
    }

    @Test
    void copies_are_counted_one_by_one() {
        Wanted page = Wanted.page(Some.zone("z", 0, 0, 900, 300), supply("star", 0, null), supply("moon", 200, null))
                .belongs("z", "star", "moon")
                .rule("z", PLAIN.withWants(ZoneRequirements.NOTHING.withCounts(Map.of("star", 2, "moon", 1))));
        assertThat(page.put("star~1", 400, 150).belongs()).isTrue();
        assertThat(page.put("moon~1", 400, 150).belongs()).isTrue();
        assertThat(page.put("moon~2", 400, 150).why()).isEqualTo(VerdictReason.TOO_MANY);
        assertThat(page.solved()).isZero();
        assertThat(page.put("star~2", 400, 150).belongs()).isTrue();
        assertThat(page.solved()).isEqualTo(1);
    }

    @Test
    void all_of_counts_as_one_and_only_when_everything_is_there() {
        Wanted page = threePieces().rule("z", PLAIN.withWants(ZoneRequirements.NOTHING.withAllOf(true)));
        page.put("a", 400, 150);
        page.put("b", 400, 150);
        assertThat(page.solved()).isZero();
        page.put("c", 400, 150);
        assertThat(page.solved()).isEqualTo(1);
        assertThat(page.rules().placements()).hasSize(1);
    }

    private static Wanted factors(boolean anyOrder) {
        Wanted page = Wanted.page(
                        Some.zone("l", 0, 0, 300, 300),
                        Some.zone("r", 400, 0, 300, 300),
                        Some.piece("2", 0, 800),
                        Some.piece("3", 150, 800),
                        Some.piece("4", 300, 800),
                        Some.piece("6", 450, 800))
                .belongs("l", "2", "3", "4", "6")
                .belongs("r", "2", "3", "4", "6");
        return page.key(page.key()
                .withSets(List.of(new ZoneSet(
                        "twelve", List.of("l", "r"), anyOrder, List.of(List.of("2", "6"), List.of("3", "4"))))));
    }

    @Test
    void two_factors_may_lie_in_any_arrangement() {
        Wanted page = factors(true);
        assertThat(page.put("4", 100, 150).belongs()).isTrue();
        assertThat(page.put("6", 500, 150).why()).isEqualTo(VerdictReason.NOT_WITH_THESE);
        assertThat(page.put("3", 500, 150).belongs()).isTrue();
        assertThat(page.solved()).isEqualTo(2);
        assertThat(page.rules().placements()).hasSize(2);
    }

    @Test
    void a_pair_of_zones_wants_each_piece_in_its_own() {
        Wanted page = factors(false);
        assertThat(page.put("4", 100, 150).why()).as("it is a right-hand one").isEqualTo(VerdictReason.NOT_WITH_THESE);
        assertThat(page.put("4", 500, 150).belongs()).isTrue();
        assertThat(page.put("2", 100, 150).why()).isEqualTo(VerdictReason.NOT_WITH_THESE);
        assertThat(page.put("3", 100, 150).belongs()).isTrue();
    }

    @Test
    void without_choices_one_word_is_not_two_synonyms() {
        Wanted page = Wanted.page(
                        Some.zone("l", 0, 0, 300, 300), Some.zone("r", 400, 0, 300, 300), supply("big", 0, null))
                .belongs("l", "big")
                .belongs("r", "big");
        page = page.key(page.key().withSets(List.of(new ZoneSet("s", List.of("l", "r"), true, null))));
        assertThat(page.put("big~1", 100, 150).belongs()).isTrue();
        assertThat(page.put("big~2", 500, 150).why()).isEqualTo(VerdictReason.NOT_WITH_THESE);
    }

    @Test
    void a_zone_is_in_one_set_at_most_so_that_sets_cannot_go_in_a_ring() {
        ZoneSet one = new ZoneSet("one", List.of("a", "b"), true, null);
        ZoneSet other = new ZoneSet("other", List.of("b", "a"), true, null);
        assertThatThrownBy(() -> AnswerKey.EMPTY.withSets(List.of(one, other)))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("bound.key.sets");
        assertThatThrownBy(() -> new ZoneSet("s", List.of("a", "a"), true, null))
                .isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new ZoneSet("s", List.of("a", "b"), true, List.of(List.of("x"))))
                .isInstanceOf(OutOfBounds.class);
    }

    @Test
    void what_melts_is_solved_and_takes_no_room() {
        Wanted page = threePieces().rule("z", PLAIN.withAccept(AcceptAction.DISAPPEARS));
        assertThat(page.put("a", 400, 150).rests()).isEqualTo(Rests.DISAPPEARED);
        assertThat(page.state().pieces().get("a").disappeared()).isTrue();
        assertThat(page.solved()).isEqualTo(1);
    }

    @Test
    void after_so_many_refusals_a_zone_takes_no_more() {
        Wanted page = Wanted.page(Some.zone("z", 0, 0, 900, 300), Some.piece("a", 0, 800), Some.piece("b", 200, 800))
                .belongs("z", "a")
                .rule("z", PLAIN.withTries(2));
        page.put("b", 400, 150);
        page.put("b", 400, 150);
        assertThat(page.put("a", 400, 150).why()).isEqualTo(VerdictReason.NO_MORE_TRIES);
    }

    @Test
    void a_zone_has_its_own_words_and_helps_when_it_was_earned() {
        Replies replies = new Replies(
                new Reply("It shines", Sound.CHIME), new Reply("Look again", Sound.DRUM), new Hint("It is hot", 2));
        Wanted page = Wanted.page(Some.zone("z", 0, 0, 900, 300), Some.piece("a", 0, 800), Some.piece("b", 200, 800))
                .belongs("z", "a")
                .rule("z", PLAIN.withReplies(replies));
        Verdict first = page.put("b", 400, 150);
        assertThat(first.reply().message()).isEqualTo("Look again");
        assertThat(first.hint()).as("not earned yet").isNull();
        assertThat(page.put("b", 400, 150).hint()).isEqualTo("It is hot");
        assertThat(page.put("a", 400, 150).reply().sound()).isEqualTo(Sound.CHIME);
    }

    @Test
    void slots_hold_their_place_when_a_piece_between_was_taken_out() {
        Wanted page = threePieces().rule("z", PLAIN.withTiming(JudgeTiming.ON_CHECK));
        Verdict a = page.put("a", 400, 150);
        Verdict b = page.put("b", 400, 150);
        Verdict c = page.put("c", 400, 150);
        page.put("b", 1200, 600);
        assertThat(page.put("b", 400, 150)).extracting(Verdict::x, Verdict::y).containsExactly(b.x(), b.y());
        assertThat(List.of(a.x(), b.x(), c.x())).doesNotHaveDuplicates();
    }

    @Test
    void bounds_are_named() {
        assertThatThrownBy(() -> PieceFacts.NONE.withValue(0.0001)).hasMessageContaining("bound.decimals");
        assertThatThrownBy(() -> PieceFacts.NONE.withLabels(List.of(" planet")))
                .hasMessageContaining("bound.white-space");
        assertThatThrownBy(() -> ZoneRequirements.NOTHING.withCapacity(0)).hasMessageContaining("wants.capacity");
        assertThatThrownBy(() -> PLAIN.withTries(0)).hasMessageContaining("rule.tries");
        assertThatThrownBy(() -> new SolutionPolicy(SolutionPolicy.When.NEVER, 3, false))
                .isInstanceOf(OutOfBounds.class);
    }

    @Test
    void what_may_not_be_moved_stays_so_with_every_rule() {
        Wanted page = threePieces();
        page.put("a", 400, 150);
        assertThat(page.refusal(new Act.Put("p1", "a", 0, 0)))
                .isEqualTo(gladtile.core.attempt.MoveResult.Rule.ALREADY_SETTLED);
    }
}
