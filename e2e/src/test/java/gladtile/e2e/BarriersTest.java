package gladtile.e2e;

import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What axe finds wrong in the panels and dialogs of Lay out: nothing. */
class BarriersTest extends OnWorkbench {
    @Test
    void no_panel_or_dialog_has_a_barrier_that_axe_finds() {
        item("sun, free").click();
        button(teacher, "Turns").click();
        teacher.getByLabel("Supply").check();
        teacher.getByLabel("Other side").check();
        check("panel of a piece");
        teacher.keyboard().press("Escape");
        for (String kind : new String[] {"Words", "Note", "Table", "Cover", "Lens"}) {
            tile(kind).click();
            check(kind);
            teacher.keyboard().press("Escape");
            teacher.keyboard().press("Escape");
        }
        teacher.keyboard().press("Control+a");
        check("several");
        teacher.keyboard().press("Escape");
        tile("Ink").click();
        check("ink");
        button(teacher, "Done drawing (Esc)").click();
        tile("Shape").click();
        check("shapes");
        tile("Picture").click();
        teacher.getByText(Pattern.compile("^\\d+ pictures")).waitFor();
        check("pictures");
        teacher.keyboard().press("Escape");
        button(teacher, "Arrange the rack").click();
        check("rack");
        button(teacher, "History").click();
        teacher.getByText("What was done").first().waitFor();
        check("history");
    }

    private void check(String what) {
        assertThat(Browser.barriers(teacher)).as(what).isEmpty();
    }
}
