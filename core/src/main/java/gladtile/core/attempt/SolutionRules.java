package gladtile.core.attempt;

import gladtile.core.answer.Judge;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.typed.TypedSolution;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Shows the solution, of one thing or of a page, when the teacher allows it. What was shown gives no points. */
final class SolutionRules {
    private SolutionRules() {}

    static MoveResult of(AttemptState state, Act.Show show, Judge judge, AttemptRules rules) {
        SolutionPolicy solution = rules.terms().shows();
        if (solution.when() == SolutionPolicy.When.NEVER
                || solution.when() == SolutionPolicy.When.AFTER_HAND_IN && state.standing() != Standing.HANDED_IN) {
            return notShown();
        }
        if (solution.oneByOne() == (show.itemId() == null)) {
            return new Refused(
                    Rule.SOLUTION_NOT_SHOWN,
                    solution.oneByOne() ? Message.of("move.solution-one-by-one") : Message.of("move.solution-at-once"));
        }
        List<Placement> wanted = new ArrayList<>();
        for (Placement placement : rules.placements()) {
            boolean asked = show.itemId() == null || show.itemId().equals(placement.itemId());
            if (placement.pageId().equals(show.pageId())
                    && asked
                    && !state.shown().contains(placement.itemId())
                    && !state.isSolved(placement, rules)
                    && hasSolution(placement, rules)) {
                wanted.add(placement);
            }
        }
        if (wanted.isEmpty()) {
            // In the same words as 'not yet': else asking for each piece would tell which of them belong somewhere.
            return notShown();
        }
        if (solution.when() == SolutionPolicy.When.AFTER_TRIES) {
            int tries = wanted.stream().mapToInt(state::tries).sum();
            if (tries < solution.tries()) {
                return notShown();
            }
        }
        AttemptStateBuilder next = new AttemptStateBuilder(state);
        wanted.forEach(placement -> show(next, placement, judge, rules));
        return new Made(next.state(), Optional.empty());
    }

    /** Nothing may fill a zone that is solved as one; then there is nothing to be shown of it. */
    private static boolean hasSolution(Placement placement, AttemptRules rules) {
        return placement.kind() != Placement.Kind.ZONE
                || !rules.solutionOf(placement.pageId(), placement.itemId()).isEmpty();
    }

    private static MoveResult notShown() {
        return new Refused(Rule.SOLUTION_NOT_SHOWN, Message.of("move.solution-not-shown"));
    }

    private static void show(AttemptStateBuilder next, Placement placement, Judge judge, AttemptRules rules) {
        String id = placement.itemId();
        switch (placement.kind()) {
            case GAP -> {
                TypedKey key = rules.typed(id).orElseThrow();
                TypedState was = next.typed(id);
                int tries = was == null ? 0 : was.tries();
                next.typed(id, new TypedState(TypedSolution.of(key.rule()), Verdict.Says.BELONGS, tries, 0));
            }
            case PIECE -> {
                String zone = judge.zonesOf(id).get(0);
                Item piece = judge.piece(id).orElseThrow();
                String shown = piece.traitsOrNone().supply() == null ? id : freshCopy(next, id);
                rest(next, judge, zone, shown);
                next.shown(shown);
            }
            case ZONE -> {
                for (String piece : rules.solutionOf(placement.pageId(), id)) {
                    Item item = judge.piece(piece).orElseThrow();
                    String shown = item.traitsOrNone().supply() == null ? piece : freshCopy(next, piece);
                    PieceState was = next.piece(shown);
                    if (was == null || !was.settled()) {
                        rest(next, judge, id, shown);
                        next.shown(shown);
                    }
                }
            }
        }
        next.shown(id);
    }

    private static void rest(AttemptStateBuilder next, Judge judge, String zoneId, String pieceId) {
        Map<String, PieceState> before = next.pieces();
        Point at = judge.shownAt(zoneId, pieceId, next.there());
        PieceState was = next.piece(pieceId);
        int tries = was == null ? 0 : was.tries();
        int solvedAt = was == null ? 0 : was.solvedAt();
        next.piece(
                pieceId,
                new PieceState(
                        at.x(),
                        at.y(),
                        zoneId,
                        true,
                        tries,
                        solvedAt,
                        next.seq(),
                        judge.shownTurn(zoneId, pieceId),
                        null,
                        null,
                        judge.scaleIn(zoneId, pieceId)));
        CarriedPieces.of(before, next.pieces(), judge).forEach(next::piece);
    }

    private static String freshCopy(AttemptStateBuilder next, String pieceId) {
        int n = 1;
        while (next.piece(Supply.copyId(pieceId, n)) != null) {
            n++;
        }
        return Supply.copyId(pieceId, n);
    }
}
