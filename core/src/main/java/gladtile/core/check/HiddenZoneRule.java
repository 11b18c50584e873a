package gladtile.core.check;

import gladtile.core.edit.SetBody;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import java.util.List;

/** Hidden drop zones where nothing that is seen tells that something goes there. */
final class HiddenZoneRule {
    private HiddenZoneRule() {}

    static void check(CheckedPage on) {
        for (Zone zone : on.zones) {
            Item item = on.page.item(zone.id()).orElse(null);
            if (item == null || !zone.looks().hidden() || isOnSomething(on, zone)) {
                continue;
            }
            ZoneLook shown = new ZoneLook(ZoneLook.Kind.DASHED, null, null, null);
            on.found(
                    Finding.Kind.NOTHING_SHOWS_IT,
                    List.of(zone.id()),
                    Message.of("page-check.zone-not-seen", "zone", on.called(zone)),
                    List.of(new Mend(
                            Message.of("page-check.mend.broken-line"),
                            new SetBody(on.page.id(), zone.withLook(shown)))));
        }
    }

    private static boolean isOnSomething(CheckedPage on, Zone zone) {
        var inside = on.area(zone).inside();
        return on.page.paper().picture() != null
                || on.page.items().stream()
                        .filter(item -> !item.isPiece() && !(item instanceof Zone))
                        .anyMatch(item -> item.frame().contains(inside));
    }
}
