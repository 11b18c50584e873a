package gladtile.core.starter;

import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import java.util.List;

/** An activity made again from its changed list, or why it could not be. */
public sealed interface RemadeActivity {
    /**
     * @param added names of pieces, drop zones and gaps that came
     * @param gone names of those that went with their entry
     * @param kept how many things stay as they were changed by hand
     */
    record Again(Activity activity, List<Message> added, List<Message> gone, int kept) implements RemadeActivity {}

    /** @param message what is missing and what to do */
    record Refused(Message message) implements RemadeActivity {}
}
