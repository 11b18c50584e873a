package gladtile.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Bounds;
import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.edit.Invariants;
import gladtile.core.json.Json;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Point;
import gladtile.core.page.Table;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What ships is as sound as what a teacher makes. */
class ReadyPartsTest {
    private static final ReadyParts PARTS = new ReadyParts(Some.WORDING);

    private static Page page(String id) {
        return PARTS.of(id).orElseThrow().contents().pages().get(0);
    }

    @Test
    void each_is_sound_lies_on_its_page_and_is_moved_as_one() {
        Set<String> ids = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (ReadyPart part : PARTS.all()) {
            assertThat(ids.add(part.id())).isTrue();
            assertThat(names.add(part.name())).isTrue();
            Activity contents = part.contents();
            assertThat(Invariants.broken(contents)).as(part.id()).isEmpty();
            assertThat(Json.read(Json.write(contents), Activity.class)).isEqualTo(contents);
            List<Item> items = contents.pages().get(0).items();
            for (Item item : items) {
                for (Point corner : item.frame().corners()) {
                    assertThat(corner.x()).as(part.id()).isBetween(0.0, Bounds.PAGE_WIDTH);
                    assertThat(corner.y()).as(part.id()).isBetween(0.0, Bounds.PAGE_HEIGHT);
                }
            }
            long groups = items.stream()
                    .filter(item -> item.movement().equals(Movement.FIXED))
                    .map(item ->
                            item.traits() == null ? List.of() : item.traits().groups())
                    .distinct()
                    .count();
            assertThat(groups).as(part.id()).isEqualTo(1);
        }
    }

    @Test
    void no_words_of_theirs_are_cut_off_and_circles_cross_because_they_are_meant_to() {
        for (ReadyPart part : PARTS.all()) {
            assertThat(PageCheck.activity(part.contents(), Pictures.UNKNOWN, Some.WORDING))
                    .as(part.id())
                    .noneMatch(found -> found.kind() == Finding.Kind.WORDS_CUT_OFF
                            || found.kind() == Finding.Kind.SMALL_WORDS
                            || found.kind() == Finding.Kind.ZONES_OVERLAP);
        }
    }

    @Test
    void a_hundred_square_counts_to_a_hundred() {
        Table square = (Table) page("hundred-square").items().get(0);
        List<String> said = square.cells().stream()
                .flatMap(List::stream)
                .map(cell -> cell.words().text())
                .toList();
        assertThat(said)
                .isEqualTo(
                        IntStream.rangeClosed(1, 100).mapToObj(String::valueOf).toList());
    }

    /** By the dial itself: an hour is 30 degrees, so 3 stands right of the middle and 6 below it. */
    @Test
    void the_numbers_of_the_clock_stand_where_they_stand_on_a_clock_and_its_hands_turn_about_the_middle() {
        Page clock = page("clock");
        Point middle = clock.items().get(0).frame().middle();
        for (Item item : clock.items()) {
            if (item instanceof Words words) {
                int hour = Integer.parseInt(words.content().text());
                Point at = item.frame().middle();
                double turn = Math.toDegrees(Math.atan2(at.x() - middle.x(), middle.y() - at.y()));
                assertThat(Math.floorMod(Math.round(turn), 360)).isEqualTo(30 * hour % 360);
            }
            if (item.movement() instanceof Movement.Turns) {
                assertThat(item.frame().middle()).isEqualTo(middle);
            }
        }
    }

    @Test
    void circles_that_cross_leave_room_in_each_region() {
        for (String id : List.of("circles-2", "circles-3")) {
            List<Zone> zones =
                    page(id).items().stream().map(item -> (Zone) item).toList();
            for (int which = 1; which < 1 << zones.size(); which++) {
                assertThat(room(zones, which)).as("%s, region %d", id, which).isGreaterThan(12_000);
            }
        }
    }

    /** Square units that lie in just these of the circles, counted on a grid; a measure of its own. */
    private static int room(List<Zone> zones, int which) {
        int room = 0;
        for (int x = 0; x < 1600; x += 10) {
            for (int y = 0; y < 1000; y += 10) {
                int in = 0;
                for (int i = 0; i < zones.size(); i++) {
                    Point middle = zones.get(i).frame().middle();
                    double dx = (x - middle.x()) / (zones.get(i).frame().width() / 2);
                    double dy = (y - middle.y()) / (zones.get(i).frame().height() / 2);
                    in |= dx * dx + dy * dy <= 1 ? 1 << i : 0;
                }
                room += in == which ? 100 : 0;
            }
        }
        return room;
    }
}
