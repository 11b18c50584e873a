package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.edit.RemoveItem;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a teacher changes while somebody works: taken back, brought up to date, given more time. */
@ExtendWith(RealServer.class)
class MeanwhileTest {
    private final Browser browser = new Browser();
    private School school;
    private RealServer server;

    @BeforeEach
    void begin(RealServer server) {
        this.server = server;
        school = new School(server);
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private Page ada(Lesson lesson) {
        Page ada = browser.device(true);
        String code = lesson.teacher
                .get(lesson.at + "/progress")
                .json()
                .path("joinCode")
                .asString();
        Browser.join(ada, server.address(), code, "Ada", School.PIN);
        pieceLike(ada, "sun").waitFor();
        return ada;
    }

    private static String focused(Page page) {
        return String.valueOf(page.evaluate("() => document.activeElement?.tagName ?? ''"));
    }

    @Test
    void what_is_taken_back_says_so_at_once_and_leads_to_the_other_work() {
        Lesson lesson = Lesson.give(school, Map.of());
        Page ada = ada(lesson);
        Browser.drag(ada, pieceLike(ada, "sun"), ada.locator("[data-zone='own']"));
        assertThat(pieceLike(ada, "sun, belongs")).isVisible();
        lesson.teacher.put(lesson.at + "/withdrawal", Map.of());
        assertThat(ada.getByText("Your teacher took this work back")).isVisible();
        assertThat(pieceLike(ada, "sun")).hasCount(0);
        Browser.look(ada, "taken-back");
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(ada)).isEmpty();
        ada.locator("main .btn").click();
        ada.waitForURL("**/home");
        assertThat(ada.getByText("Hello Ada")).isVisible();
    }

    @Test
    void a_newer_version_tells_what_is_gone_of_what_was_done() {
        Lesson lesson = Lesson.give(school, Map.of());
        Page ada = ada(lesson);
        Browser.drag(ada, pieceLike(ada, "moon"), ada.locator("[data-zone='reflect']"));
        assertThat(pieceLike(ada, "moon, belongs")).isVisible();
        school.edit(new RemoveItem("light", "moon"));
        lesson.teacher.post(lesson.at + "/version-update", Map.of());
        assertThat(ada.getByText("Your teacher changed these pages. moon is gone. The rest is still here"))
                .isVisible();
        Browser.look(ada, "changed-meanwhile");
        button(ada, "Put away").click();
        assertThat(ada.getByText("Your teacher changed these pages")).isHidden();
        assertThat(ada.getByText("0 of 1 placed")).isVisible();
    }

    @Test
    void more_minutes_are_given_though_there_is_a_due_date_and_a_far_one_tells_its_year() {
        Lesson lesson = Lesson.give(school, Map.of("seconds", 600, "dueAt", "2098-05-03T15:00"));
        Page ada = ada(lesson);
        assertThat(ada.getByText("3 May 2098")).isVisible();
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/assigned/" + lesson.assignmentId);
        teacher.getByLabel("Who").selectOption("Ada");
        Locator dialog = teacher.locator("dialog.extend");
        button(teacher, "Give it").click();
        assertThat(dialog.getByText("Nothing is changed yet")).isVisible();
        dialog.getByLabel(Pattern.compile("^Minutes on top")).fill("5");
        button(teacher, "Give it").click();
        assertThat(dialog).isHidden();
        Api student = lesson.student(0);
        double left = lesson.open(student)
                .json()
                .path("progress")
                .path("left")
                .path("")
                .asDouble();
        org.assertj.core.api.Assertions.assertThat(left).isGreaterThan(600_000);
    }

    @Test
    void the_sheet_for_home_has_the_date_and_the_pages_as_they_were_left() {
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        Lesson.moves(
                ada, lesson.attempt(ada), School.put("sun", 200, 200), School.put("moon", 200, 400), Lesson.handIn());
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/assigned/" + lesson.assignmentId + "/review");
        Browser.link(teacher, "Sheet for home").click();
        assertThat(teacher.getByText(Pattern.compile("^Handed in on \\d+ \\w+ 20\\d\\d$")))
                .isVisible();
        assertThat(teacher).hasTitle("Ada, Night sky");
        assertThat(teacher.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Light? as Ada left it")))
                .isVisible();
        assertThat(teacher.getByText("right at the first try")).isVisible();
        assertThat(teacher.getByText("tried once, not right yet")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(teacher)).isEmpty();
        var file = teacher.waitForDownload(
                () -> Browser.link(teacher, "Without pictures").click());
        org.assertj.core.api.Assertions.assertThat(file.suggestedFilename()).isEqualTo("Ada, Night sky.pdf");
    }

    @Test
    void the_keys_have_a_place_after_the_code_after_coming_in_and_after_the_last_next() {
        Lesson lesson = Lesson.give(school, Map.of());
        String code = lesson.teacher
                .get(lesson.at + "/progress")
                .json()
                .path("joinCode")
                .asString();
        Page ada = browser.device(false);
        ada.navigate(server.address() + "/join");
        ada.getByLabel("Code").fill(code);
        ada.keyboard().press("Enter");
        button(ada, "Ada").waitFor();
        org.assertj.core.api.Assertions.assertThat(focused(ada)).isEqualTo("H1");
        ada.keyboard().press("Tab");
        org.assertj.core.api.Assertions.assertThat(focused(ada)).isEqualTo("BUTTON");
        button(ada, "Ada").press("Enter");
        ada.getByLabel("Your PIN").fill(School.PIN);
        ada.keyboard().press("Enter");
        ada.waitForURL("**/work/**");
        pieceLike(ada, "sun").waitFor();
        ada.waitForFunction("() => document.activeElement !== document.body");
        button(ada, "Next").press("Enter");
        assertThat(ada.getByText(Pattern.compile("^Page 2"))).isVisible();
        ada.waitForFunction("() => document.activeElement && document.activeElement !== document.body");
        assertThat(buttonLike(ada, "Hand in")).isVisible();
    }
}
