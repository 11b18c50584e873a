package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.activity.CommonProperties;
import gladtile.core.activity.Frame;
import gladtile.core.activity.Item;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Page;
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
final class EditAspects {
    private static final Frame NO_FRAME = new Frame(0, 0, 10, 10, 0);

    private final Map<String, Function<Activity, Object>> readers = new LinkedHashMap<>();

    private EditAspects() {}

    /** @param edit as it was made */
    static EditAspects of(Edit edit) {
        EditAspects all = new EditAspects();
        all.collect(edit);
        return all;
    }

    /** Whether any of these is otherwise in the one activity than in the other. */
    boolean differ(Activity one, Activity other) {
        return readers.values().stream().anyMatch(read -> !Objects.equals(read.apply(one), read.apply(other)));
    }

    private void collect(Edit edit) {
        if (edit instanceof CompositeEdit step) {
            step.edits().forEach(this::collect);
        } else if (edit instanceof AddPage e) {
            readers.put("page " + e.page().id(), now -> now.indexOf(e.page().id()) >= 0);
        } else if (edit instanceof AddItem e) {
            item("item", e.pageId(), e.item().id(), item -> true);
        } else if (edit instanceof Arrange e) {
            e.itemIds().forEach(id -> item("frame", e.pageId(), id, Item::frame));
        } else if (edit instanceof Transform e) {
            e.itemIds().forEach(id -> item("frame", e.pageId(), id, Item::frame));
        } else if (edit instanceof SetFrame e) {
            item("frame", e.pageId(), e.itemId(), Item::frame);
        } else if (edit instanceof SetWords e) {
            item("frame", e.pageId(), e.itemId(), Item::frame);
            item("body", e.pageId(), e.itemId(), EditAspects::body);
        } else if (edit instanceof SetBody e) {
            item("body", e.pageId(), e.item().id(), EditAspects::body);
        } else if (edit instanceof SetZoneLabel e) {
            item("body", e.pageId(), e.itemId(), EditAspects::body);
        } else if (edit instanceof SetTraits e) {
            item("traits", e.pageId(), e.itemId(), Item::traitsOrNone);
        } else if (edit instanceof SetMovement e) {
            item("movement", e.pageId(), e.itemId(), Item::movement);
        } else if (edit instanceof SetDescription e) {
            item("description", e.pageId(), e.itemId(), Item::description);
        } else if (edit instanceof Decide e) {
            readers.put(
                    "cell " + e.zoneId() + " " + e.pieceId(), now -> now.key().said(e.zoneId(), e.pieceId()));
        } else if (edit instanceof SetRule e) {
            readers.put("rule " + e.zoneId(), now -> now.key().rule(e.zoneId()));
        } else if (edit instanceof SetFacts e) {
            readers.put("facts " + e.itemId(), now -> now.key().facts(e.itemId()));
        } else if (edit instanceof SetTyped e) {
            readers.put("typed " + e.itemId(), now -> now.key().typed().get(e.itemId()));
        } else if (edit instanceof SetSets) {
            readers.put("sets", now -> now.key().sets());
        } else if (edit instanceof SetTerms) {
            readers.put("terms", now -> now.key().holds());
        } else if (edit instanceof SetMadeFrom) {
            readers.put("list", Activity::madeFrom);
        } else if (edit instanceof SetPassage) {
            readers.put("passage", Activity::passing);
        } else if (edit instanceof SetTitle) {
            readers.put("title", Activity::title);
        } else if (edit instanceof SetPageLinks e) {
            page("links", e.pageId(), Page::leads);
        } else if (edit instanceof SetPaper e) {
            page("paper", e.pageId(), Page::paper);
        } else if (edit instanceof SetPageWords e) {
            page("words", e.pageId(), Page::words);
        } else if (edit instanceof RenamePage e) {
            page("name", e.pageId(), Page::name);
        }
    }

    private void item(String what, String pageId, String id, Function<Item, Object> read) {
        readers.put(
                what + " " + id,
                now -> now.page(pageId).flatMap(page -> page.item(id)).map(read).orElse(null));
    }

    private void page(String what, String pageId, Function<Page, Object> read) {
        readers.put(what + " " + pageId, now -> now.page(pageId).map(read).orElse(null));
    }

    /** An item without what has an edit of its own. */
    private static Object body(Item item) {
        return item.with(new CommonProperties(item.id(), NO_FRAME, Movement.FIXED, "", null));
    }

    /**
     * What of others' edits would be otherwise once an edit is made, told in few words each.
     *
     * @param now the activity before the edit
     * @param then the activity after it
     */
    static List<String> changed(List<Edit> others, Activity now, Activity then) {
        List<String> told = new ArrayList<>();
        for (Edit edit : others) {
            if (of(edit).differ(now, then)) {
                told.add(EditSummary.of(edit));
            }
        }
        return told;
    }
}
