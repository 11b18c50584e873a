package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What holds for every activity, whatever was edited by whom in which order: nothing speaks of a page, a zone, a piece or
 * a gap that is not there, and a group has two members or more, all on one page. Edits that were made without knowledge of
 * each other can break it together; {@link #mends} are the edits that make it hold again.
 */
public final class Invariants {
    private Invariants() {}

    /** What does not hold, each by its name and the id that is meant; empty for a sound activity. */
    public static List<String> broken(Activity activity) {
        return new Look(activity).broken();
    }

    /** The edits that make everything hold; empty when it does. They can all be taken back. */
    public static List<Edit> mends(Activity activity) {
        return new Look(activity).mends();
    }

    /** The activity with everything made to hold; the same one when it does. */
    public static Activity mended(Activity activity) {
        Look look = new Look(activity);
        if (look.broken().isEmpty()) {
            return activity;
        }
        Activity now = activity;
        for (Edit mend : look.mends()) {
            now = mend.apply(now) instanceof Applied applied ? applied.activity() : now;
        }
        // What is said of things that are not there at all, no edit can name.
        AnswerKey key = now.key();
        for (String id : new Look(now).strangers()) {
            key = key.without(id);
        }
        return now.withKey(key);
    }

    /** An edit with what makes everything hold after it, as one step; the edit itself when it does. */
    public static Edit sound(Edit edit, Activity before) {
        if (!(edit.apply(before) instanceof Applied applied)) {
            return edit;
        }
        List<Edit> mends = mends(applied.activity());
        if (mends.isEmpty()) {
            return edit;
        }
        List<Edit> all = new ArrayList<>();
        all.add(edit);
        all.addAll(mends);
        return CompositeEdit.orOne(all);
    }

    /** One activity, looked through once. */
    private static final class Look {
        private final Activity activity;
        private final Set<String> pages = new HashSet<>();
        private final Map<String, String> pieces = new HashMap<>();
        private final Map<String, String> zones = new HashMap<>();
        private final Set<String> gaps = new HashSet<>();

        Look(Activity activity) {
            this.activity = activity;
            for (Page page : activity.pages()) {
                pages.add(page.id());
                for (Item item : page.items()) {
                    if (item.isPiece()) {
                        pieces.put(item.id(), page.id());
                    }
                    if (item instanceof Gap) {
                        gaps.add(item.id());
                    }
                }
                for (Zone zone : page.zones()) {
                    zones.put(zone.id(), page.id());
                }
            }
        }

        List<String> broken() {
            List<String> broken = new ArrayList<>();
            strangers().forEach(id -> broken.add("key " + id));
            mends().forEach(edit -> broken.add(edit.toString()));
            return broken;
        }

        /** Ids that the key has something of, and that are no zone, piece or gap; or of two pages. */
        Set<String> strangers() {
            AnswerKey key = activity.key();
            Set<String> strangers = new HashSet<>();
            key.decisions().forEach((zone, row) -> {
                if (!zones.containsKey(zone)) {
                    strangers.add(zone);
                }
                row.keySet().stream()
                        .filter(piece -> !pieces.containsKey(piece))
                        .forEach(strangers::add);
            });
            key.rules().keySet().stream().filter(id -> !zones.containsKey(id)).forEach(strangers::add);
            key.facts().keySet().stream().filter(id -> !pieces.containsKey(id)).forEach(strangers::add);
            key.typed().keySet().stream().filter(id -> !gaps.contains(id)).forEach(strangers::add);
            return strangers;
        }

        List<Edit> mends() {
            List<Edit> mends = new ArrayList<>();
            rules(mends);
            sets(mends);
            terms(mends);
            Passage passage = activity.passing();
            if (passage.start() != null && !pages.contains(passage.start())) {
                mends.add(new SetPassage(new Passage(passage.nextAndBack(), passage.whenSolved(), null)));
            }
            groups(mends);
            return mends;
        }

        private void rules(List<Edit> mends) {
            activity.key().rules().forEach((zone, rule) -> {
                String page = zones.get(zone);
                ZoneRequirements wants = rule.wants();
                if (page == null || wants == null) {
                    return;
                }
                Set<String> named = new HashSet<>(wants.counts().keySet());
                Optional.ofNullable(wants.sequence()).map(Sequence::places).ifPresent(of -> named.addAll(of.keySet()));
                ZoneRequirements left = wants;
                for (String piece : named) {
                    left = page.equals(pieces.get(piece)) ? left : left.without(piece);
                }
                if (!left.equals(wants)) {
                    ZoneRule mended = rule.withWants(left);
                    mends.add(new SetRule(page, zone, mended));
                }
            });
        }

        private void sets(List<Edit> mends) {
            List<ZoneSet> left = new ArrayList<>();
            for (ZoneSet set : activity.key().sets()) {
                if (!zones.keySet().containsAll(set.zoneIds())) {
                    continue;
                }
                ZoneSet kept = set;
                for (List<String> row : set.choices()) {
                    for (String piece : row) {
                        kept = pieces.containsKey(piece) ? kept : kept.without(piece);
                    }
                }
                left.add(kept);
            }
            if (!left.equals(activity.key().sets())) {
                mends.add(new SetSets(left));
            }
        }

        private void terms(List<Edit> mends) {
            AnswerTerms terms = activity.key().holds();
            Map<String, Double> weights = new TreeMap<>(terms.weights());
            weights.keySet().retainAll(pages);
            Map<String, Integer> seconds = new TreeMap<>(terms.pageSeconds());
            seconds.keySet().retainAll(pages);
            AnswerTerms left = terms.withWeights(weights).withPageSeconds(seconds);
            if (!left.equals(terms)) {
                mends.add(new SetTerms(left));
            }
        }

        /** A group is on the page where it comes first; of one member it is none. */
        private void groups(List<Edit> mends) {
            Map<String, String> home = new HashMap<>();
            Map<String, Integer> members = new HashMap<>();
            for (Page page : activity.pages()) {
                for (Item item : page.items()) {
                    for (String group : new HashSet<>(item.traitsOrNone().groups())) {
                        if (home.computeIfAbsent(group, id -> page.id()).equals(page.id())) {
                            members.merge(group, 1, Integer::sum);
                        }
                    }
                }
            }
            for (Page page : activity.pages()) {
                for (Item item : page.items()) {
                    List<String> left = item.traitsOrNone().groups().stream()
                            .filter(group -> home.get(group).equals(page.id()) && members.get(group) > 1)
                            .toList();
                    if (!left.equals(item.traitsOrNone().groups())) {
                        mends.add(new SetTraits(
                                page.id(), item.id(), item.traitsOrNone().withGroups(left)));
                    }
                }
            }
        }
    }
}
