package gladtile.core.answer;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Item;
import gladtile.core.activity.Point;
import gladtile.core.activity.Supply;
import gladtile.core.activity.Zone;
import gladtile.core.answer.Verdict.Count;
import gladtile.core.answer.Verdict.Missing;
import gladtile.core.answer.Verdict.Rests;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.measure.ZoneArea;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** One zone with all that it wants, made ready for judging. */
final class ZoneJudge {
    private static final double HALF = 0.5;
    /** All but what rounding takes. */
    private static final double WHOLE = 1 - 1e-6;

    private final Zone zone;
    private final ZoneArea area;
    /** Null for a box. */
    private final ShapedSlots shaped;

    private final ZoneRule rule;
    private final ZoneRequirements wants;
    private final Map<String, Item> pieces;
    private final Set<String> belongs;
    private final Map<String, Long> values;
    private final boolean onlyGrows;
    private final SequenceCells cells;
    private final SetJudge set;
    /** Null where places in it have no value. */
    private final ScaleReading scale;
    /** Piece id to its value on the scale, for those that have one. */
    private final Map<String, ScaleReading.Value> onScale;
    /** Of the pieces that belong here, those that are right at one turn only. */
    private final Map<String, PieceFacts> turned;
    /** Null where it makes none with others. */
    private final Regions regions;
    /** Piece id to the crossing zones that it belongs in, all of them together. */
    private final Map<String, Set<String>> regionOf;
    /** Places for everything that may settle here; empty when they do not all fit, or it is judged later. */
    private final List<Frame> plan;

    ZoneJudge(Zone zone, AnswerKey key, Map<String, Item> pieces, Map<String, Object> looks, Regions onPage) {
        this.zone = zone;
        area = ZoneArea.of(zone);
        shaped = zone.shape() == null ? null : new ShapedSlots(zone, area);
        this.pieces = pieces;
        rule = key.rule(zone.id());
        scale = ScaleReading.of(zone, rule);
        onScale = new HashMap<>();
        turned = new HashMap<>();
        regions = onPage.has(zone.id()) ? onPage : null;
        wants = rule.wanted();
        Set<String> belonging = new HashSet<>();
        for (String piece : pieces.keySet()) {
            if (key.decision(zone.id(), piece) == Decision.BELONGS) {
                belonging.add(piece);
            }
        }
        belongs = Set.copyOf(belonging);
        regionOf = new HashMap<>();
        if (regions != null) {
            for (String piece : pieces.keySet()) {
                regionOf.put(
                        piece,
                        regions.zoneIds().stream()
                                .filter(other -> key.decision(other, piece) == Decision.BELONGS)
                                .collect(Collectors.toSet()));
            }
        }
        values = new HashMap<>();
        belongs.forEach(piece -> values.put(piece, key.facts(piece).thousandths()));
        for (String piece : scale == null ? Set.<String>of() : belongs) {
            Double value = key.facts(piece).value();
            Double up = key.facts(piece).valueUp();
            if (value != null) {
                BigDecimal upright = up == null ? null : BigDecimal.valueOf(up);
                onScale.put(piece, new ScaleReading.Value(BigDecimal.valueOf(value), upright));
            }
        }
        for (String piece : belongs) {
            PieceFacts known = key.facts(piece);
            if (known.rightTurn() != null) {
                turned.put(piece, known);
            }
        }
        onlyGrows = values.values().stream().allMatch(value -> value >= 0);
        cells = wants.sequence() == null ? null : new SequenceCells(zone, wants.sequence(), looks);
        set = key.sets().stream()
                .filter(one -> one.zoneIds().contains(zone.id()))
                .findFirst()
                .map(SetJudge::new)
                .orElse(null);
        ZoneRequirements room = set == null ? wants : wants.withCapacity(1);
        // Before anything is judged, a place that was planned for what belongs would tell what does.
        plan = laysInSlots() && cells == null && rule.layout() == null && rule.when() == JudgeTiming.AT_ONCE
                ? Slots.plan(zone, settling(zone, room, ZoneCapacity.fitted(zone, rule, belonging(pieces))))
                        .orElse(List.of())
                : List.of();
    }

    private List<Item> belonging(Map<String, Item> all) {
        return all.values().stream()
                .filter(piece -> belongs.contains(piece.id()))
                .toList();
    }

