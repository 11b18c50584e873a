package gladtile.server.activities;

import gladtile.core.activity.Activity;
import gladtile.core.edit.ActivityDifference;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Refused;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityStore.LogRow;
import gladtile.server.activities.ActivityStore.Stored;
import gladtile.server.activities.LoggedEdit.Kind;
import gladtile.server.files.FileUseService;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes activities and changes them, edit by edit. Every answer is about the asker's own activities only. */
@Service
public class ActivityService {
    /** From one kept state of the whole to the next: reading a moment goes through fewer edits than this. */
    static final int SNAPSHOT_EVERY = 200;

    /** How far back one author's undo looks. */
    private static final int UNDO_DEPTH = 2_000;
    /** Enough of the newest to say whether there is anything to undo or redo, nearly always. */
    private static final int UNDO_LOOK = 40;

    private final ActivityStore store;
    private final ActivityListService shelf;
    private final FileUseService files;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ActivityService(
            ActivityStore store,
            ActivityListService shelf,
            FileUseService files,
            TransactionTemplate transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.store = store;
        this.shelf = shelf;
        this.files = files;
        this.transactions = transactions;
        this.events = events;
        this.clock = clock;
    }

    /** An activity as it is after its edit number {@code seq}. */
    public record Current(long seq, Activity activity, boolean canUndo, boolean canRedo, boolean mayEdit) {}

    /** An edit on its way in. @param id made by the workbench; the same id twice is one edit */
    public record Incoming(UUID id, Edit edit) {}

    /** An edit that no longer fits. @param why one sentence */
    public record Dropped(UUID id, Message why) {}

    /**
     * What a workbench needs to catch up.
     *
     * @param edits all that came after the seq it knew, its own among them, oldest first
     * @param dropped its own that fell away
     */
    public record Caught(long seq, List<LoggedEdit> edits, List<Dropped> dropped, boolean canUndo, boolean canRedo) {}

    public UUID create(CurrentUser user, String title) {
        return create(user, Activity.blank(title, UuidV7.make().toString()));
    }

    /** Keeps an activity that was made elsewhere. @param made of files that are for this person */
    public UUID create(CurrentUser user, Activity made) {
        UUID id = UuidV7.make();
        transactions.executeWithoutResult(tx -> {
            store.insert(user, id, made, now());
            if (!files.put(user, id, Json.write(made))) {
                throw new IllegalArgumentException("an activity is made of files that are not its author's");
            }
        });
        return id;
    }

    /** What somebody may do with an activity. */
    public Access access(CurrentUser user, UUID id) {
        return shelf.access(user, id);
    }

    public Optional<Current> read(CurrentUser user, UUID id) {
        Access access = shelf.access(user, id);
        if (!access.mayView()) {
            return Optional.empty();
        }
        return transactions.execute(tx -> store.read(user.schoolId(), id).map(stored -> {
            List<LogRow> own = store.lately(user.schoolId(), id, user.id(), UNDO_LOOK);
            return new Current(
                    stored.seq(),
                    stored.activity(),
                    !EditLog.undoable(own).isEmpty(),
                    !EditLog.redoable(own).isEmpty(),
                    access.mayEdit());
        }));
    }

    /** An activity as it was after its edit number {@code seq}. */
    public Optional<Activity> at(CurrentUser user, UUID id, long seq) {
        if (!shelf.access(user, id).mayView()) {
            return Optional.empty();
        }
        return transactions.execute(tx -> store.at(user.schoolId(), id, seq));
    }

    /** Brings a moment back: as an edit like any other, which can be undone. */
    public Optional<Caught> restore(CurrentUser user, UUID id, long seq, UUID clientId, long moment) {
        return become(
                user,
                id,
                seq,
                clientId,
                now -> store.at(user.schoolId(), id, moment).orElse(now),
                Message.of("dropped.as-then"));
    }

    /**
     * Makes of the activity what is wanted, as one edit like any other, which can be undone.
     *
     * @param wanted what it becomes, by what it is
     * @param nothing why nothing happened when it is so already
     */
    public Optional<Caught> become(
            CurrentUser user, UUID id, long seq, UUID clientId, UnaryOperator<Activity> wanted, Message nothing) {
        return change(user, id, seq, (change, since) -> {
            if (store.has(user.schoolId(), id, clientId)) {
                return;
            }
            Optional<Edit> edit = ActivityDifference.between(change.activity(), wanted.apply(change.activity()));
            if (edit.isEmpty()) {
                change.drop(clientId, nothing);
            } else if (change.apply(clientId, edit.get(), Kind.PLAIN, null) instanceof Refused refused) {
                change.drop(clientId, refused.message());
            }
        });
    }

    /** A copy of somebody's own, with ids of its own. */
    public Optional<UUID> copy(CurrentUser user, UUID id, String title) {
        return read(user, id).map(current -> create(user, ActivityCopier.of(current.activity(), title)));
    }

    /** A copy of what is offered to whoever asks; that it is, is for the caller to know. */
    Optional<UUID> copyOffered(CurrentUser user, UUID id) {
        return Optional.ofNullable(transactions.execute(tx -> store.read(user.schoolId(), id)
                        .map(stored -> stored.activity())
                        .orElse(null)))
                .map(activity -> create(user, ActivityCopier.of(activity, activity.title())));
    }

