package gladtile.core.pagemap;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Traits;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.alg.shortestpath.AllDirectedPaths;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.traverse.BreadthFirstIterator;
import org.junit.jupiter.api.Test;

/** The map of pages, beside the graph library JGraphT on random graphs. */
class PageMapTest {
    private static Page page(String id, Item... items) {
        return new Page(id, id, Paper.PLAIN, List.of(items));
    }

    private static Item leads(String id, Link link) {
        return Some.picture(id, 10, 10, Movement.FIXED).withTraits(Traits.NONE.withLink(link));
    }

    private static PageMap map(Page... pages) {
        return PageMap.of(new Activity("Sky", List.of(pages), AnswerKey.EMPTY));
    }

    @Test
    void items_lead_to_pages_and_the_next_button_to_the_page_behind() {
        PageMap map = map(
                page("home", leads("sun", new Link.ToPage("c")), leads("away", new Link.ToPage("deleted"))),
                page("b", leads("back", new Link.Back()), leads("site", new Link.Web("https://example.org"))),
                page("c", leads("home-tile", new Link.Start()), leads("on", new Link.Next())),
                page("d"));
        assertThat(map.links())
                .extracting(link -> link.from() + ">" + link.to() + " " + link.itemId())
                .containsExactly("home>c sun", "home>b null", "b>c null", "c>home home-tile", "c>d on", "c>d null");
        assertThat(map.neverSeen()).isEmpty();
        assertThat(map.passedByAll()).containsExactly("home", "c", "d");
        assertThat(map.shortest()).isEqualTo(3);
        assertThat(map.longest()).isEqualTo(new PageMap.Longest(4, true));
        assertThat(map.loops()).containsExactly(new LinkedHashSet<>(List.of("home", "b", "c")));
        assertThat(map.loopsWithoutExit()).isEmpty();
        assertThat(map.without(Set.of("home"))).containsExactly("d");
    }

    @Test
    void random_maps_agree_with_the_graph_library() {
        Random random = new Random(17);
        int loops = 0;
        int cut = 0;
        for (int round = 0; round < 300; round++) {
            int size = 2 + random.nextInt(8);
            List<String> pages = IntStream.range(0, size).mapToObj(i -> "p" + i).toList();
            List<PageLink> links = new ArrayList<>();
            Graph<String, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
            pages.forEach(graph::addVertex);
            for (int i = random.nextInt(2 * size + 1); i > 0; i--) {
                String from = pages.get(random.nextInt(size));
                String to = pages.get(random.nextInt(size));
                links.add(new PageLink(from, to, "i" + i, Message.literal("item")));
                graph.addEdge(from, to);
            }
            PageMap map = PageMap.of(pages, links);
            Set<String> reached = new HashSet<>();
            new BreadthFirstIterator<>(graph, "p0").forEachRemaining(reached::add);
            assertThat(map.reachedFrom("p0")).isEqualTo(reached);
            assertThat(map.neverSeen()).doesNotContainAnyElementsOf(reached).hasSize(size - reached.size());

            Set<String> away = new HashSet<>(reached);
            away.removeIf(page -> {
                Set<String> from = new HashSet<>();
                new BreadthFirstIterator<>(graph, page).forEachRemaining(from::add);
                return from.contains("p0");
            });
            assertThat(map.without(Set.of("p0"))).containsExactlyInAnyOrderElementsOf(away);

            GraphPath<String, DefaultEdge> shortest = BFSShortestPath.findPathBetween(graph, "p0", pages.get(size - 1));
            assertThat(map.shortest()).isEqualTo(shortest == null ? 0 : shortest.getLength() + 1);

            // It takes a way that goes round a loop at its end for a simple one; those are left out.
            List<GraphPath<String, DefaultEdge>> all = new AllDirectedPaths<>(graph)
                    .getAllPaths("p0", pages.get(size - 1), true, null).stream()
                            .filter(path -> new HashSet<>(path.getVertexList()).size()
                                    == path.getVertexList().size())
                            .toList();
            int longest = all.stream()
                    .mapToInt(path -> path.getVertexList().size())
                    .max()
                    .orElse(0);
            assertThat(map.longest()).isEqualTo(new PageMap.Longest(longest, true));
            Set<String> common = new HashSet<>(all.isEmpty() ? List.of() : pages);
            all.forEach(path -> common.retainAll(path.getVertexList()));
            assertThat(map.passedByAll()).containsExactlyInAnyOrderElementsOf(common);

            Set<Set<String>> strong = new HashSet<>();
            new KosarajuStrongConnectivityInspector<>(graph)
                    .stronglyConnectedSets().stream()
                            .filter(set -> set.size() > 1
                                    || graph.containsEdge(
                                            set.iterator().next(),
                                            set.iterator().next()))
                            .forEach(strong::add);
            assertThat(new HashSet<>(map.loops())).isEqualTo(strong);
            loops += strong.size();
            cut += map.neverSeen().isEmpty() ? 0 : 1;
        }
        assertThat(loops).isGreaterThan(50);
        assertThat(cut).isBetween(50, 290);
    }

    @Test
    void a_loop_that_nobody_leaves_is_found_and_one_nobody_comes_to_is_not() {
        List<String> pages = List.of("a", "b", "c", "d", "e");
        List<PageLink> links = List.of(
                new PageLink("a", "b", "1", Message.literal("")),
                new PageLink("b", "c", "2", Message.literal("")),
                new PageLink("c", "b", "3", Message.literal("")),
                new PageLink("a", "e", "4", Message.literal("")),
                new PageLink("d", "d", "5", Message.literal("")));
        PageMap map = PageMap.of(pages, links);
        assertThat(map.loopsWithoutExit()).containsExactly(new LinkedHashSet<>(List.of("b", "c")));
        assertThat(map.without(Set.of("e"))).containsExactly("b", "c");
        assertThat(map.neverSeen()).containsExactly("d");
    }

    /** Two hundred pages that all lead to all others: the search is cut off, all else is exact. */
    @Test
    void as_many_pages_as_there_may_be_with_every_way_between_them() {
        List<String> pages = IntStream.range(0, 200).mapToObj(i -> "p" + i).toList();
        List<PageLink> links = new ArrayList<>();
        pages.forEach(from -> pages.forEach(to -> links.add(new PageLink(from, to, "x", Message.literal("")))));
        PageMap map = PageMap.of(pages, links);
        assertThat(map.shortest()).isEqualTo(2);
        assertThat(map.longest().exact()).isFalse();
        assertThat(map.longest().pages()).isBetween(2, 200);
        assertThat(map.loops()).hasSize(1);
        assertThat(map.passedByAll()).containsExactly("p0", "p199");
    }
}
