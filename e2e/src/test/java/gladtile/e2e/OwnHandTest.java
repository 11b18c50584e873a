package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.SetTerms;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Ink;
import gladtile.core.page.InkContent;
import gladtile.core.page.Movement;
import gladtile.core.page.Stroke;
import gladtile.core.page.Traits;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A student draws on a page and says something to it, also without a network; the teacher sees and hears it.
 *
 * <p>Long because the tools of a hand are tried on one page in one browser.
 */
@ExtendWith(RealServer.class)
class OwnHandTest {
    private final Browser browser = Browser.withMicrophone();
    private School school;
    private String address;
    private AssignmentService.Given given;
    private Page ada;

    @BeforeEach
    void begin(RealServer server) {
        school = new School(server);
        address = server.address();
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        ada = join("Ada");
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private Page join(String name) {
        Page student = browser.device(true);
        Browser.join(student, address, given.joinCode(), name, School.PIN);
        pieceLike(student, "sun").waitFor();
        return student;
    }

    private static Locator strokes(Page page) {
        return page.locator(".own-ink path");
    }

    /** Straight across a page, between shares of its width, at a share of its height. */
    private static void line(Page page, double from, double to, double height) {
        BoundingBox sheet = page.locator(".ink-sheet").boundingBox();
        double y = sheet.y + sheet.height * height;
        page.mouse().move(sheet.x + sheet.width * from, y);
        page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            page.mouse().move(sheet.x + sheet.width * (from + (to - from) * i / 8), y + i % 2);
        }
        page.mouse().up();
    }

