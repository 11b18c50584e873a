package gladtile.core.attempt;

import gladtile.core.answer.Judge;
import gladtile.core.answer.Verdict;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Work that is brought to a newer version: what still fits stays, what is gone is left out, and what no longer belongs
 * where it had settled can be moved again.
 *
 * @param gone names of placements with work in them that are not in the newer version
 * @param loosened names of pieces and gaps that were right and are not any more
 */
public record AttemptUpdate(AttemptState state, List<Message> gone, List<Message> loosened) {
    public static AttemptUpdate of(AttemptState was, AttemptRules from, AttemptRules to) {
        Set<Message> gone = new LinkedHashSet<>();
        Set<Message> loosened = new LinkedHashSet<>();
        Map<String, Message> names = new HashMap<>();
        from.placements().forEach(placement -> names.put(placement.itemId(), placement.name()));
        Map<String, PieceState> pieces = new HashMap<>();
        was.pieces().forEach((id, piece) -> {
            String origin = Supply.originalOf(id);
            Judge judge = judgeOf(to, origin);
            if (judge == null) {
                said(gone, names, origin);
            } else {
                PieceState now = fitted(origin, piece, judge);
                if (piece.settled() && !now.settled()) {
                    said(loosened, names, origin);
                }
                pieces.put(id, now);
            }
        });
        Set<String> items = new LinkedHashSet<>();
        to.pageIds().forEach(page -> items.addAll(to.itemIds(page)));
        Map<String, TypedState> typed = new HashMap<>();
        was.typed().forEach((id, gap) -> {
            if (!items.contains(id) || to.typed(id).isEmpty()) {
                said(gone, names, id);
                return;
            }
            boolean right = TypingRules.found(to.typed(id).get(), gap.text(), to) == Verdict.Says.BELONGS;
            if (gap.taken() && !right && !was.shown().contains(id)) {
                said(loosened, names, id);
                typed.put(id, gap.judged(TypingRules.found(to.typed(id).get(), gap.text(), to)));
            } else {
                typed.put(id, gap);
            }
        });
        String page = to.pageIds().contains(was.pageId()) ? was.pageId() : to.firstPage();
        AttemptState state = new AttemptState(
                was.seq(),
                page,
                was.standing(),
                pieces,
                kept(was.over(), items),
                kept(was.slid(), items),
                kept(was.written(), items),
                zones(was, to),
                typed,
                kept(was.shown(), items),
                was.opened(),
                was.came().stream().filter(to.pageIds()::contains).toList(),
                met(was, to),
                kept(was.spots(), items),
                own(was, to));
        return new AttemptUpdate(state, List.copyOf(gone), List.copyOf(loosened));
    }

    /** Whether anything is otherwise for whoever does this work. */
    public boolean changesNothing() {
        return gone.isEmpty() && loosened.isEmpty();
    }

    private static Judge judgeOf(AttemptRules rules, String pieceId) {
        return rules.judges().stream()
                .filter(judge -> judge.piece(pieceId).isPresent())
                .findFirst()
                .orElse(null);
    }

    private static PieceState fitted(String origin, PieceState piece, Judge judge) {
        String zone = piece.zoneId();
        if (zone == null) {
            return piece;
        }
        boolean thereStill = judge.zoneIds().contains(zone);
        boolean belongs = thereStill && judge.zonesOf(origin).contains(zone);
        if (thereStill && (belongs || !piece.settled())) {
            return piece;
        }
        Frame home = judge.home(origin).orElseThrow();
        return new PieceState(home.x(), home.y(), null, false, piece.tries(), 0, piece.putAt());
    }

    private static Map<String, ZoneState> zones(AttemptState was, AttemptRules to) {
        Map<String, ZoneState> zones = new HashMap<>(was.zones());
        Set<String> there = new LinkedHashSet<>();
        to.judges().forEach(judge -> there.addAll(judge.zoneIds()));
        zones.keySet().retainAll(there);
        return zones;
    }

    /** What was drawn and said goes with its page. */
    private static Map<String, OwnWork> own(AttemptState was, AttemptRules to) {
        Map<String, OwnWork> own = new HashMap<>(was.own());
        own.keySet().retainAll(to.pageIds());
        return own;
    }

    private static List<AttemptState.Met> met(AttemptState was, AttemptRules to) {
        List<AttemptState.Met> met = new ArrayList<>();
        for (AttemptState.Met one : was.met()) {
            if (to.pageIds().contains(one.pageId())) {
                met.add(to.pageIds().contains(one.from()) ? one : new AttemptState.Met(one.pageId(), null));
            }
        }
        return met;
    }

    private static Set<String> kept(Set<String> ids, Set<String> items) {
        Set<String> kept = new LinkedHashSet<>(ids);
        kept.removeIf(id -> !items.contains(Supply.originalOf(id)));
        return kept;
    }

    private static <T> Map<String, T> kept(Map<String, T> byId, Set<String> items) {
        Map<String, T> kept = new HashMap<>(byId);
        kept.keySet().removeIf(id -> !items.contains(Supply.originalOf(id)));
        return kept;
    }

    private static void said(Set<Message> names, Map<String, Message> known, String id) {
        if (known.containsKey(id)) {
            names.add(known.get(id));
        }
    }
}
