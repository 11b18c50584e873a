package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** An administrator invites a colleague, who comes, teaches, and leaves; and what is left of it in the log. */
@ExtendWith(RealServer.class)
class SchoolTest {
    private final Browser browser = new Browser();
    private School school;
    private String address;
    private Page administrator;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        address = server.address();
        administrator = browser.device(false);
        Browser.signIn(administrator, address, school.administratorName(), School.PASSWORD);
        administrator.getByRole(AriaRole.LINK, named("School")).click();
        row("Teacher").waitFor();
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

    private Locator row(String name) {
        return administrator
                .locator(".el-table__row")
                .filter(new Locator.FilterOptions()
                        .setHas(administrator
                                .locator("strong")
                                .getByText(name, new Locator.GetByTextOptions().setExact(true))));
    }

    private void tab(String name) {
        administrator.getByRole(AriaRole.TAB, named(name)).click();
    }

    private void does(String name, String what) {
        administrator.getByLabel("What to do with " + name).click();
        administrator.getByRole(AriaRole.MENUITEM, named(what)).click();
    }

    @Test
    void a_colleague_is_invited_comes_and_is_let_go() {
        assertThat(Browser.barriers(administrator)).isEmpty();
        String userName = "taro-" + school.suffix();
        button(administrator, "Invite a teacher").click();
        administrator
                .getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                .fill("Taro Lind");
        administrator.getByLabel("User name, to sign in with").fill(userName);
        assertThat(Browser.barriers(administrator)).isEmpty();
        button(administrator, "Make the link").click();
        String link = administrator.locator(".address").textContent().strip();
        button(administrator, "Close").click();
        assertThat(row("Taro Lind")).containsText("invited, link good until");

        Page taro = browser.device(true);
        taro.navigate(link);
        taro.getByLabel("New password").fill("telescope1");
        button(taro, "Come in").click();
        assertThat(taro.getByRole(AriaRole.ALERT)).containsText("guessed soon");
        assertThat(Browser.barriers(taro)).isEmpty();
        taro.getByLabel("New password").fill(School.STRONG);
        button(taro, "Come in").click();
        taro.waitForURL("**/activities");
        assertThat(taro.getByRole(AriaRole.LINK, named("School"))).hasCount(0);
        // Once only.
        Page again = browser.device(false);
        again.navigate(link);
        assertThat(again.getByRole(AriaRole.ALERT)).containsText("This link was used");

        // They are given a class, and see it.
        tab("Classes");
        administrator
                .getByRole(AriaRole.COMBOBOX, named("Who works with Heron"))
                .press("Enter");
        administrator.getByRole(AriaRole.OPTION, named("Taro Lind")).click();
        taro.waitForCondition(() -> {
            taro.navigate(address + "/classes");
            taro.locator("h1").waitFor();
            return taro.getByText("Heron").count() > 0;
        });

        // Their own account.
        taro.navigate(address + "/account");
        taro.getByLabel("Your password now").fill(School.STRONG);
        taro.getByLabel("New password").fill(School.STRONG + "-anew");
        button(taro, "Change it").click();
        assertThat(taro.getByText("Your password is changed")).isVisible();
        assertThat(Browser.barriers(taro)).isEmpty();

        tab("People");
        does("Taro Lind", "Deactivate");
        Browser.answer(administrator, "Deactivate");
        assertThat(row("Taro Lind")).containsText("may not sign in");
        taro.navigate(address + "/activities");
        taro.waitForURL("**/sign-in**");
        does("Taro Lind", "Let them sign in again");
        assertThat(row("Taro Lind")).not().containsText("may not sign in");
        Browser.signIn(taro, address, userName, School.STRONG + "-anew");

        tab("Activity log");
        for (String what :
                new String[] {"Invited", "Invitation taken", "Password changed", "Deactivated", "Let in again"}) {
            assertThat(administrator.locator(".log").getByText(what, new Locator.GetByTextOptions().setExact(true)))
                    .hasCount(1);
        }
        assertThat(Browser.barriers(administrator)).isEmpty();
        Browser.look(administrator, "school-log");
    }

    @Test
    void the_school_is_named_anew_and_the_last_administrator_stays() {
        tab("Settings");
        administrator.getByLabel("Name of the school").fill("Valley school");
        button(administrator, "Save").click();
        assertThat(administrator.locator("h1")).hasText("Valley school");
        assertThat(Browser.barriers(administrator)).isEmpty();
        tab("People");
        does("Administrator", "Deactivate");
        Browser.answer(administrator, "Deactivate");
        assertThat(administrator.locator(".note[role=alert]")).containsText("the only administrator");
    }

