package gladtile.server.classes;

import gladtile.core.message.Message;
import gladtile.core.roster.Roster;
import gladtile.formats.table.NameList;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.Locks;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts the names of a list into a class: all of them, or none. */
@Service
class NewNames {
    private final ClassService classes;
    private final PersonService people;
    private final TransactionTemplate transactions;
    private final Locks locks;

    NewNames(ClassService classes, PersonService people, TransactionTemplate transactions, Locks locks) {
        this.classes = classes;
        this.people = people;
        this.transactions = transactions;
        this.locks = locks;
    }

    /** A student who is new, with the PIN that is shown this once. */
    record SignInCard(UUID id, String name, String pin) {}

    /** @param added only where the roster has nothing in the way */
    record Added(Roster roster, List<SignInCard> cards) {}

    private record Secret(String name, String pin, String hash) {}

    Roster look(CurrentUser teacher, UUID classId, String text) {
        List<String> now = classes.students(teacher.schoolId(), classId).stream()
                .map(Student::name)
                .toList();
        NameList.Read read = NameList.read(text);
        return read.wrong() == null
                ? Roster.of(now, read.names())
                : new Roster(List.of(), List.of(), List.of(), List.of(Message.literal(read.wrong())));
    }

    Added add(CurrentUser teacher, UUID classId, String text) {
        Roster asked = look(teacher, classId, text);
        if (!asked.wrong().isEmpty()) {
            return new Added(asked, List.of());
        }
        // Hashing takes most of the time, by design: on all cores, and before anything is locked.
        List<Secret> secrets = asked.added().parallelStream().map(this::secret).toList();
        return transactions.execute(tx -> {
            // The same list sent twice at once must find the names of the first.
            locks.take("class:" + classId);
            Roster roster = look(teacher, classId, text);
            List<SignInCard> cards = new ArrayList<>();
            if (roster.wrong().isEmpty()) {
                for (Secret one : secrets) {
                    // Somebody may have added the same name meanwhile.
                    if (roster.added().contains(one.name)) {
                        CurrentUser student = people.addStudentWithSecret(teacher.schoolId(), one.name, one.hash);
                        classes.join(teacher.schoolId(), classId, student.id());
                        cards.add(new SignInCard(student.id(), one.name, one.pin));
                    }
                }
            }
            return new Added(roster, cards);
        });
    }

    private Secret secret(String name) {
        String pin = people.freshPin();
        return new Secret(name, pin, people.hashOf(pin));
    }
}
