package gladtile.core;

/** A value that no caller may hand in: it breaks one of the {@link Bounds}, which {@link #bound()} names. */
public final class OutOfBounds extends IllegalArgumentException {
    private final String bound;

    public OutOfBounds(String bound, String message) {
        super(message);
        this.bound = bound;
    }

    public String bound() {
        return bound;
    }
}
