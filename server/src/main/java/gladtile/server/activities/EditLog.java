package gladtile.server.activities;

import gladtile.core.edit.Conflict;
import gladtile.core.edit.Edit;
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

    /** Whether somebody else, since then, set what this would set. */
    static boolean othersChanged(Edit back, List<LogRow> after, UUID author) {
        return after.stream()
                .filter(row -> !row.logged().authorId().equals(author))
                .anyMatch(row -> Conflict.between(back, row.logged().edit()));
    }

    /**
     * An inverse as it fits the activity now: rebased over all that came after, without those pairs of an edit and
     * its undo that together changed nothing.
     *
     * @param after what came after the edit it inverts, oldest first
     */
    static Optional<Edit> rebased(Edit inverse, List<LogRow> after) {
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
        Optional<Edit> edit = Optional.of(inverse);
        for (LogRow row : after) {
            if (!cancelled.contains(row.logged().seq())) {
                edit = edit.flatMap(left -> left.rebase(row.logged().edit()));
            }
        }
        return edit;
    }
}
