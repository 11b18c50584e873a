package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Edits that were made without knowledge of others, as they should follow them. What came between is applied once, however
 * many edits there are.
 */
public final class RebaseRun {
    private RebaseRun() {}

    /** What came between. @param stands false for what was taken back again, with the edit that took it back */
    public record Between(Edit edit, boolean stands) {}

    /** Pairs of an edit and another that it is put behind; each is a look, not a copy. */
    private static final long MOST_PAIRS = 5_000_000;
    /** Edits that come between; each is applied to its page. */
    private static final int MOST_BETWEEN = 20_000;

    /** Whether these are too many to be put behind one another; then they are better made anew. */
    public static boolean isTooMuch(List<Edit> made, List<Between> between) {
        long mine = made.stream().mapToLong(RebaseRun::size).sum();
        long theirs = between.stream().mapToLong(one -> size(one.edit())).sum();
        return theirs > MOST_BETWEEN || mine * theirs > MOST_PAIRS;
    }

    private static int size(Edit edit) {
        return edit instanceof CompositeEdit step ? step.edits().size() : 1;
    }

    /**
     * @param base the activity that they were made on
     * @param between what came since, oldest first
     * @return in the order of {@code made}; empty where nothing is left of one
     */
    public static List<Optional<Edit>> over(List<Edit> made, Activity base, List<Between> between) {
        List<Optional<Edit>> now =
                new ArrayList<>(made.stream().map(Optional::of).toList());
        Activity before = base;
        for (Between one : between) {
            List<Edit> parts = one.edit() instanceof CompositeEdit step ? step.edits() : List.of(one.edit());
            Activity begun = before;
            for (Edit part : parts) {
                Activity here = before;
                Activity after = part.apply(here) instanceof Applied applied ? applied.activity() : null;
                if (one.stands()) {
                    now.replaceAll(mine -> mine.flatMap(left -> Rebase.over(left, part, here, after)));
                }
                if (after == null) {
                    // All of a step or nothing of it.
                    before = begun;
                    break;
                }
                before = after;
            }
        }
        return now;
    }
}
