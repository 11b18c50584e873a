package gladtile.core.check;

import gladtile.core.answer.TypedKey;
import gladtile.core.edit.SetTyped;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.typed.Typed;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import gladtile.core.typed.TypedSolution;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** A typed answer that its own rule turns away, or whose alternatives say otherwise than its rule. */
final class TypedRules {
    private TypedRules() {}

    static void check(CheckedPage on) {
        for (Gap gap : on.page.gaps()) {
            TypedKey key = on.key.typed().get(gap.id());
            if (key == null) {
                continue;
            }
            neverMet(on, gap, key.rule());
            if (key.rule() instanceof TypedRule.TextRule text) {
                text(on, gap, key, text);
            } else if (key.rule() instanceof TypedRule.NumberRule number) {
                number(on, gap, key, number);
            }
        }
    }

    /** Answers that nobody can type, and keys that no answer meets. */
    private static void neverMet(CheckedPage on, Gap gap, TypedRule rule) {
        String why = null;
        if (rule instanceof TypedRule.TextRule text
                && text.alternatives().stream().anyMatch(TypedRules::unseen)) {
            why = "page-check.answer-not-seen";
        } else if (rule instanceof TypedRule.MathsRule maths && !TypedJudge.canBeMet(maths)) {
            why = "page-check.divides-by-zero";
        } else if (rule instanceof TypedRule.PatternRule pattern && DeadPattern.is(pattern.pattern())) {
            why = "page-check.dead-pattern";
        }
        if (why != null) {
            on.found(
                    Finding.Kind.TYPED_CONTRADICTS,
                    List.of(gap.id()),
                    Message.of(why, "gap", on.called(gap)),
                    List.of());
        }
    }

    private static boolean unseen(String text) {
        return text.codePoints()
                .allMatch(letter -> Character.isWhitespace(letter)
                        || Character.isSpaceChar(letter)
                        || Character.getType(letter) == Character.FORMAT
                        || Character.getType(letter) == Character.CONTROL
                        || letter == 0x115F
                        || letter == 0x3164
                        || letter == 0x2800);
    }

    private static Mend mend(CheckedPage on, Gap gap, TypedKey key, Message label, TypedRule rule) {
        TypedKey mended = new TypedKey(rule, key.timing(), key.replies(), key.tries(), key.worth());
        return new Mend(label, new SetTyped(on.page.id(), gap.id(), mended));
    }

    /** Two alternatives of which the one is taken as the other, or that differ only in what is said to count. */
    private static void text(CheckedPage on, Gap gap, TypedKey key, TypedRule.TextRule rule) {
        List<String> all = rule.alternatives();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                String one = all.get(i);
                String other = all.get(j);
                if (taken(on, List.of(one), rule.counts(), other)) {
                    List<String> fewer = new ArrayList<>(all);
                    fewer.remove(j);
                    on.found(
                            Finding.Kind.TYPED_CONTRADICTS,
                            List.of(gap.id()),
                            Message.of(
                                    "page-check.taken-already", "gap", on.called(gap), "answer", other, "other", one),
                            List.of(mend(
                                    on,
                                    gap,
                                    key,
                                    Message.of("page-check.mend.leave-out", "answer", other),
                                    new TypedRule.TextRule(fewer, rule.counts()))));
                    return;
                }
                for (TypedRule.Counts counts : rule.counts()) {
                    List<TypedRule.Counts> fewer = rule.counts().stream()
                            .filter(one_ -> one_ != counts)
                            .toList();
                    if (taken(on, List.of(one), fewer, other)) {
                        on.found(
                                Finding.Kind.TYPED_CONTRADICTS,
                                List.of(gap.id()),
                                Message.of(
                                        "page-check.counts-and-not",
                                        "gap",
                                        on.called(gap),
                                        "counts",
                                        counts,
                                        "one",
                                        one,
                                        "other",
                                        other),
                                List.of(mend(
                                        on,
                                        gap,
                                        key,
                                        Message.of("page-check.mend.need-not-match", "counts", counts),
                                        new TypedRule.TextRule(others(all, other), fewer))));
                        return;
                    }
                }
            }
        }
    }

    /** With both meaning the same, one of them is enough. */
    private static List<String> others(List<String> all, String without) {
        return all.stream().filter(one -> !one.equals(without)).toList();
    }

    private static boolean taken(
            CheckedPage on, List<String> alternatives, List<TypedRule.Counts> counts, String answer) {
        return TypedJudge.judge(
                        new TypedRule.TextRule(alternatives, counts),
                        answer,
                        on.key.holds().language())
                .isTaken();
    }

    /** The value itself must be one that can be written. */
    private static void number(CheckedPage on, Gap gap, TypedKey key, TypedRule.NumberRule rule) {
        Typed own = TypedJudge.judge(rule, TypedSolution.of(rule));
        Typed comma = TypedJudge.judge(rule, TypedSolution.of(rule).replace('.', ','));
        boolean whole = BigDecimal.valueOf(rule.value()).stripTrailingZeros().scale() <= 0;
        boolean fractions = rule.notations().contains(TypedRule.Notation.FRACTION)
                || rule.notations().contains(TypedRule.Notation.MIXED)
                || rule.notations().contains(TypedRule.Notation.PERCENT);
        if (own.isTaken() || comma.isTaken() || whole || fractions) {
            return;
        }
        List<TypedRule.Notation> more = new ArrayList<>(rule.notations());
        more.add(TypedRule.Notation.POINT);
        more.add(TypedRule.Notation.COMMA);
        on.found(
                Finding.Kind.TYPED_CONTRADICTS,
                List.of(gap.id()),
                Message.of("page-check.cannot-be-written", "gap", on.called(gap), "answer", TypedSolution.of(rule)),
                List.of(mend(
                        on,
                        gap,
                        key,
                        Message.of("page-check.mend.point-and-comma"),
                        new TypedRule.NumberRule(
                                rule.value(), rule.tolerance(), rule.relative(), more, rule.unit(), rule.converts()))));
    }
}
