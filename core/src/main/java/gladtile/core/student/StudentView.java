package gladtile.core.student;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Page;
import gladtile.core.activity.Paper;
import gladtile.core.attempt.Rules;
import java.util.List;

/**
 * What a student's browser may know of an activity: what can be seen on its pages, and how many placements each has.
 * No decision, rule or other student's work is in it, whatever is added to the answer key later: it is built up from
 * what may be known, not cut down from what may not.
 */
public record StudentView(String title, List<StudentPage> pages) {
    /**
     * One page as a student may know it.
     *
     * @param placements how many pieces there belong somewhere; not which
     */
    public record StudentPage(String id, String name, Paper paper, List<Item> items, int placements) {}

    public static StudentView of(Activity edition, Rules rules) {
        return new StudentView(
                edition.title(),
                edition.pages().stream().map(page -> of(page, rules)).toList());
    }

    private static StudentPage of(Page page, Rules rules) {
        int placements =
                rules.judge(page.id()).map(judge -> judge.placements().size()).orElse(0);
        List<Item> items = page.items().stream().map(item -> seen(item, rules)).toList();
        return new StudentPage(page.id(), page.name(), page.paper(), items, placements);
    }

    /** An other side that only settling brings up would tell the answer beforehand. */
    private static Item seen(Item item, Rules rules) {
        return rules.keepsOtherSide(item.id()) ? item.withTraits(item.ways().withOtherSide(null)) : item;
    }
}
