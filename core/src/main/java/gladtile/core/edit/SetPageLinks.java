package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.PageLinks;

/** Sets where one goes on from a page and where it stands on the map. @param links absent for the usual */
public record SetPageLinks(
        String pageId,
        @JsonInclude(JsonInclude.Include.NON_NULL) PageLinks links) implements Edit {
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
}
