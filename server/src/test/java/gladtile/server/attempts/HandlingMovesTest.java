package gladtile.server.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetRule;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Cover;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Supply;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Zone;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.DeviceState;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a student does with supplies, covers, notes and other sides, through the door and back from the database. */
@ExtendWith(RealServer.class)
class HandlingMovesTest {
    private School school;
    private Api student;
    private String assignment;
    private String attempt;
    private DeviceState device;

    @BeforeEach
    void assignHandling(RealServer server) {
        school = new School(server);
        school.edit(page());
        AssignmentService.Given given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        assignment = given.id().toString();
        student = School.joined(server.browser(), given.joinCode(), school.students.get(0));
        attempt = "/api/v1/attempts/" + opened(student).path("id").asString();
        device = new DeviceState(opened(student).path("state"));
    }

    private static CompositeEdit page() {
        Traits heap = Traits.NONE.withSupply(new Supply(2));
        Traits sided = Traits.NONE.withOtherSide(new OtherSide(
                "#ffffff", WordFit.free("Our star", WordStyle.PLAIN).content(), null, false));
        Page page = new Page(
                "hands",
                "Hands on",
                Paper.PLAIN,
                List.of(
                        new Zone("box", Frame.of(800, 100, 400, 400), "", "Stars"),
                        picture("star", 100).withTraits(heap),
                        picture("sol", 300).withTraits(sided),
                        new Note(
                                "memo",
                                Frame.of(500, 800, 100, 100),
                                Movement.FREE,
                                "",
                                null,
                                "#fbefd8",
                                WordFit.free("", WordStyle.PLAIN).content(),
                                null,
                                true),
                        new Cover("lid", Frame.of(0, 0, 200, 200), "", null, "#0b5d66", Cover.Direction.LEFT, "")));
        return new CompositeEdit(List.of(
                new AddPage(1, page),
                new Decide("hands", "box", "star", Decision.BELONGS),
                new Decide("hands", "box", "sol", Decision.BELONGS),
                new SetRule("hands", "box", new ZoneRule(AcceptAction.TURNS_OVER, RejectAction.GOES_BACK))));
    }

    private static Picture picture(String id, double x) {
        return new Picture(id, Frame.of(x, 800, 100, 100), Movement.FREE, id, PictureRef.library("2600"), "OpenMoji");
    }

    @Test
    void copies_come_off_and_go_back_and_the_sender_hears_what_is_gone() {
        assertThat(made(put("star~1", 20, 20)).path("patch").path("pieces").has("star~1"))
                .isTrue();
        JsonNode back = made(put("star~1", 100, 800));
        assertThat(back.path("patch").path("pieces").path("star~1").isNull()).isTrue();
        assertThat(opened(student).path("state").path("pieces").has("star~1")).isFalse();
        made(put("star~2", 900, 300));
        made(put("star~3", 30, 30));
        assertThat(refusal(put("star~4", 40, 40))).isEqualTo("NO_MORE_COPIES");
        assertThat(refusal(put("star", 40, 40))).isEqualTo("SUPPLY_STAYS");
    }

    @Test
    void covers_notes_and_copies_are_as_they_were_left_when_the_attempt_is_opened_again() {
        made(act("slide", "coverId", "lid", "share", 0.75));
        made(act("write", "noteId", "memo", "text", "مرصد 🔭\nlook up"));
        made(put("star~1", 20, 20));
        JsonNode state = opened(student).path("state");
        assertThat(state.path("slid").path("lid").asDouble()).isEqualTo(0.75);
        assertThat(state.path("written").path("memo").asString()).isEqualTo("مرصد 🔭\nlook up");
        assertThat(state.path("pieces").path("star~1").path("x").asDouble()).isEqualTo(20);
        JsonNode anew = made(act("start-again"));
        assertThat(anew.path("patch").path("pieces").path("star~1").isNull()).isTrue();
        assertThat(anew.path("progress").path("solved").asInt()).isZero();
    }

