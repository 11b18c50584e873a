package gladtile.core;

import gladtile.core.message.Message;

/** A value that no caller may hand in: it breaks one of the {@link Bounds}, which {@link #bound()} names. */
public final class OutOfBounds extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    private final String bound;
    private final transient Message told;

    /** @param told which bound it is and how it was broken, in one sentence */
    public OutOfBounds(String bound, Message told) {
        super(told.toString());
        this.bound = bound;
        this.told = told;
    }

    public String bound() {
        return bound;
    }

    public Message told() {
        return told;
    }
}
