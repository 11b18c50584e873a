package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.StudentTools;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.json.Json;
import gladtile.core.page.Dash;
import gladtile.core.page.FileRef;
import gladtile.core.page.Stroke;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What students draw on pages and say to them. */
class OwnWorkTest {
    private static final FileRef SOUND = new FileRef("a".repeat(64), "Recording", "audio/webm");
    private final Activity activity = Some.activity(new Random(5), 2, 4);
    private final String page = activity.pages().get(0).id();
    private final String other = activity.pages().get(1).id();
    private final AttemptRules free = may(true, true);
    private AttemptState state = AttemptState.start(free);

    private AttemptRules may(boolean draw, boolean record) {
        return AttemptRules.of(activity.withKey(
                activity.key().withTerms(activity.key().holds().withTools(new StudentTools(draw, record)))));
    }

    private static DrawnStroke stroke(String id, int points) {
        List<Integer> numbers = new ArrayList<>();
        IntStream.range(0, points).forEach(i -> Collections.addAll(numbers, i, 2 * i, 128));
        return new DrawnStroke(id, new Stroke(Stroke.Tool.PEN, "#1f2d33", 6, Dash.SOLID, numbers));
    }

    private static Act.Draw draw(String page, String... ids) {
        return new Act.Draw(page, List.of(ids).stream().map(id -> stroke(id, 3)).toList(), List.of());
    }

    private static Act.Draw rub(String page, List<DrawnStroke> left, String... ids) {
        return new Act.Draw(page, left, List.of(ids));
    }

    private void make(Act act) {
        MoveResult result = state.with(Some.move(act), free);
        assertThat(result).as("%s", act).isInstanceOf(Made.class);
        state = ((Made) result).state();
    }

