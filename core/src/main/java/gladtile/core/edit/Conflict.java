package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Whether taking back one's own would take something from others: what they set since, or built on it. Then one is told
 * what it is, and nothing changes. It does not matter by which edit it would go: an item with its page, a decision with
 * its piece, a rule with its zone.
 */
public final class Conflict {
    private Conflict() {}

    /**
     * What others would lose, in few words each; empty for nothing, and where the edit does not fit anyway.
     *
     * @param back what would be done now
     * @param others what others did since, in its order
     */
    public static List<Message> lost(Edit back, List<Edit> others, Activity now) {
        if (!(back.apply(now) instanceof Applied then)) {
            return List.of();
        }
        List<Message> lost = new ArrayList<>(EditAspects.changed(others, now, then.activity()));
        // Where something stands among others changes with every addition; so here it counts who moved it.
        Set<String> moved = places(back);
        others.stream()
                .filter(other -> places(other).stream().anyMatch(moved::contains))
                .map(Edit::summary)
                .filter(told -> !lost.contains(told))
                .forEach(lost::add);
        return lost;
    }

    private static Set<String> places(Edit edit) {
        Set<String> places = new HashSet<>();
        List<Edit> all = edit instanceof CompositeEdit step ? step.edits() : List.of(edit);
        all.forEach(one -> one.place().ifPresent(places::add));
        return places;
    }
}
