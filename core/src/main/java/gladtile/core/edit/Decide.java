package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Decision;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.Set;

/** Sets one cell of the answer key: one piece in one zone of the same page. */
public record Decide(String pageId, String zoneId, String pieceId, Decision decision) implements ItemEdit {
    public Decide {
        Bounds.id("page.id", pageId);
        Bounds.id("zone.id", zoneId);
        Bounds.id("piece.id", pieceId);
        Bounds.present("edit.decision", decision);
    }

    @Override
    public EditResult apply(Activity activity) {
        Page page = activity.page(pageId).orElse(null);
        if (page == null) {
            return EditSupport.noSuchPage(pageId);
        }
        Item piece = page.item(pieceId).orElse(null);
        boolean zone = page.zones().stream().anyMatch(one -> one.id().equals(zoneId));
        Item other = zone ? null : page.item(zoneId).orElse(null);
        if (piece == null || !zone && other == null) {
            return EditSupport.noSuchItem(piece == null ? pieceId : zoneId);
        }
        if (!zone) {
            return EditResult.refused(Reason.NOT_A_ZONE, Message.of("edit.refused.no-zone", "item", other.name()));
        }
        if (!piece.isPiece()) {
            return EditResult.refused(
                    Reason.NOT_A_PIECE, Message.of("edit.refused.fixed-belongs-nowhere", "item", piece.name()));
        }
        return new EditResult.Applied(activity.withKey(activity.key().with(zoneId, pieceId, decision)));
    }

    @Override
    public Edit invert(Activity before) {
        return new Decide(pageId, zoneId, pieceId, before.key().said(zoneId, pieceId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.decided");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("cell " + zoneId + " " + pieceId, now -> now.key().said(zoneId, pieceId));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Set<String> items() {
        return zoneId.equals(pieceId) ? Set.of(zoneId) : Set.of(zoneId, pieceId);
    }

    @Override
    public boolean needsToMove(String item) {
        return pieceId.equals(item);
    }
}
