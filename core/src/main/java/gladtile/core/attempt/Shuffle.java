package gladtile.core.attempt;

import gladtile.core.activity.Activity;
import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * The same activity with its pieces lying in another order, always the same for one seed. Only pieces of about one size
 * that move freely and begin outside every zone change places: whatever else lies where it lies has its reason.
 */
public final class Shuffle {
    /** Two pieces are of about one size when neither side differs by more than this share. */
    private static final double ALIKE = 0.25;

    private Shuffle() {}

    public static Activity of(Activity version, long seed) {
        List<Page> pages = new ArrayList<>();
        for (Page page : version.pages()) {
            // Seeds near to one another begin alike in Random itself; mixed first, they do not.
            long mixed = new SplittableRandom(seed ^ page.id().hashCode()).nextLong();
            pages.add(of(page, new Random(mixed)));
        }
        return version.withPages(pages);
    }

    private static Page of(Page page, Random random) {
        List<Item> free = free(page);
        Map<String, Item> taken = new HashMap<>();
        Set<String> done = new HashSet<>();
        for (Item first : free) {
            if (done.contains(first.id())) {
                continue;
            }
            List<Item> alike = free.stream()
                    .filter(item -> !done.contains(item.id()) && alike(first.frame(), item.frame()))
                    .toList();
            List<Item> mixed = new ArrayList<>(alike);
            Collections.shuffle(mixed, random);
            for (int i = 0; i < alike.size(); i++) {
                done.add(alike.get(i).id());
                // With its place it takes the other's turn in the list, which would tell who lay where.
                taken.put(
                        mixed.get(i).id(),
                        alike.get(i)
                                .withFrame(inPlaceOf(
                                        alike.get(i).frame(), mixed.get(i).frame())));
            }
        }
        return page.withItems(page.items().stream()
                .map(item -> taken.getOrDefault(item.id(), item))
                .toList());
    }

    /**
     * The same pages, with pieces of about one size that lie on nothing in the list as they lie on the page: the order in
     * which somebody wrote them down tells what comes first, and what belongs together.
     */
    public static Activity inReadingOrder(Activity version) {
        return version.withPages(
                version.pages().stream().map(Shuffle::inReadingOrder).toList());
    }

    private static Page inReadingOrder(Page page) {
        List<Item> apart = free(page).stream()
                .filter(piece -> page.items().stream()
                        .noneMatch(other ->
                                other != piece && Outline.of(other.frame()).meets(Outline.of(piece.frame()))))
                .toList();
        List<Item> read = new ArrayList<>(apart);
        read.sort(Comparator.comparingDouble((Item item) -> item.frame().y())
                .thenComparingDouble(item -> item.frame().x()));
        Map<String, Item> taken = new HashMap<>();
        for (int i = 0; i < apart.size(); i++) {
            taken.put(apart.get(i).id(), read.get(i));
        }
        return page.withItems(page.items().stream()
                .map(item -> taken.getOrDefault(item.id(), item))
                .toList());
    }

    private static List<Item> free(Page page) {
        return page.pieces().stream()
                .filter(piece -> piece.traitsOrNone().groups().isEmpty())
                .filter(piece ->
                        piece.movement() instanceof Movement.Free || piece.movement() instanceof Movement.Turns)
                .filter(piece -> page.zones().stream()
                        .noneMatch(
                                zone -> ZoneArea.of(zone).contains(piece.frame().middle())))
                .toList();
    }

    private static boolean alike(Frame one, Frame other) {
        return near(one.width(), other.width()) && near(one.height(), other.height());
    }

    private static boolean near(double one, double other) {
        return Math.abs(one - other) <= ALIKE * Math.max(one, other);
    }

    /** With its middle where the other's middle is. */
    private static Frame inPlaceOf(Frame own, Frame place) {
        return new Frame(
                place.x() + (place.width() - own.width()) / 2,
                place.y() + (place.height() - own.height()) / 2,
                own.width(),
                own.height(),
                own.turn());
    }
}
