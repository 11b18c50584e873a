package gladtile.core.typed;

import java.util.regex.Pattern;

/** A pattern for the expert, with an end even for patterns that would try for ever. */
final class PatternAnswer {
    private PatternAnswer() {}

    static Typed judge(TypedRule.PatternRule rule, String answer) {
        return judge(rule, answer, Deadline.in(Deadline.MILLIS));
    }

    static Typed judge(TypedRule.PatternRule rule, String answer, Deadline deadline) {
        try {
            boolean fits = Pattern.compile(rule.pattern())
                    .matcher(new Watched(answer.strip(), deadline))
                    .matches();
            return fits ? Typed.taken("It fits the pattern.") : Typed.not("It does not fit the pattern.");
        } catch (Deadline.Over | StackOverflowError e) {
            return Typed.unsure("The pattern takes too long on this answer. Make it simpler.");
        }
    }

    /** The matcher asks for each letter here, which is where it can be stopped. */
    private record Watched(CharSequence text, Deadline deadline) implements CharSequence {
        @Override
        public char charAt(int index) {
            deadline.check();
            return text.charAt(index);
        }

        @Override
        public int length() {
            return text.length();
        }

        @Override
        public CharSequence subSequence(int start, int end) {
            return new Watched(text.subSequence(start, end), deadline);
        }

        @Override
        public String toString() {
            return text.toString();
        }
    }
}
