package gladtile.core.pagemap;

import gladtile.core.activity.Activity;
import gladtile.core.page.Page;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which page leads to which: by what stands on them, and by the Next button. 'Back' is no way of its own: it only undoes
 * one. Pages that were set aside are not on it.
 *
 * <p>Long because what is met, what ends and what is told of it are read from one graph, which is built here.
 */
public final class PageMap {
    /** So many steps of the search for the longest way; what it has found by then is told as 'at least'. */
    private static final int STEPS = 200_000;

    private final List<String> pages;
    private final List<PageLink> links;
    private final String start;
    private final Set<String> ends;
    private final Map<String, Set<String>> out = new LinkedHashMap<>();

    private PageMap(List<String> pages, List<PageLink> links, String start, Set<String> ends) {
        this.pages = pages;
        this.links = links;
        this.start = start;
        this.ends = ends;
        pages.forEach(page -> out.put(page, new LinkedHashSet<>()));
        links.forEach(link -> out.get(link.from()).add(link.to()));
    }

    public static PageMap of(Activity activity) {
        List<Page> on =
                activity.pages().stream().filter(page -> !page.leads().aside()).toList();
        if (on.isEmpty()) {
            on = List.of(activity.pages().get(0));
        }
        List<String> pages = on.stream().map(Page::id).toList();
        List<PageLink> links = new ArrayList<>();
        on.forEach(page -> links.addAll(OutgoingLinks.of(activity, page)));
        Set<String> there = Set.copyOf(pages);
        links.removeIf(link -> !there.contains(link.to()));
        return new PageMap(pages, links, activity.start().id(), ends(activity, on));
    }

    /** Where nothing comes after; without the Next button the last page, unless others are said to be ends. */
    private static Set<String> ends(Activity activity, List<Page> pages) {
        Set<String> ends = new LinkedHashSet<>();
        for (Page page : pages) {
            boolean noNext =
                    activity.passing().nextAndBack() && activity.next(page.id()).isEmpty();
            if (page.leads().ends() || noNext) {
                ends.add(page.id());
            }
        }
        if (ends.isEmpty()) {
            ends.add(pages.get(pages.size() - 1).id());
        }
        return ends;
    }

    /** From the first of the pages to the last. @param links between pages of that list only */
    static PageMap of(List<String> pages, List<PageLink> links) {
        return of(pages, links, pages.get(0), Set.of(pages.get(pages.size() - 1)));
    }

    static PageMap of(List<String> pages, List<PageLink> links, String start, Set<String> ends) {
        return new PageMap(List.copyOf(pages), List.copyOf(links), start, ends);
    }

    /** The pages on it, in their order. */
    public List<String> pages() {
        return pages;
    }

    public List<PageLink> links() {
        return links;
    }

    public String start() {
        return start;
    }

    /** At least one, in the order of pages. */
    public Set<String> ends() {
        return ends;
    }

    /** The pages that a student can come to from one of them, itself among them. */
    public Set<String> reachedFrom(String page) {
        return reached(page, null);
    }

    private Set<String> reached(String from, String without) {
        Set<String> met = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>();
        if (!from.equals(without)) {
            met.add(from);
            open.add(from);
        }
        while (!open.isEmpty()) {
            for (String next : out.get(open.poll())) {
                if (!next.equals(without) && met.add(next)) {
                    open.add(next);
                }
            }
        }
        return met;
    }

    /** Pages that no way leads to from the start. */
    public List<String> neverSeen() {
        Set<String> seen = reachedFrom(start);
        return pages.stream().filter(page -> !seen.contains(page)).toList();
    }

    /** Pages that a student may come to, and from which none of the wanted ones can be reached. */
    public List<String> without(Set<String> wanted) {
        Set<String> seen = reachedFrom(start);
        Set<String> leading = leadingTo(wanted);
        return pages.stream()
                .filter(page -> seen.contains(page) && !leading.contains(page))
                .toList();
    }

    /** The pages from which one of the wanted ones can be reached, those among them. */
    private Set<String> leadingTo(Set<String> wanted) {
        Map<String, List<String>> in = new HashMap<>();
        out.forEach((from, all) -> all.forEach(
                to -> in.computeIfAbsent(to, id -> new ArrayList<>()).add(from)));
        Set<String> leading = new LinkedHashSet<>(wanted);
        Deque<String> open = new ArrayDeque<>(wanted);
        while (!open.isEmpty()) {
            for (String from : in.getOrDefault(open.poll(), List.of())) {
                if (leading.add(from)) {
                    open.add(from);
                }
            }
        }
        return leading;
    }

