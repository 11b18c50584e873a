package gladtile.core;

/** Every bound on input, in one place. A value past its bound is refused by name, with {@link OutOfBounds}. */
public final class Bounds {
    /** Page units across; a page is always this wide. */
    public static final double PAGE_WIDTH = 1600;
    /** Page units down; a page is always this high. */
    public static final double PAGE_HEIGHT = 1000;

    public static final int PAGES = 200;
    public static final int ITEMS_ON_A_PAGE = 2_000;
    /** UTF-16 units in one box of words. */
    public static final int WORDS_LENGTH = 20_000;

    public static final int LINES_OF_WORDS = 2_000;
    /** UTF-16 units in a title, a page's name, a description, a zone's name or a credit. */
    public static final int NAME_LENGTH = 300;

    public static final int ID_LENGTH = 64;
    /** Distance from the page's origin, in page units, inclusive. */
    public static final double COORDINATE = 16_000;
    /** Smallest side of an item, in page units, inclusive. */
    public static final double SIDE_LEAST = 4;
    /** Largest side of an item, in page units, inclusive. */
    public static final double SIDE_MOST = 16_000;
    /** Letter size in page units, inclusive. */
    public static final double LETTERS_LEAST = 8;

    public static final double LETTERS_MOST = 400;
    public static final int EDITS_IN_ONE_STEP = 100_000;
    public static final int EDITS_IN_ONE_REQUEST = 500;
    public static final int MOVES_IN_ONE_REQUEST = 200;
    public static final int MOVES_IN_AN_ATTEMPT = 20_000;

    private Bounds() {}

    /** Returns {@code value} when {@code least <= value <= most}; NaN and infinities are refused. */
    public static double within(String bound, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new OutOfBounds(
                    bound,
                    "%s must be a number from %s to %s, not %s".formatted(bound, plain(least), plain(most), value));
        }
        return value;
    }

    /** Returns {@code text} when it is there and has at most {@code most} UTF-16 units. */
    public static String text(String bound, String text, int most) {
        if (text == null) {
            throw new OutOfBounds(bound, bound + " is missing");
        }
        if (text.length() > most) {
            throw new OutOfBounds(bound, "%s has %d characters; the most is %d".formatted(bound, text.length(), most));
        }
        if (text.indexOf('\0') >= 0) {
            throw new OutOfBounds(bound, bound + " has a NUL character, which cannot be kept");
        }
        return text;
    }

    public static int count(String bound, int count, int most) {
        if (count > most) {
            throw new OutOfBounds(bound, "%s: %d; the most is %d".formatted(bound, count, most));
        }
        return count;
    }

    /** Returns {@code id} when it is 1 to {@link #ID_LENGTH} of letters, digits, {@code -} and {@code _}. */
    public static String id(String bound, String id) {
        text(bound, id, ID_LENGTH);
        boolean plain = !id.isEmpty();
        for (int i = 0; plain && i < id.length(); i++) {
            char c = id.charAt(i);
            plain = c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c >= '0' && c <= '9' || c == '-' || c == '_';
        }
        if (!plain) {
            throw new OutOfBounds(bound, bound + " takes letters, digits, '-' and '_' only");
        }
        return id;
    }

    public static <T> T present(String bound, T value) {
        if (value == null) {
            throw new OutOfBounds(bound, bound + " is missing");
        }
        return value;
    }

    private static String plain(double bound) {
        return bound == Math.rint(bound) ? Long.toString((long) bound) : Double.toString(bound);
    }
}
