package gladtile.core.answer;

import gladtile.core.answer.Verdict.Count;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Picture;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Judges the pieces of one page against the answer key. Made once for a page; safe to share between threads.
 *
 * <p>A piece is in a zone when its middle is in the zone's outline, edge included, or as much of it as the zone's rule
 * says; of several such zones the topmost is asked. A piece that the key says nothing of is turned away: only what was decided to belong is taken.
 */
public final class Judge {
    private final String pageId;
    private final Map<String, Item> pieces;
    /** The topmost first. */
    private final List<ZoneJudge> zones;

    private final Map<String, ZoneJudge> byId = new HashMap<>();
    private final Set<String> placements;
    private final Regions regions;
    private final CarriedZones carrying;

    private Judge(Page page, AnswerKey key) {
        pageId = page.id();
        pieces = new LinkedHashMap<>();
        Map<String, Object> looks = new HashMap<>();
        page.pieces().forEach(piece -> {
            pieces.put(piece.id(), piece);
            looks.put(piece.id(), look(piece));
        });
        zones = new ArrayList<>();
        Set<String> placed = new HashSet<>();
        carrying = CarriedZones.of(page, pieces);
        regions = Regions.of(page.zones().stream().filter(this::stays).toList(), key);
        for (Zone zone : page.zones()) {
            ZoneJudge judge = new ZoneJudge(zone, key, pieces, looks, regions);
            zones.add(0, judge);
            byId.put(zone.id(), judge);
            if (!judge.isWhole()) {
                placed.addAll(judge.belongs());
            }
        }
        placements = Set.copyOf(placed);
    }

    public static Judge of(Page page, AnswerKey key) {
        return new Judge(page, key);
    }

    /** What tells one piece from another at a look; two letters e of one size are the same. */
    static Object look(Item piece) {
        if (piece instanceof Picture picture) {
            return List.of("picture", picture.picture(), picture.name());
        }
        return piece.said().isBlank()
                ? piece.id()
                : List.of("said", piece.said().strip());
    }

    /** Whether what settles in a zone turns to its other side. */
    public boolean turnsOver(String zoneId) {
        ZoneJudge zone = byId.get(zoneId);
        return zone != null && zone.rule().accept() == AcceptAction.TURNS_OVER;
    }

    private boolean stays(Zone zone) {
        return carrying.carrierOf(zone.id()) == null;
    }

    /** Its zones that move with pieces. */
    public CarriedZones carrying() {
        return carrying;
    }

    /** What its crossing zones make. */
    public Regions regions() {
        return regions;
    }

    public String pageId() {
        return pageId;
    }

    /** The pieces that belong in a zone that is solved piece by piece. */
    public Set<String> placements() {
        return placements;
    }

    /** The zones that are solved as one, in the order of depth. */
    public List<String> wholes() {
        List<String> wholes = new ArrayList<>();
        for (int i = zones.size() - 1; i >= 0; i--) {
            ZoneJudge zone = zones.get(i);
            if (zone.isWhole() && !zone.belongs().isEmpty()) {
                wholes.add(zone.id());
            }
        }
        return wholes;
    }

    /** The zones of this page, the topmost first. */
    public List<String> zoneIds() {
        return zones.stream().map(ZoneJudge::id).toList();
    }

    /** Empty when no zone of this page has that id. */
    public Optional<ZoneRule> rule(String zoneId) {
        return Optional.ofNullable(byId.get(zoneId)).map(ZoneJudge::rule);
    }

    /** How much of a zone that is solved as one has settled, 0 to 1. */
    public double share(String zoneId, ZoneContents there) {
        List<PlacedPiece> settled =
                there.in(zoneId).stream().filter(PlacedPiece::settled).toList();
        return byId.get(zoneId).share(settled);
    }

    /** The zones in which a piece belongs, the topmost first. */
    public List<String> zonesOf(String pieceId) {
        String original = Supply.originalOf(pieceId);
        return zones.stream()
                .filter(zone -> zone.belongs().contains(original))
                .map(ZoneJudge::id)
                .toList();
    }

    /** Where a piece, or the piece that a copy came off, starts; empty when no piece of this page has that id. */
    public Optional<Frame> home(String pieceId) {
        return piece(pieceId).map(Item::frame);
    }

    /** The piece of that id, or the one that a copy of that id came off. */
    public Optional<Item> piece(String pieceId) {
        Item piece = pieces.get(pieceId);
        return Optional.ofNullable(piece != null ? piece : pieces.get(Supply.originalOf(pieceId)));
    }

    /**
     * Judges one piece put down.
     *
     * @param pieceId a piece of this page or a copy of one; anything else is the caller's mistake
     * @param x left edge where it was put, in page units; a piece on a rail lies on its rail afterwards
     * @param y top edge where it was put
     * @param there what lies in the zones, without this piece
     */
    public Verdict judge(String pieceId, double x, double y, ZoneContents there) {
        return judge(pieceId, x, y, null, there);
    }

