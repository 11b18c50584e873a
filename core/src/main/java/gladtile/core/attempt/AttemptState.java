package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Supply;
import gladtile.core.answer.Judge;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An attempt as it stands: the fold of its moves, from {@link #start}.
 *
 * @param seq how many moves were made
 * @param pageId the page last opened
 * @param pieces those that were touched, by their id; copies that came off a supply by theirs
 * @param over the items that show their other side
 * @param slid how far each cover is out of the way, 0 to 1; those that were never slid are left out
 * @param written what stands on notes that were written on
 */
public record AttemptState(
        long seq,
        String pageId,
        Standing standing,
        Map<String, PieceState> pieces,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> over,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Double> slid,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> written) {
    public AttemptState {
        Bounds.present("attempt.pageId", pageId);
        Bounds.present("attempt.standing", standing);
        pieces = Map.copyOf(Bounds.present("attempt.pieces", pieces));
        over = over == null ? Set.of() : Set.copyOf(over);
        slid = slid == null ? Map.of() : Map.copyOf(slid);
        written = written == null ? Map.of() : Map.copyOf(written);
    }

    public AttemptState(long seq, String pageId, Standing standing, Map<String, PieceState> pieces) {
        this(seq, pageId, standing, pieces, Set.of(), Map.of(), Map.of());
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
        if (act instanceof Act.HandIn) {
            return made(new Next(this).handedIn());
        }
        String page = pageOf(act);
        Judge judge = rules.judge(page).orElse(null);
        if (judge == null) {
            return new Refused(Rule.NO_SUCH_PAGE, "there is no page " + page + " in this work");
        }
        if (act instanceof Act.Put put) {
            return Putting.of(this, put, judge, rules);
        }
        if (act instanceof Act.Open) {
            return made(new Next(this).on(page));
        }
        if (act instanceof Act.StartAgain) {
            return made(new Next(this).again(judge, rules.itemIds(page)));
        }
        return ByHand.of(this, act, rules);
    }

    private static MoveResult made(Next next) {
        return new Made(next.state(), Optional.empty());
    }

    private static String pageOf(Act act) {
        if (act instanceof Act.Put put) return put.pageId();
        if (act instanceof Act.Open open) return open.pageId();
        if (act instanceof Act.StartAgain again) return again.pageId();
        if (act instanceof Act.TurnOver turn) return turn.pageId();
        if (act instanceof Act.Slide slide) return slide.pageId();
        return ((Act.Write) act).pageId();
    }

    /** How many copies of a supply are out. */
    long copiesOf(String pieceId) {
        return pieces.keySet().stream()
                .filter(id -> Supply.isCopy(id) && Supply.originalOf(id).equals(pieceId))
                .count();
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
}
