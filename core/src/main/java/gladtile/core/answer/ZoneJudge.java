package gladtile.core.answer;

import gladtile.core.answer.Verdict.Count;
import gladtile.core.answer.Verdict.Missing;
import gladtile.core.answer.Verdict.Rests;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.answer.ZoneCondition.Candidate;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Judges what is put into one zone. What the zone asks is a list of {@link ZoneCondition}s; where pieces rest is up to
 * {@link ZonePlaces}.
 */
final class ZoneJudge {
    private static final double HALF = 0.5;
    /** All but what rounding takes. */
    private static final double WHOLE = 1 - 1e-6;

    private final JudgedZone on;
    private final ZoneRule rule;
    private final ZoneRequirements wants;
    private final ZonePlaces places;
    private final List<ZoneCondition> conditions;

    ZoneJudge(Zone zone, AnswerKey key, Map<String, Item> pieces, Map<String, Object> looks, Regions onPage) {
        on = new JudgedZone(zone, key, pieces, looks, onPage);
        rule = on.rule;
        wants = on.wants;
        ZoneOrder order = on.cells == null ? null : new ZoneOrder(on);
        places = new ZonePlaces(on, order);
        conditions = ZoneCondition.of(on, order);
    }

    String id() {
        return on.id();
    }

    ZoneRule rule() {
        return rule;
    }

    Set<String> belongs() {
        return on.belongs;
    }

    SetJudge set() {
        return on.set;
    }

    boolean hasScale() {
        return on.scale != null;
    }

    /** Whether a piece that is put somewhere is put here. */
    boolean takes(HeldPiece held) {
        return switch (rule.takesBy()) {
            case MIDDLE -> on.area.contains(held.middle());
            case TOUCHES -> on.area.touches(held.outline());
            case MOSTLY -> on.area.shareOf(held.outline()) > HALF;
            case WHOLLY -> on.area.shareOf(held.outline()) > WHOLE;
        };
    }

    /** Whether it is solved as one, rather than piece by piece. */
    boolean isWhole() {
        if (wants.total() != null
                || wants.allOf() != null
                || on.set != null
                || !wants.counts().isEmpty()) {
            return true;
        }
        return wants.capacity() != null && wants.capacity() < on.belongs.size();
    }

    /** How much of what it wants as a whole has settled there, 0 to 1. */
    double share(List<PlacedPiece> settled) {
        if (wants.total() != null) {
            long wanted = Math.round(wants.total() * PieceFacts.IN_ONE);
            long sum = on.sum(settled);
            if (sum == wanted && !settled.isEmpty()) {
                return 1;
            }
            return wanted <= 0 || settled.isEmpty() ? 0 : Math.min(0.99, Math.max(0, (double) sum / wanted));
        }
        if (!wants.counts().isEmpty()) {
            int wanted = 0;
            int there = 0;
            for (Map.Entry<String, Integer> one : wants.counts().entrySet()) {
                long settledOf = settled.stream()
                        .filter(piece -> Supply.originalOf(piece.pieceId()).equals(one.getKey()))
                        .count();
                wanted += one.getValue();
                there += (int) Math.min(one.getValue(), settledOf);
            }
            return wanted == 0 ? 0 : (double) there / wanted;
        }
        int wanted = on.set != null ? 1 : wholeCount();
        return wanted == 0 ? 0 : Math.min(1, (double) settled.size() / wanted);
    }

    private int wholeCount() {
        return wants.capacity() == null ? on.belongs.size() : Math.min(on.belongs.size(), wants.capacity());
    }

    /** @param turn of the piece as it is put, in degrees */
    Verdict put(Item piece, double x, double y, double turn, Point middle, ZoneContents there) {
        List<PlacedPiece> lying = there.in(id());
        if (rule.tries() != null && there.refusals(id()) >= rule.tries()) {
            return home(piece, VerdictReason.NO_MORE_TRIES);
        }
        if (rule.when() != JudgeTiming.AT_ONCE) {
            boolean full = wants.capacity() != null && lying.size() >= wants.capacity();
            if (full || on.cells != null && on.laysInSlots() && lying.size() >= on.cells.length()) {
                return home(piece, VerdictReason.FULL);
            }
            return places.taken(Says.NOT_JUDGED, piece, x, y, middle, lying);
        }
        VerdictReason why = why(new Candidate(piece.id(), piece.id(), middle, turn), settled(lying), there);
        if (why == null && on.isTurnedWrong(piece.id(), turn)) {
            // One turns step by step: each would be a refusal. It waits there until it is turned right.
            return Verdict.notTurnedYet(id(), x, y);
        }
        if (why == null) {
            return rule.accept() == AcceptAction.DISAPPEARS
                    ? new Verdict(Says.BELONGS, id(), x, y, Rests.DISAPPEARED)
                    : places.taken(Says.BELONGS, piece, x, y, middle, lying);
        }
        if (rule.reject() == RejectAction.GOES_BACK || !why.counts()) {
            return home(piece, why);
        }
        return Verdict.rejected(id(), x, y, Rests.WHERE_PUT, why);
    }

