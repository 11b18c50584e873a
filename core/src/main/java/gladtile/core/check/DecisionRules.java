package gladtile.core.check;

import gladtile.core.answer.Decision;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
import gladtile.core.edit.RemoveItem;
import gladtile.core.edit.SetFacts;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
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
                        Message.of("page-check.nothing-said", "gap", on.called(gap)),
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
            mends.add(new Mend(Message.of("page-check.mend.turned-away-elsewhere"), all(pageId, piece, open, null)));
        } else {
            open.stream()
                    .limit(ZONES_OFFERED)
                    .forEach(zone -> mends.add(new Mend(
                            Message.of("page-check.mend.belongs-in", "letter", on.letter(zone)),
                            all(pageId, piece, open, zone))));
            mends.add(new Mend(
                    Message.of("page-check.mend.nowhere"),
                    new SetFacts(pageId, piece.id(), on.key.facts(piece.id()).withNowhere(true))));
        }
        on.found(
                Finding.Kind.UNDECIDED,
                List.of(piece.id()),
                Message.of(
                        "page-check.undecided",
                        "piece",
                        on.called(piece),
                        "count",
                        open.size(),
                        "zone",
                        on.called(open.get(0))),
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
                .map(item -> List.of(
                        new Mend(Message.of("page-check.mend.delete-zone"), new RemoveItem(on.page.id(), zone.id()))))
                .orElse(List.of());
        on.found(
                Finding.Kind.NOTHING_FITS,
                List.of(zone.id()),
                Message.of("page-check.nothing-fits", "zone", on.called(zone)),
                mends);
    }
}
