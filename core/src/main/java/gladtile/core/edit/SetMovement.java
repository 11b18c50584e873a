package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import java.util.ArrayList;
import java.util.List;

/** Says how students may move an item. What becomes fixed is no piece any more, so its decisions go with it. */
public record SetMovement(String pageId, String itemId, Movement movement) implements OneItemEdit {
    public SetMovement {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.present("edit.movement", movement);
    }

    @Override
    public EditResult apply(Activity activity) {
        if (activity.page(pageId)
                .flatMap(page -> page.item(itemId))
                .filter(Item::alwaysFixed)
                .isPresent()) {
            return EditResult.refused(Reason.WRONG_KIND, Message.of("edit.refused.always-fixed"));
        }
        EditResult moved = EditSupport.item(activity, pageId, itemId, item -> item.withMovement(movement));
        if (movement.isFixed() && moved instanceof Applied applied) {
            return new Applied(
                    applied.activity().withKey(applied.activity().key().without(itemId)));
        }
        return moved;
    }

    @Override
    public Edit invert(Activity before) {
        Item item = EditSupport.itemOf(before, pageId, itemId);
        List<Edit> steps = new ArrayList<>();
        steps.add(new SetMovement(pageId, itemId, item.movement()));
        if (movement.isFixed()) {
            steps.addAll(AnswerKeyDifference.remembering(before, List.of(itemId)));
        }
        return CompositeEdit.orOne(steps);
    }

    @Override
    public Message summary() {
        return Message.of("edit.movement");
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("movement", pageId, itemId, Item::movement);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }
}
