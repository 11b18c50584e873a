package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.page.Font;
import gladtile.core.page.Look;
import gladtile.core.page.Paragraph;
import gladtile.core.page.Span;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Words: typed in place, in several looks, as lists, pasted, and as wide as somebody wants them.
 *
 * <p>Long because all that is done to words is tried in one browser.
 */
class WritingTest extends OnWorkbench {
    private WordContent words() {
        return top() instanceof Words words ? words.content() : null;
    }

    private boolean says(String text) {
        return words() != null && words().text().equals(text);
    }

    private String with(java.util.function.Predicate<Look> look) {
        return words().spans().stream()
                .filter(span -> look.test(span.look()))
                .map(span -> words().text().substring(span.from(), span.to()))
                .collect(Collectors.joining("|"));
    }

    @Test
    void letters_have_several_looks_by_pointer() {
        tile("Words").click();
        teacher.keyboard().type("H");
        button(teacher, "Subscript").click();
        teacher.keyboard().type("2");
        button(teacher, "Subscript").click();
        teacher.keyboard().type("O at 10");
        button(teacher, "Superscript").click();
        teacher.keyboard().type("3");
        button(teacher, "Superscript").click();
        teacher.getByLabel("Letter size").selectOption("80");
        teacher.keyboard().type("big");
        teacher.getByLabel("Font").selectOption("LEXEND");
        teacher.keyboard().type("lex");
        teacher.getByLabel("Colour of the words").fill("#a8432b");
        teacher.keyboard().type("red");
        keys("Escape");
        until(() -> says("H2O at 103biglexred"));
        assertThat(with(look -> look.script() == Look.Script.SUB)).isEqualTo("2");
        assertThat(with(look -> look.script() == Look.Script.SUPER)).isEqualTo("3");
        assertThat(with(look -> Double.valueOf(80).equals(look.size()))).isEqualTo("big|lex|red");
        assertThat(with(look -> look.font() == Font.LEXEND)).isEqualTo("lex|red");
        assertThat(with(look -> "#a8432b".equals(look.colour()))).isEqualTo("red");
        // On the page the small letters stand lower and higher than the line.
        Locator drawn = item("H2O").locator("text");
        double line =
                y(drawn.filter(new Locator.FilterOptions().setHasText("H")).first());
        assertThat(y(drawn.filter(new Locator.FilterOptions().setHasText("2")).first()))
                .isGreaterThan(line);
        assertThat(y(drawn.filter(new Locator.FilterOptions().setHasText("3")).first()))
                .isLessThan(line);
        Browser.look(teacher, "words-looks");
    }

    private static double y(Locator text) {
        return ((Number) text.evaluate("one => Number(one.getAttribute('y'))")).doubleValue();
    }

    @Test
    void what_was_chosen_stays_chosen_on_the_next_line_until_it_is_changed() {
        tile("Words").click();
        button(teacher, "Bold").click();
        teacher.keyboard().type("Sky");
        keys("Enter");
        assertThat(button(teacher, "Bold")).hasAttribute("aria-pressed", "true");
        teacher.getByLabel("Letter size").selectOption("32");
        assertThat(button(teacher, "Bold")).hasAttribute("aria-pressed", "true");
        button(teacher, "Bold").click();
        assertThat(button(teacher, "Bold")).hasAttribute("aria-pressed", "false");
        teacher.keyboard().type("plain");
        keys("Escape");
        until(() -> says("Sky\nplain"));
        assertThat(with(look -> Boolean.TRUE.equals(look.bold()))).isEqualTo("Sky");
        assertThat(with(look -> Double.valueOf(32).equals(look.size()))).isEqualTo("plain");
    }

