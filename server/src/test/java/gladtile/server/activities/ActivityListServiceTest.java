package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.edit.AddItem;
import gladtile.core.edit.SetTitle;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class ActivityListServiceTest {
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
    void activities_are_found_by_words_on_their_pages_tags_and_names() {
        WordFit fit = WordFit.free("Der Komet zieht 🔭 ذنب vorbei", WordStyle.PLAIN);
        school.edit(new AddItem(
                "light", 9, new Words("komet", Frame.of(0, 0, 400, 60), Movement.FIXED, "", fit.content())));
        teacher.put(path + "/tags", Map.of("tags", List.of(" year 4 ", "sky", "sky", "")));
        for (String words : List.of("komet", "KOM", "night", "sk", "ذنب", "year", "reflects", "komet night")) {
            assertThat(titles("?words=" + encoded(words))).as(words).containsExactly("Night sky");
        }
        for (String words : List.of("venus", "komet venus", "'); drop table activity; --", "% _ \\ & | !")) {
            assertThat(titles("?words=" + encoded(words))).as(words).isEmpty();
        }
        assertThat(titles("?tag=" + encoded("year 4"))).containsExactly("Night sky");
        assertThat(titles("?tag=other")).isEmpty();
    }

    /** Forms of one word as the Unicode standard's annex 15 makes them equal: composed, taken apart, without accents. */
    @Test
    void words_are_found_however_their_accents_were_typed() {
        String apart = "Te\u0301lescope g\u0306 \u1112\u1161\u11ab";
        WordFit fit = WordFit.free(apart + " \u00c5ngstr\u00f6m", WordStyle.PLAIN);
        school.edit(new AddItem(
                "light", 9, new Words("scope", Frame.of(0, 0, 400, 60), Movement.FIXED, "", fit.content())));
        for (String words : List.of(
                "T\u00e9lescope",
                "te\u0301lesc",
                "telescope",
                "\u212bngstrom",
                "A\u030angstr\u00f6m",
                "\u011f \ud55c",
                "\ud55c")) {
            assertThat(titles("?words=" + encoded(words))).as(words).containsExactly("Night sky");
        }
        assertThat(titles("?words=" + encoded("t\u00e9lescopes"))).isEmpty();
    }

    @Test
    void lists_come_in_the_order_asked_for() {
        for (String title : List.of("beta", "Alpha", "gamma")) {
            teacher.post("/api/v1/activities", Map.of("title", title));
        }
        assertThat(titles("?sort=NAME")).containsExactly("Alpha", "beta", "gamma", "Night sky");
        assertThat(titles("?sort=OLDEST")).startsWith("Night sky", "beta");
        assertThat(titles("")).startsWith("gamma");
        assertThat(teacher.get("/api/v1/activities?sort=SIDEWAYS").status()).isEqualTo(404);
    }

    @Test
    void what_is_set_aside_is_out_of_the_way_and_comes_back() {
        teacher.put(path + "/archived", Map.of("archived", true));
        assertThat(titles("")).isEmpty();
        assertThat(titles("?archived=true")).containsExactly("Night sky");
        teacher.put(path + "/archived", Map.of("archived", false));
        assertThat(titles("")).containsExactly("Night sky");
    }

    @Test
    void a_deleted_activity_is_gone_everywhere_until_it_is_restored_and_its_class_goes_on() {
        Api student = school.asStudent(0);
        String attempt = school.open(student);
        assertThat(teacher.delete(path).status()).isEqualTo(204);
        assertThat(titles("")).isEmpty();
        assertThat(teacher.get(path).status()).isEqualTo(404);
        assertThat(student.post("/api/v1/attempts/" + attempt + "/moves", School.moves(School.put("sun", 300, 300)))
                        .status())
                .isEqualTo(200);
        assertThat(school.asOtherTeacher()
                        .post(path + "/restorations", Map.of())
                        .status())
                .isEqualTo(404);
        assertThat(teacher.post(path + "/restorations", Map.of()).status()).isEqualTo(204);
        assertThat(titles("")).containsExactly("Night sky");
    }

    @Test
    void a_copy_is_ones_own_and_goes_its_own_way() {
        String copy = "/api/v1/activities/"
                + teacher.post(path + "/copies", Map.of("title", "Again")).text("id");
        assertThat(teacher.get(copy).json().path("activity").path("pages"))
                .isEqualTo(teacher.get(path).json().path("activity").path("pages"));
        school.edit(new SetTitle("Changed"));
        assertThat(teacher.get(copy).json().path("activity").path("title").asString())
                .isEqualTo("Again");
        assertThat(titles("")).containsExactlyInAnyOrder("Changed", "Again");
    }

    @Test
    void colleagues_may_look_or_edit_as_they_were_allowed_to_and_no_more() {
        Api other = school.asOtherTeacher();
        share("LOOK");
        assertThat(other.get(path).json().path("mayEdit").asBoolean()).isFalse();
        assertThat(other.post(path + "/edits", Map.of("seq", 1, "edits", List.of()))
                        .status())
                .isEqualTo(403);
        assertThat(other.put(path + "/tags", Map.of("tags", List.of())).status())
                .isEqualTo(404);
        assertThat(other.get("/api/v1/activities").items().get(0).path("access").asString())
                .isEqualTo("LOOK");
        share("EDIT");
        assertThat(other.post(path + "/edits", Map.of("seq", 1, "edits", List.of()))
                        .status())
                .isEqualTo(200);
        // Editing is not owning.
        assertThat(other.delete(path).status()).isEqualTo(404);
        assertThat(other.get(path + "/sharing").status()).isEqualTo(404);
        assertThat(other.put(path + "/sharing/" + school.teacher.id(), Map.of("access", "EDIT"))
                        .status())
                .isEqualTo(404);
        share("NONE");
        assertThat(other.get(path).status()).isEqualTo(404);
    }

    @Test
    void nothing_is_shared_with_a_student_or_with_another_school(RealServer server) {
        for (UUID person : List.of(school.students.get(0).id(), new School(server).teacher.id(), school.teacher.id())) {
            assertThat(teacher.put(path + "/sharing/" + person, Map.of("access", "EDIT"))
                            .status())
                    .isEqualTo(404);
        }
        assertThat(teacher.put(path + "/sharing/" + school.otherTeacher.id(), Map.of("access", "OWN"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void who_has_it_open_hears_where_the_others_are() {
        share("EDIT");
        try (Stream<String> events = school.asOtherTeacher().events(path + "/live")) {
            var lines = events.iterator();
            while (!lines.next().contains("listening")) {
                continue;
            }
            teacher.put(
                    path + "/presence",
                    Map.of("workbench", UUID.randomUUID(), "pageId", "light", "itemIds", List.of("sun")));
            String line = lines.next();
            while (!line.contains("\"itemIds\"")) {
                line = lines.next();
            }
            assertThat(line).contains("Teacher").contains("sun");
        }
    }

    @Test
    void tags_have_bounds() {
        assertThat(teacher.put(path + "/tags", Map.of("tags", Collections.nCopies(21, "x")))
                        .text("bound"))
                .isEqualTo("activity.tags");
        assertThat(teacher.put(path + "/tags", Map.of("tags", List.of("x".repeat(41))))
                        .text("bound"))
                .isEqualTo("activity.tag");
    }

    @Test
    void a_rough_stroke_is_offered_as_a_neat_one() {
        List<Map<String, Object>> points = new ArrayList<>();
        for (int i = 0; i <= 30; i++) {
            points.add(Map.of("x", 100 + 10 * i, "y", 200 + i % 3));
        }
        assertThat(teacher.post("/api/v1/neat-shapes", Map.of("points", points))
                        .json()
                        .path("shape")
                        .path("kind")
                        .asString())
                .isEqualTo("LINE");
        assertThat(teacher.post("/api/v1/neat-shapes", Map.of("points", List.of()))
                        .json()
                        .path("shape")
                        .isMissingNode())
                .isTrue();
        assertThat(teacher.postText("/api/v1/neat-shapes", "{\"points\":[{\"x\":1e9,\"y\":0}]}")
                        .text("bound"))
                .isEqualTo("rough.x");
    }

    private void share(String access) {
        assertThat(teacher.put(path + "/sharing/" + school.otherTeacher.id(), Map.of("access", access))
                        .status())
                .isEqualTo(204);
    }

    private List<String> titles(String query) {
        List<String> titles = new ArrayList<>();
        teacher.get("/api/v1/activities" + query)
                .items()
                .forEach(one -> titles.add(one.path("title").asString()));
        return titles;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