    /** The boxes of everything that can settle in a zone at one time; of more than it holds, the largest. */
    static List<Frame> settling(Zone zone, ZoneRequirements wants, List<Item> belonging) {
        List<Frame> boxes = new ArrayList<>();
        for (Item piece : belonging) {
            Supply supply = piece.traitsOrNone().supply();
            int most = supply == null ? 1 : wants.counts().getOrDefault(piece.id(), mostCopies(wants, supply));
            for (int i = 0; i < most; i++) {
                boxes.add(piece.frame());
            }
        }
        if (wants.capacity() != null && boxes.size() > wants.capacity()) {
            boxes.sort((a, b) -> Double.compare(b.width() * b.height(), a.width() * a.height()));
            return boxes.subList(0, wants.capacity());
        }
        return boxes;
    }

    /** Of an endless supply nobody can know; one is reckoned with. */
    private static int mostCopies(ZoneRequirements wants, Supply supply) {
        if (wants.capacity() != null) {
            return Math.min(wants.capacity(), supply.most());
        }
        return supply.copies() == null ? 1 : supply.copies();
    }

    String id() {
        return zone.id();
    }

    ZoneRule rule() {
        return rule;
    }

    Set<String> belongs() {
        return belongs;
    }

    SetJudge set() {
        return set;
    }

    boolean hasScale() {
        return scale != null;
    }

    /** Whether a piece that is put somewhere is put here. */
    boolean takes(HeldPiece held) {
        return switch (rule.takesBy()) {
            case MIDDLE -> area.contains(held.middle());
            case TOUCHES -> area.touches(held.outline());
            case MOSTLY -> area.shareOf(held.outline()) > HALF;
            case WHOLLY -> area.shareOf(held.outline()) > WHOLE;
        };
    }

    /** Whether a piece may lie there, as far as where it belongs goes. */
    private boolean belongsAt(String piece, Point middle) {
        return belongs.contains(piece) && (regions == null || regions.isIn(middle, regionOf.get(piece)));
    }

    private boolean laysInSlots() {
        // Which region or which value it lies at must stay to be seen.
        return regions == null && scale == null && inSlots();
    }

    private boolean inSlots() {
        return rule.accept() == AcceptAction.IN_SLOT || rule.accept() == AcceptAction.TURNS_OVER;
    }

    /** Whether it is solved as one, rather than piece by piece. */
    boolean isWhole() {
        if (wants.total() != null
                || wants.allOf() != null
                || set != null
                || !wants.counts().isEmpty()) {
            return true;
        }
        return wants.capacity() != null && wants.capacity() < belongs.size();
    }

    /** How much of what it wants as a whole has settled there, 0 to 1. */
    double share(List<PlacedPiece> settled) {
        if (wants.total() != null) {
            long wanted = Math.round(wants.total() * PieceFacts.IN_ONE);
            if (sum(settled) == wanted && !settled.isEmpty()) {
                return 1;
            }
            return wanted <= 0 || settled.isEmpty() ? 0 : Math.min(0.99, Math.max(0, (double) sum(settled) / wanted));
        }
        if (!wants.counts().isEmpty()) {
            int wanted = 0;
            int there = 0;
            for (Map.Entry<String, Integer> one : wants.counts().entrySet()) {
                wanted += one.getValue();
                there += (int) Math.min(one.getValue(), count(one.getKey(), settled));
            }
            return wanted == 0 ? 0 : (double) there / wanted;
        }
        int wanted = set != null ? 1 : wholeCount();
        return wanted == 0 ? 0 : Math.min(1, (double) settled.size() / wanted);
    }

    private int wholeCount() {
        return wants.capacity() == null ? belongs.size() : Math.min(belongs.size(), wants.capacity());
    }

    /** @param turn of the piece as it is put, in degrees */
    Verdict put(Item piece, double x, double y, double turn, Point middle, ZoneContents there) {
        List<PlacedPiece> lying = there.in(zone.id());
        if (rule.tries() != null && there.refusals(zone.id()) >= rule.tries()) {
            return home(piece, VerdictReason.NO_MORE_TRIES);
        }
        if (rule.when() != JudgeTiming.AT_ONCE) {
            boolean full = wants.capacity() != null && lying.size() >= wants.capacity();
            if (full || cells != null && laysInSlots() && lying.size() >= cells.length()) {
                return home(piece, VerdictReason.FULL);
            }
            return placed(Says.NOT_JUDGED, piece, x, y, middle, lying);
        }
        VerdictReason why = why(piece, middle, settled(lying), there);
        if (why == null && isTurnedWrong(piece.id(), turn)) {
            // One turns step by step: each would be a refusal. It waits there until it is turned right.
            return Verdict.notTurnedYet(zone.id(), x, y);
        }
        if (why == null) {
            return rule.accept() == AcceptAction.DISAPPEARS
                    ? new Verdict(Says.BELONGS, zone.id(), x, y, Rests.DISAPPEARED)
                    : placed(Says.BELONGS, piece, x, y, middle, lying);
        }
        if (rule.reject() == RejectAction.GOES_BACK || !why.counts()) {
            return home(piece, why);
        }
        return Verdict.rejected(zone.id(), x, y, Rests.WHERE_PUT, why);
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
        return Verdict.rejected(zone.id(), piece.frame().x(), piece.frame().y(), Rests.HOME, why);
    }

