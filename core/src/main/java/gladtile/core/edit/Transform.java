package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.measure.Similarity;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Moves, resizes and turns several items as one. */
public record Transform(String pageId, List<String> itemIds, Similarity by) implements ItemEdit {
    public Transform {
        Bounds.id("page.id", pageId);
        itemIds = ItemsEditSupport.ids(itemIds);
        Bounds.present("edit.by", by);
    }

    /** A mere move. */
    public static Transform moved(String pageId, List<String> itemIds, double dx, double dy) {
        return new Transform(pageId, itemIds, new Similarity(new Point(0, 0), 1, 0, dx, dy));
    }

    @Override
    public EditResult apply(Activity activity) {
        return ItemsEditSupport.frames(
                activity, pageId, itemIds, frames -> frames.stream().map(by::of).toList());
    }

    @Override
    public Edit invert(Activity before) {
        return ItemsEditSupport.back(before, pageId, itemIds);
    }

    @Override
    public Message summary() {
        return Message.of("edit.transformed", "count", itemIds.size());
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
        return left.isEmpty() ? Optional.empty() : Optional.of(new Transform(pageId, left, by));
    }
}
