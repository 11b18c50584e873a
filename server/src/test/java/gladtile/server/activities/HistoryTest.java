package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.edit.RemovePage;
import gladtile.core.edit.SetFrame;
import gladtile.core.edit.SetTitle;
import gladtile.core.json.Json;
import gladtile.core.page.Frame;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class HistoryTest {
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
    void any_moment_is_read_as_it_was_across_kept_states() {
        // More than two kept states apart, and none of the moments asked for is one of them.
        for (int i = 0; i < 2 * ActivityService.SNAPSHOT_EVERY + 30; i++) {
            school.edit(new SetTitle("Title " + i));
        }
        long newest = history().path("newest").asLong();
        assertThat(at(newest).title()).isEqualTo("Title " + (2 * ActivityService.SNAPSHOT_EVERY + 29));
        assertThat(at(1).title()).isEqualTo("Night sky");
        assertThat(at(207).title()).isEqualTo("Title 205");
        assertThat(at(0).pages()).hasSize(1);
        assertThat(history().path("steps")).hasSize(200);
        assertThat(teacher.get(path + "/history?upTo=3").json().path("steps")).hasSize(3);
    }

    @Test
    void a_moment_is_brought_back_as_an_edit_that_can_be_undone() {
        long moment = history().path("newest").asLong();
        Activity then = at(moment);
        school.edit(new SetFrame("light", "sun", Frame.of(1, 2, 30, 40)));
        school.edit(new RemovePage("light"));
        Activity before = school.activity();
        Api.Answer back = teacher.post(
                path + "/history/restorations", Map.of("seq", moment + 2, "id", UUID.randomUUID(), "version", moment));
        assertThat(back.status()).isEqualTo(200);
        assertThat(school.activity()).isEqualTo(then);
        teacher.post(path + "/undo", Map.of("seq", moment + 3, "id", UUID.randomUUID()));
        assertThat(school.activity()).isEqualTo(before);
    }

    @Test
    void bringing_back_what_is_there_says_so_and_changes_nothing() {
        long newest = history().path("newest").asLong();
        Api.Answer back = teacher.post(
                path + "/history/restorations", Map.of("seq", newest, "id", UUID.randomUUID(), "version", newest));
        assertThat(back.json().path("dropped")).hasSize(1);
        assertThat(history().path("newest").asLong()).isEqualTo(newest);
    }

    @Test
    void steps_say_who_did_what_and_moments_have_names() {
        school.edit(new SetTitle("Stars"));
        var step = history().path("steps").get(0);
        assertThat(step.path("told").asString()).isEqualTo("Named “Stars”");
        assertThat(step.path("author").asString()).isEqualTo("Teacher");
        long seq = step.path("seq").asLong();
        assertThat(teacher.put(path + "/history/names", Map.of("seq", seq, "name", "Before the lesson"))
                        .status())
                .isEqualTo(204);
        assertThat(history().path("versions").get(0).path("name").asString()).isEqualTo("Before the lesson");
        assertThat(history().path("steps").get(0).path("named").asString()).isEqualTo("Before the lesson");
        assertThat(teacher.put(path + "/history/names", Map.of("seq", seq + 99, "name", "x"))
                        .status())
                .isEqualTo(422);
        assertThat(teacher.get(path + "/history/nothing").status()).isEqualTo(404);
    }

    @Test
    void undo_leaves_what_a_colleague_set_since_and_says_so() {
        teacher.put(path + "/sharing/" + school.otherTeacher.id(), Map.of("access", "EDIT"));
        Api other = school.asOtherTeacher();
        long seq = history().path("newest").asLong();
        edit(teacher, seq, new SetFrame("light", "sun", Frame.of(1, 1, 50, 50)));
        edit(other, seq + 1, new SetFrame("light", "sun", Frame.of(9, 9, 50, 50)));
        Api.Answer undo = teacher.post(path + "/undo", Map.of("seq", seq + 2, "id", UUID.randomUUID()));
        assertThat(undo.json().path("dropped").get(0).path("why").asString()).contains("Somebody else");
        assertThat(sun()).isEqualTo(Frame.of(9, 9, 50, 50));
        // Of different things each takes back their own.
        edit(other, seq + 2, new SetTitle("Theirs"));
        edit(teacher, seq + 3, new SetFrame("light", "moon", Frame.of(3, 3, 50, 50)));
        teacher.post(path + "/undo", Map.of("seq", seq + 4, "id", UUID.randomUUID()));
        assertThat(school.activity().title()).isEqualTo("Theirs");
        assertThat(school.activity()
                        .page("light")
                        .orElseThrow()
                        .item("moon")
                        .orElseThrow()
                        .frame())
                .isEqualTo(Frame.of(400, 800, 100, 100));
    }

    private Frame sun() {
        return school.activity()
                .page("light")
                .orElseThrow()
                .item("sun")
                .orElseThrow()
                .frame();
    }

    private void edit(Api by, long seq, Object edit) {
        String body = "{\"seq\":%d,\"edits\":[{\"id\":\"%s\",\"edit\":%s}]}"
                .formatted(seq, UUID.randomUUID(), Json.write(edit));
        assertThat(by.postText(path + "/edits", body).status()).isEqualTo(200);
    }

    private tools.jackson.databind.JsonNode history() {
        return teacher.get(path + "/history").json();
    }

    private Activity at(long seq) {
        return Json.read(teacher.get(path + "/history/" + seq).json().toString(), Activity.class);
    }
}
