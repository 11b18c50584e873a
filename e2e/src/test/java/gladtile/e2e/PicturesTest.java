package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import java.awt.Color;
import java.util.Base64;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures: found, brought in every way there is, cut, cleared, stilled and taken. */
class PicturesTest extends OnWorkbench {
    private void untilPicture(Predicate<Picture> so) {
        untilTop(item -> item instanceof Picture picture && so.test(picture));
    }

    private void bring(String name, String type, byte[] bytes) {
        int before = kept().size();
        tile("Picture").click();
        teacher.locator(".own input[type=file]").setInputFiles(new FilePayload(name, type, bytes));
        until(() -> kept().size() == before + 1);
        if (teacher.locator(".el-dialog").isVisible()) {
            keys("Escape");
        }
        teacher.locator(".el-dialog")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
    }

    private Locator picks() {
        return teacher.locator(".found .pick");
    }

    @ParameterizedTest
    @CsvSource({"telescope, 1F52D", "Teleskop, 1F52D", "télescope, 1F52D", "telescopio, 1F52D"})
    void the_library_is_found_in_four_languages(String word, String code) {
        tile("Picture").click();
        teacher.getByLabel("Find pictures by word").fill(word);
        assertThat(picks().locator("img[src*='" + code + "']").first()).isVisible();
    }

    @Test
    void a_topic_favourites_and_those_used_lately() {
        tile("Picture").click();
        teacher.getByText(java.util.regex.Pattern.compile("^\\d+ pictures")).waitFor();
        teacher.getByLabel("Topic").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
        assertThat(picks().first()).isVisible();
        teacher.getByLabel("Topic").selectOption("");
        teacher.getByLabel("Find pictures by word").fill("rocket");
        assertThat(picks().locator("img[src$='/1F680.svg']")).isVisible();
        Locator heart = button(teacher, "Keep rocket as a favourite");
        heart.click();
        assertThat(heart).hasAttribute("aria-pressed", "true");
        picks().filter(new Locator.FilterOptions().setHas(teacher.locator("img[src$='/1F680.svg']")))
                .click();
        untilPicture(picture -> picture.picture().equals(PictureRef.library("1F680"))
                && picture.credit().contains("OpenMoji"));
        assertThat(item("rocket, free")).isVisible();
        keys("Escape");
        tile("Picture").click();
        assertThat(teacher.locator(".found h3").filter(new Locator.FilterOptions().setHasText("Favourites")))
                .isVisible();
        assertThat(teacher.locator(".found h3").filter(new Locator.FilterOptions().setHasText("Used lately")))
                .isVisible();
        Browser.look(teacher, "picture-finder");
    }

    @Test
    void a_picture_is_found_and_kept_as_a_favourite_by_keyboard() {
        press("Picture", "Enter");
        assertThat(teacher.getByLabel("Find pictures by word")).isFocused();
        teacher.keyboard().type("satellite");
        assertThat(picks().locator("img[src*='1F6F0']").first()).isVisible();
        tabTo(teacher, "Keep satellite as a favourite");
        keys("Space");
        assertThat(button(teacher, "Keep satellite as a favourite")).hasAttribute("aria-pressed", "true");
        press("satellite", "Enter");
        untilPicture(picture -> picture.picture().name().startsWith("1F6F0"));
        typeInPanel("Described as", "A satellite above us");
        typeInPanel("Whose it is, licence, source", "OpenMoji, CC BY-SA 4.0");
        untilPicture(picture -> picture.description().equals("A satellite above us")
                && picture.credit().equals("OpenMoji, CC BY-SA 4.0"));
    }

    @Test
    void several_come_at_once_with_their_licence_and_one_that_lies_is_refused() {
        tile("Picture").click();
        // The finder takes the keys when it has opened; what is written before that would go astray.
        assertThat(teacher.getByLabel("Find pictures by word")).isFocused();
        teacher.getByLabel("Who made it").fill("Mira");
        teacher.getByLabel("Where it is from").fill("the dome");
        teacher.locator(".own input[type=file]").setInputFiles(new FilePayload[] {
            new FilePayload("dome.png", "image/png", Samples.png(Color.WHITE, Color.BLUE)),
            new FilePayload("lie.png", "image/png", "<html><script>window.hit = 1</script>".getBytes()),
            new FilePayload("sky.png", "image/png", Samples.png(Color.BLACK, Color.YELLOW)),
        });
        until(() -> kept().size() == 7);
        assertThat(teacher.locator(".coming .bad")).hasCount(1);
        assertThat(((Picture) top()).credit()).contains("Mira").contains("the dome");
        Browser.look(teacher, "picture-lies");
    }

    @Test
    void a_picture_is_replaced_where_it_lies_and_keeps_what_was_decided_of_it() {
        var before = school.activity();
        item("moon, free").click();
        button(teacher, "Replace the picture").click();
        teacher.getByLabel("Find pictures by word").fill("telescope");
        picks().locator("img[src*='1F52D']").first().click();
        until(() -> school.activity().page("light").orElseThrow().item("moon").orElseThrow()
                        instanceof gladtile.core.page.Picture now
                && now.picture().name().equals("1F52D")
                && now.description().equals("telescope"));
        var now = school.activity();
        assertThat(now.key().decisions()).isEqualTo(before.key().decisions());
        assertThat(now.page("light").orElseThrow().item("moon").orElseThrow().frame())
                .isEqualTo(before.page("light")
                        .orElseThrow()
                        .item("moon")
                        .orElseThrow()
                        .frame());
        teacher.keyboard().press("Control+z");
        until(() -> school.activity()
                .page("light")
                .orElseThrow()
                .item("moon")
                .orElseThrow()
                .description()
                .equals("moon"));
    }

