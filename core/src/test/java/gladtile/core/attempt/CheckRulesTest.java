package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.Wanted;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.FeedbackDetail;
import gladtile.core.answer.Hint;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.Points;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.Replies;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.Verdict.Count;
import gladtile.core.answer.Verdict.Missing;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.WordStyle;
import gladtile.core.typed.TypedRule;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Moments, typed gaps, the solution, points and time, as they show in an attempt.
 *
 * <p>Long because each way to check is tried with each way to answer.
 */
class CheckRulesTest {
    private static final ZoneRule ON_CHECK = ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK);

    private static Wanted threePieces() {
        return Wanted.page(
                        Some.zone("z", 0, 0, 900, 300),
                        Some.piece("a", 0, 800),
                        Some.piece("b", 200, 800),
                        Some.piece("c", 400, 800))
                .belongs("z", "a", "b");
    }

    private static Wanted gap(TypedKey key) {
        Wanted page = Wanted.page(new Gap("g", Frame.of(0, 0, 200, 60), "First planet", null, WordStyle.PLAIN));
        return page.key(page.key().with("g", key));
    }

    private static TypedKey mercury() {
        return TypedKey.of(new TypedRule.TextRule(List.of("Mercury"), List.of()));
    }

    @Test
    void before_the_check_nothing_is_said_and_pieces_can_be_moved_again() {
        Wanted page = threePieces().rule("z", ON_CHECK);
        Verdict put = page.put("c", 400, 150);
        assertThat(put.says()).isEqualTo(Says.NOT_JUDGED);
        assertThat(put.zoneId()).isEqualTo("z");
        assertThat(page.state().pieces().get("c").waits()).isTrue();
        assertThat(page.state().pieces().get("c").tries()).isZero();
        page.put("c", 1200, 600);
        assertThat(page.state().pieces().get("c").waits()).isNull();
        assertThat(page.refusal(new Act.Check("p1", null))).isEqualTo(Rule.NOTHING_TO_CHECK);
    }

    @Test
    void a_check_settles_what_is_right_and_sends_home_what_is_not() {
        Wanted page = threePieces().rule("z", ON_CHECK);
        page.put("a", 400, 150);
        page.put("c", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 2));
        assertThat(page.state().pieces().get("a").settled()).isTrue();
        assertThat(page.state().pieces().get("c").zoneId()).isNull();
        assertThat(page.state().pieces().get("c").tries()).isEqualTo(1);
        assertThat(page.state().zones().get("z").refusals()).isEqualTo(1);
    }

    @Test
    void where_only_the_number_is_told_nothing_moves_until_all_is_right() {
        Wanted page = threePieces().rule("z", ON_CHECK.withFeedback(FeedbackDetail.HOW_MANY));
        page.put("a", 400, 150);
        page.put("c", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 2));
        assertThat(page.state().zones().get("z").last()).isEqualTo(new Count(1, 2));
        assertThat(page.state().pieces().values()).noneMatch(PieceState::settled);
        page.put("c", 1200, 600);
        page.put("b", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(2, 2));
        assertThat(page.solved()).isEqualTo(2);
    }

    @Test
    void one_zone_can_be_checked_by_itself() {
        Wanted page = Wanted.page(
                        Some.zone("y", 0, 0, 300, 300),
                        Some.zone("z", 400, 0, 300, 300),
                        Some.piece("a", 0, 800),
                        Some.piece("b", 200, 800))
                .belongs("y", "a")
                .belongs("z", "b")
                .rule("y", ON_CHECK)
                .rule("z", ON_CHECK);
        page.put("a", 100, 150);
        page.put("b", 500, 150);
        assertThat(page.act(new Act.Check("p1", "z")).count()).isEqualTo(new Count(1, 1));
        assertThat(page.state().pieces().get("a").waits()).isTrue();
        assertThat(page.state().pieces().get("b").settled()).isTrue();
    }

    @Test
    void on_hand_in_everything_left_is_judged_and_stays_where_it_lies() {
        Wanted page = threePieces().rule("z", ZoneRule.USUAL.withTiming(JudgeTiming.ON_HAND_IN));
        page.put("a", 400, 150);
        Verdict put = page.put("c", 400, 150);
        assertThat(page.refusal(new Act.Check("p1", null))).isEqualTo(Rule.NOTHING_TO_CHECK);
        page.act(new Act.HandIn());
        assertThat(page.solved()).isEqualTo(1);
        assertThat(page.state().pieces().get("c").settled()).isFalse();
        assertThat(page.state().pieces().get("c").x()).isEqualTo(put.x());
        assertThat(page.refusal(new Act.Put("p1", "b", 0, 0))).isEqualTo(Rule.HANDED_IN);
    }

    @Test
    void a_total_that_is_not_met_leaves_what_belongs_waiting() {
        Wanted page = threePieces();
        page = page.key(page.key()
                .with("a", PieceFacts.NONE.withValue(3.0))
                .with("b", PieceFacts.NONE.withValue(4.0))
                .with("z", ON_CHECK.withWants(ZoneRequirements.NOTHING.withTotal(7.0))));
        page.put("a", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(0, 0, Missing.TOO_LITTLE));
        assertThat(page.state().pieces().get("a").waits()).isTrue();
        assertThat(page.state().zones().get("z").refusals())
                .as("too little yet is no miss")
                .isZero();
        page.put("b", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(2, 2));
        assertThat(page.solved()).isEqualTo(1);
    }

    @Test
    void a_total_that_is_passed_says_too_much_and_is_a_miss() {
        Wanted page = threePieces().belongs("z", "c");
        page = page.key(page.key()
                .with("a", PieceFacts.NONE.withValue(3.0))
                .with("b", PieceFacts.NONE.withValue(4.0))
                .with("c", PieceFacts.NONE.withValue(9.0))
                .with(
                        "z",
                        ON_CHECK.withFeedback(FeedbackDetail.HOW_MANY)
                                .withWants(ZoneRequirements.NOTHING.withTotal(7.0))));
        page.put("a", 400, 150);
        page.put("c", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(0, 0, Missing.TOO_MUCH));
        assertThat(page.state().zones().get("z").refusals()).isEqualTo(1);
        assertThat(page.state().zones().get("z").last()).isEqualTo(new Count(0, 0, Missing.TOO_MUCH));
    }

    @Test
    void what_is_right_while_others_are_missing_is_told_right_and_counts_as_no_miss() {
        Sequence order = new Sequence(null, Map.of("a", 1, "b", 2, "c", 3));
        Wanted page = threePieces()
                .belongs("z", "c")
                .rule(
                        "z",
                        ON_CHECK.withWants(
                                ZoneRequirements.NOTHING.withSequence(order).withAllOf(true)));
        page.put("a", 150, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 1, Missing.MORE));
        page.put("c", 750, 150);
        assertThat(page.check().count()).isEqualTo(new Count(2, 2, Missing.MORE));
        assertThat(page.state().zones().get("z").refusals()).isZero();
        page.put("b", 450, 150);
        assertThat(page.check().count()).isEqualTo(new Count(3, 3));
        assertThat(page.state().zones().get("z").solvedAt()).isEqualTo(1);
    }

    @Test
    void what_was_told_wrong_and_stays_is_not_counted_again_until_it_is_moved() {
        Wanted page = threePieces()
                .rule("z", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS).withTiming(JudgeTiming.ON_CHECK));
        page.put("c", 400, 150);
        assertThat(page.check().count()).isEqualTo(new Count(0, 1));
        page.put("a", 200, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 2));
        page.act(new Act.HandIn());
        assertThat(page.state().pieces().get("c").tries()).isEqualTo(1);
        assertThat(page.state().zones().get("z").refusals()).isEqualTo(1);
    }

    @Test
    void two_that_are_in_order_with_each_other_do_not_overrule_one_that_rests() {
        Sequence order = new Sequence(null, Map.of("a", 1, "b", 2, "c", 3));
        Wanted page = threePieces()
                .belongs("z", "c")
                .rule(
                        "z",
                        new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS)
                                .withTiming(JudgeTiming.ON_CHECK)
                                .withWants(ZoneRequirements.NOTHING.withSequence(order)));
        page.put("c", 100, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 1));
        page.put("a", 300, 150);
        page.put("b", 500, 150);
        assertThat(page.check().count()).isEqualTo(new Count(0, 2));
        page.put("a", 20, 150);
        page.put("b", 60, 150);
        assertThat(page.check().count()).isEqualTo(new Count(2, 2));
    }

    @Test
    void what_lies_there_unjudged_counts_as_placed() {
        Wanted page = threePieces().rule("z", ZoneRule.USUAL.withTiming(JudgeTiming.ON_HAND_IN));
        page.put("c", 400, 150);
        page.put("a", 200, 150);
        page.put("b", 600, 150);
        assertThat(Progress.of(page.state(), page.rules(), Instant.EPOCH).waiting())
                .as("as many as there are to place, whatever belongs")
                .containsEntry("p1", 2);
        page.act(new Act.HandIn());
        assertThat(Progress.of(page.state(), page.rules(), Instant.EPOCH).waiting())
                .isEmpty();
    }

    @Test
    void the_time_runs_no_more_once_it_was_handed_in_and_begins_anew_in_the_next_round() {
        Wanted page = threePieces().terms(new AnswerTerms(null, null, null, 60, null, null, null, null));
        page.after(10).act(new Act.HandIn());
        Instant later = Instant.EPOCH.plusSeconds(30);
        assertThat(Countdown.left(page.state(), page.rules(), later)).isEmpty();
        AttemptState again = page.state().nextRound(page.rules(), later);
        assertThat(Countdown.left(again, page.rules(), later.plusSeconds(5))).containsEntry(Countdown.WHOLE, 55_000L);
    }

    @Test
    void an_order_where_pieces_stay_is_right_as_far_as_it_goes() {
        Sequence order = new Sequence(null, Map.of("a", 1, "b", 2, "c", 3));
        Wanted page = threePieces()
                .belongs("z", "c")
                .rule(
                        "z",
                        new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS)
                                .withTiming(JudgeTiming.ON_CHECK)
                                .withWants(ZoneRequirements.NOTHING.withSequence(order)));
        page.put("b", 100, 150);
        page.put("c", 300, 150);
        page.put("a", 500, 150);
        assertThat(page.check().count()).isEqualTo(new Count(2, 3));
        assertThat(page.state().pieces().get("a").settled()).isFalse();
        assertThat(page.state().pieces().get("a").zoneId())
                .as("it stays, marked")
                .isEqualTo("z");
        page.put("a", 50, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 1));
    }

    @Test
    void zones_answered_together_are_checked_by_the_best_choice() {
        Wanted page = Wanted.page(
                        Some.zone("l", 0, 0, 300, 300),
                        Some.zone("r", 400, 0, 300, 300),
                        Some.piece("2", 0, 800),
                        Some.piece("6", 150, 800),
                        Some.piece("4", 300, 800))
                .belongs("l", "2", "6", "4")
                .belongs("r", "2", "6", "4")
                .rule("l", ON_CHECK)
                .rule("r", ON_CHECK);
        page = page.key(page.key()
                .withSets(List.of(new ZoneSet("twelve", List.of("l", "r"), true, List.of(List.of("2", "6"))))));
        page.put("6", 100, 150);
        page.put("4", 500, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 2));
        assertThat(page.state().pieces().get("6").settled()).isTrue();
        page.put("2", 500, 150);
        assertThat(page.check().count()).isEqualTo(new Count(1, 1));
        assertThat(page.solved()).isEqualTo(2);
    }

    @Test
    void a_gap_says_at_once_whether_it_is_right_and_then_rests() {
        TypedKey key = new TypedKey(
                new TypedRule.TextRule(List.of("Mercury"), List.of()),
                null,
                new Replies(null, null, new Hint("It is the closest to the sun", 2)),
                3,
                null);
        Wanted page = gap(key);
        assertThat(page.type("g", "Venus").says()).isEqualTo(Says.DOES_NOT_BELONG);
        assertThat(page.type("g", "Mars").hint()).isEqualTo("It is the closest to the sun");
        assertThat(page.type("g", "mercury").says()).isEqualTo(Says.BELONGS);
        assertThat(page.solved()).isEqualTo(1);
        assertThat(page.state().typed().get("g").solvedAt()).isEqualTo(3);
        assertThat(page.refusal(new Act.Type("p1", "g", "Earth"))).isEqualTo(Rule.ALREADY_SETTLED);
    }

    @Test
    void a_gap_is_tried_only_so_often_and_only_gaps_are_typed_into() {
        Wanted page = gap(new TypedKey(mercury().rule(), null, null, 1, null));
        page.type("g", "Venus");
        assertThat(page.refusal(new Act.Type("p1", "g", "Mars"))).isEqualTo(Rule.NO_MORE_TRIES);
        assertThat(threePieces().refusal(new Act.Type("p1", "a", "Mars"))).isEqualTo(Rule.NO_GAP);
        assertThat(page.refusal(new Act.Type("p1", "nowhere", "Mars"))).isEqualTo(Rule.NO_SUCH_ITEM);
    }

    @Test
    void a_gap_can_wait_for_the_check_or_for_the_hand_in() {
        Wanted onCheck = gap(new TypedKey(mercury().rule(), JudgeTiming.ON_CHECK, null, null, null));
        assertThat(onCheck.type("g", "Mercury").says()).isEqualTo(Says.NOT_JUDGED);
        assertThat(onCheck.solved()).isZero();
        assertThat(onCheck.check().count()).isEqualTo(new Count(1, 1));
        assertThat(onCheck.solved()).isEqualTo(1);
        Wanted onHandIn = gap(new TypedKey(mercury().rule(), JudgeTiming.ON_HAND_IN, null, null, null));
        onHandIn.type("g", "Venus");
        onHandIn.act(new Act.HandIn());
        assertThat(onHandIn.state().typed().get("g").says()).isEqualTo(Says.DOES_NOT_BELONG);
    }

    @Test
    void starting_again_empties_gaps_and_keeps_the_count_of_tries() {
        Wanted page = gap(mercury());
        page.type("g", "Mercury");
        page.act(new Act.StartAgain("p1"));
        assertThat(page.state().typed().get("g").text()).isEmpty();
        assertThat(page.state().typed().get("g").tries()).isEqualTo(1);
        assertThat(page.state().typed().get("g").solvedAt()).isEqualTo(1);
    }

    @Test
    void the_solution_is_shown_only_when_it_may_be_and_gives_nothing() {
        Wanted never = threePieces();
        assertThat(never.refusal(new Act.Show("p1", null))).isEqualTo(Rule.SOLUTION_NOT_SHOWN);
        Wanted after = threePieces()
                .terms(AnswerTerms.USUAL.withSolution(new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 2, true)));
        after.put("c", 400, 150);
        assertThat(after.refusal(new Act.Show("p1", "a"))).isEqualTo(Rule.SOLUTION_NOT_SHOWN);
        Wanted handedIn = threePieces()
                .terms(AnswerTerms.USUAL.withSolution(
                        new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false)));
        handedIn.put("a", 400, 150);
        assertThat(handedIn.refusal(new Act.Show("p1", null))).isEqualTo(Rule.SOLUTION_NOT_SHOWN);
        handedIn.act(new Act.HandIn());
        assertThat(handedIn.refusal(new Act.Show("p1", "b"))).as("all at once").isEqualTo(Rule.SOLUTION_NOT_SHOWN);
        handedIn.act(new Act.Show("p1", null));
        assertThat(handedIn.state().pieces().get("b").zoneId()).isEqualTo("z");
        assertThat(handedIn.state().shown()).containsExactly("b");
        assertThat(handedIn.solved()).as("by the student").isEqualTo(1);
        assertThat(Score.of(handedIn.state(), handedIn.rules())).isEqualTo(new Score(1, 2));
    }

    @Test
    void piece_by_piece_the_solution_comes_after_so_many_refusals_of_that_piece() {
        Wanted page = Wanted.page(
                        Some.zone("y", 0, 0, 300, 300), Some.zone("z", 400, 0, 300, 300), Some.piece("a", 0, 800))
                .belongs("y", "a")
                .terms(AnswerTerms.USUAL.withSolution(new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 2, true)));
        page.put("a", 500, 150);
        page.put("a", 500, 150);
        page.act(new Act.Show("p1", "a"));
        assertThat(page.state().pieces().get("a").zoneId()).isEqualTo("y");
        assertThat(page.solved()).isZero();
    }

    /** Law 1: else a student could ask for every piece and hear which of them belong somewhere. */
    @Test
    void asking_for_a_solution_too_soon_does_not_tell_whether_a_piece_belongs() {
        Wanted page = threePieces()
                .terms(AnswerTerms.USUAL.withSolution(new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 2, true)));
        MoveResult belongs = page.state().with(Some.move(new Act.Show("p1", "a")), page.rules());
        MoveResult nowhere = page.state().with(Some.move(new Act.Show("p1", "c")), page.rules());
        assertThat(belongs).isInstanceOf(MoveResult.Refused.class).isEqualTo(nowhere);
    }

    @Test
    void the_solution_of_a_total_adds_up() {
        Wanted page = threePieces().belongs("z", "c");
        page = page.key(page.key()
                .with("a", PieceFacts.NONE.withValue(3.0))
                .with("b", PieceFacts.NONE.withValue(4.0))
                .with("c", PieceFacts.NONE.withValue(5.0))
                .with("z", ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withTotal(8.0)))
                .withTerms(AnswerTerms.USUAL.withSolution(
                        new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false))));
        page.act(new Act.HandIn());
        page.act(new Act.Show("p1", null));
        assertThat(page.state().shown()).containsExactlyInAnyOrder("a", "c", "z");
    }

    @Test
    void points_follow_the_rule_that_is_told() {
        Wanted page = threePieces()
                .terms(AnswerTerms.USUAL
                        .withPoints(new Points(2, 1, 3, false, false))
                        .withWeights(Map.of("p1", 2.0)));
        assertThat(Score.of(page.state(), page.rules())).isEqualTo(new Score(0, 20));
        page.put("a", 400, 150);
        assertThat(Score.of(page.state(), page.rules()).got())
                .as("2 and 3 for the first try, twice")
                .isEqualTo(10);
        page.put("c", 400, 150);
        assertThat(Score.of(page.state(), page.rules()).got())
                .as("c belongs nowhere, and its refusal costs 1, twice")
                .isEqualTo(8);
        for (int i = 0; i < 9; i++) {
            page.put("c", 400, 150);
        }
        assertThat(Score.of(page.state(), page.rules()).got()).as("the floor").isZero();
    }

    @Test
    void a_refusal_of_what_belongs_nowhere_is_not_counted_twice_where_the_zone_pays_for_it() {
        Wanted page = threePieces()
                .rule(
                        "z",
                        ZoneRule.USUAL
                                .withWants(ZoneRequirements.NOTHING.withAllOf(true))
                                .withWorth(6))
                .terms(AnswerTerms.USUAL.withPoints(new Points(1, 1, 0, false, false)));
        page.put("c", 400, 150);
        page.put("a", 400, 150);
        page.put("b", 400, 150);
        assertThat(Score.of(page.state(), page.rules())).isEqualTo(new Score(5, 6));
    }

    @Test
    void a_refusal_costs_and_never_goes_below_the_floor_unless_it_may() {
        Wanted page = Wanted.page(
                        Some.zone("y", 0, 0, 300, 300), Some.zone("z", 400, 0, 300, 300), Some.piece("a", 0, 800))
                .belongs("y", "a");
        Wanted floored = page.terms(AnswerTerms.USUAL.withPoints(new Points(2, 1, 0, false, false)));
        floored.put("a", 500, 150);
        assertThat(Score.of(floored.state(), floored.rules()).got()).isZero();
        floored.put("a", 100, 150);
        assertThat(Score.of(floored.state(), floored.rules()).got()).isEqualTo(1);
        Wanted below = page.terms(AnswerTerms.USUAL.withPoints(new Points(2, 1, 0, true, false)));
        below.put("a", 500, 150);
        assertThat(Score.of(below.state(), below.rules()).got()).isEqualTo(-1);
    }

    @Test
    void part_points_are_a_share_of_what_a_zone_wants_as_a_whole() {
        Wanted page = threePieces()
                .belongs("z", "c")
                .rule(
                        "z",
                        ZoneRule.USUAL
                                .withWants(ZoneRequirements.NOTHING.withAllOf(true))
                                .withWorth(6))
                .terms(AnswerTerms.USUAL.withPoints(new Points(1, 0, 0, false, true)));
        page.put("a", 400, 150);
        assertThat(Score.of(page.state(), page.rules())).isEqualTo(new Score(2, 6));
    }

    @Test
    void when_the_time_is_up_nothing_can_be_moved_but_it_can_be_handed_in() {
        Wanted page = threePieces().terms(AnswerTerms.USUAL.withSeconds(60));
        page.after(59).put("a", 400, 150);
        assertThat(Countdown.left(page.state(), page.rules(), Instant.EPOCH.plusSeconds(59)))
                .containsEntry(Countdown.WHOLE, 1000L);
        page.after(1);
        assertThat(page.refusal(new Act.Put("p1", "b", 300, 100))).isEqualTo(Rule.TIME_IS_UP);
        page.act(new Act.HandIn());
        assertThat(page.solved()).isEqualTo(1);
    }

    @Test
    void the_time_of_a_page_runs_from_when_it_was_opened_first() {
        Wanted page = threePieces().terms(AnswerTerms.USUAL.withPageSeconds(Map.of("p1", 30)));
        page.after(20).act(new Act.Open("p1"));
        page.after(9).put("a", 400, 150);
        page.after(1);
        assertThat(page.refusal(new Act.Put("p1", "b", 300, 100))).isEqualTo(Rule.TIME_IS_UP);
    }

    @Test
    void no_decision_of_one_zone_reaches_the_state_before_it_was_judged() {
        Wanted page = threePieces().rule("z", ON_CHECK);
        page.put("a", 400, 150);
        PieceState right = page.state().pieces().get("a");
        page = threePieces().key(page.key().with("z", "a", Decision.DOES_NOT_BELONG));
        page.put("a", 400, 150);
        assertThat(page.state().pieces().get("a")).isEqualTo(right);
    }
}
