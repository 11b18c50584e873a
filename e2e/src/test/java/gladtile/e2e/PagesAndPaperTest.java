package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import gladtile.core.activity.Activity;
import gladtile.core.page.Paper;
import gladtile.core.page.Pattern;
import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pages and what they are printed on. */
class PagesAndPaperTest extends OnWorkbench {
    private List<String> names() {
        return school.activity().pages().stream()
                .map(gladtile.core.page.Page::name)
                .toList();
    }

    private Paper paper() {
        return school.activity().page("light").orElseThrow().paper();
    }

    @Test
    void pages_are_dragged_into_another_order_and_deleted_with_undo() {
        Locator first = buttonLike(teacher, "Page 1, Light");
        Locator second = buttonLike(teacher, "Page 2, ");
        String other = names().get(1);
        first.dragTo(second);
        until(() -> names().equals(List.of(other, "Light?")));
        buttonLike(teacher, "Page 2, Light").click();
        button(teacher, "Delete this page").click();
        assertThat(teacher.getByText("“Light?” is deleted.")).isVisible();
        until(() -> names().equals(List.of(other)));
        assertThat(button(teacher, "Delete this page")).isDisabled();
        teacher.locator(".gone").getByRole(AriaRole.BUTTON).click();
        until(() -> names().equals(List.of(other, "Light?")));
        buttonLike(teacher, "Page 2, Light").click();
        assertThat(item("moon, free")).isVisible();
    }

    @Test
    void a_page_is_named_copied_and_pasted_in_another_activity_by_keyboard() {
        press("Page 1, Light?", "Enter");
        tabTo(teacher, "Copy");
        keys("Enter");
        teacher.navigate(address + "/activities");
        press("New activity", "Enter");
        assertThat(teacher.getByPlaceholder("Night-sky week")).isFocused();
        keys("Enter");
        teacher.waitForURL("**/lay-out");
        tabTo(teacher, "Paste page");
        keys("Enter");
        assertThat(buttonLike(teacher, "Page 2, Light")).isVisible();
        assertThat(item("sun, free")).isVisible();
        type("Name", "Light and dark");
        assertThat(buttonLike(teacher, "Page 2, Light and dark")).isVisible();
        // Its answers came along under names of its own.
        keys("F6", "Alt+2");
        assertThat(buttonLike(teacher, "sun in .*: belongs").first()).isVisible();
    }

    @Test
    void thumbnails_redraw_as_one_works() {
        Locator thumb = teacher.locator("button.page.here svg");
        assertThat(thumb.locator("image[href*='1F319']")).hasCount(1);
        item("moon, free").click();
        keys("Delete");
        assertThat(thumb.locator("image[href*='1F319']")).hasCount(0);
        assertThat(thumb.locator("image[href*='2600']")).hasCount(2);
    }

    @ParameterizedTest
    @EnumSource(Pattern.Kind.class)
    void paper_is_printed_and_its_pitch_chosen_by_keyboard(Pattern.Kind kind) {
        tabTo(teacher, "Printed on it");
        for (int i = 0; i <= kind.ordinal(); i++) {
            keys("ArrowDown");
        }
        until(() -> paper().pattern() != null && paper().pattern().kind() == kind);
        double before = paper().pattern().pitch();
        keys("Tab", "ArrowRight", "ArrowRight");
        until(() -> paper().pattern().pitch() == before + 4);
        Locator drawn = teacher.locator(".sheet svg.page .paper .pattern");
        assertThat(drawn.locator(kind == Pattern.Kind.STAVES ? "path" : "pattern")
                        .first())
                .isAttached();
        if (kind == Pattern.Kind.AXES) {
            assertThat(drawn.locator(".numbers text", new Locator.LocatorOptions().setHasText("-2"))
                            .first())
                    .isVisible();
        }
        Browser.look(teacher, "paper-" + kind);
    }

    @Test
    void any_colour_and_the_light_tones_are_taken_by_pointer_and_by_keyboard() {
        button(teacher, "Meadow").click();
        until(() -> paper().colour().equals("#e6efdd"));
        pressInPanel("Plum", "Enter");
        until(() -> paper().colour().equals("#efe4ef"));
        teacher.getByLabel("Any colour").fill("#123456");
        until(() -> paper().colour().equals("#123456"));
        keys("Control+z");
        until(() -> paper().colour().equals("#efe4ef"));
    }

