package gladtile.core.attempt;

import gladtile.core.answer.Judge;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.VerdictReason;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What becomes of a piece that is put down, under all rules of movement and supply. */
final class PutRules {
    private final AttemptState state;
    private final Act.Put put;
    private final Item piece;
    private final boolean copy;
    private final PieceState was;

    private PutRules(AttemptState state, Act.Put put, Item piece) {
        this.state = state;
        this.put = put;
        this.piece = piece;
        copy = Supply.isCopy(put.pieceId());
        was = state.pieces().get(put.pieceId());
    }

    static MoveResult of(AttemptState state, Act.Put put, Judge judge, AttemptRules rules) {
        Item piece = judge.piece(put.pieceId()).orElse(null);
        if (piece == null) {
            return rules.item(put.pageId(), put.pieceId())
                    .<MoveResult>map(item -> item.isPiece()
                            ? new Refused(Rule.PART_OF_A_GROUP, Message.of("move.part-of-a-group", "item", item.name()))
                            : new Refused(Rule.FIXED_ITEM, Message.of("move.fixed", "item", item.name())))
                    .orElseGet(() -> new Refused(Rule.NO_SUCH_ITEM, Message.of("move.no-such-piece")));
        }
        PutRules putting = new PutRules(state, put, piece);
        return putting.refusal().<MoveResult>map(refused -> refused).orElseGet(() -> putting.made(judge));
    }

    private Optional<Refused> refusal() {
        Supply supply = piece.traitsOrNone().supply();
        if (copy && supply == null) {
            return Optional.of(new Refused(Rule.NO_SUCH_ITEM, Message.of("move.no-copies", "item", piece.name())));
        }
        if (!copy && supply != null) {
            return Optional.of(new Refused(Rule.SUPPLY_STAYS, Message.of("move.supply-stays", "item", piece.name())));
        }
        if (was != null && was.settled()) {
            return Optional.of(new Refused(Rule.ALREADY_SETTLED, Message.of("move.already-settled")));
        }
        if (copy && was == null && state.copiesOf(piece.id()) >= supply.most()) {
            return Optional.of(new Refused(
                    Rule.NO_MORE_COPIES,
                    Message.of("move.no-more-copies", "item", piece.name(), "most", supply.most())));
        }
        if (put.turn() != null
                && !(piece.movement() instanceof Movement.Turns)
                && put.turn() != piece.frame().turn()) {
            return Optional.of(new Refused(Rule.MAY_NOT_TURN, Message.of("move.may-not-turn", "item", piece.name())));
        }
        return Optional.empty();
    }

    private MoveResult made(Judge judge) {
        Point middle = new Point(
                put.x() + piece.frame().width() / 2, put.y() + piece.frame().height() / 2);
        if (copy && piece.frame().contains(middle)) {
            Verdict back = new Verdict(
                    Verdict.Says.NOT_JUDGED,
                    null,
                    piece.frame().x(),
                    piece.frame().y(),
                    Verdict.Rests.TAKEN_BACK);
            return new Made(
                    new AttemptStateBuilder(state).without(put.pieceId()).state(), Optional.of(back));
        }
        Verdict verdict = judge.judge(
                put.pieceId(),
                put.x(),
                put.y(),
                turn(),
                new StateZoneContents(state.pieces(), state.zones(), put.pieceId()));
        boolean later = verdict.zoneId() != null
                && judge.rule(verdict.zoneId())
                        .map(rule -> rule.when() != JudgeTiming.AT_ONCE)
                        .orElse(false);
        boolean rests = verdict.zoneId() != null
                && verdict.rests() != Verdict.Rests.HOME
                && verdict.why() != VerdictReason.TURNED;
        Double scale = rests ? judge.scaleIn(verdict.zoneId(), put.pieceId()) : null;
        AttemptStateBuilder next =
                new AttemptStateBuilder(state).piece(put.pieceId(), after(was, verdict, turn(), later, scale));
        if (copy) {
            // The supply itself keeps count of the tries with its copies, and is solved once one of them settled.
            next.piece(piece.id(), counted(state.pieces().get(piece.id()), verdict));
        }
        boolean turnsOver = verdict.belongs() && judge.turnsOver(verdict.zoneId());
        if (turnsOver && piece.traitsOrNone().otherSide() != null) {
            next.showsOther(put.pieceId());
        }
        if (verdict.refused()) {
            next.refusedBy(verdict.zoneId());
        } else if (verdict.belongs()) {
            next.wholeIfSolved(judge, verdict.zoneId());
        }
        return new Made(next.state(), Optional.of(verdict), outcomes(verdict, next));
    }

    private List<Outcome> outcomes(Verdict verdict, AttemptStateBuilder next) {
        List<Outcome> outcomes = new ArrayList<>();
        if (verdict.belongs() || verdict.refused()) {
            outcomes.add(Outcome.piece(put.pieceId(), verdict.zoneId(), verdict.belongs()));
        }
        if (verdict.belongs() && next.solves(verdict.zoneId(), state)) {
            outcomes.add(Outcome.whole(verdict.zoneId()));
        }
        return outcomes;
    }

    /** @param later whether the zone it was put in judges later */
    private PieceState after(PieceState before, Verdict verdict, Double turn, boolean later, Double scale) {
        int tries = tries(before, verdict);
        int solvedAt = before == null ? 0 : before.solvedAt();
        // What is still to be turned is not there yet: it was neither taken nor turned away.
        boolean there = verdict.rests() != Verdict.Rests.HOME && verdict.why() != VerdictReason.TURNED;
        return new PieceState(
                verdict.x(),
                verdict.y(),
                there ? verdict.zoneId() : null,
                verdict.belongs(),
                tries,
                solvedAt == 0 && verdict.belongs() ? tries : solvedAt,
                state.seq() + 1,
                turn,
                verdict.says() == Verdict.Says.NOT_JUDGED && later,
                verdict.rests() == Verdict.Rests.DISAPPEARED,
                scale);
    }

    private PieceState counted(PieceState before, Verdict verdict) {
        int tries = tries(before, verdict);
        int solvedAt = before == null ? 0 : before.solvedAt();
        return new PieceState(
                piece.frame().x(),
                piece.frame().y(),
                null,
                verdict.belongs() || before != null && before.settled(),
                tries,
                solvedAt == 0 && verdict.belongs() ? tries : solvedAt,
                state.seq() + 1);
    }

    private static int tries(PieceState before, Verdict verdict) {
        return (before == null ? 0 : before.tries()) + (verdict.belongs() || verdict.refused() ? 1 : 0);
    }

    private Double turn() {
        if (!(piece.movement() instanceof Movement.Turns turns)) {
            return null;
        }
        double home = piece.frame().turn();
        Double wanted = put.turn() != null ? put.turn() : was == null ? null : was.turn();
        return wanted == null ? null : (Double) turns.closest(home, wanted);
    }
}
