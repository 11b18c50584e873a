package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Page;

/** Names a page. */
public record RenamePage(String pageId, String name) implements PageEdit {
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

    @Override
    public Message summary() {
        return Message.of("edit.page-named", "page", EditSupport.quoted(name));
    }

    @Override
    public void aspects(EditAspects all) {
        all.page("name", pageId, Page::name);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof RenamePage later && later.pageId.equals(pageId);
    }
}
