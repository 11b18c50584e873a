package gladtile.core.check;

import gladtile.core.activity.Item;
import gladtile.core.activity.Leading;
import gladtile.core.activity.Route;
import gladtile.core.activity.Video;
import gladtile.core.edit.SetTraits;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What begins hidden and is never shown, and videos that say nothing to those who cannot hear them. */
final class ShownRule {
    private ShownRule() {}

    static void check(OnPage on) {
        Set<String> shown = new HashSet<>();
        for (Leading one : Leading.on(on.page)) {
            if (one.route() instanceof Route.Spots spots) {
                shown.addAll(spots.itemIds());
            }
        }
        for (Item item : on.page.items()) {
            if (Boolean.TRUE.equals(item.ways().hidden()) && !shown.contains(item.id())) {
                on.found(
                        Finding.Kind.NEVER_SHOWN,
                        List.of(item.id()),
                        "%s begins hidden, and nothing on the page shows it.".formatted(on.called(item)),
                        List.of(new Mend(
                                "Show it from the beginning",
                                new SetTraits(
                                        on.page.id(), item.id(), item.ways().withHidden(false)))));
            }
            if (item instanceof Video video && video.captions() == null && !video.muted()) {
                on.found(
                        Finding.Kind.NO_CAPTIONS,
                        List.of(item.id()),
                        "%s has sound and no captions, so who cannot hear it misses what is said."
                                .formatted(on.called(item)),
                        List.of());
            }
        }
    }
}
