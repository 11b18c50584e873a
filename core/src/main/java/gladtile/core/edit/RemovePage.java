package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;

/** Takes a page away, with everything on it and everything the answer key says of it. */
public record RemovePage(String pageId) implements PageEdit {
    public RemovePage {
        Bounds.id("page.id", pageId);
    }

    @Override
    public EditResult apply(Activity activity) {
        int at = activity.indexOf(pageId);
        if (at < 0) {
            return EditSupport.noSuchPage(pageId);
        }
        if (activity.pages().size() == 1) {
            return EditResult.refused(EditResult.Reason.LAST_PAGE, Message.of("edit.refused.last-page"));
        }
        List<Page> pages = new ArrayList<>(activity.pages());
        AnswerKey key = activity.key();
        for (Item item : pages.remove(at).items()) {
            for (String id : Page.idsOf(item)) {
                key = key.without(id);
            }
        }
        return new EditResult.Applied(activity.withPages(pages).withKey(key.withoutPage(pageId)));
    }

    @Override
    public Edit invert(Activity before) {
        Page page = EditSupport.pageOf(before, pageId);
        List<Edit> steps = new ArrayList<>();
        steps.add(new AddPage(before.indexOf(pageId), page));
        if (apply(before) instanceof EditResult.Applied gone) {
            steps.addAll(AnswerKeyDifference.between(gone.activity().key(), before.key(), before));
        }
        return CompositeEdit.orOne(steps);
    }

    @Override
    public Message summary() {
        return Message.of("edit.page-deleted");
    }

    @Override
    public void aspects(EditAspects all) {
        // What is gone cannot be taken from whoever took it away.
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }
}
