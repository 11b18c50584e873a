package gladtile.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.json.Json;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Parts kept by name, found again, shared, and kept in versions. */
@ExtendWith(RealServer.class)
class LibraryServiceTest {
    private static final String AT = "/api/v1/library";

    private static Activity part(String label, PictureRef picture) {
        Page page = new Page(
                "p",
                "Kept",
                Paper.PLAIN,
                List.of(
                        new Zone("tray", Frame.of(100, 100, 500, 300), "", label),
                        new Picture("moon", Frame.of(100, 700, 90, 90), Movement.FREE, "Moon", picture, "")));
        return new Activity(
                "Kept", List.of(page), new AnswerKey(Map.of("tray", Map.of("moon", Decision.BELONGS)), Map.of()));
    }

    private static Activity part(String label) {
        return part(label, PictureRef.library("1F319"));
    }

    private static Api.Answer keep(Api who, String name, String folder, Activity contents) {
        return who.post(
                AT, Map.of("place", Map.of("name", name, "folder", folder), "kind", "ITEMS", "contents", contents));
    }

    private static List<String> names(Api who, String question) {
        JsonNode parts = who.get(AT + "?" + question).json().path("items");
        return StreamSupport.stream(parts.spliterator(), false)
                .map(part -> part.path("name").asString())
                .toList();
    }

    @Test
    void what_is_kept_comes_back_as_it_was_with_what_was_decided(RealServer server) {
        Api teacher = new School(server).asTeacher();
        Api.Answer kept = keep(teacher, "Night tray", "Sky / Winter", part("Night"));
        assertThat(kept.status()).isEqualTo(201);
        JsonNode back = teacher.get(AT + "/" + kept.text("id")).json();
        assertThat(Json.read(back.toString(), Activity.class)).isEqualTo(part("Night"));
        assertThat(teacher.get(AT + "/folders").json().path("mine").toString()).isEqualTo("[\"Sky/Winter\"]");
        assertThat(names(teacher, "from=MINE&folder=Sky")).containsExactly("Night tray");
        assertThat(names(teacher, "from=MINE&folder=Sk")).isEmpty();
    }

    @Test
    void parts_are_found_by_what_they_are_called_and_by_what_stands_on_them_also_without_accents(RealServer server) {
        Api teacher = new School(server).asTeacher();
        keep(teacher, "Télescope", "", part("Things that shine"));
        keep(teacher, "Rocket", "", part("Stages"));
        assertThat(names(teacher, "from=MINE&words=telesc")).containsExactly("Télescope");
        assertThat(names(teacher, "from=MINE&words=shin")).containsExactly("Télescope");
        assertThat(names(teacher, "from=MINE&words=shin+stages")).isEmpty();
        assertThat(names(teacher, "from=MINE&words=%26%7C%21:*")).hasSize(2);
        assertThat(names(teacher, "words=number+line")).contains("Number line from 0 to 10");
    }

