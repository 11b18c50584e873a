package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;

/** Takes an item away, with everything the answer key says of it. */
public record RemoveItem(String pageId, String itemId) implements OneItemEdit {
    public RemoveItem {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
    }

    @Override
    public EditResult apply(Activity activity) {
        Page page = activity.page(pageId).orElse(null);
        if (page == null) {
            return EditSupport.noSuchPage(pageId);
        }
        Item gone = page.item(itemId).orElse(null);
        if (gone == null) {
            return EditSupport.noSuchItem(itemId);
        }
        Page left = page.withItems(
                page.items().stream().filter(item -> !item.id().equals(itemId)).toList());
        AnswerKey key = activity.key();
        for (String id : Page.idsOf(gone)) {
            key = key.without(id);
        }
        return new Applied(activity.withPage(left).withKey(key));
    }

    @Override
    public Edit invert(Activity before) {
        Page page = EditSupport.pageOf(before, pageId);
        List<Edit> steps = new ArrayList<>();
        Item item = EditSupport.itemOf(before, pageId, itemId);
        steps.add(new AddItem(pageId, page.indexOf(itemId), item));
        steps.addAll(AnswerKeyDifference.remembering(before, Page.idsOf(item)));
        return CompositeEdit.orOne(steps);
    }

    @Override
    public Message summary() {
        return Message.of("edit.item-deleted");
    }

    @Override
    public void aspects(EditAspects all) {
        // What is gone cannot be taken from whoever took it away.
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }
}
