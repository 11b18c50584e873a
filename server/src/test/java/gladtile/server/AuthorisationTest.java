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

/**
 * Every address × who asks. An address that is not in the table fails the test, so none is forgotten.
 *
 * <p>Long because it has a row for each address of the API, so that none is forgotten.
 */
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
    private static final String PATCH = "PATCH ";

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
                            : row.pattern.startsWith(PATCH)
                                    ? person.patch(row.path, row.body)
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
        return new Row(verb + "/api/v1/school" + pattern, "/api/v1/school" + path, body, 401, 403, 403, 403, 403);
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
        String activity = "/api/v1/activities/" + school.activityId;
        String assignment = "/api/v1/assignments/" + school.assignmentId;
        String attempt = school.open(school.asStudent(0));
        UUID fresh = UUID.randomUUID();
        String deletable = "/api/v1/activities/"
                + school.asTeacher()
                        .post("/api/v1/activities", Map.of("title", "To go"))
                        .text("id");
        Map<String, Object> part = part("Tray");
        String offered = "/api/v1/templates/"
                + school.asTeacher()
                        .put(activity + "/template", Map.of("offered", true))
                        .text("code");
        String kept = "/api/v1/library/"
                + school.asTeacher().post("/api/v1/library", part("Kept")).text("id");
        String keptToo = "/api/v1/library/"
                + school.asTeacher().post("/api/v1/library", part("Kept too")).text("id");
        Map<String, Object> lesson = Map.of("activityId", school.activityId, "classId", school.classId);
        String held = "/api/v1/lessons/"
                + school.asTeacher().post("/api/v1/lessons", lesson).text("id");
        String thrown = "/api/v1/lessons/"
                + school.asTeacher()
                        .post("/api/v1/lessons", Map.of("activityId", school.activityId))
                        .text("id");
        String recorded = "/api/v1/screencasts/"
                + school.asTeacher()
                        .post(activity + "/screencasts", Map.of("title", "Noon"))
                        .text("id");
        String coming = school.asTeacher()
                .post("/api/v1/uploads", Map.of("name", "abc", "bytes", 3))
                .text("id");
        String going = school.asTeacher()
                .post("/api/v1/uploads", Map.of("name", "abc", "bytes", 3))
                .text("id");
        String aClass = "/api/v1/classes/" + school.classId;
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
        String reviewPath = assignment + "/reviews/" + attempt;
        return List.of(
                new Row(GET + "/api/v1/me", "/api/v1/me", null, 401, 200, 200, 200, 200),
                new Row(PUT + "/api/v1/session", "/api/v1/session", nothing, 401, 204, 204, 204, 204),
                new Row(GET + "/api/health", "/api/health", null, 204, 204, 204, 204, 204),
                new Row(GET + "/api/v1/activities", "/api/v1/activities", null, 401, 403, 403, 200, 200),
                new Row(
                        POST + "/api/v1/activities",
                        "/api/v1/activities",
                        Map.of("title", "New"),
                        401,
                        403,
                        403,
                        201,
                        201),
                new Row(GET + "/api/v1/activities/{id}", activity, null, 401, 403, 403, 404, 200),
                new Row(
                        GET + "/api/v1/activities/{id}/edits",
                        activity + "/edits?after=0",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/activities/{id}/edits",
                        activity + "/edits",
                        Map.of("seq", 1, "edits", List.of()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/activities/{id}/undo",
                        activity + "/undo",
                        Map.of("seq", 1, "id", fresh),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/activities/{id}/redo",
                        activity + "/redo",
                        Map.of("seq", 1, "id", UUID.randomUUID()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        GET + "/api/v1/activities/{id}/page-map",
                        activity + "/page-map",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                row(GET, "/api/v1/uploads/storage", "/api/v1/uploads/storage", null, 200, 200),
                row(POST, "/api/v1/uploads", "/api/v1/uploads", Map.of("name", "dome", "bytes", 9), 201, 201),
                row(GET, "/api/v1/uploads/{id}", "/api/v1/uploads/" + coming, null, 404, 200),
                row(PUT, "/api/v1/uploads/{id}/pieces/{n}", "/api/v1/uploads/" + coming + "/pieces/0", ABC, 404, 204),
                row(
                        POST,
                        "/api/v1/uploads/{id}/completion",
                        "/api/v1/uploads/" + coming + "/completion",
                        nothing,
                        404,
                        200),
                row(GET, "/api/v1/classes/{id}/teams", aClass + "/teams", null, 404, 200),
                row(PUT, "/api/v1/classes/{id}/teams", aClass + "/teams", Map.of("teams", List.of()), 404, 200),
                row(POST, "/api/v1/classes/{id}/teams/random", aClass + "/teams/random", teams, 404, 200),
                row(POST, "/api/v1/classes/{id}/teams/balanced", aClass + "/teams/balanced", teams, 404, 200),
                row(PUT, "/api/v1/classes/{id}/archived", aClass + "/archived", Map.of("archived", false), 404, 204),
                row(
                        POST,
                        "/api/v1/classes/{id}/cards",
                        aClass + "/cards",
                        Map.of("studentIds", List.of(fresh), "pictures", true),
                        404,
                        200),
                row(POST, "/api/v1/classes/{id}/join-codes", aClass + "/join-codes", nothing, 404, 200),
                row(
                        POST,
                        "/api/v1/classes/{id}/students/{studentId}/picture-secrets",
                        aClass + "/students/" + school.students.get(1).id() + "/picture-secrets",
                        nothing,
                        404,
                        200),
                row(
                        PUT,
                        "/api/v1/classes/{id}/students/{studentId}/class",
                        aClass + "/students/" + school.students.get(2).id() + "/class",
                        Map.of("toClassId", school.classId),
                        404,
                        204),
                row(PUT, "/api/v1/assignments/{id}/pause", assignment + "/pause", Map.of("words", ""), 404, 204),
                row(DELETE, "/api/v1/assignments/{id}/pause", assignment + "/pause", nothing, 404, 204),
                row(PUT, "/api/v1/assignments/{id}/editing-lock", assignment + "/editing-lock", nothing, 404, 204),
                row(DELETE, "/api/v1/assignments/{id}/editing-lock", assignment + "/editing-lock", nothing, 404, 204),
                row(DELETE, "/api/v1/assignments/{id}/withdrawal", assignment + "/withdrawal", nothing, 404, 204),
                row(PUT, "/api/v1/assignments/{id}/terms", assignment + "/terms", nothing, 404, 200),
                row(
                        PUT,
                        "/api/v1/assignments/{id}/extensions/{holderId}",
                        assignment + "/extensions/" + school.students.get(1).id(),
                        nothing,
                        404,
                        204),
                row(
                        PUT,
                        "/api/v1/assignments/{id}/withdrawal",
                        "/api/v1/assignments/" + another + "/withdrawal",
                        nothing,
                        404,
                        204),
                row(
                        POST,
                        "/api/v1/assignments/{id}/join-codes",
                        "/api/v1/assignments/" + another + "/join-codes",
                        nothing,
                        404,
                        200),
                row(GET, "/api/v1/assignments/{id}/version-update", assignment + "/version-update", null, 404, 200),
                row(POST, "/api/v1/assignments/{id}/version-update", assignment + "/version-update", nothing, 404, 200),
                row(
                        POST,
                        "/api/v1/assignments/{id}/messages",
                        assignment + "/messages",
                        Map.of("words", "Look up"),
                        404,
                        204),
                row(
                        GET,
                        "/api/v1/assignments/{id}/students/{studentId}/sheet",
                        assignment + "/students/" + school.students.get(0).id() + "/sheet",
                        null,
                        404,
                        200),
                row(
                        GET,
                        "/api/v1/assignments/{id}/students/{studentId}/sheet-pages",
                        assignment + "/students/" + school.students.get(0).id() + "/sheet-pages",
                        null,
                        404,
                        200),
                row(GET, "/api/v1/assignments/{id}/reviews", assignment + "/reviews", null, 404, 200),
                row(GET, "/api/v1/assignments/{id}/reviews/{attemptId}", reviewPath, null, 404, 200),
                row(PUT, "/api/v1/assignments/{id}/reviews/{attemptId}", reviewPath, review, 404, 409),
                row(
                        POST,
                        "/api/v1/assignments/{id}/reviews/{attemptId}/returns",
                        reviewPath + "/returns",
                        review,
                        404,
                        409),
                row(GET, "/api/v1/assignments/{id}/reviews/{attemptId}/steps", reviewPath + "/steps", null, 404, 200),
                row(
                        GET,
                        "/api/v1/assignments/{id}/reviews/{attemptId}/states",
                        reviewPath + "/states?from=1",
                        null,
                        404,
                        200),
                row(
                        POST,
                        "/api/v1/assignments/{id}/reviews/returns",
                        assignment + "/reviews/returns",
                        nothing,
                        404,
                        200),
                row(
                        GET,
                        "/api/v1/assignments/{id}/reviews/pieces/{itemId}",
                        assignment + "/reviews/pieces/sun",
                        null,
                        404,
                        200),
                row(
                        PUT,
                        "/api/v1/assignments/{id}/reviews/pieces/{itemId}/marks",
                        assignment + "/reviews/pieces/sun/marks",
                        Map.of("attemptIds", List.of()),
                        404,
                        200),
                row(GET, "/api/v1/phrases", "/api/v1/phrases", null, 200, 200),
                row(PUT, "/api/v1/phrases", "/api/v1/phrases", Map.of("phrases", List.of("Well seen")), 200, 200),
                row(GET, "/api/v1/qr/{code}", "/api/v1/qr/K4RVT7", null, 200, 200),
                new Row(GET + "/api/v1/notices", "/api/v1/notices", null, 401, 200, 200, 200, 200),
                new Row(PUT + "/api/v1/notices/seen", "/api/v1/notices/seen", nothing, 401, 204, 204, 204, 204),
                row(GET, "/api/v1/outbox", "/api/v1/outbox", null, 200, 200),
                row(GET, "/api/v1/student-requests", "/api/v1/student-requests", null, 200, 200),
                row(
                        PUT,
                        "/api/v1/student-requests/{classId}",
                        "/api/v1/student-requests/" + school.classId,
                        Map.of("yes", true),
                        404,
                        404),
                row(GET, "/api/v1/to-review", "/api/v1/to-review", null, 200, 200),
                new Row(GET + "/api/v1/home", "/api/v1/home", null, 401, 200, 200, 403, 403),
                own(GET, "/api/v1/attempts/{id}", "/api/v1/attempts/" + attempt, null, 200),
                own(GET, "/api/v1/attempts/{id}/review", "/api/v1/attempts/" + attempt + "/review", null, 200),
                own(POST, "/api/v1/attempts/{id}/rounds", "/api/v1/attempts/" + attempt + "/rounds", nothing, 409),
                own(GET, "/api/v1/attempts/{id}/messages", "/api/v1/attempts/" + attempt + "/messages", null, 200),
                own(GET, "/api/v1/attempts/{id}/live", "/api/v1/attempts/" + attempt + "/live", null, 200),
                row(DELETE, "/api/v1/uploads/{id}", "/api/v1/uploads/" + going, nothing, 404, 204),
                new Row(
                        GET + "/api/v1/activities/{id}/page-check",
                        activity + "/page-check",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/typed-trials",
                        "/api/v1/typed-trials",
                        Map.of("rule", Map.of("kind", "maths", "expression", "2x"), "answer", "x+x"),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(
                        POST + "/api/v1/points-descriptions",
                        "/api/v1/points-descriptions",
                        Map.of("each", 2, "refusal", 1, "firstTry", 0, "belowZero", false, "parts", false),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(POST + "/api/v1/starters", "/api/v1/starters", ORDER_LIST, 401, 403, 403, 201, 201),
                new Row(
                        POST + "/api/v1/starter-previews",
                        "/api/v1/starter-previews",
                        ORDER_LIST,
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(
                        POST + "/api/v1/activities/{id}/list/previews",
                        activity + "/list/previews",
                        ORDER_LIST,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        PUT + "/api/v1/activities/{id}/list",
                        activity + "/list",
                        Map.of("seq", 0, "id", UUID.randomUUID().toString(), "list", ORDER_LIST),
                        401,
                        403,
                        403,
                        404,
                        422),
                new Row(
                        POST + "/api/v1/word-cuts",
                        "/api/v1/word-cuts",
                        Map.of("text", "one two"),
                        401,
                        403,
                        403,
                        200,
                        200),
                new Row(GET + "/api/v1/activities/{id}/live", activity + "/live", null, 401, 403, 403, 404, 200),
                new Row(
                        POST + "/api/v1/activities/{id}/tries",
                        activity + "/tries",
                        Map.of("moves", List.of()),
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/activities/{activityId}/assignments",
                        activity + "/assignments",
                        Map.of("classId", school.classId),
                        401,
                        403,
                        403,
                        404,
                        201),
                row(GET, "/api/v1/activities/{id}/history", activity + "/history", null, 404, 200),
                row(GET, "/api/v1/activities/{id}/history/{seq}", activity + "/history/0", null, 404, 200),
                row(
                        PUT,
                        "/api/v1/activities/{id}/history/names",
                        activity + "/history/names",
                        Map.of("seq", 1, "name", "x"),
                        404,
                        204),
                row(
                        POST,
                        "/api/v1/activities/{id}/history/restorations",
                        activity + "/history/restorations",
                        Map.of("seq", 1, "id", UUID.randomUUID(), "version", 1),
                        404,
                        200),
                row(
                        PUT,
                        "/api/v1/activities/{id}/presence",
                        activity + "/presence",
                        Map.of("workbench", fresh, "pageId", "", "itemIds", List.of()),
                        404,
                        204),
                row(PUT, "/api/v1/activities/{id}/tags", activity + "/tags", Map.of("tags", List.of()), 404, 204),
                row(
                        PUT,
                        "/api/v1/activities/{id}/archived",
                        activity + "/archived",
                        Map.of("archived", false),
                        404,
                        204),
                row(POST, "/api/v1/activities/{id}/copies", activity + "/copies", Map.of("title", "Copy"), 404, 201),
                row(GET, "/api/v1/activities/{id}/template", activity + "/template", null, 404, 200),
                row(PUT, "/api/v1/activities/{id}/template", activity + "/template", Map.of("offered", true), 404, 200),
                // A link is for everybody who teaches at the school.
                row(GET, "/api/v1/templates/{code}", offered, null, 200, 200),
                row(POST, "/api/v1/templates/{code}/copies", offered + "/copies", nothing, 201, 201),
                row(GET, "/api/v1/activities/{id}/sharing", activity + "/sharing", null, 404, 200),
                row(
                        PUT,
                        "/api/v1/activities/{id}/sharing/{personId}",
                        activity + "/sharing/" + school.otherTeacher.id(),
                        Map.of("access", "NONE"),
                        404,
                        204),
                row(POST, "/api/v1/lessons", "/api/v1/lessons", lesson, 404, 200),
                row(GET, "/api/v1/lessons/{id}", held, null, 404, 200),
                row(GET, "/api/v1/activities/{id}/lessons", activity + "/lessons", null, 200, 200),
                row(POST, "/api/v1/lessons/{id}/ink", held + "/ink", Map.of("pageId", "light"), 404, 200),
                row(PUT, "/api/v1/lessons/{id}/scales", held + "/scales", Map.of("scales", Map.of()), 404, 204),
                row(PUT, "/api/v1/lessons/{id}/groups", held + "/groups", Map.of("groups", List.of()), 404, 204),
                row(POST, "/api/v1/lessons/{id}/turns", held + "/turns", nothing, 404, 201),
                row(PUT, "/api/v1/lessons/{id}/lead", held + "/lead", Map.of("pageId", "light"), 404, 200),
                row(
                        POST,
                        "/api/v1/activities/{id}/screencasts",
                        activity + "/screencasts",
                        Map.of("title", "Noon"),
                        404,
                        201),
                row(GET, "/api/v1/activities/{id}/screencasts", activity + "/screencasts", null, 200, 200),
                row(PUT, "/api/v1/screencasts/{id}/pieces/{n}", recorded + "/pieces/0", ABC, 404, 204),
                row(POST, "/api/v1/screencasts/{id}/completion", recorded + "/completion", nothing, 404, 422),
                row(PATCH, "/api/v1/screencasts/{id}", recorded, Map.of("title", "Noon"), 404, 200),
                row(DELETE, "/api/v1/screencasts/{id}", recorded, nothing, 404, 200),
                row(DELETE, "/api/v1/lessons/{id}", thrown, nothing, 404, 200),
                row(POST, "/api/v1/calculations", "/api/v1/calculations", Map.of("expression", "1/3"), 200, 200),
                row(GET, "/api/v1/library", "/api/v1/library", null, 200, 200),
                row(POST, "/api/v1/library", "/api/v1/library", part, 201, 201),
                row(GET, "/api/v1/library/folders", "/api/v1/library/folders", null, 200, 200),
                row(GET, "/api/v1/library/{id}", kept, null, 404, 200),
                row(PUT, "/api/v1/library/{id}/place", kept + "/place", Map.of("name", "A", "folder", ""), 404, 200),
                row(GET, "/api/v1/library/{id}/versions", kept + "/versions", null, 404, 200),
                row(
                        POST,
                        "/api/v1/library/{id}/versions/restorations",
                        kept + "/versions/restorations",
                        Map.of("version", 1),
                        404,
                        200),
                row(GET, "/api/v1/library/{id}/sharing", kept + "/sharing", null, 404, 200),
                row(PUT, "/api/v1/library/{id}/sharing", kept + "/sharing", Map.of("shared", false), 404, 204),
                row(DELETE, "/api/v1/library/{id}", keptToo, nothing, 404, 204),
                row(POST, "/api/v1/library/{id}/restorations", keptToo + "/restorations", nothing, 404, 204),
                row(DELETE, "/api/v1/activities/{id}", deletable, nothing, 404, 204),
                row(POST, "/api/v1/activities/{id}/restorations", deletable + "/restorations", nothing, 404, 204),
                row(POST, "/api/v1/neat-shapes", "/api/v1/neat-shapes", Map.of("points", List.of()), 200, 200),
                new Row(GET + "/api/v1/me/language", "/api/v1/me/language", null, 401, 200, 200, 200, 200),
                new Row(
                        PUT + "/api/v1/me/language",
                        "/api/v1/me/language",
                        Map.of("language", "de"),
                        401,
                        200,
                        200,
                        200,
                        200),
                row(PUT, "/api/v1/classes/{id}/language", aClass + "/language", Map.of("language", "fr"), 404, 204),
                row(GET, "/api/v1/me/workbench-preferences", "/api/v1/me/workbench-preferences", null, 200, 200),
                row(
                        PUT,
                        "/api/v1/me/workbench-preferences",
                        "/api/v1/me/workbench-preferences",
                        Map.of(
                                "rack", List.of(), "hidden", List.of(), "side", "LEFT", "size", "NORMAL", "pens",
                                Map.of()),
                        204,
                        204),
                row(GET, "/api/v1/pictures/own", "/api/v1/pictures/own", null, 200, 200),
                row(PUT, "/api/v1/pictures/{code}/kept", "/api/v1/pictures/2600/kept", Map.of("kept", true), 204, 204),
                row(POST, "/api/v1/pictures/{code}/uses", "/api/v1/pictures/2600/uses", nothing, 204, 204),
                new Row(
                        POST + "/api/v1/files/{sha256}/cut-outs",
                        "/api/v1/files/" + "0".repeat(64) + "/cut-outs",
                        Map.of("colour", "#ffffff", "tolerance", 1),
                        401,
                        403,
                        403,
                        404,
                        404),
                new Row(GET + "/api/v1/classes", "/api/v1/classes", null, 401, 403, 403, 200, 200),
                new Row(GET + "/api/v1/pictures", "/api/v1/pictures?words=moon", null, 401, 403, 403, 200, 200),
                row(POST, "/api/v1/classes", "/api/v1/classes", Map.of("name", "Owls"), 201, 201),
                row(GET, "/api/v1/classes/{id}", aClass, null, 404, 200),
                row(PUT, "/api/v1/classes/{id}/name", aClass + "/name", Map.of("name", "Puffins"), 404, 204),
                row(POST, "/api/v1/classes/{id}/student-previews", aClass + "/student-previews", aList, 404, 200),
                row(POST, "/api/v1/classes/{id}/students", aClass + "/students", aList, 404, 200),
                row(
                        POST,
                        "/api/v1/classes/{id}/students/{studentId}/pins",
                        aClass + "/students/" + school.students.get(2).id() + "/pins",
                        nothing,
                        404,
                        200),
                row(
                        DELETE,
                        "/api/v1/classes/{id}/students/{studentId}",
                        aClass + "/students/" + school.students.get(2).id(),
                        nothing,
                        404,
                        204),
                new Row(GET + "/api/v1/assignments", "/api/v1/assignments", null, 401, 403, 403, 200, 200),
                new Row(
                        GET + "/api/v1/assignments/{id}/progress",
                        assignment + "/progress",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        GET + "/api/v1/assignments/{id}/results",
                        assignment + "/results",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        GET + "/api/v1/assignments/{id}/results/table",
                        assignment + "/results/table",
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(GET + "/api/v1/assignments/{id}/live", assignment + "/live", null, 401, 403, 403, 404, 200),
                new Row(
                        GET + "/api/v1/assignments/{id}/students/{studentId}",
                        assignment + "/students/" + school.students.get(0).id(),
                        null,
                        401,
                        403,
                        403,
                        404,
                        200),
                new Row(
                        POST + "/api/v1/attempts",
                        "/api/v1/attempts",
                        Map.of("assignmentId", school.assignmentId),
                        401,
                        404,
                        200,
                        403,
                        403),
                new Row(
                        POST + "/api/v1/attempts/{id}/moves",
                        "/api/v1/attempts/" + attempt + "/moves",
                        School.moves(School.put("sun", 700, 700)),
                        401,
                        404,
                        200,
                        403,
                        403),
                new Row(
                        POST + "/api/v1/attempts/{id}/recordings",
                        "/api/v1/attempts/" + attempt + "/recordings",
                        new byte[] {1},
                        401,
                        404,
                        409,
                        403,
                        403),
                new Row(
                        POST + "/api/v1/class-import-previews",
                        "/api/v1/class-import-previews",
                        nothing,
                        401,
                        403,
                        403,
                        415,
                        415),
                new Row(POST + "/api/v1/class-imports", "/api/v1/class-imports", nothing, 401, 403, 403, 415, 415),
                // No such file: being allowed to ask shows as 404.
                new Row(
                        GET + "/api/v1/files/{sha256}",
                        "/api/v1/files/" + "0".repeat(64),
                        null,
                        401,
                        404,
                        404,
                        404,
                        404),
                new Row(POST + "/api/v1/files/pictures", "/api/v1/files/pictures", nothing, 401, 415, 415, 415, 415),
                new Row(GET + "/api/v1/join/{code}", "/api/v1/join/" + school.joinCode, null, 200, 200, 200, 200, 200),
                new Row(
                        POST + "/api/v1/join/{code}/session",
                        "/api/v1/join/" + school.joinCode + "/session",
                        Map.of("studentId", school.stranger.id(), "pin", School.PIN),
                        401,
                        401,
                        401,
                        401,
                        401),
                new Row(
                        POST + "/api/v1/session",
                        "/api/v1/session",
                        Map.of("name", "nobody-" + fresh, "password", "x"),
                        401,
                        401,
                        401,
                        401,
                        401),
                new Row(GET + "/api/v1/set-up", "/api/v1/set-up", null, 200, 200, 200, 200, 200),
                new Row(POST + "/api/v1/set-up", "/api/v1/set-up", setUp(), 422, 422, 422, 422, 422),
                open(POST, "/api/v1/one-time-links", Map.of("token", "x"), 410),
                open(POST, "/api/v1/one-time-links/passwords", Map.of("token", "x", "password", "y"), 410),
                row(PUT, "/api/v1/me/password", "/api/v1/me/password", Map.of("current", "x", "fresh", "y"), 422, 422),
                row(GET, "/api/v1/me/sessions", "/api/v1/me/sessions", null, 200, 200),
                row(DELETE, "/api/v1/me/sessions/{id}", "/api/v1/me/sessions/x", null, 404, 404),
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
                row(GET, "/api/v1/me/passkeys", "/api/v1/me/passkeys", null, 200, 200),
                row(POST, "/api/v1/me/passkey-challenges", "/api/v1/me/passkey-challenges", nothing, 200, 200),
                row(
                        POST,
                        "/api/v1/me/passkeys",
                        "/api/v1/me/passkeys",
                        Map.of("name", "x", "credential", Map.of("id", "x")),
                        422,
                        422),
                row(DELETE, "/api/v1/me/passkeys/{id}", "/api/v1/me/passkeys/AAAA", null, 404, 404),
                row(GET, "/api/v1/me/school-account", "/api/v1/me/school-account", null, 200, 200),
                row(DELETE, "/api/v1/me/school-account", "/api/v1/me/school-account", null, 204, 204),
                open(POST, "/api/v1/passkey-challenges", nothing, 200),
                open(POST, "/api/v1/passkey-sign-ins", Map.of("credential", Map.of("id", "x")), 401),
                open(GET, "/api/v1/single-sign-on", null, 200),
                open(GET, "/metrics", null, 200),
                schools(GET, "/log", "/log", null),
                schools(GET, "/log/table", "/log/table", null),
                row(DELETE, "/api/v1/me/sessions", "/api/v1/me/sessions", null, 204, 204),
                new Row(DELETE + "/api/v1/session", "/api/v1/session", nothing, 204, 204, 204, 204, 204));
    }

    /** Whatever there is to be changed: what an assistant may is to look, and what is their own. */
    @TestFactory
    Stream<DynamicTest> an_assistant_changes_nothing_at_any_address(RealServer server) {
        School school = new School(server);
        Api assistant = school.asAssistant();
        return table(school).stream()
                .filter(row -> !row.pattern.startsWith(GET) && row.expected[0] == 401 && row.expected[1] != 401)
                .filter(row -> !row.pattern.contains("/api/v1/me/") && !row.pattern.endsWith("/api/v1/session"))
                .map(row -> DynamicTest.dynamicTest(row.pattern, () -> {
                    Api.Answer answer = row.pattern.startsWith(PATCH)
                            ? assistant.patch(row.path, row.body)
                            : row.pattern.startsWith(PUT)
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
