package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Page;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.EditResult.Reason;

/** Says how a drop zone answers. */
public record SetRule(String pageId, String zoneId, ZoneRule rule) implements Edit {
    public SetRule {
        Bounds.id("page.id", pageId);
        Bounds.id("zone.id", zoneId);
        Bounds.present("edit.rule", rule);
    }

    @Override
    public EditResult apply(Activity activity) {
        Page page = activity.page(pageId).orElse(null);
        if (page == null) {
            return EditSupport.noSuchPage(pageId);
        }
        if (page.zones().stream().noneMatch(zone -> zone.id().equals(zoneId))) {
            return page.item(zoneId)
                    .map(item -> EditResult.refused(Reason.NOT_A_ZONE, item.name() + " is no drop zone"))
                    .orElseGet(() -> EditSupport.noSuchItem(zoneId));
        }
        return new EditResult.Applied(activity.withKey(activity.key().with(zoneId, rule)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetRule(pageId, zoneId, before.key().rule(zoneId));
    }
}
