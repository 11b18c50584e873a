package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Page;
import gladtile.core.activity.Route;
import gladtile.core.edit.SetTraits;
import java.util.ArrayList;
import java.util.List;

/** Things that lead nowhere: to a page that was deleted, or to the next one from the last. It looks at all pages. */
final class LinkRule {
    private LinkRule() {}

    static List<Finding> of(Activity activity) {
        List<Finding> found = new ArrayList<>();
        int last = activity.pages().size() - 1;
        for (int i = 0; i <= last; i++) {
            Page page = activity.pages().get(i);
            for (Item item : page.items()) {
                Route route = item.ways().route();
                if (route instanceof Route.ToPage to
                        && activity.page(to.pageId()).isEmpty()) {
                    found.add(finding(page, item, "a page that was deleted"));
                } else if (route instanceof Route.Next && i == last) {
                    found.add(finding(page, item, "the next page, and this is the last one"));
                }
            }
        }
        return found;
    }

    private static Finding finding(Page page, Item item, String where) {
        List<Mend> mends = List.of(
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
                "“%s” leads to %s.".formatted(item.name(), where),
                mends);
    }
}
