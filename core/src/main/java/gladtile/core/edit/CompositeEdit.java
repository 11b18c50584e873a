package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Several edits that are one step: all are made, in order, or none.
 *
 * @param edits at least one; none of them is itself a {@code CompositeEdit}
 */
public record CompositeEdit(List<Edit> edits) implements Edit {
    public CompositeEdit {
        Bounds.present("edit.edits", edits);
        Bounds.count("edit.edits", edits.size(), Bounds.EDITS_IN_ONE_STEP);
        edits = List.copyOf(edits);
        if (edits.isEmpty() || edits.stream().anyMatch(CompositeEdit.class::isInstance)) {
            throw new OutOfBounds("edit.edits", Message.of("bound.edit.edits"));
        }
    }

    /** One edit for a list of at least one, with steps within it laid out flat. */
    public static Edit orOne(List<Edit> edits) {
        List<Edit> flat = new ArrayList<>();
        for (Edit edit : edits) {
            if (edit instanceof CompositeEdit together) {
                flat.addAll(together.edits);
            } else {
                flat.add(edit);
            }
        }
        return flat.size() == 1 ? flat.get(0) : new CompositeEdit(flat);
    }

    @Override
    public EditResult apply(Activity activity) {
        Activity now = activity;
        for (Edit edit : edits) {
            EditResult result = edit.apply(now);
            if (!(result instanceof Applied applied)) {
                return result;
            }
            now = applied.activity();
        }
        return new Applied(now);
    }

    @Override
    public Edit invert(Activity before) {
        List<Edit> back = new ArrayList<>();
        Activity now = before;
        for (Edit edit : edits) {
            back.add(edit.invert(now));
            if (!(edit.apply(now) instanceof Applied applied)) {
                throw new IllegalArgumentException("this step does not fit the activity it is inverted on");
            }
            now = applied.activity();
        }
        Collections.reverse(back);
        return orOne(back);
    }

    @Override
    public Message summary() {
        Message first = edits.get(0).summary();
        return edits.size() == 1 ? first : Message.of("edit.and-more", "first", first, "count", edits.size() - 1);
    }

    @Override
    public void aspects(EditAspects all) {
        edits.forEach(edit -> edit.aspects(all));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        return new CompositeEdit(
                edits.stream().map(one -> one.mergedOver(over, before, after)).toList());
    }
}
