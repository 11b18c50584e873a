package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.page.Item;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** An edit that changes where several items of a page lie, and nothing else of them. */
public sealed interface FramesEdit extends ItemEdit permits Arrange, Transform {
    /** On the page with {@link #pageId()}. */
    List<String> itemIds();

    /** The same edit of other items. */
    Edit of(List<String> itemIds);

    @Override
    default Edit invert(Activity before) {
        return ItemsEditSupport.back(before, pageId(), itemIds());
    }

    @Override
    default void aspects(EditAspects all) {
        itemIds().forEach(id -> all.item("frame", pageId(), id, Item::frame));
    }

    @Override
    default boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    default Set<String> items() {
        return Set.copyOf(itemIds());
    }

    /** The others are still there. */
    @Override
    default Optional<Edit> without(String item) {
        List<String> left = itemIds().stream().filter(id -> !id.equals(item)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(of(left));
    }
}
