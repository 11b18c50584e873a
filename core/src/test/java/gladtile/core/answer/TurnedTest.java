package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.activity.Activity;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.Angle;

/** Pieces that are right at a turn: the hands of a clock, the needle of a compass. */
class TurnedTest {
    private static Judge judge(PieceFacts facts, ZoneRule rule) {
        Picture hand = new Picture(
                "hand",
                Frame.of(300, 300, 40, 200),
                new Movement.Turns(0),
                "hand",
                PictureRef.library("2600"),
                "OpenMoji");
        Zone dial = new Zone("dial", Frame.of(200, 200, 400, 400), "", "Dial");
        Page page = new Page("page", "", Paper.PLAIN, List.of(dial, hand));
        AnswerKey key = Activity.blank("", "page")
                .key()
                .with("dial", "hand", Decision.BELONGS)
                .with("hand", facts)
                .with("dial", rule);
        return Judge.of(page, key);
    }

    /** The angle between two directions from JTS, which counts in radians. */
    @Test
    void it_is_right_within_its_tolerance_the_short_way_round() {
        Random random = new Random(5);
        for (int i = 0; i < 1_000_000; i++) {
            double wanted = random.nextInt(3600) / 10.0;
            double off = random.nextInt(900) / 10.0;
            double is = random.nextInt(7200) / 10.0 - 180;
            double apart = Math.toDegrees(
                    Angle.diff(Angle.normalize(Math.toRadians(is)), Angle.normalize(Math.toRadians(wanted))));
            if (Math.abs(apart - off) > 1e-6) {
                assertThat(PieceFacts.NONE.withTurn(wanted, off).isTurnedRight(is))
                        .as("%s wanted ± %s, %s there", wanted, off, is)
                        .isEqualTo(apart < off);
            }
        }
    }

    @Test
    void judged_at_once_it_waits_until_it_is_turned_right_and_no_try_is_counted() {
        Judge judge =
                judge(PieceFacts.NONE.withTurn(90.0, null), new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK));
        for (double turn = 0; turn < 360; turn += 15) {
            Verdict verdict = judge.judge("hand", 300, 300, turn, ZoneContents.NOBODY);
            assertThat(verdict.says())
                    .as("at %s", turn)
                    .isEqualTo(turn == 90 ? Verdict.Says.BELONGS : Verdict.Says.NOT_JUDGED);
            assertThat(verdict.zoneId()).isEqualTo("dial");
            assertThat(verdict.x()).isEqualTo(300);
        }
        assertThat(judge.shownTurn("dial", "hand")).isEqualTo(90);
    }

    @Test
    void a_check_tells_what_is_turned_wrong() {
        Judge judge = judge(PieceFacts.NONE.withTurn(350.0, 20.0), ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK));
        for (double turn = 0; turn < 360; turn += 5) {
            double is = turn;
            List<Judge.Checked> found =
                    judge.checked("dial", zone -> List.of(new PlacedPiece("hand", 300, 300, false, is)));
            boolean right = turn >= 330 || turn <= 10;
            assertThat(found.get(0).right()).as("at %s", turn).isEqualTo(right);
            assertThat(found.get(0).why()).isEqualTo(right ? null : VerdictReason.TURNED);
        }
        // Never turned, it lies as it was laid out.
        assertThat(judge.checked("dial", zone -> List.of(new PlacedPiece("hand", 300, 300, false)))
                        .get(0)
                        .right())
                .isTrue();
    }

    @Test
    void turns_and_tolerances_out_of_bounds_are_refused() {
        assertThatThrownBy(() -> PieceFacts.NONE.withTurn(400.0, null)).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> PieceFacts.NONE.withTurn(Double.NaN, null)).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> PieceFacts.NONE.withTurn(10.0, 91.0)).isInstanceOf(OutOfBounds.class);
        assertThat(PieceFacts.NONE.withTurn(360.0, null).rightTurn()).isZero();
    }
}