    @Test
    void everything_about_words_is_set_by_keyboard() {
        press("Words", "Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Moon ");
        keys("Control+i");
        teacher.keyboard().type("slow");
        keys("Control+i", "Control+u");
        teacher.keyboard().type("low");
        keys("Control+u", "Enter");
        teacher.keyboard().type("second");
        keys("Escape");
        until(() -> says("Moon slowlow\nsecond"));
        assertThat(with(look -> Boolean.TRUE.equals(look.italic()))).isEqualTo("slow");
        assertThat(with(look -> Boolean.TRUE.equals(look.underline()))).isEqualTo("low");
        tabTo(teacher, "Font");
        keys("ArrowDown");
        until(() -> words().style().font() == Font.ATKINSON);
        tabTo(teacher, "Letter size");
        keys("ArrowDown");
        until(() -> words().style().size() == 60);
        press("Numbers", "Enter");
        until(() -> words().paragraphs().stream().allMatch(one -> one.list() == Paragraph.ListKind.NUMBER));
        press("Centre", "Enter");
        until(() -> words().style().align() == WordStyle.Align.CENTRE);
        double before = top().frame().height();
        tabTo(teacher, "Line spacing");
        keys("ArrowDown", "ArrowDown");
        until(() -> words().style().spacing() != null && top().frame().height() > before);
        press("New words on this page like this", "Enter");
        until(() -> school.activity().page("light").orElseThrow().words() != null);
        // The next box begins so, whatever the last one was.
        press("Words", "Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Next");
        keys("Escape");
        until(() -> says("Next") && words().style().font() == Font.ATKINSON);
        Browser.look(teacher, "words-keyboard");
    }

    @Test
    void a_long_title_is_as_wide_as_the_page_and_shrinks_into_one_line() {
        tile("Words").click();
        teacher.keyboard()
                .type(
                        "Which of the things that shine in the night sky make a light that is their own, and which do not?");
        keys("Escape");
        until(() -> top().frame().width() == 1560);
        long lines = words().lines().size();
        assertThat(lines).isGreaterThan(1);
        button(teacher, "Shrink to fit").click();
        until(() -> words().lines().size() == lines - 1);
        assertThat(words().style().size()).isGreaterThanOrEqualTo(18);
        // Its style is given to the next box, and the words of that stay.
        double size = words().style().size();
        button(teacher, "Copy style").click();
        tile("Words").click();
        teacher.keyboard().type("Small");
        keys("Escape");
        until(() -> says("Small"));
        button(teacher, "Paste style").click();
        until(() -> words().style().size() == size && says("Small"));
    }

    @Test
    void a_box_grows_with_its_words_until_it_is_pulled_narrower() {
        tile("Words").click();
        teacher.keyboard().type("A");
        keys("Escape");
        until(() -> says("A"));
        double narrow = top().frame().width();
        keys("Enter");
        teacher.locator(".ProseMirror").waitFor();
        keys("End");
        teacher.keyboard().type(" long line of words about the sky");
        keys("Escape");
        until(() -> says("A long line of words about the sky"));
        assertThat(top().frame().width()).isGreaterThan(narrow * 4);
        assertThat(words().lines()).hasSize(1);
        double[] grip = Browser.middle(teacher.locator(".grips .grip.e"));
        pull(grip[0], grip[1], -180, 0);
        until(() -> words().wraps() && words().lines().size() > 1);
        press("As wide as its words", "Enter");
        until(() -> !words().wraps() && words().lines().size() == 1);
    }

    private static final String HTML = "<p>Stars <b>shine</b> and <span style=\"color:#a8432b\">Mars</span></p>"
            + "<ul><li>one</li><li>two</li></ul><script>window.hit=1</script><img src=x onerror=\"window.hit=1\">";

    private void pasteHtml(String target) {
        teacher.evaluate("""
                ([target, html]) => {
                  const data = new DataTransfer()
                  data.setData('text/html', html)
                  data.setData('text/plain', 'Stars shine and Mars\\none\\ntwo')
                  document.querySelector(target).dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
                }""", List.of(target, HTML));
    }

    @Test
    void words_from_elsewhere_keep_their_style_on_the_page_and_nothing_else() {
        pasteHtml("svg.page");
        until(() -> says("Stars shine and Mars\none\ntwo"));
        assertThat(with(look -> Boolean.TRUE.equals(look.bold()))).isEqualTo("shine");
        assertThat(with(look -> "#a8432b".equals(look.colour()))).isEqualTo("Mars");
        assertThat(words().paragraphs().get(2).list()).isEqualTo(Paragraph.ListKind.BULLET);
        assertThat(teacher.evaluate("() => window.hit ?? 0")).isEqualTo(0);
        // The browser itself refuses what the markup would have run.
        browser.mishaps().removeIf(one -> one.contains("Content Security Policy"));
    }

