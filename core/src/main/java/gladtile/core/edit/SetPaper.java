package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Paper;

/** Gives a page another paper. */
public record SetPaper(String pageId, Paper paper) implements Edit {
    public SetPaper {
        Bounds.id("page.id", pageId);
        Bounds.present("edit.paper", paper);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.page(activity, pageId, page -> page.withPaper(paper));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetPaper(pageId, EditSupport.pageOf(before, pageId).paper());
    }
}
