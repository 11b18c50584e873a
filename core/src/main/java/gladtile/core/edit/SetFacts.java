package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.PieceFacts;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Item;

/** Sets a piece's labels and value, and whether it belongs nowhere. */
public record SetFacts(String pageId, String itemId, PieceFacts facts) implements OneItemEdit {
    public SetFacts {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.present("edit.facts", facts);
    }

    @Override
    public EditResult apply(Activity activity) {
        Item piece = activity.page(pageId).flatMap(page -> page.item(itemId)).orElse(null);
        if (piece == null) {
            return activity.page(pageId).isEmpty() ? EditSupport.noSuchPage(pageId) : EditSupport.noSuchItem(itemId);
        }
        if (!piece.isPiece()) {
            return EditResult.refused(
                    Reason.NOT_A_PIECE, Message.of("edit.refused.fixed-no-facts", "item", piece.name()));
        }
        return new Applied(activity.withKey(activity.key().with(itemId, facts)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetFacts(pageId, itemId, before.key().facts(itemId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.facts");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("facts " + itemId, now -> now.key().facts(itemId));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public boolean needsToMove(String item) {
        return itemId.equals(item);
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (!(over instanceof SetFacts theirs) || !theirs.itemId.equals(itemId)) {
            return this;
        }
        PieceFacts was = before.key().facts(itemId);
        return new SetFacts(
                pageId, itemId, FieldMerge.merged(was, facts, after.key().facts(itemId), PieceFacts.class));
    }
}
