package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.edit.Decide;
import gladtile.core.edit.EditResult;
import gladtile.core.edit.SetRule;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneShape;
import gladtile.core.student.StudentView;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** When a piece counts as put in a zone, and where it then rests. */
class ContainmentRuleTest {
    private static final ZoneShape WEDGE =
            new ZoneShape(ZoneShape.Kind.POLYGON, List.of(new Point(0, 0), new Point(1, 0), new Point(0, 1)));

    private static Item sun() {
        return new Picture(
                "sun", Frame.of(900, 700, 100, 80), Movement.FREE, "sun", PictureRef.library("2600"), "OpenMoji");
    }

    private static Activity page(Zone zone, ZoneRule rule) {
        Activity blank = Activity.blank("Sky", "p");
        Page page = new Page("p", "Sky", Paper.PLAIN, List.of(zone, sun()));
        Activity with = blank.withPage(page);
        with = ((EditResult.Applied) new Decide("p", "z", "sun", Decision.BELONGS).apply(with)).activity();
        return ((EditResult.Applied) new SetRule("p", "z", rule).apply(with)).activity();
    }

    private static Judge judge(Zone zone, ZoneRule rule) {
        Activity activity = page(zone, rule);
        return Judge.of(activity.page("p").orElseThrow(), activity.key());
    }

    private static Verdict put(Judge judge, double x, double y, Double turn) {
        return judge.judge("sun", x, y, turn, ZoneContents.NOBODY);
    }

    /** Every way against the reference library, on random places and turns. */
    @Test
    void each_way_decides_as_the_shared_area_says() {
        Random random = new Random(11);
        GeometryFactory jts = new GeometryFactory();
        Zone zone = new Zone("z", new Frame(200, 150, 420, 300, 20), "", "").withShape(WEDGE);
        List<Point> corners = gladtile.core.measure.ZoneArea.of(zone).corners();
        Geometry wedge = jts.createPolygon(ring(corners));
        for (ContainmentRule inside : ContainmentRule.values()) {
            Judge judge = judge(zone, new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS).withInside(inside));
            int taken = 0;
            for (int i = 0; i < 4_000; i++) {
                double x = 50 + random.nextInt(600);
                double y = 50 + random.nextInt(450);
                double turn = random.nextInt(360);
                List<Point> at = new Frame(x, y, 100, 80, turn).corners();
                Geometry piece = jts.createPolygon(ring(at));
                double share = wedge.intersection(piece).getArea() / piece.getArea();
                boolean wanted = switch (inside) {
                    case MIDDLE -> wedge.covers(jts.createPoint(new Coordinate(x + 50, y + 40)));
                    case TOUCHES -> wedge.intersects(piece);
                    case MOSTLY -> share > 0.5;
                    case WHOLLY -> share > 1 - 1e-6;
                };
                boolean there = put(judge, x, y, turn).zoneId() != null;
                if (Math.abs(share - 0.5) > 1e-9) {
                    assertThat(there)
                            .as("%s at %s %s turned %s, %s", inside, x, y, turn, share)
                            .isEqualTo(wanted);
                }
                taken += there ? 1 : 0;
            }
            assertThat(taken).as("%s", inside).isBetween(10, 3_500);
        }
    }

    private static Coordinate[] ring(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point at = corners.get(i % corners.size());
            ring[i] = new Coordinate(at.x(), at.y());
        }
        return ring;
    }

    @Test
    void what_settles_rests_within_the_outline() {
        for (ZoneShape shape : List.of(WEDGE, ZoneShape.ROUND)) {
            Zone zone = new Zone("z", Frame.of(200, 150, 420, 400), "", "Stars").withShape(shape);
            Verdict verdict = put(judge(zone, ZoneRule.USUAL), 280, 240, null);
            assertThat(verdict.says()).isEqualTo(Verdict.Says.BELONGS);
            assertThat(gladtile.core.measure.ZoneArea.of(zone).holds(verdict.x(), verdict.y(), 100, 80))
                    .isTrue();
        }
    }

    /** In the corner of the box around it nothing is taken, and nothing turned away. */
    @Test
    void beside_the_outline_nothing_is_judged() {
        Zone zone = new Zone("z", Frame.of(200, 150, 420, 400), "", "").withShape(ZoneShape.ROUND);
        assertThat(put(judge(zone, ZoneRule.USUAL), 160, 120, null).says()).isEqualTo(Verdict.Says.NOT_JUDGED);
    }

    @Test
    void the_name_of_a_hidden_zone_is_not_told_to_students() {
        ZoneLook hidden = new ZoneLook(ZoneLook.Kind.HIDDEN, null, null, null);
        Zone zone = new Zone("z", Frame.of(200, 150, 420, 400), "the eyepiece", "Eyepiece").withLook(hidden);
        Activity activity = page(zone, ZoneRule.USUAL);
        StudentView view = StudentView.of(activity, AttemptRules.of(activity), Some.WORDING);
        Zone seen = (Zone) view.pages().get(0).items().get(0);
        assertThat(seen.ownName()).isEqualTo("place 1");
        assertThat(seen.label()).isEmpty();
        assertThat(seen.looks()).isEqualTo(hidden);
    }

    @Test
    void rules_of_before_are_by_the_middle_and_are_written_as_they_were() {
        String old = "{\"accept\":\"IN_SLOT\",\"reject\":\"GOES_BACK\"}";
        ZoneRule rule = gladtile.core.json.Json.read(old, ZoneRule.class);
        assertThat(rule.takesBy()).isEqualTo(ContainmentRule.MIDDLE);
        assertThat(gladtile.core.json.Json.write(rule.withInside(ContainmentRule.MIDDLE)))
                .isEqualTo(old);
        assertThat(Map.of("inside", rule.withInside(ContainmentRule.TOUCHES).takesBy()))
                .containsValue(ContainmentRule.TOUCHES);
    }
}
