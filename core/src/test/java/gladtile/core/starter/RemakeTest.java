package gladtile.core.starter;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.ActivityDifference;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.RandomEdits;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pages made again from a changed list: what was changed by hand stays, all else follows the list. */
class RemakeTest {
    private static Activity made(Starter starter) {
        return ((MadePages.Pages) Starters.make(starter, "one", Some.WORDING))
                .asActivity("Sky", new MadeFrom("one", starter, null, Map.of()));
    }

    private static Activity again(Activity now, Starter changed) {
        return remade(now, changed).activity();
    }

    private static RemadeActivity.Again remade(Activity now, Starter changed) {
        RemadeActivity remade = Remake.again(now, changed, false, Some.WORDING);
        assertThat(remade).isInstanceOf(RemadeActivity.Again.class);
        return (RemadeActivity.Again) remade;
    }

    private static Starter sort(String... rows) {
        List<StarterRow> all = new ArrayList<>();
        for (String row : rows) {
            all.add(StarterRow.of(row.split(", ")));
        }
        return new Starter(StarterKind.SORT, "Sky", all, null, null, null, null, 3);
    }

    private static final Starter SKY = sort("Mars, planet", "Vega, star", "Venus, planet", "Sirius, star");

    private static Item named(Activity activity, String name) {
        return activity.pages().stream()
                .flatMap(page -> page.items().stream())
                .filter(item -> item.ownName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Activity with(Activity activity, Item changed) {
        Page page = activity.pages().stream()
                .filter(one -> one.item(changed.id()).isPresent())
                .findFirst()
                .orElseThrow();
        return activity.withPage(page.withItem(changed));
    }

    @ParameterizedTest
    @EnumSource(StarterKind.class)
    void the_same_list_changes_nothing_whatever_was_done_by_hand(StarterKind kind) {
        Random random = new Random(kind.ordinal());
        Starter starter = StartersTest.starter(kind, 8);
        RandomEdits edits = new RandomEdits(random, "h");
        for (int round = 0; round < 12; round++) {
            Activity activity = made(starter);
            for (int i = 0; i < 15; i++) {
                Edit edit = edits.any(activity);
                if (edit.apply(activity) instanceof Applied applied
                        && applied.activity().madeFrom() == activity.madeFrom()) {
                    activity = applied.activity();
                }
            }
            assertThat(again(activity, starter)).isEqualTo(activity);
        }
    }

    /** Longer and shorter lists, and more pages and fewer: as if made from the changed list in the first place. */
    @ParameterizedTest
    @EnumSource(StarterKind.class)
    void without_changes_by_hand_it_is_what_the_changed_list_makes(StarterKind kind) {
        for (int[] change : new int[][] {{8, 9}, {8, 30}, {30, 8}, {5, 3}}) {
            Activity grown = again(made(StartersTest.starter(kind, change[0])), StartersTest.starter(kind, change[1]));
            Activity fresh = made(StartersTest.starter(kind, change[1]));
            assertThat(grown.pages())
                    .as("%s %d to %d", kind, change[0], change[1])
                    .isEqualTo(fresh.pages());
            assertThat(grown.key()).isEqualTo(fresh.key());
        }
    }

    /** Whatever was changed by hand on what is in both lists is there afterwards. */
    @ParameterizedTest
    @EnumSource(StarterKind.class)
    void every_change_by_hand_on_what_is_left_stays(StarterKind kind) {
        Random random = new Random(7 + kind.ordinal());
        Starter starter = StartersTest.starter(kind, 8);
        Starter longer = StartersTest.starter(kind, 11);
        RandomEdits edits = new RandomEdits(random, "h");
        int changed = 0;
        for (int round = 0; round < 12; round++) {
            Activity first = made(starter);
            Activity now = first;
            for (int i = 0; i < 8; i++) {
                if (edits.any(now).apply(now) instanceof Applied applied) {
                    now = applied.activity().withMadeFrom(first.madeFrom());
                }
            }
            Activity again = again(now, longer);
            Map<String, Item> were = PageMerge.items(first.pages());
            Map<String, Item> left = PageMerge.items(again.pages());
            for (Item item : PageMerge.items(now.pages()).values()) {
                Item before = were.get(item.id());
                Item after = left.get(item.id());
                if (before == null) {
                    assertThat(after).isEqualTo(item);
                } else if (after != null && !item.equals(before)) {
                    changed++;
                    if (item.frame().x() != before.frame().x()) {
                        assertThat(after.frame().x()).isEqualTo(item.frame().x());
                    }
                    if (!item.description().equals(before.description())) {
                        assertThat(after.description()).isEqualTo(item.description());
                    }
                    if (!item.movement().equals(before.movement())) {
                        assertThat(after.movement()).isEqualTo(item.movement());
                    }
                    if (!item.traitsOrNone().equals(before.traitsOrNone())) {
                        assertThat(after.traitsOrNone()).isEqualTo(item.traitsOrNone());
                    }
                }
            }
            // It can be reached by edits, as one step, and taken back.
            Activity reached = now;
            Edit step = ActivityDifference.between(reached, again).orElseThrow();
            assertThat(((Applied) step.apply(reached)).activity()).isEqualTo(again);
            assertThat(((Applied) step.invert(reached).apply(again)).activity()).isEqualTo(reached);
        }
        assertThat(changed).isGreaterThan(10);
    }

    @Test
    void an_entry_that_was_misspelt_stays_where_it_was_put() {
        Activity activity = made(sort("Marz, planet", "Vega, star", "Venus, planet", "Sirius, star"));
        Item moved = named(activity, "Marz").withFrame(Frame.of(700, 800, 200, 84));
        RemadeActivity.Again again = remade(with(activity, moved), SKY);
        assertThat(named(again.activity(), "Mars").id()).isEqualTo(moved.id());
        assertThat(named(again.activity(), "Mars").frame().x()).isEqualTo(700);
        assertThat(again.added()).isEmpty();
        assertThat(again.gone()).isEmpty();
        assertThat(again.kept()).isEqualTo(1);
        // And once more: it goes by its first name still, and a new entry that is written so is another.
        Activity third = again(
                again.activity(), sort("Mars, planet", "Vega, star", "Venus, planet", "Sirius, star", "Marz, star"));
        assertThat(named(third, "Mars").id()).isEqualTo(moved.id());
        assertThat(named(third, "Mars").frame().x()).isEqualTo(700);
        assertThat(named(third, "Marz").id()).isNotEqualTo(moved.id());
    }

    @Test
    void a_group_that_is_called_otherwise_keeps_its_rule_and_place() {
        Activity activity = made(SKY);
        Zone zone = (Zone) named(activity, "planet");
        activity = with(activity, zone.withFrame(Frame.of(10, 220, 500, 400)));
        activity = activity.withKey(activity.key()
                .with(
                        zone.id(),
                        activity.key()
                                .rule(zone.id())
                                .withTiming(JudgeTiming.ON_CHECK)
                                .withAccept(AcceptAction.STAYS)));
        Activity again = again(
                activity, sort("Mars, wanderer", "Vega, star", "Venus, wanderer", "Sirius, star", "Io, wanderer"));
        Zone renamed = (Zone) named(again, "wanderer");
        assertThat(renamed.id()).isEqualTo(zone.id());
        assertThat(renamed.frame()).isEqualTo(Frame.of(10, 220, 500, 400));
        ZoneRule rule = again.key().rule(zone.id());
        assertThat(rule.when()).isEqualTo(JudgeTiming.ON_CHECK);
        assertThat(rule.accept()).isEqualTo(AcceptAction.STAYS);
        assertThat(again.key().said(zone.id(), named(again, "Io").id())).isEqualTo(Decision.BELONGS);
    }

    @Test
    void what_was_deleted_stays_deleted_what_was_added_stays_and_what_left_the_list_goes() {
        Activity activity = made(SKY);
        Page page = activity.pages().get(0);
        String gone = named(activity, "Sirius").id();
        WordFit fit = WordFit.free("Look up!", new WordStyle(40, false, "#000000", WordStyle.Align.LEFT));
        Item own = new Words("own", Frame.of(600, 100, fit.width(), fit.height()), Movement.FREE, "", fit.content());
        List<Item> items = new ArrayList<>(page.items());
        items.removeIf(item -> item.id().equals(gone));
        items.add(2, own);
        String zone = named(activity, "star").id();
        activity = activity.withPage(page.withItems(items).withPaper(Paper.of("#ffeedd")));
        activity = activity.withKey(activity.key().without(gone).with(zone, "own", Decision.BELONGS));
        RemadeActivity.Again again =
                remade(activity, sort("Mars, planet", "Sirius, star", "Venus, planet", "Io, moon"));
        Page result = again.activity().pages().get(0);
        assertThat(result.item(gone)).isEmpty();
        assertThat(result.item("own")).contains(own);
        assertThat(result.paper()).isEqualTo(Paper.of("#ffeedd"));
        assertThat(again.activity().key().said(zone, "own")).isEqualTo(Decision.BELONGS);
        assertThat(again.added()).contains(Message.literal("Io"), Message.literal("moon"));
        assertThat(again.gone()).containsExactly(Message.literal("Vega"));
        assertThat(result.items().stream().map(Item::ownName)).doesNotContain("Vega");
    }

    @Test
    void a_wish_of_a_zone_that_was_changed_by_hand_stays_beside_one_that_follows_the_list() {
        Starter order = Starter.of(
                StarterKind.ORDER, "", StarterRow.of("Mercury"), StarterRow.of("Venus"), StarterRow.of("Mars"));
        Activity activity = made(order);
        String zone = activity.pages().get(0).zones().get(0).id();
        ZoneRule rule = activity.key().rule(zone);
        activity = activity.withKey(activity.key().with(zone, rule.withTries(4)));
        Starter longer = order.withRows(List.of(
                StarterRow.of("Mercury"), StarterRow.of("Venus"), StarterRow.of("Earth"), StarterRow.of("Mars")));
        Activity again = again(activity, longer);
        ZoneRule after = again.key().rule(zone);
        assertThat(after.tries()).isEqualTo(4);
        ZoneRequirements wants = after.wanted();
        assertThat(wants.sequence().places().get(named(again, "Mars").id())).isEqualTo(4);
        assertThat(wants.sequence().places().get(named(again, "Earth").id())).isEqualTo(3);
    }

    @Test
    void a_list_that_makes_nothing_is_refused_and_one_of_another_kind_too() {
        Activity activity = made(SKY);
        assertThat(Remake.again(activity, SKY.withRows(List.of()), false, Some.WORDING))
                .isInstanceOf(RemadeActivity.Refused.class);
        assertThat(Remake.again(activity, Starter.of(StarterKind.ORDER, "", StarterRow.of("a")), false, Some.WORDING))
                .isInstanceOf(RemadeActivity.Refused.class);
        assertThat(Remake.again(activity.withMadeFrom(null), SKY, false, Some.WORDING))
                .isInstanceOf(RemadeActivity.Refused.class);
    }

    @Test
    void gaps_that_come_and_go_are_told_by_their_words() {
        for (Boolean typed : new Boolean[] {null, true}) {
            String before = "The [sun] is a star. It lasts a [year].";
            String after = "The [sun] is a [star]. The [moon] is not.";
            Starter text = new Starter(StarterKind.FILL_GAPS, "", List.of(), before, typed, null, null, 1);
            Starter other = new Starter(StarterKind.FILL_GAPS, "", List.of(), after, typed, null, null, 1);
            RemadeActivity.Again again = remade(made(text), other);
            assertThat(again.added()).containsExactlyInAnyOrder(Message.literal("star"), Message.literal("moon"));
            assertThat(again.gone()).containsExactly(Message.literal("year"));
        }
    }

    @Test
    void a_title_that_was_not_changed_by_hand_follows_the_list() {
        Starter titled = new Starter(SKY.kind(), "Night", SKY.rows(), null, null, null, null, 3);
        assertThat(again(made(SKY), titled).title()).isEqualTo("Night");
        assertThat(again(made(SKY).withTitle("My own"), titled).title()).isEqualTo("My own");
    }
}