    @Test
    void the_same_name_in_the_same_folder_is_the_next_version_and_older_ones_come_back(RealServer server) {
        Api teacher = new School(server).asTeacher();
        String id = keep(teacher, "Tray", "Sky", part("First")).text("id");
        Api.Answer second = keep(teacher, "Tray", "Sky", part("Second"));
        assertThat(second.text("id")).isEqualTo(id);
        assertThat(second.json().path("version").asInt()).isEqualTo(2);
        assertThat(keep(teacher, "Tray", "", part("Elsewhere")).text("id")).isNotEqualTo(id);
        assertThat(teacher.post(AT + "/" + id + "/versions/restorations", Map.of("version", 1))
                        .json()
                        .path("version")
                        .asInt())
                .isEqualTo(3);
        assertThat(teacher.get(AT + "/" + id).json().toString())
                .contains("First")
                .doesNotContain("Second");
        assertThat(teacher.get(AT + "/" + id + "/versions").items()).hasSize(3);
        assertThat(teacher.post(AT + "/" + id + "/versions/restorations", Map.of("version", 9))
                        .status())
                .isEqualTo(404);
        assertThat(teacher.put(AT + "/" + id + "/place", Map.of("name", "Tray", "folder", ""))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void a_colleague_takes_what_is_shared_and_cannot_change_it(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        Api jonas = school.asOtherTeacher();
        String id =
                keep(mira, "Tray of " + school.teacherName(), "", part("Night")).text("id");
        String at = AT + "/" + id;
        assertThat(jonas.get(at).status()).isEqualTo(404);
        assertThat(names(jonas, "from=COLLEAGUES")).isEmpty();
        mira.put(at + "/sharing", Map.of("personId", school.otherTeacher.id(), "shared", true));
        assertThat(names(jonas, "from=COLLEAGUES")).hasSize(1);
        assertThat(jonas.get(at).status()).isEqualTo(200);
        assertThat(jonas.put(at + "/place", Map.of("name", "Mine", "folder", ""))
                        .status())
                .isEqualTo(404);
        assertThat(jonas.delete(at).status()).isEqualTo(404);
        mira.put(at + "/sharing", Map.of("personId", school.otherTeacher.id(), "shared", false));
        assertThat(jonas.get(at).status()).isEqualTo(404);
        mira.put(at + "/sharing", Map.of("shared", true));
        assertThat(jonas.get(at).status()).isEqualTo(200);
        assertThat(new School(server).asTeacher().get(at).status()).isEqualTo(404);
        mira.delete(at);
        assertThat(jonas.get(at).status()).isEqualTo(404);
    }

    @Test
    void a_deleted_part_comes_back_even_when_its_name_was_given_again(RealServer server) {
        Api teacher = new School(server).asTeacher();
        String id = keep(teacher, "Tray", "", part("Old")).text("id");
        teacher.delete(AT + "/" + id);
        assertThat(names(teacher, "from=MINE")).isEmpty();
        keep(teacher, "Tray", "", part("New"));
        assertThat(teacher.post(AT + "/" + id + "/restorations", Map.of()).status())
                .isEqualTo(204);
        assertThat(names(teacher, "from=MINE")).containsExactlyInAnyOrder("Tray", "Tray (2)");
    }

    @Test
    void a_picture_goes_with_the_part_that_is_shared_and_no_foreign_one_is_kept(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        Api jonas = school.asOtherTeacher();
        String brought =
                mira.upload("/api/v1/files/pictures", "dome.svg", dome(school)).text("sha256");
        String file = "/api/v1/files/" + brought;
        String id =
                keep(mira, "Dome", "", part("Dome", PictureRef.file(brought))).text("id");
        assertThat(jonas.raw(file).statusCode()).isEqualTo(404);
        assertThat(keep(jonas, "Mine", "", part("Dome", PictureRef.file(brought)))
                        .status())
                .isEqualTo(403);
        assertThat(names(jonas, "from=MINE")).isEmpty();
        mira.put(AT + "/" + id + "/sharing", Map.of("shared", true));
        assertThat(jonas.raw(file).statusCode()).isEqualTo(200);
    }

    private static byte[] dome(School school) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><title>%s</title><circle r="4"/></svg>""".formatted(school.teacherName()).getBytes(java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    void a_part_that_is_too_large_for_a_list_is_named_there_and_comes_whole_when_it_is_taken(RealServer server) {
        Api teacher = new School(server).asTeacher();
        List<Item> many = new ArrayList<>();
        for (int i = 0; i < 1_500; i++) {
            many.add(new Zone("z" + i, Frame.of(i, i, 50, 50), "x".repeat(100), ""));
        }
        Activity large = new Activity("L", List.of(new Page("p", "L", Paper.PLAIN, many)), AnswerKey.EMPTY);
        String id = keep(teacher, "Large", "", large).text("id");
        JsonNode head = teacher.get(AT + "?from=MINE").json().path("items").get(0);
        assertThat(head.path("name").asString()).isEqualTo("Large");
        assertThat(head.has("page")).isFalse();
        assertThat(teacher.get(AT + "/" + id).json().path("pages").get(0).path("items"))
                .hasSize(1_500);
    }

    @Test
    void a_long_list_is_told_in_parts_the_ready_ones_last_and_each_once(RealServer server) {
        Api teacher = new School(server).asTeacher();
        for (int i = 0; i < 70; i++) {
            keep(teacher, "Part " + i, "", part("Night"));
        }
        List<String> all = new ArrayList<>();
        String cursor = "";
        do {
            Api.Answer part = teacher.get(AT + "?cursor=" + cursor);
            part.items().forEach(one -> all.add(one.path("name").asString()));
            cursor = part.text("next");
        } while (!cursor.isEmpty());
        assertThat(all).doesNotHaveDuplicates();
        assertThat(all.subList(0, 70)).allMatch(name -> name.startsWith("Part"));
        assertThat(all.subList(70, all.size())).containsExactlyElementsOf(names(teacher, "from=READY"));
    }

    @Test
    void what_is_no_part_is_refused_with_its_bound(RealServer server) {
        Api teacher = new School(server).asTeacher();
        assertThat(keep(teacher, " ", "", part("Night")).text("bound")).isEqualTo("library.name");
        assertThat(keep(teacher, "x".repeat(301), "", part("Night")).text("bound"))
                .isEqualTo("library.name");
        assertThat(keep(teacher, "Tray", "x".repeat(201), part("Night")).text("bound"))
                .isEqualTo("library.folder");
        Activity empty = new Activity("No", List.of(Page.empty("p", "No")), AnswerKey.EMPTY);
        assertThat(keep(teacher, "Tray", "", empty).text("bound")).isEqualTo("library.items");
        Activity two = new Activity("No", List.of(Page.empty("p", "No"), Page.empty("q", "No")), AnswerKey.EMPTY);
        assertThat(keep(teacher, "Tray", "", two).text("bound")).isEqualTo("library.pages");
        assertThat(teacher.get(AT + "/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(teacher.get(AT + "/no-part").status()).isEqualTo(404);
    }
}
