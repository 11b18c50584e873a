package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
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
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Zones that cross, and what it means to lie in both. */
class RegionsTest {
    private static final ZoneRule CROSSES =
            new ZoneRule(AcceptAction.IN_SLOT, RejectAction.GOES_BACK).withCrossing(true);

    private static Zone circle(String id, double x, double y, double radius) {
        return new Zone(id, Frame.of(x - radius, y - radius, 2 * radius, 2 * radius), "", id)
                .withShape(ZoneShape.ROUND);
    }

    private static Item piece(String id) {
        return new Picture(id, Frame.of(40, 900, 40, 40), Movement.FREE, id, PictureRef.library("2600"), "OpenMoji");
    }

    private static Activity activity(List<Zone> zones, List<String> pieces) {
        List<Item> items = new ArrayList<>(zones);
        pieces.forEach(id -> items.add(piece(id)));
        Activity made = Activity.blank("Planets", "p").withPage(new Page("p", "Planets", Paper.PLAIN, items));
        for (Zone zone : zones) {
            made = with(made, new SetRule("p", zone.id(), CROSSES));
        }
        return made;
    }

    private static Activity with(Activity activity, Edit edit) {
        return ((EditResult.Applied) edit.apply(activity)).activity();
    }

    private static Activity belongs(Activity activity, String zone, String piece) {
        return with(activity, new Decide("p", zone, piece, Decision.BELONGS));
    }

    private static Judge judge(Activity activity) {
        return Judge.of(activity.page("p").orElseThrow(), activity.key());
    }

    /**
     * The lens that two circles of one radius share has the area 2 r² arccos(d / 2r) − ½ d √(4r² − d²) (Weisstein,
     * Circle-Circle Intersection, MathWorld; from memory), here counted in squares.
     */
    @Test
    void what_two_circles_share_is_the_lens_of_the_closed_formula() {
        double r = 250;
        for (double d : new double[] {60, 200, 320, 450}) {
            Activity venn = activity(List.of(circle("a", 500, 450, r), circle("b", 500 + d, 450, r)), List.of());
            Regions regions = judge(venn).regions();
            int both = 0;
            int onlyA = 0;
            double step = 2;
            for (double x = 200; x < 1300; x += step) {
                for (double y = 150; y < 750; y += step) {
                    Point at = new Point(x, y);
                    both += regions.isIn(at, Set.of("a", "b")) ? 1 : 0;
                    onlyA += regions.isIn(at, Set.of("a")) ? 1 : 0;
                }
            }
            double lens = 2 * r * r * Math.acos(d / (2 * r)) - d / 2 * Math.sqrt(4 * r * r - d * d);
            assertThat(both * step * step).isCloseTo(lens, within(0.01 * Math.PI * r * r));
            assertThat(onlyA * step * step).isCloseTo(Math.PI * r * r - lens, within(0.01 * Math.PI * r * r));
            assertThat(regions.all())
                    .extracting(Region::zoneIds)
                    .containsExactly(List.of("a"), List.of("b"), List.of("a", "b"));
        }
    }

    @Test
    void three_circles_make_seven_regions_and_each_has_a_point_of_its_own() {
        Regions regions = judge(activity(
                        List.of(circle("a", 600, 400, 220), circle("b", 800, 400, 220), circle("c", 700, 570, 220)),
                        List.of()))
                .regions();
        assertThat(regions.all()).hasSize(7);
        for (Region region : regions.all()) {
            assertThat(regions.isIn(region.at(), new HashSet<>(region.zoneIds())))
                    .isTrue();
        }
    }

    /** An oracle that knows nothing but distances: right is where it lies in all it belongs in, and in no other. */
    @Test
    void random_pieces_in_random_circles_are_right_just_where_they_lie_in_all_they_belong_in() {
        Random random = new Random(5);
        int right = 0;
        int wrong = 0;
        for (int round = 0; round < 120; round++) {
            int n = 2 + random.nextInt(2);
            List<Zone> zones = new ArrayList<>();
            double[][] circles = new double[n][];
            for (int z = 0; z < n; z++) {
                circles[z] =
                        new double[] {400 + random.nextInt(500), 300 + random.nextInt(300), 80 + random.nextInt(180)};
                zones.add(circle("z" + z, circles[z][0], circles[z][1], circles[z][2]));
            }
            Activity made = activity(zones, List.of("sun"));
            Set<Integer> wanted = new HashSet<>();
            for (int z = 0; z < n; z++) {
                if (random.nextBoolean()) {
                    made = belongs(made, "z" + z, "sun");
                    wanted.add(z);
                }
            }
            Judge judge = judge(made);
            for (int i = 0; i < 60; i++) {
                double x = 250 + random.nextInt(800);
                double y = 150 + random.nextInt(600);
                Set<Integer> in = new HashSet<>();
                for (int z = 0; z < n; z++) {
                    if (Math.hypot(x + 20 - circles[z][0], y + 20 - circles[z][1]) <= circles[z][2]) {
                        in.add(z);
                    }
                }
                Verdict verdict = judge.judge("sun", x, y, ZoneContents.NOBODY);
                if (in.isEmpty()) {
                    assertThat(verdict.says()).isEqualTo(Verdict.Says.NOT_JUDGED);
                } else if (in.equals(wanted)) {
                    assertThat(verdict.belongs()).isTrue();
                    // It rests where it was put: in a slot it might lie in another region.
                    assertThat(verdict.x()).isEqualTo(x);
                    right++;
                } else {
                    assertThat(verdict.refused()).isTrue();
                    wrong++;
                }
            }
        }
        assertThat(right).isGreaterThan(150);
        assertThat(wrong).isGreaterThan(500);
    }

