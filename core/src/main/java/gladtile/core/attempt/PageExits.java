package gladtile.core.attempt;

import gladtile.core.activity.Activity;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where one can go on from each page of a version; pages that were set aside are not there.
 *
 * @param next whether students have the Next button
 * @param names of the pages
 * @param free whether nothing ever waits for anything and nothing branches
 */
record PageExits(String start, boolean next, Map<String, From> from, Map<String, String> names, boolean free) {
    /** An item, or words, that lead to a page. @param to null for wherever Next leads @param opens null for nothing */
    record Exit(String itemId, String to, Opens opens) {}

    /**
     * One page.
     *
     * @param gate what Next waits for; null for nothing
     * @param next the page that Next leads to; null at an end
     * @param first the page for those who had everything right at the first try; null for no branch
     */
    record From(List<Exit> exits, Opens gate, String next, String first) {}

    static PageExits of(Activity version) {
        Map<String, From> from = new LinkedHashMap<>();
        Map<String, String> names = new HashMap<>();
        boolean free = true;
        for (Page page : version.pages()) {
            if (page.leads().aside() && !page.equals(version.start())) {
                continue;
            }
            List<Exit> exits = new ArrayList<>();
            for (LinkSource one : LinkSource.on(page)) {
                exit(version, one, exits);
                free &= one.opens() == null;
            }
            From here = new From(
                    exits,
                    version.gate(page),
                    version.next(page.id()).map(Page::id).orElse(null),
                    version.firstTime(page).orElse(null));
            free &= here.gate == null && here.first == null;
            from.put(page.id(), here);
            names.put(page.id(), page.name());
        }
        return new PageExits(version.start().id(), version.passing().nextAndBack(), from, names, free);
    }

    private static void exit(Activity version, LinkSource one, List<Exit> exits) {
        if (one.link() instanceof Link.Next) {
            exits.add(new Exit(one.itemId(), null, one.opens()));
        } else if (one.link() instanceof Link.Start) {
            exits.add(new Exit(one.itemId(), version.start().id(), one.opens()));
        } else if (one.link() instanceof Link.ToPage to) {
            version.page(to.pageId())
                    .filter(page -> !page.leads().aside())
                    .ifPresent(page -> exits.add(new Exit(one.itemId(), page.id(), one.opens())));
        } else if (one.opens() != null) {
            // It leads to no page, and still waits.
            exits.add(new Exit(one.itemId(), NOWHERE, one.opens()));
        }
    }

    /** No page has this id. */
    static final String NOWHERE = "";
}
