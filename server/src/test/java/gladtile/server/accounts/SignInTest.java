package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import gladtile.server.log.ActivityLog;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.crypto.password.PasswordEncoder;

@ExtendWith(RealServer.class)
class SignInTest {
    private static final SignInSource HERE = new SignInSource("192.0.2.7", null);

    @Test
    void an_unknown_name_and_a_wrong_password_get_the_same_answer(RealServer server) {
        School school = new School(server);
        Api.Answer unknown = server.browser().post("/api/v1/session", Map.of("name", "nobody-here", "password", "x"));
        Api.Answer wrong =
                server.browser().post("/api/v1/session", Map.of("name", school.teacherName(), "password", "x"));
        assertThat(unknown.status()).isEqualTo(401);
        assertThat(unknown.json()).isEqualTo(wrong.json());
    }

    @Test
    void an_unknown_name_costs_a_hash_too() {
        PersonStore store = mock(PersonStore.class);
        PasswordEncoder secrets = mock(PasswordEncoder.class);
        Throttle throttle = mock(Throttle.class);
        when(secrets.encode(any())).thenReturn("hash");
        when(store.teacher(anyString())).thenReturn(Optional.empty());
        when(throttle.wait(any())).thenReturn(Optional.empty());
        when(throttle.begin(any())).thenReturn(new Throttle.Counted(UUID.randomUUID(), 3));
        SignIn signIn = new SignIn(
                store, secrets, throttle, mock(KnownDevices.class), mock(ActivityLog.class), Clock.systemUTC());
        assertThat(signIn.teacher("nobody", "x", HERE)).isEqualTo(new SignIn.Wrong(3));
        verify(secrets, times(1)).matches("x", "hash");
    }

    @Test
    void after_too_many_failures_not_even_the_right_password_is_looked_at() {
        PersonStore store = mock(PersonStore.class);
        PasswordEncoder secrets = mock(PasswordEncoder.class);
        Throttle throttle = mock(Throttle.class);
        when(throttle.wait(any())).thenReturn(Optional.empty());
        when(throttle.begin(any())).thenReturn(new Throttle.Full(Duration.ofMinutes(3)));
        SignIn signIn = new SignIn(
                store, secrets, throttle, mock(KnownDevices.class), mock(ActivityLog.class), Clock.systemUTC());
        assertThat(signIn.teacher("Mira", "telescope", HERE)).isEqualTo(new SignIn.Wait(Duration.ofMinutes(3)));
        verify(secrets, never()).matches(any(), any());
    }

    @Test
    void guessing_a_pin_is_stopped_and_warned_of_before(RealServer server) {
        School school = new School(server);
        Api browser = server.browser();
        String path = "/api/v1/join/" + school.joinCode + "/session";
        Map<String, Object> guess = Map.of("studentId", school.students.get(1).id(), "pin", "0000");
        List<String> told = new ArrayList<>();
        for (int i = 0; i < SignIn.STUDENT_FAILURES; i++) {
            Api.Answer wrong = browser.post(path, guess);
            assertThat(wrong.status()).isEqualTo(401);
            told.add(wrong.text("detail"));
        }
        assertThat(told.get(3)).contains("one more try");
        assertThat(told.get(4)).contains("last try for now");
        Api.Answer stopped = browser.post(path, right(school, 1));
        assertThat(stopped.status()).isEqualTo(429);
        assertThat(stopped.text("detail")).contains("Wait 10 minutes");
        // Another child is not held up by it.
        assertThat(school.asStudent(0).get("/api/v1/me").status()).isEqualTo(200);
    }

