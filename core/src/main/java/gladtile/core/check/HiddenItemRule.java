package gladtile.core.check;

import gladtile.core.activity.Item;
import gladtile.core.activity.Link;
import gladtile.core.activity.LinkSource;
import gladtile.core.activity.Video;
import gladtile.core.edit.SetTraits;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What begins hidden and is never shown, and videos that say nothing to those who cannot hear them. */
final class HiddenItemRule {
    private HiddenItemRule() {}

    static void check(CheckedPage on) {
        Set<String> shown = new HashSet<>();
        for (LinkSource one : LinkSource.on(on.page)) {
            if (one.link() instanceof Link.Spots spots) {
                shown.addAll(spots.itemIds());
            }
        }
        for (Item item : on.page.items()) {
            if (Boolean.TRUE.equals(item.traitsOrNone().hidden()) && !shown.contains(item.id())) {
                on.found(
                        Finding.Kind.NEVER_SHOWN,
                        List.of(item.id()),
                        "%s begins hidden, and nothing on the page shows it.".formatted(on.called(item)),
                        List.of(new Mend(
                                "Show it from the beginning",
                                new SetTraits(
                                        on.page.id(),
                                        item.id(),
                                        item.traitsOrNone().withHidden(false)))));
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
