package gladtile.core.check;

import gladtile.core.answer.Decision;
import gladtile.core.answer.Region;
import gladtile.core.answer.Regions;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetRule;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Pieces that belong in several crossing zones at once, and have no place there. */
final class RegionRule {
    /** A piece is seen to lie in a region when at least so much of its shorter side has room about its middle. */
    private static final double SEEN = 0.25;

    private RegionRule() {}

    static void check(CheckedPage on) {
        List<Zone> still = on.zones.stream().filter(zone -> !on.isCarried(zone)).toList();
        Regions regions = Regions.of(still, on.key);
        if (regions == Regions.NONE) {
            return;
        }
        for (Item piece : on.pieces) {
            Set<String> wanted = new LinkedHashSet<>();
            for (Zone zone : on.zones) {
                if (regions.has(zone.id()) && on.key.decision(zone.id(), piece.id()) == Decision.BELONGS) {
                    wanted.add(zone.id());
                }
            }
            if (!wanted.isEmpty()) {
                room(on, piece, wanted, regions.of(wanted));
            }
        }
    }

    private static Edit notHeldAgainstAll(CheckedPage on) {
        List<Edit> edits = new ArrayList<>();
        for (Zone zone : on.zones) {
            ZoneRule rule = on.key.rule(zone.id());
            if (rule.crosses()) {
                edits.add(new SetRule(on.page.id(), zone.id(), rule.withCrossing(false)));
            }
        }
        return CompositeEdit.orOne(edits);
    }

    private static void room(CheckedPage on, Item piece, Set<String> wanted, Optional<Region> region) {
        List<Message> names = on.zones.stream()
                .filter(zone -> wanted.contains(zone.id()))
                .map(on::called)
                .toList();
        double side = Math.min(piece.frame().width(), piece.frame().height());
        String key;
        List<Mend> mends = new ArrayList<>();
        if (region.isEmpty()) {
            mends.add(new Mend(Message.of("page-check.mend.one-is-enough"), notHeldAgainstAll(on)));
            key = "page-check.no-region";
        } else if (region.get().clear() < side * SEEN) {
            key = "page-check.small-region";
        } else {
            return;
        }
        List<String> about = new ArrayList<>(List.of(piece.id()));
        about.addAll(wanted);
        Message words = Message.of(key, "piece", on.called(piece), "count", wanted.size(), "zones", names);
        on.found(Finding.Kind.REGION_TOO_SMALL, about, words, mends);
    }
}
