package gladtile.server.activities;

import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.edit.EditResult.Refused;
import gladtile.core.edit.Invariants;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityStore.LogRow;
import gladtile.server.activities.ActivityStore.Stored;
import gladtile.server.activities.LoggedEdit.Kind;
import gladtile.server.files.FileUseService;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** One transaction's changes to one activity. */
final class ActivityChange {
    private final ActivityStore store;
    private final FileUseService files;
    private final CurrentUser user;
    private final UUID id;
    private final Activity before;
    private final OffsetDateTime at;
    private Activity activity;
    private long seq;
    private final List<LoggedEdit> made = new ArrayList<>();
    private final List<ActivityService.Dropped> dropped = new ArrayList<>();

    ActivityChange(
            ActivityStore store, FileUseService files, CurrentUser user, UUID id, Stored stored, OffsetDateTime at) {
        this.store = store;
        this.files = files;
        this.at = at;
        this.user = user;
        this.id = id;
        before = stored.activity();
        activity = before;
        seq = stored.seq();
    }

    EditResult apply(UUID clientId, Edit wanted, Kind kind, Long target) {
        // With what it leaves over of what is not there any more, so that taking it back brings that back too.
        Edit edit = Invariants.sound(wanted, activity);
        EditResult result = edit.apply(activity);
        if (result instanceof Applied && !files.put(user, id, Json.write(edit))) {
            return new Refused(Reason.NO_SUCH_FILE, Message.of("dropped.file"));
        }
        if (result instanceof Applied applied) {
            LoggedEdit logged = new LoggedEdit(seq + 1, clientId, user.id(), at, edit, kind, target);
            store.append(user.schoolId(), id, new LogRow(logged, edit.invert(activity)));
            activity = applied.activity();
            seq++;
            if (seq % ActivityService.SNAPSHOT_EVERY == 0) {
                store.keepSnapshot(user.schoolId(), id, seq, activity);
            }
            made.add(logged);
        }
        return result;
    }

    void drop(UUID clientId, Message why) {
        dropped.add(new ActivityService.Dropped(clientId, why));
    }

    void write() {
        if (!made.isEmpty()) {
            int placements = AttemptRules.of(activity).placements().size();
            store.update(user.schoolId(), id, before, activity, seq, placements, at);
        }
    }

    /** The activity as it is after what was applied so far. */
    Activity activity() {
        return activity;
    }

    long seq() {
        return seq;
    }

    List<LoggedEdit> made() {
        return made;
    }

    List<ActivityService.Dropped> dropped() {
        return dropped;
    }
}
