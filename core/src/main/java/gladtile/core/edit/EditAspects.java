package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.CommonProperties;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;

/**
 * What an edit sets, each by a name and with how it is read from an activity: an item's frame, a cell of the answers
 * table, the terms. By it one sees whether taking something back would change what somebody else has set since.
 */
public final class EditAspects {
    private static final Frame NO_FRAME = new Frame(0, 0, 10, 10, 0);

    private final Map<String, Function<Activity, Object>> readers = new LinkedHashMap<>();

    private EditAspects() {}

    /** @param edit as it was made */
    static EditAspects of(Edit edit) {
        EditAspects all = new EditAspects();
        edit.aspects(all);
        return all;
    }

    /** Whether any of these is otherwise in the one activity than in the other. */
    boolean differ(Activity one, Activity other) {
        return readers.values().stream().anyMatch(read -> !Objects.equals(read.apply(one), read.apply(other)));
    }

    void reads(String what, Function<Activity, Object> read) {
        readers.put(what, read);
    }

    /** All of an item that has no edit of its own. */
    void body(String pageId, String id) {
        item("body", pageId, id, EditAspects::body);
    }

    void item(String what, String pageId, String id, Function<Item, Object> read) {
        readers.put(
                what + " " + id,
                now -> now.page(pageId).flatMap(page -> page.item(id)).map(read).orElse(null));
    }

    void page(String what, String pageId, Function<Page, Object> read) {
        readers.put(what + " " + pageId, now -> now.page(pageId).map(read).orElse(null));
    }

    /** An item without what has an edit of its own. */
    private static Object body(Item item) {
        return item.with(new CommonProperties(item.id(), NO_FRAME, Movement.FIXED, "", null));
    }

    /**
     * What of others' edits would be otherwise once an edit is made, told each.
     *
     * @param now the activity before the edit
     * @param then the activity after it
     */
    static List<Message> changed(List<Edit> others, Activity now, Activity then) {
        List<Message> told = new ArrayList<>();
        for (Edit edit : others) {
            if (of(edit).differ(now, then)) {
                told.add(edit.summary());
            }
        }
        return told;
    }
}
