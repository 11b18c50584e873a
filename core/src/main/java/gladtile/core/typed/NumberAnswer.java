package gladtile.core.typed;

import gladtile.core.message.Message;
import gladtile.core.typed.TypedRule.Notation;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.measure.Unit;
import org.apache.commons.numbers.fraction.BigFraction;

/** Compares a written number, with its unit where one is wanted, with the value of the key. */
final class NumberAnswer {
    /** What the arithmetic of units may be off by, as a share. */
    private static final double ROUNDING = 1e-12;

    private NumberAnswer() {}

    static Typed judge(TypedRule.NumberRule rule, String answer) {
        List<NumberText.Read> all = NumberText.read(answer);
        if (all.isEmpty()) {
            return Typed.not(Message.of("typed.no-number"));
        }
        // Where it can be read in two ways the student is given the better one.
        Typed first = null;
        for (NumberText.Read read : all) {
            Typed found = judge(rule, read);
            if (found.isTaken()) {
                return found;
            }
            first = first == null ? found : first;
        }
        return first;
    }

    private static Typed judge(TypedRule.NumberRule rule, NumberText.Read read) {
        Set<Notation> allowed = Set.copyOf(rule.notations());
        for (Notation used : read.notations()) {
            if (!allowed.contains(used)) {
                return Typed.not(Message.of("typed.notation", "notation", used));
            }
        }
        if (rule.unit() == null) {
            return read.rest().isEmpty()
                    ? near(rule, read.value(), null)
                    : Typed.not(Message.of("typed.unit-not-wanted"));
        }
        if (read.rest().isEmpty()) {
            return Typed.not(Message.of("typed.unit-missing"));
        }
        Optional<Unit<?>> unit = Units.of(read.rest());
        if (unit.isEmpty()) {
            return Typed.not(Message.of("typed.unit-not-known", "unit", read.rest()));
        }
        if (Units.tidy(read.rest()).equals(Units.tidy(rule.unit()))) {
            return near(rule, read.value(), null);
        }
        if (!rule.converts()) {
            return Typed.not(Message.of("typed.other-unit", "unit", rule.unit()));
        }
        Unit<?> wanted = Units.of(rule.unit()).orElseThrow();
        boolean steps = rule.difference() != null;
        Unit<?> from = steps ? Units.ofDifferences(unit.get()) : unit.get();
        return Units.convert(read.value().doubleValue(), from, steps ? Units.ofDifferences(wanted) : wanted)
                .map(value -> near(rule, null, value))
                .orElseGet(() ->
                        Typed.not(Message.of("typed.other-quantity", "unit", read.rest(), "wanted", rule.unit())));
    }

    /** @param exact the value as written, or null when it was converted and is {@code rounded} */
    private static Typed near(TypedRule.NumberRule rule, BigFraction exact, Double rounded) {
        double most = rule.relative() ? Math.abs(rule.value()) * rule.tolerance() : rule.tolerance();
        boolean within;
        double value;
        if (exact != null) {
            // Exact, so that 0.1 + 0.2 is no reason to turn anything away; decimals as the teacher wrote them.
            BigFraction wanted = NumberText.decimal(rule.value());
            BigFraction off = exact.subtract(wanted).abs();
            BigFraction bound = rule.relative()
                    ? wanted.abs().multiply(NumberText.decimal(rule.tolerance()))
                    : NumberText.decimal(rule.tolerance());
            within = off.compareTo(bound) <= 0;
            value = exact.doubleValue();
        } else {
            value = rounded;
            within = Math.abs(value - rule.value()) <= most + Math.abs(rule.value()) * ROUNDING;
        }
        String read = NumberText.said(value);
        if (within) {
            return Typed.taken(
                    Message.of(rule.tolerance() == 0 ? "typed.read-as" : "typed.near-enough", "value", read));
        }
        return Typed.not(Message.of(value > rule.value() ? "typed.too-much" : "typed.too-little", "value", read));
    }
}
