package gladtile.core.attempt;

import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Judge;
import gladtile.core.answer.Judge.Checked;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.Verdict.Count;
import gladtile.core.answer.Verdict.Missing;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Judges what waits: when the student asks for it, and all that is left when the work is handed in. */
final class CheckRules {
    private final AttemptState before;
    private final AttemptStateBuilder next;
    private final AttemptRules rules;
    private final boolean last;
    private final List<Outcome> outcomes = new ArrayList<>();
    private Count told = new Count(0, 0);
    private boolean any;
    private String hint;

    private CheckRules(AttemptState before, AttemptStateBuilder next, AttemptRules rules, boolean last) {
        this.before = before;
        this.next = next;
        this.rules = rules;
        this.last = last;
    }

    static MoveResult of(AttemptState state, Act.Check check, Judge judge, AttemptRules rules) {
        CheckRules checking = new CheckRules(state, new AttemptStateBuilder(state), rules, false);
        for (String zone : judge.zoneIds()) {
            if (check.zoneId() == null || check.zoneId().equals(zone)) {
                checking.zone(judge, zone);
            }
        }
        for (String gap : rules.gaps(check.pageId())) {
            if (check.zoneId() == null || check.zoneId().equals(gap)) {
                checking.gap(gap);
            }
        }
        if (!checking.any) {
            return new Refused(Rule.NOTHING_TO_CHECK, Message.of("move.nothing-to-check"));
        }
        Verdict verdict = Verdict.checked(checking.told).with(null, checking.hint);
        return new Made(checking.next.state(), Optional.of(verdict), checking.outcomes);
    }

    static MoveResult handIn(AttemptState state, AttemptRules rules) {
        CheckRules checking = new CheckRules(state, new AttemptStateBuilder(state).handedIn(), rules, true);
        for (Judge judge : rules.judges()) {
            judge.zoneIds().forEach(zone -> checking.zone(judge, zone));
            rules.gaps(judge.pageId()).forEach(checking::gap);
        }
        return new Made(checking.next.state(), Optional.empty(), checking.outcomes);
    }

    private boolean isDue(JudgeTiming timing) {
        return timing == JudgeTiming.ON_CHECK || last && timing == JudgeTiming.ON_HAND_IN;
    }

    private void zone(Judge judge, String zoneId) {
        ZoneRule rule = judge.rule(zoneId).orElseThrow();
        if (!isDue(rule.when())) {
            return;
        }
        List<Checked> found = judge.checked(zoneId, next.there()).stream()
                .filter(one -> last || next.piece(one.pieceId()).isWaiting() || rule.reject() == RejectAction.STAYS)
                .toList();
        if (found.isEmpty()) {
            return;
        }
        any = true;
        found.forEach(this::outcome);
        Count count = judge.count(zoneId, found, next.there());
        told = told.and(count);
        boolean all = found.stream().allMatch(Checked::right);
        boolean shows = last || rule.tellsWhich() || all;
        if (!last && isMiss(found, count)) {
            next.refusedBy(zoneId);
            String earned = rule.says().hintAfter(next.there().refusals(zoneId));
            hint = earned == null ? hint : earned;
        }
        if (!shows) {
            next.told(zoneId, count);
            return;
        }
        for (Checked one : found) {
            if (one.right()) {
                accept(judge, rule, one.pieceId());
            } else if (one.wrong() && isFresh(one)) {
                refuse(judge, rule, one.pieceId());
            }
        }
        next.told(zoneId, null);
        next.wholeIfSolved(judge, zoneId);
        if (next.solves(zoneId, before)) {
            outcomes.add(Outcome.whole(zoneId));
        }
    }

    /** What was found wrong before, and lies where it lay, is told again and not counted again. */
    private boolean isFresh(Checked one) {
        return before.pieces().get(one.pieceId()).isWaiting();
    }

    /** What is only not complete yet is no miss. */
    private boolean isMiss(List<Checked> found, Count count) {
        return count.missing() == Missing.TOO_MUCH || found.stream().anyMatch(one -> one.wrong() && isFresh(one));
    }

    private void outcome(Checked one) {
        if ((one.right() || one.wrong()) && isFresh(one)) {
            outcomes.add(Outcome.piece(
                    one.pieceId(), before.pieces().get(one.pieceId()).zoneId(), one.right()));
        }
    }

    private void accept(Judge judge, ZoneRule rule, String id) {
        next.piece(id, next.piece(id).accepted(rule.accept() == AcceptAction.DISAPPEARS));
        Item piece = judge.piece(id).orElseThrow();
        if (rule.accept() == AcceptAction.TURNS_OVER && piece.traitsOrNone().otherSide() != null) {
            next.showsOther(id);
        }
        if (Supply.isCopy(id)) {
            PieceState source = next.piece(piece.id());
            int tries = (source == null ? 0 : source.tries()) + 1;
            int solvedAt = source == null || source.solvedAt() == 0 ? tries : source.solvedAt();
            Frame home = piece.frame();
            next.piece(piece.id(), new PieceState(home.x(), home.y(), null, true, tries, solvedAt, next.seq()));
        }
    }

    private void refuse(Judge judge, ZoneRule rule, String id) {
        PieceState refused = next.piece(id).refused();
        boolean home = rule.reject() == RejectAction.GOES_BACK && !last;
        if (!home) {
            next.piece(id, refused);
        } else if (Supply.isCopy(id)) {
            next.without(id);
        } else {
            Frame at = judge.home(id).orElseThrow();
            next.piece(
                    id, new PieceState(at.x(), at.y(), null, false, refused.tries(), refused.solvedAt(), next.seq()));
        }
    }

    private void gap(String gapId) {
        TypedKey key = rules.typed(gapId).orElse(null);
        TypedState was = next.typed(gapId);
        if (key == null || was == null || !was.waits() || !isDue(key.when())) {
            return;
        }
        TypedState judged = was.judged(TypingRules.found(key, was.text(), rules));
        next.typed(gapId, judged);
        any = true;
        told = told.and(new Count(judged.taken() ? 1 : 0, 1));
        outcomes.addAll(TypingRules.outcomes(gapId, judged));
        if (judged.says() == Says.DOES_NOT_BELONG && !last) {
            String earned = key.says().hintAfter(judged.tries());
            hint = earned == null ? hint : earned;
        }
    }
}
