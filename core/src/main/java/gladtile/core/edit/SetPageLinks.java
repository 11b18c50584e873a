package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;

/** Sets where one goes on from a page and where it stands on the map. @param links absent for the usual */
public record SetPageLinks(
        String pageId,
        @JsonInclude(JsonInclude.Include.NON_NULL) PageLinks links) implements PageEdit {
    public SetPageLinks {
        Bounds.id("page.id", pageId);
        links = PageLinks.USUAL.equals(links) ? null : links;
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.page(activity, pageId, page -> page.withLinks(links));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetPageLinks(pageId, before.page(pageId).orElseThrow().links());
    }

    @Override
    public Message summary() {
        return Message.of("edit.page-links");
    }

    @Override
    public void aspects(EditAspects all) {
        all.page("links", pageId, Page::leads);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetPageLinks later && later.pageId.equals(pageId);
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (!(over instanceof SetPageLinks theirs) || !theirs.pageId.equals(pageId)) {
            return this;
        }
        PageLinks mine = links == null ? PageLinks.USUAL : links;
        PageLinks was = EditSupport.pageOf(before, pageId).leads();
        PageLinks now = EditSupport.pageOf(after, pageId).leads();
        return new SetPageLinks(pageId, FieldMerge.merged(was, mine, now, PageLinks.class));
    }
}
