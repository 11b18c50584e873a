package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import gladtile.core.page.Speech;
import gladtile.core.page.Traits;
import gladtile.core.student.StudentView;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * Which pages are open, where Next leads, and how the way is told.
 *
 * <p>Long because the ways through pages are tried on one map.
 */
class PathProgressTest {
    private static final PageLinks USUAL = PageLinks.USUAL;

    /** "light" and "dark" on p1, with sun and moon to be put; then harder, practice, end, and one that is set aside. */
    private static Activity branching(PageLinks first) {
        Activity sky = Some.sky();
        return new Activity(
                "Night",
                List.of(
                        sky.pages().get(0).withLinks(first),
                        Page.empty("practice", "Practice").withLinks(USUAL.withTo("end")),
                        Page.empty("spare", "Spare").withLinks(USUAL.withAside(true)),
                        Page.empty("end", "End").withLinks(USUAL.withEnds(true)),
                        Page.empty("harder", "Harder").withLinks(USUAL.withTo("end"))),
                sky.key());
    }

    private static AttemptState after(AttemptRules rules, Act... acts) {
        AttemptState state = AttemptState.start(rules);
        for (Act act : acts) {
            state = ((MoveResult.Made) state.with(Some.move(act), rules)).state();
        }
        return state;
    }

    private static Act put(String piece, double x) {
        return new Act.Put("p1", piece, x, 300);
    }

    private static PathProgress course(AttemptState state, AttemptRules rules) {
        return PathProgress.of(state, rules, Instant.EPOCH);
    }

    private static Set<String> open(AttemptState state, AttemptRules rules) {
        return PathProgress.open(state, rules, Instant.EPOCH);
    }

    @Test
    void without_anything_set_next_leads_through_the_pages_and_all_of_them_are_open() {
        AttemptRules rules = AttemptRules.of(Some.sky());
        PathProgress course = course(AttemptState.start(rules), rules);
        assertThat(course).isEqualTo(new PathProgress(List.of("p1", "p2"), "p2", null, null, java.util.Map.of()));
        assertThat(open(AttemptState.start(rules), rules)).containsExactlyInAnyOrder("p1", "p2");
    }

    @Test
    void next_waits_until_the_page_is_solved_and_nothing_behind_it_can_be_fetched_before() {
        Activity activity = branching(USUAL.withOpens(new Opens.WhenSolved()).withFirst("harder"));
        AttemptRules rules = AttemptRules.of(activity);
        AttemptState start = AttemptState.start(rules);
        assertThat(open(start, rules)).containsExactly("p1");
        assertThat(course(start, rules).waits()).isEqualTo(Message.of("gate.solved"));
        assertThat(course(start, rules).next()).isNull();
        for (String page : List.of("practice", "harder", "end")) {
            MoveResult refused = start.with(Some.move(new Act.Open(page)), rules);
            assertThat(((MoveResult.Refused) refused).rule()).isEqualTo(MoveResult.Rule.NOT_OPEN);
        }
        // A page that was set aside is not there at all.
        MoveResult spare = start.with(Some.move(new Act.Open("spare")), rules);
        assertThat(((MoveResult.Refused) spare).rule()).isEqualTo(MoveResult.Rule.NO_SUCH_PAGE);
        MoveResult behind = start.with(Some.move(new Act.StartAgain("practice")), rules);
        assertThat(((MoveResult.Refused) behind).rule()).isEqualTo(MoveResult.Rule.NOT_OPEN);
        assertThat(StudentView.of(activity, rules, Some.WORDING).pages())
                .extracting("id")
                .containsExactly("p1");
    }

    @Test
    void all_right_at_the_first_try_leads_to_the_harder_page_and_anything_else_to_practice() {
        Activity activity = branching(USUAL.withOpens(new Opens.WhenSolved()).withFirst("harder"));
        AttemptRules rules = AttemptRules.of(activity);
        AttemptState right = after(rules, put("sun", 200), put("moon", 900), put("star", 210));
        assertThat(course(right, rules).next()).isEqualTo("harder");
        assertThat(open(right, rules)).containsExactlyInAnyOrder("p1", "harder", "end");

        AttemptState once = after(rules, put("sun", 900), put("sun", 200), put("moon", 900), put("star", 210));
        assertThat(course(once, rules).next()).isEqualTo("practice");
        assertThat(open(once, rules)).containsExactlyInAnyOrder("p1", "practice", "end");

        // What was met stays open, though starting the page again closes the gate.
        AttemptState back = after(
                rules,
                put("sun", 200),
                put("moon", 900),
                put("star", 210),
                new Act.Open("harder"),
                new Act.StartAgain("p1"));
        assertThat(open(back, rules)).contains("harder");
        assertThat(course(back, rules).pages()).containsExactly("p1", "harder", "end");
    }

