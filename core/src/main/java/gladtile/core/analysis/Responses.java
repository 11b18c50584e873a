package gladtile.core.analysis;

import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * What a class did with an assignment: a row for each student, a column for each placement.
 *
 * @param rows those who did something
 */
public record Responses(List<Placement> placements, List<Row> rows) {
    public Responses {
        placements = List.copyOf(placements);
        rows = List.copyOf(rows);
        for (Row row : rows) {
            if (row.first.length != placements.size() || row.tries.length != placements.size()) {
                throw new IllegalArgumentException("a row has a cell for each placement");
            }
        }
    }

    /**
     * One student. The arrays are not to be changed.
     *
     * @param first whether a placement was right at the first try
     * @param tries how often it was tried; 0 for not at all
     * @param points by the rules of the assignment
     */
    public record Row(boolean[] first, int[] tries, double points, boolean handedIn) {
        /** How many were right at the first try. */
        public int right() {
            int right = 0;
            for (boolean one : first) {
                right += one ? 1 : 0;
            }
            return right;
        }
    }

    public static Responses of(AttemptRules rules, Collection<AttemptState> attempts) {
        List<Placement> placements = rules.placements();
        List<Row> rows = new ArrayList<>();
        for (AttemptState state : attempts) {
            boolean[] first = new boolean[placements.size()];
            int[] tries = new int[placements.size()];
            boolean any = false;
            for (int i = 0; i < first.length; i++) {
                Placement placement = placements.get(i);
                first[i] = state.solvedAt(placement) == 1 && !state.shown().contains(placement.itemId());
                tries[i] = state.tries(placement);
                any |= tries[i] > 0;
            }
            boolean handedIn = state.standing() == Standing.HANDED_IN;
            if (any || handedIn) {
                rows.add(new Row(first, tries, Score.of(state, rules).got(), handedIn));
            }
        }
        return new Responses(placements, rows);
    }

    /** Those who handed in: what was left out counts as not right for them. */
    public List<Row> handedIn() {
        return rows.stream().filter(Row::handedIn).toList();
    }
}
