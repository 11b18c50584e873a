package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.support.UuidV7;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Makes schools and the people in them. */
@Service
public class People {
    private static final int NAME = 100;
    private final PersonStore store;
    private final PasswordEncoder secrets;

    People(PersonStore store, PasswordEncoder secrets) {
        this.store = store;
        this.secrets = secrets;
    }

    public boolean anySchool() {
        return store.anySchool();
    }

    public UUID addSchool(String name) {
        UUID id = UuidV7.make();
        store.addSchool(id, Bounds.text("school.name", name, NAME));
        return id;
    }

    public Who addTeacher(UUID schoolId, String name, String signInName, String password) {
        Who who = new Who(schoolId, UuidV7.make(), Who.Kind.TEACHER, Bounds.text("person.name", name, NAME));
        store.add(who, Bounds.text("person.signInName", signInName, NAME), secrets.encode(password));
        return who;
    }

    /** @param pin four digits */
    public Who addStudent(UUID schoolId, String name, String pin) {
        if (!pin.matches("[0-9]{4}")) {
            throw new gladtile.core.OutOfBounds("person.pin", "a PIN is four digits");
        }
        Who who = new Who(schoolId, UuidV7.make(), Who.Kind.STUDENT, Bounds.text("person.name", name, NAME));
        store.add(who, null, secrets.encode(pin));
        return who;
    }
}
