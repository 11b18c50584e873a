package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEntry;
import gladtile.server.log.LogEvent;
import gladtile.server.log.LogFilter;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * How those who work at a school come in, choose a password, get a role and leave.
 *
 * <p>Long because what an administrator may do is tried with one school.
 */
@ExtendWith(RealServer.class)
class StaffServiceTest {
    private static String tokenOf(Api.Answer made) {
        assertThat(made.status()).as("%s", made).isEqualTo(201);
        String address = made.text("address");
        return address.substring(address.indexOf('#') + 1);
    }

    private static Api.Answer invite(Api administrator, String signInName, String role) {
        return administrator.post(
                "/api/v1/school/people", Map.of("name", "Taro Lind", "signInName", signInName, "role", role));
    }

    private static Api.Answer choose(RealServer server, String token, String password) {
        return server.browser().post("/api/v1/one-time-links/passwords", Map.of("token", token, "password", password));
    }

    private static Api.Answer signIn(RealServer server, String name, String password) {
        return server.browser().post("/api/v1/session", Map.of("name", name, "password", password));
    }

    private static JsonNode person(Api administrator, String id) {
        for (JsonNode one : administrator.get("/api/v1/school/people").items()) {
            if (one.path("id").asString().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("there is no such person");
    }

    @Test
    void an_invited_colleague_chooses_a_password_by_the_link_which_is_good_once(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        String name = "taro-" + school.suffix();
        Api.Answer made = invite(administrator, name, "TEACHER");
        String token = tokenOf(made);
        assertThat(person(administrator, made.text("personId")).path("state").asString())
                .isEqualTo("INVITED");
        // Before that nobody comes in by any password.
        assertThat(signIn(server, name, "").status()).isEqualTo(401);

        Api.Answer whose = server.browser().post("/api/v1/one-time-links", Map.of("token", token));
        assertThat(whose.text("name")).isEqualTo("Taro Lind");
        assertThat(whose.json().path("invited").asBoolean()).isTrue();
        Api.Answer weak = choose(server, token, "password1234");
        assertThat(weak.status()).isEqualTo(422);
        assertThat(weak.text("bound")).isEqualTo("person.password");
        assertThat(choose(server, token, "short").text("detail")).contains("at least 10");
        // Their own name is guessed first.
        assertThat(choose(server, token, name).status()).isEqualTo(422);

        Api taro = server.browser();
        assertThat(taro.post("/api/v1/one-time-links/passwords", Map.of("token", token, "password", School.STRONG))
                        .text("role"))
                .isEqualTo("TEACHER");
        assertThat(taro.get("/api/v1/me").text("name")).isEqualTo("Taro Lind");
        assertThat(choose(server, token, School.STRONG + "!").status()).isEqualTo(410);
        assertThat(server.browser()
                        .post("/api/v1/one-time-links", Map.of("token", token))
                        .status())
                .isEqualTo(410);
        assertThat(signIn(server, name, School.STRONG).status()).isEqualTo(200);
        JsonNode now = person(administrator, made.text("personId"));
        assertThat(now.path("state").asString()).isEqualTo("ACTIVE");
        assertThat(now.path("lastSeen").isMissingNode()).isFalse();
        assertThat(invite(administrator, name.toUpperCase(), "TEACHER").text("bound"))
                .isEqualTo("person.signInName");
    }

    @Test
    void of_many_who_use_one_link_at_once_one_comes_in(RealServer server) throws Exception {
        School school = new School(server);
        String token = tokenOf(invite(school.asAdministrator(), "race-" + school.suffix(), "TEACHER"));
        ExecutorService many = Executors.newFixedThreadPool(8);
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                String password = School.STRONG + i;
                answers.add(many.submit(() -> choose(server, token, password).status()));
            }
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> one : answers) {
                statuses.add(one.get());
            }
            assertThat(statuses).containsOnlyOnce(200);
            assertThat(statuses.stream().filter(one -> one != 200)).allMatch(one -> one == 410);
        } finally {
            many.shutdownNow();
        }
    }

    @Test
    void another_link_ends_the_one_before_and_a_new_password_signs_out_everywhere(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        Api teacher = school.asTeacher();
        String links = "/api/v1/school/people/" + school.teacher.id() + "/links";
        String first = tokenOf(administrator.post(links, Map.of()));
        String second = tokenOf(administrator.post(links, Map.of()));
        assertThat(choose(server, first, School.STRONG).status()).isEqualTo(410);
        // Nothing has changed so far.
        assertThat(teacher.get("/api/v1/me").status()).isEqualTo(200);
        assertThat(choose(server, second, School.STRONG).status()).isEqualTo(200);
        assertThat(teacher.get("/api/v1/me").status()).isEqualTo(401);
        assertThat(signIn(server, school.teacherName(), School.PASSWORD).status())
                .isEqualTo(401);
    }

    @Test
    void ones_own_password_is_changed_only_by_who_knows_it_and_ends_the_other_sessions(RealServer server) {
        School school = new School(server);
        Api here = school.asTeacher();
        Api there = school.asTeacher();
        Map<String, String> wrong = Map.of("current", "telescopes", "fresh", School.STRONG);
        assertThat(here.put("/api/v1/me/password", wrong).text("bound")).isEqualTo("person.current");
        Map<String, String> right = Map.of("current", School.PASSWORD, "fresh", School.STRONG);
        assertThat(here.put("/api/v1/me/password", right).status()).isEqualTo(204);
        assertThat(here.get("/api/v1/me").status()).isEqualTo(200);
        assertThat(there.get("/api/v1/me").status()).isEqualTo(401);
        assertThat(signIn(server, school.teacherName(), School.STRONG).status()).isEqualTo(200);
    }

    @Test
    void ones_sessions_are_listed_and_ended_one_by_one_or_all(RealServer server) {
        School school = new School(server);
        Api here = school.asTeacher();
        Api there = school.asTeacher();
        JsonNode open = here.get("/api/v1/me/sessions").items();
        assertThat(open.size()).isEqualTo(2);
        String other = null;
        for (JsonNode one : open) {
            if (!one.path("here").asBoolean()) {
                other = one.path("id").asString();
            }
        }
        // Another person's is not there for them.
        assertThat(school.asOtherTeacher()
                        .delete("/api/v1/me/sessions/" + other)
                        .status())
                .isEqualTo(404);
        assertThat(here.delete("/api/v1/me/sessions/" + other).status()).isEqualTo(204);
        assertThat(there.get("/api/v1/me").status()).isEqualTo(401);
        assertThat(here.get("/api/v1/me").status()).isEqualTo(200);
        assertThat(here.delete("/api/v1/me/sessions").status()).isEqualTo(204);
        assertThat(here.get("/api/v1/me").status()).isEqualTo(401);
    }

    @Test
    void who_is_deactivated_is_out_at_once_and_comes_in_again_when_let(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        Api teacher = school.asTeacher();
        String state = "/api/v1/school/people/" + school.teacher.id() + "/state";
        assertThat(administrator.put(state, Map.of("active", false)).status()).isEqualTo(204);
        assertThat(teacher.get("/api/v1/me").status()).isEqualTo(401);
        assertThat(signIn(server, school.teacherName(), School.PASSWORD).status())
                .isEqualTo(401);
        assertThat(administrator
                        .post("/api/v1/school/people/" + school.teacher.id() + "/links", Map.of())
                        .text("bound"))
                .isEqualTo("person.state");
        assertThat(administrator.put(state, Map.of("active", true)).status()).isEqualTo(204);
        assertThat(signIn(server, school.teacherName(), School.PASSWORD).status())
                .isEqualTo(200);
    }

    @Test
    void a_school_always_has_an_administrator(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        String own = "/api/v1/school/people/" + school.administrator.id();
        assertThat(administrator.put(own + "/state", Map.of("active", false)).text("bound"))
                .isEqualTo("school.administrators");
        assertThat(administrator.put(own + "/role", Map.of("role", "TEACHER")).text("bound"))
                .isEqualTo("school.administrators");
        // Somebody who was invited and has not come could never let anybody in.
        invite(administrator, "second-" + school.suffix(), "ADMINISTRATOR");
        assertThat(administrator.put(own + "/role", Map.of("role", "TEACHER")).status())
                .isEqualTo(422);
        String teacher = "/api/v1/school/people/" + school.teacher.id() + "/role";
        assertThat(administrator.put(teacher, Map.of("role", "ADMINISTRATOR")).status())
                .isEqualTo(204);
        assertThat(administrator.put(own + "/role", Map.of("role", "TEACHER")).status())
                .isEqualTo(204);
        assertThat(school.asAdministrator().get("/api/v1/school").status()).isEqualTo(403);
        assertThat(school.asTeacher().get("/api/v1/school").status()).isEqualTo(200);
    }

    @Test
    void another_school_is_not_there_for_an_administrator(RealServer server) {
        School school = new School(server);
        Api elsewhere = new School(server).asAdministrator();
        String person = "/api/v1/school/people/" + school.teacher.id();
        assertThat(elsewhere.put(person + "/state", Map.of("active", false)).status())
                .isEqualTo(404);
        assertThat(elsewhere.put(person + "/role", Map.of("role", "ASSISTANT")).status())
                .isEqualTo(404);
        assertThat(elsewhere.post(person + "/links", Map.of()).status()).isEqualTo(404);
        assertThat(elsewhere
                        .put("/api/v1/school/classes/" + school.classId + "/staff/" + school.teacher.id(), Map.of())
                        .status())
                .isEqualTo(404);
        assertThat(elsewhere
                        .post(person + "/hand-overs", Map.of("to", school.otherTeacher.id()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void an_assistant_sees_what_the_class_does_and_changes_nothing(RealServer server) {
        School school = new School(server);
        Api assistant = school.asAssistant();
        assertThat(assistant.get("/api/v1/classes/" + school.classId).status()).isEqualTo(200);
        assertThat(assistant
                        .get("/api/v1/assignments/" + school.assignmentId + "/reviews")
                        .status())
                .isEqualTo(200);
        assertThat(assistant.post("/api/v1/classes", Map.of("name", "Mine")).status())
                .isEqualTo(403);
        assertThat(assistant.post("/api/v1/activities", Map.of("title", "Mine")).status())
                .isEqualTo(403);
        assertThat(assistant
                        .post(
                                "/api/v1/classes/" + school.classId + "/students/"
                                        + school.students.get(0).id() + "/pins",
                                Map.of())
                        .status())
                .isEqualTo(403);
        assertThat(assistant
                        .upload("/api/v1/files/pictures", "x.png", new byte[10])
                        .status())
                .isEqualTo(403);
        assertThat(assistant.get("/api/v1/school").status()).isEqualTo(403);
        assertThat(assistant
                        .put("/api/v1/me/password", Map.of("current", School.PASSWORD, "fresh", School.STRONG))
                        .status())
                .isEqualTo(204);
        assertThat(assistant.put("/api/v1/session", Map.of()).status()).isEqualTo(204);
    }

    @Test
    void who_leaves_hands_activities_and_classes_to_a_colleague(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        String person = "/api/v1/school/people/" + school.teacher.id();
        assertThat(administrator
                        .post(person + "/hand-overs", Map.of("to", school.assistant.id()))
                        .text("bound"))
                .isEqualTo("handOver.to");
        Api.Answer handed = administrator.post(person + "/hand-overs", Map.of("to", school.otherTeacher.id()));
        assertThat(handed.json().path("activities").asInt()).isEqualTo(1);
        assertThat(handed.json().path("classes").asInt()).isEqualTo(1);
        Api other = school.asOtherTeacher();
        assertThat(other.get("/api/v1/activities/" + school.activityId).status())
                .isEqualTo(200);
        assertThat(other.get("/api/v1/assignments/" + school.assignmentId + "/reviews")
                        .status())
                .isEqualTo(200);
        Api teacher = school.asTeacher();
        assertThat(teacher.get("/api/v1/activities/" + school.activityId).status())
                .isEqualTo(404);
        assertThat(teacher.get("/api/v1/classes/" + school.classId).status()).isEqualTo(404);
    }

    @Test
    void what_happens_is_written_down_without_names_or_secrets_and_cannot_be_changed(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        signIn(server, school.teacherName(), "wrong");
        String token = tokenOf(invite(administrator, "log-" + school.suffix(), "TEACHER"));
        choose(server, token, School.STRONG);
        administrator.put("/api/v1/school/people/" + school.teacher.id() + "/role", Map.of("role", "ASSISTANT"));
        List<LogEntry> all = server.bean(ActivityLog.class).page(school.id, LogFilter.ALL, null, ActivityLog.PAGE);
        assertThat(all.stream().map(LogEntry::event))
                .containsSubsequence(
                        LogEvent.ROLE_CHANGED,
                        LogEvent.INVITATION_TAKEN,
                        LogEvent.PERSON_INVITED,
                        LogEvent.SIGN_IN_FAILED,
                        LogEvent.SIGNED_IN);
        assertThat(all.toString()).doesNotContain("Taro", token, School.STRONG);
        JsonNode lines = administrator
                .get("/api/v1/school/log?event=ROLE_CHANGED")
                .json()
                .path("items");
        assertThat(lines.size()).isEqualTo(1);
        assertThat(lines.get(0).path("actor").asString()).isEqualTo("Administrator");
        assertThat(lines.get(0).path("subject").asString()).isEqualTo("Teacher");
        assertThat(new String(
                        administrator.raw("/api/v1/school/log/table").body(), java.nio.charset.StandardCharsets.UTF_8))
                .contains("ROLE_CHANGED,Administrator,Teacher");
        assertThat(server.bean(ActivityLog.class)
                        .page(
                                school.id,
                                new LogFilter(Set.of(LogEvent.SIGNED_IN), school.administrator.id(), null, null),
                                null,
                                ActivityLog.PAGE))
                .hasSize(1);
        // By days, from the first moment to before the last.
        String at = lines.get(0).path("at").asString();
        assertThat(administrator
                        .get("/api/v1/school/log?to=" + at)
                        .json()
                        .path("items")
                        .toString())
                .doesNotContain("ROLE_CHANGED");
        assertThat(administrator
                        .get("/api/v1/school/log?from=" + at)
                        .json()
                        .path("items")
                        .findValuesAsString("event"))
                .containsExactly("LOG_SAVED", "ROLE_CHANGED");
        assertThat(administrator.get("/api/v1/school/log?from=yesterday").status())
                .isEqualTo(404);
    }

    @Test
    void a_long_log_is_read_page_by_page_without_a_gap(RealServer server) {
        School school = new School(server);
        ActivityLog log = server.bean(ActivityLog.class);
        int lines = 2 * ActivityLog.PAGE + 7;
        for (int i = 0; i < lines; i++) {
            log.add(school.id, null, LogEvent.SIGN_IN_FAILED, null, Map.of("n", String.valueOf(i)));
        }
        List<String> seen = new ArrayList<>();
        UUID before = null;
        do {
            List<LogEntry> page = log.page(
                    school.id,
                    new LogFilter(Set.of(LogEvent.SIGN_IN_FAILED), null, null, null),
                    before,
                    ActivityLog.PAGE);
            page.forEach(one -> seen.add(one.details().get("n")));
            before = page.size() == ActivityLog.PAGE ? page.get(page.size() - 1).id() : null;
        } while (before != null);
        assertThat(seen).doesNotHaveDuplicates().hasSize(lines);
    }

    @Test
    void a_second_school_is_not_set_up_and_nobody_gets_in_by_a_made_up_link(RealServer server) {
        new School(server);
        Map<String, String> asked = Map.of(
                "token",
                "made-up",
                "school",
                "Valley",
                "language",
                "en",
                "timeZone",
                "Europe/Berlin",
                "name",
                "Ilse",
                "signInName",
                "ilse",
                "password",
                School.STRONG);
        assertThat(server.browser().post("/api/v1/set-up", asked).status()).isEqualTo(422);
        assertThat(server.browser().get("/api/v1/set-up").json().path("needed").asBoolean())
                .isFalse();
        assertThat(choose(server, "made-up", School.STRONG).status()).isEqualTo(410);
    }

    private static Map<String, Object> settings(String name, String language, String zone, int days, int backups) {
        return Map.of(
                "name",
                name,
                "language",
                language,
                "timeZone",
                zone,
                "logDays",
                days,
                "backupsKept",
                backups,
                "studentSignIn",
                "BOTH");
    }

    @Test
    void settings_are_kept_and_bounded(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        assertThat(administrator
                        .put("/api/v1/school", settings("Hügelschule", "de", "Europe/Berlin", 90, 30))
                        .status())
                .isEqualTo(204);
        JsonNode now = administrator.get("/api/v1/school").json();
        assertThat(now.path("name").asString()).isEqualTo("Hügelschule");
        assertThat(now.path("logDays").asInt()).isEqualTo(90);
        assertThat(now.path("backupsKept").asInt()).isEqualTo(30);
        // A school may want its files to take less than the machine has for them.
        Map<String, Object> smaller = new HashMap<>(settings("x", "de", "UTC", 90, 30));
        smaller.put("storageGigabytes", 1);
        administrator.put("/api/v1/school", smaller);
        assertThat(administrator
                        .get("/api/v1/school")
                        .json()
                        .path("storageMost")
                        .asLong())
                .isEqualTo(1L << 30);
        assertThat(school.asTeacher()
                        .get("/api/v1/uploads/storage")
                        .json()
                        .path("most")
                        .asLong())
                .isEqualTo(1L << 30);
        smaller.put("storageGigabytes", 0);
        assertThat(administrator.put("/api/v1/school", smaller).text("bound")).isEqualTo("school.storageGigabytes");
        for (Map<String, Object> wrong : List.of(
                settings(" ", "de", "UTC", 90, 30),
                settings("x", "tlh", "UTC", 90, 30),
                settings("x", "de", "Moon/Tycho", 90, 30),
                settings("x", "de", "UTC", 29, 30),
                settings("x", "de", "UTC", 3_651, 30),
                settings("x", "de", "UTC", 90, 2),
                settings("x", "de", "UTC", 90, 401))) {
            assertThat(administrator.put("/api/v1/school", wrong).status()).isEqualTo(422);
        }
    }

    @Test
    void what_students_sign_in_with_is_the_schools_to_say(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String aClass = "/api/v1/classes/" + school.classId;
        String student = aClass + "/students/" + school.students.get(0).id();
        Map<String, Object> asked = new HashMap<>(settings("x", "en", "UTC", 90, 30));
        asked.put("studentSignIn", "PIN");
        assertThat(school.asAdministrator().put("/api/v1/school", asked).status())
                .isEqualTo(204);
        assertThat(teacher.get(aClass).text("signIn")).isEqualTo("PIN");
        assertThat(teacher.post(student + "/picture-secrets", Map.of()).text("bound"))
                .isEqualTo("school.studentSignIn");
        assertThat(teacher.post(aClass + "/cards", Map.of("pictures", true)).text("bound"))
                .isEqualTo("school.studentSignIn");
        assertThat(teacher.post(student + "/pins", Map.of()).status()).isEqualTo(200);
        asked.put("studentSignIn", "PICTURES");
        school.asAdministrator().put("/api/v1/school", asked);
        assertThat(teacher.post(student + "/pins", Map.of()).text("bound")).isEqualTo("school.studentSignIn");
        assertThat(teacher.post(student + "/picture-secrets", Map.of()).status())
                .isEqualTo(200);
        // Cards are as the school has it where nothing else is asked for.
        assertThat(teacher.raw(aClass + "/cards").statusCode()).isEqualTo(405);
        asked.put("studentSignIn", "WHISPER");
        assertThat(school.asAdministrator().put("/api/v1/school", asked).status())
                .isEqualTo(400);
    }
}
