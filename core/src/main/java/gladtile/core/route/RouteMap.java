package gladtile.core.route;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Page;
import gladtile.core.activity.Route;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which page leads to which: by items, and by the Next button from each page to the one behind it. 'Back' is no way of
 * its own: it only undoes one. The first page is the start, the last one the end.
 */
public final class RouteMap {
    /** So many steps of the search for the longest way; what it has found by then is told as 'at least'. */
    private static final int STEPS = 200_000;

    private final List<String> pages;
    private final List<Way> ways;
    private final Map<String, Set<String>> out = new LinkedHashMap<>();

    private RouteMap(List<String> pages, List<Way> ways) {
        this.pages = pages;
        this.ways = ways;
        pages.forEach(page -> out.put(page, new LinkedHashSet<>()));
        ways.forEach(way -> out.get(way.from()).add(way.to()));
    }

    public static RouteMap of(Activity activity) {
        List<String> pages = activity.pages().stream().map(Page::id).toList();
        List<Way> ways = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            Page page = activity.pages().get(i);
            String next = i + 1 < pages.size() ? pages.get(i + 1) : null;
            for (Item item : page.items()) {
                String to = target(item.ways().route(), activity, next);
                if (to != null) {
                    ways.add(new Way(page.id(), to, item.id(), item.name()));
                }
            }
            if (next != null) {
                ways.add(new Way(page.id(), next, null, "Next"));
            }
        }
        return new RouteMap(pages, ways);
    }

    /** @param ways between pages of that list only */
    static RouteMap of(List<String> pages, List<Way> ways) {
        return new RouteMap(List.copyOf(pages), List.copyOf(ways));
    }

    private static String target(Route route, Activity activity, String next) {
        if (route instanceof Route.ToPage to) {
            return activity.page(to.pageId()).isPresent() ? to.pageId() : null;
        }
        if (route instanceof Route.Next) {
            return next;
        }
        return route instanceof Route.Start ? activity.pages().get(0).id() : null;
    }

    public List<Way> ways() {
        return ways;
    }

    public String start() {
        return pages.get(0);
    }

    public String end() {
        return pages.get(pages.size() - 1);
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
        Set<String> seen = reachedFrom(start());
        return pages.stream().filter(page -> !seen.contains(page)).toList();
    }

    /** Pages that a student may come to, and from which the wanted one cannot be reached. */
    public List<String> without(String wanted) {
        Set<String> seen = reachedFrom(start());
        return pages.stream()
                .filter(seen::contains)
                .filter(page -> !reachedFrom(page).contains(wanted))
                .toList();
    }

    /** Pages that every student passes who goes from the start to the end, in the order of pages; none when nobody can. */
    public List<String> passedByAll() {
        if (!reachedFrom(start()).contains(end())) {
            return List.of();
        }
        return pages.stream()
                .filter(page -> !reached(start(), page).contains(end()))
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

    /** Loops that a student may come to and never leave, the end not being in them. */
    public List<Set<String>> loopsWithoutExit() {
        Set<String> seen = reachedFrom(start());
        return loops().stream()
                .filter(loop -> seen.containsAll(loop) && !loop.contains(end()))
                .filter(loop -> loop.stream().allMatch(page -> loop.containsAll(out.get(page))))
                .toList();
    }

    /** The fewest pages from the start to the end, both counted; 0 when there is no way. */
    public int shortest() {
        Map<String, Integer> far = new HashMap<>(Map.of(start(), 1));
        Deque<String> open = new ArrayDeque<>(List.of(start()));
        while (!open.isEmpty()) {
            String page = open.poll();
            if (page.equals(end())) {
                return far.get(page);
            }
            for (String next : out.get(page)) {
                if (far.putIfAbsent(next, far.get(page) + 1) == null) {
                    open.add(next);
                }
            }
        }
        return 0;
    }

    /** @param pages the most pages from the start to the end, none met twice @param exact false: there may be more */
    public record Longest(int pages, boolean exact) {}

    /** Finding it is hard in general; a search that is cut off after {@value #STEPS} steps tells what it has found. */
    public Longest longest() {
        Search search = new Search();
        search.from(start(), 1);
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
            if (page.equals(end())) {
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
