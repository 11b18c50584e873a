package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.answer.Judge;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.ZoneContents;
import gladtile.core.page.Frame;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The state after one move more, while it is put together. */
final class AttemptStateBuilder {
    private final long seq;
    private String pageId;
    private Standing standing;
    private final Map<String, PieceState> pieces;
    private final Set<String> over;
    private final Map<String, Double> slid;
    private final Map<String, String> written;
    private final Map<String, ZoneState> zones;
    private final Map<String, TypedState> typed;
    private final Set<String> shown;
    private Map<String, Long> opened;
    private final List<String> came;
    private final List<AttemptState.Met> met;
    private final Set<String> spots;
    private final Map<String, OwnWork> own;

    AttemptStateBuilder(AttemptState was) {
        seq = was.seq() + 1;
        pageId = was.pageId();
        standing = was.standing();
        pieces = new HashMap<>(was.pieces());
        over = new HashSet<>(was.over());
        slid = new HashMap<>(was.slid());
        written = new HashMap<>(was.written());
        zones = new HashMap<>(was.zones());
        typed = new HashMap<>(was.typed());
        shown = new HashSet<>(was.shown());
        opened = was.opened();
        came = new ArrayList<>(was.came());
        met = new ArrayList<>(was.met());
        spots = new HashSet<>(was.spots());
        own = new HashMap<>(was.own());
    }

    AttemptState state() {
        return new AttemptState(
                seq, pageId, standing, pieces, over, slid, written, zones, typed, shown, opened, came, met, spots, own);
    }

    ZoneContents there() {
        return new StateZoneContents(pieces, zones, null);
    }

    long seq() {
        return seq;
    }

    PieceState piece(String id) {
        return pieces.get(id);
    }

    Map<String, PieceState> pieces() {
        return Map.copyOf(pieces);
    }

    TypedState typed(String gapId) {
        return typed.get(gapId);
    }

    AttemptStateBuilder handedIn() {
        standing = Standing.HANDED_IN;
        return this;
    }

    /** Going on, the page that is left is remembered; going back, forgotten again. */
    AttemptStateBuilder from(Act.Open open) {
        boolean metBefore = met.stream().anyMatch(one -> one.pageId().equals(open.pageId()));
        if (!metBefore && met.size() < Bounds.MET) {
            met.add(new AttemptState.Met(open.pageId(), pageId));
        }
        boolean back = open.back() != null
                && !came.isEmpty()
                && came.get(came.size() - 1).equals(open.pageId());
        if (back) {
            came.remove(came.size() - 1);
        } else if (!open.pageId().equals(pageId)) {
            came.add(pageId);
            if (came.size() > Bounds.CAME) {
                came.remove(0);
            }
        }
        return this;
    }

    AttemptStateBuilder revealed(List<String> itemIds) {
        for (String id : itemIds) {
            if (!spots.remove(id)) {
                spots.add(id);
            }
        }
        return this;
    }

    AttemptStateBuilder on(String page, Map<String, Long> nowOpened) {
        pageId = page;
        opened = nowOpened;
        return this;
    }

    AttemptStateBuilder piece(String id, PieceState piece) {
        pieces.put(id, piece);
        return this;
    }

    AttemptStateBuilder typed(String gapId, TypedState now) {
        typed.put(gapId, now);
        return this;
    }

    AttemptStateBuilder zone(String id, ZoneState now) {
        zones.put(id, now);
        return this;
    }

    /** Whether a zone that is solved as one has all that it wants now, and had not before. */
    boolean solves(String zoneId, AttemptState before) {
        return zones.getOrDefault(zoneId, ZoneState.NEW).solvedAt() > 0
                && before.zones().getOrDefault(zoneId, ZoneState.NEW).solvedAt() == 0;
    }

    AttemptStateBuilder shown(String id) {
        shown.add(id);
        return this;
    }

    AttemptStateBuilder refusedBy(String zoneId) {
        zones.put(zoneId, zones.getOrDefault(zoneId, ZoneState.NEW).refused());
        return this;
    }

    AttemptStateBuilder told(String zoneId, Verdict.Count count) {
        zones.put(zoneId, zones.getOrDefault(zoneId, ZoneState.NEW).told(count));
        return this;
    }

    /** Notes that a zone has all that it wants as a whole, where it has. */
    AttemptStateBuilder wholeIfSolved(Judge judge, String zoneId) {
        if (judge.wholes().contains(zoneId) && judge.share(zoneId, there()) >= 1) {
            zones.put(zoneId, zones.getOrDefault(zoneId, ZoneState.NEW).solved());
        }
        return this;
    }

    AttemptStateBuilder without(String copyId) {
        pieces.remove(copyId);
        over.remove(copyId);
        written.remove(copyId);
        return this;
    }

    AttemptStateBuilder turnedOver(String id) {
        if (!over.remove(id)) {
            over.add(id);
        }
        return this;
    }

    AttemptStateBuilder showsOther(String id) {
        over.add(id);
        return this;
    }

    AttemptStateBuilder slid(String coverId, double share) {
        slid.put(coverId, share);
        return this;
    }

    AttemptStateBuilder own(String page, OwnWork now) {
        if (now.isEmpty()) {
            own.remove(page);
        } else {
            own.put(page, now);
        }
        return this;
    }

    AttemptStateBuilder wiped(String page) {
        return own(page, own.getOrDefault(page, OwnWork.NONE).wiped());
    }

    AttemptStateBuilder written(String noteId, String text) {
        written.put(noteId, text);
        return this;
    }

    /** Every piece of a page is where it started, copies are taken back; how many tries there were stays. */
    AttemptStateBuilder again(Judge judge, Set<String> itemIds) {
        Map<String, PieceState> now = new HashMap<>();
        pieces.forEach((id, piece) -> {
            Frame home = judge.home(id).orElse(null);
            if (home == null || shown.contains(id)) {
                now.put(id, piece);
            } else if (!Supply.isCopy(id)) {
                now.put(id, new PieceState(home.x(), home.y(), null, false, piece.tries(), piece.solvedAt(), seq));
            }
        });
        pieces.clear();
        pieces.putAll(now);
        over.removeIf(id -> itemIds.contains(Supply.originalOf(id)));
        slid.keySet().removeIf(itemIds::contains);
        spots.removeIf(itemIds::contains);
        written.keySet().removeIf(id -> itemIds.contains(Supply.originalOf(id)));
        typed.replaceAll((id, gap) -> !itemIds.contains(id) || shown.contains(id)
                ? gap
                : new TypedState("", Verdict.Says.NOT_JUDGED, gap.tries(), gap.solvedAt()));
        for (String zone : judge.zoneIds()) {
            zones.computeIfPresent(zone, (id, was) -> was.told(null));
        }
        return this;
    }
}
