package gladtile.server.activities;

import gladtile.core.activity.Activity;
import gladtile.core.edit.Conflict;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult;
import gladtile.core.edit.RebaseRun;
import gladtile.core.message.Message;
import gladtile.server.activities.ActivityStore.LogRow;
import gladtile.server.activities.LoggedEdit.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Reads from a history what an undo or redo means. */
final class EditLog {
    private EditLog() {}

    /**
     * What an author could undo next, best first: their edits and redos that no later undo of theirs took back.
     *
     * @param own what they did, newest first
     */
    static List<LogRow> undoable(List<LogRow> own) {
        return open(own, false);
    }

    /** What they could redo next: their undos since their last plain edit that no redo took back, newest first. */
    static List<LogRow> redoable(List<LogRow> own) {
        return open(own, true);
    }

    private static List<LogRow> open(List<LogRow> own, boolean undos) {
        Set<Long> takenBack = new HashSet<>();
        List<LogRow> found = new ArrayList<>();
        for (LogRow row : own) {
            LoggedEdit logged = row.logged();
            if (undos && logged.kind() == Kind.PLAIN) {
                break;
            }
            if (logged.target() != null) {
                takenBack.add(logged.target());
            }
            if ((logged.kind() == Kind.UNDO) == undos && !takenBack.contains(logged.seq())) {
                found.add(row);
            }
        }
        return found;
    }

    /** What others, since then, did and would lose by it. */
    static List<Message> othersLose(Edit back, List<LogRow> after, UUID author, Activity now) {
        List<Edit> theirs = standing(after).stream()
                .filter(row -> !row.logged().authorId().equals(author))
                .map(row -> row.logged().edit())
                .toList();
        return Conflict.lost(back, theirs, now);
    }

    /**
     * An inverse as it fits the activity now: rebased over all that came after, without those pairs of an edit and
     * its undo that together changed nothing.
     *
     * @param after what came after the edit it inverts, oldest first
     */
    static Optional<Edit> rebased(Edit inverse, List<LogRow> after) {
        Optional<Edit> edit = Optional.of(inverse);
        for (LogRow row : standing(after)) {
            edit = edit.flatMap(left -> left.rebase(row.logged().edit()));
        }
        return edit;
    }

    /**
     * Edits as they fit the activity now, made without knowledge of what came since. What was removed and restored
     * meanwhile still takes it; of a value with several fields only those are set that it changed.
     *
     * @param base the activity it was made on
     * @param since what came since, oldest first
     */
    static List<Optional<Edit>> caughtUp(List<Edit> made, Activity base, List<LogRow> since) {
        return RebaseRun.over(made, base, between(since));
    }

    /** Whether that is more than is put behind one another. */
    static boolean isTooMuch(List<Edit> made, List<LogRow> since) {
        return RebaseRun.isTooMuch(made, between(since));
    }

    private static List<RebaseRun.Between> between(List<LogRow> since) {
        Set<Long> standing = new HashSet<>();
        standing(since).forEach(row -> standing.add(row.logged().seq()));
        return since.stream()
                .map(row -> new RebaseRun.Between(
                        row.logged().edit(), standing.contains(row.logged().seq())))
                .toList();
    }

    /** What there was before all of these, by taking each back. */
    static Activity before(Activity now, List<LogRow> since) {
        Activity then = now;
        for (int i = since.size() - 1; i >= 0; i--) {
            EditResult back = since.get(i).inverse().apply(then);
            if (!(back instanceof EditResult.Applied applied)) {
                throw new IllegalStateException(
                        "edit " + since.get(i).logged().seq() + " cannot be taken back: " + back);
            }
            then = applied.activity();
        }
        return then;
    }

    /** Without those pairs of an edit and its undo that together changed nothing. */
    private static List<LogRow> standing(List<LogRow> after) {
        Map<Long, LogRow> there = new HashMap<>();
        after.forEach(row -> there.put(row.logged().seq(), row));
        Set<Long> cancelled = new HashSet<>();
        for (int i = after.size() - 1; i >= 0; i--) {
            LoggedEdit logged = after.get(i).logged();
            boolean takesBack = logged.target() != null && there.containsKey(logged.target());
            if (takesBack && !cancelled.contains(logged.seq())) {
                cancelled.add(logged.seq());
                cancelled.add(logged.target());
            }
        }
        return after.stream()
                .filter(row -> !cancelled.contains(row.logged().seq()))
                .toList();
    }
}