    /** Sent at once they would all be looked at before the first of them had failed. */
    @Test
    void of_many_pins_sent_at_once_no_more_are_looked_at_than_one_after_the_other(RealServer server) throws Exception {
        School school = new School(server);
        Api browser = server.browser();
        String path = "/api/v1/join/" + school.joinCode + "/session";
        ExecutorService many = Executors.newFixedThreadPool(40);
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            for (int i = 0; i < 150; i++) {
                Map<String, Object> guess = i == 120
                        ? right(school, 1)
                        : Map.of("studentId", school.students.get(1).id(), "pin", "%04d".formatted(i));
                answers.add(many.submit(() -> browser.post(path, guess).status()));
            }
            int looked = 0;
            for (Future<Integer> answer : answers) {
                looked += answer.get() == 429 ? 0 : 1;
            }
            assertThat(looked).isBetween(1, SignIn.STUDENT_FAILURES);
        } finally {
            many.shutdownNow();
        }
    }

    @Test
    void who_guesses_elsewhere_does_not_keep_a_child_from_its_own_tablet(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(1);
        assertThat(tablet.delete("/api/v1/session").status()).isEqualTo(204);
        guessUntilStopped(school, server.browser());
        String path = "/api/v1/join/" + school.joinCode + "/session";
        assertThat(server.browser().post(path, right(school, 1)).status()).isEqualTo(429);
        assertThat(tablet.post(path, right(school, 1)).status()).isEqualTo(200);
    }

    @Test
    void a_new_pin_lets_the_child_in_at_once_and_signs_out_who_came_in_by_the_old_one(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(1);
        Api before = server.browser();
        guessUntilStopped(school, before);
        String pin = school.asTeacher()
                .post(
                        "/api/v1/classes/" + school.classId + "/students/"
                                + school.students.get(1).id() + "/pins",
                        Map.of())
                .text("pin");
        assertThat(tablet.get("/api/v1/home").status()).isEqualTo(401);
        Map<String, Object> fresh = Map.of("studentId", school.students.get(1).id(), "pin", pin);
        assertThat(before.post("/api/v1/join/" + school.joinCode + "/session", fresh)
                        .status())
                .isEqualTo(200);
    }

    @Test
    void who_leaves_the_class_is_signed_out(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(1);
        assertThat(tablet.get("/api/v1/home").status()).isEqualTo(200);
        school.asTeacher()
                .delete("/api/v1/classes/" + school.classId + "/students/"
                        + school.students.get(1).id());
        assertThat(tablet.get("/api/v1/home").status()).isEqualTo(401);
        assertThat(school.asStudent(0).get("/api/v1/home").status()).isEqualTo(200);
    }

    @Test
    void wrong_codes_of_a_stranger_do_not_stop_the_schools_tablets(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(0);
        for (int i = 0; i < SignIn.CODES; i++) {
            assertThat(tablet.get("/api/v1/join/ZZZZZZ").status()).isEqualTo(404);
        }
        assertThat(tablet.get("/api/v1/join/" + school.joinCode).status()).isEqualTo(429);
        // Another device of the same address goes on.
        assertThat(server.browser().get("/api/v1/join/" + school.joinCode).status())
                .isEqualTo(200);
        assertThat(school.asStudent(1).get("/api/v1/join/" + school.joinCode).status())
                .isEqualTo(200);
    }

    @Test
    void a_stream_ends_when_who_listens_signs_out(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(0);
        String attempt = school.open(tablet);
        try (Stream<String> lines = tablet.events("/api/v1/attempts/" + attempt + "/live")) {
            Iterator<String> heard = lines.iterator();
            assertThat(heard.next()).contains("listening");
            tablet.delete("/api/v1/session");
            // Ends by itself; a stream that went on would beat for ever.
            heard.forEachRemaining(line -> assertThat(line).doesNotContain("moved"));
        }
    }

    @Test
    void nobody_has_more_than_a_few_streams_and_the_newest_are_heard(RealServer server) {
        School school = new School(server);
        Api tablet = school.asStudent(0);
        String path = "/api/v1/attempts/" + school.open(tablet) + "/live";
        List<Stream<String>> open = new ArrayList<>();
        Iterator<String> first = null;
        try {
            for (int i = 0; i < 20; i++) {
                Stream<String> lines = tablet.events(path);
                open.add(lines);
                Iterator<String> heard = lines.iterator();
                assertThat(heard.next()).contains("listening");
                first = first == null ? heard : first;
            }
            first.forEachRemaining(line -> {});
        } finally {
            open.forEach(Stream::close);
        }
    }

    private static Map<String, Object> right(School school, int student) {
        return Map.of("studentId", school.students.get(student).id(), "pin", School.PIN);
    }

    private static void guessUntilStopped(School school, Api browser) {
        Map<String, Object> guess = Map.of("studentId", school.students.get(1).id(), "pin", "0000");
        for (int i = 0; i < SignIn.STUDENT_FAILURES; i++) {
            browser.post("/api/v1/join/" + school.joinCode + "/session", guess);
        }
    }

    @Test
    void signing_in_changes_the_session_and_signing_out_ends_it(RealServer server) {
        School school = new School(server);
        Api browser = school.asTeacher();
        String first = browser.cookie("SESSION");
        assertThat(first).isNotEmpty();
        browser.signInTeacher(school.teacherName(), School.PASSWORD);
        assertThat(browser.cookie("SESSION")).isNotEqualTo(first);
        assertThat(browser.delete("/api/v1/session").status()).isEqualTo(204);
        Api.Answer after = browser.get("/api/v1/activities");
        assertThat(after.status()).isEqualTo(401);
        assertThat(after.text("detail")).contains("What was saved is safe");
    }

    @Test
    void the_session_cookie_is_out_of_reach_of_scripts_and_other_sites(RealServer server) {
        School school = new School(server);
        Api browser = server.browser();
        String header = browser.signInHeaders(school.teacherName(), School.PASSWORD).stream()
                .filter(cookie -> cookie.startsWith("SESSION="))
                .findFirst()
                .orElseThrow();
        assertThat(header).contains("HttpOnly").contains("SameSite=Lax");
    }

    @Test
    void a_change_without_the_token_is_refused(RealServer server) {
        School school = new School(server);
        Api browser = school.asTeacher();
        assertThat(browser.postWithoutToken("/api/v1/activities", Map.of("title", "Planted"))
                        .status())
                .isEqualTo(403);
    }
}
