package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Teachers' screens in their own language, from right to left too. */
@ExtendWith(RealServer.class)
class TeachersLanguageTest {
    /** Names of keys, kinds of files and languages are written alike everywhere. */
    private static final List<String> ALIKE = List.of(
            "Ctrl",
            "Shift",
            "Alt",
            "Esc",
            "Enter",
            "Delete",
            "Tab",
            "Home",
            "End",
            "F2",
            "F8",
            "CSV",
            "PDF",
            "PNG",
            "JPEG",
            "WebP",
            "GIF",
            "SVG",
            "MP4",
            "WebM",
            "Ogg",
            "WebVTT",
            "https://",
            "https",
            "http://",
            "mailto:",
            "localhost",
            "English",
            "Deutsch",
            "Français",
            "Español",
            "UTC",
            "Andika",
            "Lexend",
            "Atkinson",
            "Open dyslexic",
            "OpenMoji",
            "CC BY-SA",
            "CC BY",
            "OneRoster",
            "OpenConnect",
            "OpenID Connect",
            "issuer",
            "Chrome",
            "Firefox",
            "Linux");

    private final Browser browser = new Browser();
    private School school;
    private String address;
    private Page teacher;
    private AssignmentService.Given given;

    @BeforeEach
    void begin(RealServer server) {
        school = new School(server);
        address = server.address();
        given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        teacher = browser.device(false);
    }

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private void speak(String language) {
        assertThat(school.asTeacher()
                        .put("/api/v1/me/language", Map.of("language", language))
                        .status())
                .isEqualTo(200);
    }

    private void holds(String path, String waitFor) {
        teacher.navigate(address + path);
        teacher.locator(waitFor).first().waitFor();
        LatinWords.none(teacher, school, names(), path);
        assertThat(Browser.barriers(teacher)).as(path).isEmpty();
        assertThat(teacher.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
                .as("%s is no wider than the window", path)
                .isEqualTo(true);
    }

    private List<String> names() {
        List<String> all = new java.util.ArrayList<>(ALIKE);
        all.addAll(List.of("Other teacher", "Teacher", "Assistant", "Administrator", given.joinCode()));
        all.add(given.joinCode().substring(0, 3));
        all.add(given.joinCode().substring(3));
        String code =
                school.asTeacher().get("/api/v1/classes/" + school.classId).text("joinCode");
        all.addAll(List.of(code, code.substring(0, 3), code.substring(3)));
        return all;
    }

    @Test
    void every_screen_is_in_arabic_and_nothing_on_it_in_english() {
        speak("ar");
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        assertThat(teacher.locator("html")).hasAttribute("dir", "rtl");
        String activity = "/activities/" + school.activityId;
        String assigned = "/assigned/" + given.id();
        holds("/activities", "main a, main .card");
        holds(activity + "/lay-out", ".sheet [data-item]");
        teacher.locator(".sheet [data-item]").first().focus();
        teacher.keyboard().press("Enter");
        LatinWords.none(teacher, school, names(), "settings");
        holds(activity + "/answers", ".grid [role='gridcell'], .grid button");
        holds(activity + "/links", ".card");
        holds(activity + "/try", ".sheet");
        holds(activity + "/assign", "input[type='radio']");
        holds("/classes", "main a");
        holds("/classes/" + school.classId, ".students li");
        holds("/assigned", "main a");
        holds(assigned, "table");
        holds(assigned + "/results", "h1");
        holds(assigned + "/review", "main");
        holds("/review", "main");
        holds("/account", "table");
        holds("/outbox", "main");
        holds("/present/" + school.activityId, ".sheet");
    }

    @Test
    void a_language_is_chosen_under_ones_account_and_holds_on_every_device() {
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        teacher.navigate(address + "/account");
        assertThat(teacher.locator("h1")).hasText("Your account");
        teacher.locator(".el-select").first().click();
        teacher.getByText("Deutsch").click();
        assertThat(teacher.locator("h1")).hasText("Dein Konto");
        assertThat(teacher).hasTitle("Dein Konto · Glad Tile");
        Page other = browser.device(false);
        Browser.signIn(other, address, school.teacherName(), School.PASSWORD);
        assertThat(other.locator("h1")).hasText("Aktivitäten");
    }
}