    /** Pages that every student passes who goes from the start to an end, in the order of pages; none when nobody can. */
    public List<String> passedByAll() {
        if (Collections.disjoint(reachedFrom(start), ends)) {
            return List.of();
        }
        return pages.stream()
                .filter(page -> Collections.disjoint(reached(start, page), ends))
                .toList();
    }

    /**
     * Groups of pages that lead to one another, each at its largest, in the order of pages (strongly connected
     * components, by R. Tarjan 1972, without recursion).
     */
    public List<Set<String>> loops() {
        Components found = new Components();
        pages.forEach(found::visit);
        List<Set<String>> loops = new ArrayList<>();
        for (Set<String> group : found.groups) {
            String only = group.iterator().next();
            if (group.size() > 1 || out.get(only).contains(only)) {
                Set<String> inOrder = new LinkedHashSet<>(pages);
                inOrder.retainAll(group);
                loops.add(inOrder);
            }
        }
        loops.sort((a, b) -> Integer.compare(
                pages.indexOf(a.iterator().next()), pages.indexOf(b.iterator().next())));
        return loops;
    }

    /** Loops that a student may come to and never leave, no end being in them. */
    public List<Set<String>> loopsWithoutExit() {
        Set<String> seen = reachedFrom(start);
        return loops().stream()
                .filter(loop -> seen.containsAll(loop) && Collections.disjoint(loop, ends))
                .filter(loop -> loop.stream().allMatch(page -> loop.containsAll(out.get(page))))
                .toList();
    }

    /** The fewest pages from the start to an end, both counted; 0 when there is no way. */
    public int shortest() {
        Map<String, Integer> far = distances();
        return ends.stream().filter(far::containsKey).mapToInt(far::get).min().orElse(0);
    }

    /** The number of pages on the shortest way to the page that is farthest from the start. */
    int farthest() {
        return distances().values().stream().mapToInt(far -> far).max().orElse(1);
    }

    /** The number of pages on the shortest way from the start to each page that can be reached. */
    Map<String, Integer> distances() {
        Map<String, Integer> far = new HashMap<>(Map.of(start, 1));
        Deque<String> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty()) {
            String page = open.poll();
            for (String next : out.get(page)) {
                if (far.putIfAbsent(next, far.get(page) + 1) == null) {
                    open.add(next);
                }
            }
        }
        return far;
    }

    /** @param pages the most pages from the start to an end, none met twice @param exact false: there may be more */
    public record Longest(int pages, boolean exact) {}

    /** Finding it is hard in general; a search that is cut off after {@value #STEPS} steps tells what it has found. */
    public Longest longest() {
        Search search = new Search();
        search.from(start, 1);
        return new Longest(search.best, search.left > 0);
    }

    private final class Search {
        private final Set<String> on = new LinkedHashSet<>();
        private int best;
        private int left = STEPS;

        void from(String page, int length) {
            if (left <= 0) {
                return;
            }
            left--;
            if (ends.contains(page)) {
                best = Math.max(best, length);
                return;
            }
            on.add(page);
            for (String next : out.get(page)) {
                if (!on.contains(next)) {
                    from(next, length + 1);
                }
            }
            on.remove(page);
        }
    }

    private final class Components {
        private final Map<String, Integer> number = new HashMap<>();
        private final Map<String, Integer> low = new HashMap<>();
        private final Deque<String> stack = new ArrayDeque<>();
        private final Set<String> onStack = new LinkedHashSet<>();
        private final List<Set<String>> groups = new ArrayList<>();

        private record Frame(String page, java.util.Iterator<String> next) {}

        void visit(String root) {
            if (number.containsKey(root)) {
                return;
            }
            Deque<Frame> calls = new ArrayDeque<>();
            calls.push(enter(root));
            while (!calls.isEmpty()) {
                Frame frame = calls.peek();
                if (frame.next().hasNext()) {
                    String next = frame.next().next();
                    if (!number.containsKey(next)) {
                        calls.push(enter(next));
                    } else if (onStack.contains(next)) {
                        low.merge(frame.page(), number.get(next), Math::min);
                    }
                    continue;
                }
                calls.pop();
                if (!calls.isEmpty()) {
                    low.merge(calls.peek().page(), low.get(frame.page()), Math::min);
                }
                if (low.get(frame.page()).equals(number.get(frame.page()))) {
                    groups.add(popTo(frame.page()));
                }
            }
        }

        private Frame enter(String page) {
            number.put(page, number.size());
            low.put(page, number.get(page));
            stack.push(page);
            onStack.add(page);
            return new Frame(page, out.get(page).iterator());
        }

        private Set<String> popTo(String page) {
            Set<String> group = new LinkedHashSet<>();
            String top;
            do {
                top = stack.pop();
                onStack.remove(top);
                group.add(top);
            } while (!top.equals(page));
            return group;
        }
    }
}
