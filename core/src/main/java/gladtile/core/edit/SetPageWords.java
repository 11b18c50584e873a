package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.page.WordStyle;

/** Says how new boxes of words on a page look. @param words absent for the usual style */
public record SetPageWords(
        String pageId,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordStyle words) implements PageEdit {
    public SetPageWords {
        Bounds.id("page.id", pageId);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.page(activity, pageId, page -> page.withWords(words));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetPageWords(pageId, EditSupport.pageOf(before, pageId).words());
    }

    @Override
    public Message summary() {
        return Message.of("edit.page-words");
    }

    @Override
    public void aspects(EditAspects all) {
        all.page("words", pageId, Page::words);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetPageWords later && later.pageId.equals(pageId);
    }
}
