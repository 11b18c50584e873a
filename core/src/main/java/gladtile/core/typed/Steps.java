package gladtile.core.typed;

/**
 * What one answer may cost, counted in steps of the computation and never in time: the same answer is found the same on
 * every machine, however busy it is.
 */
final class Steps {
    /** For one answer; some tens of milliseconds. */
    static final long USUAL = 400_000;

    private final long most;
    private long left;

    Steps(long most) {
        this.most = most;
        left = most;
    }

    static Steps usual() {
        return Effort.counted(new Steps(USUAL));
    }

    /** As a share of the most that one answer costs, whatever is counted as a step here. */
    long spent() {
        return Math.min(USUAL, (long) ((double) (most - left) / most * USUAL));
    }

    /** @throws Over when there are fewer left than are needed */
    void take(long steps) {
        left -= steps;
        if (left < 0) {
            throw new Over();
        }
    }

    /** Not an error: the one who gave the steps catches it and says that it cannot decide. */
    static final class Over extends RuntimeException {
        private static final long serialVersionUID = 1;

        Over() {
            super("one answer may cost no more", null, false, false);
        }
    }
}
