package gladtile.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.edit.AddPage;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import gladtile.server.classes.ClassService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * To whom, until when, together or alone; held, closed, withdrawn, extended, renewed.
 *
 * <p>Long because each term of an assignment is tried with the same class and activity.
 */
@ExtendWith(RealServer.class)
class GivingTest {
    private School school;

    @BeforeEach
    void school(RealServer server) {
        school = new School(server);
    }

    /** So many minutes from now, as a clock in UTC shows it. */
    private static String in(long minutes) {
        return LocalDateTime.ofInstant(Instant.now().plus(Duration.ofMinutes(minutes)), ZoneOffset.UTC)
                .withNano(0)
                .toString();
    }

    private static Map<String, Object> at(Object move, Instant deviceTime) {
        Map<String, Object> moved = new LinkedHashMap<>();
        ((Map<?, ?>) move).forEach((key, value) -> moved.put((String) key, value));
        moved.put("deviceTime", deviceTime.toString());
        return moved;
    }

    private static Api.Answer sent(Api student, String attempt, Instant sentAt, Object... moves) {
        return student.post(attempt + "/moves", Map.of("moves", List.of(moves), "sentAt", sentAt.toString()));
    }

    @Test
    void members_of_a_team_work_on_one_attempt_and_who_is_in_none_works_alone() {
        Lesson.team(school);
        Lesson lesson = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api ada = lesson.student(0);
        Api bo = lesson.student(1);
        Api cyrus = lesson.student(2);
        String team = lesson.attempt(ada);
        assertThat(lesson.attempt(bo)).isEqualTo(team);
        assertThat(lesson.attempt(cyrus)).isNotEqualTo(team);
        assertThat(lesson.open(bo).json().path("around").path("with").toString())
                .contains("Ada", "Bo");
        assertThat(Lesson.moves(ada, team, School.put("sun", 200, 200)).status())
                .isEqualTo(200);
        assertThat(Lesson.moves(bo, team, School.put("moon", 900, 200)).status())
                .isEqualTo(200);
        assertThat(Lesson.moves(cyrus, team, School.put("moon", 900, 200)).status())
                .isEqualTo(404);
        assertThat(lesson.row("Comets").path("solved").asInt()).isEqualTo(2);
        assertThat(lesson.row("Comets").path("with").toString()).contains("Ada", "Bo");
        Lesson.moves(bo, team, Lesson.handIn());
        JsonNode steps = lesson.teacher
                .get(lesson.at + "/reviews/" + team.substring("/api/v1/attempts/".length()) + "/steps")
                .json();
        assertThat(steps.get(0).path("by").asString()).isEqualTo("Ada");
        assertThat(steps.get(1).path("by").asString()).isEqualTo("Bo");
    }

    @Test
    void team_mates_turn_the_pages_each_for_themselves_unless_they_are_to_stay_together() {
        school.edit(new AddPage(1, new Page("moons", "Moons", Paper.PLAIN, List.of())));
        Lesson.team(school);
        Lesson apart = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api ada = apart.student(0);
        Api bo = apart.student(1);
        String attempt = apart.attempt(ada);
        assertThat(apart.open(bo).json().path("around").path("apart").asBoolean())
                .isTrue();
        Map<String, Object> open = School.move(Map.of("kind", "open", "pageId", "moons"));
        JsonNode moved = Lesson.moves(bo, attempt, open).json();
        assertThat(moved.path("patch").path("pageId").asString()).isEqualTo("moons");
        assertThat(moved.path("course").path("next").asString()).isNotEqualTo("moons");
        JsonNode adas = ada.get(attempt + "?page=light").json();
        assertThat(adas.path("state").path("pageId").asString()).isEqualTo("light");
        assertThat(adas.path("course").path("next").asString()).isEqualTo("moons");
        JsonNode put = Lesson.moves(ada, attempt, School.put("sun", 200, 200)).json();
        assertThat(put.path("patch").path("pageId").asString())
                .as("who puts there is there")
                .isEqualTo("light");
        assertThat(put.path("course").path("next").asString()).isEqualTo("moons");
        assertThat(ada.get(attempt + "?page=nowhere")
                        .json()
                        .path("state")
                        .path("pageId")
                        .asString())
                .isEqualTo("moons");

        Lesson together = Lesson.give(school, Map.of("sharing", "TEAM_COPY", "together", true));
        Api first = together.student(0);
        String one = together.attempt(first);
        Lesson.moves(together.student(1), one, open);
        JsonNode pulled = first.get(one + "?page=light").json();
        assertThat(pulled.path("state").path("pageId").asString()).isEqualTo("moons");
        assertThat(pulled.path("around").path("apart").asBoolean()).isFalse();
    }

