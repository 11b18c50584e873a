package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each screen under axe's rules, and what happens when two tabs or a lost session meet a screen. */
@ExtendWith(RealServer.class)
class ScreensTest {
    private final Browser browser = new Browser();

    @AfterEach
    void close() {
        browser.close();
    }

    @Test
    void no_screen_has_a_barrier_that_axe_finds(RealServer server) {
        School school = new School(server);
        school.asStudent(0)
                .post(
                        "/api/v1/attempts/" + school.open(school.asStudent(0)) + "/moves",
                        School.moves(School.put("moon", 300, 300), School.put("sun", 300, 300)));
        String address = server.address();
        Page nobody = browser.device(false);
        nobody.navigate(address + "/sign-in");
        check(nobody, "Sign in");
        nobody.navigate(address + "/join/" + school.joinCode);
        check(nobody, "Who are you?");
        nobody.navigate(address + "/nowhere");
        check(nobody, "There is nothing");

        Page teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        check(teacher, "Night sky");
        Browser.button(teacher, "New activity").click();
        check(teacher, "Make it");
        teacher.navigate(address + "/classes");
        check(teacher, "3 students");
        teacher.navigate(address + "/assigned");
        check(teacher, "1 of 3 joined");
        teacher.navigate(address + "/assigned/" + school.assignmentId);
        check(teacher, "Right now");
        teacher.navigate(address + "/assigned/" + school.assignmentId + "/students/"
                + school.students.get(0).id());
        check(teacher, "1 of 2 placed");
        String activity = address + "/activities/" + school.activityId;
        teacher.navigate(activity + "/lay-out");
        check(teacher, "This page");
        Browser.buttonLike(teacher, "moon, free").focus();
        check(teacher, "How it moves");
        Browser.button(teacher, "Picture").click();
        check(teacher, "A picture of your own");
        teacher.navigate(activity + "/answers");
        check(teacher, "Who belongs where");
        teacher.navigate(activity + "/try");
        check(teacher, "Nothing you do here is kept");
        teacher.navigate(activity + "/assign");
        check(teacher, "Assign it to a class");

        Page student = browser.device(true);
        Browser.join(student, address, school.joinCode, "Ada", School.PIN);
        check(student, "Saved");
    }

    private static void check(Page page, String shows) {
        page.getByText(shows).first().waitFor();
        assertThat(Browser.barriers(page)).as(page.url()).isEmpty();
    }

    @Test
    void two_tabs_on_one_activity_see_each_others_edits(RealServer server) {
        School school = new School(server);
        Page one = browser.device(false);
        Browser.signIn(one, server.address(), school.teacherName(), School.PASSWORD);
        one.navigate(server.address() + "/activities/" + school.activityId + "/lay-out");
        Page other = one.context().newPage();
        other.navigate(server.address() + "/activities/" + school.activityId + "/lay-out");
        Browser.buttonLike(other, "moon, free").waitFor();

        Browser.button(one, "Drop zone").click();
        assertThat(Browser.buttonLike(other, "Drop zone, drop zone C")).isVisible();
        Browser.buttonLike(other, "sun, free").focus();
        other.keyboard().press("Shift+ArrowUp");
        Browser.buttonLike(one, "sun, free").focus();
        assertThat(one.getByText("sun: 100 across, 750 down")).isVisible();
        assertThat(Browser.buttonLike(one, "Drop zone, drop zone C")).isVisible();
    }

    @Test
    void a_session_that_ended_leads_to_the_sign_in_and_back(RealServer server) {
        School school = new School(server);
        Page teacher = browser.device(false);
        String address = server.address() + "/activities/" + school.activityId + "/answers";
        teacher.navigate(address);
        teacher.waitForURL("**/sign-in**");
        teacher.getByLabel("Name").fill(school.teacherName());
        teacher.getByLabel("Password").fill(School.PASSWORD);
        Browser.button(teacher, "Sign in").click();
        teacher.waitForURL(address);
        Page student = browser.device(true);
        student.navigate(server.address() + "/work/" + school.assignmentId);
        student.waitForURL("**/join");
    }

    @Test
    void a_move_made_while_the_network_is_away_is_kept_when_it_is_back(RealServer server) {
        School school = new School(server);
        Page student = browser.device(true);
        Browser.join(student, server.address(), school.joinCode, "Cyrus", School.PIN);
        Browser.pieceLike(student, "sun").waitFor();
        student.context().setOffline(true);
        Browser.drag(student, Browser.pieceLike(student, "sun"), student.getByLabel("Makes light"));
        assertThat(student.getByText("Saved on this device")).isVisible();
        student.context().setOffline(false);
        assertThat(student.getByText("1 of 2 placed")).isVisible();
        assertThat(school.asTeacher()
                        .get("/api/v1/assignments/" + school.assignmentId + "/progress")
                        .json()
                        .toString())
                .contains("\"tries\":1");
    }

    @Test
    void words_typed_and_the_tab_closed_at_once_are_there_again(RealServer server) {
        School school = new School(server);
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        String address = server.address() + "/activities/" + school.activityId + "/lay-out";
        teacher.navigate(address);
        Browser.button(teacher, "Words").click();
        teacher.getByLabel("Words", new Page.GetByLabelOptions().setExact(true)).fill("Kept words");
        teacher.keyboard().press("Escape");
        Browser.buttonLike(teacher, "Kept words").waitFor();
        teacher.close(new Page.CloseOptions().setRunBeforeUnload(true));
        Page again = browser.device(false);
        Browser.signIn(again, server.address(), school.teacherName(), School.PASSWORD);
        again.navigate(address);
        assertThat(Browser.buttonLike(again, "Kept words")).isVisible();
    }
}
