package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.SomeRules;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.StudentTools;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.json.Json;
import gladtile.core.measure.Arrangement;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Traits;
import gladtile.core.typed.TypedRule;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Laws of bringing moments back, and of undo beside others.
 *
 * <p>Long because the laws of a history share their random authors.
 */
class HistoryLawsTest {
    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54, 55, 56})
    void the_difference_of_two_moments_leads_from_one_to_the_other_and_back(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity then = Some.activity(random, 3, 7);
        Activity now = then;
        for (int i = 0; i < 60; i++) {
            now = edits.any(now).apply(now) instanceof Applied result ? result.activity() : now;
            if (i % 10 == 9) {
                assertLeads(now, then);
                assertLeads(then, now);
            }
        }
    }

    private static void assertLeads(Activity from, Activity to) {
        Optional<Edit> edit = ActivityDifference.between(from, to);
        Activity there =
                edit.map(step -> ((Applied) step.apply(from)).activity()).orElse(from);
        // Decisions about what is no piece are left in neither.
        assertThat(there.pages()).isEqualTo(to.pages());
        assertThat(there.title()).isEqualTo(to.title());
        assertThat(there.key().rules()).isEqualTo(to.key().rules());
        edit.ifPresent(step -> assertThat(((Applied) step.invert(from).apply(there)).activity())
                .isEqualTo(from));
    }

    @Test
    void nothing_leads_from_an_activity_to_itself() {
        Activity sky = Some.sky();
        assertThat(ActivityDifference.between(sky, sky)).isEmpty();
    }

    @Test
    void decisions_are_brought_back_too() {
        Activity sky = Some.sky();
        Edit fix = new SetMovement("p1", "sun", Movement.FIXED);
        Activity now = ((Applied) fix.apply(sky)).activity();
        Edit back = ActivityDifference.between(now, sky).orElseThrow();
        assertThat(((Applied) back.apply(now)).activity()).isEqualTo(sky);
    }

    /** What a colleague did to something that was added, and then its addition is undone. */
    @Test
    void undo_says_what_others_would_lose_whatever_they_did_with_it() {
        Activity sky = Some.sky();
        Edit page = new AddPage(2, Page.empty("p3", "More"));
        Edit piece = new AddItem("p1", 7, Some.piece("mars", 300, 900));
        Edit zone = new AddItem("p1", 0, Some.zone("planets", 20, 20, 200, 200));
        Edit gap = new AddItem(
                "p1",
                0,
                new gladtile.core.page.Gap(
                        "typed", Frame.of(20, 20, 200, 60), "Moon", null, gladtile.core.page.WordStyle.PLAIN));
        Edit free = new SetMovement("p1", "title", Movement.FREE);
        List<List<Edit>> cases = List.of(
                List.of(page, new AddItem("p3", 0, Some.piece("venus", 1, 1))),
                List.of(page, new RenamePage("p3", "Planets")),
                List.of(page, new SetPaper("p3", Paper.of("#112233"))),
                List.of(piece, new Decide("p1", "dark", "mars", Decision.BELONGS)),
                List.of(piece, new SetFacts("p1", "mars", new PieceFacts(List.of("planet"), null, null))),
                List.of(piece, new SetFrame("p1", "mars", Frame.of(5, 5, 90, 90))),
                List.of(piece, new SetDescription("p1", "mars", "The red one")),
                List.of(zone, new Decide("p1", "planets", "moon", Decision.DOES_NOT_BELONG)),
                List.of(zone, new SetRule("p1", "planets", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS))),
                List.of(zone, new SetZoneLabel("p1", "planets", "Planets")),
                List.of(
                        gap,
                        new SetTyped("p1", "typed", TypedKey.of(new TypedRule.TextRule(List.of("Io"), List.of())))),
                List.of(free, new Decide("p1", "dark", "title", Decision.BELONGS)));
        for (List<Edit> one : cases) {
            Activity added = ((Applied) one.get(0).apply(sky)).activity();
            Edit back = one.get(0).invert(sky);
            assertThat(Conflict.lost(back, List.of(), added))
                    .as("%s alone", one)
                    .isEmpty();
            Activity now = ((Applied) one.get(1).apply(added)).activity();
            assertThat(Conflict.lost(back, List.of(one.get(1)), now))
                    .as("%s", one)
                    .containsExactly(one.get(1).summary());
        }
    }

    @Test
    void two_edits_conflict_when_they_set_the_same_of_the_same_thing() {
        Edit mine = new SetFrame("p1", "sun", Frame.of(0, 0, 9, 9));
        assertThat(conflict(mine, new SetFrame("p1", "sun", Frame.of(5, 5, 9, 9))))
                .isTrue();
        assertThat(conflict(mine, Transform.moved("p1", List.of("moon", "sun"), 3, 3)))
                .isTrue();
        assertThat(conflict(mine, new Arrange("p1", List.of("sun"), Arrangement.LEFT)))
                .isTrue();
        assertThat(conflict(mine, new SetFrame("p1", "moon", Frame.of(5, 5, 9, 9))))
                .isFalse();
        assertThat(conflict(mine, new SetDescription("p1", "sun", "Sun"))).isFalse();
        assertThat(conflict(new CompositeEdit(List.of(mine, new SetTitle("a"))), new SetTitle("b")))
                .isTrue();
        assertThat(conflict(new MoveDepth("p1", "sun", 0), new MoveDepth("p1", "sun", 2)))
                .isTrue();
        assertThat(conflict(new MoveDepth("p1", "sun", 0), new MoveDepth("p1", "moon", 2)))
                .isFalse();
    }

    private static boolean conflict(Edit mine, Edit theirs) {
        Activity now = ((Applied) theirs.apply(Some.sky())).activity();
        return !Conflict.lost(mine, List.of(theirs), now).isEmpty();
    }

    /** Random work of two: an undo that says that nobody loses anything takes nothing that the other has set. */
    @ParameterizedTest
    @ValueSource(longs = {61, 62, 63, 64, 65, 66, 67, 68})
    void an_undo_that_is_made_takes_only_ones_own(long seed) {
        Random random = new Random(seed);
        RandomEdits ours = new RandomEdits(random, "a");
        RandomEdits theirs = new RandomEdits(random, "b");
        int made = 0;
        for (int i = 0; i < 400; i++) {
            Activity start = Some.activity(random, 2, 5);
            Edit mine = ours.any(start);
            if (!(mine.apply(start) instanceof Applied added)) {
                continue;
            }
            Edit back = mine.invert(start);
            Activity now = added.activity();
            List<Edit> after = new java.util.ArrayList<>();
            Optional<Edit> rebased = Optional.of(back);
            for (int n = 0; n < 3; n++) {
                Edit edit = theirs.any(now);
                if (edit.apply(now) instanceof Applied next) {
                    after.add(edit);
                    rebased = rebased.flatMap(left -> left.rebase(edit));
                    now = next.activity();
                }
            }
            if (rebased.isEmpty() || !(rebased.get().apply(now) instanceof Applied undone)) {
                continue;
            }
            if (!Conflict.lost(rebased.get(), after, now).isEmpty()) {
                continue;
            }
            made++;
            // By another way of looking: what the other added is there, and their cells say what they said.
            Activity then = undone.activity();
            Activity before = now;
            for (Edit edit : after) {
                for (Edit one : edit instanceof CompositeEdit step ? step.edits() : List.of(edit)) {
                    if (one instanceof AddItem add
                            && items(before).contains(add.item().id())) {
                        assertThat(items(then))
                                .as("%s after %s", mine, edit)
                                .contains(add.item().id());
                    }
                    if (one instanceof Decide cell) {
                        assertThat(then.key().said(cell.zoneId(), cell.pieceId()))
                                .isEqualTo(before.key().said(cell.zoneId(), cell.pieceId()));
                    }
                    if (one instanceof SetRule rule) {
                        assertThat(then.key().rule(rule.zoneId()))
                                .isEqualTo(before.key().rule(rule.zoneId()));
                    }
                }
            }
        }
        assertThat(made).isGreaterThan(60);
    }

    private static List<String> items(Activity activity) {
        return activity.pages().stream()
                .flatMap(page -> page.items().stream())
                .map(Item::id)
                .toList();
    }

    /** Two who set different fields of one value, the second without knowledge of the first: both are kept. */
    @Test
    void whole_values_are_merged_by_their_fields() {
        Activity sky = Some.sky();
        AnswerTerms was = sky.key().holds();
        Edit theirs = new SetTerms(was.withSeconds(300));
        Edit mine = new SetTerms(was.withTools(new StudentTools(false, true)));
        SetTerms both = (SetTerms) mine.rebase(theirs, sky).orElseThrow();
        assertThat(both.terms()).isEqualTo(was.withSeconds(300).withTools(new StudentTools(false, true)));

        ZoneRule rule = sky.key().rule("dark");
        SetRule rules = (SetRule) new SetRule("p1", "dark", rule.withWants(ZoneRequirements.NOTHING.withCapacity(3)))
                .rebase(new SetRule("p1", "dark", rule.withWants(ZoneRequirements.NOTHING.withTotal(5.0))), sky)
                .orElseThrow();
        assertThat(rules.rule().wants())
                .isEqualTo(ZoneRequirements.NOTHING.withCapacity(3).withTotal(5.0));

        SetTraits traits = (SetTraits) new SetTraits("p1", "sun", Traits.NONE.withTransparency(40))
                .rebase(new SetTraits("p1", "sun", Traits.NONE.withHidden(true)), sky)
                .orElseThrow();
        assertThat(traits.traits()).isEqualTo(Traits.NONE.withTransparency(40).withHidden(true));

        // Of the same field the later one counts, as ever.
        SetTerms later =
                (SetTerms) new SetTerms(was.withSeconds(60)).rebase(theirs, sky).orElseThrow();
        assertThat(later.terms().seconds()).isEqualTo(60);

        ZoneSet pair = new ZoneSet("s1", List.of("light", "dark"), true, List.of());
        Activity with = ((Applied) new AddItem("p1", 0, Some.zone("third", 1, 1, 90, 90)).apply(sky)).activity();
        with = ((Applied) new AddItem("p1", 0, Some.zone("fourth", 1, 1, 90, 90)).apply(with)).activity();
        ZoneSet other = new ZoneSet("s2", List.of("third", "fourth"), true, List.of());
        SetSets sets = (SetSets) new SetSets(List.of(pair))
                .rebase(new SetSets(List.of(other)), with)
                .orElseThrow();
        assertThat(sets.sets()).containsExactlyInAnyOrder(pair, other);
    }

    /** Any two edits of random terms that differ from their base in random fields. */
    @ParameterizedTest
    @ValueSource(longs = {71, 72, 73, 74})
    void a_field_that_only_one_of_two_changed_is_as_they_changed_it(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            Activity start = Some.activity(random, 1, 3);
            AnswerTerms base = SomeRules.terms(random, start.pages().get(0).id());
            Activity before = ((Applied) new SetTerms(base).apply(start)).activity();
            AnswerTerms mine = SomeRules.terms(random, start.pages().get(0).id());
            AnswerTerms theirs = SomeRules.terms(random, start.pages().get(0).id());
            AnswerTerms both = ((SetTerms) new SetTerms(mine)
                            .rebase(new SetTerms(theirs), before)
                            .orElseThrow())
                    .terms();
            assertThat(both.seconds())
                    .isEqualTo(
                            java.util.Objects.equals(mine.seconds(), base.seconds())
                                    ? theirs.seconds()
                                    : mine.seconds());
            assertThat(both.language())
                    .isEqualTo(
                            java.util.Objects.equals(mine.language(), base.language())
                                    ? theirs.language()
                                    : mine.language());
            assertThat(both.accepted())
                    .isEqualTo(mine.accepted().equals(base.accepted()) ? theirs.accepted() : mine.accepted());
        }
    }

    /** Three authors who do not know of each other: with its mends, every edit leaves a sound activity, and can be undone. */
    @ParameterizedTest
    @ValueSource(longs = {81, 82, 83, 84, 85, 86})
    void nothing_speaks_of_what_is_not_there_after_any_chain(long seed) {
        Random random = new Random(seed);
        List<RandomEdits> authors =
                List.of(new RandomEdits(random, "a"), new RandomEdits(random, "b"), new RandomEdits(random, "c"));
        Activity now = Invariants.mended(Some.activity(random, 3, 6));
        List<Activity> seen = new java.util.ArrayList<>(List.of(now, now, now));
        int mended = 0;
        for (int i = 0; i < 300; i++) {
            int author = random.nextInt(3);
            // Made on what that author saw some time ago.
            Edit stale = authors.get(author).any(seen.get(author));
            Edit edit = Invariants.sound(stale, now);
            if (edit.apply(now) instanceof Applied result) {
                assertThat(Invariants.broken(result.activity())).as("%s", edit).isEmpty();
                assertThat(((Applied) edit.invert(now).apply(result.activity())).activity())
                        .isEqualTo(now);
                mended += edit.equals(stale) ? 0 : 1;
                now = result.activity();
            }
            if (random.nextInt(4) == 0) {
                seen.set(author, now);
            }
        }
        assertThat(mended).isPositive();
    }

    @Test
    void what_was_broken_before_is_mended_when_it_is_read() {
        Activity sky = Some.sky();
        AnswerKey odd = sky.key()
                .with("nowhere", "sun", Decision.BELONGS)
                .with("light", "ghost", Decision.BELONGS)
                .with("gone", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS))
                .withTerms(AnswerTerms.USUAL.withWeights(java.util.Map.of("p9", 2.0)))
                .with(
                        "dark",
                        sky.key()
                                .rule("dark")
                                .withWants(ZoneRequirements.NOTHING.withCounts(java.util.Map.of("ghost", 2))));
        Activity broken = sky.withKey(odd).withPassage(new gladtile.core.activity.Passage(true, false, "p9"));
        assertThat(Invariants.broken(broken)).hasSizeGreaterThan(4);
        Activity mended = Invariants.mended(broken);
        assertThat(Invariants.broken(mended)).isEmpty();
        assertThat(mended.key().said("light", "sun")).isEqualTo(Decision.BELONGS);
        assertThat(Invariants.mended(sky)).isSameAs(sky);
    }

    @Test
    void everything_that_can_be_done_is_told_and_can_be_kept() {
        Random random = new Random(5);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity now = Some.activity(random, 2, 6);
        for (int i = 0; i < 400; i++) {
            Message told = edits.any(now).summary();
            assertThat(told.key()).startsWith("edit.");
            assertThat(Json.read(Json.write(told), Message.class)).isEqualTo(told);
        }
    }
}