    @Test
    void a_move_that_comes_again_with_another_page_opens_no_page_that_is_closed() {
        school.edit(new AddPage(1, new Page("moons", "Hidden moons", Paper.PLAIN, List.of())));
        school.edit(new SetPageLinks("light", PageLinks.USUAL.withOpens(new Opens.WhenSolved())));
        Lesson.team(school);
        Lesson apart = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api ada = apart.student(0);
        String attempt = apart.attempt(ada);
        Map<String, Object> put = School.put("sun", 700, 700);
        assertThat(Lesson.moves(ada, attempt, put).status()).isEqualTo(200);
        Map<String, Object> again = new java.util.HashMap<>(put);
        again.put("act", Map.of("kind", "open", "pageId", "moons"));
        JsonNode told = Lesson.moves(ada, attempt, again).json();
        assertThat(told.path("patch").path("pageId").asString()).isEqualTo("light");
        assertThat(told.toString()).doesNotContain("Hidden moons");
        assertThat(ada.get(attempt + "?page=moons").json().toString()).doesNotContain("Hidden moons");
    }

    @Test
    void it_is_for_those_it_was_given_to_and_for_nobody_else() {
        Lesson lesson = Lesson.give(
                school,
                Map.of(),
                Map.of(
                        "whom",
                        "STUDENTS",
                        "targets",
                        List.of(school.students.get(0).id())));
        assertThat(lesson.open(lesson.student(0)).status()).isEqualTo(200);
        assertThat(lesson.open(school.asStudent(1)).status()).isEqualTo(404);
        assertThat(school.asStudent(1).get("/api/v1/home").json().toString()).doesNotContain(lesson.assignmentId);
        Api.Answer nobody = Lesson.ask(
                school.asTeacher(),
                school,
                Map.of(),
                Map.of("whom", "STUDENTS", "targets", List.of(UUID.randomUUID())));
        assertThat(nobody.text("rule")).isEqualTo("NOBODY");
    }

    @Test
    void a_team_can_be_chosen_and_all_its_members_get_it() {
        UUID team = Lesson.team(school);
        Lesson lesson = Lesson.give(school, Map.of(), Map.of("whom", "TEAMS", "targets", Set.of(team)));
        assertThat(lesson.open(lesson.student(1)).status()).isEqualTo(200);
        assertThat(lesson.open(school.asStudent(2)).status()).isEqualTo(404);
    }

