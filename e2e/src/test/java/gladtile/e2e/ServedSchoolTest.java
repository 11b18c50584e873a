package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.School;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Served as a service is: from nothing to a school of one's own, and back again after its programs were killed. */
class ServedSchoolTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final long PATIENCE_NANOS = TimeUnit.MINUTES.toNanos(4);

    private final Browser browser = new Browser();
    private Path data;
    private Path said;
    private Process serving;
    private String address;

    @BeforeEach
    void serve() throws Exception {
        // Where the database's own user may enter.
        data = Files.createTempDirectory(Path.of("/var/tmp"), "glad-served-test-");
        run("chmod", "711", data.toString());
        said = data.resolve("said.log");
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        address = "http://127.0.0.1:" + port;
        Path settings = data.resolve("glad.conf");
        Files.writeString(settings, "# for a test\nport = %d\ndata = %s\nmail = off\n".formatted(port, data));
        ProcessBuilder builder =
                new ProcessBuilder(ROOT.resolve("glad").toString(), "serve", "--config", settings.toString());
        // It lives too short for the last stage of compiling to pay.
        builder.environment().put("GLAD_TIER", "1");
        serving = builder.directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        Ready.wait(address, serving);
    }

    @AfterEach
    void stop() throws Exception {
        browser.close();
        serving.destroy();
        if (!serving.waitFor(60, TimeUnit.SECONDS)) {
            serving.destroyForcibly();
        }
        run(ROOT.resolve("tools/cluster").toString(), "drop", data + "/db");
        run("rm", "-rf", data.toString());
    }

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String words = new String(process.getInputStream().readAllBytes());
        process.waitFor();
        return words;
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private static void waitFor(String what, java.util.concurrent.Callable<Boolean> there) throws Exception {
        long until = System.nanoTime() + PATIENCE_NANOS;
        while (!there.call()) {
            assertThat(System.nanoTime()).as("still waiting: %s", what).isLessThan(until);
            TimeUnit.MILLISECONDS.sleep(100);
        }
    }

    private String first(Path file) throws IOException {
        return Files.readAllLines(file).get(0).strip();
    }

    private static boolean runs(String pid) {
        return ProcessHandle.of(Long.parseLong(pid))
                .filter(ProcessHandle::isAlive)
                .isPresent();
    }

    @Test
    void a_school_is_set_up_a_colleague_comes_and_both_go_on_after_server_and_database_were_killed() throws Exception {
        Page administrator = browser.device(false);
        String link = Files.readAllLines(said).stream()
                .filter(line -> line.startsWith("SET UP YOUR SCHOOL: "))
                .findFirst()
                .orElseThrow()
                .replace("SET UP YOUR SCHOOL: ", "");
        assertThat(link).startsWith(address + "/set-up#");
        administrator.navigate(link);
        administrator.getByLabel("Name of the school").fill("Ridge school 🔭");
        administrator.getByLabel("Your name").fill("Ilva Stern");
        administrator.getByLabel("User name, to sign in with").fill("ilva");
        administrator.locator("input[type=password]").fill("password12");
        assertThat(Browser.barriers(administrator)).isEmpty();
        button(administrator, "Set it up").click();
        // A password that everybody tries first is refused, and what was typed stays.
        assertThat(administrator.getByRole(AriaRole.ALERT)).isVisible();
        administrator.locator("input[type=password]").fill(School.STRONG);
        button(administrator, "Set it up").click();
        administrator.waitForURL("**/school");
        assertThat(administrator.getByRole(AriaRole.HEADING, named("Ridge school 🔭")))
                .isVisible();

        button(administrator, "Invite a teacher").click();
        administrator
                .getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                .fill("Odo Fern");
        administrator.getByLabel("User name, to sign in with").fill("odo");
        button(administrator, "Make the link").click();
        String invitation = administrator.locator(".address").textContent().strip();
        button(administrator, "Close").click();
        Page colleague = browser.device(false);
        colleague.navigate(invitation);
        colleague.locator("input[type=password]").first().waitFor();
        assertThat(Browser.barriers(colleague)).isEmpty();
        for (var field : colleague.locator("input[type=password]").all()) {
            field.fill(School.STRONG + "-odo");
        }
        colleague.locator("button.pri").click();
        colleague.waitForURL("**/activities");

        String server = first(data.resolve("server.pid"));
        run("kill", "-9", server);
        waitFor(
                "another server",
                () -> !first(data.resolve("server.pid")).equals(server) && runs(first(data.resolve("server.pid"))));
        Ready.wait(address, serving);
        administrator.reload();
        assertThat(administrator.locator(".el-table__row").getByText("Odo Fern"))
                .isVisible();

        String database = first(data.resolve("db/pg/postmaster.pid"));
        run("kill", "-9", database);
        waitFor("the database to be gone", () -> !runs(database));
        waitFor(
                "another database",
                () -> Files.exists(data.resolve("db/pg/postmaster.pid"))
                        && !first(data.resolve("db/pg/postmaster.pid")).equals(database));
        Ready.wait(address, serving);
        colleague.reload();
        colleague.getByRole(AriaRole.LINK, named("Activities")).waitFor();
        assertThat(Files.readString(said))
                .contains("the server had ended and is started again", "the database had stopped and is started again");
        // The server is no superuser, and neither is who changes its tables.
        String connect = Files.readString(data.resolve("db/connect.env"));
        assertThat(connect).contains("GLAD_DB_SERVE_USER=glad_serve");
        String status = run(ROOT.resolve("glad").toString(), "status", "--config", data + "/glad.conf");
        assertThat(status).contains("healthy", "connections of the server", "Backup      none yet");

        serving.destroy();
        assertThat(serving.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(serving.exitValue()).isZero();
        assertThat(browser.mishaps())
                .allMatch(one -> List.of("Failed", "net::").stream().anyMatch(one::contains));
    }

    @Test
    void settings_that_mean_nothing_are_refused_by_their_line() throws Exception {
        for (List<String> one : List.of(
                List.of("colour = green", "line 1: there is no setting 'colour'"),
                List.of("\nport 80", "line 2: 'port 80' is no setting"),
                List.of("mail = on", "mail is 'off'"),
                List.of("port = 99999", "the port is a number from 1 to 65535"),
                List.of("public-address = tiles.school", "public-address is like https://"),
                List.of("trusted-proxies = proxy.school", "trusted-proxies are numbers of machines"),
                List.of("storage-limit = much", "storage-limit is a number of gigabytes"))) {
            Path file = data.resolve("other.conf");
            Files.writeString(file, one.get(0) + "\ndata = " + data + "/other\n");
            String words = run(ROOT.resolve("glad").toString(), "serve", "--config", file.toString());
            assertThat(words).contains(one.get(1), "Nothing was started.");
        }
    }
}
