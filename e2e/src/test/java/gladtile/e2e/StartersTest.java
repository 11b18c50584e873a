package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From a pasted list to a page that can be played, on the real interface. */
@ExtendWith(RealServer.class)
class StartersTest {
    private final Browser browser = new Browser();
    private Page teacher;
    private School school;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/activities");
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void start(String name, String title, String list) {
        teacher.getByLabel("Start from a list")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        field("Title").fill(title);
        teacher.locator("dialog textarea").fill(list);
    }

    private Locator field(String label) {
        return teacher.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private void make() {
        buttonLike(teacher, "Make the page").click();
        teacher.waitForURL("**/lay-out");
    }

    @Test
    void twelve_words_with_groups_become_a_sort_that_can_be_played() {
        start(
                "Sort",
                "Planet or star?",
                "planet: Mars, Venus, Jupiter, Saturn\nstar: Vega, Sirius, Polaris, Rigel\ncomet: Halley, Encke, Swan, Biela");
        assertThat(teacher.getByText("1 page")).isVisible();
        assertThat(teacher.getByLabel("Preview").locator("svg.page")).hasCount(1);
        make();
        assertThat(buttonLike(teacher, "Mars, free")).isVisible();
        link(teacher, "Answers").click();
        assertThat(teacher.getByText("all decided")).isVisible();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        link(teacher, "Try").click();
        assertThat(teacher.getByText("0 of 12 placed")).isVisible();
        pieceLike(teacher, "Mars").press("Enter");
        teacher.keyboard().press("ArrowRight");
        teacher.keyboard().press("Enter");
        assertThat(teacher.getByText("1 of 12 placed")).isVisible();
    }

    @Test
    void words_with_several_groups_become_circles_that_cross() {
        start("Circles", "Worlds", "Mercury, small\nMars, small, has moons\nSaturn, has moons\nSun");
        assertThat(teacher.getByLabel("Preview").locator("svg.page")).hasCount(1);
        make();
        link(teacher, "Answers").click();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        link(teacher, "Try").click();
        assertThat(teacher.getByText("0 of 3 placed")).isVisible();
        pieceLike(teacher, "Mars").press("Enter");
        for (int i = 0; i < 4 && teacher.getByText("both small and has moons").count() == 0; i++) {
            teacher.keyboard().press("ArrowRight");
        }
        teacher.keyboard().press("Enter");
        assertThat(teacher.getByText("1 of 3 placed")).isVisible();
    }

    /** From the Activities screen to a page that can be played, by the keystroke-level model. */
    @Test
    void a_sort_of_twelve_pasted_words_is_made_in_under_thirty_seconds_by_hand() {
        Hand hand = new Hand(teacher);
        hand.click(teacher.getByLabel("Start from a list")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Sort"))));
        teacher.waitForFunction("() => document.activeElement?.tagName === 'TEXTAREA'");
        hand.paste("Mars\tplanet\nVega\tstar\nVenus\tplanet\nSirius\tstar\nHalley\tcomet\nPolaris\tstar\n"
                + "Jupiter\tplanet\nEncke\tcomet\nSaturn\tplanet\nSwan\tcomet\nRigel\tstar\nBiela\tcomet");
        assertThat(teacher.getByText("1 page")).isVisible();
        hand.click(buttonLike(teacher, "Make the page"));
        teacher.waitForURL("**/lay-out");
        hand.click(link(teacher, "Try"));
        assertThat(teacher.getByText("0 of 12 placed")).isVisible();
        hand.drag(Browser.middle(pieceLike(teacher, "Mars")), Browser.middle(teacher.getByLabel("planet")));
        assertThat(teacher.getByText("1 of 12 placed")).isVisible();
        System.out.printf("A sort of twelve words: %.0f s by the keystroke-level model%n", hand.seconds());
        assertTrue(hand.seconds() < 30);
    }

    @Test
    void a_list_is_changed_later_and_what_was_moved_by_hand_stays() {
        start("Sort", "Planet or star?", "Marz, planet\nVega, star\nVenus, planet");
        make();
        buttonLike(teacher, "Marz, free").click();
        teacher.keyboard().press("Shift+ArrowUp");
        teacher.keyboard().press("Shift+ArrowUp");
        Locator mars = buttonLike(teacher, "Marz, free");
        double[] moved = Browser.middle(mars);
        button(teacher, "Change the list").click();
        Locator list = teacher.locator("dialog textarea");
        assertThat(list).hasValue("Marz, planet\nVega, star\nVenus, planet");
        list.fill("Mars, planet\nVega, star\nVenus, planet\nIo, moon");
        assertThat(teacher.getByText("New: moon, Io")).isVisible();
        assertThat(teacher.getByText("Stays as you changed it: 1 thing")).isVisible();
        Browser.look(teacher, "change-the-list");
        buttonLike(teacher, "Change the page").click();
        assertThat(buttonLike(teacher, "Io, free")).isVisible();
        double[] now = Browser.middle(buttonLike(teacher, "Mars, free"));
        org.assertj.core.api.Assertions.assertThat(now[1]).isCloseTo(moved[1], within(1.0));
        button(teacher, "Undo").click();
        assertThat(buttonLike(teacher, "Io, free")).hasCount(0);
        assertThat(buttonLike(teacher, "Marz, free")).isVisible();
    }

    @Test
    void a_file_of_a_spreadsheet_becomes_the_list() {
        start("Pair", "", "");
        teacher.getByLabel("CSV file")
                .setInputFiles(new FilePayload(
                        "sky.csv", "text/csv", "Tag;Sonne\nNacht;\"Mond, voll\"".getBytes(StandardCharsets.UTF_8)));
        assertThat(teacher.locator("dialog textarea")).hasValue("Tag, Sonne\nNacht, \"Mond, voll\"");
        teacher.getByLabel("CSV file")
                .setInputFiles(new FilePayload("sky.xlsx", "application/zip", new byte[] {80, 75, 3, 4, 0, 0}));
        assertThat(teacher.getByRole(AriaRole.ALERT)).containsText("save the list as CSV");
        assertThat(teacher.locator("dialog textarea")).hasValue("Tag, Sonne\nNacht, \"Mond, voll\"");
        make();
        assertThat(buttonLike(teacher, "Mond, voll, free")).isVisible();
    }

    @Test
    void words_of_a_text_are_ticked_and_then_typed() {
        start("Fill gaps", "Our sky", "The sun is a star.");
        teacher.getByLabel("Words to be missing")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("star"))
                .click();
        assertThat(teacher.locator("dialog textarea")).hasValue("The sun is a [star].");
        field("Students type the words").check();
        make();
        link(teacher, "Try").click();
        field("Gap 1").fill("Star");
        field("Gap 1").press("Enter");
        assertThat(teacher.getByText("1 of 1 right")).isVisible();
        assertThat(teacher.getByLabel("Gap 1, right")).isVisible();
    }

    /** Letters that join are narrower than the same letters one by one: only who shapes them knows how wide a word is. */
    @Test
    void words_of_another_script_are_as_wide_as_they_are_drawn() {
        start("Order", "كواكب", "عطارد\nالمستكشفون\nالمريخ\nالمشتري\nالشمسي الكبير");
        assertThat(teacher.getByText("1 page")).isVisible();
        make();
        assertThat(buttonLike(teacher, "المريخ, free")).isVisible();
        String id = teacher.url().replaceAll(".*/activities/([^/]+)/.*", "$1");
        Object wrong = teacher.evaluate("""
                async (id) => {
                  const { activity } = await (await fetch(`/api/v1/activities/${id}`)).json()
                  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
                  document.body.append(svg)
                  const found = []
                  for (const item of activity.pages[0].items)
                    for (const line of item.content?.lines ?? []) {
                      if (!/[\\u0600-\\u06ff]/.test(line.text)) continue
                      const text = document.createElementNS('http://www.w3.org/2000/svg', 'text')
                      text.setAttribute('style', `font: 700 ${item.content.style.size}px Andika, sans-serif; text-rendering: geometricPrecision`)
                      text.textContent = line.text
                      svg.append(text)
                      const drawn = text.getComputedTextLength()
                      found.push(`${line.text} ${Math.abs(drawn / line.width - 1) < 0.02 ? 'right' : `${line.width} drawn ${drawn}`}`)
                    }
                  svg.remove()
                  return found
                }
                """, id);
        org.assertj.core.api.Assertions.assertThat((java.util.List<?>) wrong)
                .hasSizeGreaterThanOrEqualTo(5)
                .allMatch(one -> one.toString().endsWith("right"));
    }

    @Test
    void pictures_are_found_by_word() {
        start("Pair", "", "day, sun\nnight, moon");
        field("Show pictures for the words").check();
        assertThat(teacher.getByText("1 page, 2 pictures found")).isVisible();
        make();
        assertThat(buttonLike(teacher, "sun, free").locator("image")).hasCount(1);
    }

    @Test
    void what_is_missing_is_told_while_the_list_is_written_and_nothing_is_made() {
        start("Count out", "", "star");
        assertThat(teacher.getByText(Pattern.compile("how many behind each thing")))
                .isVisible();
        assertThat(buttonLike(teacher, "Make the page")).isDisabled();
        teacher.locator("dialog textarea").fill("star, 3");
        assertThat(buttonLike(teacher, "Make the page")).isEnabled();
    }

    @Test
    void by_keyboard_alone_a_memory_page_is_made() {
        teacher.getByLabel("Start from a list").locator("button").first().focus();
        Browser.tabTo(teacher, "Memory pairs turn and match");
        teacher.keyboard().press("Enter");
        teacher.waitForFunction("() => document.activeElement?.tagName === 'TEXTAREA'");
        teacher.keyboard().type("hot, cold\nday, night");
        assertThat(buttonLike(teacher, "Make the page")).isEnabled();
        teacher.keyboard().press("Tab");
        Browser.tabTo(teacher, "Make the page");
        teacher.keyboard().press("Enter");
        teacher.waitForURL("**/lay-out");
        assertThat(buttonLike(teacher, "Card 4, free")).isVisible();
        assertTrue(button(teacher, "Undo").isDisabled());
    }

    @Test
    void an_order_is_put_right_by_keyboard_place_by_place() {
        start("Order", "From the sun", "Mercury\nVenus\nEarth");
        make();
        link(teacher, "Try").click();
        String[] planets = {"Mercury", "Venus", "Earth"};
        for (int place = 1; place <= 3; place++) {
            Locator piece = pieceLike(teacher, planets[place - 1]);
            piece.press("Enter");
            for (int i = 0; i < place; i++) {
                teacher.keyboard().press("ArrowRight");
            }
            assertThat(teacher.getByText("place " + place + " of 3? Press Enter to put"))
                    .isVisible();
            teacher.keyboard().press("Enter");
            assertThat(teacher.getByText(planets[place - 1] + " belongs in")).isVisible();
        }
        assertThat(teacher.getByText("3 of 3 placed").or(teacher.getByText("1 of 1 placed")))
                .isVisible();
    }

    @Test
    void a_sentence_is_cut_into_words_and_one_undo_brings_it_back() {
        start("Order", "Moonrise", "first\nsecond");
        make();
        buttonLike(teacher, "Put them in order, the first one on the left., fixed")
                .click();
        button(teacher, "Cut into words").click();
        assertThat(buttonLike(teacher, "left., free")).isVisible();
        assertThat(buttonLike(teacher, "order,, free")).isVisible();
        button(teacher, "Undo").click();
        assertThat(buttonLike(teacher, "Put them in order, the first one on the left., fixed"))
                .isVisible();
    }
}