    private Verdict placed(Says says, Item piece, double x, double y, Point middle, List<PlacedPiece> lying) {
        if (scale != null) {
            Point rest = scale.rest(middle);
            return new Verdict(says, zone.id(), x + rest.x() - middle.x(), y + rest.y() - middle.y(), Rests.WHERE_PUT);
        }
        // What turns in its place, as a hand of a clock, would not be about its middle in a slot. Before anything is
        // judged it must go where all others go: else its place would tell that it belongs.
        boolean inPlace = says == Says.BELONGS && turned.containsKey(piece.id());
        if (!laysInSlots() || inPlace) {
            return new Verdict(says, zone.id(), x, y, Rests.WHERE_PUT);
        }
        Point at = slotFor(piece, middle, lying);
        return new Verdict(says, zone.id(), at.x(), at.y(), Rests.IN_SLOT);
    }

    /** The left top corner of the whole piece, of which a smaller one about the same middle may be drawn. */
    private Point slotFor(Item piece, Point middle, List<PlacedPiece> lying) {
        Frame home = piece.frame();
        Frame box = PieceFit.box(zone, rule, piece, home);
        return around(slot(box, middle, lying), home, box);
    }

    private static Point around(Point at, Frame home, Frame box) {
        return new Point(at.x() - (home.width() - box.width()) / 2, at.y() - (home.height() - box.height()) / 2);
    }

    private Point slot(Frame home, Point middle, List<PlacedPiece> lying) {
        if (cells != null) {
            int place = cells.nearestFree(middle, taken(lying));
            return cells.corner(place == 0 ? cells.at(middle) : place, home.width(), home.height());
        }
        List<Frame> there = frames(lying);
        for (Frame place : plan) {
            boolean fits = place.width() == home.width() && place.height() == home.height();
            if (fits && there.stream().noneMatch(one -> overlap(one, place))) {
                return new Point(place.x(), place.y());
            }
        }
        if (rule.layout() != null) {
            return Layouts.next(zone, area, rule.layout(), there, home);
        }
        return shaped == null ? Slots.next(zone, there, home) : shaped.next(there, home);
    }

    private List<Frame> frames(List<PlacedPiece> lying) {
        List<Frame> there = new ArrayList<>(lying.size());
        for (PlacedPiece one : lying) {
            Item piece = pieces.get(Supply.originalOf(one.pieceId()));
            Frame whole = Frame.of(
                    one.x(), one.y(), piece.frame().width(), piece.frame().height());
            there.add(PieceFit.box(zone, rule, piece, whole));
        }
        return there;
    }

    private static boolean overlap(Frame a, Frame b) {
        return a.x() < b.x() + b.width()
                && b.x() < a.x() + a.width()
                && a.y() < b.y() + b.height()
                && b.y() < a.y() + a.height();
    }

    private Frame frame(String pieceId) {
        return pieces.get(Supply.originalOf(pieceId)).frame();
    }

    private Point middle(PlacedPiece one) {
        Frame box = frame(one.pieceId());
        return new Point(one.x() + box.width() / 2, one.y() + box.height() / 2);
    }

    private List<Integer> taken(List<PlacedPiece> lying) {
        return lying.stream().map(one -> cells.at(middle(one))).toList();
    }