    /** @param turn of the piece, in degrees; null for as it was laid out */
    public Verdict judge(String pieceId, double x, double y, Double turn, ZoneContents there) {
        Item piece = piece(pieceId)
                .orElseThrow(() -> new IllegalArgumentException("no piece " + pieceId + " on page " + pageId));
        Frame home = piece.frame();
        Point middle = new Point(x + home.width() / 2, y + home.height() / 2);
        if (piece.movement() instanceof Movement.Rail rail) {
            middle = rail.closest(home.middle(), middle);
            x = middle.x() - home.width() / 2;
            y = middle.y() - home.height() / 2;
        }
        Frame at = new Frame(x, y, home.width(), home.height(), turn == null ? home.turn() : turn);
        HeldPiece held = new HeldPiece(piece, at);
        Set<String> along = carrying.zonesAlong(pieceId, there);
        for (ZoneJudge zone : zones) {
            Point by = carrying.movedBy(zone.id(), there);
            if (!along.contains(zone.id()) && zone.takes(by == null ? held : held.by(-by.x(), -by.y()))) {
                Verdict verdict = by == null
                        ? zone.put(piece, x, y, at.turn(), middle, there)
                        : putOnMoved(zone, piece, at, by, there);
                return answered(zone, verdict, there.refusals(zone.id()) + (verdict.refused() ? 1 : 0));
            }
        }
        return new Verdict(Verdict.Says.NOT_JUDGED, null, x, y, Verdict.Rests.WHERE_PUT);
    }

    /** Judged as where the zone was laid out, and told for where it is. */
    private static Verdict putOnMoved(ZoneJudge zone, Item piece, Frame at, Point by, ZoneContents there) {
        Point middle = at.middle();
        Point home = new Point(middle.x() - by.x(), middle.y() - by.y());
        ZoneContents from = CarriedZones.from(by, zone.id(), there);
        Verdict verdict = zone.put(piece, at.x() - by.x(), at.y() - by.y(), at.turn(), home, from);
        return switch (verdict.rests()) {
            case HOME, TAKEN_BACK -> verdict;
            // Exactly there, whatever adding and taking away rounds off.
            case WHERE_PUT, DISAPPEARED -> zone.hasScale() ? verdict.by(by.x(), by.y()) : verdict.at(at.x(), at.y());
            case IN_SLOT -> verdict.by(by.x(), by.y());
        };
    }

    /** What lies in a zone, told from where that zone was laid out. */
    private ZoneContents home(String zoneId, ZoneContents there) {
        Point by = carrying.movedBy(zoneId, there);
        return by == null ? there : CarriedZones.from(by, zoneId, there);
    }

    private static Verdict answered(ZoneJudge zone, Verdict verdict, int refusals) {
        Replies replies = zone.rule().says();
        if (verdict.belongs()) {
            return verdict.with(replies.accepted(), null);
        }
        return verdict.refused() ? verdict.with(replies.rejected(), replies.hintAfter(refusals)) : verdict;
    }

    /** What a check finds of the pieces that wait in a zone. */
    List<ZoneJudge.Checked> check(String zoneId, ZoneContents there) {
        return byId.get(zoneId).check(home(zoneId, there));
    }

    /** One piece that was checked. @param why present when it is wrong @param right false also for 'not yet' */
    public record Checked(String pieceId, boolean right, boolean wrong, VerdictReason why) {}

    /** Judges everything that waits in a zone, together. */
    public List<Checked> checked(String zoneId, ZoneContents there) {
        return check(zoneId, there).stream()
                .map(one -> new Checked(
                        one.lying().pieceId(),
                        one.found() == ZoneJudge.Found.RIGHT,
                        one.found() == ZoneJudge.Found.WRONG,
                        one.why()))
                .toList();
    }

    /** What a check tells of a zone. @param found what {@link #checked} found there */
    public Count count(String zoneId, List<Checked> found, ZoneContents there) {
        return byId.get(zoneId).count(found, there);
    }

    /** How much smaller a piece is drawn in a zone, more than 0 and less than 1; null for as large as it is. */
    public Double scaleIn(String zoneId, String pieceId) {
        // What carries a zone keeps its size: the zone does not grow smaller with it.
        return carrying.carries(pieceId)
                ? null
                : byId.get(zoneId).scaleOf(piece(pieceId).orElseThrow());
    }

    /** How a piece would be turned in a zone it belongs in, in degrees; null for as it was laid out. */
    public Double shownTurn(String zoneId, String pieceId) {
        return byId.get(zoneId).shownTurn(piece(pieceId).orElseThrow());
    }

    /** Where a piece would rest in a zone it belongs in. */
    public Point shownAt(String zoneId, String pieceId, ZoneContents there) {
        Point at = byId.get(zoneId).shownAt(piece(pieceId).orElseThrow(), home(zoneId, there));
        Point by = carrying.movedBy(zoneId, there);
        return by == null ? at : new Point(at.x() + by.x(), at.y() + by.y());
    }
}