    @Test
    void looking_only_lets_nobody_move_anything() {
        Lesson lesson = Lesson.give(school, Map.of("sharing", "VIEW_ONLY"));
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Api.Answer put = Lesson.moves(ada, attempt, School.put("sun", 200, 200));
        assertThat(put.text("rule")).isEqualTo("VIEW_ONLY");
        assertThat(Lesson.moves(ada, attempt, School.move(Map.of("kind", "open", "pageId", "light")))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void before_it_opens_nobody_can_begin_and_the_home_says_when() {
        Lesson lesson = Lesson.give(school, Map.of("opensAt", in(60), "zone", "UTC"));
        assertThat(lesson.open(lesson.student(0)).text("rule")).isEqualTo("NOT_OPEN_YET");
        JsonNode home = lesson.student(0).get("/api/v1/home").json().path("all").get(0);
        assertThat(home.path("turn").asString()).isEqualTo("NOT_OPEN_YET");
        assertThat(home.path("window").path("opensAt").asString()).isNotEmpty();
    }

    @Test
    void late_work_is_taken_and_marked() {
        Lesson lesson = Lesson.give(school, Map.of("dueAt", in(-5)));
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Instant now = Instant.now();
        assertThat(sent(ada, attempt, now, at(School.put("sun", 200, 200), now), at(Lesson.handIn(), now))
                        .status())
                .isEqualTo(200);
        assertThat(lesson.row("Ada").path("late").asBoolean()).isTrue();
    }

    /** The server's clock decides. What the device says of when it was made is told beside, and nothing is lost. */
    @Test
    void a_move_that_a_device_dates_back_is_judged_by_when_it_arrived() {
        Lesson lesson = Lesson.give(school, Map.of("dueAt", in(-5)));
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Instant wrong = Instant.now().plus(Duration.ofDays(9));
        assertThat(sent(ada, attempt, wrong, at(School.put("sun", 200, 200), wrong.minus(Duration.ofMinutes(20))))
                        .status())
                .isEqualTo(200);
        lesson.teacher.put(lesson.at + "/terms", Map.of("closesAt", in(-3), "dueAt", in(-5)));
        String back = "1999-01-01T00:00:00Z";
        for (Instant says : List.of(wrong, Instant.parse(back), Instant.EPOCH)) {
            assertThat(sent(ada, attempt, wrong, at(School.put("moon", 900, 200), says))
                            .text("rule"))
                    .isEqualTo("CLOSED");
        }
        assertThat(sent(ada, attempt, wrong, at(Lesson.handIn(), Instant.parse(back)))
                        .status())
                .isEqualTo(200);
        assertThat(lesson.row("Ada").path("late").asBoolean()).isTrue();
        String desk = lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length());
        JsonNode step = lesson.teacher.get(desk + "/steps").json().get(0);
        assertThat(Duration.between(
                        Instant.parse(step.path("at").asString()),
                        Instant.parse(step.path("arrivedAt").asString())))
                .isBetween(Duration.ofMinutes(19), Duration.ofMinutes(21));
        // What was not taken is not lost: the teacher sees it.
        assertThat(lesson.teacher.get(desk).json().toString()).contains("closed, so it stays");
    }

    /** What was begun alone can be looked at; it takes nothing more, and begins no round of the team's. */
    @Test
    void who_is_put_into_a_team_goes_on_with_the_team_and_loses_nothing() {
        Lesson lesson = Lesson.give(school, Map.of("sharing", "TEAM_COPY", "rounds", 3));
        Api ada = lesson.student(0);
        String alone = lesson.attempt(ada);
        assertThat(Lesson.moves(ada, alone, School.put("sun", 200, 200)).status())
                .isEqualTo(200);
        assertThat(Lesson.moves(ada, alone, Lesson.handIn()).status()).isEqualTo(200);
        Api bo = lesson.student(1);
        String unfinished = lesson.attempt(bo);
        assertThat(Lesson.moves(bo, unfinished, School.put("sun", 210, 210)).status())
                .isEqualTo(200);
        Lesson.team(school);
        assertThat(ada.get(alone).json().path("state").path("pieces").has("sun"))
                .isTrue();
        assertThat(ada.get(alone + "/review").json().path("mayImprove").asBoolean())
                .isFalse();
        assertThat(ada.post(alone + "/rounds", Map.of()).text("rule")).isEqualTo("NO_MORE_ROUNDS");
        assertThat(Lesson.moves(bo, unfinished, School.put("moon", 900, 200)).text("rule"))
                .isEqualTo("IN_A_TEAM");
        // What Bo did is there, and what came too late is kept for the teacher.
        assertThat(bo.get(unfinished).json().path("state").path("pieces").has("sun"))
                .isTrue();
        assertThat(lesson.teacher
                        .get(lesson.at + "/reviews/" + unfinished.substring("/api/v1/attempts/".length()))
                        .json()
                        .toString())
                .contains("You are in a team now");
        // The team begins its own first round, and both go on with it.
        String team = lesson.attempt(ada);
        assertThat(team).isEqualTo(lesson.attempt(bo)).isNotIn(alone, unfinished);
        assertThat(ada.get(team).json().path("around").path("round").asInt()).isEqualTo(1);
        assertThat(Lesson.moves(bo, team, School.put("moon", 900, 200)).status())
                .isEqualTo(200);
    }

    @Test
    void pause_and_withdrawal_hold_whatever_a_device_says() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Instant back = Instant.parse("1999-01-01T00:00:00Z");
        lesson.teacher.put(lesson.at + "/pause", Map.of("words", ""));
        assertThat(sent(ada, attempt, Instant.now(), at(School.put("sun", 200, 200), back))
                        .text("rule"))
                .isEqualTo("PAUSED");
        lesson.teacher.delete(lesson.at + "/pause");
        lesson.teacher.put(lesson.at + "/withdrawal", Map.of());
        assertThat(sent(ada, attempt, Instant.now(), at(School.put("sun", 200, 200), back))
                        .status())
                .isBetween(400, 499);
    }

