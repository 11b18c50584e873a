package gladtile.server.personaldata;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.SetTerms;
import gladtile.core.json.Json;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.classes.ClassService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import gladtile.server.testkit.Sounds;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jooq.TableField;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * What is known of somebody is handed out whole, and erased to the last byte.
 *
 * <p>Long because what is handed out and what is erased are compared for one and the same person.
 */
@ExtendWith(RealServer.class)
class PersonalDataTest {
    /** Ids of what is no person. A new column of ids is either here or in {@link PersonalDataStore#PLACES}. */
    private static final Set<String> NO_PERSON = Set.of(
            "id",
            "school_id",
            "activity_id",
            "class_id",
            "assignment_id",
            "attempt_id",
            "version_id",
            "lesson_id",
            "part_id",
            "team_id",
            "upload_id",
            "screencast_id",
            "series_id",
            "client_id",
            "move_id",
            "code");

    private RealServer server;
    private School school;
    private Api administrator;
    private CurrentUser student;
    private byte[] sound;

    @BeforeEach
    void fill(RealServer running) {
        server = running;
        school = new School(server);
        administrator = school.asAdministrator();
        student = server.bean(PersonService.class).addStudent(school.id, "Zephyrine " + school.suffix(), School.PIN);
        server.bean(ClassService.class).join(school.id, school.classId, student.id());
        school.students.add(0, student);
        // A recording of her own, whose bytes nobody else has.
        sound = Sounds.wav(3_000);
        System.arraycopy(school.suffix().getBytes(StandardCharsets.US_ASCII), 0, sound, 1_000, 8);
    }

