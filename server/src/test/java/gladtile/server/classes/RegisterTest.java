package gladtile.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.Api.Part;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Classes from a school's register, from the files to signing in. */
@ExtendWith(RealServer.class)
class RegisterTest {
    private static final String CLASSES = "sourcedId,title,classType\nc1,Owl,homeroom\nc2,Hawk,homeroom\n";
    private static final String USERS = "sourcedId,givenName,familyName\nu1,Ada,Sol\nu2,Bo,Berg\nu3,بدر,🔭\n";
    private static final String ENROLMENTS = "sourcedId,classSourcedId,userSourcedId,role\n"
            + "e1,c1,u1,student\ne2,c1,u2,student\ne3,c2,u2,student\ne4,c2,u3,student\n";
    private School school;
    private Api teacher;

    @BeforeEach
    void school(RealServer server) {
        school = new School(server);
        teacher = school.asTeacher();
    }

    private static List<Part> files(String classes, String users, String enrolments, String... chosen) {
        List<Part> parts = new ArrayList<>();
        Map.of("classes.csv", classes, "users.csv", users, "enrollments.csv", enrolments)
                .forEach((name, text) -> parts.add(new Part("files", name, text.getBytes(StandardCharsets.UTF_8))));
        for (String id : chosen) {
            parts.add(Part.field("classIds", id));
        }
        return parts;
    }

    private static Api.Answer take(Api who, String... chosen) {
        return who.form("/api/v1/class-imports", files(CLASSES, USERS, ENROLMENTS, chosen));
    }

    private static JsonNode preview(Api who) {
        return who.form("/api/v1/class-import-previews", files(CLASSES, USERS, ENROLMENTS))
                .json()
                .path("intake");
    }

    private static List<String> becomes(JsonNode intake) {
        List<String> all = new ArrayList<>();
        intake.path("students").forEach(one -> all.add(one.path("becomes").asString()));
        return all;
    }

    private List<String> names(String classId) {
        List<String> names = new ArrayList<>();
        teacher.get("/api/v1/classes/" + classId)
                .json()
                .path("students")
                .forEach(one -> names.add(one.path("name").asString()));
        return names;
    }

    @Test
    void looking_changes_nothing_and_taking_in_does_what_was_shown_each_student_once() {
        int before = teacher.get("/api/v1/classes").items().size();
        assertThat(becomes(preview(teacher).path("classes").get(0))).containsExactly("ADDED", "ADDED");
        assertThat(teacher.get("/api/v1/classes").items()).hasSize(before);

        JsonNode taken = take(teacher, "c1", "c2").json();
        assertThat(names(taken.get(0).path("id").asString())).containsExactly("Ada Sol", "Bo Berg");
        assertThat(names(taken.get(1).path("id").asString())).containsExactlyInAnyOrder("Bo Berg", "بدر 🔭");
        assertThat(taken.get(0).path("fresh").get(1))
                .isEqualTo(taken.get(1).path("fresh").get(0));

        JsonNode again = preview(teacher).path("classes");
        assertThat(becomes(again.get(0))).containsOnly("THERE");
        take(teacher, "c1", "c2");
        assertThat(teacher.get("/api/v1/classes").items()).hasSize(before + 2);
    }

    @Test
    void only_what_was_chosen_is_taken_and_of_what_cannot_be_taken_nothing_at_all() {
        int before = teacher.get("/api/v1/classes").items().size();
        String twice = USERS + "u4,Ada,Sol\n";
        String both = ENROLMENTS + "e5,c1,u4,student\n";
        assertThat(teacher.form("/api/v1/class-imports", files(CLASSES, twice, both, "c1", "c2"))
                        .text("detail"))
                .contains("“Ada Sol” would stand twice")
                .endsWith("Nothing was imported.");
        assertThat(teacher.get("/api/v1/classes").items()).hasSize(before);
        assertThat(teacher.form("/api/v1/class-imports", files(CLASSES, twice, both, "c2"))
                        .status())
                .isEqualTo(200);
        assertThat(take(teacher, "c1", "c9").status()).isEqualTo(422);
        assertThat(teacher.get("/api/v1/classes").items()).hasSize(before + 1);
    }

