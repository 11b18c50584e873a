package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.PageWays;

/** Sets where one goes on from a page and where it stands on the map. @param ways absent for the usual */
public record SetPageWays(
        String pageId,
        @JsonInclude(JsonInclude.Include.NON_NULL) PageWays ways) implements Edit {
    public SetPageWays {
        Bounds.id("page.id", pageId);
        ways = PageWays.USUAL.equals(ways) ? null : ways;
    }

    @Override
    public EditResult apply(Activity activity) {
        return On.page(activity, pageId, page -> page.withWays(ways));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetPageWays(pageId, before.page(pageId).orElseThrow().ways());
    }
}
