package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.TypedKey;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;

/**
 * Says what is right in a gap.
 *
 * @param typed absent for nothing said
 */
public record SetTyped(
        String pageId,
        String itemId,
        @JsonInclude(JsonInclude.Include.NON_NULL) TypedKey typed) implements OneItemEdit {
    public SetTyped {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
    }

    @Override
    public EditResult apply(Activity activity) {
        Item gap = activity.page(pageId).flatMap(page -> page.item(itemId)).orElse(null);
        if (gap == null) {
            return activity.page(pageId).isEmpty() ? EditSupport.noSuchPage(pageId) : EditSupport.noSuchItem(itemId);
        }
        if (!(gap instanceof Gap)) {
            return EditResult.refused(Reason.WRONG_KIND, Message.of("edit.refused.not-typed", "item", gap.name()));
        }
        return new Applied(activity.withKey(activity.key().with(itemId, typed)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetTyped(pageId, itemId, before.key().typed().get(itemId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.typed");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("typed " + itemId, now -> now.key().typed().get(itemId));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        TypedKey was = before.key().typed().get(itemId);
        TypedKey now = after.key().typed().get(itemId);
        return over instanceof SetTyped theirs
                        && theirs.itemId.equals(itemId)
                        && was != null
                        && typed != null
                        && now != null
                ? new SetTyped(pageId, itemId, FieldMerge.merged(was, typed, now, TypedKey.class))
                : this;
    }
}
