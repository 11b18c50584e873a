package gladtile.core.answer;

import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** One zone with all that is said of it in the answer key, looked up once. */
final class JudgedZone {
    final Zone zone;
    final ZoneArea area;
    final ZoneRule rule;
    final ZoneRequirements wants;
    /** Every piece of the page, by its id. */
    final Map<String, Item> pieces;
    /** The ids of the pieces that belong here. */
    final Set<String> belongs;
    /** Null where it asks for no order. */
    final SequenceCells cells;
    /** Null where it is answered alone. */
    final SetJudge set;
    /** Null where places in it have no value. */
    final ScaleReading scale;
    /** Null where it makes none with others. */
    final Regions regions;

    /** Of the pieces that belong here, what each counts, in thousandths. */
    private final Map<String, Long> values = new HashMap<>();
    /** Piece id to its value on the scale, for those that have one. */
    private final Map<String, ScaleReading.Value> onScale = new HashMap<>();
    /** Of the pieces that belong here, those that are right at one turn only. */
    private final Map<String, PieceFacts> turned = new HashMap<>();
    /** Piece id to the crossing zones that it belongs in, all of them together. */
    private final Map<String, Set<String>> regionOf = new HashMap<>();

    JudgedZone(Zone zone, AnswerKey key, Map<String, Item> pieces, Map<String, Object> looks, Regions onPage) {
        this.zone = zone;
        this.pieces = pieces;
        area = ZoneArea.of(zone);
        rule = key.rule(zone.id());
        wants = rule.wanted();
        scale = ScaleReading.of(zone, rule);
        regions = onPage.has(zone.id()) ? onPage : null;
        cells = wants.sequence() == null ? null : new SequenceCells(zone, wants.sequence(), looks);
        set = key.sets().stream()
                .filter(one -> one.zoneIds().contains(zone.id()))
                .findFirst()
                .map(SetJudge::new)
                .orElse(null);
        Set<String> belonging = new HashSet<>();
        for (String piece : pieces.keySet()) {
            if (key.decision(zone.id(), piece) == Decision.BELONGS) {
                belonging.add(piece);
                know(piece, key.facts(piece));
            }
            if (regions != null) {
                regionOf.put(
                        piece,
                        regions.zoneIds().stream()
                                .filter(other -> key.decision(other, piece) == Decision.BELONGS)
                                .collect(Collectors.toSet()));
            }
        }
        belongs = Set.copyOf(belonging);
    }

    private void know(String piece, PieceFacts facts) {
        values.put(piece, facts.thousandths());
        if (scale != null && facts.value() != null) {
            BigDecimal upright = facts.valueUp() == null ? null : BigDecimal.valueOf(facts.valueUp());
            onScale.put(piece, new ScaleReading.Value(BigDecimal.valueOf(facts.value()), upright));
        }
        if (facts.rightTurn() != null) {
            turned.put(piece, facts);
        }
    }

    String id() {
        return zone.id();
    }

    /** Whether a piece may lie there, as far as where it belongs goes. */
    boolean belongsAt(String piece, Point middle) {
        return belongs.contains(piece) && (regions == null || regions.isIn(middle, regionOf.get(piece)));
    }

    /** The crossing zones that a piece belongs in; only where it makes regions with others. */
    Set<String> regionOf(String piece) {
        return regionOf.get(piece);
    }

    /** Null for a piece without a value on the scale. */
    ScaleReading.Value onScale(String piece) {
        return onScale.get(piece);
    }

    /** Whether pieces are laid into places of the zone's own, rather than left where they were put. */
    boolean laysInSlots() {
        boolean inSlots = rule.accept() == AcceptAction.IN_SLOT || rule.accept() == AcceptAction.TURNS_OVER;
        // Which region or which value it lies at must stay to be seen.
        return inSlots && regions == null && scale == null;
    }

    /** The turn at which a piece that belongs here is right; null where every turn is. */
    Double rightTurn(String piece) {
        PieceFacts known = turned.get(piece);
        return known == null ? null : known.rightTurn();
    }

    /** Whether some piece that belongs here is right at one turn only. */
    boolean hasTurns() {
        return !turned.isEmpty();
    }

    boolean isTurnedWrong(String piece, double turn) {
        PieceFacts known = turned.get(piece);
        return known != null && !known.isTurnedRight(turn);
    }

    /** Whether nothing that belongs here takes away from a sum. */
    boolean onlyGrows() {
        return values.values().stream().allMatch(value -> value >= 0);
    }

    long value(String piece) {
        return values.getOrDefault(piece, 0L);
    }

    /** What pieces count together, in thousandths. */
    long sum(List<PlacedPiece> lying) {
        long sum = 0;
        for (PlacedPiece one : lying) {
            sum += value(Supply.originalOf(one.pieceId()));
        }
        return sum;
    }

    /** Those that belong here, wherever in it they lie. */
    List<PlacedPiece> belonging(List<PlacedPiece> lying) {
        return lying.stream()
                .filter(one -> belongs.contains(Supply.originalOf(one.pieceId())))
                .toList();
    }

    Item item(PlacedPiece one) {
        return pieces.get(Supply.originalOf(one.pieceId()));
    }

    Point middle(PlacedPiece one) {
        Frame box = item(one).frame();
        return new Point(one.x() + box.width() / 2, one.y() + box.height() / 2);
    }

    /** In degrees; as the piece was laid out where nobody turned it. */
    double turn(PlacedPiece one) {
        return one.turn() == null ? item(one).frame().turn() : one.turn();
    }
}