    @Test
    void in_closed_work_nothing_is_moved_whatever_the_clock() {
        Lesson lesson = Lesson.give(school, Map.of("closesAt", in(-5)));
        Instant wrong = Instant.now().plus(Duration.ofDays(9));
        Api bo = lesson.student(1);
        lesson.teacher.put(lesson.at + "/terms", Map.of("closesAt", in(60)));
        String late = lesson.attempt(bo);
        lesson.teacher.put(lesson.at + "/terms", Map.of("closesAt", in(-5)));
        assertThat(sent(bo, late, wrong, at(School.put("sun", 200, 200), wrong)).text("rule"))
                .isEqualTo("CLOSED");
    }

    @Test
    void more_time_for_one_is_for_that_one_alone_and_must_be_more() {
        Lesson lesson = Lesson.give(school, Map.of("dueAt", in(-5), "lateRefused", true));
        String id = school.students.get(0).id().toString();
        String extensions = lesson.at + "/extensions/";
        assertThat(lesson.open(lesson.student(0)).text("rule")).isEqualTo("CLOSED");
        assertThat(lesson.teacher.put(extensions + id, Map.of("until", in(-10))).text("bound"))
                .isEqualTo("extension.until");
        assertThat(lesson.teacher
                        .put(extensions + id, Map.of("moreSeconds", 60))
                        .text("bound"))
                .isEqualTo("extension.moreSeconds");
        assertThat(lesson.teacher
                        .put(extensions + UUID.randomUUID(), Map.of("until", in(60)))
                        .status())
                .isEqualTo(404);
        assertThat(lesson.teacher.put(extensions + id, Map.of("until", in(60))).status())
                .isEqualTo(204);
        assertThat(lesson.open(lesson.student(0)).status()).isEqualTo(200);
        assertThat(lesson.open(lesson.student(1)).text("rule")).isEqualTo("CLOSED");
    }

    @Test
    void more_minutes_on_top_of_a_time_limit_are_counted() {
        Lesson lesson = Lesson.give(school, Map.of("seconds", 600));
        Api ada = lesson.student(0);
        long before =
                lesson.open(ada).json().path("progress").path("left").path("").asLong();
        assertThat(before).isBetween(590_000L, 600_000L);
        lesson.teacher.put(lesson.at + "/extensions/" + school.students.get(0).id(), Map.of("moreSeconds", 300));
        long after =
                lesson.open(ada).json().path("progress").path("left").path("").asLong();
        assertThat(after).isBetween(880_000L, 900_000L);
    }