    /** Null when it may settle. */
    private VerdictReason why(Candidate piece, List<PlacedPiece> settled, ZoneContents there) {
        for (ZoneCondition condition : conditions) {
            VerdictReason why = condition.atPut(piece, settled, there);
            if (why != null) {
                return why;
            }
        }
        return null;
    }

    /** Asked for each piece that is put down: a loop is some times as fast as a stream here. */
    private static List<PlacedPiece> settled(List<PlacedPiece> lying) {
        List<PlacedPiece> settled = new ArrayList<>(lying.size());
        for (PlacedPiece one : lying) {
            if (one.settled()) {
                settled.add(one);
            }
        }
        return settled;
    }

    private Verdict home(Item piece, VerdictReason why) {
        return Verdict.rejected(id(), piece.frame().x(), piece.frame().y(), Rests.HOME, why);
    }

    /** What a check finds of each piece that is not settled yet. */
    enum Found {
        RIGHT,
        WRONG,
        /** It belongs, but something is still missing, or the sum is not the total yet. */
        NOT_YET
    }

    record Checked(PlacedPiece lying, Found found, VerdictReason why) {}

    /** Everything that waits in this zone, judged together. */
    List<Checked> check(ZoneContents there) {
        List<PlacedPiece> lying = there.in(id());
        boolean open = missing(on.belonging(lying)) != null;
        List<ZoneCondition.Check> checks = new ArrayList<>();
        conditions.forEach(condition -> checks.add(condition.atCheck(lying, there)));
        List<Checked> found = new ArrayList<>();
        for (PlacedPiece one : lying) {
            Candidate piece =
                    new Candidate(Supply.originalOf(one.pieceId()), one.pieceId(), on.middle(one), on.turn(one));
            VerdictReason why = first(checks, piece);
            if (!one.settled()) {
                found.add(new Checked(one, why != null ? Found.WRONG : open ? Found.NOT_YET : Found.RIGHT, why));
            }
        }
        return found;
    }

    private static VerdictReason first(List<ZoneCondition.Check> checks, Candidate piece) {
        for (ZoneCondition.Check check : checks) {
            VerdictReason why = check.why(piece);
            if (why != null) {
                return why;
            }
        }
        return null;
    }

    /** Null when nothing is. */
    private Missing missing(List<PlacedPiece> belonging) {
        if (wants.total() != null) {
            int sign = Long.compare(on.sum(belonging), Math.round(wants.total() * PieceFacts.IN_ONE));
            return sign == 0 ? null : sign < 0 ? Missing.TOO_LITTLE : Missing.TOO_MUCH;
        }
        return wants.allOf() != null && belonging.size() < wholeCount() ? Missing.MORE : null;
    }

    Count count(List<Judge.Checked> found, ZoneContents there) {
        Missing missing = missing(on.belonging(there.in(id())));
        int right = 0;
        int of = 0;
        for (Judge.Checked one : found) {
            boolean open = !one.right() && !one.wrong();
            right += one.right() || open && missing == Missing.MORE ? 1 : 0;
            of += open && missing != Missing.MORE ? 0 : 1;
        }
        return new Count(right, of, missing);
    }

    /** How a piece that belongs here is turned, for showing the solution; null for as it was laid out. */
    Double shownTurn(Item piece) {
        return on.rightTurn(piece.id());
    }

    /** How much smaller a piece is drawn here; null for as large as it is. */
    Double scaleOf(Item piece) {
        double scale = PieceFit.scale(on.zone, rule, piece);
        return scale == 1 ? null : (Double) scale;
    }

    /** A place where a piece that belongs here would rest, for showing the solution. */
    Point shownAt(Item piece, ZoneContents there) {
        return places.shown(piece, there.in(id()));
    }
}
