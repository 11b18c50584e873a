package gladtile.bench;

import gladtile.server.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Signs students of the demo in, and finds for each a piece and a zone that turns it away. */
final class Sessions {
    /** One student signed in. */
    record Student(Api api, String attempt, String page, String piece, double x, double y) {
        /** As the load script reads it. */
        String line() {
            return String.join(
                    "\t", api.cookieHeader(), api.cookie("XSRF-TOKEN"), attempt, page, piece, "" + x, "" + y);
        }
    }

    private Sessions() {}

    /** An attempt takes 20,000 moves, which one would have taken before the load ends. */
    private static final int ASSIGNMENTS = 4;

    static List<Student> open(String address) {
        Api teacher = new Api(address).signInTeacher("mira", "telescope");
        JsonNode lesson = teacher.get("/api/v1/assignments").items().get(0);
        String activity = "/api/v1/activities/" + lesson.path("activityId").asString();
        JsonNode key = teacher.get(activity).json().path("activity").path("key").path("decisions");
        String classId = "";
        for (JsonNode one : teacher.get("/api/v1/classes").items()) {
            if (one.path("name").asString().equals(lesson.path("className").asString())) {
                classId = one.path("id").asString();
            }
        }
        List<JsonNode> given = new ArrayList<>();
        for (int i = 0; i < ASSIGNMENTS; i++) {
            given.add(teacher.post(activity + "/assignments", Map.of("classId", classId))
                    .json());
        }
        String code = given.get(0).path("joinCode").asString();
        List<Student> students = new ArrayList<>();
        for (JsonNode one : teacher.get("/api/v1/join/" + code).json().path("students")) {
            Api api = new Api(address);
            api.post(
                    "/api/v1/join/" + code + "/session",
                    Map.of("studentId", one.path("id").asString(), "pin", "2468"));
            for (JsonNode assignment : given) {
                String id = assignment.path("id").asString();
                find(
                        api,
                        api.post("/api/v1/attempts", Map.of("assignmentId", id)).json(),
                        key,
                        students);
            }
        }
        return students;
    }

    static void find(Api api, JsonNode opened, JsonNode key, List<Student> students) {
        for (JsonNode page : opened.path("view").path("pages")) {
            for (JsonNode zone : page.path("items")) {
                for (Map.Entry<String, JsonNode> cell :
                        key.path(zone.path("id").asString()).properties()) {
                    boolean settled = opened.path("state")
                            .path("pieces")
                            .path(cell.getKey())
                            .path("settled")
                            .asBoolean(false);
                    if (!settled && cell.getValue().asString().equals("DOES_NOT_BELONG")) {
                        JsonNode frame = zone.path("frame");
                        students.add(new Student(
                                api,
                                opened.path("id").asString(),
                                page.path("id").asString(),
                                cell.getKey(),
                                frame.path("x").asDouble() + frame.path("width").asDouble() / 2 - 75,
                                frame.path("y").asDouble()
                                        + frame.path("height").asDouble() / 2
                                        - 75));
                        return;
                    }
                }
            }
        }
    }

    /** A class of so many students by number. @return their PINs by their ids */
    static Map<String, String> newClass(Api teacher, String classId, int size) {
        StringBuilder names = new StringBuilder();
        for (int i = 0; i < size; i++) {
            names.append("Student ").append(i).append('\n');
        }
        Map<String, String> pins = new HashMap<>();
        for (JsonNode card : teacher.post("/api/v1/classes/" + classId + "/students", Map.of("text", names.toString()))
                .json()
                .path("cards")) {
            pins.put(card.path("id").asString(), card.path("pin").asString());
        }
        return pins;
    }
}
