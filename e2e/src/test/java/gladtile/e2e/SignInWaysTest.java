package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Without a password: by a key in one's device (Chromium's virtual authenticator), and by an account elsewhere. */
@ExtendWith(RealServer.class)
class SignInWaysTest {
    private final Browser browser = new Browser();
    private School school;
    private String address;
    private Page teacher;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        // Passkeys belong to names.
        address = server.address().replace("127.0.0.1", "localhost");
        teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
    }

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private static void signOut(Page page) {
        button(page, "Sign out").click();
        page.waitForURL("**/sign-in**");
    }

    private static JsonObject authenticator() {
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        options.addProperty("automaticPresenceSimulation", true);
        JsonObject asked = new JsonObject();
        asked.add("options", options);
        return asked;
    }

    @Test
    void a_passkey_is_added_lets_in_and_once_removed_lets_nobody_in() {
        CDPSession devices = teacher.context().newCDPSession(teacher);
        devices.send("WebAuthn.enable");
        devices.send("WebAuthn.addVirtualAuthenticator", authenticator());
        teacher.navigate(address + "/account");
        teacher.getByLabel("Name of this device").fill("Board tablet 🔭");
        button(teacher, "Add a passkey").click();
        assertThat(teacher.getByText("The passkey is added. You can sign in with it now."))
                .isVisible();
        assertThat(Browser.barriers(teacher)).isEmpty();

        signOut(teacher);
        button(teacher, "With a passkey").click();
        teacher.waitForURL("**/activities");
        assertThat(teacher.getByText("Teacher", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        // A second one for the same device is not made: it knows that it has one.
        teacher.navigate(address + "/account");
        button(teacher, "Add a passkey").click();
        assertThat(teacher.getByRole(AriaRole.ALERT)).isVisible();

        button(teacher, "Remove the passkey Board tablet 🔭").click();
        assertThat(teacher.getByText("The passkey is removed.")).isVisible();
        signOut(teacher);
        button(teacher, "With a passkey").click();
        assertThat(teacher.getByText("This passkey is not known here.")).isVisible();
        // An administrator's log tells of all of it.
        String log = school.asAdministrator().get("/api/v1/school/log").json().toString();
        assertThat(log).contains("PASSKEY_ADDED", "PASSKEY_REMOVED", "\"by\":\"passkey\"");
    }

    @Test
    void what_a_device_signed_for_another_question_or_for_nobody_is_not_taken() {
        Api stranger = new Api(address);
        Map<String, Object> made = Map.of(
                "id",
                "AAAA",
                "rawId",
                "AAAA",
                "type",
                "public-key",
                "clientExtensionResults",
                Map.of(),
                "response",
                Map.of("clientDataJSON", "e30", "authenticatorData", "AAAA", "signature", "AAAA"));
        // Nothing was asked before.
        assertThat(stranger.post("/api/v1/passkey-sign-ins", Map.of("credential", made))
                        .status())
                .isEqualTo(401);
        stranger.post("/api/v1/passkey-challenges", Map.of());
        assertThat(stranger.post("/api/v1/passkey-sign-ins", Map.of("credential", made))
                        .status())
                .isEqualTo(401);
        assertThat(stranger.get("/api/v1/me").status()).isEqualTo(401);
    }

    /** The stand-in as the start command starts it. */
    private static Process identity(int port, String back) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-jar",
                        "../identity-stand-in/target/identity-stand-in-0.1.0-app.jar",
                        "--server.port=" + port,
                        "--identity.issuer=http://127.0.0.1:" + port,
                        "--identity.back=" + back)
                .redirectErrorStream(true)
                .redirectOutput(new File("target/identity.log"))
                .start();
        HttpRequest asked = HttpRequest.newBuilder(
                        URI.create("http://127.0.0.1:" + port + "/.well-known/openid-configuration"))
                .build();
        long until = System.nanoTime() + Duration.ofSeconds(120).toNanos();
        while (System.nanoTime() < until && process.isAlive()) {
            try {
                if (HttpClient.newHttpClient()
                                .send(asked, HttpResponse.BodyHandlers.discarding())
                                .statusCode()
                        == 200) {
                    return process;
                }
            } catch (IOException notYet) {
                process.waitFor(100, TimeUnit.MILLISECONDS);
            }
        }
        throw new IllegalStateException("the identity provider did not start; target/identity.log says why");
    }

    private void comesBackFromIdentity(Page page, String name) {
        page.locator("input[name=username]").fill(name);
        page.locator("input[name=password]").fill("comet");
        page.locator("input[name=password]").press("Enter");
    }

    @Test
    void an_account_elsewhere_is_connected_once_and_lets_in_whoever_connected_it_and_nobody_of_like_name()
            throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process identity = identity(port, address + "/sign-in/back");
        Page administrator = browser.device(false);
        try {
            Browser.signIn(administrator, address, school.administratorName(), School.PASSWORD);
            administrator.getByRole(AriaRole.LINK, named("School")).click();
            administrator.getByRole(AriaRole.TAB, named("Settings")).click();
            administrator.getByLabel("Name on the button").fill("Ridge account");
            administrator.getByLabel("Address of the identity provider").fill("http://127.0.0.1:" + port + "/no");
            administrator.getByLabel("Client ID").fill("glad-tile");
            administrator.getByLabel("Client secret").fill("hilltop");
            button(administrator, "Check and save").click();
            assertThat(administrator.getByText("There is no answer at that address"))
                    .isVisible();
            administrator.getByLabel("Address of the identity provider").fill("http://127.0.0.1:" + port);
            button(administrator, "Check and save").click();
            assertThat(administrator.getByText("Saved. It answered as an identity provider does."))
                    .isVisible();
            assertThat(Browser.barriers(administrator)).isEmpty();

            // Nobody's yet: whoever has it there is let in by no name that is alike.
            Page other = browser.device(false);
            other.navigate(address + "/sign-in");
            other.getByText("With Ridge account").click();
            comesBackFromIdentity(other, "mira.sol");
            assertThat(other.getByText("That account belongs to nobody here yet."))
                    .isVisible();
            assertThat(Browser.barriers(other)).isEmpty();

            teacher.navigate(address + "/account");
            teacher.getByText("Connect Ridge account").click();
            comesBackFromIdentity(teacher, "mira.sol");
            assertThat(teacher.getByText("It is connected. You can sign in with it now."))
                    .isVisible();
            // There one is signed in still, so one press is enough here.
            signOut(teacher);
            teacher.getByText("With Ridge account").click();
            teacher.waitForURL("**/activities");
            assertThat(teacher.getByText("Teacher", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();

            // Somebody else's here it cannot become.
            Browser.signIn(other, address, "other-" + school.suffix(), School.PASSWORD);
            other.navigate(address + "/account");
            other.getByText("Connect Ridge account").click();
            assertThat(other.getByText("That account is connected with somebody else here."))
                    .isVisible();

            // Who may not sign in any more comes in by no way.
            school.asAdministrator()
                    .put("/api/v1/school/people/" + school.teacher.id() + "/state", Map.of("active", false));
            teacher.navigate(address + "/sign-in/with/school");
            assertThat(teacher.getByText("That account belongs to nobody here yet."))
                    .isVisible();
        } finally {
            school.asAdministrator().delete("/api/v1/school/identity-provider");
            identity.destroyForcibly();
        }
    }
}
