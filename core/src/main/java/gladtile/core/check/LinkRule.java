package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Leading;
import gladtile.core.activity.Page;
import gladtile.core.activity.PageWays;
import gladtile.core.activity.Route;
import gladtile.core.activity.WebAddress;
import gladtile.core.activity.WordContent;
import gladtile.core.edit.SetPageWays;
import gladtile.core.edit.SetTraits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Things that lead nowhere: to a page that was deleted or set aside, on from the last one, or to spots that are gone. It
 * looks at all pages.
 */
final class LinkRule {
    private LinkRule() {}

    static List<Finding> of(Activity activity) {
        List<Finding> found = new ArrayList<>();
        Map<String, Page> pages = new HashMap<>();
        activity.pages().forEach(page -> pages.put(page.id(), page));
        for (Page page : activity.pages()) {
            for (Leading one : Leading.on(page)) {
                String where = nowhere(activity, pages, page, one.route());
                if (where != null) {
                    found.add(finding(page, one, where));
                }
            }
            next(pages, page, found);
            page.items().forEach(item -> looksLikeOne(page, item, found));
        }
        return found;
    }

    private static final Pattern ADDRESS = Pattern.compile("(?:https?://|www\\.)[^\\s,;)]*[\\p{Alnum}/]");

    /** A web address that is only written down: students press it, and nothing happens. */
    private static void looksLikeOne(Page page, Item item, List<Finding> found) {
        if (item.ways().route() != null) {
            return;
        }
        for (WordContent words : Leading.wordsOf(item)) {
            Matcher address = ADDRESS.matcher(words.text());
            while (address.find()) {
                int from = address.start();
                boolean leads = words.spans().stream()
                        .anyMatch(span -> span.look().route() != null && span.from() <= from && from < span.to());
                if (!leads) {
                    List<Mend> mends = WebAddress.read(address.group()) instanceof WebAddress.Good good
                            ? List.of(new Mend(
                                    "It leads there",
                                    new SetTraits(
                                            page.id(), item.id(), item.ways().withRoute(new Route.Web(good.shown())))))
                            : List.of();
                    found.add(new Finding(
                            Finding.Kind.LOOKS_LIKE_A_LINK,
                            page.id(),
                            List.of(item.id()),
                            "“%s” looks like a link, and nothing happens when it is pressed."
                                    .formatted(address.group()),
                            mends));
                    return;
                }
            }
        }
    }

    /** What it leads to, in words, when that is nowhere; else null. */
    private static String nowhere(Activity activity, Map<String, Page> pages, Page page, Route route) {
        if (route instanceof Route.ToPage to) {
            return gone(pages, to.pageId());
        }
        if (route instanceof Route.Next && activity.next(page.id()).isEmpty()) {
            return "the next page, and this is the last one";
        }
        boolean lost = route instanceof Route.Spots spots
                && spots.itemIds().stream().allMatch(id -> page.item(id).isEmpty());
        return lost ? "something on this page that was deleted" : null;
    }

    private static String gone(Map<String, Page> pages, String pageId) {
        Page to = pages.get(pageId);
        if (to == null) {
            return "a page that was deleted";
        }
        return to.leads().aside() ? "a page that was set aside" : null;
    }

    private static void next(Map<String, Page> pages, Page page, List<Finding> found) {
        PageWays ways = page.leads();
        String to = ways.to() == null || ways.ends() ? null : gone(pages, ways.to());
        String first = ways.first() == null || ways.ends() ? null : gone(pages, ways.first());
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
