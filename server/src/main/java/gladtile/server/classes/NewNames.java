package gladtile.server.classes;

import gladtile.core.roster.Roster;
import gladtile.formats.table.NameList;
import gladtile.server.accounts.People;
import gladtile.server.accounts.Who;
import gladtile.server.classes.Classes.Student;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the names of a list into a class: all of them, or none. */
@Service
class NewNames {
    private final Classes classes;
    private final People people;

    NewNames(Classes classes, People people) {
        this.classes = classes;
        this.people = people;
    }

    /** A student who is new, with the PIN that is shown this once. */
    record SignInCard(UUID id, String name, String pin) {}

    /** @param added only where the roster has nothing in the way */
    record Added(Roster roster, List<SignInCard> cards) {}

    Roster look(Who teacher, UUID classId, String text) {
        List<String> now = classes.students(teacher.schoolId(), classId).stream()
                .map(Student::name)
                .toList();
        return Roster.of(now, NameList.read(text));
    }

    @Transactional
    public Added add(Who teacher, UUID classId, String text) {
        Roster roster = look(teacher, classId, text);
        List<SignInCard> cards = new ArrayList<>();
        if (roster.wrong().isEmpty()) {
            for (String name : roster.added()) {
                String pin = people.freshPin();
                Who student = people.addStudent(teacher.schoolId(), name, pin);
                classes.join(teacher.schoolId(), classId, student.id());
                cards.add(new SignInCard(student.id(), name, pin));
            }
        }
        return new Added(roster, cards);
    }
}