    @Test
    void the_solution_shows_each_piece_in_its_region() {
        Activity venn = activity(
                List.of(circle("rings", 520, 450, 250), circle("gas", 800, 450, 250)), List.of("saturn", "mars", "io"));
        venn = belongs(belongs(venn, "rings", "saturn"), "gas", "saturn");
        venn = belongs(belongs(venn, "rings", "mars"), "gas", "io");
        Judge judge = judge(venn);
        for (String piece : List.of("saturn", "mars", "io")) {
            String zone = judge.zonesOf(piece).get(0);
            Point shown = judge.shownAt(zone, piece, ZoneContents.NOBODY);
            assertThat(judge.judge(piece, shown.x(), shown.y(), ZoneContents.NOBODY)
                            .belongs())
                    .as(piece)
                    .isTrue();
            Point beside = judge.shownAt(zone, piece, id -> List.of(new PlacedPiece("io", shown.x(), shown.y(), true)));
            assertThat(beside).isNotEqualTo(shown);
            assertThat(judge.judge(piece, beside.x(), beside.y(), ZoneContents.NOBODY)
                            .belongs())
                    .isTrue();
        }
    }

    @Test
    void what_is_judged_on_check_is_judged_by_the_same_regions() {
        Activity venn =
                activity(List.of(circle("rings", 520, 450, 250), circle("gas", 800, 450, 250)), List.of("mars"));
        venn = belongs(venn, "rings", "mars");
        for (String zone : List.of("rings", "gas")) {
            venn = with(venn, new SetRule("p", zone, CROSSES.withTiming(JudgeTiming.ON_CHECK)));
        }
        Judge judge = judge(venn);
        Verdict both = judge.judge("mars", 640, 430, ZoneContents.NOBODY);
        assertThat(both.says()).isEqualTo(Verdict.Says.NOT_JUDGED);
        ZoneContents there = id ->
                id.equals(both.zoneId()) ? List.of(new PlacedPiece("mars", both.x(), both.y(), false)) : List.of();
        assertThat(judge.checked(both.zoneId(), there))
                .extracting(Judge.Checked::wrong)
                .containsExactly(true);
        ZoneContents alone = id -> id.equals("rings") ? List.of(new PlacedPiece("mars", 350, 430, false)) : List.of();
        assertThat(judge.checked("rings", alone))
                .extracting(Judge.Checked::right)
                .containsExactly(true);
    }

    @Test
    void the_page_check_finds_pieces_without_a_region_and_does_not_mind_that_they_cross() {
        Activity apart =
                activity(List.of(circle("rings", 400, 450, 200), circle("gas", 1000, 450, 200)), List.of("saturn"));
        apart = belongs(belongs(apart, "rings", "saturn"), "gas", "saturn");
        assertThat(found(apart)).contains(Finding.Kind.REGION_TOO_SMALL);
        Activity within =
                activity(List.of(circle("rings", 700, 450, 120), circle("gas", 700, 450, 300)), List.of("mars"));
        assertThat(found(belongs(within, "rings", "mars"))).contains(Finding.Kind.REGION_TOO_SMALL);
        Activity good =
                activity(List.of(circle("rings", 520, 450, 250), circle("gas", 800, 450, 250)), List.of("saturn"));
        good = belongs(belongs(good, "rings", "saturn"), "gas", "saturn");
        assertThat(found(good)).doesNotContain(Finding.Kind.REGION_TOO_SMALL, Finding.Kind.ZONES_OVERLAP);
    }

    private static List<Finding.Kind> found(Activity activity) {
        return PageCheck.page(activity.page("p").orElseThrow(), activity.key(), Pictures.UNKNOWN, Some.WORDING).stream()
                .map(Finding::kind)
                .toList();
    }
}