    private static void across(Page page, double x, double from, double to) {
        BoundingBox sheet = page.locator(".ink-sheet").boundingBox();
        page.mouse().move(sheet.x + sheet.width * x, sheet.y + sheet.height * from);
        page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            page.mouse().move(sheet.x + sheet.width * x, sheet.y + sheet.height * (from + (to - from) * i / 8));
        }
        page.mouse().up();
    }

    private static void kept(Page page) {
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    private Page teacherAt(String path) {
        Page teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        teacher.navigate(address + "/assigned/" + given.id() + path);
        return teacher;
    }

    @Test
    void draws_rubs_out_takes_back_and_the_teacher_sees_it_while_it_is_done() {
        Page teacher = teacherAt("/students/" + school.students.get(0).id());
        button(ada, "Pen").click();
        button(ada, "red").click();
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(ada)).isEmpty();
        line(ada, 0.2, 0.8, 0.7);
        line(ada, 0.2, 0.8, 0.8);
        assertThat(strokes(ada)).hasCount(2);
        assertThat(strokes(teacher)).hasCount(2);
        assertThat(strokes(teacher).first()).hasAttribute("stroke", "#a8432b");

        // A rubber in the middle leaves two ends of each.
        button(ada, "Eraser").click();
        across(ada, 0.5, 0.6, 0.9);
        assertThat(strokes(ada)).hasCount(4);
        Browser.look(ada, "own-ink");
        button(ada, "Take back").click();
        assertThat(strokes(ada)).hasCount(2);
        button(ada, "All my ink").click();
        assertThat(strokes(ada)).hasCount(0);
        button(ada, "Take back").click();
        assertThat(strokes(teacher)).hasCount(2);

        // Pieces are moved beneath the ink as ever.
        button(ada, "Move").click();
        drag(ada, pieceLike(ada, "sun"), ada.locator("[data-zone][aria-label='Makes light']"));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    @Test
    void without_a_network_the_page_is_loaded_anew_and_ink_voice_and_moves_are_there_and_arrive_later() {
        kept(ada);
        ada.waitForFunction("() => navigator.serviceWorker.ready.then(r => r.active.state === 'activated')");
        ada.context().setOffline(true);
        button(ada, "Highlighter").click();
        line(ada, 0.2, 0.8, 0.7);
        button(ada, "Move").click();
        drag(ada, pieceLike(ada, "sun"), ada.locator("[data-zone][aria-label='Makes light']"));
        button(ada, "Say it").click();
        buttonLike(ada, "Stop, 2 s").click();
        Locator voice = ada.locator(".recordings audio");
        assertThat(voice).hasAttribute("src", Pattern.compile("^blob:"));
        // It says so of the recording too only when the device has written it down.
        assertThat(ada.getByText("Saved on this device")).isVisible();

        ada.reload();
        pieceLike(ada, "sun").waitFor();
        assertThat(ada.getByText("Saved on this device")).isVisible();
        assertThat(strokes(ada)).hasCount(1);
        assertThat(voice).hasCount(1);
        Browser.look(ada, "without-network");

        ada.context().setOffline(false);
        kept(ada);
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        Page teacher = teacherAt("/students/" + school.students.get(0).id());
        assertThat(strokes(teacher)).hasCount(1);
        Locator heard = teacher.locator(".recordings audio");
        assertThat(heard).hasAttribute("src", Pattern.compile("^/api/v1/files/[0-9a-f]{64}$"));
        heard.evaluate("audio => audio.play()");
        teacher.waitForCondition(() -> (double) heard.evaluate("audio => audio.currentTime + 1e-9") > 0.2);
    }

    /** On a shared tablet the next child sees nothing of the one before. */
    @Test
    void what_one_student_looked_at_is_not_shown_to_the_next_without_a_network() {
        button(ada, "Pen").click();
        line(ada, 0.2, 0.8, 0.7);
        kept(ada);
        ada.waitForFunction("() => navigator.serviceWorker.ready.then(r => r.active.state === 'activated')");
        link(ada, "My work").click();
        button(ada, "Sign out").click();
        Browser.join(ada, address, given.joinCode(), "Bo", School.PIN);
        pieceLike(ada, "sun").waitFor();
        assertThat(strokes(ada)).hasCount(0);
        link(ada, "My work").click();
        button(ada, "Sign out").click();
        Browser.join(ada, address, given.joinCode(), "Cyrus", School.PIN);
        ada.waitForURL("**/work/**");
        pieceLike(ada, "sun").waitFor();
        ada.context().setOffline(true);
        ada.reload();
        pieceLike(ada, "sun").waitFor();
        assertThat(strokes(ada)).hasCount(0);
        // Of all that was opened on this tablet only the one who is here has something on it.
        Object views = ada.evaluate("() => new Promise(done => { const ask = indexedDB.open('glad-tile');"
                + " ask.onsuccess = () => { const all = ask.result.transaction('views').objectStore('views').getAll();"
                + " all.onsuccess = () => done(all.result.length) } })");
        org.assertj.core.api.Assertions.assertThat(views).isEqualTo(1);
        // My work lists just that, and it can be gone on with.
        link(ada, "My work").click();
        assertThat(ada.getByText("You can go on without a network")).hasCount(1);
        ada.reload();
        ada.getByText("Night sky").click();
        pieceLike(ada, "sun").waitFor();
        ada.context().setOffline(false);
    }

    @Test
    void what_is_drawn_looks_the_same_once_the_pen_is_lifted_and_after_loading_anew() {
        button(ada, "Pen").click();
        BoundingBox sheet = ada.locator(".ink-sheet").boundingBox();
        for (int i = 0; i < 4; i++) {
            double x = sheet.x + sheet.width * (0.1 + 0.2 * i);
            double y = sheet.y + sheet.height * 0.7;
            if (i == 2) {
                button(ada, "Highlighter").click();
            }
            ada.mouse().move(x, y);
            ada.mouse().down();
            for (int k = 1; k <= 14; k++) {
                ada.mouse()
                        .move(
                                x + 6 * k,
                                y + (k % 2 == 0 ? 0 : 40),
                                new com.microsoft.playwright.Mouse.MoveOptions().setSteps(1 + 4 * (i % 2)));
            }
            byte[] before = ada.locator(".ink-sheet").screenshot();
            ada.mouse().up();
            assertThat(strokes(ada)).hasCount(i + 1);
            kept(ada);
            org.assertj.core.api.Assertions.assertThat(
                            InkTest.differing(before, ada.locator(".ink-sheet").screenshot()))
                    .isLessThan(25);
        }
        byte[] drawn = ada.locator(".ink-sheet").screenshot();
        ada.reload();
        assertThat(strokes(ada)).hasCount(4);
        org.assertj.core.api.Assertions.assertThat(
                        InkTest.differing(drawn, ada.locator(".ink-sheet").screenshot()))
                .isLessThan(60);
    }

    /** A scribble over a word: rubbed away where the teacher allows it, and staying otherwise. */
    private Ink scribble(String id, double x, boolean erasable) {
        List<Integer> points = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Collections.addAll(points, 60 + i * 40, i % 2 == 0 ? 60 : 1140, 128);
        }
        Stroke stroke = new Stroke(Stroke.Tool.PEN, "#68406b", 12, Dash.SOLID, points);
        return new Ink(
                id,
                new Frame(x, 820, 252, 120, 0),
                Movement.FIXED,
                "Scribble over " + id,
                erasable ? Traits.NONE.withErasable(true) : null,
                new InkContent(252, 120, List.of(stroke)));
    }

    @Test
    void ink_is_rubbed_away_where_the_teacher_allows_it_and_stays_otherwise() {
        school.edit(new AddItem("light", 0, scribble("word", 200, true)));
        school.edit(new AddItem("light", 0, scribble("title", 900, false)));
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(false, false))));
        given = (AssignmentService.Given)
                school.server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        Page bo = browser.device(true);
        Browser.join(bo, address, given.joinCode(), "Bo", School.PIN);
        pieceLike(bo, "sun").waitFor();
        // Nothing is drawn here; there is only the eraser.
        assertThat(button(bo, "Pen")).hasCount(0);
        byte[] covered = bo.locator("svg.doing").screenshot();
        button(bo, "Eraser").click();
        across(bo, 0.16, 0.8, 0.96);
        across(bo, 0.68, 0.8, 0.96);
        kept(bo);
        byte[] erased = bo.locator("svg.doing").screenshot();
        BoundingBox page = bo.locator("svg.doing").boundingBox();
        org.assertj.core.api.Assertions.assertThat(inkIn(erased, 0.15, 0.17))
                .isLessThan(inkIn(covered, 0.15, 0.17) / 5);
        org.assertj.core.api.Assertions.assertThat(inkIn(erased, 0.64, 0.72)).isEqualTo(inkIn(covered, 0.64, 0.72));
        org.assertj.core.api.Assertions.assertThat(page.width).isPositive();
        Browser.look(bo, "rubbed-away");

        button(bo, "Take back").click();
        kept(bo);
        button(bo, "Move").click();
        org.assertj.core.api.Assertions.assertThat(
                        InkTest.differing(covered, bo.locator("svg.doing").screenshot()))
                .isLessThan(200);
        // By keyboard it goes as a whole.
        bo.getByLabel(Pattern.compile("^Erase: Scribble over word")).focus();
        bo.keyboard().press("Enter");
        kept(bo);
        assertThat(bo.getByText("Erased: Scribble over word")).isVisible();
        org.assertj.core.api.Assertions.assertThat(inkIn(bo.locator("svg.doing").screenshot(), 0.13, 0.28))
                .isLessThan(inkIn(covered, 0.13, 0.28) / 20);

        Page teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        teacher.navigate(address + "/assigned/" + given.id() + "/students/"
                + school.students.get(1).id());
        Locator left = teacher.locator("svg.page");
        left.waitFor();
        org.assertj.core.api.Assertions.assertThat(inkIn(left.screenshot(), 0.13, 0.28))
                .isLessThan(inkIn(covered, 0.13, 0.28) / 10);
    }

    /** How much of the strip at the foot of a page, between two shares of its width, has the scribble's colour. */
    private static long inkIn(byte[] png, double from, double to) {
        try {
            var image = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(png));
            long count = 0;
            for (int x = (int) (image.getWidth() * from); x < image.getWidth() * to; x++) {
                for (int y = (int) (image.getHeight() * 0.83); y < image.getHeight() * 0.93; y++) {
                    int c = image.getRGB(x, y);
                    boolean plum = Math.abs((c >> 16 & 255) - 0x68) < 40
                            && Math.abs((c >> 8 & 255) - 0x40) < 40
                            && Math.abs((c & 255) - 0x6b) < 40;
                    count += plum ? 1 : 0;
                }
            }
            return count;
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Overnight: the session ended while the tablet had no network. Nothing of what was done may go. */
    @Test
    void work_waits_on_the_device_when_the_session_has_ended_and_goes_on_once_the_child_is_in_again() {
        kept(ada);
        ada.waitForFunction("() => navigator.serviceWorker.ready.then(r => r.active.state === 'activated')");
        ada.context().setOffline(true);
        button(ada, "Pen").click();
        line(ada, 0.2, 0.8, 0.7);
        line(ada, 0.2, 0.8, 0.8);
        button(ada, "Move").click();
        drag(ada, pieceLike(ada, "sun"), ada.locator("[data-zone][aria-label='Makes light']"));
        assertThat(ada.getByText("Saved on this device")).isVisible();
        ada.context().clearCookies();
        ada.context().setOffline(false);
        assertThat(ada.getByText("Your work is safe on this device. Come in again, then it goes on."))
                .isVisible();
        Browser.look(ada, "sign-in-again");
        ada.getByLabel("Your PIN, four numbers").fill("9999");
        button(ada, "Come in").click();
        assertThat(ada.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                        .last())
                .isVisible();
        ada.getByLabel("Your PIN, four numbers").fill(School.PIN);
        button(ada, "Come in").click();
        kept(ada);
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        Page teacher = teacherAt("/students/" + school.students.get(0).id());
        assertThat(strokes(teacher)).hasCount(2);
        assertThat(teacher.locator(".head .chip").first()).hasText("1 of 2 placed");
    }

    /** The tablet was closed meanwhile, and another child worked on it: what waits is sent when its own child is back. */
    @Test
    void what_waits_is_sent_after_another_child_used_the_tablet() {
        kept(ada);
        ada.waitForFunction("() => navigator.serviceWorker.ready.then(r => r.active.state === 'activated')");
        ada.context().setOffline(true);
        drag(ada, pieceLike(ada, "sun"), ada.locator("[data-zone][aria-label='Makes light']"));
        assertThat(ada.getByText("Saved on this device")).isVisible();
        ada.context().clearCookies();
        ada.navigate("about:blank");
        ada.context().setOffline(false);
        Browser.join(ada, address, given.joinCode(), "Bo", School.PIN);
        pieceLike(ada, "sun").waitFor();
        link(ada, "My work").click();
        button(ada, "Sign out").click();
        Browser.join(ada, address, given.joinCode(), "Ada", School.PIN);
        pieceLike(ada, "sun").waitFor();
        kept(ada);
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    /** A child is told before it draws what would not be kept; what is rubbed out makes room. */
    @Test
    void a_page_that_is_full_of_ink_says_so_before_the_pen_draws() {
        ada.evaluate("""
                async () => {
                  const id = () => crypto.randomUUID()
                  const opened = await (await fetch('/api/v1/attempts', { method: 'POST', headers: headers(),
                    body: JSON.stringify({ assignmentId: location.pathname.split('/').pop() }) })).json()
                  const stroke = (i) => ({ id: 's' + i, stroke: { tool: 'PEN', colour: '#1f2d33', width: 6, dash: 'SOLID',
                    points: [1000 + 10 * i, 500, 128, 1000 + 10 * i, 700, 128] } })
                  const act = { kind: 'draw', pageId: 'light', drawn: Array.from({ length: 1000 }, (_, i) => stroke(i)), gone: [] }
                  const answer = await fetch(`/api/v1/attempts/${opened.id}/moves`, { method: 'POST', headers: headers(),
                    body: JSON.stringify({ moves: [{ id: id(), act, deviceTime: new Date().toISOString() }] }) })
                  if (!answer.ok) throw new Error(await answer.text())
                  function headers() {
                    const token = /XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]
                    return { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
                  }
                }""");
        ada.reload();
        assertThat(strokes(ada)).hasCount(1000);
        button(ada, "Pen").click();
        line(ada, 0.2, 0.8, 0.9);
        assertThat(ada.getByText("The page is full. Erase some ink first.")).isVisible();
        assertThat(strokes(ada)).hasCount(1000);
        Browser.look(ada, "ink-full");
        button(ada, "Eraser").click();
        button(ada, "All my ink").click();
        assertThat(strokes(ada)).hasCount(0);
        button(ada, "Pen").click();
        line(ada, 0.2, 0.8, 0.9);
        assertThat(strokes(ada)).hasCount(1);
        kept(ada);
    }
}