    @Test
    void a_way_may_wait_for_points_or_for_a_part_of_the_page() {
        AttemptRules points = AttemptRules.of(branching(USUAL.withOpens(new Opens.WhenPoints(2))));
        assertThat(course(after(points, put("sun", 200)), points).waits())
                .isEqualTo(Message.of("gate.points", "least", 2));
        assertThat(course(after(points, put("sun", 200), put("moon", 900)), points)
                        .next())
                .isEqualTo("practice");
        // A star belongs in both, so it counts for either.
        AttemptRules part = AttemptRules.of(branching(USUAL.withOpens(new Opens.WhenParts(List.of("dark")))));
        assertThat(course(after(part, put("moon", 900)), part).waits()).isEqualTo(Message.of("gate.parts"));
        assertThat(course(after(part, put("moon", 900), put("star", 910)), part).next())
                .isEqualTo("practice");
    }

    @Test
    void a_way_may_wait_for_other_pages_solved_or_where_nothing_is_to_find_opened() {
        Opens both = new Opens.WhenPages(List.of("p1", "read", "gone"));
        Activity activity = branching(USUAL);
        Page read = choosing("read", tile("on", "practice"));
        Page hub = choosing("hub", tile("to-p1", "p1"), tile("to-read", "read"), locked("lock", "practice", both));
        AttemptRules rules = AttemptRules.of(new Activity(
                "Hub",
                List.of(
                        hub,
                        activity.pages().get(0),
                        read,
                        activity.page("practice").orElseThrow()),
                activity.key()));
        assertThat(course(after(rules), rules).closed().get("lock"))
                .isEqualTo(
                        Message.of("gate.pages", "page", activity.pages().get(0).name()));
        AttemptState solved = after(
                rules, new Act.Open("p1"), put("sun", 200), put("moon", 900), put("star", 210), new Act.Open("hub"));
        assertThat(course(solved, rules).closed().get("lock")).isEqualTo(Message.of("gate.pages", "page", "read"));
        AttemptState done = after(
                rules,
                new Act.Open("p1"),
                put("sun", 200),
                put("moon", 900),
                put("star", 210),
                new Act.Open("read"),
                new Act.Open("hub"));
        assertThat(course(done, rules).closed()).isEmpty();
    }

    private static Item locked(String id, String to, Opens opens) {
        return Some.picture(id, 300, 10, Movement.FIXED)
                .withTraits(Traits.NONE.withLink(new Link.ToPage(to)).withOpens(opens));
    }

    @Test
    void nobody_is_stuck_behind_a_solution_that_was_shown_or_a_time_that_is_up() {
        Activity activity = branching(USUAL.withOpens(new Opens.WhenSolved()).withFirst("harder"));
        AnswerTerms terms = activity.key().holds();
        SolutionPolicy afterOne = new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 1, true);
        AttemptRules rules = AttemptRules.of(activity.withKey(activity.key().withTerms(terms.withSolution(afterOne))));
        AttemptState shown = after(
                rules,
                put("sun", 900),
                new Act.Show("p1", "sun"),
                put("moon", 200),
                new Act.Show("p1", "moon"),
                put("star", 210));
        assertThat(course(shown, rules).next()).isEqualTo("practice");

