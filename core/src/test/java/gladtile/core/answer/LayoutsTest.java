package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Pieces in rows, columns, grids, circles, stacks and heaps; boxes are held against those of JTS. */
class LayoutsTest {
    private static final Set<PieceLayout> APART =
            EnumSet.of(PieceLayout.ROW, PieceLayout.COLUMN, PieceLayout.GRID, PieceLayout.CIRCLE);

    private static Zone zone(double width, double height) {
        return new Zone("z", Frame.of(100, 100, width, height), "", "");
    }

    private static Envelope box(Frame frame) {
        return new Envelope(
                frame.x() + 1e-6,
                frame.x() + frame.width() - 1e-6,
                frame.y() + 1e-6,
                frame.y() + frame.height() - 1e-6);
    }

    /** As many as are free, of these sizes over and over. */
    private static List<Frame> filled(Zone zone, PieceLayout layout, int most, Frame... sizes) {
        List<Frame> lying = new ArrayList<>();
        while (lying.size() < most) {
            Frame size = sizes[lying.size() % sizes.length];
            Optional<Point> at = Layouts.free(zone, ZoneArea.of(zone), layout, lying, size);
            if (at.isEmpty()) {
                return lying;
            }
            lying.add(Frame.of(at.get().x(), at.get().y(), size.width(), size.height()));
        }
        return lying;
    }

    @ParameterizedTest
    @EnumSource(PieceLayout.class)
    void whatever_their_sizes_pieces_lie_in_the_zone_and_where_they_lie_apart_none_lies_on_another(PieceLayout layout) {
        Random random = new Random(2026);
        int laid = 0;
        for (int i = 0; i < 2_000; i++) {
            Zone zone = zone(120 + random.nextInt(1200), 120 + random.nextInt(700));
            Zone round = random.nextInt(3) == 0 ? zone.withShape(ZoneShape.ROUND) : zone;
            Frame[] sizes = new Frame[1 + random.nextInt(4)];
            for (int s = 0; s < sizes.length; s++) {
                sizes[s] = Frame.of(0, 0, 20 + random.nextInt(160), 20 + random.nextInt(160));
            }
            List<Frame> lying = filled(round, layout, 12, sizes);
            laid += lying.size();
            Frame area = zone.frame();
            for (int a = 0; a < lying.size(); a++) {
                Envelope one = box(lying.get(a));
                assertThat(box(area).contains(one))
                        .as("%s in %s", lying.get(a), area)
                        .isTrue();
                for (int b = 0; APART.contains(layout) && b < a; b++) {
                    assertThat(one.intersects(box(lying.get(b)))).isFalse();
                }
                if (round.shape() != null && APART.contains(layout)) {
                    for (Point corner : lying.get(a).corners()) {
                        double dx = (corner.x() - area.middle().x()) / (area.width() / 2);
                        double dy = (corner.y() - area.middle().y()) / (area.height() / 2);
                        assertThat(dx * dx + dy * dy).isLessThanOrEqualTo(1 + 1e-3);
                    }
                }
            }
        }
        assertThat(laid).isGreaterThan(4_000);
    }

    @Test
    void a_row_a_column_and_a_grid_hold_as_many_as_fit_with_a_gap_between() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            double width = 150 + random.nextInt(1200);
            double height = 150 + random.nextInt(700);
            Frame size = Frame.of(0, 0, 20 + random.nextInt(100), 20 + random.nextInt(100));
            int across = (int) Math.floor((width - 2 * Slots.GAP + Slots.GAP) / (size.width() + Slots.GAP));
            int down = (int) Math.floor((height - 2 * Slots.GAP + Slots.GAP) / (size.height() + Slots.GAP));
            Zone zone = zone(width, height).withLook(null);
            Zone bare = zone.withLook(new gladtile.core.page.ZoneLook(
                    gladtile.core.page.ZoneLook.Kind.TRAY, null, null, gladtile.core.page.ZoneLook.LabelPlace.NONE));
            assertThat(filled(bare, PieceLayout.ROW, 500, size)).hasSize(across);
            assertThat(filled(bare, PieceLayout.COLUMN, 500, size)).hasSize(down);
            assertThat(filled(bare, PieceLayout.GRID, 5_000, size)).hasSize(across * down);
        }
    }

    @Test
    void in_a_circle_all_lie_around_the_middle_at_equal_turns_the_first_at_the_top() {
        Zone zone = zone(600, 600).withShape(ZoneShape.ROUND);
        List<Frame> lying = filled(zone, PieceLayout.CIRCLE, 100, Frame.of(0, 0, 60, 60));
        assertThat(lying.size()).isGreaterThan(8);
        Coordinate middle = new Coordinate(400, 400);
        List<Double> turns = new ArrayList<>();
        for (Frame one : lying) {
            Coordinate at = new Coordinate(one.middle().x(), one.middle().y());
            turns.add((Math.toDegrees(Math.atan2(at.x - middle.x, middle.y - at.y)) + 360) % 360);
        }
        assertThat(turns.get(0)).isEqualTo(0);
        double step = turns.get(1);
        for (int i = 1; i < turns.size(); i++) {
            assertThat(turns.get(i)).isCloseTo(i * step, org.assertj.core.data.Offset.offset(1e-6));
        }
    }

    @Test
    void a_place_that_is_taken_away_from_is_the_next_one() {
        Zone zone = zone(900, 200);
        Frame size = Frame.of(0, 0, 80, 80);
        List<Frame> lying = filled(zone, PieceLayout.ROW, 5, size);
        Frame second = lying.remove(1);
        Point at = Layouts.free(zone, ZoneArea.of(zone), PieceLayout.ROW, lying, size)
                .orElseThrow();
        assertThat(at.x()).isEqualTo(second.x());
    }

    @Test
    void room_is_said_as_it_is_found() {
        Zone zone = zone(400, 200);
        Frame size = Frame.of(0, 0, 100, 100);
        assertThat(Layouts.fits(zone, PieceLayout.ROW, List.of(size, size, size)))
                .isTrue();
        assertThat(Layouts.fits(zone, PieceLayout.ROW, List.of(size, size, size, size)))
                .isFalse();
        assertThat(Layouts.fits(zone, PieceLayout.STACK, List.of(size, size, size, size)))
                .isTrue();
        assertThat(Layouts.fits(zone, PieceLayout.HEAP, List.of(Frame.of(0, 0, 399, 50))))
                .isFalse();
    }
}
