package gladtile.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Whether two edits set the same thing. Taking back one's own edit must not take back what somebody else set there
 * since: then one is told, and nothing changes.
 */
public final class Conflict {
    private Conflict() {}

    /** @param mine what would be done now @param theirs what somebody else did since */
    public static boolean between(Edit mine, Edit theirs) {
        Set<String> set = new HashSet<>();
        collect(mine, set);
        Set<String> others = new HashSet<>();
        collect(theirs, others);
        return others.stream().anyMatch(set::contains);
    }

    private static void collect(Edit edit, Set<String> set) {
        if (edit instanceof Together step) {
            step.edits().forEach(one -> collect(one, set));
        } else if (edit instanceof Arrange e) {
            frames(e.itemIds(), set);
        } else if (edit instanceof Transform e) {
            frames(e.itemIds(), set);
        } else if (edit instanceof SetFrame e) {
            set.add("frame " + e.itemId());
        } else if (edit instanceof SetWords e) {
            set.add("body " + e.itemId());
            set.add("frame " + e.itemId());
        } else if (edit instanceof SetBody e) {
            set.add("body " + e.item().id());
        } else if (edit instanceof SetZoneLabel e) {
            set.add("body " + e.itemId());
        } else if (edit instanceof SetTraits e) {
            set.add("traits " + e.itemId());
        } else if (edit instanceof SetMovement e) {
            set.add("movement " + e.itemId());
        } else if (edit instanceof SetDescription e) {
            set.add("description " + e.itemId());
        } else if (edit instanceof MoveDepth e) {
            set.add("depth " + e.itemId());
        } else if (edit instanceof Decide e) {
            set.add("cell " + e.zoneId() + " " + e.pieceId());
        } else if (edit instanceof SetRule e) {
            set.add("rule " + e.zoneId());
        } else if (edit instanceof SetFacts e) {
            set.add("facts " + e.itemId());
        } else if (edit instanceof SetTyped e) {
            set.add("typed " + e.itemId());
        } else if (edit instanceof SetSets) {
            set.add("sets");
        } else if (edit instanceof SetMadeFrom) {
            set.add("list");
        } else if (edit instanceof SetPassage) {
            set.add("passage");
        } else if (edit instanceof SetPageWays e) {
            set.add("ways " + e.pageId());
        } else if (edit instanceof SetTerms) {
            set.add("terms");
        } else if (edit instanceof SetPaper e) {
            set.add("paper " + e.pageId());
        } else if (edit instanceof SetPageWords e) {
            set.add("words " + e.pageId());
        } else if (edit instanceof RenamePage e) {
            set.add("name " + e.pageId());
        } else if (edit instanceof MovePage e) {
            set.add("place " + e.pageId());
        } else if (edit instanceof SetTitle) {
            set.add("title");
        }
    }

    private static void frames(List<String> itemIds, Set<String> set) {
        itemIds.forEach(id -> set.add("frame " + id));
    }
}
