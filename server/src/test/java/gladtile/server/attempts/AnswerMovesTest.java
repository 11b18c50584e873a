package gladtile.server.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.Hint;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.Points;
import gladtile.core.answer.Replies;
import gladtile.core.answer.Reply;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetFacts;
import gladtile.core.edit.SetRule;
import gladtile.core.edit.SetTerms;
import gladtile.core.edit.SetTyped;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Zone;
import gladtile.core.typed.TypedRule;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.DeviceState;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Typed answers, checks, hints and the solution, through the door and back from the database. */
@ExtendWith(RealServer.class)
class AnswerMovesTest {
    private School school;
    private Api student;
    private String assignment;
    private String attempt;
    private DeviceState device;

    @BeforeEach
    void assignAnswers(RealServer server) {
        school = new School(server);
        school.edit(page());
        AssignmentService.Given given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        assignment = given.id().toString();
        student = School.joined(server.browser(), given.joinCode(), school.students.get(0));
        attempt = "/api/v1/attempts/" + opened().path("id").asString();
        device = new DeviceState(opened().path("state"));
    }

    private static CompositeEdit page() {
        Page page = new Page(
                "answers",
                "Answers",
                Paper.PLAIN,
                List.of(
                        new Gap("gap", Frame.of(100, 100, 300, 70), "Gap 1", null, WordStyle.PLAIN),
                        new Zone("box", Frame.of(800, 100, 400, 400), "", "Stars"),
                        picture("vega", 100),
                        picture("mars", 300)));
        Replies replies = new Replies(null, new Reply("Not a star", null), new Hint("It twinkles, secretly", 1));
        return new CompositeEdit(List.of(
                new AddPage(1, page),
                new Decide("answers", "box", "vega", Decision.BELONGS),
                new Decide("answers", "box", "mars", Decision.DOES_NOT_BELONG),
                new SetFacts("answers", "vega", PieceFacts.NONE.withLabels(List.of("secretlabel"))),
                new SetRule(
                        "answers",
                        "box",
                        ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK).withReplies(replies)),
                new SetTyped("answers", "gap", TypedKey.of(new TypedRule.TextRule(List.of("Polaris"), List.of()))),
                new SetTerms(AnswerTerms.USUAL
                        .withPoints(new Points(3, 1, 0, false, false))
                        .withSolution(new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false)))));
    }

    private static Picture picture(String id, double x) {
        return new Picture(
                id,
                Frame.of(x, 800, 100, 100),
                Movement.FREE,
                id,
                PictureRef.library(id.equals("mars") ? "1FA90" : "2600"),
                "OpenMoji");
    }

    /** What an answer may cost is bounded, and how many such answers one may have: the others go on. */
    @Test
    void who_asks_for_the_most_expensive_answers_without_pause_is_asked_to_wait_and_nobody_else_is(RealServer server) {
        school.edit(new SetTyped("answers", "gap", TypedKey.of(new TypedRule.MathsRule("(a+b+c+d)^20"))));
        AssignmentService.Given sums = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        Api greedy = School.joined(server.browser(), sums.joinCode(), school.students.get(0));
        Api child = School.joined(server.browser(), sums.joinCode(), school.students.get(1));
        Map<String, Object> of = Map.of("assignmentId", sums.id());
        String theirs =
                "/api/v1/attempts/" + greedy.post("/api/v1/attempts", of).text("id") + "/moves";
        String others = "/api/v1/attempts/" + child.post("/api/v1/attempts", of).text("id") + "/moves";
        int status = 200;
        for (int i = 0; i < 40 && status == 200; i++) {
            Object[] worst = new Object[20];
            for (int n = 0; n < worst.length; n++) {
                worst[n] = act("type", "gapId", "gap", "text", "(d+c+b+a)^20 + 1");
            }
            status = greedy.post(theirs, School.moves(worst)).status();
        }
        assertThat(status).isEqualTo(429);
        assertThat(child.post(others, School.moves(act("type", "gapId", "gap", "text", "a+b")))
                        .status())
                .isEqualTo(200);
        assertThat(child.post(others, School.moves(put("vega"))).status()).isEqualTo(200);
    }

    /** Law 1, with everything in the key. */
    @Test
    void neither_answers_nor_labels_nor_hints_reach_the_student_before_their_time() {
        String seen = opened().toString();
        assertThat(seen).doesNotContain("Polaris", "secretlabel", "secretly", "BELONGS");
        made(put("vega"));
        made(act("type", "gapId", "gap", "text", "Sirius"));
        assertThat(opened().toString()).doesNotContain("Polaris", "secretlabel", "secretly", "BELONGS");
    }

    @Test
    void a_check_settles_and_tells_the_hint_that_was_earned() {
        made(put("vega"));
        JsonNode before = made(put("mars"));
        assertThat(before.path("patch")
                        .path("pieces")
                        .path("mars")
                        .path("waits")
                        .asBoolean())
                .isTrue();
        Map<String, Object> check = act("check");
        JsonNode checked = made(check);
        JsonNode verdict = checked.path("verdicts").path(check.get("id").toString());
        assertThat(verdict.path("count").path("right").asInt()).isEqualTo(1);
        assertThat(verdict.path("hint").asString()).isEqualTo("It twinkles, secretly");
        assertThat(checked.path("patch")
                        .path("pieces")
                        .path("vega")
                        .path("settled")
                        .asBoolean())
                .isTrue();
        assertThat(device.known().path("pieces").path("mars").has("zoneId")).isFalse();
        assertThat(checked.path("progress").path("score").path("got").asDouble())
                .as("3 for vega, 1 less for the refusal of mars")
                .isEqualTo(2);
        assertThat(refusal(act("check"))).isEqualTo("NOTHING_TO_CHECK");
    }

    @Test
    void what_was_typed_is_there_when_the_attempt_is_read_anew_from_its_moves() {
        for (int i = 0; i < 18; i++) {
            made(act("type", "gapId", "gap", "text", "try " + i));
        }
        made(act("type", "gapId", "gap", "text", "POLARIS"));
        JsonNode gap = opened().path("state").path("typed").path("gap");
        assertThat(gap.path("says").asString()).isEqualTo("BELONGS");
        assertThat(gap.path("solvedAt").asInt()).isEqualTo(19);
        assertThat(refusal(act("type", "gapId", "gap", "text", "other"))).isEqualTo("ALREADY_SETTLED");
    }

    @Test
    void the_solution_comes_after_the_hand_in_and_not_before() {
        assertThat(refusal(act("show"))).isEqualTo("SOLUTION_NOT_SHOWN");
        made(School.move(Map.of("kind", "hand-in")));
        JsonNode shown = made(act("show"));
        assertThat(shown.path("patch").path("typed").path("gap").path("text").asString())
                .isEqualTo("Polaris");
        assertThat(shown.path("patch")
                        .path("pieces")
                        .path("vega")
                        .path("zoneId")
                        .asString())
                .isEqualTo("box");
        assertThat(shown.path("progress").path("score").path("got").asDouble()).isZero();
    }

    @Test
    void what_is_too_long_is_refused_by_its_bound() {
        Api.Answer answer =
                student.post(attempt + "/moves", School.moves(act("type", "gapId", "gap", "text", "x".repeat(1_001))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text("bound")).isEqualTo("type.text");
    }

    @Test
    void the_page_check_looks_again_at_what_changed() {
        String check = "/api/v1/activities/" + school.activityId + "/page-check";
        assertThat(school.asTeacher().get(check).json().path("total").asInt()).isZero();
        school.edit(new Decide("answers", "box", "vega", Decision.UNDECIDED));
        JsonNode found = school.asTeacher().get(check).json();
        assertThat(found.path("findings").findValuesAsString("kind")).contains("UNDECIDED", "NOTHING_FITS");
        school.edit(new Decide("answers", "box", "vega", Decision.BELONGS));
        assertThat(school.asTeacher().get(check).json().path("total").asInt()).isZero();
    }

    private JsonNode opened() {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignment))
                .json();
    }

    private JsonNode made(Map<String, Object> move) {
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
        device.take(answer.json(), opened().path("state"));
        return answer.json();
    }

    private String refusal(Map<String, Object> move) {
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).as("%s", answer).isEqualTo(409);
        return answer.text("rule");
    }

    private static Map<String, Object> put(String piece) {
        return act("put", "pieceId", piece, "x", 950, "y", 250);
    }

    private static Map<String, Object> act(String kind, Object... parts) {
        Map<String, Object> act = new HashMap<>(Map.of("kind", kind, "pageId", "answers"));
        for (int i = 0; i < parts.length; i += 2) {
            act.put((String) parts[i], parts[i + 1]);
        }
        return School.move(act);
    }
}
