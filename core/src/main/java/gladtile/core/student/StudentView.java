package gladtile.core.student;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Judge;
import gladtile.core.answer.Regions;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.StudentTools;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Placement;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Traits;
import gladtile.core.page.Zone;
import gladtile.core.typed.TypedRule;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What a student's browser may know of an activity: what can be seen on its pages, and how many placements each has.
 * No decision, rule or other student's work is in it, whatever is added to the answer key later: it is built up from
 * what may be known, not cut down from what may not.
 *
 * @param buttons whether students have Next and Back
 * @param shows when the solution may be seen; absent for never
 * @param tools what they may do of their own accord
 * @param pointsFor what a placement gives; absent where each gives one point and nothing else
 */
public record StudentView(
        String title,
        List<StudentPage> pages,
        boolean buttons,
        StudentTools tools,
        @JsonInclude(JsonInclude.Include.NON_NULL) Shows shows,
        @JsonInclude(JsonInclude.Include.NON_NULL) Message pointsFor) {
    /** When the solution may be seen. @param after so many refusals; absent where they do not count */
    public record Shows(
            SolutionPolicy.When when,
            @JsonInclude(JsonInclude.Include.NON_NULL) Integer after,
            boolean oneByOne) {}

    /**
     * One page as a student may know it.
     *
     * @param number among all pages of the activity, from 1, by which teacher and student speak of it
     * @param placements how many things there are to be found; not which
     * @param onCheck the zones and gaps that say what they think when they are checked
     * @param rows the zones that want their pieces in order
     * @param regions the parts that crossing zones make
     * @param rooms how many pieces zones hold that show it
     * @param numbers the gaps in which a bare number is typed, for which a device brings up its number keys
     */
    public record StudentPage(
            String id,
            int number,
            String name,
            Paper paper,
            List<Item> items,
            int placements,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> onCheck,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Places> rows,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> numbers,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<SharedPlace> regions,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Capacity> rooms) {}

    /** What a zone holds at most. */
    public record Capacity(String zoneId, int most) {}

    /** A part of the page within those of its crossing zones and in no others of them, with a point well inside. */
    public record SharedPlace(List<String> zoneIds, double x, double y) {}

    /** How many places lie along a zone, and which way they run; not what belongs at which. */
    public record Places(String zoneId, Sequence.Direction direction, int count) {}

    /** As a student knows it who has just begun. */
    public static StudentView of(Activity version, AttemptRules rules, Wording wording) {
        return of(version, rules, PathProgress.open(AttemptState.start(rules), rules, Instant.EPOCH), wording);
    }

    /**
     * @param open the pages that may be opened now; of the others nothing is told
     * @param wording of the pages' language: what is called otherwise than its teacher called it
     */
    public static StudentView of(Activity version, AttemptRules rules, Set<String> open, Wording wording) {
        SolutionPolicy solution = rules.terms().shows();
        return new StudentView(
                version.title(),
                pages(version, rules, open, wording),
                version.passing().nextAndBack(),
                rules.terms().studentTools(),
                solution.equals(SolutionPolicy.NEVER)
                        ? null
                        : new Shows(solution.when(), solution.tries(), solution.oneByOne()),
                rules.terms().score() == null ? null : rules.terms().score().message());
    }

    /** Some pages of a version, in their order. */
    public static List<StudentPage> pages(Activity version, AttemptRules rules, Set<String> open, Wording wording) {
        return version.pages().stream()
                .filter(page -> open.contains(page.id()))
                .map(page -> of(page, version.indexOf(page.id()) + 1, rules, wording))
                .toList();
    }

    private static StudentPage of(Page page, int number, AttemptRules rules, Wording wording) {
        int placements = (int) rules.placements().stream()
                .map(Placement::pageId)
                .filter(page.id()::equals)
                .count();
        List<Zone> hidden =
                page.zones().stream().filter(zone -> zone.looks().hidden()).toList();
        List<Item> items = page.items().stream()
                .map(item -> seen(item, rules))
                .map(item -> item instanceof Zone zone && zone.looks().hidden() ? unnamed(zone, hidden, wording) : item)
                .toList();
        List<String> onCheck = List.copyOf(rules.checked(page.id()));
        return new StudentPage(
                page.id(),
                number,
                page.name(),
                page.paper(),
                items,
                placements,
                onCheck,
                rows(page, rules),
                numbers(page, rules),
                regions(page, rules),
                rooms(page, rules));
    }

    private static List<Capacity> rooms(Page page, AttemptRules rules) {
        return page.zones().stream()
                .filter(zone -> !zone.looks().hidden()
                        && rules.rule(zone.id()).showsRoom() != null
                        && rules.rule(zone.id()).wanted().capacity() != null)
                .map(zone ->
                        new Capacity(zone.id(), rules.rule(zone.id()).wanted().capacity()))
                .toList();
    }

    /** What goes into a place that nothing shows is what is to be found out, and its name would tell. */
    private static Item unnamed(Zone zone, List<Zone> hidden, Wording wording) {
        int number = 1 + hidden.stream().map(Zone::id).toList().indexOf(zone.id());
        return zone.withLabel("").withDescription(wording.text(Message.of("student.place", "number", number)));
    }

    private static List<String> numbers(Page page, AttemptRules rules) {
        return page.gaps().stream()
                .map(Gap::id)
                .filter(id -> rules.typed(id)
                        .filter(key -> key.rule() instanceof TypedRule.NumberRule number && number.unit() == null)
                        .isPresent())
                .toList();
    }

    private static List<SharedPlace> regions(Page page, AttemptRules rules) {
        return rules.judge(page.id()).map(Judge::regions).orElse(Regions.NONE).all().stream()
                .map(one ->
                        new SharedPlace(one.zoneIds(), one.at().x(), one.at().y()))
                .toList();
    }

    private static List<Places> rows(Page page, AttemptRules rules) {
        List<Places> rows = new ArrayList<>();
        page.zones().forEach(zone -> {
            Sequence order = rules.rule(zone.id()).wanted().sequence();
            if (order != null && order.length() > 1) {
                rows.add(new Places(zone.id(), order.runs(), order.length()));
            }
        });
        return rows;
    }

    /** An other side that only settling brings up would tell the answer beforehand, and so would what is said then. */
    private static Item seen(Item item, AttemptRules rules) {
        Traits traits = item.traitsOrNone();
        if (rules.keepsOtherSide(item.id())) {
            traits = traits.withOtherSide(null);
        }
        if (traits.speech() != null && traits.speech().onSettle()) {
            traits = traits.withSpeech(null);
        }
        return traits == item.traitsOrNone() ? item : item.withTraits(traits);
    }
}
