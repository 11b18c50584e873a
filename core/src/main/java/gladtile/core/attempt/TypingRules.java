package gladtile.core.attempt;

import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.typed.Typed;
import gladtile.core.typed.TypedJudge;
import java.util.List;
import java.util.Optional;

/** What becomes of something typed into a gap. */
final class TypingRules {
    private static final TypedState EMPTY = new TypedState("", Says.NOT_JUDGED, 0, 0);

    private TypingRules() {}

    static MoveResult of(AttemptState state, Act.Type type, AttemptRules rules) {
        Item item = rules.item(type.pageId(), type.gapId()).orElse(null);
        if (item == null) {
            return new Refused(Rule.NO_SUCH_ITEM, Message.of("move.no-such-gap"));
        }
        if (!(item instanceof Gap)) {
            return new Refused(Rule.NO_GAP, Message.of("move.no-gap", "item", item.name()));
        }
        TypedState was = state.typed().getOrDefault(type.gapId(), EMPTY);
        if (was.taken() || state.shown().contains(type.gapId())) {
            return new Refused(Rule.ALREADY_SETTLED, Message.of("move.gap-settled"));
        }
        TypedKey key = rules.typed(type.gapId()).orElse(null);
        if (key != null && key.tries() != null && was.tries() >= key.tries()) {
            return new Refused(Rule.NO_MORE_TRIES, Message.of("move.no-more-tries"));
        }
        TypedState typed = new TypedState(type.text(), Says.NOT_JUDGED, was.tries(), was.solvedAt());
        boolean now =
                key != null && key.when() == JudgeTiming.AT_ONCE && !type.text().isBlank();
        if (!now) {
            AttemptStateBuilder next = new AttemptStateBuilder(state).typed(type.gapId(), typed);
            return new Made(next.state(), Optional.of(Verdict.typed(Says.NOT_JUDGED, type.gapId())));
        }
        Says says = found(key, type.text(), rules);
        TypedState judged = typed.judged(says);
        return new Made(
                new AttemptStateBuilder(state).typed(type.gapId(), judged).state(),
                Optional.of(verdict(key, says, type.gapId(), judged.tries())),
                outcomes(type.gapId(), judged));
    }

    static Says found(TypedKey key, String text, AttemptRules rules) {
        Typed typed = TypedJudge.judge(key.rule(), text, rules.terms().language());
        return switch (typed.says()) {
            case TAKEN -> Says.BELONGS;
            case NOT_TAKEN -> Says.DOES_NOT_BELONG;
            case CANNOT_DECIDE -> Says.CANNOT_DECIDE;
        };
    }

    /** Empty where only a teacher can decide. */
    static List<Outcome> outcomes(String gapId, TypedState judged) {
        return judged.says() == Says.CANNOT_DECIDE
                ? List.of()
                : List.of(Outcome.gap(gapId, judged.text(), judged.taken()));
    }

    private static Verdict verdict(TypedKey key, Says says, String gapId, int tries) {
        Verdict plain = Verdict.typed(says, gapId);
        return switch (says) {
            case BELONGS -> plain.with(key.says().accepted(), null);
            case DOES_NOT_BELONG -> plain.with(key.says().rejected(), key.says().hintAfter(tries));
            default -> plain;
        };
    }
}
