package gladtile.core.answer;

import gladtile.core.page.Carriers;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Point;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The zones of a page that move with pieces, and how far they are from where they were laid out. */
public final class CarriedZones {
    /** Zone id to the piece that carries it. */
    private final Map<String, String> carriers;

    private final Map<String, Item> pieces;

    private CarriedZones(Map<String, String> carriers, Map<String, Item> pieces) {
        this.carriers = carriers;
        this.pieces = pieces;
    }

    /** @param pieces by id, at least those that carry something */
    static CarriedZones of(Page page, Map<String, Item> pieces) {
        return new CarriedZones(Carriers.of(page), pieces);
    }

    public boolean isEmpty() {
        return carriers.isEmpty();
    }

    /** The piece that carries a zone; null for one that stays. */
    public String carrierOf(String zoneId) {
        return carriers.get(zoneId);
    }

    public boolean carries(String pieceId) {
        return carriers.containsValue(pieceId);
    }

    /** How far a zone is from where it was laid out, in page units; null for not at all. */
    Point movedBy(String zoneId, ZoneContents there) {
        String carrier = carriers.get(zoneId);
        Point now = carrier == null ? null : there.at(carrier);
        if (now == null) {
            return null;
        }
        Frame home = pieces.get(carrier).frame();
        return now.x() == home.x() && now.y() == home.y() ? null : new Point(now.x() - home.x(), now.y() - home.y());
    }

    /** The zones that a piece cannot be put in, since they move with it: its own, and those of what lies in them. */
    Set<String> zonesAlong(String pieceId, ZoneContents there) {
        if (!carries(pieceId)) {
            return Set.of();
        }
        Set<String> zones = new HashSet<>();
        Deque<String> moving = new ArrayDeque<>(List.of(pieceId));
        while (!moving.isEmpty()) {
            String carrier = moving.pop();
            carriers.forEach((zone, by) -> {
                if (by.equals(carrier) && zones.add(zone)) {
                    there.in(zone).forEach(one -> moving.push(one.pieceId()));
                }
            });
        }
        return zones;
    }

    /** The same with what lies in one zone told from where that zone was laid out. */
    static ZoneContents from(Point movedBy, String zoneId, ZoneContents there) {
        return new ZoneContents() {
            @Override
            public List<PlacedPiece> in(String zone) {
                List<PlacedPiece> lying = there.in(zone);
                return zone.equals(zoneId)
                        ? lying.stream()
                                .map(one -> one.by(-movedBy.x(), -movedBy.y()))
                                .toList()
                        : lying;
            }

            @Override
            public Point at(String pieceId) {
                return there.at(pieceId);
            }

            @Override
            public int refusals(String zone) {
                return there.refusals(zone);
            }
        };
    }
}