    /** All that came after a seq. It waits for nobody who changes it, and reads none of its pages. */
    public Optional<Caught> since(CurrentUser user, UUID id, long seq) {
        if (!shelf.access(user, id).mayView()) {
            return Optional.empty();
        }
        return Optional.ofNullable(transactions.execute(tx -> {
            // What is written after this was read is told the next time.
            long now = store.seq(user.schoolId(), id).orElseThrow();
            List<LoggedEdit> edits = store.since(user.schoolId(), id, seq).stream()
                    .map(LogRow::logged)
                    .filter(one -> one.seq() <= now)
                    .toList();
            List<LogRow> own = store.lately(user.schoolId(), id, user.id(), UNDO_LOOK);
            return new Caught(
                    now,
                    edits,
                    List.of(),
                    !EditLog.undoable(own).isEmpty(),
                    !EditLog.redoable(own).isEmpty());
        }));
    }

    /**
     * Takes edits that were made on the activity as it was after {@code seq}, in their order.
     */
    public Optional<Caught> edit(CurrentUser user, UUID id, long seq, List<Incoming> incoming) {
        return change(user, id, seq, (change, since) -> {
            List<Incoming> fresh = incoming.stream()
                    .filter(one -> !store.has(user.schoolId(), id, one.id()))
                    .toList();
            List<Edit> made = fresh.stream().map(Incoming::edit).toList();
            if (EditLog.isTooMuch(made, since)) {
                fresh.forEach(one -> change.drop(one.id(), Message.of("dropped.too-much")));
                return;
            }
            List<Optional<Edit>> caughtUp = EditLog.caughtUp(made, EditLog.before(change.activity(), since), since);
            for (int i = 0; i < fresh.size(); i++) {
                Incoming one = fresh.get(i);
                Optional<Edit> edit = caughtUp.get(i);
                if (edit.isEmpty()) {
                    change.drop(one.id(), Message.of("dropped.removed"));
                } else if (change.apply(one.id(), edit.get(), Kind.PLAIN, null) instanceof Refused refused) {
                    change.drop(one.id(), refused.message());
                }
            }
        });
    }

    /** Takes back the asker's own last edit that still can be; nobody else's. */
    public Optional<Caught> undo(CurrentUser user, UUID id, long seq, UUID clientId) {
        return change(user, id, seq, (change, since) -> takeBack(user, id, change, clientId, Kind.UNDO));
    }

    public Optional<Caught> redo(CurrentUser user, UUID id, long seq, UUID clientId) {
        return change(user, id, seq, (change, since) -> takeBack(user, id, change, clientId, Kind.REDO));
    }

    private void takeBack(CurrentUser user, UUID id, ActivityChange change, UUID clientId, Kind kind) {
        if (store.has(user.schoolId(), id, clientId)) {
            return;
        }
        List<LogRow> own = store.by(user.schoolId(), id, user.id(), UNDO_DEPTH);
        List<LogRow> candidates = kind == Kind.UNDO ? EditLog.undoable(own) : EditLog.redoable(own);
        for (LogRow candidate : candidates) {
            long target = candidate.logged().seq();
            List<LogRow> after = store.since(user.schoolId(), id, target);
            Optional<Edit> back = EditLog.rebased(candidate.inverse(), after);
            if (back.isEmpty()) {
                continue;
            }
            List<Message> lost = EditLog.othersLose(back.get(), after, user.id(), change.activity());
            if (!lost.isEmpty()) {
                change.drop(clientId, lostWords(lost));
                return;
            }
            if (change.apply(clientId, back.get(), kind, target) instanceof Applied) {
                return;
            }
        }
        change.drop(clientId, Message.of(kind == Kind.UNDO ? "dropped.nothing-to-undo" : "dropped.nothing-to-redo"));
    }

    private static final int LOST_NAMED = 3;

    /** Names what a colleague would lose, so that one can talk to them, or take it away by hand. */
    private static Message lostWords(List<Message> lost) {
        List<Message> named = lost.subList(0, Math.min(LOST_NAMED, lost.size()));
        return Message.of("dropped.others-lose", "named", named, "more", lost.size() - named.size());
    }

    private interface Work {
        void on(ActivityChange change, List<LogRow> since);
    }

    private Optional<Caught> change(CurrentUser user, UUID id, long seq, Work work) {
        Access access = shelf.access(user, id);
        if (!access.mayView()) {
            return Optional.empty();
        }
        boolean[] changed = {false};
        Caught caught = transactions.execute(tx -> {
            Stored stored = store.readToChange(user.schoolId(), id).orElseThrow();
            List<LogRow> since = store.since(user.schoolId(), id, seq);
            ActivityChange change = new ActivityChange(store, files, user, id, stored, now());
            if (access.mayEdit()) {
                work.on(change, since);
                change.write();
            }
            changed[0] = !change.made().isEmpty();
            List<LoggedEdit> edits = new ArrayList<>();
            since.forEach(row -> edits.add(row.logged()));
            edits.addAll(change.made());
            List<LogRow> own = store.lately(user.schoolId(), id, user.id(), UNDO_LOOK);
            return new Caught(
                    change.seq(),
                    edits,
                    change.dropped(),
                    !EditLog.undoable(own).isEmpty(),
                    !EditLog.redoable(own).isEmpty());
        });
        // Told after the commit: who hears of it reads it at once.
        if (changed[0]) {
            events.publishEvent(new ActivityChanged(id, caught.seq()));
        }
        return Optional.of(caught);
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
