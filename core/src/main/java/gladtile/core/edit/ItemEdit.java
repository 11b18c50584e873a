package gladtile.core.edit;

import java.util.Optional;
import java.util.Set;

/** An edit that needs items of a page to be there. */
public sealed interface ItemEdit extends PageEdit permits OneItemEdit, SetBody, Decide, SetRule, FramesEdit {
    /** The items that it needs, by their ids; at least one. */
    Set<String> items();

    @Override
    default Optional<Edit> without(String item) {
        return items().contains(item) ? Optional.empty() : Optional.of(this);
    }

    /** Whether it says something of that item which holds only for pieces, so of what can be moved. */
    default boolean needsToMove(String item) {
        return false;
    }
}
