package gladtile.core.answer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Whether pieces go together in zones that are answered together. Bounded by the set's own bounds. */
final class SetJudge {
    private final ZoneSet set;

    SetJudge(ZoneSet set) {
        this.set = set;
    }

    List<String> zoneIds() {
        return set.zoneIds();
    }

    /**
     * Whether there is still a choice, with that piece in that zone.
     *
     * @param settled zone id to the piece settled there, copies under the id they came off
     */
    boolean goes(String zoneId, String piece, Map<String, String> settled) {
        Map<String, String> all = new HashMap<>(settled);
        all.put(zoneId, piece);
        if (set.choices().isEmpty()) {
            // Nothing was said of what goes together, but one word is not two synonyms.
            return settled.entrySet().stream()
                    .noneMatch(one ->
                            !one.getKey().equals(zoneId) && one.getValue().equals(piece));
        }
        return set.choices().stream().anyMatch(choice -> fits(choice, all) == all.size());
    }

    /** The zones that are right when the best choice is taken for what lies there. */
    List<String> right(Map<String, String> lying) {
        if (set.choices().isEmpty()) {
            List<String> right = new ArrayList<>();
            List<String> seen = new ArrayList<>();
            for (String zone : set.zoneIds()) {
                String piece = lying.get(zone);
                if (piece != null && !seen.contains(piece)) {
                    seen.add(piece);
                    right.add(zone);
                }
            }
            return right;
        }
        List<String> best = List.of();
        for (List<String> choice : set.choices()) {
            List<String> fitting = fitting(choice, lying);
            if (fitting.size() > best.size()) {
                best = fitting;
            }
        }
        return best;
    }

    private int fits(List<String> choice, Map<String, String> lying) {
        return fitting(choice, lying).size();
    }

    private List<String> fitting(List<String> choice, Map<String, String> lying) {
        List<String> fitting = new ArrayList<>();
        List<String> left = new ArrayList<>(choice);
        for (int i = 0; i < set.zoneIds().size(); i++) {
            String zone = set.zoneIds().get(i);
            String piece = lying.get(zone);
            if (piece == null) {
                continue;
            }
            boolean fits = set.anyOrder() ? left.remove(piece) : choice.get(i).equals(piece);
            if (fits) {
                fitting.add(zone);
            }
        }
        return fitting;
    }
}
