package gladtile.core.present;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Page;
import gladtile.core.activity.PageWays;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Terms;
import java.util.List;

/**
 * An activity as it is shown to a class: every page can be turned to, those that were set aside too, nothing waits for
 * anything and nothing is counted down. What belongs where, and how it is answered, stays.
 */
public final class Presented {
    private Presented() {}

    public static Activity of(Activity activity) {
        List<Page> pages = activity.pages().stream().map(Presented::open).toList();
        AnswerKey key = activity.key();
        Terms was = key.holds();
        Terms now = new Terms(
                was.score(), was.weights(), was.solution(), null, null, was.accepted(), was.besides(), was.language());
        return activity.withPages(pages).withPassage(Passage.USUAL).withKey(key.withTerms(now));
    }

    private static Page open(Page page) {
        List<Item> items = page.items().stream().map(Presented::open).toList();
        return page.withItems(items).withWays(PageWays.USUAL);
    }

    private static Item open(Item item) {
        return item.ways().opens() == null ? item : item.withTraits(item.ways().withOpens(null));
    }
}