    @Test
    void many_are_imported_at_once_and_somebody_who_leaves_is_erased() {
        button(administrator, "Import…").click();
        String table = "name,user name,role\nSelma Ray,selma-%1$s,teacher\nBea Dune,bea-%1$s,assistant\nCy,cy,pupil\n"
                .formatted(school.suffix());
        administrator.getByLabel("The table").fill(table);
        button(administrator, "Look at it").click();
        assertThat(administrator.getByText("Line 4: “pupil” is no role of staff."))
                .isVisible();
        assertThat(Browser.barriers(administrator)).isEmpty();
        button(administrator, "Invite 2 people").click();
        assertThat(administrator.locator(".el-dialog .address")).hasCount(2);
        assertThat(Browser.barriers(administrator)).isEmpty();
        button(administrator, "Close").click();
        assertThat(row("Bea Dune")).containsText("invited");

        tab("Data and backup");
        administrator.getByLabel("Find a student or teacher by name").fill("cyr");
        administrator.keyboard().press("Enter");
        Page.WaitForDownloadOptions patient = new Page.WaitForDownloadOptions();
        assertThat(administrator
                        .waitForDownload(
                                patient,
                                () -> administrator
                                        .getByLabel("Save all data of Cyrus")
                                        .click())
                        .suggestedFilename())
                .startsWith("person-")
                .endsWith(".zip");
        button(administrator, "Erase Cyrus").click();
        assertThat(administrator.getByText("What goes")).isVisible();
        assertThat(Browser.barriers(administrator)).isEmpty();
        assertThat(button(administrator, "Erase for good")).isDisabled();
        administrator.getByLabel("Type the name to go on").fill("Cyrus");
        button(administrator, "Erase for good").click();
        assertThat(administrator.getByText("Erased. Nothing here tells of them any more."))
                .isVisible();
        administrator.keyboard().press("Escape");
        assertThat(button(administrator, "Erase Cyrus")).hasCount(0);
        tab("Activity log");
        assertThat(administrator.getByText("Person erased").first()).isVisible();
    }

    /** Whatever an assistant finds to press on the screens of their classes, none of it is refused. */
    @Test
    void an_assistant_is_offered_nothing_that_would_be_refused() {
        Api student = school.asStudent(0);
        String attempt = "/api/v1/attempts/" + school.open(student);
        student.post(
                attempt + "/moves", School.moves(School.put("sun", 110, 110), School.move(Map.of("kind", "hand-in"))));
        Page assistant = browser.device(false);
        Browser.signIn(assistant, address, "assistant-" + school.suffix(), School.PASSWORD);
        List<String> refused = new ArrayList<>();
        assistant.onResponse(answer -> {
            if (answer.status() == 403) {
                refused.add(answer.request().method() + " " + answer.url());
            }
        });
        String assigned = "/assigned/" + school.assignmentId;
        int pressed = 0;
        // Each screen with what is there once it has loaded.
        Map<String, String> screens = Map.of(
                "/activities",
                "main p",
                "/classes",
                "main a[href*='/classes/']",
                "/classes/" + school.classId,
                ".students li",
                "/assigned",
                "main a[href*='/assigned/']",
                assigned,
                "main :text('Ada')",
                assigned + "/results",
                "main :text('Reliability')",
                assigned + "/review",
                ".say");
        for (String screen : screens.keySet()) {
            Locator buttons = assistant.locator("main button:enabled:visible, aside button:enabled:visible");
            for (int i = 0, there = 1; i < there; i++) {
                assistant.navigate(address + screen);
                assistant.locator(screens.get(screen)).first().waitFor();
                there = buttons.count();
                if (i < there) {
                    buttons.nth(i).click();
                    pressed++;
                }
            }
        }
        // The lines of the class, the ways to sort and to look, the pages of a work.
        assertThat(pressed).isGreaterThan(5);
        assertThat(refused).isEmpty();
    }

    @Test
    void others_do_not_come_to_the_schools_screen() {
        Page teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        assertThat(teacher.getByRole(AriaRole.LINK, named("School"))).hasCount(0);
        teacher.navigate(address + "/school");
        teacher.waitForURL("**/activities");
    }
}
