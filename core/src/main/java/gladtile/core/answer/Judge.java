package gladtile.core.answer;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Item;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Page;
import gladtile.core.activity.Point;
import gladtile.core.activity.Supply;
import gladtile.core.activity.Zone;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Judges the pieces of one page against the answer key. Made once for a page; safe to share between threads.
 *
 * <p>A piece is in a zone when its middle is in the zone's box, edge included; of several such zones the topmost is
 * asked. A piece that the key says nothing of is turned away: only what was decided to belong is taken.
 */
public final class Judge {
    private final String pageId;
    private final Map<String, Item> pieces;
    /** The topmost first. */
    private final List<Asked> zones;

    private final Set<String> placements;

    private record Asked(Zone zone, ZoneRule rule, Set<String> belongs) {}

    private Judge(Page page, AnswerKey key) {
        pageId = page.id();
        pieces = new LinkedHashMap<>();
        page.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        zones = new ArrayList<>();
        Set<String> placed = new HashSet<>();
        for (Zone zone : page.zones()) {
            Set<String> belongs = new HashSet<>();
            for (String piece : pieces.keySet()) {
                if (key.decision(zone.id(), piece) == Decision.BELONGS) {
                    belongs.add(piece);
                }
            }
            placed.addAll(belongs);
            zones.add(0, new Asked(zone, key.rule(zone.id()), Set.copyOf(belongs)));
        }
        placements = Set.copyOf(placed);
    }

    public static Judge of(Page page, AnswerKey key) {
        return new Judge(page, key);
    }

    /** Whether what settles in a zone turns to its other side. */
    public boolean turnsOver(String zoneId) {
        return zones.stream()
                .anyMatch(asked -> asked.zone.id().equals(zoneId) && asked.rule.settle() == Settle.TURNS_OVER);
    }

    public String pageId() {
        return pageId;
    }

    /** The pieces that belong somewhere on this page. */
    public Set<String> placements() {
        return placements;
    }

    /** Where a piece, or the piece that a copy came off, starts; empty when no piece of this page has that id. */
    public Optional<Frame> home(String pieceId) {
        return piece(pieceId).map(Item::frame);
    }

    /** The piece of that id, or the one that a copy of that id came off. */
    public Optional<Item> piece(String pieceId) {
        return Optional.ofNullable(pieces.get(Supply.originalOf(pieceId)));
    }

    /**
     * Judges one piece put down.
     *
     * @param pieceId a piece of this page or a copy of one; anything else is the caller's mistake
     * @param x left edge where it was put, in page units; a piece on a rail lies on its rail afterwards
     * @param y top edge where it was put
     * @param settled who lies in which zone's slots already, in the order they came
     */
    public Verdict judge(String pieceId, double x, double y, Settled settled) {
        Item piece = pieces.get(pieceId);
        if (piece == null) {
            piece = piece(pieceId)
                    .orElseThrow(() -> new IllegalArgumentException("no piece " + pieceId + " on page " + pageId));
        }
        Frame home = piece.frame();
        Point middle = new Point(x + home.width() / 2, y + home.height() / 2);
        if (piece.movement() instanceof Movement.Rail rail) {
            middle = rail.closest(home.middle(), middle);
            x = middle.x() - home.width() / 2;
            y = middle.y() - home.height() / 2;
        }
        for (Asked asked : zones) {
            if (asked.zone.frame().contains(middle)) {
                return asked.belongs.contains(piece.id())
                        ? taken(asked, home, x, y, settled)
                        : turnedAway(asked, home, x, y);
            }
        }
        return new Verdict(Verdict.Says.NOT_JUDGED, null, x, y, Verdict.Rests.WHERE_PUT);
    }

    private Verdict taken(Asked asked, Frame home, double x, double y, Settled settled) {
        String zoneId = asked.zone.id();
        if (asked.rule.settle() == Settle.STAYS) {
            return new Verdict(Verdict.Says.BELONGS, zoneId, x, y, Verdict.Rests.WHERE_PUT);
        }
        List<Frame> there = new ArrayList<>();
        for (String piece : settled.in(zoneId)) {
            there.add(pieces.get(Supply.originalOf(piece)).frame());
        }
        Point slot = Slots.next(asked.zone, there, home);
        return new Verdict(Verdict.Says.BELONGS, zoneId, slot.x(), slot.y(), Verdict.Rests.IN_SLOT);
    }

    private static Verdict turnedAway(Asked asked, Frame home, double x, double y) {
        return asked.rule.refused() == Return.GLIDES_HOME
                ? new Verdict(Verdict.Says.TURNED_AWAY, asked.zone.id(), home.x(), home.y(), Verdict.Rests.HOME)
                : new Verdict(Verdict.Says.TURNED_AWAY, asked.zone.id(), x, y, Verdict.Rests.WHERE_PUT);
    }

    /** Who lies in the slots of a zone. */
    @FunctionalInterface
    public interface Settled {
        Settled NOBODY = zone -> List.of();

        /** Piece ids of this page in the order they came. */
        List<String> in(String zoneId);
    }
}
