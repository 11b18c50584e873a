package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.PieceState;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** Zones in which large pieces are drawn smaller. */
class PieceFitTest {
    private static Picture piece(int number, double width, double height) {
        return new Picture(
                "p" + number,
                Frame.of(900 + number, 500, width, height),
                Movement.FREE,
                "Star " + number,
                PictureRef.library("2B50"),
                "OpenMoji");
    }

    private static Activity activity(Zone zone, List<Item> pieces, ZoneRule rule) {
        List<Item> items = new ArrayList<>(List.of(zone));
        items.addAll(pieces);
        AnswerKey key = AnswerKey.EMPTY.with("z", rule);
        for (Item one : pieces) {
            key = key.with("z", one.id(), Decision.BELONGS);
        }
        return new Activity("Stars", List.of(new Page("p", "Stars", Paper.PLAIN, items)), key);
    }

    private static Envelope drawn(Item item, PieceState state) {
        double scale = state.scale() == null ? 1 : state.scale();
        Frame home = item.frame();
        double x = state.x() + home.width() * (1 - scale) / 2;
        double y = state.y() + home.height() * (1 - scale) / 2;
        return new Envelope(x, x + home.width() * scale, y, y + home.height() * scale);
    }

    /** Four of any size, put down in any order anywhere in the zone; boxes held against each other with JTS. */
    @Test
    void four_of_any_size_lie_in_their_zone_and_apart_from_each_other() {
        Random random = new Random(8);
        int smaller = 0;
        for (int page = 0; page < 1_000; page++) {
            Frame box = Frame.of(40, 60, 200 + random.nextInt(500), 200 + random.nextInt(400));
            Zone zone = new Zone("z", box, "", random.nextBoolean() ? "Stars" : "");
            List<Item> pieces = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                pieces.add(piece(i, 30 + random.nextInt(300), 30 + random.nextInt(300)));
            }
            AttemptRules rules = AttemptRules.of(activity(zone, pieces, ZoneRule.USUAL.withFitted(true)));
            AttemptState state = AttemptState.start(rules);
            List<Envelope> lying = new ArrayList<>();
            for (Item one : pieces) {
                double x = box.x()
                        + random.nextDouble() * box.width()
                        - one.frame().width() / 2;
                double y = box.y()
                        + random.nextDouble() * box.height()
                        - one.frame().height() / 2;
                state = ((Made) state.with(Some.move(new Act.Put("p", one.id(), x, y)), rules)).state();
                PieceState at = state.pieces().get(one.id());
                assertThat(at.settled()).isTrue();
                Envelope now = drawn(one, at);
                Envelope around = new Envelope(box.x(), box.x() + box.width(), box.y(), box.y() + box.height());
                assertThat(around.covers(now)).as("%s in %s", now, box).isTrue();
                assertThat(lying)
                        .as("on page %d", page)
                        .noneMatch(other -> other.intersection(now).getWidth() > 1e-6
                                && other.intersection(now).getHeight() > 1e-6);
                lying.add(now);
                smaller += at.scale() == null ? 0 : 1;
            }
        }
        assertThat(smaller).isBetween(500, 3_900);
    }

    @Test
    void a_small_piece_keeps_its_size_and_one_that_leaves_has_its_own_again() {
        Zone zone = Some.zone("z", 100, 100, 400, 400);
        List<Item> pieces = List.of(piece(0, 60, 60), piece(1, 390, 200));
        ZoneRule rule = ZoneRule.USUAL.withFitted(true).withTiming(JudgeTiming.ON_CHECK);
        AttemptRules rules = AttemptRules.of(activity(zone, pieces, rule));
        AttemptState state = AttemptState.start(rules);
        state = ((Made) state.with(Some.move(new Act.Put("p", "p0", 200, 200)), rules)).state();
        state = ((Made) state.with(Some.move(new Act.Put("p", "p1", 150, 200)), rules)).state();
        assertThat(state.pieces().get("p0").scale()).isNull();
        // 0.44 of what the label leaves of 400, on a side of 390.
        assertThat(state.pieces().get("p1").scale()).isEqualTo(0.388);
        state = ((Made) state.with(Some.move(new Act.Put("p", "p1", 1_000, 600)), rules)).state();
        assertThat(state.pieces().get("p1").scale()).isNull();
    }

    @Test
    void the_page_check_knows_that_they_fit() {
        Zone zone = Some.zone("z", 100, 100, 300, 300);
        List<Item> pieces = List.of(piece(0, 290, 290), piece(400, 290, 290));
        assertThat(kinds(activity(zone, pieces, ZoneRule.USUAL))).contains(Finding.Kind.DOES_NOT_FIT);
        assertThat(kinds(activity(zone, pieces, ZoneRule.USUAL.withFitted(true))))
                .doesNotContain(Finding.Kind.DOES_NOT_FIT);
    }

    private static List<Finding.Kind> kinds(Activity activity) {
        return PageCheck.activity(activity, Pictures.UNKNOWN, Some.WORDING).stream()
                .map(Finding::kind)
                .toList();
    }
}
