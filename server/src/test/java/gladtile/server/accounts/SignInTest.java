package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.crypto.password.PasswordEncoder;

@ExtendWith(RealServer.class)
class SignInTest {
    private static final Instant NOON = Instant.parse("2026-11-24T12:00:00Z");

    @Test
    void an_unknown_name_and_a_wrong_password_get_the_same_answer(RealServer server) {
        School school = new School(server);
        Api.Answer unknown = server.browser().post("/api/sign-in", Map.of("name", "nobody-here", "password", "x"));
        Api.Answer wrong = server.browser().post("/api/sign-in", Map.of("name", school.teacherName(), "password", "x"));
        assertThat(unknown.status()).isEqualTo(401);
        assertThat(unknown.json()).isEqualTo(wrong.json());
    }

    @Test
    void an_unknown_name_costs_a_hash_too() {
        PersonStore store = mock(PersonStore.class);
        PasswordEncoder secrets = mock(PasswordEncoder.class);
        when(secrets.encode(any())).thenReturn("hash");
        when(store.teacher(anyString())).thenReturn(Optional.empty());
        SignIn signIn = new SignIn(store, secrets, Clock.fixed(NOON, ZoneOffset.UTC));
        assertThat(signIn.teacher("nobody", "x")).isInstanceOf(SignIn.Wrong.class);
        verify(secrets, times(1)).matches("x", "hash");
    }

    @Test
    void after_too_many_failures_not_even_the_right_password_is_looked_at() {
        PersonStore store = mock(PersonStore.class);
        PasswordEncoder secrets = mock(PasswordEncoder.class);
        OffsetDateTime since = OffsetDateTime.ofInstant(NOON, ZoneOffset.UTC).minus(SignIn.WINDOW);
        when(store.failuresSince("teacher:mira", since)).thenReturn(SignIn.TEACHER_FAILURES);
        SignIn signIn = new SignIn(store, secrets, Clock.fixed(NOON, ZoneOffset.UTC));
        assertThat(signIn.teacher("Mira", "telescope")).isInstanceOf(SignIn.Wait.class);
        verify(secrets, never()).matches(any(), any());
    }

    @Test
    void guessing_a_pin_is_stopped_and_says_how_long(RealServer server) {
        School school = new School(server);
        Api browser = server.browser();
        String path = "/api/join/" + school.joinCode + "/sign-in";
        Map<String, Object> guess = Map.of("studentId", school.students.get(1).id(), "pin", "0000");
        for (int i = 0; i < SignIn.STUDENT_FAILURES; i++) {
            assertThat(browser.post(path, guess).status()).isEqualTo(401);
        }
        Api.Answer stopped =
                browser.post(path, Map.of("studentId", school.students.get(1).id(), "pin", School.PIN));
        assertThat(stopped.status()).isEqualTo(429);
        assertThat(stopped.text("detail")).contains("10 minutes");
        // Another child is not held up by it.
        assertThat(school.asStudent(0).get("/api/me").status()).isEqualTo(200);
    }

    @Test
    void signing_in_changes_the_session_and_signing_out_ends_it(RealServer server) {
        School school = new School(server);
        Api browser = school.asTeacher();
        String first = browser.cookie("SESSION");
        assertThat(first).isNotEmpty();
        browser.signInTeacher(school.teacherName(), School.PASSWORD);
        assertThat(browser.cookie("SESSION")).isNotEqualTo(first);
        assertThat(browser.post("/api/sign-out", Map.of()).status()).isEqualTo(204);
        Api.Answer after = browser.get("/api/activities");
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
        assertThat(browser.postWithoutToken("/api/activities", Map.of("title", "Planted"))
                        .status())
                .isEqualTo(403);
    }
}
