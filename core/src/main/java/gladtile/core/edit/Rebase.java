package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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
        if (other instanceof RemovePage gone && gone.pageId().equals(pageOf(edit))) {
            return Optional.empty();
        }
        if (other instanceof RemoveItem gone && gone.pageId().equals(pageOf(edit))) {
            return withoutItem(edit, gone.itemId());
        }
        if (other instanceof SetMovement fixed
                && fixed.movement().isFixed()
                && (edit instanceof Decide cell && cell.pieceId().equals(fixed.itemId())
                        || edit instanceof SetFacts facts && facts.itemId().equals(fixed.itemId()))) {
            return Optional.empty();
        }
        return Optional.of(shifted(edit, other));
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
        return after == null ? left : left.map(one -> merged(one, part, before, after));
    }

    private static Edit merged(Edit edit, Edit over, Activity before, Activity after) {
        if (!(edit instanceof CompositeEdit step)) {
            return MergedFields.of(edit, over, before, after);
        }
        return new CompositeEdit(step.edits().stream()
                .map(one -> MergedFields.of(one, over, before, after))
                .toList());
    }

    /** What is left of a step; empty when nothing is. */
    private static Optional<Edit> stepOver(CompositeEdit step, Edit other) {
        List<Edit> left = new ArrayList<>();
        for (Edit edit : step.edits()) {
            over(edit, other).ifPresent(left::add);
        }
        return left.isEmpty() ? Optional.empty() : Optional.of(CompositeEdit.orOne(left));
    }

    /** Of two that were added at one place, the one that came later stands after the one that came first. */
    private static Edit shifted(Edit edit, Edit other) {
        if (edit instanceof AddItem mine
                && other instanceof AddItem theirs
                && mine.pageId().equals(theirs.pageId())
                && theirs.index() <= mine.index()
                && mine.index() < Bounds.ITEMS_ON_A_PAGE) {
            return new AddItem(mine.pageId(), mine.index() + 1, mine.item());
        }
        if (edit instanceof AddPage mine
                && other instanceof AddPage theirs
                && theirs.index() <= mine.index()
                && mine.index() < Bounds.PAGES) {
            return new AddPage(mine.index() + 1, mine.page());
        }
        return edit;
    }

    /** The page an edit needs to be there, or the empty text. */
    private static String pageOf(Edit edit) {
        if (edit instanceof RemovePage e) return e.pageId();
        if (edit instanceof MovePage e) return e.pageId();
        if (edit instanceof RenamePage e) return e.pageId();
        if (edit instanceof SetPaper e) return e.pageId();
        if (edit instanceof SetPageWords e) return e.pageId();
        if (edit instanceof SetPageLinks e) return e.pageId();
        if (edit instanceof AddItem e) return e.pageId();
        if (edit instanceof RemoveItem e) return e.pageId();
        if (edit instanceof MoveDepth e) return e.pageId();
        if (edit instanceof SetFrame e) return e.pageId();
        if (edit instanceof SetMovement e) return e.pageId();
        if (edit instanceof SetDescription e) return e.pageId();
        if (edit instanceof SetTraits e) return e.pageId();
        if (edit instanceof SetBody e) return e.pageId();
        if (edit instanceof SetWords e) return e.pageId();
        if (edit instanceof SetZoneLabel e) return e.pageId();
        if (edit instanceof Decide e) return e.pageId();
        if (edit instanceof SetRule e) return e.pageId();
        if (edit instanceof SetFacts e) return e.pageId();
        if (edit instanceof SetTyped e) return e.pageId();
        if (edit instanceof Arrange e) return e.pageId();
        if (edit instanceof Transform e) return e.pageId();
        return "";
    }

    /** The items an edit needs to be there. */
    private static Set<String> itemsOf(Edit edit) {
        if (edit instanceof RemoveItem e) return Set.of(e.itemId());
        if (edit instanceof MoveDepth e) return Set.of(e.itemId());
        if (edit instanceof SetFrame e) return Set.of(e.itemId());
        if (edit instanceof SetMovement e) return Set.of(e.itemId());
        if (edit instanceof SetDescription e) return Set.of(e.itemId());
        if (edit instanceof SetTraits e) return Set.of(e.itemId());
        if (edit instanceof SetBody e) return Set.of(e.item().id());
        if (edit instanceof SetWords e) return Set.of(e.itemId());
        if (edit instanceof SetZoneLabel e) return Set.of(e.itemId());
        if (edit instanceof Decide e)
            return e.zoneId().equals(e.pieceId()) ? Set.of(e.zoneId()) : Set.of(e.zoneId(), e.pieceId());
        if (edit instanceof SetRule e) return Set.of(e.zoneId());
        if (edit instanceof SetFacts e) return Set.of(e.itemId());
        if (edit instanceof SetTyped e) return Set.of(e.itemId());
        return Set.of();
    }

    /** What is left of an edit of several items when one of them is gone. */
    private static Optional<Edit> withoutItem(Edit edit, String gone) {
        if (edit instanceof Arrange e) {
            return left(e.itemIds(), gone).map(ids -> new Arrange(e.pageId(), ids, e.how()));
        }
        if (edit instanceof Transform e) {
            return left(e.itemIds(), gone).map(ids -> new Transform(e.pageId(), ids, e.by()));
        }
        return itemsOf(edit).contains(gone) ? Optional.empty() : Optional.of(edit);
    }

    private static Optional<List<String>> left(List<String> ids, String gone) {
        List<String> left = ids.stream().filter(id -> !id.equals(gone)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(left);
    }
}
