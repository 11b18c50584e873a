package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.edit.EditResult.Refused;
import gladtile.core.measure.Arrangement;
import gladtile.core.page.Cover;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Table;
import gladtile.core.page.TableCell;
import gladtile.core.page.Traits;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Edits of contents, traits and several items: what they leave alone, refuse, and bring back. */
class BodyEditsTest {
    private static final Frame BOX = Frame.of(100, 100, 200, 100);

    private final Activity sky = applied(
            new CompositeEdit(List.of(
                    new AddItem("p1", 99, table("cell")),
                    new Decide("p1", "cell", "sun", Decision.BELONGS),
                    new SetRule("p1", "cell", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS)))),
            Some.sky());

    @Test
    void new_contents_leave_place_movement_description_and_traits_alone() {
        Activity before = applied(new SetTraits("p1", "sun", Traits.NONE.withTransparency(30)), sky);
        Picture other = new Picture(
                "sun", Frame.of(1, 1, 9, 9), Movement.FIXED, "other", PictureRef.library("2B50"), "Somebody");
        Item after = item(applied(new SetBody("p1", other), before), "sun");
        Item was = item(before, "sun");
        assertThat(after.common()).isEqualTo(was.common());
        assertThat(((Picture) after).picture()).isEqualTo(PictureRef.library("2B50"));
        assertThat(((Picture) after).credit()).isEqualTo("Somebody");
    }

    @Test
    void contents_of_another_kind_are_refused() {
        assertRefused(new SetBody("p1", Some.zone("sun", 0, 0, 9, 9)), Reason.WRONG_KIND);
        assertRefused(new SetBody("p1", Some.piece("venus", 0, 0)), Reason.NO_SUCH_ITEM);
        assertRefused(new SetBody("p9", Some.piece("sun", 0, 0)), Reason.NO_SUCH_PAGE);
    }

    @Test
    void a_cell_that_is_no_drop_zone_any_more_leaves_the_key_and_undo_brings_it_back() {
        Edit edit = new SetBody("p1", table(null));
        Activity without = applied(edit, sky);
        assertThat(without.key().decision("cell", "sun")).isEqualTo(Decision.UNDECIDED);
        assertThat(without.key().rules()).doesNotContainKey("cell");
        assertThat(applied(edit.invert(sky), without)).isEqualTo(sky);
    }

    @Test
    void a_cell_never_takes_an_id_that_is_taken() {
        assertRefused(new SetBody("p1", table("light")), Reason.ID_TAKEN);
        assertRefused(new AddItem("p2", 0, table("cell").withId("another")), Reason.ID_TAKEN);
        Page page = new Page("p3", "", Paper.PLAIN, List.of(Some.piece("cell", 0, 0)));
        assertRefused(new AddPage(0, page), Reason.ID_TAKEN);
    }

    @Test
    void a_deleted_table_takes_its_cells_decisions_along_and_undo_brings_all_back() {
        Edit remove = new RemoveItem("p1", "table");
        Activity without = applied(remove, sky);
        assertThat(without.key().decisions()).doesNotContainKey("cell");
        assertThat(applied(remove.invert(sky), without)).isEqualTo(sky);
        Edit removePage = new RemovePage("p1");
        assertThat(applied(removePage.invert(sky), applied(removePage, sky))).isEqualTo(sky);
    }

    @Test
    void covers_and_zones_are_always_fixed() {
        Activity covered =
                applied(new AddItem("p1", 99, new Cover("c", BOX, "", null, "#0b5d66", Cover.Direction.UP, "")), sky);
        assertThat(new SetMovement("p1", "c", Movement.FREE).apply(covered)).isInstanceOf(Refused.class);
    }

    @Test
    void several_are_arranged_together_or_not_at_all() {
        Activity lined = applied(new Arrange("p1", List.of("sun", "moon", "star"), Arrangement.TOP), sky);
        assertThat(item(lined, "moon").frame().y())
                .isEqualTo(item(lined, "sun").frame().y());
        assertRefused(new Arrange("p1", List.of("sun", "venus"), Arrangement.TOP), Reason.NO_SUCH_ITEM);
        assertRefused(Transform.moved("p9", List.of("sun"), 1, 1), Reason.NO_SUCH_PAGE);
    }

    @Test
    void moving_several_there_and_back_is_taken_back_exactly() {
        Edit move = Transform.moved("p1", List.of("sun", "light"), 0.1, 0.2);
        Activity moved = applied(move, sky);
        assertThat(applied(move.invert(sky), moved)).isEqualTo(sky);
    }

    @Test
    void an_edit_of_several_goes_on_with_those_that_are_left() {
        Edit move = Transform.moved("p1", List.of("sun", "moon"), 5, 5);
        assertThat(move.rebase(new RemoveItem("p1", "sun"))).contains(Transform.moved("p1", List.of("moon"), 5, 5));
        assertThat(Transform.moved("p1", List.of("sun"), 5, 5).rebase(new RemoveItem("p1", "sun")))
                .isEmpty();
        assertThat(new Arrange("p1", List.of("sun", "moon"), Arrangement.LEFT).rebase(new RemovePage("p1")))
                .isEmpty();
        assertThat(new SetBody("p1", Some.piece("sun", 0, 0)).rebase(new RemoveItem("p1", "sun")))
                .isEmpty();
    }

    @Test
    void of_two_changes_of_one_thing_in_a_row_only_the_later_counts() {
        Edit first = new SetTraits("p1", "sun", Traits.NONE.withTransparency(10));
        Edit second = new SetTraits("p1", "sun", Traits.NONE.withTransparency(20));
        assertThat(first.merge(second)).contains(second);
        assertThat(first.merge(new SetTraits("p1", "moon", Traits.NONE))).isEmpty();
        assertThat(new SetPageWords("p1", null).merge(new SetPageWords("p2", null)))
                .isEmpty();
    }

    private static Table table(String zoneId) {
        TableCell cell = new TableCell(null, null, null, null, zoneId);
        return new Table(
                "table",
                BOX,
                Movement.FIXED,
                "",
                null,
                List.of(50.0, 50.0),
                List.of(50.0),
                List.of(List.of(TableCell.EMPTY, cell)),
                "#55656b");
    }

    private static Item item(Activity activity, String id) {
        return activity.page("p1").orElseThrow().item(id).orElseThrow();
    }

    private static Activity applied(Edit edit, Activity on) {
        EditResult result = edit.apply(on);
        assertThat(result).as("%s", edit).isInstanceOf(Applied.class);
        return ((Applied) result).activity();
    }

    private void assertRefused(Edit edit, Reason reason) {
        assertThat(edit.apply(sky))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.reason()).isEqualTo(reason));
    }
}