    @Test
    void everybody_can_be_held_and_what_is_made_meanwhile_is_kept_by_the_device_until_they_go_on() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        lesson.teacher.put(lesson.at + "/pause", Map.of("words", "Look up"));
        JsonNode around = ada.get(attempt).json().path("around");
        assertThat(around.path("paused").asBoolean()).isTrue();
        assertThat(around.path("words").asString()).isEqualTo("Look up");
        Instant now = Instant.now();
        Map<String, Object> put = at(School.put("sun", 200, 200), now);
        assertThat(sent(ada, attempt, now, put).text("rule")).isEqualTo("PAUSED");
        lesson.teacher.delete(lesson.at + "/pause");
        assertThat(sent(ada, attempt, Instant.now(), put).status()).isEqualTo(200);
        assertThat(lesson.row("Ada").path("solved").asInt()).isEqualTo(1);
    }

    @Test
    void closing_editing_is_for_all_at_once_and_handing_in_still_works() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        lesson.teacher.put(lesson.at + "/editing-lock", Map.of());
        Instant now = Instant.now();
        assertThat(sent(ada, attempt, now, at(School.put("sun", 200, 200), now)).text("rule"))
                .isEqualTo("EDITING_CLOSED");
        assertThat(Lesson.moves(ada, attempt, Lesson.handIn()).status()).isEqualTo(200);
    }

    @Test
    void what_is_withdrawn_nobody_sees_and_it_can_be_given_again_with_all_that_was_done() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Lesson.moves(ada, attempt, School.put("sun", 200, 200));
        lesson.teacher.put(lesson.at + "/withdrawal", Map.of());
        assertThat(lesson.open(ada).status()).isEqualTo(404);
        assertThat(ada.get(attempt).status())
                .as("what is open already is not to be read on either")
                .isEqualTo(404);
        assertThat(ada.get("/api/v1/home").json().toString()).doesNotContain(lesson.assignmentId);
        assertThat(lesson.row("Ada").path("solved").asInt()).isEqualTo(1);
        lesson.teacher.delete(lesson.at + "/withdrawal");
        assertThat(lesson.open(ada).json().path("progress").path("solved").asInt())
                .isEqualTo(1);
    }

    @Test
    void several_given_together_open_one_after_another() {
        String second = school.asTeacher()
                .post("/api/v1/activities/" + school.activityId + "/copies", Map.of("title", "Second"))
                .text("id");
        Lesson lesson = Lesson.give(school, Map.of(), Map.of("then", List.of(second)));
        Api ada = lesson.student(0);
        JsonNode all = ada.get("/api/v1/home").json().path("all");
        assertThat(all).hasSizeGreaterThanOrEqualTo(2);
        String next = all.get(1).path("assignmentId").asString();
        assertThat(all.get(1).path("after").asString()).isEqualTo("Night sky");
        Map<String, Object> opening = Map.of("assignmentId", next);
        assertThat(ada.post("/api/v1/attempts", opening).text("detail")).contains("comes first");
        String attempt = lesson.attempt(ada);
        Lesson.moves(ada, attempt, Lesson.handIn());
        assertThat(ada.post("/api/v1/attempts", opening).status()).isEqualTo(200);
    }

    @Test
    void shuffled_pieces_lie_otherwise_for_each_and_the_same_again_for_the_same_one() {
        Lesson lesson = Lesson.give(school, Map.of("shuffled", true));
        Set<String> orders = new java.util.HashSet<>();
        for (int i = 0; i < 3; i++) {
            Api student = lesson.student(i);
            String first =
                    lesson.open(student).json().path("view").path("pages").toString();
            assertThat(lesson.open(student).json().path("view").path("pages").toString())
                    .isEqualTo(first);
            orders.add(first);
        }
        // Two pieces of one size have two orders; three students can have no more.
        assertThat(orders).hasSizeBetween(1, 2);
    }

    @Test
    void a_student_who_is_moved_to_another_class_goes_on_with_what_they_began() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        ClassService classes = school.server.bean(ClassService.class);
        classes.move(school.id, school.students.get(0).id(), school.classId, school.otherClassId);
        assertThat(Lesson.moves(ada, attempt, School.put("sun", 200, 200)).status())
                .isEqualTo(200);
        assertThat(lesson.row("Ada").path("elsewhere").asBoolean()).isTrue();
        assertThat(lesson.row("Ada").path("solved").asInt()).isEqualTo(1);
        Api bo = lesson.student(1);
        classes.move(school.id, school.students.get(1).id(), school.classId, school.otherClassId);
        assertThat(lesson.open(bo).status()).isEqualTo(404);
    }

    @Test
    void renewing_tells_what_changes_for_whom_and_brings_work_to_the_newer_edition() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Lesson.moves(ada, attempt, School.put("sun", 200, 200), School.put("moon", 900, 200));
        assertThat(lesson.teacher
                        .get(lesson.at + "/version-update")
                        .json()
                        .path("same")
                        .asBoolean())
                .isTrue();
        school.edit(new gladtile.core.edit.RemoveItem("light", "moon"));
        JsonNode account = lesson.teacher.get(lesson.at + "/version-update").json();
        assertThat(account.path("removed").get(0).asString()).isEqualTo("moon");
        assertThat(account.path("changes").get(0).path("name").asString()).isEqualTo("Ada");
        assertThat(lesson.open(ada).json().path("placements").asInt()).isEqualTo(2);
        lesson.teacher.post(lesson.at + "/version-update", Map.of());
        JsonNode renewed = lesson.open(ada).json();
        assertThat(renewed.path("placements").asInt()).isEqualTo(1);
        assertThat(renewed.path("progress").path("solved").asInt()).isEqualTo(1);
        assertThat(Lesson.moves(ada, attempt, Lesson.handIn()).status()).isEqualTo(200);
        // The log still plays from its beginning, over the change.
        JsonNode moments = lesson.teacher
                .get(lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length()) + "/states?from=1")
                .json();
        assertThat(moments).hasSize(3);
        assertThat(moments.get(1).path("state").path("pieces").has("moon")).isTrue();
        assertThat(moments.get(2).path("state").path("pieces").has("moon")).isFalse();
    }

    @Test
    void bad_dates_are_refused_with_the_bound_they_break() {
        Api teacher = school.asTeacher();
        assertThat(Lesson.ask(teacher, school, Map.of("opensAt", in(10), "dueAt", in(5)), Map.of())
                        .text("bound"))
                .isEqualTo("assign.dates");
        assertThat(Lesson.ask(teacher, school, Map.of("rounds", 0), Map.of()).text("bound"))
                .isEqualTo("assign.rounds");
        assertThat(Lesson.ask(teacher, school, Map.of("dueAt", "2026-03-29T02:30", "zone", "Europe/Oslo"), Map.of())
                        .text("detail"))
                .contains("no clock shows");
        assertThat(Lesson.ask(teacher, school, Map.of("dueAt", "soon"), Map.of())
                        .status())
                .isEqualTo(400);
    }

    @Test
    void a_class_that_is_set_aside_gets_nothing_new_and_its_code_lets_nobody_in() {
        Api teacher = school.asTeacher();
        String of = "/api/v1/classes/" + school.classId;
        String code = teacher.get(of).text("joinCode");
        assertThat(school.server.browser().get("/api/v1/join/" + code).status()).isEqualTo(200);
        teacher.put(of + "/archived", Map.of("archived", true));
        assertThat(school.server.browser().get("/api/v1/join/" + code).status()).isEqualTo(404);
        // Neither does the code of what it was given before.
        assertThat(school.server
                        .browser()
                        .get("/api/v1/join/" + school.joinCode)
                        .status())
                .isEqualTo(404);
        assertThat(Lesson.ask(teacher, school, Map.of(), Map.of()).status()).isEqualTo(404);
        teacher.put(of + "/archived", Map.of("archived", false));
        String fresh = teacher.post(of + "/join-codes", Map.of()).text("joinCode");
        assertThat(school.server.browser().get("/api/v1/join/" + code).status()).isEqualTo(404);
        Api ada = School.joined(school.server.browser(), fresh, school.students.get(0));
        assertThat(ada.get("/api/v1/home").json().path("name").asString()).isEqualTo("Ada");
    }

    @Test
    void three_pictures_let_a_small_child_in_and_nothing_else_does() {
        Api teacher = school.asTeacher();
        String id = school.students.get(0).id().toString();
        JsonNode pictures = teacher.post(
                        "/api/v1/classes/" + school.classId + "/students/" + id + "/picture-secrets", Map.of())
                .json()
                .path("pictures");
        assertThat(pictures).hasSize(3);
        String right = pictures.get(0).asString() + "-" + pictures.get(1).asString() + "-"
                + pictures.get(2).asString();
        String wrong = pictures.get(1).asString() + "-" + pictures.get(0).asString() + "-"
                + pictures.get(2).asString();
        String join = "/api/v1/join/" + school.joinCode;
        Api device = school.server.browser();
        assertThat(device.get(join)
                        .json()
                        .path("students")
                        .get(0)
                        .path("pictures")
                        .asBoolean())
                .isTrue();
        for (String tried : List.of(School.PIN, wrong)) {
            assertThat(device.post(join + "/session", Map.of("studentId", id, "pin", tried))
                            .status())
                    .isEqualTo(401);
        }
        assertThat(device.post(join + "/session", Map.of("studentId", id, "pin", right))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_word_reaches_those_it_is_said_to() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        Api bo = lesson.student(1);
        String adas = lesson.attempt(ada);
        String bos = lesson.attempt(bo);
        lesson.teacher.post(lesson.at + "/messages", Map.of("words", "All: look up"));
        lesson.teacher.post(
                lesson.at + "/messages",
                Map.of(
                        "words",
                        "Bo: well seen",
                        "holderId",
                        school.students.get(1).id()));
        assertThat(ada.get(adas + "/messages").items().toString())
                .contains("All: look up")
                .doesNotContain("Bo:");
        assertThat(bo.get(bos + "/messages").items().get(0).path("words").asString())
                .isEqualTo("Bo: well seen");
        assertThat(lesson.teacher
                        .post(lesson.at + "/messages", Map.of("words", " "))
                        .text("bound"))
                .isEqualTo("say.words");
    }
}
