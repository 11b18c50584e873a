package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.message.Message;

/** What came of an edit: the changed activity, or why nothing changed. */
public sealed interface EditResult {
    record Applied(Activity activity) implements EditResult {}

    record Refused(Reason reason, Message message) implements EditResult {}

    /** Why an edit does not fit the activity it meets. */
    enum Reason {
        NO_SUCH_PAGE,
        NO_SUCH_ITEM,
        NO_SUCH_FILE,
        ID_TAKEN,
        TOO_MANY_PAGES,
        TOO_MANY_ITEMS,
        LAST_PAGE,
        WRONG_KIND,
        NOT_A_PIECE,
        NOT_A_ZONE
    }

    static EditResult refused(Reason reason, Message message) {
        return new Refused(reason, message);
    }
}
