package gladtile.server.testkit;

import gladtile.server.classes.TeamService;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Speaks of one assignment of a {@link School} as a teacher and its students do. */
public final class Lesson {
    public final School school;
    public final Api teacher;
    public final String assignmentId;
    public final String at;
    private final String code;

    private Lesson(School school, Api teacher, JsonNode given) {
        this.school = school;
        this.teacher = teacher;
        this.assignmentId = given.path("id").asString();
        this.code = given.path("joinCode").asString();
        this.at = "/api/v1/assignments/" + assignmentId;
    }

    /** The school's activity, given with such terms. @param more of the request besides the class */
    public static Lesson give(School school, Map<String, Object> terms, Map<String, Object> more) {
        Api teacher = school.asTeacher();
        Api.Answer given = ask(teacher, school, terms, more);
        if (given.status() != 201) {
            throw new IllegalStateException("not given: " + given);
        }
        return new Lesson(school, teacher, given.json());
    }

    public static Lesson give(School school, Map<String, Object> terms) {
        return give(school, terms, Map.of());
    }

    /** What comes of giving; for what is refused. */
    public static Api.Answer ask(Api teacher, School school, Map<String, Object> terms, Map<String, Object> more) {
        Map<String, Object> asked = new LinkedHashMap<>(more);
        asked.putIfAbsent("classId", school.classId);
        asked.put("terms", terms);
        return teacher.post("/api/v1/activities/" + school.activityId + "/assignments", asked);
    }

    /** The first two students as a team. */
    public static UUID team(School school) {
        TeamService teams = school.server.bean(TeamService.class);
        teams.replace(
                school.id,
                school.classId,
                List.of(new TeamService.NewTeam(
                        null,
                        "Comets",
                        List.of(
                                school.students.get(0).id(),
                                school.students.get(1).id()))));
        return teams.of(school.id, school.classId).get(0).id();
    }

    public Api student(int index) {
        return School.joined(school.server.browser(), code, school.students.get(index));
    }

    public Api.Answer open(Api student) {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignmentId));
    }

    /** The attempt's address. */
    public String attempt(Api student) {
        return "/api/v1/attempts/" + open(student).text("id");
    }

    public static Api.Answer moves(Api student, String attempt, Object... moves) {
        return student.post(attempt + "/moves", School.moves(moves));
    }

    public static Map<String, Object> handIn() {
        return School.move(Map.of("kind", "hand-in"));
    }

    /** The row of class progress by its name. */
    public JsonNode row(String name) {
        for (JsonNode row : teacher.get(at + "/progress").json().path("students")) {
            if (row.path("name").asString().equals(name)) {
                return row;
            }
        }
        throw new IllegalStateException("no row of " + name);
    }
}
