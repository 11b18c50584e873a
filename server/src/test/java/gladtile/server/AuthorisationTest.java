package gladtile.server;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address × who asks. An address that is not in the table fails the test, so none is forgotten. */
@ExtendWith(RealServer.class)
class AuthorisationTest {
    private static final Map<String, Object> ORDER_LIST = Map.of(
            "starter",
            Map.of(
                    "kind",
                    "ORDER",
                    "title",
                    "Sky",
                    "rows",
                    List.of(Map.of("cells", List.of("a")), Map.of("cells", List.of("b"))),
                    "seed",
                    1),
            "pictured",
            false);

    /** Those whose answers differ by who asks: nobody, another student, the student, another teacher, the teacher. */
    private record Row(String pattern, String path, Object body, int... expected) {}

    private static final byte[] ABC = {'a', 'b', 'c'};
    private static final String GET = "GET ";
    private static final String POST = "POST ";
    private static final String PUT = "PUT ";
    private static final String DELETE = "DELETE ";

    @TestFactory
    Stream<DynamicTest> every_address_answers_each_person_as_the_table_says(RealServer server) {
        School school = new School(server);
        List<Api> people = List.of(
                server.browser(),
                new School(server).asStudent(0),
                school.asStudent(0),
                school.asOtherTeacher(),
                school.asTeacher());
        List<String> names = List.of("nobody", "other student", "same student", "other teacher", "same teacher");
        List<DynamicTest> tests = new ArrayList<>();
        for (Row row : table(school)) {
            for (int i = 0; i < people.size(); i++) {
                Api person = people.get(i);
                int expected = row.expected[i];
                tests.add(DynamicTest.dynamicTest(row.pattern + " by " + names.get(i), () -> {
                    Api.Answer answer = row.pattern.startsWith(GET)
                            ? streamSafe(person, row.path)
                            : row.pattern.startsWith(PUT)
                                    ? person.put(row.path, row.body)
                                    : row.pattern.startsWith(DELETE)
                                            ? person.delete(row.path)
                                            : person.post(row.path, row.body);
                    assertThat(answer.status()).isEqualTo(expected);
                    if (answer.status() >= 400) {
                        assertThat(answer.isProblem()).isTrue();
                    }
                }));
            }
        }
        return tests.stream();
    }

    /** A stream never ends, so only its head is read. */
    private static Api.Answer streamSafe(Api person, String path) {
        return path.endsWith("/live") ? person.head(path) : person.get(path);
    }

    /** For teachers alone: nobody and students are turned away. */
    private static Row row(String verb, String pattern, String path, Object body, int other, int same) {
        return new Row(verb + pattern, path, body, 401, 403, 403, other, same);
    }

    /** For administrators alone; what they get is in StaffTest. */
    private static Row schools(String verb, String pattern, String path, Object body) {
        return new Row(verb + "/api/school" + pattern, "/api/school" + path, body, 401, 403, 403, 403, 403);
    }

    /** For everybody alike. */
    private static Row open(String verb, String path, Object body, int answer) {
        return new Row(verb + path, path, body, answer, answer, answer, answer, answer);
    }

    private static Map<String, Object> setUp() {
        return Map.of(
                "token",
                "x",
                "school",
                "x",
                "language",
                "en",
                "timeZone",
                "UTC",
                "name",
                "x",
                "signInName",
                "x",
                "password",
                "x");
    }

    /** Of a student's own work: teachers have other addresses for it. */
    private static Row own(String verb, String pattern, String path, Object body, int same) {
        return new Row(verb + pattern, path, body, 401, 404, same, 403, 403);
    }

    private static Map<String, Object> part(String name) {
        return Map.of(
                "place", Map.of("name", name, "folder", ""), "kind", "PAGE", "contents", Activity.blank("Kept", "p"));
    }

