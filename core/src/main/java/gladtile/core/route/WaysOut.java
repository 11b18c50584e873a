package gladtile.core.route;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Leading;
import gladtile.core.activity.Opens;
import gladtile.core.activity.Page;
import gladtile.core.activity.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The ways that lead from one page to others. */
final class WaysOut {
    private WaysOut() {}

    /** Those of its items first, then those of the Next button; some may lead to pages that are not there. */
    static List<Way> of(Activity activity, Page page) {
        List<Way> ways = new ArrayList<>();
        for (Leading one : Leading.on(page)) {
            if (one.route() instanceof Route.Next) {
                onward(activity, page, one.opens(), one.itemId(), one.name(), ways);
            } else {
                target(activity, one.route())
                        .ifPresent(to -> ways.add(
                                new Way(page.id(), to, one.itemId(), one.name(), words(activity, one.opens()))));
            }
        }
        if (activity.passing().nextAndBack()) {
            onward(activity, page, activity.gate(page), null, "Next", ways);
        }
        return ways;
    }

    private static void onward(Activity activity, Page page, Opens opens, String itemId, String name, List<Way> ways) {
        String when = words(activity, opens);
        String first = activity.firstTime(page).orElse(null);
        activity.next(page.id())
                .ifPresent(
                        next -> ways.add(new Way(page.id(), next.id(), itemId, name, first == null ? when : "else")));
        if (first != null) {
            ways.add(new Way(page.id(), first, itemId, name, "when all is right first time"));
        }
    }

    private static Optional<String> target(Activity activity, Route route) {
        if (route instanceof Route.ToPage to) {
            return Optional.of(to.pageId());
        }
        return route instanceof Route.Start ? Optional.of(activity.start().id()) : Optional.empty();
    }

    static String words(Activity activity, Opens opens) {
        if (opens == null) {
            return null;
        }
        if (opens instanceof Opens.WhenPoints points) {
            return points.least() == 1 ? "from 1 point" : "from %d points".formatted(points.least());
        }
        if (opens instanceof Opens.WhenPages pages) {
            return pages.pageIds().stream()
                    .filter(id -> activity.page(id).isPresent())
                    .map(id -> String.valueOf(activity.indexOf(id) + 1))
                    .collect(Collectors.collectingAndThen(
                            Collectors.joining(", "), all -> all.isEmpty() ? null : "when solved: " + all));
        }
        return opens instanceof Opens.WhenSolved ? "when solved" : "when part is solved";
    }
}
