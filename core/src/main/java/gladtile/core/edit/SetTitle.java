package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;

/** Names the activity. */
public record SetTitle(String title) implements ActivityEdit {
    public SetTitle {
        Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
    }

    @Override
    public EditResult apply(Activity activity) {
        return new EditResult.Applied(activity.withTitle(title));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetTitle(before.title());
    }

    @Override
    public Message summary() {
        return Message.of("edit.title", "title", EditSupport.quoted(title));
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("title", Activity::title);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetTitle;
    }
}
