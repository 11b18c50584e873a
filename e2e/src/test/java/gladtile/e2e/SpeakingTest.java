package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.link;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import gladtile.core.page.Area;
import gladtile.core.page.Link;
import gladtile.core.page.Look;
import gladtile.core.page.Span;
import gladtile.core.page.Speech;
import gladtile.core.page.Video;
import gladtile.core.page.Words;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Things that speak, videos, documents, hot areas, spots and words that lead: laid out, then met as a student. */
class SpeakingTest extends OnWorkbench {
    private static byte[] demo(String name) {
        try (InputStream in = SpeakingTest.class.getResourceAsStream("/demo/" + name)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new IllegalStateException(name, e);
        }
    }

    private Locator leadsTo() {
        return teacher.locator(".leads label", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*Links to")))
                .locator("select");
    }

    private void saved() {
        assertThat(teacher.getByText(Pattern.compile("^Saved"))).isVisible();
    }

    private void tryIt() {
        saved();
        link(teacher, "Try").click();
        assertThat(teacher.getByText("This is what a student sees.")).isVisible();
    }

    @Test
    void a_video_is_brought_in_with_captions_and_plays_again_and_again() {
        tile("Video").click();
        Locator chooser = teacher.locator("dialog input[type=file]");
        chooser.setInputFiles(new FilePayload("notes.webm", "video/webm", "no video".getBytes(StandardCharsets.UTF_8)));
        assertThat(teacher.getByText("That is not a video. Nothing on the page changed.", part()))
                .isVisible();
        chooser.setInputFiles(new FilePayload("dome.webm", "video/webm", demo("dome-opens.webm")));
        untilTop(Video.class::isInstance);
        teacher.getByLabel("Loop", new Page.GetByLabelOptions().setExact(true)).check();
        untilTop(item -> ((Video) item).loops());
        Locator captions = teacher.locator(".video input[type=file]");
        captions.setInputFiles(
                new FilePayload("a.vtt", "text/vtt", "WEBVTT\n\nno times".getBytes(StandardCharsets.UTF_8)));
        assertThat(teacher.getByText(Pattern.compile("without times that can be read")))
                .isVisible();
        captions.setInputFiles(new FilePayload("dome.vtt", "text/vtt", demo("dome-opens.vtt")));
        untilTop(item -> ((Video) item).captions() != null);
        Browser.look(teacher, "video-lay-out");
        tryIt();
        assertThat(button(teacher, "Loop")).hasAttribute("aria-pressed", "true");
        button(teacher, "Play dome.webm").click();
        teacher.waitForFunction("() => document.querySelector('video').currentTime > 0.2");
    }

    private static Page.GetByTextOptions part() {
        return new Page.GetByTextOptions();
    }

    @Test
    void a_thing_says_its_words_when_tapped_or_when_it_settles() {
        item("moon, free").click();
        teacher.getByLabel("Spoken text").fill("The moon only reflects light.");
        teacher.getByLabel("Spoken text").press("Enter");
        until(() -> speech("moon") != null);
        teacher.getByLabel("When it settles, not when tapped").check();
        until(() -> speech("moon").onSettle());
        item("sun, free").click();
        teacher.getByLabel("Spoken text").fill("Sol ☀️ شمس");
        teacher.getByLabel("Spoken text").press("Enter");
        until(() -> speech("sun") != null);
        tryIt();
        button(teacher, "Listen: sun").click();
        assertThat(teacher.locator(".heard")).containsText("شمس");
        assertThat(button(teacher, "Listen: moon")).hasCount(0);
        Browser.drag(teacher, Browser.pieceLike(teacher, "moon"), teacher.locator("[data-zone='reflect']"));
        assertThat(teacher.locator(".heard")).containsText("The moon only reflects light.");
        button(teacher, "Stop").click();
        assertThat(teacher.locator(".heard")).hasCount(0);
    }

    private Speech speech(String id) {
        return kept(id).traitsOrNone().speech();
    }

    @Test
    void a_recording_from_a_file_goes_with_a_thing_and_a_document_opens_over_the_page() {
        item("hill, fixed").click();
        button(teacher, "Recording").click();
        teacher.locator(".voice input[type=file]")
                .setInputFiles(new FilePayload("page.mp3", "audio/mpeg", "<html>".getBytes(StandardCharsets.UTF_8)));
        assertThat(teacher.getByText(Pattern.compile("A file is a recording"))).isVisible();
        teacher.locator(".voice input[type=file]").setInputFiles(new FilePayload("hill.mp3", "audio/mpeg", mp3()));
        until(() -> speech("hill") != null && speech("hill").file() != null);
        assertThat(speech("hill").file().mediaType()).isEqualTo("audio/mpeg");

        leadsTo().selectOption("file");
        teacher.locator(".leads input[type=file]")
                .setInputFiles(new FilePayload("sheet.pdf", "application/pdf", demo("log-sheet.pdf")));
        until(() -> kept("hill").traitsOrNone().link() instanceof Link.ToFile);
        tryIt();
        link(teacher, "hill, opens sheet.pdf").click();
        assertThat(teacher.locator("canvas[data-drawn]").first()).isVisible();
        button(teacher, "Back to the page").click();
        assertThat(teacher.locator("canvas")).hasCount(0);
    }

    /** A tag and nothing behind it: enough to be known for what it is. */
    private static byte[] mp3() {
        byte[] file = new byte[2_000];
        System.arraycopy(new byte[] {'I', 'D', '3', 3, 0, 0, 0, 0, 7, 0x76}, 0, file, 0, 10);
        return file;
    }

    @Test
    void a_hot_area_is_drawn_around_a_part_and_leads_on_unseen_if_so_wanted() {
        tile("Hot area").click();
        double[] middle = at(1000, 650);
        stroke(middle[0], middle[1], 90);
        untilTop(Area.class::isInstance);
        Area drawn = (Area) top();
        assertThat(drawn.outline()).hasSizeGreaterThan(6);
        leadsTo().selectOption("next");
        untilTop(item -> item.traitsOrNone().link() instanceof Link.Next);
        teacher.getByLabel("Students see that it leads on").uncheck();
        untilTop(item -> Boolean.TRUE.equals(item.traitsOrNone().unmarked()));
        Browser.look(teacher, "area");
        // Who has only keys gets a box.
        press("Hot area", "Enter");
        until(() -> kept().stream().filter(Area.class::isInstance).count() == 2);
        tryIt();
        Locator area = link(teacher, "Hot area, links to the next page");
        assertThat(area.locator(".sign")).isHidden();
        area.focus();
        keys("Enter");
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("2");
    }

    @Test
    void a_spot_shows_what_is_hidden_and_hides_it_again() {
        item("sun, free").click();
        teacher.getByLabel("Hidden until something shows it").check();
        until(() -> Boolean.TRUE.equals(kept("sun").traitsOrNone().hidden()));
        item("hill, fixed").click();
        leadsTo().selectOption("spots");
        teacher.locator("fieldset").getByLabel("sun").check();
        until(() -> kept("hill").traitsOrNone().link() instanceof Link.Spots);
        tryIt();
        Locator sun = Browser.pieceLike(teacher, "sun");
        assertThat(sun).hasCount(0);
        link(teacher, "hill, shows or hides").click();
        assertThat(sun).isVisible();
        link(teacher, "hill, shows or hides").click();
        assertThat(sun).hasCount(0);
    }

    @Test
    void words_lead_where_they_say_and_a_link_that_is_pasted_works_at_once() {
        teacher.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        tile("Words").click();
        teacher.keyboard().type("See ");
        teacher.evaluate("() => navigator.clipboard.writeText('https://example.org/sky')");
        keys("Control+v");
        teacher.keyboard().type(" now, or go on");
        for (int i = 0; i < 5; i++) {
            keys("Shift+ArrowLeft");
        }
        teacher.locator("label", new Page.LocatorOptions().setHasText("These words link to"))
                .locator("select")
                .selectOption("next");
        keys("Escape");
        untilTop(item -> item instanceof Words words
                && words.content().text().equals("See https://example.org/sky now, or go on")
                && words.content().spans().size() == 2);
        List<Span> spans = ((Words) top()).content().spans();
        assertThat(spans)
                .extracting(Span::look)
                .extracting(Look::link)
                .containsExactly(new Link.Web("https://example.org/sky"), new Link.Next());
        String text = ((Words) top()).content().text();
        assertThat(spans)
                .extracting(span -> text.substring(span.from(), span.to()))
                .containsExactly("https://example.org/sky", "go on");
        Browser.look(teacher, "words-lead");
        tryIt();
        link(teacher, "https:..example.org.sky, links to").click();
        assertThat(teacher.getByText("This leads out of your work")).isVisible();
        button(teacher, "Stay here").click();
        link(teacher, "go on, links to the next page").focus();
        keys("Enter");
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("2");
    }

    /** All in one task, as no hand could: the browser has not told yet what is selected when the list is used. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void what_was_selected_just_before_a_list_is_used_is_what_leads(boolean reached) {
        tile("Words").click();
        teacher.keyboard().type("See you, or go on");
        Locator list = teacher.locator("label", new Page.LocatorOptions().setHasText("These words link to"))
                .locator("select");
        list.evaluate("""
                (list, reached) => {
                  for (let i = 0; i < 5; i++) getSelection().modify('extend', 'left', 'character')
                  if (reached) list.focus()
                  list.value = 'next'
                  list.dispatchEvent(new Event('change'))
                }""", reached);
        keys("Escape");
        untilTop(item -> item instanceof Words words && words.content().spans().size() == 1);
        Span led = ((Words) top()).content().spans().get(0);
        assertThat(((Words) top()).content().text().substring(led.from(), led.to()))
                .isEqualTo("go on");
    }

    /** Each run of a line begins where the one before it ends, at whatever size the page is shown. */
    @Test
    void runs_of_a_line_are_as_wide_as_they_were_measured() {
        tile("Words").click();
        teacher.keyboard().type("https:..example.org illimitable  ");
        keys("Control+b");
        teacher.keyboard().type("willful fjords ");
        keys("Control+b");
        teacher.keyboard().type("and on");
        keys("Escape");
        untilTop(item -> item instanceof Words words
                && words.content().lines().get(0).runs().size() == 3);
        for (int width : List.of(1280, 1000, 1640)) {
            teacher.setViewportSize(width, 800);
            Object apart = teacher.locator("svg.page [data-item] .said").last().evaluate("""
                    said => {
                      const runs = [...said.querySelectorAll('text')]
                      return runs.slice(1).map((run, i) =>
                        +run.getAttribute('x') - (+runs[i].getAttribute('x') + runs[i].getComputedTextLength()))
                        .reduce((most, one) => Math.max(most, Math.abs(one)), 0)
                    }""");
            assertThat(((Number) apart).doubleValue()).as("at " + width).isLessThan(1);
        }
    }
}
