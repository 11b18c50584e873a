package gladtile.core.starter;

import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.answer.AnswerKey;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import java.util.List;

/** Pages made from a list, as ordinary pages, with what belongs where; or why none could be made. */
public sealed interface MadePages {
    /** @param left rows there was no room for on as many pages as there may be */
    record Pages(List<Page> pages, AnswerKey key) implements MadePages {
        public Activity asActivity(String title) {
            return asActivity(title, null);
        }

        /** @param from the list, so that it can be made again when that changes */
        public Activity asActivity(String title, MadeFrom from) {
            return new Activity(title, pages, key, from);
        }
    }

    /** @param message what is missing and what to do */
    record Refused(Message message) implements MadePages {}
}