    @Test
    void cut_by_box_and_by_hand_and_whole_again() {
        bring("ball.png", "image/png", Samples.png(Color.BLUE, Color.WHITE));
        button(teacher, "Cut out").click();
        assertThat(teacher.locator("dialog svg"))
                .hasAttribute("style", java.util.regex.Pattern.compile("width: 640px"));
        double[] corner = middle(teacher.locator("dialog [data-corner='nw']"));
        pull(corner[0], corner[1], 200, 100);
        button(teacher, "Keep this part").click();
        untilPicture(
                picture -> picture.crop() != null && picture.crop().outline().isEmpty());
        Picture cut = (Picture) top();
        assertThat(cut.crop().x()).isCloseTo(200.0 / 640, org.assertj.core.api.Assertions.within(0.02));
        // What is left is not stretched: 120 by 80 in all.
        assertThat(cut.frame().width() / cut.frame().height())
                .isCloseTo(
                        cut.crop().width() * 120 / (cut.crop().height() * 80),
                        org.assertj.core.api.Assertions.within(0.02));
        button(teacher, "Cut out").click();
        button(teacher, "By hand").click();
        double[] centre = middle(teacher.locator("dialog svg"));
        stroke(centre[0], centre[1], 150);
        Browser.look(teacher, "cut-by-hand");
        button(teacher, "Keep this part").click();
        untilPicture(
                picture -> picture.crop() != null && picture.crop().outline().size() > 8);
        assertThat(teacher.locator(".sheet clipPath path")).not().hasCount(0);
        button(teacher, "Cut out").click();
        button(teacher, "The whole picture again").click();
        untilPicture(picture -> picture.crop() == null);
    }

    @Test
    void cut_and_cleared_by_keyboard() {
        bring("ball.png", "image/png", Samples.png(Color.BLUE, Color.WHITE));
        String whole = ((Picture) top()).picture().name();
        pressInPanel("Cut out", "Enter");
        type("From left %", "25");
        type("Width %", "50");
        press("Keep this part", "Enter");
        untilPicture(picture -> picture.crop() != null
                && Math.abs(picture.crop().x() - 0.25) < 0.001
                && Math.abs(picture.crop().width() - 0.5) < 0.001);
        pressInPanel("Clear a colour", "Enter");
        teacher.locator("dialog input[type=color]").fill("#0000ff");
        assertThat(teacher.getByAltText("The picture with the colour cleared")).isVisible();
        press("Keep it", "Enter");
        untilPicture(picture -> !picture.picture().name().equals(whole));
        // What was blue lets the page through.
        Object corner = teacher.evaluate("""
                async (name) => {
                  const image = new Image()
                  image.src = `/api/v1/files/${name}`
                  await image.decode()
                  const paper = document.createElement('canvas')
                  const pen = paper.getContext('2d')
                  pen.drawImage(image, 0, 0)
                  return [pen.getImageData(2, 2, 1, 1).data[3], pen.getImageData(60, 40, 1, 1).data[3]].join()
                }""", ((Picture) top()).picture().name());
        assertThat(corner).isEqualTo("0,255");
    }

    @Test
    void a_moving_picture_moves_and_is_held_still() {
        bring("orbit.gif", "image/gif", Samples.movingGif());
        Locator image = teacher.locator(".sheet image[href*='/api/v1/files/']").last();
        assertThat(image).not().hasAttribute("href", java.util.regex.Pattern.compile("still"));
        button(teacher, "Hold it still").click();
        untilPicture(picture -> Boolean.TRUE.equals(picture.still()));
        assertThat(image).hasAttribute("href", java.util.regex.Pattern.compile("still"));
        pressInPanel("Let it move", "Enter");
        untilPicture(picture -> picture.still() == null);
    }

    @Test
    void pasted_and_dropped() {
        String data = Base64.getEncoder().encodeToString(Samples.png(Color.GREEN, Color.RED));
        String event = """
                ([kind, target, data, x, y]) => {
                  const bytes = Uint8Array.from(atob(data), (c) => c.charCodeAt(0))
                  const files = new DataTransfer()
                  files.items.add(new File([bytes], 'leaf.png', { type: 'image/png' }))
                  const init = { bubbles: true, cancelable: true, clientX: x, clientY: y }
                  document.querySelector(target).dispatchEvent(
                    kind === 'paste' ? new ClipboardEvent('paste', { ...init, clipboardData: files }) : new DragEvent('drop', { ...init, dataTransfer: files }))
                }""";
        teacher.evaluate(event, List.of("paste", ".sheet svg.page", data, 0, 0));
        until(() -> kept().size() == 6);
        double[] at = at(1300, 800);
        teacher.evaluate(event, List.of("drop", ".sheet svg.page", data, at[0], at[1]));
        until(() -> kept().size() == 7);
        assertThat(top().frame().x() + top().frame().width() / 2)
                .isCloseTo(1300, org.assertj.core.api.Assertions.within(120.0));
        assertThat(teacher.getByText("Say whose the picture is: select it and fill in its credit."))
                .isVisible();
    }

    @Test
    void the_stand_in_camera_takes_a_picture_by_keyboard() {
        press("Picture", "Enter");
        teacher.getByLabel("Find pictures by word").waitFor();
        press("Camera", "Enter");
        teacher.waitForFunction("() => document.querySelector('dialog video').videoWidth > 0");
        Browser.look(teacher, "camera");
        press("Take the picture", "Enter");
        until(() -> kept().size() == 6);
        untilPicture(picture -> picture.picture().from() == PictureRef.From.FILE);
        Page page = teacher;
        assertThat(page.locator("dialog[open]")).hasCount(0);
    }
}