    /** Law 1: nothing that could tell where a piece belongs reaches a student before it lies there. */
    @Test
    void an_other_side_is_sent_when_its_piece_has_settled_and_not_before() {
        assertThat(opened(student).toString()).doesNotContain("Our star");
        assertThat(made(put("sol", 20, 20)).toString()).doesNotContain("Our star");
        assertThat(refusal(act("turn-over", "itemId", "sol"))).isEqualTo("NO_OTHER_SIDE");
        JsonNode settled = made(put("sol", 900, 300));
        assertThat(settled.path("sides").path("sol").toString()).contains("Our star");
        assertThat(opened(student).path("sides").path("sol").toString()).contains("Our star");
    }

    @Test
    void what_is_no_cover_no_note_and_too_long_is_refused_and_named() {
        assertThat(refusal(act("slide", "coverId", "sol", "share", 0.5))).isEqualTo("NO_COVER");
        assertThat(refusal(act("write", "noteId", "sol", "text", "x"))).isEqualTo("NOT_TO_WRITE_ON");
        assertThat(refusal(act("put", "pieceId", "sol", "x", 1, "y", 1, "turn", 90)))
                .isEqualTo("MAY_NOT_TURN");
        assertThat(bound(act("slide", "coverId", "lid", "share", 1.01))).isEqualTo("slide.share");
        assertThat(bound(act("write", "noteId", "memo", "text", "x".repeat(100_000))))
                .isEqualTo("write.text");
        assertThat(bound(put("star~0 or 1=1", 1, 1))).isEqualTo("piece.id");
        assertThat(opened(student).path("state").path("seq").asLong()).isZero();
    }

    @Test
    void the_teacher_sees_a_supply_solved_by_its_copy() {
        made(put("star~1", 900, 300));
        JsonNode table = school.asTeacher()
                .get("/api/v1/assignments/" + assignment + "/progress")
                .json();
        List<JsonNode> solved = table.path("students")
                .get(0)
                .path("cells")
                .valueStream()
                .filter(cell -> cell.path("solvedAt").asInt() == 1)
                .toList();
        assertThat(solved).hasSize(1);
    }

    /** A try runs through the same rules as an attempt, so a teacher sees what a student will see. */
    @Test
    void a_try_handles_everything_as_an_attempt_does() {
        List<Map<String, Object>> moves =
                List.of(put("star~1", 900, 300), act("slide", "coverId", "lid", "share", 1.0), put("sol", 900, 150));
        JsonNode tried = school.asTeacher()
                .post("/api/v1/activities/" + school.activityId + "/tries", Map.of("moves", moves))
                .json();
        moves.forEach(this::made);
        JsonNode lived = opened(student);
        for (String part : Set.of("slid", "pageId", "standing", "seq")) {
            assertThat(tried.path("state").path(part))
                    .as(part)
                    .isEqualTo(lived.path("state").path(part));
        }
        assertThat(tried.path("state").path("pieces").propertyNames())
                .containsExactlyInAnyOrderElementsOf(
                        lived.path("state").path("pieces").propertyNames());
        assertThat(tried.path("progress").path("solved").asInt()).isEqualTo(2);
        assertThat(tried.path("sides")).isEqualTo(lived.path("sides"));
    }

    @Test
    void what_is_changed_after_assigning_does_not_reach_those_at_work() {
        Activity before = school.activity();
        school.edit(new SetRule("hands", "box", new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK)));
        assertThat(school.activity()).isNotEqualTo(before);
        assertThat(made(put("sol", 900, 300)).path("sides").has("sol")).isTrue();
    }

    private JsonNode opened(Api student) {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignment))
                .json();
    }

    private JsonNode made(Map<String, Object> move) {
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
        device.take(answer.json(), opened(student).path("state"));
        return answer.json();
    }

    private String refusal(Map<String, Object> move) {
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).as("%s", answer).isEqualTo(409);
        return answer.text("rule");
    }

    private String bound(Map<String, Object> move) {
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).as("%s", answer).isEqualTo(422);
        return answer.text("bound");
    }

    private static Map<String, Object> put(String piece, double x, double y) {
        return act("put", "pieceId", piece, "x", x, "y", y);
    }

    private static Map<String, Object> act(String kind, Object... parts) {
        Map<String, Object> act = new HashMap<>(Map.of("kind", kind, "pageId", "hands"));
        for (int i = 0; i < parts.length; i += 2) {
            act.put((String) parts[i], parts[i + 1]);
        }
        return School.move(act);
    }
}
