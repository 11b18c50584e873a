package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Changes the look and contents of an item, whatever its kind. Where it lies, how it moves, its description and its
 * traits stay as they are, so that others may change those meanwhile.
 *
 * @param item of the same kind and id as the one that is changed; its common parts do not count
 */
public record SetBody(String pageId, Item item) implements ItemEdit {
    public SetBody {
        Bounds.id("page.id", pageId);
        Bounds.present("edit.item", item);
    }

    @Override
    public EditResult apply(Activity activity) {
        Page page = activity.page(pageId).orElse(null);
        if (page == null) {
            return EditSupport.noSuchPage(pageId);
        }
        Item now = page.item(item.id()).orElse(null);
        if (now == null) {
            return EditSupport.noSuchItem(item.id());
        }
        if (now.getClass() != item.getClass()) {
            return EditResult.refused(Reason.WRONG_KIND, Message.of("edit.refused.other-kind", "item", now.name()));
        }
        Item changed = item.with(now.common());
        Set<String> gone = zoneIds(now);
        Set<String> fresh = zoneIds(changed);
        fresh.removeAll(gone);
        gone.removeAll(zoneIds(changed));
        if (fresh.stream().anyMatch(id -> EditSupport.taken(activity, id))) {
            return EditResult.refused(Reason.ID_TAKEN, Message.of("edit.refused.zone-id"));
        }
        AnswerKey key = activity.key();
        for (String zoneId : gone) {
            key = key.without(zoneId);
        }
        return new Applied(activity.withPage(page.withItem(changed)).withKey(key));
    }

    @Override
    public Edit invert(Activity before) {
        Item was = EditSupport.itemOf(before, pageId, item.id());
        List<Edit> steps = new ArrayList<>();
        steps.add(new SetBody(pageId, was));
        Set<String> gone = zoneIds(was);
        gone.removeAll(zoneIds(item.with(was.common())));
        steps.addAll(AnswerKeyDifference.remembering(before, gone));
        return CompositeEdit.orOne(steps);
    }

    @Override
    public Message summary() {
        return Message.of("edit.item-changed", "item", item.name());
    }

    @Override
    public void aspects(EditAspects all) {
        all.body(pageId, item.id());
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Set<String> items() {
        return Set.of(item.id());
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (over instanceof SetZoneLabel named && named.itemId().equals(item.id())) {
            return labelled(before, after);
        }
        if (!(over instanceof SetBody theirs) || !theirs.item.id().equals(item.id())) {
            return this;
        }
        Item was = EditSupport.itemOf(before, pageId, item.id());
        Item now = EditSupport.itemOf(after, pageId, item.id());
        return was.getClass() == item.getClass()
                ? new SetBody(
                        pageId, FieldMerge.merged(was, item.with(was.common()), now.with(was.common()), Item.class))
                : this;
    }

    /** With the label that a zone was given meanwhile, unless this one changes it too. */
    private SetBody labelled(Activity before, Activity after) {
        return item instanceof Zone zone
                        && EditSupport.itemOf(after, pageId, zone.id()) instanceof Zone now
                        && EditSupport.itemOf(before, pageId, zone.id()) instanceof Zone was
                        && zone.label().equals(was.label())
                ? new SetBody(pageId, zone.withLabel(now.label()))
                : this;
    }

    private static Set<String> zoneIds(Item item) {
        Set<String> ids = new HashSet<>();
        for (Zone zone : item.zones()) {
            ids.add(zone.id());
        }
        return ids;
    }
}
