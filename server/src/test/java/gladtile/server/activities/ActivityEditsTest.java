package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Points;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.Invariants;
import gladtile.core.edit.RemoveItem;
import gladtile.core.edit.RemovePage;
import gladtile.core.edit.SetFrame;
import gladtile.core.edit.SetPassage;
import gladtile.core.edit.SetRule;
import gladtile.core.edit.SetTerms;
import gladtile.core.edit.SetTitle;
import gladtile.core.json.Json;
import gladtile.core.page.CommonProperties;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.sql.Connection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Long because undo, merging and catching up are tried with the same two authors. */
@ExtendWith(RealServer.class)
class ActivityEditsTest {
    private School school;
    private Api teacher;
    private String path;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        teacher = school.asTeacher();
        path = "/api/v1/activities/" + school.activityId;
    }

    @Test
    void what_came_meanwhile_is_read_without_waiting_for_who_is_changing_it() throws Exception {
        long seq = seq();
        send(seq, new SetFrame("light", "sun", Frame.of(1, 2, 30, 40)));
        try (Connection other = school.server.database().connect()) {
            other.setAutoCommit(false);
            other.createStatement().execute("select 1 from activity where id = '" + school.activityId + "' for update");
            Api.Answer read = CompletableFuture.supplyAsync(() -> teacher.get(path + "/edits?after=" + seq))
                    .get(30, TimeUnit.SECONDS);
            assertThat(read.json().path("edits")).hasSize(1);
            assertThat(read.json().path("seq").asLong()).isEqualTo(seq + 1);
            other.rollback();
        }
        assertThat(school.server
                        .browser()
                        .signInTeacher(school.teacherName(), School.PASSWORD)
                        .get("/api/v1/activities/" + UUID.randomUUID() + "/edits?after=0")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void two_tabs_edit_at_once_and_neither_loses_anything() {
        long seq = seq();
        send(seq, new SetFrame("light", "sun", Frame.of(1, 2, 30, 40)));
        // The other tab has not heard of it.
        Api.Answer second = send(seq, new SetFrame("light", "moon", Frame.of(5, 6, 70, 80)));
        assertThat(second.json().path("edits")).hasSize(2);
        Activity now = school.activity();
        assertThat(now.page("light").orElseThrow().item("sun").orElseThrow().frame())
                .isEqualTo(Frame.of(1, 2, 30, 40));
        assertThat(now.page("light").orElseThrow().item("moon").orElseThrow().frame())
                .isEqualTo(Frame.of(5, 6, 70, 80));
    }

    @Test
    void an_edit_of_what_the_other_tab_removed_falls_away_and_says_so() {
        long seq = seq();
        send(seq, new RemoveItem("light", "sun"));
        Api.Answer late = send(seq, new SetFrame("light", "sun", Frame.of(1, 2, 30, 40)));
        assertThat(late.status()).isEqualTo(200);
        assertThat(late.json().path("dropped")).hasSize(1);
        assertThat(late.json().path("dropped").get(0).path("why").asString()).contains("removed");
    }

    @Test
    void the_same_edit_sent_twice_is_made_once() {
        long seq = seq();
        Map<String, Object> request = request(seq, new SetTitle("Once"));
        teacher.post(path + "/edits", request);
        Api.Answer again = teacher.post(path + "/edits", request);
        assertThat(again.json().path("seq").asLong()).isEqualTo(seq + 1);
    }

    @Test
    void undo_and_redo_walk_back_and_forth_over_ones_own_edits() {
        Activity start = school.activity();
        long seq = seq();
        send(seq, new SetTitle("First"));
        send(seq + 1, new RemoveItem("light", "own"));
        Activity end = school.activity();
        assertThat(end.key().decisions()).doesNotContainKey("own");
        undo("undo");
        undo("undo");
        assertThat(school.activity()).isEqualTo(start);
        undo("redo");
        Api.Answer redone = undo("redo");
        assertThat(school.activity()).isEqualTo(end);
        assertThat(redone.json().path("canRedo").asBoolean()).isFalse();
        undo("undo");
        undo("undo");
        assertThat(school.activity()).isEqualTo(start);
    }

    /** The other teacher put something on a page that was just added; its addition is not taken back from under it. */
    @Test
    void undo_of_an_addition_says_what_a_colleague_would_lose_and_changes_nothing() {
        shareWithOther();
        send(seq(), new AddPage(1, Page.empty("planets", "Planets")));
        Item mine = school.activity().page("light").orElseThrow().item("sun").orElseThrow();
        sendAs(
                school.asOtherTeacher(),
                new AddItem(
                        "planets",
                        0,
                        mine.with(new CommonProperties("venus", mine.frame(), mine.movement(), "Venus", null))));
        Activity before = school.activity();
        Api.Answer undone = undo("undo");
        assertThat(undone.json().path("dropped").path(0).path("why").asString())
                .startsWith("Somebody else has worked on it since, and would lose this: ")
                .contains("added");
        assertThat(school.activity()).isEqualTo(before);
        // Once the colleague has taken theirs back it goes.
        school.asOtherTeacher().post(path + "/undo", Map.of("seq", seq(), "id", UUID.randomUUID()));
        undo("undo");
        assertThat(school.activity().page("planets")).isEmpty();
    }

    @Test
    void two_who_set_different_parts_of_one_value_keep_both() {
        shareWithOther();
        long seq = seq();
        AnswerTerms was = school.activity().key().holds();
        send(seq, new SetTerms(was.withSeconds(300)));
        Api.Answer late = school.asOtherTeacher()
                .post(path + "/edits", request(seq, new SetTerms(was.withPoints(new Points(3, 0, 0, false, false)))));
        assertThat(late.status()).isEqualTo(200);
        AnswerTerms now = school.activity().key().holds();
        assertThat(now.seconds()).isEqualTo(300);
        assertThat(now.scoring().each()).isEqualTo(3);
    }

    @Test
    void what_was_removed_and_restored_meanwhile_still_takes_an_edit() {
        long seq = seq();
        send(seq, new RemoveItem("light", "sun"));
        undo("undo");
        Api.Answer late = send(seq, new SetFrame("light", "sun", Frame.of(1, 2, 30, 40)));
        assertThat(late.json().path("dropped")).isEmpty();
        assertThat(school.activity()
                        .page("light")
                        .orElseThrow()
                        .item("sun")
                        .orElseThrow()
                        .frame())
                .isEqualTo(Frame.of(1, 2, 30, 40));
    }

    /** Two edits that are fine by themselves; and Try goes on working. */
    @Test
    void nothing_is_left_that_speaks_of_what_is_not_there() {
        send(seq(), new AddPage(1, Page.empty("end", "End")));
        long seq = seq();
        send(seq, new RemovePage("end"));
        AnswerTerms terms = school.activity().key().holds();
        send(
                seq,
                new SetTerms(terms.withWeights(Map.of("end", 2.0, "light", 3.0)).withPageSeconds(Map.of("end", 60))));
        send(seq, new SetPassage(new Passage(true, false, "end")));
        send(
                seq,
                new SetRule(
                        "light",
                        "lit",
                        school.activity()
                                .key()
                                .rule("own")
                                .withWants(ZoneRequirements.NOTHING.withCounts(Map.of("ghost", 2)))));
        Activity now = school.activity();
        assertThat(Invariants.broken(now)).isEmpty();
        assertThat(now.key().holds().weights()).isEqualTo(Map.of("light", 3.0));
        assertThat(now.passing().start()).isNull();
        assertThat(teacher.post(path + "/tries", Map.of("moves", List.of())).status())
                .isEqualTo(200);
    }

    private void shareWithOther() {
        assertThat(teacher.put(path + "/sharing/" + school.otherTeacher.id(), Map.of("access", "EDIT"))
                        .status())
                .isLessThan(300);
    }

    private void sendAs(Api who, Edit edit) {
        assertThat(who.post(path + "/edits", request(seq(), edit)).json().path("dropped"))
                .isEmpty();
    }

    @Test
    void undo_still_works_after_its_item_was_removed_and_brought_back() {
        Frame before = school.activity()
                .page("light")
                .orElseThrow()
                .item("sun")
                .orElseThrow()
                .frame();
        long seq = seq();
        send(seq, new SetFrame("light", "sun", Frame.of(7, 7, 77, 77)));
        send(seq + 1, new RemoveItem("light", "sun"));
        undo("undo");
        undo("undo");
        assertThat(school.activity()
                        .page("light")
                        .orElseThrow()
                        .item("sun")
                        .orElseThrow()
                        .frame())
                .isEqualTo(before);
    }

    @Test
    void what_is_stored_equals_the_log_applied_from_the_start() {
        long seq = seq();
        Activity now = school.activity();
        for (int i = 0; i < 12; i++) {
            Edit edit = i % 3 == 0
                    ? new SetTitle("Title " + i)
                    : new SetFrame("light", i % 2 == 0 ? "sun" : "moon", Frame.of(i, i, 50, 50));
            send(seq + i, edit);
            now = ((Applied) edit.apply(now)).activity();
        }
        assertThat(school.activity()).isEqualTo(now);
        JsonNode log = teacher.get(path + "/edits?after=" + seq).json().path("edits");
        assertThat(log).hasSize(12);
    }

    @Test
    void many_tabs_at_once_are_taken_one_after_another() {
        long seq = seq();
        List<CompletableFuture<Api.Answer>> sent = IntStream.range(0, 12)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> send(seq, new SetFrame("light", "sun", Frame.of(i, 0, 50, 50)))))
                .toList();
        sent.forEach(one -> assertThat(one.join().status()).isEqualTo(200));
        assertThat(seq()).isEqualTo(seq + 12);
    }

    @Test
    void another_tab_hears_of_a_change_by_itself() throws Exception {
        Api listener = school.asTeacher();
        CompletableFuture<String> heard = new CompletableFuture<>();
        CompletableFuture<Void> listening = new CompletableFuture<>();
        Thread thread = new Thread(() -> listener.events(path + "/live").forEach(line -> {
            if (line.equals("event:listening")) listening.complete(null);
            if (line.startsWith("data:") && line.contains("seq")) heard.complete(line);
        }));
        thread.setDaemon(true);
        thread.start();
        listening.get(10, TimeUnit.SECONDS);
        long seq = seq();
        send(seq, new SetTitle("Heard"));
        assertThat(heard.get(10, TimeUnit.SECONDS)).contains("" + (seq + 1));
    }

    @Test
    void an_assigned_edition_never_changes() {
        Api student = school.asStudent(0);
        String attempt = school.open(student);
        send(seq(), new Decide("light", "own", "sun", gladtile.core.answer.Decision.DOES_NOT_BELONG));
        send(seq(), new RemoveItem("light", "moon"));
        Api.Answer moved =
                student.post("/api/v1/attempts/" + attempt + "/moves", School.moves(School.put("sun", 300, 300)));
        assertThat(moved.json().path("progress").path("solved").asInt()).isEqualTo(1);
        assertThat(student.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                        .json()
                        .path("view")
                        .toString())
                .contains("moon");
    }

    @Test
    void bounds_are_named() {
        String long301 = "x".repeat(301);
        assertBound(teacher.post("/api/v1/activities", Map.of("title", long301)), "activity.title");
        String nan = Json.write(request(seq(), new SetFrame("light", "sun", Frame.of(1, 1, 9, 9))))
                .replace("\"x\":1.0", "\"x\":\"NaN\"");
        assertBound(teacher.postText(path + "/edits", nan), "frame.x");
        String many = "{\"seq\":0,\"edits\":["
                + "{\"id\":\"%s\",\"edit\":{\"kind\":\"set-title\",\"title\":\"a\"}},"
                        .formatted(UUID.randomUUID())
                        .repeat(500)
                + "{\"id\":\"%s\",\"edit\":{\"kind\":\"set-title\",\"title\":\"a\"}}]}".formatted(UUID.randomUUID());
        assertBound(teacher.postText(path + "/edits", many), "edits");
        Api.Answer huge = teacher.postText(path + "/edits", " ".repeat(5_000_000));
        assertThat(huge.status()).isEqualTo(413);
        assertThat(teacher.postText(path + "/edits", "{\"seq\":").status()).isEqualTo(400);
        assertThat(seq()).isEqualTo(1);
    }

    @Test
    void words_of_ten_thousand_letters_emoji_and_right_to_left_are_kept_whole() {
        String title = "🔭".repeat(100) + " مرصد التل";
        send(seq(), new SetTitle(title));
        assertThat(school.activity().title()).isEqualTo(title);
    }

    private static void assertBound(Api.Answer answer, String bound) {
        assertThat(answer.status()).as("%s", answer).isEqualTo(422);
        assertThat(answer.isProblem()).isTrue();
        assertThat(answer.text("bound")).isEqualTo(bound);
    }

    private long seq() {
        return teacher.get(path).json().path("seq").asLong();
    }

    private Api.Answer send(long seq, Edit edit) {
        return teacher.post(path + "/edits", request(seq, edit));
    }

    private static Map<String, Object> request(long seq, Edit edit) {
        return Map.of("seq", seq, "edits", List.of(new ActivityService.Incoming(UUID.randomUUID(), edit)));
    }

    private Api.Answer undo(String way) {
        return teacher.post(path + "/" + way, Map.of("seq", seq(), "id", UUID.randomUUID()));
    }
}