    private List<Row> table(School school) {
        String activity = "/api/activities/" + school.activityId;
        String assignment = "/api/assignments/" + school.assignmentId;
        String attempt = school.open(school.asStudent(0));
        UUID fresh = UUID.randomUUID();
        String deletable = "/api/activities/"
                + school.asTeacher()
                        .post("/api/activities", Map.of("title", "To go"))
                        .text("id");
        Map<String, Object> part = part("Tray");
        String offered = "/api/templates/"
                + school.asTeacher()
                        .post(activity + "/template", Map.of("offered", true))
                        .text("code");
        String kept = "/api/library/"
                + school.asTeacher().post("/api/library", part("Kept")).text("id");
        String keptToo = "/api/library/"
                + school.asTeacher().post("/api/library", part("Kept too")).text("id");
        Map<String, Object> lesson = Map.of("activityId", school.activityId, "classId", school.classId);
        String held = "/api/lessons/"
                + school.asTeacher().post("/api/lessons", lesson).text("id");
        String thrown = "/api/lessons/"
                + school.asTeacher()
                        .post("/api/lessons", Map.of("activityId", school.activityId))
                        .text("id");
        String recorded = "/api/screencasts/"
                + school.asTeacher()
                        .post(activity + "/screencasts", Map.of("title", "Noon"))
                        .text("id");
        String coming = school.asTeacher()
                .post("/api/uploads", Map.of("name", "abc", "bytes", 3))
                .text("id");
        String going = school.asTeacher()
                .post("/api/uploads", Map.of("name", "abc", "bytes", 3))
                .text("id");
        String aClass = "/api/classes/" + school.classId;
        Map<String, Object> aList = Map.of("text", "Vega");
        Map<String, Object> nothing = new LinkedHashMap<>();
        String person = "/persons/" + school.stranger.id();
        String colleague = "/people/" + school.otherTeacher.id();
        String membership = "/classes/" + school.classId + "/staff/" + school.otherTeacher.id();
        Map<String, Object> teams = Map.of("teams", 2, "seed", 1);
        Map<String, Object> review = Map.of("version", 0, "review", Map.of("words", "Good", "mayImprove", false));
        String another = school.asTeacher()
                .post(activity + "/assignments", Map.of("classId", school.classId))
                .text("id");
        String desk = assignment + "/desk/" + attempt;
        return List.of(
                new Row(GET + "/api/me", "/api/me", null, 401, 200, 200, 200, 200),
                new Row(POST + "/api/still-here", "/api/still-here", nothing, 401, 204, 204, 204, 204),
                new Row(GET + "/api/health", "/api/health", null, 204, 204, 204, 204, 204),
                new Row(GET + "/api/activities", "/api/activities", null, 401, 403, 403, 200, 200),
                new Row(POST + "/api/activities", "/api/activities", Map.of("title", "New"), 401, 403, 403, 201, 201),
                new Row(GET + "/api/activities/{id}", activity, null, 401, 403, 403, 404, 200),
                new Row(GET + "/api/activities/{id}/edits", activity + "/edits?after=0", null, 401, 403, 403, 404, 200),
                new Row(
                        POST + "/api/activities/{id}/edits",
                        activity + "/edits",
                        Map.of("seq", 1, "edits", List.of()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/activities/{id}/undo",
                        activity + "/undo",
                        Map.of("seq", 1, "id", fresh),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/activities/{id}/redo",
                        activity + "/redo",
                        Map.of("seq", 1, "id", UUID.randomUUID()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(GET + "/api/activities/{id}/map", activity + "/map", null, 401, 403, 403, 404, 200),
                row(GET, "/api/uploads/room", "/api/uploads/room", null, 200, 200),
                row(POST, "/api/uploads", "/api/uploads", Map.of("name", "dome", "bytes", 9), 201, 201),
                row(GET, "/api/uploads/{id}", "/api/uploads/" + coming, null, 404, 200),
                row(POST, "/api/uploads/{id}/pieces/{n}", "/api/uploads/" + coming + "/pieces/0", ABC, 404, 204),
                row(POST, "/api/uploads/{id}/finish", "/api/uploads/" + coming + "/finish", nothing, 404, 200),
                row(GET, "/api/classes/{id}/teams", aClass + "/teams", null, 404, 200),
                row(POST, "/api/classes/{id}/teams", aClass + "/teams", Map.of("teams", List.of()), 404, 200),
                row(POST, "/api/classes/{id}/teams/by-chance", aClass + "/teams/by-chance", teams, 404, 200),
                row(POST, "/api/classes/{id}/teams/balanced", aClass + "/teams/balanced", teams, 404, 200),
                row(POST, "/api/classes/{id}/archive", aClass + "/archive", Map.of("archived", false), 404, 204),
                row(
                        POST,
                        "/api/classes/{id}/cards",
                        aClass + "/cards",
                        Map.of("studentIds", List.of(fresh), "pictures", true),
                        404,
                        200),
                row(POST, "/api/classes/{id}/code", aClass + "/code", nothing, 404, 200),
                row(
                        POST,
                        "/api/classes/{id}/students/{studentId}/pictures",
                        aClass + "/students/" + school.students.get(1).id() + "/pictures",
                        nothing,
                        404,
                        200),
                row(
                        POST,
                        "/api/classes/{id}/students/{studentId}/move",
                        aClass + "/students/" + school.students.get(2).id() + "/move",
                        Map.of("toClassId", school.classId),
                        404,
                        204),
                row(POST, "/api/assignments/{id}/hold", assignment + "/hold", Map.of("words", ""), 404, 204),
                row(POST, "/api/assignments/{id}/go-on", assignment + "/go-on", nothing, 404, 204),
                row(POST, "/api/assignments/{id}/shut", assignment + "/shut", nothing, 404, 204),
                row(POST, "/api/assignments/{id}/open-again", assignment + "/open-again", nothing, 404, 204),
                row(POST, "/api/assignments/{id}/give-again", assignment + "/give-again", nothing, 404, 204),
                row(POST, "/api/assignments/{id}/terms", assignment + "/terms", nothing, 404, 200),
                row(
                        POST,
                        "/api/assignments/{id}/extensions/{holderId}",
                        assignment + "/extensions/" + school.students.get(1).id(),
                        nothing,
                        404,
                        204),
                row(
                        POST,
                        "/api/assignments/{id}/withdraw",
                        "/api/assignments/" + another + "/withdraw",
                        nothing,
                        404,
                        204),
                row(POST, "/api/assignments/{id}/code", "/api/assignments/" + another + "/code", nothing, 404, 200),
                row(GET, "/api/assignments/{id}/renew", assignment + "/renew", null, 404, 200),
                row(POST, "/api/assignments/{id}/renew", assignment + "/renew", nothing, 404, 200),
                row(POST, "/api/assignments/{id}/words", assignment + "/words", Map.of("words", "Look up"), 404, 204),
                row(
                        GET,
                        "/api/assignments/{id}/students/{studentId}/sheet",
                        assignment + "/students/" + school.students.get(0).id() + "/sheet",
                        null,
                        404,
                        200),
                row(
                        GET,
                        "/api/assignments/{id}/students/{studentId}/sheet-pages",
                        assignment + "/students/" + school.students.get(0).id() + "/sheet-pages",
                        null,
                        404,
                        200),
                row(GET, "/api/assignments/{id}/desk", assignment + "/desk", null, 404, 200),
                row(GET, "/api/assignments/{id}/desk/{attemptId}", desk, null, 404, 200),
                row(POST, "/api/assignments/{id}/desk/{attemptId}/keep", desk + "/keep", review, 404, 409),
                row(POST, "/api/assignments/{id}/desk/{attemptId}/send", desk + "/send", review, 404, 409),
                row(GET, "/api/assignments/{id}/desk/{attemptId}/steps", desk + "/steps", null, 404, 200),
                row(GET, "/api/assignments/{id}/desk/{attemptId}/moments", desk + "/moments?from=1", null, 404, 200),
                row(POST, "/api/assignments/{id}/desk/send-all", assignment + "/desk/send-all", nothing, 404, 200),
                row(GET, "/api/assignments/{id}/desk/pieces/{itemId}", assignment + "/desk/pieces/sun", null, 404, 200),
                row(
                        POST,
                        "/api/assignments/{id}/desk/pieces/{itemId}/mark",
                        assignment + "/desk/pieces/sun/mark",
                        Map.of("attemptIds", List.of()),
                        404,
                        200),
                row(GET, "/api/phrases", "/api/phrases", null, 200, 200),
                row(POST, "/api/phrases", "/api/phrases", Map.of("phrases", List.of("Well seen")), 200, 200),
                row(GET, "/api/qr/{code}", "/api/qr/K4RVT7", null, 200, 200),
                new Row(GET + "/api/notices", "/api/notices", null, 401, 200, 200, 200, 200),
                new Row(POST + "/api/notices/seen", "/api/notices/seen", nothing, 401, 204, 204, 204, 204),
                row(GET, "/api/outbox", "/api/outbox", null, 200, 200),
                row(GET, "/api/student-requests", "/api/student-requests", null, 200, 200),
                row(
                        POST,
                        "/api/student-requests/{classId}",
                        "/api/student-requests/" + school.classId,
                        Map.of("yes", true),
                        404,
                        404),
                row(GET, "/api/to-review", "/api/to-review", null, 200, 200),
                new Row(GET + "/api/home", "/api/home", null, 401, 200, 200, 403, 403),
                own(GET, "/api/attempts/{id}", "/api/attempts/" + attempt, null, 200),
                own(GET, "/api/attempts/{id}/returned", "/api/attempts/" + attempt + "/returned", null, 200),
                own(POST, "/api/attempts/{id}/improve", "/api/attempts/" + attempt + "/improve", nothing, 409),
                own(GET, "/api/attempts/{id}/words", "/api/attempts/" + attempt + "/words", null, 200),
                own(GET, "/api/attempts/{id}/live", "/api/attempts/" + attempt + "/live", null, 200),
                row(POST, "/api/uploads/{id}/cancel", "/api/uploads/" + going + "/cancel", nothing, 404, 204),
                new Row(GET + "/api/activities/{id}/check", activity + "/check", null, 401, 403, 403, 404, 200),
                new Row(
                        POST + "/api/typed",
                        "/api/typed",
                        Map.of("rule", Map.of("kind", "maths", "expression", "2x"), "answer", "x+x"),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(
                        POST + "/api/points",
                        "/api/points",
                        Map.of("each", 2, "refusal", 1, "firstTry", 0, "belowZero", false, "parts", false),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(POST + "/api/starters", "/api/starters", ORDER_LIST, 401, 403, 403, 201, 201),
                new Row(POST + "/api/starters/preview", "/api/starters/preview", ORDER_LIST, 401, 403, 403, 200, 200),
                new Row(
                        POST + "/api/activities/{id}/list/preview",
                        activity + "/list/preview",
                        ORDER_LIST,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/activities/{id}/list",
                        activity + "/list",
                        Map.of("seq", 0, "id", UUID.randomUUID().toString(), "list", ORDER_LIST),
                        401,
                        403,
                        403,
                        404,
                        422),
                new Row(
                        POST + "/api/starters/cut",
                        "/api/starters/cut",
                        Map.of("text", "one two"),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(GET + "/api/activities/{id}/live", activity + "/live", null, 401, 403, 403, 404, 200),
                new Row(
                        POST + "/api/activities/{id}/try",
                        activity + "/try",
                        Map.of("moves", List.of()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/activities/{activityId}/assignments",
                        activity + "/assignments",
                        Map.of("classId", school.classId),
                        401,
                        403,
                        403,
                        404,
                        201),
                row(GET, "/api/activities/{id}/history", activity + "/history", null, 404, 200),
                row(GET, "/api/activities/{id}/history/{seq}", activity + "/history/0", null, 404, 200),
                row(
                        POST,
                        "/api/activities/{id}/history/names",
                        activity + "/history/names",
                        Map.of("seq", 1, "name", "x"),
                        404,
                        204),
                row(
                        POST,
                        "/api/activities/{id}/history/bring-back",
                        activity + "/history/bring-back",
                        Map.of("seq", 1, "id", UUID.randomUUID(), "moment", 1),
                        404,
                        200),
                row(
                        POST,
                        "/api/activities/{id}/here",
                        activity + "/here",
                        Map.of("bench", fresh, "pageId", "", "itemIds", List.of()),
                        404,
                        204),
                row(POST, "/api/activities/{id}/tags", activity + "/tags", Map.of("tags", List.of()), 404, 204),
                row(POST, "/api/activities/{id}/set-aside", activity + "/set-aside", Map.of("aside", false), 404, 204),
                row(POST, "/api/activities/{id}/copy", activity + "/copy", Map.of("title", "Copy"), 404, 201),
                row(GET, "/api/activities/{id}/template", activity + "/template", null, 404, 200),
                row(POST, "/api/activities/{id}/template", activity + "/template", Map.of("offered", true), 404, 200),
                // A link is for everybody who teaches at the school.
                row(GET, "/api/templates/{code}", offered, null, 200, 200),
                row(POST, "/api/templates/{code}/take", offered + "/take", nothing, 201, 201),
                row(GET, "/api/activities/{id}/colleagues", activity + "/colleagues", null, 404, 200),
                row(
                        POST,
                        "/api/activities/{id}/share",
                        activity + "/share",
                        Map.of("personId", school.otherTeacher.id(), "access", "NONE"),
                        404,
                        204),
                row(POST, "/api/lessons", "/api/lessons", lesson, 404, 200),
                row(GET, "/api/lessons/{id}", held, null, 404, 200),
                row(GET, "/api/activities/{id}/lessons", activity + "/lessons", null, 200, 200),
                row(POST, "/api/lessons/{id}/ink", held + "/ink", Map.of("pageId", "light"), 404, 200),
                row(POST, "/api/lessons/{id}/scales", held + "/scales", Map.of("scales", Map.of()), 404, 204),
                row(POST, "/api/lessons/{id}/groups", held + "/groups", Map.of("groups", List.of()), 404, 204),
                row(POST, "/api/lessons/{id}/turns", held + "/turns", nothing, 404, 201),
                row(POST, "/api/lessons/{id}/lead", held + "/lead", Map.of("pageId", "light"), 404, 200),
                row(
                        POST,
                        "/api/activities/{id}/screencasts",
                        activity + "/screencasts",
                        Map.of("title", "Noon"),
                        404,
                        201),
                row(GET, "/api/activities/{id}/screencasts", activity + "/screencasts", null, 200, 200),
                row(POST, "/api/screencasts/{id}/pieces/{n}", recorded + "/pieces/0", ABC, 404, 204),
                row(POST, "/api/screencasts/{id}/finish", recorded + "/finish", nothing, 404, 422),
                row(POST, "/api/screencasts/{id}", recorded, Map.of("title", "Noon"), 404, 200),
                row(POST, "/api/screencasts/{id}/remove", recorded + "/remove", nothing, 404, 200),
                row(POST, "/api/lessons/{id}/remove", thrown + "/remove", nothing, 404, 200),
                row(POST, "/api/calculations", "/api/calculations", Map.of("expression", "1/3"), 200, 200),
                row(GET, "/api/library", "/api/library", null, 200, 200),
                row(POST, "/api/library", "/api/library", part, 201, 201),
                row(GET, "/api/library/folders", "/api/library/folders", null, 200, 200),
                row(GET, "/api/library/{id}", kept, null, 404, 200),
                row(POST, "/api/library/{id}/place", kept + "/place", Map.of("name", "A", "folder", ""), 404, 200),
                row(GET, "/api/library/{id}/versions", kept + "/versions", null, 404, 200),
                row(POST, "/api/library/{id}/bring-back", kept + "/bring-back", Map.of("version", 1), 404, 200),
                row(GET, "/api/library/{id}/sharing", kept + "/sharing", null, 404, 200),
                row(POST, "/api/library/{id}/share", kept + "/share", Map.of("shared", false), 404, 204),
                row(POST, "/api/library/{id}/delete", keptToo + "/delete", nothing, 404, 204),
                row(POST, "/api/library/{id}/restore", keptToo + "/restore", nothing, 404, 204),
                row(POST, "/api/activities/{id}/delete", deletable + "/delete", nothing, 404, 204),
                row(POST, "/api/activities/{id}/restore", deletable + "/restore", nothing, 404, 204),
                row(POST, "/api/neat", "/api/neat", Map.of("points", List.of()), 200, 200),
                row(GET, "/api/taste", "/api/taste", null, 200, 200),
                row(
                        POST,
                        "/api/taste",
                        "/api/taste",
                        Map.of(
                                "rack", List.of(), "hidden", List.of(), "side", "LEFT", "size", "NORMAL", "pens",
                                Map.of()),
                        204,
                        204),
                row(GET, "/api/pictures/own", "/api/pictures/own", null, 200, 200),
                row(POST, "/api/pictures/{code}/keep", "/api/pictures/2600/keep", Map.of("kept", true), 204, 204),
                row(POST, "/api/pictures/{code}/use", "/api/pictures/2600/use", nothing, 204, 204),
                new Row(
                        POST + "/api/files/{sha256}/clear",
                        "/api/files/" + "0".repeat(64) + "/clear",
                        Map.of("colour", "#ffffff", "tolerance", 1),
                        401,
                        403,
                        403,
                        404,
                        404),
                new Row(GET + "/api/classes", "/api/classes", null, 401, 403, 403, 200, 200),
                new Row(GET + "/api/pictures", "/api/pictures?words=moon", null, 401, 403, 403, 200, 200),
                row(POST, "/api/classes", "/api/classes", Map.of("name", "Owls"), 201, 201),
                row(GET, "/api/classes/{id}", aClass, null, 404, 200),
                row(POST, "/api/classes/{id}/rename", aClass + "/rename", Map.of("name", "Puffins"), 404, 204),
                row(POST, "/api/classes/{id}/names/preview", aClass + "/names/preview", aList, 404, 200),
                row(POST, "/api/classes/{id}/names", aClass + "/names", aList, 404, 200),
                row(
                        POST,
                        "/api/classes/{id}/students/{studentId}/pin",
                        aClass + "/students/" + school.students.get(2).id() + "/pin",
                        nothing,
                        404,
                        200),
                row(
                        POST,
                        "/api/classes/{id}/students/{studentId}/remove",
                        aClass + "/students/" + school.students.get(2).id() + "/remove",
                        nothing,
                        404,
                        204),
                new Row(GET + "/api/assignments", "/api/assignments", null, 401, 403, 403, 200, 200),
                new Row(GET + "/api/assignments/{id}/quilt", assignment + "/quilt", null, 401, 403, 403, 404, 200),
                new Row(GET + "/api/assignments/{id}/results", assignment + "/results", null, 401, 403, 403, 404, 200),
                new Row(
                        GET + "/api/assignments/{id}/results/table",
                        assignment + "/results/table",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(GET + "/api/assignments/{id}/live", assignment + "/live", null, 401, 403, 403, 404, 200),
                new Row(
                        GET + "/api/assignments/{id}/students/{studentId}",
                        assignment + "/students/" + school.students.get(0).id(),
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/attempts",
                        "/api/attempts",
                        Map.of("assignmentId", school.assignmentId),
                        401,
                        404,
                        200,
                        403,
                        403),
                new Row(
                        POST + "/api/attempts/{id}/moves",
                        "/api/attempts/" + attempt + "/moves",
                        School.moves(School.put("sun", 700, 700)),
                        401,
                        404,
                        200,
                        403,
                        403),
                new Row(
                        POST + "/api/attempts/{id}/recordings",
                        "/api/attempts/" + attempt + "/recordings",
                        new byte[] {1},
                        401,
                        404,
                        409,
                        403,
                        403),
                new Row(POST + "/api/register/preview", "/api/register/preview", nothing, 401, 403, 403, 415, 415),
                new Row(POST + "/api/register", "/api/register", nothing, 401, 403, 403, 415, 415),
                // No such file: being allowed to ask shows as 404.
                new Row(GET + "/api/files/{sha256}", "/api/files/" + "0".repeat(64), null, 401, 404, 404, 404, 404),
                new Row(POST + "/api/files/pictures", "/api/files/pictures", nothing, 401, 415, 415, 415, 415),
                new Row(GET + "/api/join/{code}", "/api/join/" + school.joinCode, null, 200, 200, 200, 200, 200),
                new Row(
                        POST + "/api/join/{code}/sign-in",
                        "/api/join/" + school.joinCode + "/sign-in",
                        Map.of("studentId", school.stranger.id(), "pin", School.PIN),
                        401,
                        401,
                        401,
                        401,
                        401),
                new Row(
                        POST + "/api/sign-in",
                        "/api/sign-in",
                        Map.of("name", "nobody-" + fresh, "password", "x"),
                        401,
                        401,
                        401,
                        401,
                        401),
                new Row(GET + "/api/set-up", "/api/set-up", null, 200, 200, 200, 200, 200),
                new Row(POST + "/api/set-up", "/api/set-up", setUp(), 422, 422, 422, 422, 422),
                open(POST, "/api/one-time-links", Map.of("token", "x"), 410),
                open(POST, "/api/one-time-links/password", Map.of("token", "x", "password", "y"), 410),
                row(PUT, "/api/me/password", "/api/me/password", Map.of("current", "x", "fresh", "y"), 422, 422),
                row(GET, "/api/me/sessions", "/api/me/sessions", null, 200, 200),
                row(DELETE, "/api/me/sessions/{id}", "/api/me/sessions/x", null, 404, 404),
                schools(GET, "", "", null),
                schools(
                        PUT,
                        "",
                        "",
                        Map.of(
                                "name",
                                "x",
                                "language",
                                "en",
                                "timeZone",
                                "UTC",
                                "logDays",
                                400,
                                "backupsKept",
                                14,
                                "studentSignIn",
                                "BOTH")),
                schools(GET, "/people", "/people", null),
                schools(POST, "/people", "/people", Map.of("name", "x", "signInName", "y", "role", "TEACHER")),
                schools(POST, "/people/{id}/links", colleague + "/links", nothing),
                schools(PUT, "/people/{id}/role", colleague + "/role", Map.of("role", "ADMINISTRATOR")),
                schools(PUT, "/people/{id}/state", colleague + "/state", Map.of("active", false)),
                schools(POST, "/people/{id}/hand-overs", colleague + "/hand-overs", Map.of("to", school.teacher.id())),
                schools(GET, "/classes", "/classes", null),
                schools(PUT, "/classes/{id}/staff/{personId}", membership, nothing),
                schools(DELETE, "/classes/{id}/staff/{personId}", membership, null),
                schools(GET, "/backups", "/backups", null),
                schools(POST, "/backups", "/backups", nothing),
                schools(DELETE, "/backups/running", "/backups/running", null),
                schools(GET, "/backups/files/{name}", "/backups/files/glad-2026-11-30-020000.glad", null),
                schools(POST, "/people/import-previews", "/people/import-previews", Map.of("users", "x")),
                schools(POST, "/people/imports", "/people/imports", Map.of("users", "x")),
                schools(GET, "/persons", "/persons?named=a", null),
                schools(GET, "/persons/{id}/archive", person + "/archive", null),
                schools(GET, "/persons/{id}/erasure", person + "/erasure", null),
                schools(DELETE, "/persons/{id}", person, null),
                schools(GET, "/identity-provider", "/identity-provider", null),
                schools(
                        PUT,
                        "/identity-provider",
                        "/identity-provider",
                        Map.of("name", "x", "issuer", "https://x.example", "clientId", "x")),
                schools(DELETE, "/identity-provider", "/identity-provider", null),
                row(GET, "/api/me/passkeys", "/api/me/passkeys", null, 200, 200),
                row(POST, "/api/me/passkey-challenges", "/api/me/passkey-challenges", nothing, 200, 200),
                row(
                        POST,
                        "/api/me/passkeys",
                        "/api/me/passkeys",
                        Map.of("name", "x", "credential", Map.of("id", "x")),
                        422,
                        422),
                row(DELETE, "/api/me/passkeys/{id}", "/api/me/passkeys/AAAA", null, 404, 404),
                row(GET, "/api/me/school-account", "/api/me/school-account", null, 200, 200),
                row(DELETE, "/api/me/school-account", "/api/me/school-account", null, 204, 204),
                open(POST, "/api/passkey-challenges", nothing, 200),
                open(POST, "/api/passkey-sign-ins", Map.of("credential", Map.of("id", "x")), 401),
                open(GET, "/api/single-sign-on", null, 200),
                open(GET, "/metrics", null, 200),
                schools(GET, "/log", "/log", null),
                schools(GET, "/log/table", "/log/table", null),
                row(DELETE, "/api/me/sessions", "/api/me/sessions", null, 204, 204),
                new Row(POST + "/api/sign-out", "/api/sign-out", nothing, 204, 204, 204, 204, 204));
    }

    /** Whatever there is to be changed: what an assistant may is to look, and what is their own. */
    @TestFactory
    Stream<DynamicTest> an_assistant_changes_nothing_at_any_address(RealServer server) {
        School school = new School(server);
        Api assistant = school.asAssistant();
        return table(school).stream()
                .filter(row -> !row.pattern.startsWith(GET) && row.expected[0] == 401 && row.expected[1] != 401)
                .filter(row -> !row.pattern.contains("/api/me/") && !row.pattern.endsWith("/api/still-here"))
                .map(row -> DynamicTest.dynamicTest(row.pattern, () -> {
                    Api.Answer answer = row.pattern.startsWith(PUT)
                            ? assistant.put(row.path, row.body)
                            : row.pattern.startsWith(DELETE)
                                    ? assistant.delete(row.path)
                                    : assistant.post(row.path, row.body);
                    assertThat(answer.status()).isEqualTo(403);
                }));
    }

    @Test
    void no_address_is_missing_from_the_table(RealServer server) {
        Set<String> served = new TreeSet<>();
        server.bean(RequestMappingHandlerMapping.class).getHandlerMethods().forEach((mapping, method) -> {
            if (method.getBeanType().getPackageName().startsWith("gladtile")) {
                mapping.getPatternValues()
                        .forEach(pattern -> mapping.getMethodsCondition()
                                .getMethods()
                                .forEach(verb -> served.add(verb + " " + pattern)));
            }
        });
        Set<String> inTable = new TreeSet<>();
        table(new School(server)).forEach(row -> inTable.add(row.pattern));
        assertThat(inTable).isEqualTo(served);
        // And so is what the description tells others of.
        Set<String> described = new TreeSet<>();
        new School(server)
                .asTeacher()
                .get("/api/openapi.json")
                .json()
                .path("paths")
                .forEachEntry((path, verbs) -> verbs.propertyNames()
                        .forEach(verb -> described.add(verb.toUpperCase(java.util.Locale.ROOT) + " " + path)));
        assertThat(inTable).containsAll(described);
        assertThat(described).hasSizeGreaterThan(150);
    }
}
