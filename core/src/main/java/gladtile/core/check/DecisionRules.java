package gladtile.core.check;

import gladtile.core.activity.Gap;
import gladtile.core.activity.Item;
import gladtile.core.activity.Zone;
import gladtile.core.answer.Decision;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
import gladtile.core.edit.RemoveItem;
import gladtile.core.edit.SetFacts;
import java.util.ArrayList;
import java.util.List;

/** Pieces that nothing was decided of, zones that nothing belongs in, and gaps without an answer. */
final class DecisionRules {
    private static final int ZONES_OFFERED = 3;

    private DecisionRules() {}

    static void check(CheckedPage on) {
        if (!on.zones.isEmpty()) {
            on.pieces.forEach(piece -> undecided(on, piece));
        }
        on.zones.forEach(zone -> nothingFits(on, zone));
        for (Gap gap : on.page.gaps()) {
            if (!on.key.typed().containsKey(gap.id())) {
                on.found(
                        Finding.Kind.NOTHING_SAID,
                        List.of(gap.id()),
                        "Nothing is said of what is right in %s, so nobody can get it right.".formatted(on.called(gap)),
                        List.of());
            }
        }
    }

    private static void undecided(CheckedPage on, Item piece) {
        List<Zone> open = on.zones.stream()
                .filter(zone ->
                        !on.carries(piece, zone) && on.key.decision(zone.id(), piece.id()) == Decision.UNDECIDED)
                .toList();
        if (open.isEmpty()) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        String pageId = on.page.id();
        if (on.belongsSomewhere(piece)) {
            mends.add(new Mend("Turned away in all others", all(pageId, piece, open, null)));
        } else {
            open.stream()
                    .limit(ZONES_OFFERED)
                    .forEach(zone ->
                            mends.add(new Mend("Belongs in " + on.letter(zone), all(pageId, piece, open, zone))));
            mends.add(new Mend(
                    "Not an answer anywhere",
                    new SetFacts(pageId, piece.id(), on.key.facts(piece.id()).withNowhere(true))));
        }
        String where = open.size() == 1 ? on.called(open.get(0)) : open.size() + " zones";
        on.found(
                Finding.Kind.UNDECIDED,
                List.of(piece.id()),
                "%s is not decided for %s. It would be turned away there.".formatted(on.called(piece), where),
                mends);
    }

    private static Edit all(String pageId, Item piece, List<Zone> open, Zone belongs) {
        List<Edit> edits = new ArrayList<>();
        for (Zone zone : open) {
            Decision decision = zone == belongs ? Decision.BELONGS : Decision.DOES_NOT_BELONG;
            edits.add(new Decide(pageId, zone.id(), piece.id(), decision));
        }
        return CompositeEdit.orOne(edits);
    }

    private static void nothingFits(CheckedPage on, Zone zone) {
        if (!on.belonging(zone).isEmpty()) {
            return;
        }
        List<Mend> mends = on.page
                .item(zone.id())
                .map(item -> List.of(new Mend("Delete the zone", new RemoveItem(on.page.id(), zone.id()))))
                .orElse(List.of());
        on.found(
                Finding.Kind.NOTHING_FITS,
                List.of(zone.id()),
                "Nothing belongs in %s. Students would look for something that is not there."
                        .formatted(on.called(zone)),
                mends);
    }
}
