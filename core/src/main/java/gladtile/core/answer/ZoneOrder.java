package gladtile.core.answer;

import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Whether pieces lie in the order that a zone asks for. */
final class ZoneOrder {
    private final JudgedZone zone;
    private final SequenceCells cells;

    ZoneOrder(JudgedZone zone) {
        this.zone = zone;
        cells = zone.cells;
    }

    /** In slots the place itself counts; where pieces stay as they were put, only what lies before and behind. */
    boolean isInOrder(String piece, Point middle, List<PlacedPiece> settled) {
        if (zone.laysInSlots()) {
            int place = cells.at(middle);
            return cells.mayLieAt(piece, place) && !taken(settled).contains(place);
        }
        double along = cells.along(middle);
        int mine = cells.first(piece);
        for (PlacedPiece one : settled) {
            int other = cells.first(Supply.originalOf(one.pieceId()));
            double at = cells.along(zone.middle(one));
            if (mine != other && (mine < other) != (along < at)) {
                return false;
            }
        }
        return true;
    }

    /** The places that pieces lie at. */
    List<Integer> taken(List<PlacedPiece> lying) {
        return lying.stream().map(one -> cells.at(zone.middle(one))).toList();
    }

    /**
     * Those that are at their place; where pieces stay as put, the longest row of them that is in order. What has settled
     * rests, so whatever is not in order with it is out of order, however many they are.
     *
     * @return ids of pieces, copies under their own
     */
    Set<String> right(List<PlacedPiece> lying) {
        return zone.laysInSlots() ? atTheirPlace(lying) : longestRow(lying);
    }

    private Set<String> atTheirPlace(List<PlacedPiece> lying) {
        Set<String> right = new HashSet<>();
        for (PlacedPiece one : lying) {
            if (cells.mayLieAt(Supply.originalOf(one.pieceId()), cells.at(zone.middle(one)))) {
                right.add(one.pieceId());
            }
        }
        return right;
    }

    private Set<String> longestRow(List<PlacedPiece> lying) {
        List<PlacedPiece> settled = lying.stream().filter(PlacedPiece::settled).toList();
        List<PlacedPiece> row = new ArrayList<>();
        for (PlacedPiece one : lying) {
            if (one.settled() || isInOrder(Supply.originalOf(one.pieceId()), zone.middle(one), settled)) {
                row.add(one);
            }
        }
        row.sort((a, b) -> Double.compare(cells.along(zone.middle(a)), cells.along(zone.middle(b))));
        int n = row.size();
        // The longest row that ends with each, and which one comes before it in that.
        int[] best = new int[n];
        int[] before = new int[n];
        int last = -1;
        for (int i = 0; i < n; i++) {
            best[i] = 1;
            before[i] = -1;
            for (int j = 0; j < i; j++) {
                if (first(row.get(j)) <= first(row.get(i)) && best[j] + 1 > best[i]) {
                    best[i] = best[j] + 1;
                    before[i] = j;
                }
            }
            if (last < 0 || best[i] > best[last]) {
                last = i;
            }
        }
        Set<String> right = new HashSet<>();
        for (int i = last; i >= 0; i = before[i]) {
            right.add(row.get(i).pieceId());
        }
        return right;
    }

    private int first(PlacedPiece one) {
        return cells.first(Supply.originalOf(one.pieceId()));
    }
}
