package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.edit.SetPassage;
import gladtile.core.measure.Outline;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
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

    static List<Finding> of(Activity activity, Wording wording) {
        PageMap map = PageMap.of(activity);
        List<Finding> found = new ArrayList<>();
        map.neverSeen().forEach(id -> found.add(neverSeen(activity, page(activity, id), wording)));
        Set<String> looping = new HashSet<>();
        for (Set<String> loop : map.loopsWithoutExit()) {
            looping.addAll(loop);
            found.add(finding(
                    Finding.Kind.NO_EXIT, activity, List.copyOf(loop), "page-check.no-exit", mends(onward(activity))));
        }
        List<String> stuck = map.without(map.ends()).stream()
                .filter(id -> !looping.contains(id))
                .toList();
        if (!stuck.isEmpty()) {
            found.add(
                    finding(Finding.Kind.NO_WAY_ON, activity, stuck, "page-check.no-way-on", mends(onward(activity))));
        }
        looping.addAll(stuck);
        noWayBack(activity, map, looping, wording, found);
        return found;
    }

    /**
     * Where things lead to pages of one's choice one wants to come back; where Next leads through all, nobody does.
     *
     * @param told pages of which something worse was said
     */
    private static void noWayBack(
            Activity activity, PageMap map, Set<String> told, Wording wording, List<Finding> found) {
        boolean chosen = activity.pages().stream()
                .anyMatch(page -> LinkSource.on(page).stream().anyMatch(one -> one.link() instanceof Link.ToPage));
        List<String> lost = map.without(Set.of(map.start())).stream()
                .filter(id -> !told.contains(id))
                .toList();
        if (!chosen || lost.isEmpty()) {
            return;
        }
        List<Edit> tiles = new ArrayList<>();
        lost.forEach(id ->
                tiles.add(tile(page(activity, id), wording.text(Message.of("page.tile.home")), new Link.Start())));
        Message label = Message.of("page-check.mend.home-tile", "count", lost.size());
        found.add(finding(
                Finding.Kind.NO_WAY_BACK,
                activity,
                lost,
                "page-check.no-way-back",
                List.of(new Mend(label, CompositeEdit.orOne(tiles)))));
    }

    private static Finding neverSeen(Activity activity, Page page, Wording wording) {
        Page start = activity.start();
        String name = page.name().isBlank() ? wording.text(Message.of("page.tile.on")) : page.name();
        Edit link = tile(start, name, new Link.ToPage(page.id()));
        return new Finding(
                Finding.Kind.NEVER_SEEN,
                page.id(),
                List.of(),
                Message.of("page-check.never-seen", "page", called(activity, page)),
                List.of(
                        new Mend(Message.of("page-check.mend.link-it"), link),
                        new Mend(
                                Message.of("page-check.mend.archive"),
                                new SetPageLinks(page.id(), page.leads().withAside(true)))));
    }

    private static List<Mend> mends(Edit edit) {
        return edit == null ? List.of() : List.of(new Mend(Message.of("page-check.mend.next-and-back"), edit));
    }

    /** Null when students have the buttons. */
    private static Edit onward(Activity activity) {
        Passage now = activity.passing();
        return now.nextAndBack() ? null : new SetPassage(new Passage(true, now.whenSolved(), now.start()));
    }

    private static Finding finding(
            Finding.Kind kind, Activity activity, List<String> pages, String key, List<Mend> mends) {
        Page first = page(activity, pages.get(0));
        Message words = Message.of(key, "page", called(activity, first), "more", pages.size() - 1);
        return new Finding(kind, first.id(), List.of(), words, mends);
    }

    private static Page page(Activity activity, String id) {
        return activity.page(id).orElseThrow();
    }

    private static String called(Activity activity, Page page) {
        return (activity.indexOf(page.id()) + 1) + " · " + page.name();
    }

    /** A tile at a free place near the lower right corner. */
    private static Edit tile(Page page, String text, Link link) {
        Frame corner = Frame.of(1600 - TILE_WIDTH - 40, 1000 - TILE_HEIGHT - 30, TILE_WIDTH, TILE_HEIGHT);
        List<Outline> others =
                page.items().stream().map(item -> Outline.of(item.frame())).toList();
        Frame frame = FreeSpot.near(corner, others).orElse(corner);
        WordStyle style = new WordStyle(36, true, "#07444b", WordStyle.Align.CENTRE);
        Item tile = new Shape(
                freshId(page, link),
                frame,
                Movement.FIXED,
                "",
                Traits.NONE.withLink(link),
                ShapeLook.of(ShapeForm.RECTANGLE, "#dcebea", "#0b5d66"),
                WordFit.within(TILE_WIDTH - 40, text, style).content());
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
