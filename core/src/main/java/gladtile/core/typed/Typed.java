package gladtile.core.typed;

import gladtile.core.Bounds;
import gladtile.core.message.Message;

/**
 * What is found of a typed answer.
 *
 * @param why for the teacher
 */
public record Typed(Says says, Message why) {
    /** Whether it is taken. */
    public enum Says {
        TAKEN,
        NOT_TAKEN,
        /** It can neither be shown to be right nor to be wrong; a teacher decides. */
        CANNOT_DECIDE
    }

    public Typed {
        Bounds.present("typed.says", says);
        Bounds.present("typed.why", why);
    }

    static Typed taken(Message why) {
        return new Typed(Says.TAKEN, why);
    }

    static Typed not(Message why) {
        return new Typed(Says.NOT_TAKEN, why);
    }

    static Typed unsure(Message why) {
        return new Typed(Says.CANNOT_DECIDE, why);
    }

    public boolean isTaken() {
        return says == Says.TAKEN;
    }
}