    @Test
    void a_picture_is_the_paper_fitted_tiled_and_cut() throws IOException {
        teacher.locator(".page-panel input[type=file]")
                .setInputFiles(new FilePayload("sky.png", "image/png", Samples.png(Color.BLUE, Color.WHITE)));
        until(() -> paper().picture() != null);
        Locator image = teacher.locator(".sheet svg.page .paper > image");
        assertThat(image).hasAttribute("preserveAspectRatio", "xMidYMid slice");
        teacher.getByLabel("The picture").selectOption("FIT");
        assertThat(image).hasAttribute("preserveAspectRatio", "xMidYMid meet");
        teacher.getByLabel("The picture").selectOption("TILE");
        assertThat(teacher.locator(".sheet svg.page .paper > pattern > image")).hasCount(1);
        teacher.getByLabel("The picture").selectOption("FILL");
        button(teacher, "Cut out a part").click();
        assertThat(teacher.getByLabel("Height %")).hasValue("94");
        double[] corner = middle(teacher.locator("dialog [data-corner='se']"));
        pull(corner[0], corner[1], -150, -40);
        button(teacher, "Keep this part").click();
        until(() -> paper().crop() != null);
        Browser.look(teacher, "paper-cut");
        // The part has the page's own shape, so that nothing on it is stretched; the picture is 120 by 80.
        org.assertj.core.api.Assertions.assertThat(
                        paper().crop().width() * 120 / (paper().crop().height() * 80))
                .isCloseTo(1.6, within(0.01));
        org.assertj.core.api.Assertions.assertThat(paper().crop().width()).isLessThan(0.95);
        // The same by keyboard, in numbers.
        pressInPanel("Cut out a part", "Enter");
        type("Width %", "40");
        press("Keep this part", "Enter");
        until(() -> Math.abs(paper().crop().width() - 0.4) < 0.001);
        pressInPanel("No picture", "Enter");
        until(() -> paper().picture() == null);
    }

    @Test
    void all_pages_may_have_the_same_paper_and_everything_selected_is_fixed_at_once() {
        button(teacher, "Sand").click();
        press("The same paper for all pages", "Space");
        until(() -> school.activity().pages().stream()
                .allMatch(page -> page.paper().colour().equals("#fbefd8")));
        keys("Escape", "Control+a");
        pressInPanel("Fix everything selected", "Enter");
        until(() -> kept().stream().allMatch(item -> item.movement().isFixed()));
        Activity fixed = school.activity();
        keys("Escape", "Control+z");
        until(() -> !school.activity().equals(fixed));
        assertThat(item("moon, free")).isVisible();
    }

    @Test
    void f6_goes_round_in_the_parts_of_the_screen() {
        Page page = teacher;
        item("moon, free").click();
        keys("F6");
        assertThat(page.locator(".rack :focus")).hasCount(1);
        keys("F6");
        assertThat(page.locator(".pages :focus")).hasCount(1);
        keys("F6");
        assertThat(page.locator(".panel :focus")).hasCount(1);
        keys("F6");
        assertThat(item("moon, free")).isFocused();
        keys("Shift+F6");
        assertThat(page.locator(".panel :focus")).hasCount(1);
    }

    @Test
    void pages_are_added_before_duplicated_copied_and_reordered_by_keys() {
        button(teacher, "Duplicate this page").click();
        assertThat(buttonLike(teacher, "Page 2, Light\\?, again")).isVisible();
        assertThat(item("sun, free")).isVisible();
        button(teacher, "Add before").click();
        assertThat(teacher.locator("button.page")).hasCount(4);
        buttonLike(teacher, "Page 3, Light\\?, again").focus();
        teacher.keyboard().press("Alt+ArrowUp");
        assertThat(buttonLike(teacher, "Page 2, Light\\?, again")).isVisible();
        // Past the last page there is nothing.
        for (int i = 0; i < 6; i++) {
            teacher.keyboard().press("PageDown");
        }
        assertThat(teacher.locator("button.page")).hasCount(4);
        link(teacher, "Answers").click();
        assertThat(teacher.getByText(java.util.regex.Pattern.compile("Saved"))).isVisible();
    }
}
