package gladtile.core.answer;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Page;
import gladtile.core.activity.Point;
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
    private final Map<String, Frame> homes;
    /** The topmost first. */
    private final List<Asked> zones;

    private final Set<String> placements;

    private record Asked(Zone zone, ZoneRule rule, Set<String> belongs) {}

    private Judge(Page page, AnswerKey key) {
        pageId = page.id();
        homes = new LinkedHashMap<>();
        page.pieces().forEach(piece -> homes.put(piece.id(), piece.frame()));
        zones = new ArrayList<>();
        Set<String> placed = new HashSet<>();
        for (Zone zone : page.zones()) {
            Set<String> belongs = new HashSet<>();
            for (String piece : homes.keySet()) {
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

    public String pageId() {
        return pageId;
    }

    /** The pieces that belong somewhere on this page. */
    public Set<String> placements() {
        return placements;
    }

    /** Where a piece starts; empty when no piece of this page has that id. */
    public Optional<Frame> home(String pieceId) {
        return Optional.ofNullable(homes.get(pieceId));
    }

    /**
     * Judges one piece put down.
     *
     * @param pieceId a piece of this page; anything else is the caller's mistake
     * @param x left edge where it was put, in page units
     * @param y top edge where it was put
     * @param settled who lies in which zone's slots already, in the order they came
     */
    public Verdict judge(String pieceId, double x, double y, Settled settled) {
        Frame home = homes.get(pieceId);
        if (home == null) {
            throw new IllegalArgumentException("no piece " + pieceId + " on page " + pageId);
        }
        Point middle = new Point(x + home.width() / 2, y + home.height() / 2);
        for (Asked asked : zones) {
            if (asked.zone.frame().contains(middle)) {
                return asked.belongs.contains(pieceId)
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
            there.add(homes.get(piece));
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