    /** Null when it may settle. */
    private VerdictReason why(Item piece, Point middle, List<PlacedPiece> settled, ZoneContents there) {
        String id = piece.id();
        if (!belongsAt(id, middle)) {
            return VerdictReason.NOT_HERE;
        }
        if (wants.capacity() != null && settled.size() >= wants.capacity() || set != null && !settled.isEmpty()) {
            return VerdictReason.FULL;
        }
        if (!wants.counts().isEmpty() && count(id, settled) >= wants.counts().getOrDefault(id, 1)) {
            return VerdictReason.TOO_MANY;
        }
        if (wants.total() != null && onlyGrows) {
            long most = Math.round(wants.total() * PieceFacts.IN_ONE);
            if (sum(settled) + values.get(id) > most) {
                return VerdictReason.TOO_MUCH;
            }
        }
        if (cells != null && !inOrder(id, middle, settled)) {
            return VerdictReason.WRONG_PLACE;
        }
        if (isOffItsValue(id, middle)) {
            return offItsValue(id, middle);
        }
        if (set != null && !set.goes(zone.id(), id, inSet(there, true))) {
            return VerdictReason.NOT_WITH_THESE;
        }
        return null;
    }

    private boolean isTurnedWrong(String piece, double turn) {
        PieceFacts known = turned.get(piece);
        return known != null && !known.isTurnedRight(turn);
    }

    private boolean isTurnedWrong(PlacedPiece one) {
        String piece = Supply.originalOf(one.pieceId());
        return isTurnedWrong(piece, one.turn() == null ? frame(piece).turn() : one.turn());
    }

    private boolean isOffItsValue(String piece, Point middle) {
        ScaleReading.Value value = onScale.get(piece);
        return value != null && !scale.isRight(middle, value);
    }

    private VerdictReason offItsValue(String piece, Point middle) {
        if (rule.saysSide() == null) {
            return VerdictReason.WRONG_PLACE;
        }
        return scale.side(middle, onScale.get(piece));
    }

    /** In slots the place itself counts; where pieces stay as they were put, only what lies before and behind. */
    private boolean inOrder(String id, Point middle, List<PlacedPiece> settled) {
        if (laysInSlots()) {
            int place = cells.at(middle);
            return cells.mayLieAt(id, place) && !taken(settled).contains(place);
        }
        double along = cells.along(middle);
        int mine = cells.first(id);
        for (PlacedPiece one : settled) {
            int other = cells.first(Supply.originalOf(one.pieceId()));
            double at = cells.along(middle(one));
            if (mine != other && (mine < other) != (along < at)) {
                return false;
            }
        }
        return true;
    }

    /** Zone id to the one piece that lies in it, for the zones answered together with this one. */
    private Map<String, String> inSet(ZoneContents there, boolean settledOnly) {
        Map<String, String> lying = new HashMap<>();
        for (String other : set.zoneIds()) {
            there.in(other).stream()
                    .filter(one -> !settledOnly || one.settled())
                    .findFirst()
                    .ifPresent(one -> lying.put(other, Supply.originalOf(one.pieceId())));
        }
        return lying;
    }

    private static long count(String piece, List<PlacedPiece> lying) {
        return lying.stream()
                .filter(one -> Supply.originalOf(one.pieceId()).equals(piece))
                .count();
    }

    private long sum(List<PlacedPiece> lying) {
        return lying.stream()
                .mapToLong(one -> values.getOrDefault(Supply.originalOf(one.pieceId()), 0L))
                .sum();
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
        List<PlacedPiece> lying = there.in(zone.id());
        List<Checked> found = new ArrayList<>();
        Map<String, Integer> counted = new HashMap<>();
        List<PlacedPiece> belonging = belonging(lying);
        Set<String> ordered = cells == null ? Set.of() : rightInOrder(belonging);
        boolean open = missing(belonging) != null;
        boolean setFits = set == null || set.right(inSet(there, false)).contains(zone.id());
        for (PlacedPiece one : lying) {
            String piece = Supply.originalOf(one.pieceId());
            VerdictReason why = null;
            if (!belongsAt(piece, middle(one))) {
                why = VerdictReason.NOT_HERE;
            } else if (!wants.counts().isEmpty()
                    && counted.merge(piece, 1, Integer::sum) > wants.counts().getOrDefault(piece, 1)) {
                why = VerdictReason.TOO_MANY;
            } else if (cells != null && !ordered.contains(one.pieceId())) {
                why = VerdictReason.WRONG_PLACE;
            } else if (isOffItsValue(piece, middle(one))) {
                why = offItsValue(piece, middle(one));
            } else if (isTurnedWrong(one)) {
                why = VerdictReason.TURNED;
            } else if (!setFits) {
                why = VerdictReason.NOT_WITH_THESE;
            }
            if (!one.settled()) {
                found.add(new Checked(one, why != null ? Found.WRONG : open ? Found.NOT_YET : Found.RIGHT, why));
            }
        }
        return found;
    }

