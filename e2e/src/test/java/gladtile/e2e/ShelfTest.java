package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.School;
import org.junit.jupiter.api.Test;

/** The shelf of activities by keyboard, and sharing with a colleague who may look or edit. */
class ShelfTest extends OnWorkbench {
    private void menu(String entry) {
        press("More for Night sky", "Enter");
        press(entry, "Enter");
    }

    @Test
    void tagged_found_sorted_copied_set_aside_and_deleted_by_keyboard() {
        teacher.navigate(address + "/activities");
        button(teacher, "More for Night sky").waitFor();
        menu("Tags");
        teacher.getByLabel("Tags, with commas between them").waitFor();
        type("Tags, with commas between them", "autumn");
        assertThat(teacher.locator(".chip", new Page.LocatorOptions().setHasText("autumn")))
                .isVisible();
        menu("Copy");
        assertThat(teacher.locator(".card")).hasCount(2);
        tabTo(teacher, "Find by name, tag or word on a page");
        teacher.keyboard().type("reflects");
        assertThat(teacher.locator(".card")).hasCount(2);
        teacher.keyboard().type(" nothing like it");
        assertThat(teacher.getByText("No activity has that")).isVisible();
        keys("Control+a", "Delete");
        assertThat(teacher.locator(".card")).hasCount(2);
        press("More for Night sky, again", "Enter");
        press("Delete", "Enter");
        assertThat(teacher.getByText("is deleted")).isVisible();
        press("Undo", "Enter");
        assertThat(teacher.locator(".card")).hasCount(2);
        press("More for Night sky, again", "Enter");
        press("Archive", "Enter");
        assertThat(teacher.locator(".card")).hasCount(1);
    }

    @Test
    void a_colleague_may_look_and_then_edit() {
        teacher.navigate(address + "/activities");
        button(teacher, "More for Night sky").waitFor();
        menu("Share with a colleague");
        tabTo(teacher, "Other teacher");
        keys("ArrowDown");
        Page other = browser.device(false);
        Browser.signIn(other, address, school.teacherName().replace("teacher-", "other-"), School.PASSWORD);
        assertThat(other.getByText("to look at")).isVisible();
        other.navigate(lay);
        assertThat(other.getByText("To look at only")).isVisible();
        buttonLike(other, "moon, free").click();
        other.keyboard().press("Delete");
        assertThat(other.getByText("This activity was shared with you to look at. Copy it to change it."))
                .isVisible();
        assertThat(buttonLike(other, "moon, free")).isVisible();
        assertThat(kept()).hasSize(5);
        Browser.look(other, "look-only");
        keys("ArrowDown");
        other.navigate(address + "/activities");
        assertThat(other.getByText("to edit")).isVisible();
        other.navigate(lay);
        buttonLike(other, "moon, free").click();
        other.keyboard().press("Delete");
        until(() -> kept().size() == 4);
    }

    @Test
    void a_colleague_takes_a_copy_by_a_link_also_when_they_have_to_sign_in_first() {
        teacher.navigate(address + "/activities");
        button(teacher, "More for Night sky").waitFor();
        menu("Share with a colleague");
        button(teacher, "Make a link").click();
        String link = teacher.getByLabel("Link for a copy").inputValue();
        Page other = browser.device(false);
        other.navigate(link);
        other.getByLabel("Name").fill(school.teacherName().replace("teacher-", "other-"));
        other.getByLabel("Password").fill(School.PASSWORD);
        button(other, "Sign in").click();
        assertThat(other.getByText("Night sky").first()).isVisible();
        assertThat(Browser.barriers(other)).isEmpty();
        button(other, "Take a copy").click();
        buttonLike(other, "moon, free").click();
        other.keyboard().press("Delete");
        assertThat(buttonLike(other, "moon, free")).hasCount(0);
        assertThat(kept()).hasSize(5);
        button(teacher, "End the link").click();
        assertThat(button(teacher, "Make a link")).isVisible();
        other.navigate(link);
        assertThat(other.getByText("This link leads nowhere")).isVisible();
    }

    @Test
    void the_shelf_finds_tags_sets_aside_copies_and_deletes_with_undo() {
        teacher.navigate(address + "/activities");
        button(teacher, "More for Night sky").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Tags").click();
        teacher.getByLabel("Tags, with commas between them").fill("year 4, sky");
        button(teacher, "Keep").click();
        assertThat(teacher.locator(".chip", new Page.LocatorOptions().setHasText("year 4")))
                .isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("reflects");
        assertThat(teacher.getByText("Night sky").first()).isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("qqq");
        assertThat(teacher.getByText("No activity has that")).isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("");
        button(teacher, "More for Night sky").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Copy").click();
        assertThat(teacher.getByText("Night sky, again").first()).isVisible();
        button(teacher, "More for Night sky, again").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Delete").click();
        assertThat(teacher.getByText("is deleted")).isVisible();
        button(teacher, "Undo").click();
        assertThat(teacher.locator(".card")).hasCount(2);
        button(teacher, "More for Night sky, again").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Archive").click();
        assertThat(teacher.locator(".card")).hasCount(1);
    }

    @Test
    void two_teachers_see_each_others_edits_and_selections() {
        school.asTeacher()
                .put(
                        "/api/v1/activities/" + school.activityId + "/sharing/" + school.otherTeacher.id(),
                        java.util.Map.of("access", "EDIT"));
        Page other = browser.device(false);
        Browser.signIn(other, address, school.teacherName().replace("teacher-", "other-"), School.PASSWORD);
        assertThat(other.getByText("to edit")).isVisible();
        other.navigate(lay);
        buttonLike(other, "sun, free").click();
        assertThat(teacher.getByText("Other teacher is here too")).isVisible();
        assertThat(teacher.locator("g.other")).hasCount(1);
        other.keyboard().press("Delete");
        assertThat(item("sun, free")).hasCount(0);
    }
}
