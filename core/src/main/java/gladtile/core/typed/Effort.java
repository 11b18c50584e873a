package gladtile.core.typed;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Counts what answers cost, in steps as {@link Steps} has them, for whoever bounds what is computed for one person. */
public final class Effort {
    /** The most that one answer costs. */
    public static final long OF_ONE = Steps.USUAL;

    private static final ThreadLocal<List<Steps>> COUNTED = new ThreadLocal<>();

    private Effort() {}

    /** @param steps that the answers judged within the work cost together */
    public record Spent<T>(T result, long steps) {}

    /** @throws RuntimeException what the work throws; what it cost until then is not told */
    public static <T> Spent<T> of(Supplier<T> work) {
        List<Steps> counted = new ArrayList<>();
        COUNTED.set(counted);
        try {
            T result = work.get();
            return new Spent<>(result, counted.stream().mapToLong(Steps::spent).sum());
        } finally {
            COUNTED.remove();
        }
    }

    static Steps counted(Steps steps) {
        List<Steps> counted = COUNTED.get();
        if (counted != null) {
            counted.add(steps);
        }
        return steps;
    }
}
