package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.answer.TypedKey;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.RemovePage;
import gladtile.core.edit.SetTyped;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Paper;
import gladtile.core.page.WordStyle;
import gladtile.core.typed.TypedRule;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.TeamService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A whole lesson, from giving out to improving: a teacher and six students, each with a device of their own. One is
 * without a network for a while, one works by keys alone, one goes on on a second device, two are a team. Nobody loads
 * a page again to see what the others did.
 *
 * <p>Long because it goes through one lesson from its beginning to its end.
 */
@ExtendWith(RealServer.class)
class LessonTest {
    private final Browser browser = new Browser();
    private School school;
    private String address;
    private Page teacher;

    @BeforeEach
    void school(RealServer server) {
        school = new School(server);
        address = server.address();
        String blank = school.activity().pages().stream()
                .map(gladtile.core.page.Page::id)
                .filter(id -> !id.equals("light"))
                .findFirst()
                .orElseThrow();
        gladtile.core.page.Page planets = new gladtile.core.page.Page(
                "planets",
                "Planets",
                Paper.PLAIN,
                List.of(new Gap("red", Frame.of(500, 300, 400, 80), "The red planet", null, WordStyle.PLAIN)));
        school.edit(new CompositeEdit(List.of(
                new AddPage(1, planets),
                new SetTyped("planets", "red", TypedKey.of(new TypedRule.TextRule(List.of("Mars"), List.of()))),
                new RemovePage(blank))));
        PersonService people = server.bean(PersonService.class);
        ClassService classes = server.bean(ClassService.class);
        for (String name : List.of("Dina", "Emre", "Femi")) {
            CurrentUser student = people.addStudent(school.id, name, School.PIN);
            classes.join(school.id, school.classId, student.id());
            school.students.add(student);
        }
        server.bean(TeamService.class)
                .replace(
                        school.id,
                        school.classId,
                        List.of(new TeamService.NewTeam(
                                null,
                                "Comets",
                                List.of(
                                        school.students.get(4).id(),
                                        school.students.get(5).id()))));
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    @Test
    void from_giving_out_to_improving() {
        teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        String code = give();
        link(teacher, "See the class at work").click();
        assertThat(teacher.getByText("team copies")).isVisible();

        Page ada = join(code, "Ada");
        Page bo = join(code, "Bo");
        Page cyrus = join(code, "Cyrus");
        Page dina = join(code, "Dina");
        Page emre = join(code, "Emre");
        Page femi = join(code, "Femi");
        assertThat(link(teacher, "Comets")).isVisible();

        // Who is here is seen without a move being made.
        assertThat(teacher.getByText("5 pages open now")).isVisible();

        withoutANetwork(ada);
        byKeysAlone(bo);
        onASecondDevice(cyrus, code);
        asATeam(emre, femi);
        whatTheTeacherDoesWithAll(dina);
        dinaHandsInWithAMistake(dina);
        for (Page student : List.of(ada, cyrus, emre)) {
            handIn(student);
        }
        assertThat(row("Comets").getByText("handed in")).isVisible();
        assertThat(femi.getByText("Handed in.").first()).isVisible();
        Browser.look(teacher, "lesson-progress");

        review();
        improve(dina);
        results();
    }

    private String give() {
        teacher.navigate(address + "/activities/" + school.activityId + "/assign");
        teacher.getByText("Team copy").click();
        button(teacher, "In a week").click();
        button(teacher, "Assign").click();
        return teacher.locator(".big-code").innerText().replace(" ", "");
    }

    private Page join(String code, String name) {
        Page student = browser.device(true);
        Browser.join(student, address, code, name, School.PIN);
        pieceLike(student, "sun").waitFor();
        return student;
    }

    private static Locator zone(Page student, String name) {
        return student.locator("[data-zone][aria-label='" + name + "']");
    }

    private Locator row(String name) {
        return teacher.locator("tbody tr", new Page.LocatorOptions().setHasText(name));
    }

    /** Moves, a page and an answer without a network; then the page is loaded again, still without it being told. */
    private void withoutANetwork(Page ada) {
        ada.context().setOffline(true);
        drag(ada, pieceLike(ada, "sun"), zone(ada, "Makes light"));
        assertThat(ada.getByText("Saved on this device")).isVisible();
        drag(ada, pieceLike(ada, "moon"), zone(ada, "Reflects"));
        button(ada, "Next").click();
        Locator gap = ada.getByLabel("The red planet");
        gap.fill("Mars");
        gap.press("Enter");
        assertThat(row("Ada").getByLabel("first try")).hasCount(0);
        ada.context().setOffline(false);
        assertThat(ada.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(row("Ada").getByLabel("first try")).hasCount(3);
    }

    private void byKeysAlone(Page bo) {
        Browser.tabTo(bo, "sun");
        bo.keyboard().press("Enter");
        bo.keyboard().press("ArrowRight");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("1 of 2 placed")).isVisible();
        Browser.tabTo(bo, "moon");
        bo.keyboard().press("Enter");
        bo.keyboard().press("ArrowRight");
        bo.keyboard().press("ArrowRight");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("2 of 2 placed")).isVisible();
        Browser.tabTo(bo, "Next");
        bo.keyboard().press("Enter");
        bo.getByLabel("The red planet").waitFor();
        Browser.tabTo(bo, "The red planet");
        bo.keyboard().type("Mars");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("1 of 1 right")).isVisible();
        Browser.tabTo(bo, "Hand in");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("Everything is in its place")).isVisible();
        bo.keyboard().press("Tab");
        bo.keyboard().press("Enter");
        assertThat(bo.getByText("Handed in.").first()).isVisible();
        assertThat(row("Bo").getByText("handed in")).isVisible();
    }

    private void onASecondDevice(Page cyrus, String code) {
        drag(cyrus, pieceLike(cyrus, "sun"), zone(cyrus, "Makes light"));
        assertThat(cyrus.getByText("1 of 2 placed")).isVisible();
        Page second = join(code, "Cyrus");
        assertThat(second.getByText("1 of 2 placed")).isVisible();
        drag(second, pieceLike(second, "moon"), zone(second, "Reflects"));
        assertThat(second.getByText("2 of 2 placed")).isVisible();
        assertThat(cyrus.getByText("2 of 2 placed")).isVisible();
        type(second, "Mars");
        // The first device goes along to the page on which the work goes on.
        assertThat(cyrus.getByText("1 of 1 right")).isVisible();
    }

    private void asATeam(Page emre, Page femi) {
        assertThat(emre.getByText("Emre, Femi")).isVisible();
        // Who turns the page is there alone.
        button(femi, "Next").click();
        femi.getByLabel("The red planet").waitFor();
        drag(emre, pieceLike(emre, "sun"), zone(emre, "Makes light"));
        assertThat(emre.getByText("1 of 2 placed")).isVisible();
        assertThat(femi.getByLabel("The red planet")).isVisible();
        button(femi, "Back").click();
        assertThat(femi.getByText("1 of 2 placed")).isVisible();
        drag(femi, pieceLike(femi, "moon"), zone(femi, "Makes light"));
        assertThat(femi.getByText("moon: not here")).isVisible();
        // It glides home before it can be taken up again.
        femi.waitForFunction("() => document.getAnimations().every(a => a.playState !== 'running')");
        drag(femi, pieceLike(femi, "moon"), zone(femi, "Reflects"));
        assertThat(emre.getByText("2 of 2 placed")).isVisible();
        assertThat(row("Comets").getByLabel("second try")).hasCount(1);
    }

    private void whatTheTeacherDoesWithAll(Page dina) {
        button(teacher, "Pause everyone").click();
        Locator words = teacher.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
        words.fill("Look at the board");
        teacher.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Pause everyone").setExact(true))
                .click();
        assertThat(dina.getByText("Look up for a moment")).isVisible();
        assertThat(dina.getByText("Look at the board")).isVisible();
        Browser.look(dina, "lesson-held");
        button(teacher, "Resume").click();
        assertThat(dina.getByText("Look up for a moment")).isHidden();

        button(teacher, "Message Dina").click();
        words.fill("What lights the moon?");
        button(teacher, "Send").click();
        assertThat(dina.getByText("What lights the moon?")).isVisible();
        button(dina, "Put away").click();
        assertThat(dina.getByText("What lights the moon?")).isHidden();
    }

    private void dinaHandsInWithAMistake(Page dina) {
        drag(dina, pieceLike(dina, "sun"), zone(dina, "Makes light"));
        assertThat(dina.getByText("1 of 2 placed")).isVisible();
        button(dina, "Next").click();
        Locator gap = dina.getByLabel("The red planet");
        gap.fill("Jupiter");
        gap.press("Enter");
        button(dina, "Hand in").click();
        // What is still open is told first.
        Locator asked = dina.getByRole(AriaRole.DIALOG);
        assertThat(asked.getByText("This is still open")).isVisible();
        assertThat(asked.getByRole(AriaRole.BUTTON)).hasCount(4);
        Browser.look(dina, "lesson-open");
        Browser.answer(dina, "Hand in");
        assertThat(dina.getByText("Handed in.").first()).isVisible();
    }

    private void type(Page student, String text) {
        button(student, "Next").click();
        Locator gap = student.getByLabel("The red planet");
        gap.fill(text);
        gap.press("Enter");
        assertThat(student.getByText("1 of 1 right")).isVisible();
    }

    private void handIn(Page student) {
        if (button(student, "Hand in").isHidden()) {
            button(student, "Next").click();
        }
        button(student, "Hand in").click();
        Browser.answer(student, "Hand in");
        assertThat(student.getByText("Handed in.").first()).isVisible();
    }

    private void review() {
        link(teacher, "Review").click();
        assertThat(teacher.getByText("5 waiting, 0 sent back")).isVisible();
        button(teacher, "By piece").click();
        button(teacher, "The red planet").click();
        Locator jupiter = teacher.locator(".by-piece li", new Page.LocatorOptions().setHasText("Jupiter"));
        assertThat(jupiter.getByText("Dina")).isVisible();
        teacher.getByLabel("Why, for Jupiter").fill("It is reddish too");
        teacher.getByLabel("Points for Jupiter").fill("0.5");
        teacher.getByLabel("Points for Jupiter").press("Enter");
        assertThat(teacher.getByText("0.5 given to 1 student")).isVisible();

        button(teacher, "By student").click();
        Browser.buttonLike(teacher, "Dina").click();
        assertThat(teacher.getByText("1.5 / 3")).isVisible();
        teacher.getByLabel("Words to Dina").fill("You found the sun.");
        button(teacher, "Look once more at").click();
        teacher.getByLabel("Pin words to").selectOption("moon");
        teacher.getByLabel("Pinned words").fill("Where does its light come from?");
        button(teacher, "Pin").click();
        teacher.getByLabel("May improve it").check();
        assertThat(teacher.getByText("Saved. Nobody sees it")).isVisible();
        replay();
        Browser.look(teacher, "lesson-desk");
        teacher.keyboard().press("Control+Enter");
        assertThat(teacher.getByText("Sent back to Dina")).isVisible();
        assertThat(teacher.getByText("4 waiting, 1 sent back")).isVisible();
    }

    private void replay() {
        button(teacher, "Next refusal").click();
        assertThat(teacher.locator("[aria-current=step]")).containsText("Jupiter");
        button(teacher, "Page 1, Light?").click();
        assertThat(teacher.locator("[aria-current=step]")).hasCount(0);
    }

    private void improve(Page dina) {
        assertThat(dina.getByText("Your teacher says")).isVisible();
        assertThat(dina.getByText("You found the sun. Look once more at")).isVisible();
        assertThat(dina.locator(".score")).containsText("1.5 of 3 points");
        button(dina, "Page 1, Light?, 1 of 2 placed").click();
        Browser.buttonLike(dina, "Words 1").click();
        assertThat(dina.getByText("Where does its light come from?")).isVisible();
        Browser.look(dina, "lesson-came-back");
        button(dina, "Improve it").click();
        assertThat(dina.locator("header").getByText("round 2")).isVisible();
        // What the teacher says is what one goes by while improving.
        assertThat(dina.getByText("You found the sun. Look once more at")).isVisible();
        assertThat(Browser.buttonLike(dina, "Words 1")).isVisible();
        drag(dina, pieceLike(dina, "moon"), zone(dina, "Reflects"));
        assertThat(dina.getByText("2 of 2 placed")).isVisible();
        type(dina, "Mars");
        handIn(dina);
        assertThat(teacher.getByText("5 waiting, 0 sent back")).isVisible();
    }

    private void results() {
        link(teacher, "To class progress").click();
        assertThat(row("Dina").getByText("round 2, handed in")).isVisible();
        link(teacher, "Results").click();
        assertThat(teacher.getByText(Pattern.compile("1 student improved"))).isVisible();
        Browser.look(teacher, "lesson-results");
    }
}
