package gladtile.core.pagemap;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.message.Message;
import gladtile.core.page.MapSpot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MapLayoutTest {
    private static List<String> pages(int count) {
        return IntStream.range(0, count).mapToObj(i -> "p" + i).toList();
    }

    @Test
    void pages_stand_in_layers_from_the_start_and_a_way_home_does_not_turn_them_round() {
        PageMap map = PageMap.of(
                List.of("home", "sun", "moon", "end"),
                List.of(
                        new PageLink("home", "sun", "1", Message.literal("")),
                        new PageLink("home", "moon", "2", Message.literal("")),
                        new PageLink("sun", "end", null, Message.literal("Next")),
                        new PageLink("moon", "end", null, Message.literal("Next")),
                        new PageLink("end", "home", "3", Message.literal("Home"))));
        Map<String, MapSpot> at = MapLayout.of(map);
        assertThat(at.get("home").x()).isLessThan(at.get("sun").x());
        assertThat(at.get("sun").x()).isEqualTo(at.get("moon").x());
        assertThat(at.get("sun").y()).isLessThan(at.get("moon").y());
        assertThat(at.get("moon").x()).isLessThan(at.get("end").x());
    }

    @Test
    void what_can_be_met_stands_above_what_nobody_comes_to() {
        PageMap map = PageMap.of(
                List.of("lost", "lost2", "lost3", "home", "end"),
                List.of(
                        new PageLink("lost", "lost2", "1", Message.literal("")),
                        new PageLink("lost2", "lost3", "2", Message.literal("")),
                        new PageLink("home", "end", "3", Message.literal(""))),
                "home",
                Set.of("end"));
        Map<String, MapSpot> at = MapLayout.of(map);
        assertThat(at.get("home").y()).isLessThan(at.get("lost").y());
    }

    /** Whatever leads where: no two pages lie over one another, and the same map is laid out alike. */
    @Test
    void no_page_lies_over_another() {
        Random random = new Random(4);
        for (int round = 0; round < 40; round++) {
            List<String> pages = pages(1 + random.nextInt(40));
            List<PageLink> links = new ArrayList<>();
            for (int i = random.nextInt(3 * pages.size()); i > 0; i--) {
                links.add(new PageLink(
                        pages.get(random.nextInt(pages.size())),
                        pages.get(random.nextInt(pages.size())),
                        "i",
                        Message.literal("")));
            }
            PageMap map = PageMap.of(pages, links);
            Map<String, MapSpot> at = MapLayout.of(map);
            assertThat(at.keySet()).isEqualTo(Set.copyOf(pages));
            assertThat(MapLayout.of(map)).isEqualTo(at);
            List<MapSpot> spots = List.copyOf(at.values());
            for (int a = 0; a < spots.size(); a++) {
                for (int b = 0; b < a; b++) {
                    boolean apart = Math.abs(spots.get(a).x() - spots.get(b).x()) >= MapLayout.WIDTH
                            || Math.abs(spots.get(a).y() - spots.get(b).y()) >= MapLayout.HEIGHT;
                    assertThat(apart)
                            .as("%s and %s", spots.get(a), spots.get(b))
                            .isTrue();
                }
            }
        }
    }

    /** Two hundred pages in a row would be a strip that nobody can look at; they are broken into rows. */
    @Test
    void a_long_row_is_broken() {
        List<String> pages = pages(200);
        List<PageLink> links = new ArrayList<>();
        for (int i = 1; i < 200; i++) {
            links.add(new PageLink(pages.get(i - 1), pages.get(i), null, Message.literal("Next")));
        }
        Map<String, MapSpot> at = MapLayout.of(PageMap.of(pages, links));
        double width = at.values().stream().mapToDouble(MapSpot::x).max().orElseThrow();
        double height = at.values().stream().mapToDouble(MapSpot::y).max().orElseThrow();
        assertThat(width / height).isBetween(0.5, 3.0);
    }
}
