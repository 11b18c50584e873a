package gladtile.core.roster;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.message.Message;
import gladtile.core.roster.Registered.Enrolment;
import gladtile.core.roster.Registered.RegisteredClass;
import gladtile.core.roster.Registered.RegisteredStudent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What becomes of a teacher's classes when a register is laid over them. Nobody goes: who is in a class and not in the
 * register stays, and a class keeps the name its teacher gave it.
 *
 * @param wrong what is wrong with the register as a whole; when there is anything, nothing can be taken from it
 */
public record Intake(List<ClassIntake> classes, List<Message> wrong) {
    /** What becomes of a student. */
    public enum Becomes {
        /** New to the school. */
        ADDED,
        /** In the school already, and comes to the class. */
        JOINS,
        /** In the class under another name, and gets the register's. */
        RENAMED,
        THERE
    }

    /**
     * @param id of the register
     * @param key of the student where they are known already; absent where not
     * @param was their name so far, where it changes
     */
    public record StudentIntake(
            String id,
            String name,
            Becomes becomes,
            @JsonInclude(JsonInclude.Include.NON_NULL) String key,
            @JsonInclude(JsonInclude.Include.NON_NULL) String was) {}

    /**
     * @param id of the register
     * @param name what it is, or will be, called
     * @param key of the class where there is one already; absent for a new one
     * @param colleagues whether it is there, and not the teacher's
     * @param missing names of those in it whom the register does not have in it
     * @param wrong what stands in the way; when there is anything, it cannot be taken
     */
    public record ClassIntake(
            String id,
            String name,
            @JsonInclude(JsonInclude.Include.NON_NULL) String key,
            boolean colleagues,
            List<StudentIntake> students,
            List<String> missing,
            List<Message> wrong) {}

    /** A student as they are known. @param id of the register; null for one who was put in by hand */
    public record Known(String key, String id, String name) {}

    /** A class as it is known. @param id of the register; null for one that was made by hand */
    public record KnownClass(String key, String id, String name, boolean mine, List<Known> students) {}

    private static final int TOLD = 8;

    public Intake {
        classes = List.copyOf(classes);
        wrong = List.copyOf(wrong);
    }

    /** @param school everybody of the school with an id of the register */
    public static Intake of(Registered register, List<KnownClass> known, List<Known> school) {
        List<Message> wrong = wrong(register);
        if (!wrong.isEmpty()) {
            return new Intake(List.of(), wrong.size() > TOLD ? wrong.subList(0, TOLD) : wrong);
        }
        Map<String, RegisteredStudent> students = new HashMap<>();
        register.students().forEach(one -> students.put(one.id(), one));
        Map<String, Set<RegisteredStudent>> in = new HashMap<>();
        register.enrolments()
                .forEach(one -> in.computeIfAbsent(one.classId(), id -> new LinkedHashSet<>())
                        .add(students.get(one.studentId())));
        Map<String, Known> everybody = new HashMap<>();
        school.forEach(one -> everybody.put(one.id(), one));
        Map<String, KnownClass> byId = new HashMap<>();
        Map<String, KnownClass> byName = new HashMap<>();
        known.forEach(one -> {
            if (one.id() != null) {
                byId.put(one.id(), one);
            } else if (one.mine()) {
                byName.put(Roster.same(one.name()), one);
            }
        });
        List<ClassIntake> classes = new ArrayList<>();
        for (RegisteredClass one : register.classes()) {
            String title = Roster.tidied(one.title());
            KnownClass there = byId.containsKey(one.id()) ? byId.get(one.id()) : byName.remove(Roster.same(title));
            classes.add(intake(one.id(), title, there, in.getOrDefault(one.id(), Set.of()), everybody));
        }
        return new Intake(classes, List.of());
    }

