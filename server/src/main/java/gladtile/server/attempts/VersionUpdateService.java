package gladtile.server.attempts;

import gladtile.core.attempt.AttemptUpdate;
import gladtile.core.attempt.Standing;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.classes.ClassService;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Brings a running assignment to a newer version of its activity. */
@Service
class VersionUpdateService {
    /** How often work is tried again that moves on while it is renewed. */
    private static final int TRIES = 10;

    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AssigneeDirectory assignees;
    private final AttemptService attempts;
    private final AttemptQueries works;
    private final ClassService classes;

    VersionUpdateService(
            AssignmentService assignments,
            ActivityVersionService versions,
            AssigneeDirectory assignees,
            AttemptService attempts,
            AttemptQueries works,
            ClassService classes) {
        this.versions = versions;
        this.assignments = assignments;
        this.assignees = assignees;
        this.attempts = attempts;
        this.works = works;
        this.classes = classes;
    }

    /**
     * What it is for one student or team.
     *
     * @param gone names of what they did and is not there any more
     * @param loosened names of what was right and can be moved again
     */
    record ForWhom(String name, List<Message> gone, List<Message> loosened) {}

    /**
     * What renewing changes.
     *
     * @param same whether the activity is as it was given, so that there is nothing to renew
     * @param added names of placements that are new
     * @param removed names of placements that are gone
     * @param working how many work on it now and go on with the newer version
     * @param handedIn how many have handed in; their work stays as it is
     * @param changes those for whom something they did changes
     */
    record Account(
            boolean same,
            List<Message> added,
            List<Message> removed,
            int working,
            int handedIn,
            List<ForWhom> changes) {}

    Optional<Account> preview(CurrentUser user, Assignment assignment) {
        return versions.asItIsNow(user, assignment).map(fresh -> account(assignment, versions.of(assignment), fresh));
    }

    private Account account(Assignment assignment, ActivityVersion was, ActivityVersion fresh) {
        List<Message> before = names(was);
        List<Message> now = names(fresh);
        List<Message> added = new ArrayList<>(now);
        before.forEach(added::remove);
        List<Message> removed = new ArrayList<>(before);
        now.forEach(removed::remove);
        Map<UUID, String> known = new HashMap<>();
        assignees.of(assignment).forEach(one -> known.put(one.id(), one.name()));
        List<ForWhom> changes = new ArrayList<>();
        int working = 0;
        int handedIn = 0;
        for (Work work : newest(assignment)) {
            if (work.state().standing() == Standing.HANDED_IN) {
                handedIn++;
                continue;
            }
            working++;
            AttemptUpdate update = AttemptUpdate.of(work.state(), work.version().rules(), fresh.rules());
            if (!update.changesNothing()) {
                String name = known.containsKey(work.holderId())
                        ? known.get(work.holderId())
                        : classes.names(assignment.schoolId(), List.of(work.holderId()))
                                .get(work.holderId());
                changes.add(new ForWhom(name, update.gone(), update.loosened()));
            }
        }
        return new Account(was.activity().equals(fresh.activity()), added, removed, working, handedIn, changes);
    }

    /** Gives the newer version out, and brings all work to it that is not handed in. */
    Optional<Account> updateVersion(CurrentUser user, Assignment assignment) {
        Optional<Account> account = preview(user, assignment);
        if (account.isEmpty() || account.get().same()) {
            return account;
        }
        UUID versionId = versions.insertFresh(user, assignment).orElseThrow();
        assignments.giveOut(assignment, versionId);
        Assignment now = assignments.read(user, assignment.id()).orElseThrow();
        for (Work work : newest(now)) {
            bring(now, work, versionId);
        }
        return account;
    }

    private void bring(Assignment assignment, Work first, UUID versionId) {
        Work work = first;
        for (int i = 0; i < TRIES && work.state().standing() == Standing.WORKING; i++) {
            ActivityVersion fresh = versions.of(assignment, versionId, work.holderId());
            AttemptUpdate update = AttemptUpdate.of(work.state(), work.version().rules(), fresh.rules());
            if (attempts.updateVersion(assignment, work, versionId, update.state())) {
                return;
            }
            work = works.newest(assignment, work.holderId()).orElseThrow();
        }
    }

    private List<Work> newest(Assignment assignment) {
        return works.all(assignment).values().stream()
                .map(rounds -> rounds.get(rounds.size() - 1))
                .toList();
    }

    private static List<Message> names(ActivityVersion version) {
        return version.rules().placements().stream()
                .map(placement -> placement.name())
                .toList();
    }
}
