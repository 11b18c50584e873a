package gladtile.core.answer;

import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The regions that crossing zones make on a page, as in a Venn diagram. Made once for a page. */
public final class Regions {
    /** Places across or down that are looked at; a region that is missed by all of them is too small for a piece. */
    private static final int LOOKS = 64;

    public static final Regions NONE = new Regions(List.of());

    private final List<Zone> zones;
    private final Map<String, ZoneArea> areas = new HashMap<>();
    private final List<Region> all;

    private Regions(List<Zone> zones) {
        this.zones = zones;
        zones.forEach(zone -> areas.put(zone.id(), ZoneArea.of(zone)));
        all = found();
    }

    /** Of those zones whose rule says that crossing counts; one alone makes none. */
    public static Regions of(List<Zone> onPage, AnswerKey key) {
        List<Zone> crossing =
                onPage.stream().filter(zone -> key.rule(zone.id()).crosses()).toList();
        return crossing.size() < 2 ? NONE : new Regions(crossing);
    }

    /** Those that exist, by how many zones they lie in, then in the order of depth. */
    public List<Region> all() {
        return all;
    }

    /** The crossing zones, the lowest first. */
    public List<String> zoneIds() {
        return zones.stream().map(Zone::id).toList();
    }

    public boolean has(String zoneId) {
        return areas.containsKey(zoneId);
    }

    /** Whether a point lies in just those of the zones. */
    boolean isIn(Point point, Set<String> zoneIds) {
        for (Zone zone : zones) {
            if (areas.get(zone.id()).contains(point) != zoneIds.contains(zone.id())) {
                return false;
            }
        }
        return true;
    }

    /** The region of just those zones; empty where they make none. */
    public Optional<Region> of(Set<String> zoneIds) {
        return all.stream()
                .filter(region -> region.zoneIds().size() == zoneIds.size() && zoneIds.containsAll(region.zoneIds()))
                .findFirst();
    }

    /**
     * Where a piece can lie with its middle in the region, beside what lies there if there is room.
     *
     * @return its left top corner
     */
    Optional<Point> place(Set<String> zoneIds, Frame piece, List<Frame> lying) {
        Region region = of(zoneIds).orElse(null);
        if (region == null) {
            return Optional.empty();
        }
        Point best = null;
        double clearest = -1;
        for (Point at : grid(areas.get(region.zoneIds().get(0)).box())) {
            if (!isIn(at, zoneIds)) {
                continue;
            }
            double left = at.x() - piece.width() / 2;
            double top = at.y() - piece.height() / 2;
            double clear = clearance(at);
            boolean free = lying.stream()
                    .noneMatch(one -> left < one.x() + one.width()
                            && one.x() < left + piece.width()
                            && top < one.y() + one.height()
                            && one.y() < top + piece.height());
            if (free && clear > clearest) {
                clearest = clear;
                best = new Point(left, top);
            }
        }
        Point middle = region.at();
        return Optional.of(
                best != null ? best : new Point(middle.x() - piece.width() / 2, middle.y() - piece.height() / 2));
    }

    private List<Region> found() {
        if (zones.isEmpty()) {
            return List.of();
        }
        Map<List<String>, Region> best = new HashMap<>();
        for (Zone zone : zones) {
            for (Point at : grid(areas.get(zone.id()).box())) {
                List<String> in = zones.stream()
                        .filter(one -> areas.get(one.id()).contains(at))
                        .map(Zone::id)
                        .toList();
                if (!in.isEmpty()) {
                    double clear = clearance(at);
                    Region before = best.get(in);
                    if (before == null || clear > before.clear()) {
                        best.put(in, new Region(in, at, clear));
                    }
                }
            }
        }
        List<String> order = zones.stream().map(Zone::id).toList();
        List<Region> sorted = new ArrayList<>(best.values());
        sorted.sort((a, b) -> {
            int fewer = Integer.compare(a.zoneIds().size(), b.zoneIds().size());
            for (int i = 0; fewer == 0 && i < a.zoneIds().size(); i++) {
                fewer = Integer.compare(
                        order.indexOf(a.zoneIds().get(i)),
                        order.indexOf(b.zoneIds().get(i)));
            }
            return fewer;
        });
        return List.copyOf(sorted);
    }

    private double clearance(Point at) {
        double closest = Double.MAX_VALUE;
        for (ZoneArea area : areas.values()) {
            closest = Math.min(closest, area.toEdge(at));
        }
        return closest;
    }

    private static List<Point> grid(Outline box) {
        List<Point> points = new ArrayList<>(LOOKS * LOOKS);
        for (int j = 0; j < LOOKS; j++) {
            for (int i = 0; i < LOOKS; i++) {
                points.add(new Point(
                        box.left() + box.width() * (i + 0.5) / LOOKS, box.top() + box.height() * (j + 0.5) / LOOKS));
            }
        }
        return points;
    }
}