    @Test
    void who_is_fresh_signs_in_with_their_card_and_not_before() {
        JsonNode taken = take(teacher, "c1").json().get(0);
        String id = taken.path("id").asString();
        String code = teacher.get("/api/v1/classes/" + id).text("joinCode");
        String ada = taken.path("fresh").get(0).asString();
        for (String pin : List.of("0000", "2468", "1357")) {
            assertThat(school.server
                            .browser()
                            .post("/api/v1/join/" + code + "/session", Map.of("studentId", ada, "pin", pin))
                            .status())
                    .isEqualTo(401);
        }
        String pin = teacher.post("/api/v1/classes/" + id + "/students/" + ada + "/pins", Map.of())
                .text("pin");
        assertThat(school.server
                        .browser()
                        .post("/api/v1/join/" + code + "/session", Map.of("studentId", ada, "pin", pin))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_colleagues_class_is_neither_shown_nor_taken_and_a_shared_student_is_one_person() {
        take(teacher, "c1");
        Api other = school.asOtherTeacher();
        JsonNode seen = preview(other).path("classes");
        assertThat(seen.get(0).path("colleagues").asBoolean()).isTrue();
        assertThat(seen.get(0).path("students")).isEmpty();
        assertThat(becomes(seen.get(1))).containsExactly("JOINS", "ADDED");
        assertThat(take(other, "c1").text("detail")).contains("a colleague’s class");
        assertThat(take(other, "c2").json().get(0).path("fresh")).hasSize(1);
        // Another school's register may use the same ids.
        School elsewhere = new School(school.server);
        assertThat(becomes(preview(elsewhere.asTeacher()).path("classes").get(0)))
                .containsOnly("ADDED");
    }

    @Test
    void packed_files_are_unpacked_as_far_as_there_is_room_and_broken_ones_are_refused() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(packed)) {
            for (Part part : files(CLASSES, USERS, ENROLMENTS)) {
                zip.putNextEntry(new ZipEntry(part.fileName()));
                zip.write(part.bytes());
            }
        }
        assertThat(preview(teacher, packed.toByteArray()).json().path("intake").path("classes"))
                .hasSize(2);
        byte[] whole = packed.toByteArray();
        for (int length : new int[] {whole.length - 30, whole.length / 2, 60, 10}) {
            Api.Answer cut = preview(teacher, java.util.Arrays.copyOf(whole, length));
            assertThat(cut.status()).as("cut off at %d", length).isEqualTo(422);
            assertThat(cut.text("bound")).isEqualTo("register.files");
        }
        ByteArrayOutputStream bomb = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bomb)) {
            zip.putNextEntry(new ZipEntry("users.csv"));
            zip.write(new byte[40 * 1024 * 1024]);
        }
        assertThat(bomb.size()).isLessThan(100_000);
        assertThat(preview(teacher, bomb.toByteArray()).text("bound")).isEqualTo("register.bytes");
        assertThat(preview(teacher, new byte[] {'n', (byte) 0xE4}).text("bound"))
                .isEqualTo("register.encoding");
        assertThat(preview(teacher, "just words".getBytes(StandardCharsets.UTF_8))
                        .text("bound"))
                .isEqualTo("register.files");
    }

    private static Api.Answer preview(Api who, byte[] file) {
        return who.form("/api/v1/class-import-previews", List.of(new Part("files", "register", file)));
    }

    @Test
    void a_whole_school_of_five_thousand() {
        String classes = "sourcedId,title,classType\n"
                + IntStream.range(0, 200)
                        .mapToObj(i -> "k%d,Class %d,homeroom".formatted(i, i))
                        .collect(lines());
        String users = "sourcedId,givenName,familyName\n"
                + IntStream.range(0, 5_000)
                        .mapToObj(i -> "s%d,Star,%d".formatted(i, i))
                        .collect(lines());
        String in = "sourcedId,classSourcedId,userSourcedId,role\n"
                + IntStream.range(0, 5_000)
                        .mapToObj(i -> "e%d,k%d,s%d,student".formatted(i, i % 200, i))
                        .collect(lines());
        assertThat(teacher.form("/api/v1/class-import-previews", files(classes, users, in))
                        .json()
                        .path("intake")
                        .path("classes"))
                .hasSize(200);
        JsonNode taken = teacher.form("/api/v1/class-imports", files(classes, users, in, "k7", "k8", "k9"))
                .json();
        assertThat(taken).hasSize(3);
        assertThat(names(taken.get(0).path("id").asString())).hasSize(25);
    }

    private static java.util.stream.Collector<CharSequence, ?, String> lines() {
        return Collectors.joining("\n");
    }

    /** Whoever has a student can set their PIN and come in as them. */
    @Test
    void a_colleagues_students_come_only_with_the_colleagues_yes(RealServer server) {
        assertThat(take(teacher, "c1").status()).isEqualTo(200);
        Api colleague = school.asOtherTeacher();
        JsonNode taken = colleague
                .form("/api/v1/class-imports", files(CLASSES, USERS, ENROLMENTS, "c2"))
                .json()
                .get(0);
        String hawk = "/api/v1/classes/" + taken.path("id").asString();
        assertThat(taken.path("asked").asInt()).isEqualTo(1);
        JsonNode there = colleague.get(hawk).json();
        assertThat(there.path("students").findValuesAsString("name")).containsExactly("بدر 🔭");
        assertThat(there.path("waiting").get(0).asString()).isEqualTo("Bo Berg");
        String bo = teacher.get("/api/v1/student-requests")
                .items()
                .get(0)
                .path("students")
                .get(0)
                .path("id")
                .asString();
        // Before a yes they can do nothing with Bo, and cannot say yes themselves.
        assertThat(colleague.post(hawk + "/students/" + bo + "/pins", Map.of()).status())
                .isEqualTo(404);
        assertThat(colleague.get("/api/v1/student-requests").items().size()).isZero();
        String request = "/api/v1/student-requests/" + taken.path("id").asString();
        assertThat(colleague.put(request, Map.of("yes", true)).status()).isEqualTo(404);
        assertThat(teacher.get("/api/v1/notices").items().toString()).contains("STUDENTS_ASKED_FOR", "Hawk");

        assertThat(teacher.put(request, Map.of("yes", true)).status()).isEqualTo(204);
        assertThat(colleague.get(hawk).json().path("students").findValuesAsString("name"))
                .containsExactlyInAnyOrder("Bo Berg", "بدر 🔭");
        assertThat(teacher.get("/api/v1/student-requests").items().size()).isZero();
        // Who resets a shared student's PIN tells the other.
        assertThat(colleague.post(hawk + "/students/" + bo + "/pins", Map.of()).status())
                .isEqualTo(200);
        assertThat(teacher.get("/api/v1/notices").items().toString()).contains("SECRET_RESET", "Bo Berg");
    }

    @Test
    void after_a_no_nothing_is_changed_and_it_can_be_asked_again() {
        take(teacher, "c1");
        Api colleague = school.asOtherTeacher();
        String id = take(colleague, "c2").json().get(0).path("id").asString();
        assertThat(teacher.put("/api/v1/student-requests/" + id, Map.of("yes", false))
                        .status())
                .isEqualTo(204);
        assertThat(colleague
                        .get("/api/v1/classes/" + id)
                        .json()
                        .path("students")
                        .size())
                .isEqualTo(1);
        assertThat(take(colleague, "c2").json().get(0).path("asked").asInt()).isEqualTo(1);
        assertThat(teacher.get("/api/v1/student-requests").items().size()).isEqualTo(1);
    }

    /** A folder in a packed file has no bytes; these say that they have twenty million each (rebuilt from memory). */
    @Test
    void folders_that_claim_bytes_are_counted_as_files_are() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(packed)) {
            byte[] much = new byte[4 * 1024 * 1024];
            for (int i = 0; i < 12; i++) {
                zip.putNextEntry(new ZipEntry("folder" + i + "/"));
                zip.write(much);
                zip.closeEntry();
            }
        }
        Api.Answer answer = teacher.form(
                "/api/v1/class-import-previews", List.of(new Part("files", "r.zip", packed.toByteArray())));
        assertThat(answer.text("bound")).isEqualTo("register.bytes");
    }
}