    private List<PlacedPiece> belonging(List<PlacedPiece> lying) {
        return lying.stream()
                .filter(one -> belongs.contains(Supply.originalOf(one.pieceId())))
                .toList();
    }

    /** Null when nothing is. */
    private Missing missing(List<PlacedPiece> belonging) {
        if (wants.total() != null) {
            int sign = Long.compare(sum(belonging), Math.round(wants.total() * PieceFacts.IN_ONE));
            return sign == 0 ? null : sign < 0 ? Missing.TOO_LITTLE : Missing.TOO_MUCH;
        }
        return wants.allOf() != null && belonging.size() < wholeCount() ? Missing.MORE : null;
    }

    Count count(List<Judge.Checked> found, ZoneContents there) {
        Missing missing = missing(belonging(there.in(zone.id())));
        int right = 0;
        int of = 0;
        for (Judge.Checked one : found) {
            boolean open = !one.right() && !one.wrong();
            right += one.right() || open && missing == Missing.MORE ? 1 : 0;
            of += open && missing != Missing.MORE ? 0 : 1;
        }
        return new Count(right, of, missing);
    }

    /**
     * Those that are at their place; where pieces stay as put, the longest row of them that is in order. What has settled
     * rests, so whatever is not in order with it is out of order, however many they are.
     */
    private Set<String> rightInOrder(List<PlacedPiece> lying) {
        Set<String> right = new HashSet<>();
        if (laysInSlots()) {
            for (PlacedPiece one : lying) {
                if (cells.mayLieAt(Supply.originalOf(one.pieceId()), cells.at(middle(one)))) {
                    right.add(one.pieceId());
                }
            }
            return right;
        }
        List<PlacedPiece> settled = lying.stream().filter(PlacedPiece::settled).toList();
        List<PlacedPiece> row = new ArrayList<>();
        for (PlacedPiece one : lying) {
            if (one.settled() || inOrder(Supply.originalOf(one.pieceId()), middle(one), settled)) {
                row.add(one);
            }
        }
        row.sort((a, b) -> Double.compare(cells.along(middle(a)), cells.along(middle(b))));
        int n = row.size();
        int[] best = new int[n];
        int[] before = new int[n];
        int last = -1;
        for (int i = 0; i < n; i++) {
            best[i] = 1;
            before[i] = -1;
            for (int j = 0; j < i; j++) {
                boolean follows = cells.first(Supply.originalOf(row.get(j).pieceId()))
                        <= cells.first(Supply.originalOf(row.get(i).pieceId()));
                if (follows && best[j] + 1 > best[i]) {
                    best[i] = best[j] + 1;
                    before[i] = j;
                }
            }
            if (last < 0 || best[i] > best[last]) {
                last = i;
            }
        }
        for (int i = last; i >= 0; i = before[i]) {
            right.add(row.get(i).pieceId());
        }
        return right;
    }

    /** How a piece that belongs here is turned, for showing the solution; null for as it was laid out. */
    Double shownTurn(Item piece) {
        PieceFacts known = turned.get(piece.id());
        return known == null ? null : known.rightTurn();
    }

    /** How much smaller a piece is drawn here; null for as large as it is. */
    Double scaleOf(Item piece) {
        double scale = PieceFit.scale(zone, rule, piece);
        return scale == 1 ? null : (Double) scale;
    }

    /** A place where a piece that belongs here would rest, for showing the solution. */
    Point shownAt(Item piece, ZoneContents there) {
        List<PlacedPiece> lying = there.in(zone.id());
        Frame home = piece.frame();
        if (cells != null) {
            int place = cells.first(piece.id());
            Frame box = PieceFit.box(zone, rule, piece, home);
            int within = place > cells.length() ? cells.length() : place;
            return around(cells.corner(within, box.width(), box.height()), home, box);
        }
        if (onScale.containsKey(piece.id())) {
            Point at = scale.place(onScale.get(piece.id()));
            return new Point(at.x() - home.width() / 2, at.y() - home.height() / 2);
        }
        if (turned.containsKey(piece.id()) && area.contains(home.middle())) {
            return new Point(home.x(), home.y());
        }
        if (regions != null) {
            return regions.place(regionOf.get(piece.id()), home, frames(lying))
                    .orElseGet(() -> new Point(
                            area.inside().x() - home.width() / 2, area.inside().y() - home.height() / 2));
        }
        return slotFor(piece, area.inside(), lying);
    }
}
