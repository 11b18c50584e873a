package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.edit.SetTraits;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.WebAddress;
import gladtile.core.page.WordContent;
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
            for (LinkSource one : LinkSource.on(page)) {
                Message where = nowhere(activity, pages, page, one.link());
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
        if (item.traitsOrNone().link() != null) {
            return;
        }
        for (WordContent words : LinkSource.wordsOf(item)) {
            Matcher address = ADDRESS.matcher(words.text());
            while (address.find()) {
                int from = address.start();
                boolean leads = words.spans().stream()
                        .anyMatch(span -> span.look().link() != null && span.from() <= from && from < span.to());
                if (!leads) {
                    List<Mend> mends = WebAddress.read(address.group()) instanceof WebAddress.Good good
                            ? List.of(new Mend(
                                    Message.of("page-check.mend.leads-there"),
                                    new SetTraits(
                                            page.id(),
                                            item.id(),
                                            item.traitsOrNone().withLink(new Link.Web(good.shown())))))
                            : List.of();
                    found.add(new Finding(
                            Finding.Kind.LOOKS_LIKE_A_LINK,
                            page.id(),
                            List.of(item.id()),
                            Message.of("page-check.looks-like-a-link", "address", address.group()),
                            mends));
                    return;
                }
            }
        }
    }

    /** What it leads to, in words, when that is nowhere; else null. */
    private static Message nowhere(Activity activity, Map<String, Page> pages, Page page, Link link) {
        if (link instanceof Link.ToPage to) {
            return gone(pages, to.pageId());
        }
        if (link instanceof Link.Next && activity.next(page.id()).isEmpty()) {
            return Message.of("page-check.where.past-last");
        }
        boolean lost = link instanceof Link.Spots spots
                && spots.itemIds().stream().allMatch(id -> page.item(id).isEmpty());
        return lost ? Message.of("page-check.where.spots-deleted") : null;
    }

    private static Message gone(Map<String, Page> pages, String pageId) {
        Page to = pages.get(pageId);
        if (to == null) {
            return Message.of("page-check.where.page-deleted");
        }
        return to.leads().aside() ? Message.of("page-check.where.page-archived") : null;
    }

    private static void next(Map<String, Page> pages, Page page, List<Finding> found) {
        PageLinks links = page.leads();
        Message to = links.to() == null || links.ends() ? null : gone(pages, links.to());
        Message first = links.first() == null || links.ends() ? null : gone(pages, links.first());
        if (to != null || first != null) {
            PageLinks mended = to == null ? links : links.withTo(null);
            found.add(new Finding(
                    Finding.Kind.LEADS_NOWHERE,
                    page.id(),
                    List.of(),
                    Message.of("page-check.next-leads-nowhere", "page", page.name(), "where", to == null ? first : to),
                    List.of(new Mend(
                            Message.of("page-check.mend.page-behind"),
                            new SetPageLinks(page.id(), first == null ? mended : mended.withFirst(null))))));
        }
    }

    private static Finding finding(Page page, LinkSource one, Message where) {
        Item item = page.item(one.itemId()).orElseThrow();
        List<Mend> mends = one.within()
                ? List.of()
                : List.of(
                        new Mend(
                                Message.of("page-check.mend.no-link"),
                                new SetTraits(
                                        page.id(),
                                        item.id(),
                                        item.traitsOrNone().withLink(null))),
                        new Mend(
                                Message.of("page-check.mend.to-start"),
                                new SetTraits(
                                        page.id(),
                                        item.id(),
                                        item.traitsOrNone().withLink(new Link.Start()))));
        return new Finding(
                Finding.Kind.LEADS_NOWHERE,
                page.id(),
                List.of(item.id()),
                Message.of("page-check.leads-nowhere", "name", one.name(), "where", where),
                mends);
    }
}
