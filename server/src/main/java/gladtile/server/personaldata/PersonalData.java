package gladtile.server.personaldata;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.classes.ClassService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.personaldata.PersonalDataStore.Subject;
import gladtile.server.personaldata.PersonalPlace.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is known of a person: looked up, handed out, erased. */
@Service
class PersonalData {
    private final PersonalDataStore store;
    private final PersonService people;
    private final ClassService classes;
    private final ActivityLog log;

    PersonalData(PersonalDataStore store, PersonService people, ClassService classes, ActivityLog log) {
        this.classes = classes;
        this.store = store;
        this.people = people;
        this.log = log;
    }

    /** @param title what it is @param rows how many there are */
    record Held(String title, int rows) {}

    /**
     * What an erasure would do.
     *
     * @param goes what is deleted @param stays what stays without telling who it was
     * @param handedOver what becomes somebody else's; an erasure has to say whose
     */
    record Preview(List<Held> goes, List<Held> stays, List<Held> handedOver) {}

    sealed interface Outcome {}

    record Erased() implements Outcome {}

    record NoneSuch() implements Outcome {}

    /** @param message whole sentences, with what is safe */
    record Refused(String bound, String message) implements Outcome {}

    List<Subject> named(CurrentUser by, String words) {
        return store.named(by.schoolId(), words);
    }

    Optional<Subject> find(CurrentUser by, UUID id) {
        return store.find(by.schoolId(), id);
    }

    Preview preview(CurrentUser by, UUID id) {
        Map<PersonalPlace, Integer> counts = store.counts(by.schoolId(), id);
        List<Held> goes = new ArrayList<>(held(counts, Rule.GOES));
        int moves = store.moves(by.schoolId(), id);
        if (moves > 0) {
            goes.add(new Held("Moves in their own work", moves));
        }
        List<Held> handedOver = new ArrayList<>(held(counts, Rule.IS_HANDED_OVER));
        if (store.find(by.schoolId(), id).filter(one -> !isStudent(one)).isPresent()) {
            goes.removeIf(one -> {
                boolean theirs = one.title().equals(PersonalDataStore.CLASSES);
                if (theirs) {
                    handedOver.add(one);
                }
                return theirs;
            });
        }
        return new Preview(goes, held(counts, Rule.STAYS_NAMELESS), handedOver);
    }

    private static List<Held> held(Map<PersonalPlace, Integer> counts, Rule rule) {
        return counts.entrySet().stream()
                .filter(one -> one.getKey().rule() == rule)
                .map(one -> new Held(one.getKey().title(), one.getValue()))
                .toList();
    }

    /** @param to who takes over what is not theirs alone; null for nobody */
    @Transactional
    Outcome erase(CurrentUser by, UUID id, UUID to) {
        Subject subject = store.find(by.schoolId(), id).orElse(null);
        if (subject == null) {
            return new NoneSuch();
        }
        if (id.equals(by.id())) {
            return new Refused(
                    "erasure.self", "You cannot erase yourself. Another administrator can. Nothing was changed.");
        }
        Subject heir = to == null ? null : store.find(by.schoolId(), to).orElse(null);
        boolean fits = heir != null
                && !heir.id().equals(id)
                && List.of("teacher", "administrator").contains(heir.role());
        if (to != null && !fits || to == null && hasWork(by, subject)) {
            return new Refused(
                    "erasure.to",
                    "Activities and assignments have to become another teacher's. Say whose. Nothing was changed.");
        }
        people.forgetSignIns(by.schoolId(), id);
        if (to != null && !isStudent(subject)) {
            // A class is never without anybody who teaches it.
            classes.handOver(by.schoolId(), id, to);
        }
        store.erase(by.schoolId(), subject, to);
        // Without whom: nothing may tell of them any more.
        log.add(by.schoolId(), by.id(), LogEvent.PERSON_ERASED, null, Map.of("role", subject.role()));
        return new Erased();
    }

    private static boolean isStudent(Subject subject) {
        return subject.role().equals("student");
    }

    private boolean hasWork(CurrentUser by, Subject subject) {
        return store.ownsWork(by.schoolId(), subject.id())
                || !isStudent(subject) && !subject.classes().isEmpty();
    }

    void handedOut(CurrentUser by, UUID id) {
        log.add(by.schoolId(), by.id(), LogEvent.ARCHIVE_MADE, id);
    }
}
