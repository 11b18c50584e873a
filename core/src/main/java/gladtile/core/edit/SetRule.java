package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import java.util.Set;

/** Says how a drop zone answers. */
public record SetRule(String pageId, String zoneId, ZoneRule rule) implements ItemEdit {
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
                    .map(item -> EditResult.refused(
                            Reason.NOT_A_ZONE, Message.of("edit.refused.no-zone", "item", item.name())))
                    .orElseGet(() -> EditSupport.noSuchItem(zoneId));
        }
        return new EditResult.Applied(activity.withKey(activity.key().with(zoneId, rule)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetRule(pageId, zoneId, before.key().rule(zoneId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.zone-rule");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("rule " + zoneId, now -> now.key().rule(zoneId));
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Set<String> items() {
        return Set.of(zoneId);
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (!(over instanceof SetRule theirs) || !theirs.zoneId.equals(zoneId)) {
            return this;
        }
        ZoneRule was = before.key().rule(zoneId);
        return new SetRule(
                pageId, zoneId, FieldMerge.merged(was, rule, after.key().rule(zoneId), ZoneRule.class));
    }
}
