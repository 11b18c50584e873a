package gladtile.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.TestDatabase;
import java.io.IOException;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The real server process loses its database and finds it again. */
class DatabaseAwayTest {
    @Test
    void with_the_database_away_that_is_said_at_once_and_all_goes_on_once_it_is_back() throws Exception {
        TestDatabase database = TestDatabase.make();
        int port = Integer.parseInt(database.url().replaceAll(".*:(\\d+)/.*", "$1"));
        try (Line line = new Line(port);
                DemoServer server =
                        DemoServer.start(database, database.url().replace(":" + port + "/", ":" + line.port() + "/"))) {
            Api teacher = new Api(server.address()).signInTeacher("mira", "telescope");
            // Of whom nothing was asked yet: their session is to be read, before anything else is.
            Api other = new Api(server.address()).signInTeacher("jonas", "eyepiece");
            assertThat(health(teacher)).isEqualTo(204);
            for (int i = 0; i < 5; i++) {
                // A connection that has just been used is taken again without being tried first.
                untilMade(teacher);
                line.cut();
                Api.Answer first = teacher.post("/api/v1/activities", Map.of("title", "Lost?"));
                assertThat(first.status()).as(first.text("detail")).isEqualTo(503);
                line.mend();
            }
            line.cut();
            until(teacher, 503);
            Api.Answer asked = teacher.post("/api/v1/activities", Map.of("title", "Lost?"));
            assertThat(asked.status()).as(asked.text("detail")).isEqualTo(503);
            assertThat(asked.text("detail")).contains("What was saved is safe");
            assertThat(other.get("/api/v1/activities").status()).isEqualTo(503);
            line.mend();
            until(teacher, 204);
            untilMade(teacher);
        }
    }

    private static int health(Api api) {
        return api.raw("/api/health").statusCode();
    }

    /** What is left of the broken connections may be met first, each once. */
    private static void untilMade(Api api) throws IOException {
        for (int i = 0; i < 50; i++) {
            Api.Answer made = api.post("/api/v1/activities", Map.of("title", "Found"));
            if (made.status() == 201) {
                return;
            }
            assertThat(made.status()).as(made.text("detail")).isEqualTo(503);
        }
        throw new IOException("nothing was made in 50 requests");
    }

    /** Asked again and again: each answer comes at once, so this is no waiting for a time to pass. */
    private static void until(Api api, int status) throws IOException {
        for (int i = 0; i < 400_000; i++) {
            if (health(api) == status) {
                return;
            }
            Thread.onSpinWait();
        }
        throw new IOException("health never said " + status);
    }
}
