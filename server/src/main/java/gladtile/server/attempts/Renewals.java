package gladtile.server.attempts;

import gladtile.core.attempt.Renewal;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Workers;
import gladtile.server.attempts.Works.Work;
import gladtile.server.classes.Classes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Brings a running assignment to a newer edition of its activity. */
@Service
class Renewals {
    /** How often work is tried again that moves on while it is renewed. */
    private static final int TRIES = 10;

    private final Assignments assignments;
    private final Workers workers;
    private final Attempts attempts;
    private final Works works;
    private final Classes classes;

    Renewals(Assignments assignments, Workers workers, Attempts attempts, Works works, Classes classes) {
        this.assignments = assignments;
        this.workers = workers;
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
    record ForWhom(String name, List<String> gone, List<String> loosened) {}

    /**
     * What renewing changes.
     *
     * @param same whether the activity is as it was given, so that there is nothing to renew
     * @param added names of placements that are new
     * @param removed names of placements that are gone
     * @param working how many work on it now and go on with the newer edition
     * @param handedIn how many have handed in; their work stays as it is
     * @param changes those for whom something they did changes
     */
    record Account(
            boolean same, List<String> added, List<String> removed, int working, int handedIn, List<ForWhom> changes) {}

    Optional<Account> preview(Who who, Assignment assignment) {
        return assignments
                .asItIsNow(who, assignment)
                .map(fresh -> account(assignment, assignments.edition(assignment), fresh));
    }

    private Account account(Assignment assignment, Assignments.Edition was, Assignments.Edition fresh) {
        List<String> before = names(was);
        List<String> now = names(fresh);
        List<String> added = new ArrayList<>(now);
        before.forEach(added::remove);
        List<String> removed = new ArrayList<>(before);
        now.forEach(removed::remove);
        Map<UUID, String> known = new HashMap<>();
        workers.of(assignment).forEach(one -> known.put(one.id(), one.name()));
        List<ForWhom> changes = new ArrayList<>();
        int working = 0;
        int handedIn = 0;
        for (Work work : newest(assignment)) {
            if (work.state().standing() == Standing.HANDED_IN) {
                handedIn++;
                continue;
            }
            working++;
            Renewal renewal = Renewal.of(work.state(), work.edition().rules(), fresh.rules());
            if (!renewal.changesNothing()) {
                String name = known.containsKey(work.holderId())
                        ? known.get(work.holderId())
                        : classes.names(assignment.schoolId(), List.of(work.holderId()))
                                .get(work.holderId());
                changes.add(new ForWhom(name, renewal.gone(), renewal.loosened()));
            }
        }
        return new Account(was.activity().equals(fresh.activity()), added, removed, working, handedIn, changes);
    }

    /** Gives the newer edition out, and brings all work to it that is not handed in. */
    Optional<Account> renew(Who who, Assignment assignment) {
        Optional<Account> account = preview(who, assignment);
        if (account.isEmpty() || account.get().same()) {
            return account;
        }
        UUID editionId = assignments.freshEdition(who, assignment).orElseThrow();
        assignments.giveOut(assignment, editionId);
        Assignment now = assignments.read(who, assignment.id()).orElseThrow();
        for (Work work : newest(now)) {
            bring(now, work, editionId);
        }
        return account;
    }

    private void bring(Assignment assignment, Work first, UUID editionId) {
        Work work = first;
        for (int i = 0; i < TRIES && work.state().standing() == Standing.WORKING; i++) {
            Assignments.Edition fresh = assignments.edition(assignment, editionId, work.holderId());
            Renewal renewal = Renewal.of(work.state(), work.edition().rules(), fresh.rules());
            if (attempts.renew(assignment, work, editionId, renewal.state())) {
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

    private static List<String> names(Assignments.Edition edition) {
        return edition.rules().placements().stream()
                .map(placement -> placement.name())
                .toList();
    }
}
