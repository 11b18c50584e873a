package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;

/** Names the activity. */
public record SetTitle(String title) implements Edit {
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
}
