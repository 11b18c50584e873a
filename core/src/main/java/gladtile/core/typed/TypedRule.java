package gladtile.core.typed;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.PatternSyntaxException;

/** What a typed answer is held against. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TypedRule.TextRule.class, name = "text"),
    @JsonSubTypes.Type(value = TypedRule.NumberRule.class, name = "number"),
    @JsonSubTypes.Type(value = TypedRule.MathsRule.class, name = "maths"),
    @JsonSubTypes.Type(value = TypedRule.PatternRule.class, name = "pattern")
})
public sealed interface TypedRule {
    /** What two spellings of one word may differ in. */
    enum Counts {
        CASE,
        ACCENTS,
        SPACES,
        PUNCTUATION,
        /** Half and full width of the same letter. */
        WIDTH
    }

    /** How a number may be written, besides plain digits. */
    enum Notation {
        POINT,
        COMMA,
        FRACTION,
        MIXED,
        PERCENT,
        POWERS
    }

    /**
     * One of several words.
     *
     * @param alternatives at least one, none blank
     * @param counts what must be as it is written here; what is left out may differ
     */
    record TextRule(List<String> alternatives, List<Counts> counts) implements TypedRule {
        public TextRule {
            alternatives = List.copyOf(Bounds.present("typed.alternatives", alternatives));
            Bounds.within("typed.alternatives", alternatives.size(), 1, Bounds.ALTERNATIVES);
            for (String one : alternatives) {
                if (Bounds.text("typed.alternatives", one, Bounds.TYPED_LENGTH).isBlank()) {
                    throw new OutOfBounds("typed.alternatives", Message.of("bound.typed.alternatives"));
                }
            }
            counts = List.copyOf(new TreeSet<>(Bounds.present("typed.counts", counts)));
        }
    }

    /**
     * A number.
     *
     * @param value finite
     * @param tolerance how far off it may be, inclusive
     * @param relative the tolerance is a share of the value, 0.05 for five in a hundred; else in the value's own unit
     * @param notations how it may be written; plain whole numbers always
     * @param unit that must stand behind it; absent for none
     * @param converts whether another unit of the same kind is taken, converted
     * @param difference of temperatures, so that 5 K are 5 °C; absent for a temperature, where 278.15 K are
     */
    record NumberRule(
            double value,
            double tolerance,
            boolean relative,
            List<Notation> notations,
            @JsonInclude(JsonInclude.Include.NON_NULL) String unit,
            boolean converts,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean difference)
            implements TypedRule {
        public NumberRule(
                double value,
                double tolerance,
                boolean relative,
                List<Notation> notations,
                String unit,
                boolean converts) {
            this(value, tolerance, relative, notations, unit, converts, null);
        }

        public NumberRule {
            difference = Boolean.TRUE.equals(difference) ? true : null;
            Bounds.within("typed.value", value, -1e15, 1e15);
            Bounds.within("typed.tolerance", tolerance, 0, 1e15);
            notations = List.copyOf(new TreeSet<>(Bounds.present("typed.notations", notations)));
            if (unit != null && Units.of(unit).isEmpty()) {
                throw new OutOfBounds("typed.unit", Message.of("bound.typed.unit", "unit", unit));
            }
        }
    }

    /** An expression or equation that is the same in mathematics, however it is written. */
    record MathsRule(String expression) implements TypedRule {
        public MathsRule {
            Bounds.text("typed.expression", expression, Bounds.EXPRESSION_LENGTH);
            if (Algebra.parse(expression).isEmpty()) {
                throw new OutOfBounds("typed.expression", Message.of("bound.typed.expression"));
            }
        }
    }

    /** A regular expression that the whole answer matches; for the expert. */
    record PatternRule(String pattern) implements TypedRule {
        public PatternRule {
            Bounds.text("typed.pattern", pattern, Bounds.EXPRESSION_LENGTH);
            try {
                java.util.regex.Pattern.compile(pattern);
            } catch (PatternSyntaxException e) {
                throw new OutOfBounds("typed.pattern", Message.of("bound.typed.pattern", "reason", e.getDescription()));
            }
        }
    }
}
