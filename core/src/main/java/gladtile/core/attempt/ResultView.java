package gladtile.core.attempt;

import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict;
import gladtile.core.page.Supply;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Handed-in work as its student may see it where nothing is told afterwards: what was judged only as it was handed in
 * looks as it looked before.
 */
public final class ResultView {
    private ResultView() {}

    public static AttemptState untold(AttemptState state, AttemptRules rules) {
        if (state.standing() != Standing.HANDED_IN) {
            return state;
        }
        Set<String> lately = new HashSet<>();
        rules.judges()
                .forEach(judge -> judge.zoneIds().stream()
                        .filter(zone -> rules.rule(zone).when() == JudgeTiming.ON_HAND_IN)
                        .forEach(lately::add));
        Map<String, PieceState> pieces = new HashMap<>(state.pieces());
        Set<String> over = new HashSet<>(state.over());
        Map<String, ZoneState> zones = new HashMap<>(state.zones());
        zones.keySet().removeAll(lately);
        state.pieces().forEach((id, piece) -> {
            if (piece.zoneId() != null && lately.contains(piece.zoneId())) {
                pieces.put(id, unjudged(piece));
                if (rules.keepsOtherSide(Supply.originalOf(id))) {
                    over.remove(id);
                }
                if (Supply.isCopy(id)) {
                    // What came of a copy is kept with the piece that it came off.
                    pieces.remove(Supply.originalOf(id));
                }
            }
        });
        Map<String, TypedState> typed = new HashMap<>(state.typed());
        typed.replaceAll((gap, was) -> rules.typed(gap).map(TypedKey::when).orElse(null) == JudgeTiming.ON_HAND_IN
                ? new TypedState(was.text(), Verdict.Says.NOT_JUDGED, 0, 0)
                : was);
        return new AttemptState(
                state.seq(),
                state.pageId(),
                state.standing(),
                pieces,
                over,
                state.slid(),
                state.written(),
                zones,
                typed,
                state.shown(),
                state.opened(),
                state.came(),
                state.met(),
                state.spots(),
                state.own());
    }

    /**
     * The work as it was just before it was handed in, with the pages that were turned since.
     *
     * @param now after it was handed in
     */
    public static AttemptState asBefore(AttemptState now, AttemptState before) {
        return new AttemptState(
                now.seq(),
                now.pageId(),
                now.standing(),
                before.pieces(),
                before.over(),
                before.slid(),
                before.written(),
                before.zones(),
                before.typed(),
                before.shown(),
                now.opened(),
                now.came(),
                before.met(),
                now.spots(),
                before.own());
    }

    private static PieceState unjudged(PieceState piece) {
        return new PieceState(
                piece.x(),
                piece.y(),
                piece.zoneId(),
                false,
                0,
                0,
                piece.putAt(),
                piece.turn(),
                true,
                null,
                piece.scale());
    }
}