        AttemptRules timed = AttemptRules.of(activity.withKey(activity.key().withTerms(terms.withSeconds(30))));
        AttemptState start = AttemptState.start(timed, Instant.EPOCH);
        assertThat(PathProgress.of(start, timed, Instant.EPOCH).next()).isNull();
        assertThat(PathProgress.of(start, timed, Instant.EPOCH.plus(Duration.ofSeconds(31)))
                        .next())
                .isEqualTo("practice");
    }

    private static Item tile(String id, String to) {
        return Some.picture(id, 10, 10, Movement.FIXED).withTraits(Traits.NONE.withLink(new Link.ToPage(to)));
    }

    private static Page choosing(String id, Item... items) {
        return new Page(id, id, Paper.PLAIN, List.of(items));
    }

    @Test
    void without_the_buttons_only_what_things_lead_to_is_open_and_the_way_is_told_as_it_was_taken() {
        Item waits = tile("t3", "c")
                .withTraits(Traits.NONE.withLink(new Link.ToPage("c")).withOpens(new Opens.WhenPoints(3)));
        Activity activity = new Activity(
                        "Choices",
                        List.of(
                                choosing("home", tile("t1", "a"), tile("t2", "b"), waits),
                                choosing("a"),
                                choosing("b", tile("t4", "a")),
                                choosing("c")),
                        AnswerKey.EMPTY)
                .withPassage(new Passage(false, false, null));
        AttemptRules rules = AttemptRules.of(activity);
        AttemptState start = AttemptState.start(rules);
        assertThat(open(start, rules)).containsExactlyInAnyOrder("home", "a", "b");
        assertThat(course(start, rules).closed()).containsOnlyKeys("t3");
        assertThat(course(start, rules).pages()).containsExactly("home");
        AttemptState link = after(rules, new Act.Open("b"), new Act.Open("a"), new Act.Open("home"));
        assertThat(course(link, rules).pages()).containsExactly("home", "b", "a");
        assertThat(link.met())
                .containsExactly(
                        new AttemptState.Met("home", null),
                        new AttemptState.Met("b", "home"),
                        new AttemptState.Met("a", "b"));
    }

    @Test
    void what_is_hidden_shows_only_by_what_leads_to_it() {
        Item hidden = Some.picture("hidden", 300, 300, Movement.FIXED).withTraits(Traits.NONE.withHidden(true));
        Item other = Some.picture("other", 500, 300, Movement.FIXED);
        Item button = Some.picture("button", 10, 10, Movement.FIXED)
                .withTraits(Traits.NONE.withLink(new Link.Spots(List.of("hidden"))));
        AttemptRules rules =
                AttemptRules.of(new Activity("Spots", List.of(choosing("p1", hidden, other, button)), AnswerKey.EMPTY));
        AttemptState shown = after(rules, new Act.Reveal("p1", List.of("hidden")));
        assertThat(shown.spots()).containsExactly("hidden");
        assertThat(after(rules, new Act.Reveal("p1", List.of("hidden")), new Act.Reveal("p1", List.of("hidden")))
                        .spots())
                .isEmpty();
        MoveResult refused = shown.with(Some.move(new Act.Reveal("p1", List.of("other"))), rules);
        assertThat(((MoveResult.Refused) refused).rule()).isEqualTo(MoveResult.Rule.NO_SPOT);
    }

    /** What a piece says only when it settles would tell where it belongs: it stays here until then. */
    @Test
    void what_is_said_on_settling_does_not_leave_before() {
        Activity sky = Some.sky();
        Page page = sky.pages().get(0);
        Item sun = page.item("sun").orElseThrow();
        Speech secret = new Speech(null, "It shines by itself", true);
        Activity speaking =
                sky.withPage(page.withItem(sun.withTraits(sun.traitsOrNone().withSpeech(secret))));
        AttemptRules rules = AttemptRules.of(speaking);
        assertThat(Json.write(StudentView.of(speaking, rules, Some.WORDING))).doesNotContain("It shines by itself");
        assertThat(rules.said(after(rules, put("sun", 900)).pieces())).isEmpty();
        assertThat(rules.said(after(rules, put("sun", 200)).pieces()))
                .containsExactly(java.util.Map.entry("sun", secret));
        // What is said when it is tapped is for everyone.
        Speech open = new Speech(null, "It shines by itself", false);
        Activity tapped =
                sky.withPage(page.withItem(sun.withTraits(sun.traitsOrNone().withSpeech(open))));
        assertThat(Json.write(StudentView.of(tapped, AttemptRules.of(tapped), Some.WORDING)))
                .contains("It shines by itself");
    }

    /** Whatever is set and done: the open page is open, what is open stays so, and Next leads only to what is open. */
    @Test
    void laws_of_the_way_hold_on_random_activities() {
        Random random = new Random(11);
        int refused = 0;
        for (int round = 0; round < 150; round++) {
            Activity activity = Some.activity(random, 4, 4);
            for (Page page : activity.pages()) {
                PageLinks links = gladtile.core.SomeItems.pageLinks(random);
                activity = activity.withPage(page.withLinks(links));
            }
            activity = activity.withPassage(gladtile.core.SomeItems.passage(random));
            AttemptRules rules = AttemptRules.of(activity);
            AttemptState state = AttemptState.start(rules);
            for (int i = 0; i < 12; i++) {
                Set<String> open = open(state, rules);
                PathProgress course = course(state, rules);
                assertThat(open).contains(state.pageId());
                assertThat(open).containsAll(course.pages());
                if (course.next() != null) {
                    assertThat(open).contains(course.next());
                }
                String to = "p" + random.nextInt(4);
                MoveResult result = state.with(Some.move(new Act.Open(to)), rules);
                assertThat(result instanceof MoveResult.Made).isEqualTo(open.contains(to));
                if (result instanceof MoveResult.Made made) {
                    state = made.state();
                    assertThat(open(state, rules))
                            .containsAll(state.met().stream()
                                    .map(AttemptState.Met::pageId)
                                    .toList());
                } else {
                    refused++;
                }
            }
        }
        assertThat(refused).isGreaterThan(100);
    }
}
