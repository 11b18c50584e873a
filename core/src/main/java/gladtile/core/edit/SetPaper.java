package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;

/** Gives a page another paper. */
public record SetPaper(String pageId, Paper paper) implements PageEdit {
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

    @Override
    public Message summary() {
        return Message.of("edit.paper");
    }

    @Override
    public void aspects(EditAspects all) {
        all.page("paper", pageId, Page::paper);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetPaper later && later.pageId.equals(pageId);
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (!(over instanceof SetPaper theirs) || !theirs.pageId.equals(pageId)) {
            return this;
        }
        Paper was = EditSupport.pageOf(before, pageId).paper();
        Paper now = EditSupport.pageOf(after, pageId).paper();
        return new SetPaper(pageId, FieldMerge.merged(was, paper, now, Paper.class));
    }
}
