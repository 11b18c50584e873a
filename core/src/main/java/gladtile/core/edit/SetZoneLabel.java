package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Zone;

/** Writes at the top of a drop zone. */
public record SetZoneLabel(String pageId, String itemId, String label) implements OneItemEdit {
    public SetZoneLabel {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.text("zone.label", label, Bounds.NAME_LENGTH);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.kind(activity, pageId, itemId, Zone.class, zone -> zone.withLabel(label));
    }

    @Override
    public Edit invert(Activity before) {
        Zone zone = (Zone) EditSupport.itemOf(before, pageId, itemId);
        return new SetZoneLabel(pageId, itemId, zone.label());
    }

    @Override
    public Message summary() {
        return Message.of("edit.zone-named", "label", EditSupport.quoted(label));
    }

    @Override
    public void aspects(EditAspects all) {
        all.body(pageId, itemId);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetZoneLabel later && later.itemId.equals(itemId);
    }
}
