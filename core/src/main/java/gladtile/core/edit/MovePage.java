package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Puts a page at another place in the order.
 *
 * @param index where it stands afterwards, 0 the first; past the end means last
 */
public record MovePage(String pageId, int index) implements PageEdit {
    public MovePage {
        Bounds.id("page.id", pageId);
        Bounds.within("edit.index", index, 0, Bounds.PAGES);
    }

    @Override
    public EditResult apply(Activity activity) {
        int at = activity.indexOf(pageId);
        if (at < 0) {
            return EditSupport.noSuchPage(pageId);
        }
        List<Page> pages = new ArrayList<>(activity.pages());
        Page page = pages.remove(at);
        pages.add(Math.min(index, pages.size()), page);
        return new EditResult.Applied(activity.withPages(pages));
    }

    @Override
    public Edit invert(Activity before) {
        EditSupport.pageOf(before, pageId);
        return new MovePage(pageId, before.indexOf(pageId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.page-moved");
    }

    @Override
    public void aspects(EditAspects all) {
        // Where a page stands changes with every other; see place().
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Optional<String> place() {
        return Optional.of("page " + pageId);
    }
}