    /** A student leaves something in every place there is. @return where the recording lies */
    private String works() {
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        Lesson lesson = Lesson.give(school, Map.of());
        Api browser = lesson.student(0);
        String attempt = lesson.attempt(browser);
        JsonNode file = browser.post(attempt + "/recordings", sound).json();
        Lesson.moves(browser, attempt, School.put("sun", 300, 300), School.put("moon", 300, 300));
        Lesson.moves(
                browser,
                attempt,
                School.move(Map.of(
                        "kind",
                        "say",
                        "pageId",
                        "light",
                        "recording",
                        Map.of("id", "r1", "file", file, "seconds", 3))));
        lesson.teacher.post(lesson.at + "/messages", Map.of("words", "Well seen, Zephyrine " + school.suffix()));
        lesson.teacher.post(
                lesson.at + "/messages", Map.of("words", "For you alone " + school.suffix(), "holderId", student.id()));
        lesson.teacher.put(lesson.at + "/extensions/" + student.id(), Map.of("moreSeconds", 300));
        Lesson.moves(browser, attempt, Lesson.handIn());
        lesson.teacher.post(
                lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length()) + "/returns",
                Map.of("version", 0, "review", Map.of("words", "Good work " + school.suffix(), "mayImprove", true)));
        Lesson.team(school);
        Lesson together = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api again = together.student(0);
        Lesson.moves(again, together.attempt(again), School.put("sun", 300, 300));
        return file.path("sha256").asString();
    }

    private String at(UUID id) {
        return "/api/v1/school/persons/" + id;
    }

    /** Where in the database something stands, by table. */
    private Map<String, Integer> found(String text) {
        Map<String, Integer> places = new HashMap<>();
        try (Connection connection = server.database().connect()) {
            for (String table : tables(connection)) {
                var query = connection.prepareStatement(
                        "select count(*) from \"%s\" t where strpos(t::text, ?) > 0".formatted(table));
                query.setString(1, text);
                ResultSet rows = query.executeQuery();
                rows.next();
                if (rows.getInt(1) > 0) {
                    places.put(table, rows.getInt(1));
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return places;
    }

    private static List<String> tables(Connection connection) throws SQLException {
        List<String> names = new ArrayList<>();
        ResultSet rows = connection.createStatement().executeQuery("""
                select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
                where n.nspname = 'public' and c.relkind in ('r', 'p') and not c.relispartition""");
        while (rows.next()) {
            names.add(rows.getString(1));
        }
        return names;
    }

    @Test
    void a_student_who_is_erased_is_found_nowhere_by_id_name_words_or_voice() {
        String sha = works();
        String voice = HexFormat.of().formatHex(sound, 1_000, 1_008);
        assertThat(found(student.id().toString())).hasSizeGreaterThan(8);
        assertThat(found(sha)).containsKeys("file", "file_chunk", "move");
        assertThat(found(voice)).containsKey("file_chunk");
        assertThat(found("For you alone " + school.suffix())).isNotEmpty();
        assertThat(found("Good work " + school.suffix())).isNotEmpty();

        JsonNode preview = administrator.get(at(student.id()) + "/erasure").json();
        assertThat(preview.path("goes").toString()).contains("Work", "Classes", "Moves in their own work");
        assertThat(preview.path("handedOver")).isEmpty();
        assertThat(administrator.delete(at(student.id())).status()).isEqualTo(204);

        assertThat(found(student.id().toString())).isEmpty();
        assertThat(found(student.id().toString().replace("-", ""))).isEmpty();
        assertThat(found("For you alone " + school.suffix())).isEmpty();
        assertThat(found("Good work " + school.suffix())).isEmpty();
        assertThat(found(sha)).isEmpty();
        assertThat(found(voice)).isEmpty();
        // What the teacher wrote to the whole class is the teacher's; nothing else has her name.
        assertThat(found(student.name()).keySet()).isSubsetOf("message");
        // What her team did stays, and the log still says that somebody was erased.
        assertThat(administrator.get("/api/v1/school/log").json().toString()).contains("PERSON_ERASED");
        assertThat(administrator.get(at(student.id()) + "/erasure").status()).isEqualTo(404);
        assertThat(school.asTeacher()
                        .get("/api/v1/classes/" + school.classId)
                        .json()
                        .toString())
                .doesNotContain(student.id().toString());
    }

    @Test
    void what_others_show_stays_and_the_other_half_of_a_team_goes_on() {
        works();
        JsonNode before = school.asTeacher()
                .get("/api/v1/assignments/" + school.assignmentId + "/progress")
                .json();
        assertThat(administrator.delete(at(student.id())).status()).isEqualTo(204);
        try (Connection connection = server.database().connect()) {
            ResultSet rows = connection
                    .createStatement()
                    .executeQuery(
                            "select count(*) from move m join attempt a on a.school_id = m.school_id and a.id = m.attempt_id"
                                    + " join team t on t.id = a.holder_id where m.by_id is null and m.school_id = '"
                                    + school.id
                                    + "'");
            rows.next();
            assertThat(rows.getInt(1)).isPositive();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        assertThat(before.path("students")).isNotEmpty();
    }

    @Test
    void a_teacher_is_erased_once_it_is_said_whose_the_work_is_then() {
        UUID teacher = school.teacher.id();
        school.asTeacher().get("/api/v1/activities");
        assertThat(administrator.delete(at(teacher)).text("bound")).isEqualTo("erasure.to");
        assertThat(administrator.delete(at(teacher) + "?to=" + student.id()).text("bound"))
                .isEqualTo("erasure.to");
        assertThat(administrator.delete(at(teacher) + "?to=" + teacher).text("bound"))
                .isEqualTo("erasure.to");
        assertThat(administrator.get(at(teacher) + "/erasure").json().path("handedOver"))
                .isNotEmpty();
        assertThat(administrator
                        .delete(at(teacher) + "?to=" + school.otherTeacher.id())
                        .status())
                .isEqualTo(204);
        assertThat(found(teacher.toString())).isEmpty();
        assertThat(found(school.teacherName())).isEmpty();
        Api heir = school.asOtherTeacher();
        assertThat(heir.get("/api/v1/classes/" + school.classId).status()).isEqualTo(200);
        assertThat(heir.get("/api/v1/activities/" + school.activityId).status()).isEqualTo(200);
        JsonNode history =
                heir.get("/api/v1/activities/" + school.activityId + "/history").json();
        assertThat(history.toString()).doesNotContain(teacher.toString());
    }

    @Test
    void nobody_erases_themselves_and_nobody_of_another_school() {
        assertThat(administrator.delete(at(school.administrator.id())).text("bound"))
                .isEqualTo("erasure.self");
        School other = new School(server);
        assertThat(administrator.delete(at(other.students.get(0).id())).status())
                .isEqualTo(404);
        assertThat(administrator
                        .get(at(other.students.get(0).id()) + "/archive")
                        .status())
                .isEqualTo(404);
        assertThat(school.asTeacher().delete(at(student.id())).status()).isEqualTo(403);
    }

    @Test
    void everything_that_is_known_of_somebody_is_in_one_file_without_what_lets_anybody_in() throws IOException {
        String sha = works();
        var raw = administrator.raw(at(student.id()) + "/archive");
        Map<String, byte[]> parts = unzip(raw.body());
        assertThat(new String(parts.get("index.html"), StandardCharsets.UTF_8))
                .contains(student.name(), "Night sky", "For you alone " + school.suffix(), "files/" + sha);
        assertThat(parts.get("files/" + sha + ".wav")).isEqualTo(sound);
        String all = parts.entrySet().stream()
                .filter(one -> one.getKey().endsWith(".json"))
                .map(one -> {
                    String text = new String(one.getValue(), StandardCharsets.UTF_8);
                    assertThat(Json.read(text, JsonNode.class).isArray())
                            .as(one.getKey())
                            .isTrue();
                    return text;
                })
                .collect(Collectors.joining());
        assertThat(all).contains("r1", "For you alone", "Good work").doesNotContain("$2a$", "secret_hash");
        // Every row that says who she is is there.
        for (Map.Entry<String, Integer> place : found(student.id().toString()).entrySet()) {
            if (Set.of("spring_session", "sign_in_try", "known_device").contains(place.getKey())) {
                continue;
            }
            assertThat(parts.keySet().stream().anyMatch(name -> name.contains(place.getKey())))
                    .as(place.getKey())
                    .isTrue();
        }
    }

    private static Map<String, byte[]> unzip(byte[] bytes) throws IOException {
        Map<String, byte[]> parts = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return parts;
    }

    @Test
    void every_column_that_can_say_who_somebody_is_is_known() throws SQLException {
        Set<String> known = new TreeSet<>();
        PersonalDataStore.PLACES.forEach(place -> known.add(name(place.person())));
        Set<String> missing = new TreeSet<>();
        try (Connection connection = server.database().connect()) {
            ResultSet rows = connection.createStatement().executeQuery("""
                    select c.table_name, c.column_name from information_schema.columns c
                    join pg_class p on p.relname = c.table_name and p.relkind <> 'v' and not p.relispartition
                    where c.table_schema = 'public' and c.data_type = 'uuid'""");
            while (rows.next()) {
                String column = rows.getString(1) + "." + rows.getString(2);
                if (!NO_PERSON.contains(rows.getString(2)) && !known.contains(column)) {
                    missing.add(column);
                }
            }
        }
        assertThat(missing).isEmpty();
        assertThat(known).hasSizeGreaterThan(30);
    }

    private static String name(TableField<?, UUID> field) {
        return field.getTable().getName() + "." + field.getName();
    }
}
