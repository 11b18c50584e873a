package gladtile.core.typed;

import gladtile.core.message.Message;
import java.util.concurrent.FutureTask;
import java.util.regex.Pattern;

/**
 * A pattern for the expert, with an end even for patterns that would try for ever: the matcher may look at so many
 * letters. It runs on a stack of its own, so that how deep it may go does not depend on who asks.
 */
final class PatternAnswer {
    /** Letters looked at for one answer. */
    private static final long LOOKS = 2_000_000;

    private static final long STACK_BYTES = 64L << 20;

    private PatternAnswer() {}

    static Typed judge(TypedRule.PatternRule rule, String answer) {
        return judge(rule, answer, Effort.counted(new Steps(LOOKS)));
    }

    static Typed judge(TypedRule.PatternRule rule, String answer, Steps steps) {
        FutureTask<Typed> found = new FutureTask<>(() -> matched(rule, answer, steps));
        new Thread(null, found, "pattern", STACK_BYTES).start();
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    return found.get();
                } catch (InterruptedException e) {
                    // Its steps end it soon; a verdict does not depend on who stopped waiting.
                    interrupted = true;
                } catch (java.util.concurrent.ExecutionException e) {
                    throw new IllegalStateException("a pattern could not be tried", e.getCause());
                }
            }
        } finally {
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private static Typed matched(TypedRule.PatternRule rule, String answer, Steps steps) {
        try {
            boolean fits = Pattern.compile(rule.pattern())
                    .matcher(new Watched(answer.strip(), steps))
                    .matches();
            return fits ? Typed.taken(Message.of("typed.fits")) : Typed.not(Message.of("typed.not-fits"));
        } catch (Steps.Over | StackOverflowError e) {
            return Typed.unsure(Message.of("typed.pattern-slow"));
        }
    }

    /** The matcher asks for each letter here, which is where it can be stopped. */
    private record Watched(CharSequence text, Steps steps) implements CharSequence {
        @Override
        public char charAt(int index) {
            steps.take(1);
            return text.charAt(index);
        }

        @Override
        public int length() {
            return text.length();
        }

        @Override
        public CharSequence subSequence(int start, int end) {
            return new Watched(text.subSequence(start, end), steps);
        }

        @Override
        public String toString() {
            return text.toString();
        }
    }
}
