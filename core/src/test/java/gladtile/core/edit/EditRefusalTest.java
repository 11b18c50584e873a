package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Decision;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.edit.EditResult.Refused;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EditRefusalTest {
    private final Activity sky = Some.sky();

    @Test
    void an_edit_for_what_is_gone_is_refused_by_name() {
        assertRefused(new SetFrame("p1", "venus", Frame.of(0, 0, 10, 10)), Reason.NO_SUCH_ITEM);
        assertRefused(new RemoveItem("p9", "sun"), Reason.NO_SUCH_PAGE);
        assertRefused(new MovePage("p9", 0), Reason.NO_SUCH_PAGE);
    }

    @Test
    void an_id_is_never_given_twice_even_on_another_page() {
        assertRefused(new AddItem("p2", 0, Some.piece("sun", 0, 0)), Reason.ID_TAKEN);
        assertRefused(new AddPage(0, Page.empty("p2", "Again")), Reason.ID_TAKEN);
    }

    @Test
    void the_last_page_stays() {
        Activity one = ((Applied) new RemovePage("p2").apply(sky)).activity();
        assertThat(new RemovePage("p1").apply(one)).isInstanceOf(Refused.class);
    }

    @Test
    void a_zone_is_never_a_piece_and_a_fixed_item_never_belongs() {
        assertRefused(new SetMovement("p1", "light", Movement.FREE), Reason.WRONG_KIND);
        assertRefused(new Decide("p1", "light", "title", Decision.BELONGS), Reason.NOT_A_PIECE);
        assertRefused(new Decide("p1", "sun", "moon", Decision.BELONGS), Reason.NOT_A_ZONE);
        assertRefused(new SetZoneLabel("p1", "sun", "Here"), Reason.WRONG_KIND);
    }

    @Test
    void what_becomes_fixed_leaves_the_key_and_undo_brings_its_cells_back() {
        Edit fix = new SetMovement("p1", "sun", Movement.FIXED);
        Activity fixed = ((Applied) fix.apply(sky)).activity();
        assertThat(fixed.key().belongsSomewhere("sun")).isFalse();
        assertThat(((Applied) fix.invert(sky).apply(fixed)).activity()).isEqualTo(sky);
    }

    @Test
    void a_step_of_several_edits_is_made_whole_or_not_at_all() {
        Edit step = new CompositeEdit(List.of(new SetTitle("Half"), new RemoveItem("p1", "venus")));
        assertThat(step.apply(sky)).isInstanceOf(Refused.class);
        assertThat(sky.title()).isEqualTo("Night sky");
    }

    @Test
    void full_pages_and_activities_say_so() {
        List<Item> many = new ArrayList<>();
        IntStream.range(0, Bounds.ITEMS_ON_A_PAGE).forEach(i -> many.add(Some.piece("i" + i, 0, 0)));
        Activity full = Activity.blank("Full", "p").withPage(new Page("p", "Full", Paper.PLAIN, many));
        assertThat(new AddItem("p", 0, Some.piece("x", 0, 0)).apply(full))
                .isEqualTo(
                        new Refused(Reason.TOO_MANY_ITEMS, Message.of("edit.refused.too-many-items", "most", 2_000)));
        List<Page> pages = IntStream.range(0, Bounds.PAGES)
                .mapToObj(i -> Page.empty("p" + i, "Page"))
                .toList();
        assertThat(new AddPage(0, Page.empty("x", "")).apply(sky.withPages(pages)))
                .isEqualTo(new Refused(Reason.TOO_MANY_PAGES, Message.of("edit.refused.too-many-pages", "most", 200)));
    }

    @Test
    void removing_a_page_full_of_decisions_can_be_taken_back() {
        Edit remove = new RemovePage("p1");
        Activity without = ((Applied) remove.apply(sky)).activity();
        assertThat(without.key().decisions()).isEmpty();
        assertThat(((Applied) remove.invert(sky).apply(without)).activity()).isEqualTo(sky);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"kind\":\"set-frame\",\"pageId\":\"p1\",\"itemId\":\"sun\",\"frame\":{\"x\":\"NaN\",\"y\":0,\"width\":9,\"height\":9,\"turn\":0}}",
                "{\"kind\":\"set-frame\",\"pageId\":\"p1\",\"itemId\":\"sun\",\"frame\":{\"x\":0,\"y\":0,\"width\":0,\"height\":9,\"turn\":0}}",
                "{\"kind\":\"set-frame\",\"pageId\":\"p1\",\"itemId\":\"sun\"}",
                "{\"kind\":\"set-paper\",\"pageId\":\"p1\",\"paper\":{\"colour\":\"red\"}}",
                "{\"kind\":\"set-title\",\"title\":null}",
                "{\"kind\":\"set-title\",\"title\":\"a\",\"more\":1}",
                "{\"kind\":\"rename-page\",\"pageId\":\"../p1\",\"name\":\"a\"}",
                "{\"kind\":\"composite\",\"edits\":[]}",
                "{\"kind\":\"no-such-kind\"}"
            })
    void json_with_a_value_past_its_bound_is_no_edit(String json) {
        assertThatThrownBy(() -> Json.read(json, Edit.class)).isInstanceOf(tools.jackson.core.JacksonException.class);
    }

    @Test
    void lines_that_say_other_words_than_the_text_are_refused() {
        String json = Json.write(Some.words("w", "two\nlines"));
        assertThatThrownBy(() -> Json.read(
                        json.replace("\"lines\"}", "\"lies\"}").replace("\"text\":\"lines\"", "\"text\":\"lies\""),
                        Item.class))
                .hasRootCauseInstanceOf(OutOfBounds.class)
                .hasMessageContaining("bound.words.lines");
    }

    private void assertRefused(Edit edit, Reason reason) {
        assertThat(edit.apply(sky))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.reason()).isEqualTo(reason));
    }
}
