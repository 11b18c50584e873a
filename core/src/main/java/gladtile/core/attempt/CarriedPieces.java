package gladtile.core.attempt;

import gladtile.core.answer.CarriedZones;
import gladtile.core.answer.Judge;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** What lies in a zone that a piece carries moves with that piece, whatever moved it. */
final class CarriedPieces {
    private static final Point NOWHERE = new Point(0, 0);

    private final Judge judge;
    private final Map<String, PieceState> before;
    private final Map<String, PieceState> after;
    /** How far each piece went by this move. */
    private final Map<String, Point> went = new HashMap<>();

    private final Set<String> asked = new HashSet<>();

    private CarriedPieces(Judge judge, Map<String, PieceState> before, Map<String, PieceState> after) {
        this.judge = judge;
        this.before = before;
        this.after = after;
    }

    /** @param after {@code before} with one move more, of which a piece that lies on another does not know yet */
    static AttemptState with(AttemptState before, AttemptState after, Judge judge) {
        Map<String, PieceState> moved = of(before.pieces(), after.pieces(), judge);
        return moved.isEmpty() ? after : after.withPieces(moved);
    }

    /** Those that lie elsewhere because of what they lie on. */
    static Map<String, PieceState> of(Map<String, PieceState> before, Map<String, PieceState> after, Judge judge) {
        return judge.carrying().isEmpty() ? Map.of() : new CarriedPieces(judge, before, after).moved();
    }

    private Map<String, PieceState> moved() {
        Map<String, PieceState> moved = new HashMap<>();
        after.forEach((id, piece) -> {
            Point by = way(id);
            if (!by.equals(NOWHERE) && !movedItself(id)) {
                moved.put(id, piece.by(by.x(), by.y()));
            }
        });
        return moved;
    }

    private Point way(String id) {
        Point known = went.get(id);
        if (known == null) {
            // Nothing lies in a zone that it carries itself; were it so, it would stay.
            known = asked.add(id) ? fresh(id) : NOWHERE;
            went.put(id, known);
        }
        return known;
    }

    private Point fresh(String id) {
        if (movedItself(id)) {
            Point from = at(before, id);
            Point to = at(after, id);
            return from == null || to == null ? NOWHERE : new Point(to.x() - from.x(), to.y() - from.y());
        }
        PieceState now = after.get(id);
        CarriedZones carrying = judge.carrying();
        String carrier = now == null || now.zoneId() == null ? null : carrying.carrierOf(now.zoneId());
        return carrier == null ? NOWHERE : way(carrier);
    }

    private boolean movedItself(String id) {
        PieceState was = before.get(id);
        PieceState now = after.get(id);
        if (was == null || now == null) {
            return was != now;
        }
        return was.x() != now.x() || was.y() != now.y();
    }

    /** Where it lies; where it was laid out when nobody moved it; null when it is no piece of this page. */
    private Point at(Map<String, PieceState> pieces, String id) {
        PieceState piece = pieces.get(id);
        if (piece != null) {
            return new Point(piece.x(), piece.y());
        }
        Frame home = judge.home(id).orElse(null);
        return home == null ? null : new Point(home.x(), home.y());
    }
}
