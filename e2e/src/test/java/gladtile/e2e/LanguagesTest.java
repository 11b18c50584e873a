package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.SetTerms;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A student's screens in other languages, from right to left too, on every size of screen. */
@ExtendWith(RealServer.class)
class LanguagesTest {
    /** Phone both ways, tablet, laptop, wall. */
    private static final int[][] SIZES = {{390, 844}, {844, 390}, {1024, 768}, {1280, 800}, {1920, 1080}};

    /** Controls that stick out, lie over each other, cut their words or are too small for a finger. */
    private static final String MISFITS = """
            () => {
              const all = [...document.querySelectorAll('button, a.btn, input:not([type=radio]):not([type=checkbox])')]
                .filter((one) => !one.closest('.sheet, .unseen') && one.checkVisibility({ visibilityProperty: true }))
                .map((one) => ({ one, box: one.getBoundingClientRect() }))
                .filter(({ box }) => box.width > 0 && box.height > 0)
              const name = (one) => one.getAttribute('aria-label') || one.textContent.trim()
              const wrong = []
              for (const { one, box } of all) {
                if (box.left < -1 || box.right > innerWidth + 1) wrong.push(`sticks out: ${name(one)}`)
                if (one.scrollWidth > one.clientWidth + 1) wrong.push(`is cut: ${name(one)}`)
                if (box.height < 43.5 || box.width < 43.5) wrong.push(`too small: ${name(one)} ${box.width}×${box.height}`)
                for (const other of all) {
                  if (other.one === one || other.one.contains(one) || one.contains(other.one)) continue
                  const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left)
                  const down = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top)
                  if (across > 1 && down > 1) wrong.push(`over each other: ${name(one)} and ${name(other.one)}`)
                }
              }
              return wrong
            }""";

    private final Browser browser = new Browser();
    private School school;
    private String address;
    private AssignmentService.Given given;

    @BeforeEach
    void begin(RealServer server) {
        school = new School(server);
        address = server.address();
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, false))));
        given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private void speak(String language) {
        org.assertj.core.api.Assertions.assertThat(school.asTeacher()
                        .put("/api/v1/classes/" + school.classId + "/language", Map.of("language", language))
                        .status())
                .isEqualTo(204);
    }

    private void holds(Page page, String where) {
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(page))
                .as(where)
                .isEmpty();
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            org.assertj.core.api.Assertions.assertThat((List<?>) page.evaluate(MISFITS))
                    .as("%s at %d × %d", where, size[0], size[1])
                    .isEmpty();
        }
        page.setViewportSize(1280, 800);
    }

    private void saysNothingInEnglish(Page page, String where) {
        LatinWords.none(page, school, List.of(), where);
    }

    @Test
    void a_lesson_is_done_in_arabic_from_the_code_to_handing_in() {
        speak("ar");
        Page ada = browser.device(true);
        ada.navigate(address + "/join/" + given.joinCode());
        assertThat(ada.getByRole(AriaRole.HEADING)).hasText("من أنت؟");
        assertThat(ada.locator("html")).hasAttribute("dir", "rtl");
        assertThat(ada.locator("html")).hasAttribute("lang", "ar");
        saysNothingInEnglish(ada, "who one is");
        button(ada, "Ada").click();
        ada.getByLabel("رقمك السري").fill("0000");
        saysNothingInEnglish(ada, "the PIN");
        ada.getByLabel("رقمك السري").fill(School.PIN);
        button(ada, "ادخل").click();
        ada.waitForURL("**/work/**");
        pieceLike(ada, "sun").waitFor();
        assertThat(ada.getByText("وُضع 0 من 2")).isVisible();

        drag(
                ada,
                pieceLike(ada, "sun"),
                ada.locator("[aria-label^='Makes light']").first());
        assertThat(ada.getByText("وُضع 1 من 2")).isVisible();
        assertThat(ada.getByText(Pattern.compile("مكانه في Makes light"))).isVisible();
        saysNothingInEnglish(ada, "a page that is worked on");
        holds(ada, "a page that is worked on");
        // A page is the same in every language: it is not turned around.
        org.assertj.core.api.Assertions.assertThat(
                        ada.evaluate("() => getComputedStyle(document.querySelector('.sheet')).direction"))
                .isEqualTo("ltr");

        button(ada, "قلم").click();
        saysNothingInEnglish(ada, "with the pen");
        button(ada, "أسهل").click();
        assertThat(ada.getByText("اجعله أسهل")).isVisible();
        saysNothingInEnglish(ada, "making it easier");
        button(ada, "إغلاق").click();

        button(ada, "التالي").click();
        button(ada, "سلّم").click();
        assertThat(ada.getByText("هل تسلّم عملك؟")).isVisible();
        saysNothingInEnglish(ada, "handing in");
        Browser.answer(ada, "سلّم");
        assertThat(ada.getByText(Pattern.compile("سُلّم\\. 1 من 2 صحيح"))).isVisible();
        ada.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("عملي"))
                .click();
        assertThat(ada.getByText("مرحبًا Ada")).isVisible();
        saysNothingInEnglish(ada, "what there is to do");
        holds(ada, "what there is to do");
    }

    @Test
    void somebody_chooses_another_language_than_their_class_and_keeps_it() {
        speak("de");
        Page bo = browser.device(true);
        bo.navigate(address + "/join/" + given.joinCode());
        assertThat(bo.getByRole(AriaRole.HEADING)).hasText("Wer bist du?");
        button(bo, "Bo").click();
        bo.getByLabel("Deine PIN").fill(School.PIN);
        button(bo, "Hereinkommen").click();
        bo.waitForURL("**/work/**");
        pieceLike(bo, "sun").waitFor();
        holds(bo, "a page in German");
        button(bo, "Leichter").click();
        bo.getByText("Español").click();
        assertThat(bo.getByText("Hazlo más fácil")).isVisible();
        button(bo, "Cerrar").click();
        bo.reload();
        assertThat(button(bo, "Más fácil")).isVisible();
        // What the server says comes in the same language.
        org.assertj.core.api.Assertions.assertThat(bo.evaluate("""
                        async () => (await (await fetch('/api/v1/join/ZZZZZZ', { headers: { 'Accept-Language': 'es' } })).json()).detail
                        """))
                .isEqualTo("Ninguna clase tiene ese código. Mira la pizarra e inténtalo otra vez.");
    }
}