    private static List<Message> wrong(Registered register) {
        List<Message> wrong = new ArrayList<>();
        Set<String> classes = new HashSet<>();
        for (RegisteredClass one : register.classes()) {
            id(one.id(), "class-list.class-id", wrong);
            if (!classes.add(one.id())) {
                wrong.add(Message.of("class-list.class-id-twice", "id", one.id()));
            }
        }
        Set<String> students = new HashSet<>();
        for (RegisteredStudent one : register.students()) {
            id(one.id(), "class-list.user-id", wrong);
            if (!students.add(one.id())) {
                wrong.add(Message.of("class-list.user-id-twice", "id", one.id()));
            }
        }
        for (Enrolment one : register.enrolments()) {
            if (!classes.contains(one.classId())) {
                wrong.add(Message.of("class-list.no-such-class", "id", one.classId()));
            }
            if (!students.contains(one.studentId())) {
                wrong.add(Message.of("class-list.no-such-user", "id", one.studentId()));
            }
        }
        if (register.classes().isEmpty()) {
            wrong.add(Message.of("class-list.no-class"));
        }
        return wrong;
    }

    private static void id(String id, String key, List<Message> wrong) {
        if (id.isEmpty() || id.length() > Bounds.REGISTER_ID) {
            wrong.add(Message.of(key, "length", id.length(), "most", Bounds.REGISTER_ID));
        }
    }

    private static ClassIntake intake(
            String id, String title, KnownClass there, Set<RegisteredStudent> listed, Map<String, Known> everybody) {
        List<Message> wrong = new ArrayList<>();
        if (title.isEmpty() || title.length() > Bounds.PERSON_NAME) {
            wrong.add(Message.of("class-list.class-name", "most", Bounds.PERSON_NAME));
        }
        List<Known> now = there == null ? List.of() : there.students();
        Map<String, Known> inById = new HashMap<>();
        Map<String, Known> inByName = new HashMap<>();
        now.forEach(one -> {
            if (one.id() != null) {
                inById.put(one.id(), one);
            } else {
                inByName.put(Roster.same(one.name()), one);
            }
        });
        Map<String, Known> left = new LinkedHashMap<>();
        now.forEach(one -> left.put(one.key(), one));
        List<StudentIntake> students = new ArrayList<>();
        for (RegisteredStudent one : listed) {
            StudentIntake student = student(one, inById, inByName, everybody);
            left.remove(student.key());
            students.add(student);
        }
        Set<String> names = new HashSet<>();
        left.values().forEach(one -> names.add(Roster.same(one.name())));
        for (StudentIntake one : students) {
            if (one.name().isEmpty() || one.name().length() > Bounds.PERSON_NAME) {
                wrong.add(Message.of(
                        "class-list.user-name",
                        "id",
                        one.id(),
                        "length",
                        one.name().length(),
                        "most",
                        Bounds.PERSON_NAME));
            } else if (!names.add(Roster.same(one.name()))) {
                wrong.add(Message.of("class-list.twice-in-class", "name", one.name()));
            }
        }
        if (left.size() + students.size() > Bounds.CLASS_SIZE) {
            wrong.add(Message.of(
                    "class-list.too-many", "students", left.size() + students.size(), "most", Bounds.CLASS_SIZE));
        }
        boolean colleagues = there != null && !there.mine();
        return new ClassIntake(
                id,
                there == null ? title : there.name(),
                there == null ? null : there.key(),
                colleagues,
                // Who is in a colleague's class is theirs to know.
                colleagues ? List.of() : List.copyOf(students),
                colleagues ? List.of() : left.values().stream().map(Known::name).toList(),
                colleagues ? List.of() : List.copyOf(wrong.size() > TOLD ? wrong.subList(0, TOLD) : wrong));
    }

    private static StudentIntake student(
            RegisteredStudent one,
            Map<String, Known> inById,
            Map<String, Known> inByName,
            Map<String, Known> everybody) {
        String name = Roster.tidied(one.name());
        Known there = inById.get(one.id());
        if (there == null && !everybody.containsKey(one.id())) {
            // Put in by hand before the register came: the same student, who gets the register's id.
            there = inByName.remove(Roster.same(name));
        }
        if (there != null) {
            boolean renamed = !there.name().equals(name);
            return new StudentIntake(
                    one.id(),
                    name,
                    renamed ? Becomes.RENAMED : Becomes.THERE,
                    there.key(),
                    renamed ? there.name() : null);
        }
        Known elsewhere = everybody.get(one.id());
        return elsewhere == null
                ? new StudentIntake(one.id(), name, Becomes.ADDED, null, null)
                : new StudentIntake(one.id(), elsewhere.name(), Becomes.JOINS, elsewhere.key(), null);
    }
}
