package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.answer.Decision;
import gladtile.server.testkit.School;
import org.junit.jupiter.api.Test;

/** What was made once is kept by name, found again, and put on other pages, by colleagues too. */
class MyLibraryTest extends OnWorkbench {
    private void keep(String name, String folder) {
        button(teacher, "Save in My library").first().click();
        Locator dialog = teacher.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill(name);
        teacher.getByLabel("Folder", new Page.GetByLabelOptions().setExact(true))
                .fill(folder);
        button(teacher, "Save").click();
        assertThat(dialog).hasCount(0);
        assertThat(teacher.getByText("“" + name + "” is in your library")).isVisible();
    }

    private Locator part(Page page, String name) {
        return page.locator(".parts .part", new Page.LocatorOptions().setHasText(name));
    }

    @Test
    void a_part_is_kept_with_what_belongs_where_and_put_on_another_page_by_dragging() {
        item("Makes light").click();
        item("sun").click(with(com.microsoft.playwright.options.KeyboardModifier.SHIFT));
        keep("Lights", "Sky/Day");
        button(teacher, "Page").click();
        until(() -> school.activity().pages().size() == 3);
        tile("My library").click();
        teacher.getByLabel("Find a part").fill("lig");
        Browser.look(teacher, "my-library");
        assertThat(Browser.barriers(teacher)).isEmpty();
        part(teacher, "Lights").dragTo(teacher.locator(".middle svg.page").first());
        // Behind the one that was open.
        until(() -> school.activity().pages().get(1).items().size() == 2);
        var page = school.activity().pages().get(1);
        String zone = page.zones().get(0).id();
        String piece = page.pieces().get(0).id();
        assertThat(zone).isNotEqualTo("own");
        assertThat(school.activity().key().decision(zone, piece)).isEqualTo(Decision.BELONGS);
    }

    @Test
    void by_keyboard_a_ready_part_is_found_and_put_and_is_one_step_to_undo() {
        int before = kept().size();
        press("My library", "Enter");
        teacher.keyboard().type("clock");
        assertThat(part(teacher, "Clock")).isVisible();
        Browser.tabTo(teacher, "Clock");
        keys("Enter");
        until(() -> kept().size() > before + 60);
        keys("Escape");
        button(teacher, "Undo").click();
        until(() -> kept().size() == before);
    }

    @Test
    void a_whole_page_a_next_version_and_a_colleague_who_takes_it() {
        keep("Light page", "");
        keep("Light page", "");
        tile("My library").click();
        part(teacher, "Light page").click();
        assertThat(teacher.locator(".chosen .soft")).hasText("Version 2");
        button(teacher, "More to do with it").click();
        teacher.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Share"))
                .click();
        teacher.getByText("Everybody who teaches at the school").click();
        button(teacher, "Done").click();

        Page colleague = browser.device(false);
        Browser.signIn(
                colleague, address, "other-" + school.teacherName().substring("teacher-".length()), School.PASSWORD);
        var api = school.asOtherTeacher();
        String own = api.post("/api/v1/activities", java.util.Map.of("title", "Mine"))
                .text("id");
        colleague.navigate(address + "/activities/" + own + "/lay-out");
        colleague
                .locator(".rack .tile", new Page.LocatorOptions().setHasText("My library"))
                .click();
        part(colleague, "Light page").dblclick();
        colleague.waitForCondition(() -> api.get("/api/v1/activities/" + own)
                        .json()
                        .path("activity")
                        .path("pages")
                        .size()
                == 2);
        assertThat(colleague.locator(".chosen .soft")).hasText("From Teacher");
    }
}
