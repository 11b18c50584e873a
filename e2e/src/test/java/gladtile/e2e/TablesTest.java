package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.middle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import gladtile.core.answer.Decision;
import gladtile.core.edit.Decide;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Tables: each row and column by itself, cells that take words, pictures and pieces. */
class TablesTest extends OnWorkbench {
    @BeforeEach
    void make() {
        tile("Table").click();
        untilTop(Table.class::isInstance);
    }

    private Table table() {
        return kept().stream()
                .filter(Table.class::isInstance)
                .map(Table.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private TableCell cell(int row, int column) {
        return table().cells().get(row).get(column);
    }

    @Test
    void rows_and_columns_are_added_removed_and_sized_one_by_one_by_keyboard() {
        int rows = table().rows().size();
        int columns = table().columns().size();
        pressInPanel("Row below", "Enter");
        pressInPanel("Column after", "Enter");
        until(() -> table().rows().size() == rows + 1 && table().columns().size() == columns + 1);
        pressInPanel("Remove row", "Enter");
        until(() -> table().rows().size() == rows);
        pressInPanel("Row 2, column 2: empty", "Enter");
        double other = table().rows().get(0);
        typeInPanel("Row height", "150");
        typeInPanel("Column width", "260");
        until(() -> table().rows().get(1) == 150 && table().columns().get(1) == 260);
        assertThat(table().rows().get(0)).isCloseTo(other, within(0.01));
        // The lines on the page are walked to and moved with arrow keys.
        keys("F6");
        for (int i = 0; i < 25 && teacher.locator("path.line.across:focus").count() == 0; i++) {
            keys("Tab");
        }
        double before = table().columns().get(0);
        keys("Shift+ArrowRight");
        until(() -> table().columns().get(0) == before + 50);
        assertThat(table().columns().get(1)).isCloseTo(260, within(0.01));
    }

    @Test
    void a_row_is_pulled_and_the_others_stay_as_they_are() {
        double first = table().rows().get(0);
        double second = table().rows().get(1);
        double[] line = middle(teacher.locator("path.line.down").first());
        pull(line[0] + 20, line[1], 0, 40);
        until(() -> table().rows().get(0) > first + 50);
        assertThat(table().rows().get(1)).isCloseTo(second, within(0.01));
    }

    @Test
    void cells_are_written_in_and_filled_by_keyboard_and_any_is_a_drop_zone() {
        pressInPanel("Row 1, column 1: empty", "Enter");
        pressInPanel("Write in this cell", "Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Planet");
        keys("Escape");
        until(() -> cell(0, 0).words() != null && cell(0, 0).words().text().equals("Planet"));
        pressInPanel("Row 1, column 2: empty", "Enter");
        toPanel("Drop zone");
        keys("Space");
        until(() -> cell(0, 1).zoneId() != null);
        pressInPanel("Picture in this cell", "Enter");
        assertThat(teacher.getByLabel("Find pictures by word")).isFocused();
        teacher.keyboard().type("comet");
        press("comet", "Enter");
        until(() -> cell(0, 1).picture() != null);
        Browser.look(teacher, "table");
    }

    @Test
    void a_picture_that_is_let_go_over_a_cell_fits_it() {
        double[] moon = middle(item("moon, free"));
        Table table = table();
        double x = table.frame().x() + table.columns().get(0) / 2;
        double y = table.frame().y() + table.rows().get(0) / 2;
        double[] to = at(x, y);
        keys("Escape");
        pull(moon[0], moon[1], to[0] - moon[0] + 12, to[1] - moon[1] + 6);
        until(() -> Math.abs(middleX() - x) < 1);
        assertThat(kept("moon").frame().height())
                .isLessThanOrEqualTo(table.rows().get(0));
        assertThat(kept("moon").frame().width())
                .isLessThanOrEqualTo(table.columns().get(0));
        assertThat(button(teacher, "Undo")).isEnabled();
    }

    @Test
    void a_cell_that_is_a_drop_zone_judges_what_a_student_puts_in_it(RealServer server) {
        pressInPanel("Row 2, column 1: empty", "Enter");
        toPanel("Drop zone");
        keys("Space");
        until(() -> cell(1, 0).zoneId() != null);
        String zone = cell(1, 0).zoneId();
        school.edit(new Decide("light", zone, "moon", Decision.BELONGS));
        school.edit(new Decide("light", zone, "sun", Decision.DOES_NOT_BELONG));
        String code = ((AssignmentService.Given)
                        server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId))
                .joinCode();
        Page student = browser.device(true);
        Browser.join(student, address, code, "Ada", School.PIN);
        // A cell has no element of its own: it lies where the page says.
        var first = student.locator("[data-zone='own']").boundingBox();
        double scale = first.width / 500;
        Table table = table();
        double x = table.frame().x() + table.columns().get(0) / 2;
        double y = table.frame().y() + table.rows().get(0) + table.rows().get(1) / 2;
        double[] place = {first.x + (x - 100) * scale, first.y + (y - 100) * scale};
        Browser.drag(student, middle(Browser.pieceLike(student, "sun")), place);
        assertThat(student.getByText("sun: not here. Try another place").first())
                .isVisible();
        Browser.drag(student, middle(Browser.pieceLike(student, "moon")), place);
        assertThat(Browser.pieceLike(student, "moon, belongs")).isVisible();
    }

    private double middleX() {
        var frame = kept("moon").frame();
        return frame.x() + frame.width() / 2;
    }

    @Test
    void tables_have_rows_and_columns_of_their_own_size_and_cells_that_judge() {
        button(teacher, "Column after").click();
        button(teacher, "Row below").click();
        assertThat(teacher.locator("[data-item] rect[stroke='#55656b']")).hasCount(12);
        button(teacher, "Write in this cell").click();
        teacher.keyboard().type("Planet");
        teacher.keyboard().press("Escape");
        assertThat(item("Table, fixed")).containsText("Planet");
        button(teacher, "Row 2, column 1: empty").click();
        teacher.getByLabel("Drop zone", new Page.GetByLabelOptions().setExact(true))
                .check();
        double before = item("Table, fixed").boundingBox().width;
        double[] line = middle(teacher.locator("path.line.across").first());
        pull(line[0], line[1] + 40, 60, 0);
        teacher.waitForFunction(
                "w => document.querySelector(\"[aria-label^='Table, fixed']\").getBoundingClientRect().width > w + 30",
                before);
        link(teacher, "Answers").click();
        assertThat(button(teacher, "sun in Table, row 2, column 1: undecided")).isVisible();
    }
}
