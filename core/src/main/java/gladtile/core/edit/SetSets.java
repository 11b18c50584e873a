package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Zone;
import gladtile.core.answer.ZoneSet;
import gladtile.core.edit.EditResult.Applied;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Says which zones are answered together. A set with a zone that is no longer there falls away. */
public record SetSets(List<ZoneSet> sets) implements Edit {
    public SetSets {
        sets = List.copyOf(Bounds.present("edit.sets", sets));
        Bounds.count("key.sets", sets.size(), Bounds.SETS);
    }

    @Override
    public EditResult apply(Activity activity) {
        Set<String> zones = new HashSet<>();
        activity.pages().forEach(page -> page.zones().stream().map(Zone::id).forEach(zones::add));
        List<ZoneSet> there =
                sets.stream().filter(set -> zones.containsAll(set.zoneIds())).toList();
        return new Applied(activity.withKey(activity.key().withSets(there)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetSets(before.key().sets());
    }
}
