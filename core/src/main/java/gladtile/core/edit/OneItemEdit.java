package gladtile.core.edit;

import java.util.Set;

/** An edit of one item. */
public sealed interface OneItemEdit extends ItemEdit
        permits RemoveItem,
                MoveDepth,
                SetFrame,
                SetMovement,
                SetDescription,
                SetTraits,
                SetWords,
                SetZoneLabel,
                SetFacts,
                SetTyped {
    String itemId();

    @Override
    default Set<String> items() {
        return Set.of(itemId());
    }
}
