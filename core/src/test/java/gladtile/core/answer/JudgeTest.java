package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Verdict.Rests;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Zone;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class JudgeTest {
    private final Activity sky = Some.sky();
    private final Judge judge = Judge.of(sky.pages().get(0), sky.key());

    @Test
    void what_belongs_settles_in_a_slot_below_the_label() {
        assertThat(judge.judge("sun", 300, 300, ZoneContents.NOBODY))
                .isEqualTo(new Verdict(Says.BELONGS, "light", 100 + Slots.GAP, 200 + Slots.LABEL, Rests.IN_SLOT));
    }

    @Test
    void what_is_turned_away_glides_home() {
        assertThat(judge.judge("moon", 300, 300, ZoneContents.NOBODY))
                .isEqualTo(Verdict.rejected("light", 300, 800, Rests.HOME, VerdictReason.NOT_HERE));
    }

    @Test
    void a_zone_may_let_both_kinds_stay_where_they_were_put() {
        assertThat(judge.judge("moon", 900, 300, ZoneContents.NOBODY))
                .isEqualTo(new Verdict(Says.BELONGS, "dark", 900, 300, Rests.WHERE_PUT));
        assertThat(judge.judge("sun", 900, 300, ZoneContents.NOBODY))
                .isEqualTo(Verdict.rejected("dark", 900, 300, Rests.WHERE_PUT, VerdictReason.NOT_HERE));
    }

    @Test
    void what_is_undecided_is_turned_away() {
        assertThat(judge.judge("comet", 300, 300, ZoneContents.NOBODY).says()).isEqualTo(Says.DOES_NOT_BELONG);
    }

    @Test
    void outside_every_zone_nothing_is_judged() {
        assertThat(judge.judge("sun", 650, 700, ZoneContents.NOBODY))
                .isEqualTo(new Verdict(Says.NOT_JUDGED, null, 650, 700, Rests.WHERE_PUT));
    }

    @Test
    void the_middle_of_the_piece_decides_and_the_edge_counts() {
        assertThat(judge.judge("sun", 50, 150, ZoneContents.NOBODY).says()).isEqualTo(Says.BELONGS);
        assertThat(judge.judge("sun", 49.9, 150, ZoneContents.NOBODY).says()).isEqualTo(Says.NOT_JUDGED);
    }

    @Test
    void of_two_zones_over_each_other_the_topmost_is_asked() {
        Page page = new Page(
                "p",
                "",
                Paper.PLAIN,
                List.of(Some.zone("low", 0, 0, 500, 500), Some.zone("top", 100, 100, 200, 200), Some.piece("a", 0, 0)));
        AnswerKey key = AnswerKey.EMPTY.with("low", "a", Decision.BELONGS);
        assertThat(Judge.of(page, key).judge("a", 150, 150, ZoneContents.NOBODY).zoneId())
                .isEqualTo("top");
    }

    @Test
    void only_pieces_that_belong_somewhere_are_placements() {
        assertThat(judge.placements()).containsExactlyInAnyOrder("sun", "moon", "star");
    }

    @Test
    void judging_what_is_no_piece_is_a_mistake_of_the_caller() {
        assertThatThrownBy(() -> judge.judge("title", 0, 0, ZoneContents.NOBODY))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Law: while pieces fit, slots neither overlap nor leave the zone. Overlap is computed by the JDK's geometry. */
    @Test
    void slots_do_not_overlap_nor_leave_the_zone() {
        Random random = new Random(11);
        for (int round = 0; round < 300; round++) {
            Zone zone = Some.zone("z", random.nextInt(300), random.nextInt(300), 700, 900);
            List<Frame> there = new ArrayList<>();
            List<Rectangle2D> laid = new ArrayList<>();
            Rectangle2D box = box(zone.frame());
            for (int i = 0; i < 12; i++) {
                Frame coming = Frame.of(0, 0, 40 + random.nextInt(110), 40 + random.nextInt(110));
                var slot = Slots.next(zone, there, coming);
                Rectangle2D rectangle = new Rectangle2D.Double(slot.x(), slot.y(), coming.width(), coming.height());
                assertThat(box.contains(rectangle)).isTrue();
                assertThat(laid).noneMatch(rectangle::intersects);
                laid.add(rectangle);
                there.add(Frame.of(slot.x(), slot.y(), coming.width(), coming.height()));
            }
        }
    }

    @Test
    void a_crowded_zone_keeps_its_pieces_inside() {
        Zone small = Some.zone("z", 100, 100, 120, 120);
        List<Frame> there = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Item piece = Some.piece("a" + i, 0, 0);
            var slot = Slots.next(small, there, piece.frame());
            assertThat(slot.x()).isBetween(100.0, 120.0);
            assertThat(slot.y()).isBetween(100.0, 120.0);
            there.add(piece.frame().at(slot.x(), slot.y()));
        }
    }

    private static Rectangle2D box(Frame frame) {
        return new Rectangle2D.Double(frame.x(), frame.y(), frame.width(), frame.height());
    }
}
