package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.Wanted;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.answer.ZoneRule;
import gladtile.core.measure.Outline;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.WordStyle;
import gladtile.core.review.GivenMark;
import gladtile.core.review.Review;
import gladtile.core.review.ReviewedScore;
import gladtile.core.typed.TypedRule;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What becomes of work: another round, a newer version, another order, a review, and what is told of it. */
class RoundsAndRenewalTest {
    private static final Instant LATER = Instant.EPOCH.plusSeconds(5_000);

    private static Wanted sky() {
        return Wanted.of(Some.sky());
    }

    private static void handIn(Wanted work) {
        work.act(new Act.HandIn());
    }

    @Test
    void the_next_round_begins_as_the_last_one_ended_and_counts_its_moves_on() {
        Wanted work = sky();
        work.put("sun", 300, 400);
        work.put("moon", 300, 400);
        handIn(work);
        AttemptState next = work.state().nextRound(work.rules(), LATER);
        assertThat(next.standing()).isEqualTo(Standing.WORKING);
        assertThat(next.seq()).isEqualTo(work.state().seq());
        assertThat(next.pieces()).isEqualTo(work.state().pieces());
        MoveResult moved = next.with(Some.put("moon", 900, 300), work.rules(), LATER);
        assertThat(moved).isInstanceOf(MoveResult.Made.class);
        assertThat(((MoveResult.Made) moved).state().pieces().get("moon").settled())
                .isTrue();
        assertThat(((MoveResult.Made) moved).state().seq()).isEqualTo(next.seq() + 1);
    }

    @Test
    void the_time_of_a_round_begins_anew_and_more_time_is_more() {
        Wanted work = sky().terms(AnswerTerms.USUAL.withSeconds(60));
        handIn(work);
        AttemptState next = work.state().nextRound(work.rules(), LATER);
        assertThat(Countdown.left(next, work.rules(), LATER.plusSeconds(50))).containsEntry(Countdown.WHOLE, 10_000L);
        assertThat(Countdown.left(next, work.rules().withMoreSeconds(30), LATER.plusSeconds(50)))
                .containsEntry(Countdown.WHOLE, 40_000L);
    }

    /** Law 1: neither what is right nor how often it was tried can be read from what is untold. */
    @Test
    void where_nothing_is_told_handed_in_work_looks_as_before_whatever_was_right() {
        ZoneRule late = ZoneRule.USUAL.withTiming(JudgeTiming.ON_HAND_IN);
        TypedKey key = new TypedKey(
                new TypedRule.TextRule(List.of("Mars"), List.of()), JudgeTiming.ON_HAND_IN, null, null, null);
        Activity with = Some.sky();
        Page page = with.pages().get(0);
        Item gap = new Gap("gap", Frame.of(1_200, 700, 200, 60), "Red", null, WordStyle.PLAIN);
        Activity activity = with.withPage(page.withItems(concat(page.items(), gap)))
                .withKey(with.key().with("light", late).with("dark", late).with("gap", key));
        Set<AttemptState> seen = new HashSet<>();
        for (String typed : List.of("Mars", "Venus")) {
            Wanted work = Wanted.of(activity);
            work.put("sun", 300, 400);
            work.put("moon", 300, 400);
            work.type("gap", typed);
            handIn(work);
            assertThat(work.state().pieces().get("sun").settled()).isTrue();
            AttemptState untold = ResultView.untold(work.state(), work.rules());
            assertThat(untold.pieces().values()).noneMatch(PieceState::settled);
            assertThat(untold.pieces().get("sun").tries())
                    .isEqualTo(untold.pieces().get("moon").tries());
            assertThat(untold.solved(work.rules())).isZero();
            assertThat(untold.typed().get("gap").says()).isEqualTo(Says.NOT_JUDGED);
            assertThat(untold.typed().get("gap").text()).isEqualTo(typed);
            seen.add(new AttemptState(0, untold.pageId(), untold.standing(), untold.pieces()));
        }
        assertThat(seen).hasSize(1);
    }

    private static List<Item> concat(List<Item> items, Item one) {
        return java.util.stream.Stream.concat(items.stream(), java.util.stream.Stream.of(one))
                .toList();
    }

    @Test
    void what_was_told_at_once_stays_told_and_work_in_progress_is_not_touched() {
        Wanted work = sky();
        work.put("sun", 300, 400);
        assertThat(ResultView.untold(work.state(), work.rules())).isSameAs(work.state());
        handIn(work);
        assertThat(ResultView.untold(work.state(), work.rules())
                        .pieces()
                        .get("sun")
                        .settled())
                .isTrue();
    }

