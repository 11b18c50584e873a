package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.ZoneSet;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.message.Message;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Says which zones are answered together. A set with a zone that is no longer there falls away. */
public record SetSets(List<ZoneSet> sets) implements ActivityEdit {
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

    @Override
    public Message summary() {
        return Message.of("edit.zone-sets");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("sets", now -> now.key().sets());
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    /** What I took out is out, what I put in is in, and all else is as the other left it. */
    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        return over instanceof SetSets
                ? new SetSets(merged(before.key().sets(), sets, after.key().sets()))
                : this;
    }

    private static List<ZoneSet> merged(List<ZoneSet> was, List<ZoneSet> mine, List<ZoneSet> theirs) {
        Set<ZoneSet> all = new LinkedHashSet<>(theirs);
        was.stream().filter(set -> !mine.contains(set)).forEach(all::remove);
        mine.stream().filter(set -> !was.contains(set)).forEach(all::add);
        List<ZoneSet> order = new ArrayList<>(all);
        // A zone is in one set only: the one that I put it in.
        List<ZoneSet> mineFirst = new ArrayList<>(all);
        mineFirst.sort((a, b) -> Boolean.compare(mine.contains(b), mine.contains(a)));
        List<ZoneSet> kept = new ArrayList<>();
        Set<String> taken = new LinkedHashSet<>();
        for (ZoneSet set : mineFirst) {
            if (set.zoneIds().stream().noneMatch(taken::contains) && taken.add("set " + set.id())) {
                kept.add(set);
                taken.addAll(set.zoneIds());
            }
        }
        kept.sort((a, b) -> Integer.compare(order.indexOf(a), order.indexOf(b)));
        return kept;
    }
}
