package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;

/** Names a page. */
public record RenamePage(String pageId, String name) implements Edit {
    public RenamePage {
        Bounds.id("page.id", pageId);
        Bounds.text("page.name", name, Bounds.NAME_LENGTH);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.page(activity, pageId, page -> page.withName(name));
    }

    @Override
    public Edit invert(Activity before) {
        return new RenamePage(pageId, EditSupport.pageOf(before, pageId).name());
    }
}
