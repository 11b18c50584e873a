package gladtile.core.typed;

import java.util.function.LongSupplier;

/** A moment after which a computation gives up. It is asked often, so that nothing runs long past it. */
final class Deadline {
    /** Milliseconds for one answer. */
    static final long MILLIS = 50;

    private final LongSupplier nanos;
    private final long until;

    private Deadline(LongSupplier nanos, long until) {
        this.nanos = nanos;
        this.until = until;
    }

    static Deadline in(long millis) {
        return in(millis, System::nanoTime);
    }

    static Deadline in(long millis, LongSupplier nanos) {
        return new Deadline(nanos, nanos.getAsLong() + millis * 1_000_000);
    }

    boolean over() {
        return nanos.getAsLong() - until > 0 || Thread.currentThread().isInterrupted();
    }

    /** @throws Over when the time is up or the thread was interrupted */
    void check() {
        if (over()) {
            throw new Over();
        }
    }

    /** Not an error: the one who set the deadline catches it and says that it cannot decide. */
    static final class Over extends RuntimeException {
        Over() {
            super("the time for one answer is over", null, false, false);
        }
    }
}
