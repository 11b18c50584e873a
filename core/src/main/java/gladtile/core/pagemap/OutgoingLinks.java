package gladtile.core.pagemap;

import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The ways that lead from one page to others. */
final class OutgoingLinks {
    private OutgoingLinks() {}

    /** Those of its items first, then those of the Next button; some may lead to pages that are not there. */
    static List<PageLink> of(Activity activity, Page page) {
        List<PageLink> links = new ArrayList<>();
        for (LinkSource one : LinkSource.on(page)) {
            if (one.link() instanceof Link.Next) {
                onward(activity, page, one.opens(), one.itemId(), one.name(), links);
            } else {
                target(activity, one.link())
                        .ifPresent(to -> links.add(
                                new PageLink(page.id(), to, one.itemId(), one.name(), words(activity, one.opens()))));
            }
        }
        if (activity.passing().nextAndBack()) {
            onward(activity, page, activity.gate(page), null, Message.of("link.next"), links);
        }
        return links;
    }

    private static void onward(
            Activity activity, Page page, Opens opens, String itemId, Message name, List<PageLink> links) {
        Message when = words(activity, opens);
        String first = activity.firstTime(page).orElse(null);
        activity.next(page.id())
                .ifPresent(next -> links.add(new PageLink(
                        page.id(), next.id(), itemId, name, first == null ? when : Message.of("link.else"))));
        if (first != null) {
            links.add(new PageLink(page.id(), first, itemId, name, Message.of("link.when-all-right-first")));
        }
    }

    private static Optional<String> target(Activity activity, Link link) {
        if (link instanceof Link.ToPage to) {
            return Optional.of(to.pageId());
        }
        return link instanceof Link.Start ? Optional.of(activity.start().id()) : Optional.empty();
    }

    static Message words(Activity activity, Opens opens) {
        if (opens == null) {
            return null;
        }
        if (opens instanceof Opens.WhenPoints points) {
            return Message.of("link.from-points", "least", points.least());
        }
        if (opens instanceof Opens.WhenPages pages) {
            return pages.pageIds().stream()
                    .filter(id -> activity.page(id).isPresent())
                    .map(id -> String.valueOf(activity.indexOf(id) + 1))
                    .collect(Collectors.collectingAndThen(
                            Collectors.joining(", "),
                            all -> all.isEmpty() ? null : Message.of("link.when-pages-solved", "pages", all)));
        }
        return opens instanceof Opens.WhenSolved ? Message.of("link.when-solved") : Message.of("link.when-part-solved");
    }
}
