package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.measure.Arrangement;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Lines up several items, spreads them evenly or makes them the same size. */
public record Arrange(String pageId, List<String> itemIds, Arrangement how) implements ItemEdit {
    public Arrange {
        Bounds.id("page.id", pageId);
        itemIds = ItemsEditSupport.ids(itemIds);
        Bounds.present("edit.how", how);
    }

    @Override
    public EditResult apply(Activity activity) {
        return ItemsEditSupport.frames(activity, pageId, itemIds, how::of);
    }

    @Override
    public Edit invert(Activity before) {
        return ItemsEditSupport.back(before, pageId, itemIds);
    }

    @Override
    public Message summary() {
        return Message.of("edit.lined-up", "count", itemIds.size());
    }

    @Override
    public void aspects(EditAspects all) {
        itemIds.forEach(id -> all.item("frame", pageId, id, Item::frame));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Set<String> items() {
        return Set.copyOf(itemIds);
    }

    /** The others are still there. */
    @Override
    public Optional<Edit> without(String item) {
        List<String> left = itemIds.stream().filter(id -> !id.equals(item)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(new Arrange(pageId, left, how));
    }
}
