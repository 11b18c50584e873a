package gladtile.core.present;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
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
        AnswerTerms was = key.holds();
        AnswerTerms now = new AnswerTerms(
                was.score(), was.weights(), was.solution(), null, null, was.accepted(), was.tools(), was.language());
        return activity.withPages(pages).withPassage(Passage.USUAL).withKey(key.withTerms(now));
    }

    private static Page open(Page page) {
        List<Item> items = page.items().stream().map(Presented::open).toList();
        return page.withItems(items).withLinks(PageLinks.USUAL);
    }

    private static Item open(Item item) {
        return item.traitsOrNone().opens() == null
                ? item
                : item.withTraits(item.traitsOrNone().withOpens(null));
    }
}