    @Test
    void a_newer_edition_keeps_what_fits_leaves_out_what_is_gone_and_loosens_what_is_wrong_now() {
        Wanted work = sky();
        work.put("sun", 300, 400);
        work.put("moon", 900, 400);
        work.put("star", 300, 400);
        Activity old = work.activity();
        Page page = old.pages().get(0);
        Activity fresh = old.withPage(page.withItems(page.items().stream()
                        .filter(item -> !item.id().equals("star"))
                        .toList()))
                .withKey(
                        old.key().with("light", "sun", Decision.DOES_NOT_BELONG).with("dark", "sun", Decision.BELONGS));
        AttemptRules rules = AttemptRules.of(fresh);
        AttemptUpdate update = AttemptUpdate.of(work.state(), work.rules(), rules);
        assertThat(update.gone()).containsExactly(Message.literal("star"));
        assertThat(update.loosened()).containsExactly(Message.literal("sun"));
        assertThat(update.changesNothing()).isFalse();
        AttemptState now = update.state();
        assertThat(now.pieces().get("moon").settled()).isTrue();
        assertThat(now.pieces().get("sun").settled()).isFalse();
        assertThat(now.pieces()).doesNotContainKey("star");
        assertThat(now.seq()).isEqualTo(work.state().seq());
        // And it goes on under the newer rules.
        MoveResult moved = now.with(Some.put("sun", 900, 300), rules, LATER);
        assertThat(((MoveResult.Made) moved).state().pieces().get("sun").settled())
                .isTrue();
    }

    @Test
    void renewing_to_the_same_edition_changes_nothing() {
        Wanted work = sky();
        work.put("sun", 300, 400);
        work.put("moon", 300, 400);
        work.act(new Act.Open("p2"));
        AttemptUpdate update = AttemptUpdate.of(work.state(), work.rules(), AttemptRules.of(work.activity()));
        assertThat(update.state()).isEqualTo(work.state());
        assertThat(update.changesNothing()).isTrue();
    }

    @Test
    void a_page_that_is_gone_is_left_for_the_first_one() {
        Wanted work = sky();
        work.act(new Act.Open("p2"));
        Activity fresh =
                work.activity().withPages(List.of(work.activity().pages().get(0)));
        AttemptState now = AttemptUpdate.of(work.state(), work.rules(), AttemptRules.of(fresh))
                .state();
        assertThat(now.pageId()).isEqualTo("p1");
        assertThat(now.came()).doesNotContain("p2");
    }

    @Test
    void shuffled_pieces_lie_on_the_same_places_in_another_order_always_the_same_for_one_seed() {
        Activity sky = Some.sky();
        Set<List<String>> orders = new HashSet<>();
        for (long seed = 1; seed <= 40; seed++) {
            Activity mixed = Shuffle.of(sky, seed);
            assertThat(mixed).isEqualTo(Shuffle.of(sky, seed));
            // The list tells nothing of who lay where: what lies at a place stands at its turn.
            assertThat(frames(mixed)).isEqualTo(frames(sky));
            assertThat(mixed.key()).isEqualTo(sky.key());
            assertThat(item(mixed, "light")).isEqualTo(item(sky, "light"));
            orders.add(mixed.pages().get(0).pieces().stream().map(Item::id).toList());
        }
        assertThat(orders).hasSizeGreaterThan(10);
    }

    @Test
    void pieces_that_lie_on_nothing_stand_in_the_list_as_they_lie_and_look_as_before() {
        Random random = new Random(8);
        int sorted = 0;
        for (int i = 0; i < 200; i++) {
            Activity any = Some.activity(random, 2, 8);
            Activity read = Shuffle.inReadingOrder(any);
            assertThat(Shuffle.inReadingOrder(read)).isEqualTo(read);
            for (int p = 0; p < any.pages().size(); p++) {
                List<Item> was = any.pages().get(p).items();
                List<Item> now = read.pages().get(p).items();
                assertThat(now).containsExactlyInAnyOrderElementsOf(was);
                sorted += now.equals(was) ? 0 : 1;
                // What lies over something else lies over it as before.
                for (Item low : was) {
                    for (Item high : was) {
                        boolean meet = Outline.of(low.frame()).meets(Outline.of(high.frame()));
                        if (meet && was.indexOf(low) < was.indexOf(high)) {
                            assertThat(now.indexOf(low)).isLessThan(now.indexOf(high));
                        }
                    }
                }
            }
        }
        assertThat(sorted).isGreaterThan(3);
    }

    private static List<Frame> frames(Activity activity) {
        return activity.pages().get(0).pieces().stream().map(Item::frame).toList();
    }

    private static Item item(Activity activity, String id) {
        return activity.pages().get(0).items().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_review_gives_its_own_points_in_place_of_those_by_the_rules_and_adds_to_the_whole() {
        Wanted work = sky();
        work.put("sun", 300, 400);
        handIn(work);
        Score byRules = Score.of(work.state(), work.rules());
        assertThat(byRules).isEqualTo(new Score(1, 3));
        Review marked = Review.NONE.withMark("moon", new GivenMark(0.5, "It was nearly there"));
        assertThat(ReviewedScore.of(work.state(), work.rules(), marked).got()).isEqualTo(1.5);
        assertThat(ReviewedScore.of(work.state(), work.rules(), marked.withMark("sun", new GivenMark(0, "")))
                        .got())
                .isEqualTo(0.5);
        assertThat(ReviewedScore.of(work.state(), work.rules(), marked.withMark("moon", null)))
                .isEqualTo(byRules);
        Review more = new Review("Good", Map.of(), new GivenMark(2, "Helped others"), List.of(), null, true);
        assertThat(ReviewedScore.of(work.state(), work.rules(), more).got()).isEqualTo(3);
    }
}