    private void refused(AttemptRules rules, Act act, Rule rule) {
        assertThat(state.with(Some.move(act), rules))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.rule()).isEqualTo(rule));
    }

    private List<String> ink(String on) {
        return state.own().getOrDefault(on, OwnWork.NONE).ink().stream()
                .map(DrawnStroke::id)
                .toList();
    }

    @Test
    void strokes_lie_in_the_order_in_which_they_were_drawn_each_on_its_page() {
        make(draw(page, "a"));
        make(draw(other, "z"));
        make(draw(page, "b", "c"));
        assertThat(ink(page)).containsExactly("a", "b", "c");
        assertThat(ink(other)).containsExactly("z");
    }

    @Test
    void what_a_rubber_leaves_comes_in_place_of_the_stroke_and_a_stroke_that_is_gone_already_is_passed_over() {
        make(draw(page, "a", "b"));
        make(rub(page, List.of(stroke("a1", 2)), "a"));
        make(rub(page, List.of(), "a", "nobody"));
        assertThat(ink(page)).containsExactly("b", "a1");
    }

    @Test
    void the_same_stroke_twice_is_there_once() {
        make(draw(page, "a"));
        make(draw(page, "a"));
        assertThat(ink(page)).containsExactly("a");
    }

    /** Two who draw on one copy: in whichever order the server hears of them, the same strokes are there. */
    @Test
    void strokes_of_two_hands_do_not_depend_on_who_was_first() {
        AttemptState start = state;
        List<Act> hands = List.of(draw(page, "a"), draw(page, "b"), rub(page, List.of(stroke("c", 2)), "x"));
        List<List<String>> ends = new ArrayList<>();
        for (int shift = 0; shift < 3; shift++) {
            state = start;
            make(draw(page, "x"));
            for (int i = 0; i < 3; i++) {
                make(hands.get((i + shift) % 3));
            }
            ends.add(ink(page).stream().sorted().toList());
        }
        assertThat(ends).containsOnly(List.of("a", "b", "c"));
    }

    @Test
    void drawing_and_saying_judge_nothing_and_go_with_the_state_through_json_and_into_the_next_round() {
        make(draw(page, "a"));
        make(new Act.Say(page, new Recording("r", SOUND, 12)));
        assertThat(state.solved(free)).isZero();
        assertThat(state.pieces()).isEmpty();
        AttemptState read = Json.read(Json.write(state), AttemptState.class);
        assertThat(read).isEqualTo(state);
        assertThat(read.hashCode()).isEqualTo(state.hashCode());
        make(new Act.HandIn());
        refused(free, draw(page, "late"), Rule.HANDED_IN);
        AttemptState again = state.nextRound(free, java.time.Instant.EPOCH);
        assertThat(again.own()).isEqualTo(state.own());
        assertThat(ResultView.untold(state, free).own()).isEqualTo(state.own());
    }

    @Test
    void starting_a_page_again_wipes_its_ink_and_nothing_else() {
        make(draw(page, "a"));
        make(draw(other, "z"));
        make(new Act.Say(page, new Recording("r", SOUND, 12)));
        make(new Act.StartAgain(page));
        assertThat(ink(page)).isEmpty();
        assertThat(ink(other)).containsExactly("z");
        assertThat(state.own().get(page).said()).hasSize(1);
    }

    @Test
    void a_page_of_which_nothing_is_left_has_no_entry() {
        make(draw(page, "a"));
        make(new Act.Say(page, new Recording("r", SOUND, 12)));
        make(rub(page, List.of(), "a"));
        make(new Act.Unsay(page, "r"));
        assertThat(state.own()).isEmpty();
    }

    @Test
    void where_the_teacher_does_not_want_it_nothing_is_drawn_or_said() {
        refused(may(false, true), draw(page, "a"), Rule.NOT_TO_DRAW_ON);
        refused(may(true, false), new Act.Say(page, new Recording("r", SOUND, 1)), Rule.NOT_TO_SPEAK_ON);
        // As it is where nobody said anything: a pen is at hand, a microphone is not.
        AttemptRules usual = AttemptRules.of(
                activity.withKey(activity.key().withTerms(activity.key().holds().withTools(null))));
        assertThat(state.with(Some.move(draw(page, "a")), usual)).isInstanceOf(Made.class);
        refused(usual, new Act.Say(page, new Recording("r", SOUND, 1)), Rule.NOT_TO_SPEAK_ON);
    }

    @Test
    void a_page_takes_so_many_strokes_and_the_whole_so_many_points_and_can_be_rubbed_out_when_it_is_full() {
        for (int i = 0; i < Bounds.DRAWN_STROKES; i++) {
            make(draw(page, "s" + i));
        }
        refused(free, draw(page, "one-more"), Rule.INK_FULL);
        // A rubber may leave two parts of a stroke, but nothing new comes in under its name.
        make(rub(page, List.of(stroke("left", 2), stroke("right", 2)), "s0"));
        refused(free, rub(page, List.of(stroke("new", 40)), "nobody"), Rule.INK_FULL);
        refused(free, draw(page, "one-more"), Rule.INK_FULL);

        int long_ = Bounds.POINTS_IN_A_STROKE;
        int i = 0;
        while (points() + long_ <= Bounds.DRAWN_POINTS) {
            make(new Act.Draw(other, List.of(stroke("l" + i++, long_)), List.of()));
        }
        refused(free, new Act.Draw(other, List.of(stroke("too-much", long_)), List.of()), Rule.INK_FULL);
        make(rub(other, List.of(stroke("l", long_)), "l0"));
        refused(free, rub(other, List.of(stroke("new", long_)), "nobody"), Rule.INK_FULL);
    }

    private int points() {
        return state.own().values().stream().mapToInt(OwnWork::points).sum();
    }

    @Test
    void so_many_recordings_and_no_more_and_each_so_long_and_no_longer() {
        for (int i = 0; i < Bounds.RECORDINGS; i++) {
            make(new Act.Say(page, new Recording("r" + i, SOUND, i)));
        }
        make(new Act.Say(page, new Recording("r0", SOUND, 50)));
        refused(free, new Act.Say(page, new Recording("new", SOUND, 1)), Rule.TOO_MUCH_SAID);
        assertThatThrownBy(() -> new Recording("r", SOUND, Bounds.RECORDED_SECONDS + 1))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("recording.seconds");
        FileRef words = new FileRef("a".repeat(64), "Notes", "text/plain");
        assertThatThrownBy(() -> new Recording("r", words, 1))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("text/plain");
    }

    @Test
    void renewing_keeps_what_was_drawn_on_pages_that_are_still_there() {
        make(draw(page, "a"));
        make(draw(other, "z"));
        Activity newer = new Activity("Newer", activity.pages().subList(0, 1), activity.key());
        AttemptUpdate update = AttemptUpdate.of(state, free, AttemptRules.of(newer));
        assertThat(update.state().own()).containsOnlyKeys(page);
    }
}
