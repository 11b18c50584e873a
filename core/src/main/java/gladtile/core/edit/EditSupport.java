package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.function.Function;

/** What the edits share: finding their page or item, and refusing where it is not there. */
final class EditSupport {
    private EditSupport() {}

    static EditResult page(Activity activity, String pageId, Function<Page, Page> change) {
        return activity.page(pageId)
                .<EditResult>map(page -> new Applied(activity.withPage(change.apply(page))))
                .orElseGet(() -> noSuchPage(pageId));
    }

    static EditResult item(Activity activity, String pageId, String itemId, Function<Item, Item> change) {
        return activity.page(pageId)
                .map(page -> page.item(itemId)
                        .<EditResult>map(item -> new Applied(activity.withPage(page.withItem(change.apply(item)))))
                        .orElseGet(() -> noSuchItem(itemId)))
                .orElseGet(() -> noSuchPage(pageId));
    }

    /** As {@link #item}, for items of one kind only. */
    static <T extends Item> EditResult kind(
            Activity activity, String pageId, String itemId, Class<T> kind, Function<T, Item> change) {
        boolean other = activity.page(pageId)
                .flatMap(page -> page.item(itemId))
                .filter(item -> !kind.isInstance(item))
                .isPresent();
        if (other) {
            return EditResult.refused(
                    Reason.WRONG_KIND,
                    Message.of(
                            "edit.refused.wrong-kind",
                            "kind",
                            kind.getSimpleName().toLowerCase()));
        }
        return item(activity, pageId, itemId, item -> change.apply(kind.cast(item)));
    }

    /** The page an inverse is asked about; it must be there. */
    static Page pageOf(Activity before, String pageId) {
        return before.page(pageId)
                .orElseThrow(() -> new IllegalArgumentException("no page " + pageId + " to invert on"));
    }

    /** The item an inverse is asked about; it must be there. */
    static Item itemOf(Activity before, String pageId, String itemId) {
        return pageOf(before, pageId)
                .item(itemId)
                .orElseThrow(() -> new IllegalArgumentException("no item " + itemId + " to invert on"));
    }

    /** Whether an item or a drop zone in a cell has that id; ids are single in the whole activity. */
    static boolean taken(Activity activity, String id) {
        return activity.pages().stream()
                .flatMap(page -> page.items().stream())
                .anyMatch(item -> Page.idsOf(item).contains(id));
    }

    static EditResult noSuchPage(String pageId) {
        return EditResult.refused(Reason.NO_SUCH_PAGE, Message.of("edit.refused.no-page", "page", pageId));
    }

    static EditResult noSuchItem(String itemId) {
        return EditResult.refused(Reason.NO_SUCH_ITEM, Message.of("edit.refused.no-item", "item", itemId));
    }

    /** The beginning of a text on one line, for a summary. */
    static String quoted(String text) {
        String line = text.strip().replaceAll("\\s+", " ");
        int end = line.offsetByCodePoints(0, Math.min(40, line.codePointCount(0, line.length())));
        return "“" + (end < line.length() ? line.substring(0, end) + "…" : line) + "”";
    }
}
