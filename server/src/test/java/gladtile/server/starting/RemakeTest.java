package gladtile.server.starting;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetDescription;
import gladtile.core.edit.SetFrame;
import gladtile.core.json.Json;
import gladtile.core.page.Item;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A list that changes after its pages were made and changed by hand, over the wire and back from the database. */
@ExtendWith(RealServer.class)
class RemakeTest {
    private Api teacher;
    private String path;

    @BeforeEach
    void made(RealServer server) {
        teacher = new School(server).asTeacher();
        Api.Answer made = teacher.post("/api/v1/starters", list("Mars, planet", "Vega, star", "Venus, planet"));
        path = "/api/v1/activities/" + made.json().path("id").asString();
    }

    private static Map<String, Object> list(String... lines) {
        List<Map<String, Object>> rows = java.util.Arrays.stream(lines)
                .map(line -> Map.<String, Object>of("cells", List.of(line.split(", "))))
                .toList();
        return Map.of("starter", Map.of("kind", "SORT", "title", "Sky", "rows", rows, "seed", 4), "pictured", false);
    }

    private Activity activity() {
        return Json.read(teacher.get(path).json().path("activity").toString(), Activity.class);
    }

    private long seq() {
        return teacher.get(path).json().path("seq").asLong();
    }

    private Item item(String name) {
        return activity().pages().get(0).items().stream()
                .filter(item -> item.ownName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void edit(Edit edit) {
        Map<String, Object> one = Map.of("id", UUID.randomUUID(), "edit", Json.read(Json.write(edit), Object.class));
        assertThat(teacher.post(path + "/edits", Map.of("seq", seq(), "edits", List.of(one)))
                        .status())
                .isEqualTo(200);
    }

    private Api.Answer again(UUID id, Map<String, Object> list) {
        return teacher.put(path + "/list", Map.of("seq", seq(), "id", id, "list", list));
    }

    @Test
    void pages_are_made_again_and_the_hand_change_stays_and_undo_takes_list_and_pages_back_together() {
        Item mars = item("Mars");
        String page = activity().pages().get(0).id();
        edit(new SetFrame(page, mars.id(), mars.frame().at(600, 700)));
        edit(new SetDescription(page, mars.id(), "the red one"));
        Activity before = activity();
        Map<String, Object> longer = list("Mars, planet", "Venus, planet", "Sirius, star", "Io, moon");

        var preview = teacher.post(path + "/list/previews", longer).json();
        assertThat(preview.path("addedCount").asInt()).isEqualTo(3);
        assertThat(preview.path("goneCount").asInt()).isEqualTo(1);
        assertThat(preview.path("gone").get(0).asString()).isEqualTo("Vega");
        assertThat(preview.path("kept").asInt()).isEqualTo(1);
        assertThat(activity()).isEqualTo(before);

        UUID id = UUID.randomUUID();
        assertThat(again(id, longer).status()).isEqualTo(200);
        // A second time the same is the same edit.
        assertThat(again(id, longer).json().path("edits")).isEmpty();
        Activity after = activity();
        assertThat(after.madeFrom().starter().rows()).hasSize(4);
        assertThat(item("the red one").frame().x()).isEqualTo(600);
        assertThat(item("Io")).isNotNull();

        teacher.post(path + "/undo", Map.of("seq", seq(), "id", UUID.randomUUID()));
        assertThat(activity()).isEqualTo(before);
        teacher.post(path + "/redo", Map.of("seq", seq(), "id", UUID.randomUUID()));
        assertThat(activity()).isEqualTo(after);
    }

    @Test
    void a_list_that_makes_nothing_is_refused_with_its_reason_and_nothing_changes() {
        Activity before = activity();
        Map<String, Object> bad = list("Mars, planet");
        assertThat(teacher.post(path + "/list/previews", bad)
                        .json()
                        .path("missing")
                        .asString())
                .contains("two groups");
        Api.Answer refused = again(UUID.randomUUID(), bad);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).contains("two groups");
        assertThat(again(UUID.randomUUID(), list("Mars, planet", "Vega, star", "Venus, planet"))
                        .json()
                        .path("dropped"))
                .hasSize(1);
        assertThat(activity()).isEqualTo(before);
    }

    @Test
    void a_copy_can_be_made_again_too() {
        String copy = teacher.post(path + "/copies", Map.of("title", "Sky 2"))
                .json()
                .path("id")
                .asString();
        path = "/api/v1/activities/" + copy;
        assertThat(again(UUID.randomUUID(), list("Mars, planet", "Vega, star", "Io, moon"))
                        .status())
                .isEqualTo(200);
        assertThat(item("Io")).isNotNull();
    }
}
