package gladtile.core.check;

import gladtile.core.edit.SetTraits;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Video;
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
                        Message.of("page-check.never-shown", "item", on.called(item)),
                        List.of(new Mend(
                                Message.of("page-check.mend.show"),
                                new SetTraits(
                                        on.page.id(),
                                        item.id(),
                                        item.traitsOrNone().withHidden(false)))));
            }
            if (item instanceof Video video && video.captions() == null && !video.muted()) {
                on.found(
                        Finding.Kind.NO_CAPTIONS,
                        List.of(item.id()),
                        Message.of("page-check.no-captions", "item", on.called(item)),
                        List.of());
            }
        }
    }
}