    @Test
    void words_are_pasted_with_their_style_or_plain_by_the_keys() {
        teacher.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        teacher.evaluate(
                "html => navigator.clipboard.write([new ClipboardItem({ 'text/html': new Blob([html], { type: 'text/html' }), 'text/plain': new Blob(['Stars shine'], { type: 'text/plain' }) })])",
                "<p>Stars <b>shine</b></p>");
        tile("Words").click();
        keys("Control+v", "Escape");
        until(() -> says("Stars shine")
                && with(look -> Boolean.TRUE.equals(look.bold())).equals("shine"));
        keys("Escape");
        tile("Words").click();
        keys("Control+Shift+v", "Escape");
        until(() -> says("Stars shine") && words().spans().isEmpty());
    }

    @Test
    void a_long_text_with_signs_of_every_kind_is_kept_whole() {
        String text = "Sky ☀️ 🌙 سماء שמיים ".repeat(450);
        tile("Words").click();
        teacher.keyboard().insertText(text);
        keys("Escape");
        until(() -> words() != null && words().text().length() == text.length());
        assertThat(words().text()).isEqualTo(text);
        tile("Words").click();
        teacher.keyboard().insertText("x".repeat(20_001));
        assertThat(teacher.getByText("A box of words takes at most 20,000 letters. What was there is as it was."))
                .isVisible();
    }

    @Test
    void words_are_written_though_no_font_comes() {
        teacher.context().route("**/*.woff2", request -> request.abort());
        teacher.navigate(lay);
        item("moon, free").waitFor();
        tile("Words").click();
        teacher.keyboard().type("Sky");
        teacher.getByLabel("Font").selectOption("LEXEND");
        teacher.keyboard().type(" at night");
        keys("Escape");
        until(() -> says("Sky at night"));
        assertThat(with(look -> look.font() == Font.LEXEND)).isEqualTo(" at night");
        assertThat(item("Sky at night")).isVisible();
    }

    @Test
    void where_letters_differ_the_panel_says_mixed() {
        tile("Words").click();
        teacher.keyboard().type("small ");
        teacher.getByLabel("Letter size").selectOption("110");
        teacher.keyboard().type("large");
        keys("Escape");
        until(() -> says("small large"));
        assertThat(teacher.getByLabel("Letter size").locator("option:checked")).hasText("mixed");
        teacher.getByLabel("Letter size").selectOption("32");
        until(() -> words().spans().isEmpty() && words().style().size() == 32);
        assertThat(teacher.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bold")))
                .isVisible();
        List<Span> none = List.of();
        assertThat(words().spans()).isEqualTo(none);
    }

    @Test
    void words_have_several_looks_lists_and_their_own_width() {
        tile("Words").click();
        teacher.keyboard().type("Look ");
        teacher.keyboard().press("Control+b");
        teacher.keyboard().type("up");
        teacher.keyboard().press("Control+b");
        button(teacher, "Superscript").click();
        teacher.keyboard().type("2");
        teacher.keyboard().press("Enter");
        button(teacher, "Bullets").click();
        teacher.keyboard().type("Mars");
        teacher.keyboard().press("Enter");
        teacher.keyboard().type("Venus");
        teacher.keyboard().press("Escape");
        Locator words = item("Look up2 Mars Venus");
        assertThat(words).isVisible();
        assertThat(words.locator("text[font-weight='700']")).hasText("up");
        assertThat(words.locator("text", new Locator.LocatorOptions().setHasText("•")))
                .hasCount(2);
        // Pulled narrower it wraps; until then it was as wide as its words.
        button(teacher, "Numbers").click();
        assertThat(item("Look up2 Mars Venus").locator("text", new Locator.LocatorOptions().setHasText("2.")))
                .hasCount(1);
        button(teacher, "New words on this page like this").click();
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
    }

    @Test
    void hostile_markup_that_is_pasted_leaves_its_words_and_nothing_else() {
        tile("Words").click();
        teacher.evaluate("""
                () => {
                  const data = new DataTransfer()
                  data.setData('text/html', '<p onclick="x()">Safe <b>bold</b><img src=x onerror="window.hit=1"><script>window.hit=1</script><a href="javascript:window.hit=1">link</a></p>')
                  data.setData('text/plain', 'Safe bold link')
                  document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
                }""");
        teacher.keyboard().press("Escape");
        assertThat(item("Safe boldlink")).isVisible();
        // The browser itself refuses what the markup would have run.
        browser.mishaps().removeIf(one -> one.contains("Content Security Policy"));
        assertThat(teacher.evaluate("() => window.hit ?? 0")).isEqualTo(0);
    }
}
