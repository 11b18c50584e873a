package gladtile.core.answer;

import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * One thing that a zone asks of the pieces in it. The first one that a piece does not meet is what it is told. Each is
 * written here once, for a piece that is put down and for all that are checked together; a new one is added to {@link #of}
 * as well.
 */
interface ZoneCondition {
    /**
     * A piece that may settle.
     *
     * @param id of the piece that was laid out; of a copy, of what it came off
     * @param own its own id
     * @param turn in degrees
     */
    record Candidate(String id, String own, Point middle, double turn) {}

    /**
     * Whether a piece may not settle beside what has settled; null when it may.
     *
     * @param settled in the order they came
     */
    VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there);

    /** What is wrong with a piece that waits, as {@link #atPut} for a whole zone at once. */
    Check atCheck(List<PlacedPiece> lying, ZoneContents there);

    /** Asked for each piece in the order they came; null when nothing is wrong with it. */
    @FunctionalInterface
    interface Check {
        /** For what is only asked of a piece that is put down: a check counts what is missing or too much by itself. */
        Check NOTHING = piece -> null;

        VerdictReason why(Candidate piece);
    }

    /** What that zone asks, the first to be told first. */
    static List<ZoneCondition> of(JudgedZone zone, ZoneOrder order) {
        List<ZoneCondition> all = new ArrayList<>();
        all.add(new Belongs(zone));
        if (zone.wants.capacity() != null || zone.set != null) {
            all.add(new HasRoom(zone));
        }
        if (!zone.wants.counts().isEmpty()) {
            all.add(new NotTooMany(zone.wants.counts()));
        }
        if (zone.wants.total() != null && zone.onlyGrows()) {
            all.add(new NotTooMuch(zone, Math.round(zone.wants.total() * PieceFacts.IN_ONE)));
        }
        if (zone.cells != null) {
            all.add(new InOrder(zone, order));
        }
        if (zone.scale != null) {
            all.add(new AtItsValue(zone));
        }
        if (zone.hasTurns()) {
            all.add(new TurnedRight(zone));
        }
        if (zone.set != null) {
            all.add(new GoesWithOthers(zone));
        }
        return all;
    }

    /** It is decided that it belongs here, and where zones cross, in the part that it lies in. */
    record Belongs(JudgedZone zone) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            return zone.belongsAt(piece.id, piece.middle) ? null : VerdictReason.NOT_HERE;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            return piece -> atPut(piece, lying, there);
        }
    }

    /** It holds no more than it may; one that is answered with others holds one. */
    record HasRoom(JudgedZone zone) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            Integer most = zone.wants.capacity();
            boolean full = most != null && settled.size() >= most || zone.set != null && !settled.isEmpty();
            return full ? VerdictReason.FULL : null;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            return Check.NOTHING;
        }
    }

    /** So many of each kind: those that came first count. */
    record NotTooMany(Map<String, Integer> counts) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            int before = 0;
            for (PlacedPiece one : settled) {
                before += Supply.originalOf(one.pieceId()).equals(piece.id) ? 1 : 0;
            }
            return withMore(piece, before + 1);
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            Map<String, Integer> counted = new HashMap<>();
            return piece -> withMore(piece, counted.merge(piece.id, 1, Integer::sum));
        }

        private VerdictReason withMore(Candidate piece, int count) {
            return count > counts.getOrDefault(piece.id, 1) ? VerdictReason.TOO_MANY : null;
        }
    }

    /** Together they are no more than the total, where nothing could take away from it again. @param most in thousandths */
    record NotTooMuch(JudgedZone zone, long most) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            return zone.sum(settled) + zone.value(piece.id) > most ? VerdictReason.TOO_MUCH : null;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            return Check.NOTHING;
        }
    }

    /** It lies in the order that is asked for. */
    record InOrder(JudgedZone zone, ZoneOrder order) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            return order.isInOrder(piece.id, piece.middle, settled) ? null : VerdictReason.WRONG_PLACE;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            Set<String> right = order.right(zone.belonging(lying));
            return piece -> right.contains(piece.own) ? null : VerdictReason.WRONG_PLACE;
        }
    }

    /** It lies at its value on the scale, where it has one. */
    record AtItsValue(JudgedZone zone) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            ScaleReading.Value value = zone.onScale(piece.id);
            if (value == null || zone.scale.isRight(piece.middle, value)) {
                return null;
            }
            return zone.rule.saysSide() == null ? VerdictReason.WRONG_PLACE : zone.scale.side(piece.middle, value);
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            return piece -> atPut(piece, lying, there);
        }
    }

    /** It is turned right, where one turn is. One turns step by step, so a piece that is put down waits until it is. */
    record TurnedRight(JudgedZone zone) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            return null;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            return piece -> zone.isTurnedWrong(piece.id, piece.turn) ? VerdictReason.TURNED : null;
        }
    }

    /** It goes with what lies in the zones that are answered together with this one. */
    record GoesWithOthers(JudgedZone zone) implements ZoneCondition {
        @Override
        public VerdictReason atPut(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
            return zone.set.goes(zone.id(), piece.id, lying(there, true)) ? null : VerdictReason.NOT_WITH_THESE;
        }

        @Override
        public Check atCheck(List<PlacedPiece> lying, ZoneContents there) {
            boolean fits = zone.set.right(lying(there, false)).contains(zone.id());
            return piece -> fits ? null : VerdictReason.NOT_WITH_THESE;
        }

        /** Zone id to the one piece that lies in it. */
        private Map<String, String> lying(ZoneContents there, boolean settledOnly) {
            Map<String, String> lying = new HashMap<>();
            for (String other : zone.set.zoneIds()) {
                there.in(other).stream()
                        .filter(one -> !settledOnly || one.settled())
                        .findFirst()
                        .ifPresent(one -> lying.put(other, Supply.originalOf(one.pieceId())));
            }
            return lying;
        }
    }
}
