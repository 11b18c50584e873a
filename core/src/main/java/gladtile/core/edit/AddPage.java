package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Adds a page.
 *
 * @param index where it stands afterwards, 0 the first; past the end means last
 */
public record AddPage(int index, Page page) implements ActivityEdit {
    public AddPage {
        Bounds.within("edit.index", index, 0, Bounds.PAGES);
        Bounds.present("edit.page", page);
    }

    @Override
    public EditResult apply(Activity activity) {
        if (activity.page(page.id()).isPresent()) {
            return EditResult.refused(EditResult.Reason.ID_TAKEN, Message.of("edit.refused.page-id", "id", page.id()));
        }
        Set<String> taken = new HashSet<>();
        activity.pages().forEach(one -> one.items().forEach(item -> taken.addAll(Page.idsOf(item))));
        for (Item item : page.items()) {
            for (String id : Page.idsOf(item)) {
                if (taken.contains(id)) {
                    return EditResult.refused(EditResult.Reason.ID_TAKEN, Message.of("edit.refused.item-id", "id", id));
                }
            }
        }
        if (activity.pages().size() >= Bounds.PAGES) {
            return EditResult.refused(
                    EditResult.Reason.TOO_MANY_PAGES, Message.of("edit.refused.too-many-pages", "most", Bounds.PAGES));
        }
        List<Page> pages = new ArrayList<>(activity.pages());
        pages.add(Math.min(index, pages.size()), page);
        return new EditResult.Applied(activity.withPages(pages));
    }

    @Override
    public Edit invert(Activity before) {
        return new RemovePage(page.id());
    }

    @Override
    public Message summary() {
        return Message.of("edit.page-added", "page", EditSupport.quoted(page.name()));
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("page " + page.id(), now -> now.indexOf(page.id()) >= 0);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    /** Of two that were added at one place, the one that came later stands after the one that came first. */
    @Override
    public Edit shifted(Edit over) {
        return over instanceof AddPage theirs && theirs.index <= index && index < Bounds.PAGES
                ? new AddPage(index + 1, page)
                : this;
    }
}
