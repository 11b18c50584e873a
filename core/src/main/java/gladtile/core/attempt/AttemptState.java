package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.answer.Judge;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An attempt as it stands: the fold of its moves, from {@link #start}.
 *
 * @param seq how many moves were made
 * @param pageId the page last opened
 * @param pieces those that were touched, by their id
 */
public record AttemptState(long seq, String pageId, Standing standing, Map<String, PieceState> pieces) {
    public AttemptState {
        Bounds.present("attempt.pageId", pageId);
        Bounds.present("attempt.standing", standing);
        pieces = Map.copyOf(Bounds.present("attempt.pieces", pieces));
    }

    public static AttemptState start(Rules rules) {
        return new AttemptState(0, rules.firstPage(), Standing.WORKING, Map.of());
    }

    /** The attempt after one move more. A move that breaks a rule changes nothing. */
    public MoveResult with(Move move, Rules rules) {
        if (seq >= Bounds.MOVES_IN_AN_ATTEMPT) {
            return new Refused(
                    Rule.TOO_MANY_MOVES, "an attempt takes at most %d moves".formatted(Bounds.MOVES_IN_AN_ATTEMPT));
        }
        if (standing == Standing.HANDED_IN) {
            return new Refused(Rule.HANDED_IN, "this work was handed in, so nothing on it can be moved");
        }
        Act act = move.act();
        if (act instanceof Act.Put put) {
            return put(put, rules);
        }
        if (act instanceof Act.HandIn) {
            return new Made(new AttemptState(seq + 1, pageId, Standing.HANDED_IN, pieces), Optional.empty());
        }
        String page = act instanceof Act.Open open ? open.pageId() : ((Act.StartAgain) act).pageId();
        Judge judge = rules.judge(page).orElse(null);
        if (judge == null) {
            return noSuchPage(page);
        }
        return new Made(
                act instanceof Act.Open ? new AttemptState(seq + 1, page, standing, pieces) : again(judge),
                Optional.empty());
    }

    private MoveResult put(Act.Put put, Rules rules) {
        Judge judge = rules.judge(put.pageId()).orElse(null);
        if (judge == null) {
            return noSuchPage(put.pageId());
        }
        if (judge.home(put.pieceId()).isEmpty()) {
            return rules.itemName(put.pageId(), put.pieceId())
                    .<MoveResult>map(name -> new Refused(Rule.FIXED_ITEM, name + " is fixed and cannot be moved"))
                    .orElseGet(() -> new Refused(Rule.NO_SUCH_ITEM, "there is no such piece on this page"));
        }
        PieceState was = pieces.get(put.pieceId());
        if (was != null && was.settled()) {
            return new Refused(Rule.ALREADY_SETTLED, "that piece is where it belongs and rests there");
        }
        Verdict verdict = judge.judge(put.pieceId(), put.x(), put.y(), this::settledIn);
        boolean judged = verdict.says() != Verdict.Says.NOT_JUDGED;
        int tries = (was == null ? 0 : was.tries()) + (judged ? 1 : 0);
        int before = was == null ? 0 : was.solvedAt();
        PieceState now = new PieceState(
                verdict.x(),
                verdict.y(),
                verdict.rests() == Verdict.Rests.HOME ? null : verdict.zoneId(),
                verdict.belongs(),
                tries,
                before == 0 && verdict.belongs() ? tries : before,
                seq + 1);
        Map<String, PieceState> next = new HashMap<>(pieces);
        next.put(put.pieceId(), now);
        return new Made(new AttemptState(seq + 1, pageId, standing, next), Optional.of(verdict));
    }

    private AttemptState again(Judge judge) {
        Map<String, PieceState> next = new HashMap<>();
        pieces.forEach((id, piece) -> next.put(
                id,
                judge.home(id)
                        .map(home -> new PieceState(
                                home.x(), home.y(), null, false, piece.tries(), piece.solvedAt(), seq + 1))
                        .orElse(piece)));
        return new AttemptState(seq + 1, pageId, standing, next);
    }

    private List<String> settledIn(String zoneId) {
        List<String> there = new ArrayList<>();
        pieces.forEach((id, piece) -> {
            if (piece.settled() && zoneId.equals(piece.zoneId())) {
                there.add(id);
            }
        });
        there.sort(Comparator.comparingLong(id -> pieces.get(id).putAt()));
        return there;
    }

    /** How many placements are solved now. */
    public int solved(Rules rules) {
        int solved = 0;
        for (Rules.Placement placement : rules.placements()) {
            PieceState piece = pieces.get(placement.pieceId());
            if (piece != null && piece.settled()) {
                solved++;
            }
        }
        return solved;
    }

    private static MoveResult noSuchPage(String pageId) {
        return new Refused(Rule.NO_SUCH_PAGE, "there is no page " + pageId + " in this work");
    }
}
