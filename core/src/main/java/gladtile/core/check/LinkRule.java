package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Leading;
import gladtile.core.activity.Page;
import gladtile.core.activity.PageWays;
import gladtile.core.activity.Route;
import gladtile.core.edit.SetPageWays;
import gladtile.core.edit.SetTraits;
import java.util.ArrayList;
import java.util.List;

/**
 * Things that lead nowhere: to a page that was deleted or set aside, on from the last one, or to spots that are gone. It
 * looks at all pages.
 */
final class LinkRule {
    private LinkRule() {}

    static List<Finding> of(Activity activity) {
        List<Finding> found = new ArrayList<>();
        for (Page page : activity.pages()) {
            for (Leading one : Leading.on(page)) {
                String where = nowhere(activity, page, one.route());
                if (where != null) {
                    found.add(finding(page, one, where));
                }
            }
            next(activity, page, found);
        }
        return found;
    }

    /** What it leads to, in words, when that is nowhere; else null. */
    private static String nowhere(Activity activity, Page page, Route route) {
        if (route instanceof Route.ToPage to) {
            return gone(activity, to.pageId());
        }
        if (route instanceof Route.Next && activity.next(page.id()).isEmpty()) {
            return "the next page, and this is the last one";
        }
        boolean lost = route instanceof Route.Spots spots
                && spots.itemIds().stream().allMatch(id -> page.item(id).isEmpty());
        return lost ? "something on this page that was deleted" : null;
    }

    private static String gone(Activity activity, String pageId) {
        Page to = activity.page(pageId).orElse(null);
        if (to == null) {
            return "a page that was deleted";
        }
        return to.leads().aside() ? "a page that was set aside" : null;
    }

    private static void next(Activity activity, Page page, List<Finding> found) {
        PageWays ways = page.leads();
        String to = ways.to() == null || ways.ends() ? null : gone(activity, ways.to());
        String first = ways.first() == null || ways.ends() ? null : gone(activity, ways.first());
        if (to != null || first != null) {
            PageWays mended = to == null ? ways : ways.withTo(null);
            found.add(new Finding(
                    Finding.Kind.LEADS_NOWHERE,
                    page.id(),
                    List.of(),
                    "Next of page “%s” leads to %s.".formatted(page.name(), to == null ? first : to),
                    List.of(new Mend(
                            "It leads to the page behind it",
                            new SetPageWays(page.id(), first == null ? mended : mended.withFirst(null))))));
        }
    }

    private static Finding finding(Page page, Leading one, String where) {
        Item item = page.item(one.itemId()).orElseThrow();
        List<Mend> mends = one.within()
                ? List.of()
                : List.of(
                        new Mend(
                                "It leads nowhere",
                                new SetTraits(page.id(), item.id(), item.ways().withRoute(null))),
                        new Mend(
                                "It leads to the start",
                                new SetTraits(page.id(), item.id(), item.ways().withRoute(new Route.Start()))));
        return new Finding(
                Finding.Kind.LEADS_NOWHERE,
                page.id(),
                List.of(item.id()),
                "“%s” leads to %s.".formatted(one.name(), where),
                mends);
    }
}
