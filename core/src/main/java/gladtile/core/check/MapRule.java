package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Frame;
import gladtile.core.activity.Item;
import gladtile.core.activity.Link;
import gladtile.core.activity.LinkSource;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Page;
import gladtile.core.activity.Passage;
import gladtile.core.activity.Shape;
import gladtile.core.activity.ShapeForm;
import gladtile.core.activity.ShapeLook;
import gladtile.core.activity.Traits;
import gladtile.core.activity.WordStyle;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.edit.SetPassage;
import gladtile.core.measure.Outline;
import gladtile.core.measure.WordFit;
import gladtile.core.pagemap.PageMap;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Pages that nobody comes to, and pages from which nobody comes away. */
final class MapRule {
    private static final double TILE_WIDTH = 280;
    private static final double TILE_HEIGHT = 84;

    private MapRule() {}

    static List<Finding> of(Activity activity) {
        PageMap map = PageMap.of(activity);
        List<Finding> found = new ArrayList<>();
        map.neverSeen().forEach(id -> found.add(neverSeen(activity, page(activity, id))));
        Set<String> looping = new HashSet<>();
        for (Set<String> loop : map.loopsWithoutExit()) {
            looping.addAll(loop);
            found.add(finding(
                    Finding.Kind.NO_EXIT,
                    activity,
                    List.copyOf(loop),
                    "%s only %s, and nobody comes to an end from there.",
                    loop.size() == 1 ? "leads to itself" : "lead to one another",
                    mends(onward(activity))));
        }
        List<String> stuck = map.without(map.ends()).stream()
                .filter(id -> !looping.contains(id))
                .toList();
        if (!stuck.isEmpty()) {
            found.add(finding(
                    Finding.Kind.NO_WAY_ON,
                    activity,
                    stuck,
                    "From %s %s.",
                    "nobody comes to an end",
                    mends(onward(activity))));
        }
        looping.addAll(stuck);
        noWayBack(activity, map, looping, found);
        return found;
    }

    /**
     * Where things lead to pages of one's choice one wants to come back; where Next leads through all, nobody does.
     *
     * @param told pages of which something worse was said
     */
    private static void noWayBack(Activity activity, PageMap map, Set<String> told, List<Finding> found) {
        boolean chosen = activity.pages().stream()
                .anyMatch(page -> LinkSource.on(page).stream().anyMatch(one -> one.link() instanceof Link.ToPage));
        List<String> lost = map.without(Set.of(map.start())).stream()
                .filter(id -> !told.contains(id))
                .toList();
        if (!chosen || lost.isEmpty()) {
            return;
        }
        List<Edit> tiles = new ArrayList<>();
        lost.forEach(id -> tiles.add(tile(page(activity, id), "Home", new Link.Start())));
        String label = lost.size() == 1 ? "Add a Home tile" : "Add a Home tile to each";
        found.add(finding(
                Finding.Kind.NO_WAY_BACK,
                activity,
                lost,
                "From %s %s.",
                "the start page cannot be reached",
                List.of(new Mend(label, CompositeEdit.orOne(tiles)))));
    }

    private static Finding neverSeen(Activity activity, Page page) {
        Page start = activity.start();
        Edit link = tile(start, page.name(), new Link.ToPage(page.id()));
        return new Finding(
                Finding.Kind.NEVER_SEEN,
                page.id(),
                List.of(),
                "Nobody comes to %s from the first page.".formatted(called(activity, page)),
                List.of(
                        new Mend("Link it", link),
                        new Mend(
                                "Archive",
                                new SetPageLinks(page.id(), page.leads().withAside(true)))));
    }

    private static List<Mend> mends(Edit edit) {
        return edit == null ? List.of() : List.of(new Mend("Give students Next and Back", edit));
    }

    /** Null when students have the buttons. */
    private static Edit onward(Activity activity) {
        Passage now = activity.passing();
        return now.nextAndBack() ? null : new SetPassage(new Passage(true, now.whenSolved(), now.start()));
    }

    private static Finding finding(
            Finding.Kind kind, Activity activity, List<String> pages, String words, String what, List<Mend> mends) {
        Page first = page(activity, pages.get(0));
        String who = called(activity, first);
        if (pages.size() > 1) {
            who += " and %d more".formatted(pages.size() - 1);
        }
        return new Finding(kind, first.id(), List.of(), words.formatted(who, what), mends);
    }

    private static Page page(Activity activity, String id) {
        return activity.page(id).orElseThrow();
    }

    private static String called(Activity activity, Page page) {
        return "%d · %s".formatted(activity.indexOf(page.id()) + 1, page.name());
    }

    /** A tile at a free place near the lower right corner. */
    private static Edit tile(Page page, String text, Link link) {
        Frame corner = Frame.of(1600 - TILE_WIDTH - 40, 1000 - TILE_HEIGHT - 30, TILE_WIDTH, TILE_HEIGHT);
        List<Outline> others =
                page.items().stream().map(item -> Outline.of(item.frame())).toList();
        Frame frame = FreeSpot.near(corner, others).orElse(corner);
        WordStyle style = new WordStyle(36, true, "#07444b", WordStyle.Align.CENTRE);
        String said = text.isBlank() ? "Go on" : text;
        Item tile = new Shape(
                freshId(page, link),
                frame,
                Movement.FIXED,
                "",
                Traits.NONE.withLink(link),
                ShapeLook.of(ShapeForm.RECTANGLE, "#dcebea", "#0b5d66"),
                WordFit.within(TILE_WIDTH - 40, said, style).content());
        return new AddItem(page.id(), page.items().size(), tile);
    }

    /** The same page and way give the same id: made twice, the second is refused as taken. */
    private static String freshId(Page page, Link link) {
        String to = link instanceof Link.ToPage toPage ? toPage.pageId() : "start";
        String wanted = "to-" + Integer.toHexString((page.id() + " " + to).hashCode());
        String id = wanted;
        for (int i = 2; page.item(id).isPresent(); i++) {
            id = wanted + "-" + i;
        }
        return id;
    }
}
