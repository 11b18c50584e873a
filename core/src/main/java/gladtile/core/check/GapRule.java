package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.answer.TypedKey;
import gladtile.core.edit.SetFrame;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.WordStyle;
import gladtile.core.typed.Typed;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import gladtile.core.typed.TypedSolution;
import java.util.ArrayList;
import java.util.List;

/** Gaps that the longest right answer does not fit in, and numbers that are right in two gaps of different values. */
final class GapRule {
    /** Of the field to either side of what is typed, as it is drawn. */
    private static final double MARGIN = 14;

    private GapRule() {}

    static void check(CheckedPage on) {
        List<Gap> gaps = on.page.gaps();
        for (Gap gap : gaps) {
            TypedKey key = on.key.typed().get(gap.id());
            if (key != null) {
                narrow(on, gap, key.rule());
            }
        }
        for (int i = 0; i < gaps.size(); i++) {
            for (int j = i + 1; j < gaps.size(); j++) {
                near(on, gaps.get(i), gaps.get(j));
            }
        }
    }

    private static void narrow(CheckedPage on, Gap gap, TypedRule rule) {
        List<String> answers =
                rule instanceof TypedRule.TextRule text ? text.alternatives() : List.of(TypedSolution.of(rule));
        WordStyle style = new WordStyle(
                gap.style().size(), gap.style().bold(), gap.style().colour(), WordStyle.Align.LEFT);
        double needed = 0;
        String longest = "";
        for (String answer : answers) {
            double width = WordFit.free(answer, style).width() - 2 * WordFit.PADDING + 2 * MARGIN;
            if (width > needed) {
                needed = width;
                longest = answer;
            }
        }
        Frame frame = gap.frame();
        if (needed <= frame.width() + 1) {
            return;
        }
        Frame wider = new Frame(frame.x(), frame.y(), Math.ceil(needed), frame.height(), frame.turn());
        boolean fits = wider.x() + wider.width() <= Bounds.PAGE_WIDTH;
        on.found(
                Finding.Kind.GAP_TOO_NARROW,
                List.of(gap.id()),
                Message.of(
                        "page-check.gap-too-narrow",
                        "word",
                        longest.length() > 40 ? longest.substring(0, 40) + "…" : longest,
                        "gap",
                        on.called(gap)),
                fits
                        ? List.of(new Mend(
                                Message.of("page-check.mend.wider"), new SetFrame(on.page.id(), gap.id(), wider)))
                        : List.of());
    }

    private static void near(CheckedPage on, Gap one, Gap other) {
        if (!(rule(on, one) instanceof TypedRule.NumberRule a)
                || !(rule(on, other) instanceof TypedRule.NumberRule b)) {
            return;
        }
        if (a.value() == b.value() && java.util.Objects.equals(a.unit(), b.unit())) {
            return;
        }
        List<String> about = new ArrayList<>();
        if (taken(a, b)) {
            about.add(one.id());
        }
        if (taken(b, a)) {
            about.add(other.id());
        }
        if (!about.isEmpty()) {
            Gap lenient = about.get(0).equals(one.id()) ? one : other;
            Gap exact = lenient == one ? other : one;
            on.found(
                    Finding.Kind.TYPED_CONTRADICTS,
                    List.of(lenient.id(), exact.id()),
                    Message.of(
                            "page-check.takes-others-answer",
                            "gap",
                            on.called(lenient),
                            "answer",
                            TypedSolution.of(rule(on, exact)),
                            "other",
                            on.called(exact)),
                    List.of());
        }
    }

    private static TypedRule rule(CheckedPage on, Gap gap) {
        TypedKey key = on.key.typed().get(gap.id());
        return key == null ? null : key.rule();
    }

    private static boolean taken(TypedRule.NumberRule rule, TypedRule.NumberRule other) {
        Typed typed = TypedJudge.judge(rule, TypedSolution.of(other));
        return rule.tolerance() > 0 && typed.isTaken();
    }
}
