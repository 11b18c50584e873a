package gladtile.core.page;

import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.regex.Pattern;

/** Checks colours, which are kept as {@code #rrggbb} in small letters. */
final class Colour {
    private static final Pattern SIX_DIGITS = Pattern.compile("#[0-9a-f]{6}");

    private Colour() {}

    static String check(String bound, String colour) {
        if (colour == null || !SIX_DIGITS.matcher(colour).matches()) {
            throw new OutOfBounds(bound, Message.of("bound.colour", "bound", bound));
        }
        return colour;
    }
}
