package gladtile.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Random sequences of requests by everybody of two schools, who know every id there is, beside a little model of who may
 * know what: sharing and taking back, coming into a class and leaving it, giving, withdrawing and giving again. The
 * model is kept apart from the server on purpose: it is told only what was asked for.
 */
@ExtendWith(RealServer.class)
class AttackerTest {
    private static final int SEQUENCES = 25;
    private static final int STEPS = 6;

    /** What may be known, by its name: who may look at which address. */
    private static final class Model {
        private final Map<UUID, Set<UUID>> looks = new HashMap<>();
        private final Map<UUID, Set<UUID>> teaches = new HashMap<>();
        private final Map<UUID, Set<UUID>> learns = new HashMap<>();
        private final Set<UUID> withdrawn = new HashSet<>();

        private static void put(Map<UUID, Set<UUID>> in, UUID thing, UUID person) {
            in.computeIfAbsent(thing, id -> new HashSet<>()).add(person);
        }

        private static boolean has(Map<UUID, Set<UUID>> in, UUID thing, UUID person) {
            return in.getOrDefault(thing, Set.of()).contains(person);
        }
    }

    private record Person(CurrentUser user, Api api) {}

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void nobody_gets_what_the_model_does_not_give_them(long seed, RealServer server) {
        Random random = new Random(seed);
        School ours = new School(server);
        School theirs = new School(server);
        List<Person> teachers = new ArrayList<>();
        List<Person> students = new ArrayList<>();
        for (School school : List.of(ours, theirs)) {
            teachers.add(new Person(school.teacher, school.asTeacher()));
            teachers.add(new Person(school.otherTeacher, school.asOtherTeacher()));
            students.add(new Person(school.students.get(0), school.asStudent(0)));
            students.add(new Person(school.students.get(1), school.asStudent(1)));
        }
        Api nobody = server.browser();
        Model model = new Model();
        for (School school : List.of(ours, theirs)) {
            Model.put(model.looks, school.activityId, school.teacher.id());
            Model.put(model.teaches, school.classId, school.teacher.id());
            Model.put(model.teaches, school.otherClassId, school.otherTeacher.id());
            school.students.forEach(one -> Model.put(model.learns, school.classId, one.id()));
        }
        Map<UUID, String> attempts = new HashMap<>();
        for (int i = 0; i < students.size(); i++) {
            School school = i < 2 ? ours : theirs;
            attempts.put(students.get(i).user.id(), school.open(students.get(i).api));
        }
        for (int sequence = 0; sequence < SEQUENCES; sequence++) {
            School school = random.nextBoolean() ? ours : theirs;
            for (int step = 0; step < STEPS; step++) {
                change(random, school, teachers, model);
                look(random, school, teachers, students, nobody, attempts, model);
            }
        }
    }

    private static void change(Random random, School school, List<Person> teachers, Model model) {
        Person owner = teachers.stream()
                .filter(one -> one.user.id().equals(school.teacher.id()))
                .findFirst()
                .orElseThrow();
        String assignment = "/api/v1/assignments/" + school.assignmentId;
        switch (random.nextInt(8)) {
            case 0 -> {
                Map<String, Object> share = Map.of("access", "LOOK");
                if (owner.api
                                .put(
                                        "/api/v1/activities/" + school.activityId + "/sharing/"
                                                + school.otherTeacher.id(),
                                        share)
                                .status()
                        < 300) {
                    Model.put(model.looks, school.activityId, school.otherTeacher.id());
                }
            }
            case 1 -> {
                Map<String, Object> share = Map.of("access", "NONE");
                if (owner.api
                                .put(
                                        "/api/v1/activities/" + school.activityId + "/sharing/"
                                                + school.otherTeacher.id(),
                                        share)
                                .status()
                        < 300) {
                    model.looks.get(school.activityId).remove(school.otherTeacher.id());
                }
            }
            case 2 -> {
                if (owner.api.put(assignment + "/withdrawal", Map.of()).status() < 300) {
                    model.withdrawn.add(school.assignmentId);
                }
            }
            case 3 -> {
                if (owner.api.delete(assignment + "/withdrawal").status() < 300) {
                    model.withdrawn.remove(school.assignmentId);
                }
            }
            default -> {}
        }
    }

    private static void look(
            Random random,
            School school,
            List<Person> teachers,
            List<Person> students,
            Api nobody,
            Map<UUID, String> attempts,
            Model model) {
        boolean teacher = random.nextInt(3) > 0;
        Person asks =
                teacher ? teachers.get(random.nextInt(teachers.size())) : students.get(random.nextInt(students.size()));
        UUID me = asks.user.id();
        Person holder = students.get(random.nextInt(students.size()));
        School of = holder.user.schoolId().equals(school.id) ? school : null;
        String activity = "/api/v1/activities/" + school.activityId;
        String aClass = "/api/v1/classes/" + school.classId;
        String assignment = "/api/v1/assignments/" + school.assignmentId;
        String attempt = attempts.get(holder.user.id());
        boolean looks = Model.has(model.looks, school.activityId, me);
        boolean teaches = Model.has(model.teaches, school.classId, me);
        record Asked(String path, boolean may) {}
        List<Asked> all = new ArrayList<>(List.of(
                new Asked(activity, looks),
                new Asked(activity + "/history", looks),
                new Asked(activity + "/page-check", looks),
                new Asked(activity + "/page-map", looks),
                new Asked(aClass, teaches),
                new Asked(aClass + "/teams", teaches),
                new Asked(assignment + "/progress", teaches),
                new Asked(assignment + "/results", teaches),
                new Asked(assignment + "/reviews", teaches),
                new Asked(assignment + "/students/" + holder.user.id(), teaches && of != null),
                new Asked(assignment + "/reviews/" + attempt, teaches && of != null)));
        boolean back = of != null && model.withdrawn.contains(school.assignmentId);
        if (of != null) {
            for (String part : List.of("", "/review", "/messages")) {
                all.add(new Asked("/api/v1/attempts/" + attempt + part, me.equals(holder.user.id()) && !back));
            }
        }
        Asked one = all.get(random.nextInt(all.size()));
        int status = asks.api.get(one.path).status();
        assertThat(status < 300)
                .as("%s asks %s: %d", asks.user.name(), one.path, status)
                .isEqualTo(one.may);
        assertThat(status).isLessThan(500);
        if (random.nextInt(4) == 0) {
            assertThat(nobody.get(one.path).status()).as(one.path).isEqualTo(401);
        }
    }
}
