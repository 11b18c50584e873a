package gladtile.core.edit;

import gladtile.core.activity.Activity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How one edit follows another that it did not know of. */
final class Rebase {
    private Rebase() {}

    static Optional<Edit> over(Edit edit, Edit other) {
        if (edit instanceof CompositeEdit step) {
            return stepOver(step, other);
        }
        if (other instanceof CompositeEdit step) {
            Optional<Edit> now = Optional.of(edit);
            for (Edit one : step.edits()) {
                now = now.flatMap(left -> over(left, one));
            }
            return now;
        }
        if (other instanceof RemovePage gone
                && edit instanceof PageEdit on
                && gone.pageId().equals(on.pageId())) {
            return Optional.empty();
        }
        if (other instanceof RemoveItem gone
                && edit instanceof PageEdit on
                && gone.pageId().equals(on.pageId())) {
            return on.without(gone.itemId());
        }
        if (other instanceof SetMovement fixed
                && fixed.movement().isFixed()
                && edit instanceof ItemEdit of
                && of.needsToMove(fixed.itemId())) {
            return Optional.empty();
        }
        return Optional.of(edit.shifted(other));
    }

    /** @param before the activity that the other one was applied to */
    static Optional<Edit> over(Edit edit, Edit other, Activity before) {
        Optional<Edit> now = Optional.of(edit);
        Activity then = before;
        List<Edit> parts = other instanceof CompositeEdit step ? step.edits() : List.of(other);
        for (Edit part : parts) {
            Activity here = then;
            Activity after = part.apply(here) instanceof EditResult.Applied applied ? applied.activity() : null;
            now = now.flatMap(left -> over(left, part, here, after));
            if (after == null) {
                return now;
            }
            then = after;
        }
        return now;
    }

    /** @param part a plain edit @param after what it made of it; null where it does not fit */
    static Optional<Edit> over(Edit edit, Edit part, Activity before, Activity after) {
        Optional<Edit> left = over(edit, part);
        return after == null ? left : left.map(one -> one.mergedOver(part, before, after));
    }

    /** What is left of a step; empty when nothing is. */
    private static Optional<Edit> stepOver(CompositeEdit step, Edit other) {
        List<Edit> left = new ArrayList<>();
        for (Edit edit : step.edits()) {
            over(edit, other).ifPresent(left::add);
        }
        return left.isEmpty() ? Optional.empty() : Optional.of(CompositeEdit.orOne(left));
    }
}
