package gladtile.e2e;

import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.KeyboardModifier;
import gladtile.core.edit.AddItem;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Traits;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A teacher with an activity open in Lay out; what they did is looked for on the page and in what the server keeps. */
@ExtendWith(RealServer.class)
abstract class OnWorkbench {
    final Browser browser = new Browser();
    School school;
    Page teacher;
    String address;
    String lay;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        address = server.address();
        teacher = browser.device(touch());
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        lay = address + "/activities/" + school.activityId + "/lay-out";
        prepare();
        teacher.navigate(lay);
        buttonLike(teacher, "moon, free").waitFor();
    }

    /** What is on the page before it is opened. */
    void prepare() {}

    boolean touch() {
        return false;
    }

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    Locator item(String beginning) {
        return teacher.locator("svg.page [data-item][aria-label^='" + beginning + "']");
    }

    Locator tile(String name) {
        return teacher.locator(".rack .tile", new Page.LocatorOptions().setHasText(name));
    }

    static Locator.ClickOptions with(KeyboardModifier key) {
        return new Locator.ClickOptions().setModifiers(List.of(key));
    }

    void pull(double x, double y, double dx, double dy) {
        hold(x, y, dx, dy);
        teacher.mouse().up();
    }

    /** Pulls and does not let go. */
    void hold(double x, double y, double dx, double dy) {
        teacher.mouse().move(x, y);
        teacher.mouse().down();
        for (int i = 1; i <= 10; i++) {
            teacher.mouse().move(x + dx * i / 10, y + dy * i / 10);
        }
    }

    /** Once round a middle. */
    void stroke(double x, double y, double radius) {
        teacher.mouse().move(x + radius, y);
        teacher.mouse().down();
        for (int i = 1; i <= 40; i++) {
            double angle = 2 * Math.PI * i / 40;
            teacher.mouse().move(x + radius * Math.cos(angle), y + radius * 0.7 * Math.sin(angle));
        }
        teacher.mouse().up();
    }

    /** Screen pixels a page unit. */
    double scale() {
        return teacher.locator("svg.page").first().boundingBox().width / 1600;
    }

    /** Where a point of the page is on the screen. */
    double[] at(double x, double y) {
        var box = teacher.locator("svg.page").first().boundingBox();
        return new double[] {box.x + x * scale(), box.y + y * scale()};
    }

    /** The activity as it is now, given to the class, on the tablet of a student who has just joined. */
    Page student(String name) {
        AssignmentService.Given given = (AssignmentService.Given)
                school.server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        Page tablet = browser.device(false);
        Browser.join(tablet, address, given.joinCode(), name, School.PIN);
        tablet.waitForURL("**/work/**");
        pieceLike(tablet, "sun").waitFor();
        return tablet;
    }

    /** Where a point of the page is on a student's screen. */
    static double[] onPage(Page tablet, double x, double y) {
        var box = tablet.locator("svg:has([data-zone])").first().boundingBox();
        return new double[] {box.x + x * box.width / 1600, box.y + y * box.width / 1600};
    }

    void keys(String... names) {
        for (String name : names) {
            teacher.keyboard().press(name);
        }
    }

    /** Walks there by Tab alone and presses a key. */
    void press(String name, String key) {
        Browser.tabTo(teacher, name);
        keys(key);
    }

    /** Goes to what stands in the panel on the left, whose content follows what is selected. */
    void toPanel(String name) {
        for (int i = 0; i < 5 && teacher.locator(".panel :focus").count() == 0; i++) {
            keys("F6");
        }
        keys("F6", "Shift+F6");
        Browser.tabTo(teacher, name);
    }

    void pressInPanel(String name, String key) {
        toPanel(name);
        keys(key);
    }

    /** Walks to a field of the panel and fills it in. */
    void typeInPanel(String name, String text) {
        toPanel(name);
        fillIn(text);
    }

    private void fillIn(String text) {
        keys("Control+a");
        teacher.keyboard().type(text);
        keys("Enter");
    }

    /** Walks to a field by Tab alone and fills it in. */
    void type(String name, String text) {
        Browser.tabTo(teacher, name);
        fillIn(text);
    }

    void add(Item... items) {
        for (Item item : items) {
            school.edit(new AddItem("light", 999, item));
        }
    }

    List<Item> kept() {
        return school.activity().page("light").orElseThrow().items();
    }

    /** The uppermost item that the server keeps. */
    Item top() {
        List<Item> now = kept();
        return now.get(now.size() - 1);
    }

    Item kept(String id) {
        return kept().stream().filter(item -> item.id().equals(id)).findFirst().orElseThrow();
    }

    /** Waits until the server keeps it so. */
    void until(BooleanSupplier so) {
        teacher.waitForCondition(so);
    }

    void untilTop(Predicate<Item> so) {
        until(() -> so.test(top()));
    }

    static Picture picture(String id, double x, double y, Movement movement) {
        return new Picture(id, Frame.of(x, y, 100, 100), movement, id, PictureRef.library("2B50"), "OpenMoji");
    }

    static Shape shape(String id, Frame frame, ShapeForm form) {
        return new Shape(id, frame, Movement.FIXED, id, Traits.NONE, ShapeLook.of(form, "#fbefd8", "#07444b"), null);
    }
}
