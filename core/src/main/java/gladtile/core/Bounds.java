package gladtile.core;

import gladtile.core.message.Message;
import java.time.Instant;

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

    /** However a text is broken, each line but the last has a letter or a line end of its own. */
    public static final int LINES_OF_WORDS = WORDS_LENGTH + 1;
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
    /** Parts of one text that look otherwise than the rest. */
    public static final int SPANS_OF_WORDS = 2_000;
    /** Per cent; more could not be found again. */
    public static final int TRANSPARENCY = 95;

    public static final int GROUPS_DEEP = 8;
    /** Copies of one supply that are out at one time. */
    public static final int COPIES = 200;
    /** Corners of a cut-out or a line. */
    public static final int CORNERS = 500;

    public static final int STOPS = 50;
    public static final int SIDES_LEAST = 3;
    public static final int SIDES_MOST = 20;
    /** Of lines, outlines and ink, in page units, inclusive. */
    public static final double THICKNESS_LEAST = 0.5;

    public static final double THICKNESS_MOST = 120;
    public static final int POINTS_IN_A_STROKE = 5_000;
    public static final int STROKES_IN_INK = 500;
    public static final int ROWS_OR_COLUMNS = 40;
    /** Between the lines of a pattern on paper, in page units, inclusive. */
    public static final double PITCH_LEAST = 10;

    public static final double PITCH_MOST = 400;
    /** UTF-16 units that a student writes on one note. */
    public static final int WRITTEN_LENGTH = 2_000;

    /** Strokes of a student on one page, their points in a whole attempt, and recordings on one page. */
    public static final int DRAWN_STROKES = 1_000;

    public static final int DRAWN_POINTS = 100_000;
    /** Strokes of a lesson on all pages together, and at a time. */
    public static final int LESSON_STROKES = 10_000;

    public static final int LESSON_STROKES_AT_ONCE = 500;
    /** Of all strokes of a lesson together. */
    public static final int LESSON_POINTS = 1_000_000;

    public static final int RECORDINGS = 5;
    /** Of one recording of a student: its length, and its bytes. */
    public static final int RECORDED_SECONDS = 180;

    public static final int RECORDED_BYTES = 4 * 1024 * 1024;
    /** Of what one student brings within a day. */
    public static final int RECORDED_BYTES_A_DAY = 100 * 1024 * 1024;
    /** UTF-16 units in a label, and labels on one piece or of one zone. */
    public static final int LABEL_LENGTH = 60;

    public static final int LABELS = 40;
    /** UTF-16 units in a hint. */
    public static final int HINT_LENGTH = 1_000;
    /** Largest value of a piece and largest total, either sign, inclusive. */
    public static final double VALUE = 1_000_000;

    public static final int TRIES = 100;
    public static final int POINTS = 1_000;
    /** Of a countdown, inclusive. */
    public static final int SECONDS_LEAST = 5;

    public static final int SECONDS_MOST = 86_400;
    /** How often a piece of work can be handed in and improved. */
    public static final int ROUNDS = 20;
    /** Teams of a class; activities given together; teams or students that one assignment is for. */
    public static final int TEAMS = 100;

    public static final int ACTIVITIES_TOGETHER = 20;
    /** UTF-16 units of a word to a class, of words in a review, of a pinned word, of a reason and of a ready phrase. */
    public static final int SAID_LENGTH = 2_000;

    public static final int REVIEW_LENGTH = 10_000;
    public static final int PIN_LENGTH = 1_000;
    public static final int REASON_LENGTH = 500;
    public static final int PHRASE_LENGTH = 300;
    public static final int PINS = 200;
    public static final int PHRASES = 100;
    /** Findings of the page check that are said to be meant so. */
    public static final int ACCEPTED = 1_000;

    public static final int SETS = 200;
    public static final int ZONES_IN_A_SET = 20;
    public static final int CHOICES_OF_A_SET = 200;
    /** Alternatives of one typed answer, and UTF-16 units in one of them or in what a student types. */
    public static final int ALTERNATIVES = 100;

    public static final int TYPED_LENGTH = 1_000;
    /** UTF-16 units in an expression or a pattern that a teacher sets. */
    public static final int EXPRESSION_LENGTH = 1_000;

    /** Rows of a list that pages are made from; their columns; UTF-16 units in one cell and in a text with gaps. */
    public static final int STARTER_ROWS = 5_000;

    public static final int STARTER_COLUMNS = 12;
    public static final int STARTER_CELL = 200;
    public static final int STARTER_TEXT = 10_000;
    /** Words and signs measured by the browser; more are estimated. */
    public static final int STARTER_WIDTHS = 5_000;

    /** Pages that a student can go back through. */
    public static final int CAME = 100;

    /** Pages of which an attempt remembers that they were met, and from where. */
    public static final int MET = PAGES;

    /** UTF-16 units in the name of a person or a class; students in a class; UTF-16 units of a pasted list of names. */
    public static final int PERSON_NAME = 100;

    public static final int CLASS_SIZE = 400;
    /** UTF-16 units of an id that a school's register gives; files of one register, and bytes of them together. */
    public static final int REGISTER_ID = 200;

    public static final int REGISTER_FILES = 40;
    public static final int REGISTER_BYTES = 16 * 1024 * 1024;
    public static final int NAME_LIST = 500_000;

    public static final int WEB_ADDRESS = 2_000;
    /** Zones and gaps that open one way. */
    public static final int PARTS = 100;

    public static final int POINTS_ON_A_PAGE = 1_000_000;
    /** Items that one way shows or hides. */
    public static final int SPOTS = 100;
    /** Distance from the map's origin, in its own units, inclusive. */
    public static final double MAP = 100_000;
    /** UTF-16 units of what an item says aloud. */
    public static final int SPEECH_LENGTH = 2_000;
    /** Bytes of one recording, video or document, and of the pieces in which it is brought in. */
    public static final int FILE_BYTES = 200 * 1024 * 1024;

    public static final int FILE_PIECE = 1024 * 1024;
    /** Bytes of captions, which are read as a whole. */
    public static final int CAPTION_BYTES = 1024 * 1024;

    public static final int EDITS_IN_ONE_STEP = 100_000;
    public static final int EDITS_IN_ONE_REQUEST = 500;
    /** Plain edits in all steps of one request: twice what changes every item of a full page. */
    public static final int PLAIN_EDITS_IN_ONE_REQUEST = 4_000;

    public static final int MOVES_IN_ONE_REQUEST = 200;
    /** Typed answers among them: one may cost some tens of milliseconds. */
    public static final int TYPED_IN_ONE_REQUEST = 20;

    public static final int MOVES_IN_AN_ATTEMPT = 20_000;
    /** Of one attempt, moves that could not be taken and are kept for the teacher to see. */
    public static final int REFUSED_MOVES = 200;

    private Bounds() {}

    /** Returns {@code value} when {@code least <= value <= most}; NaN and infinities are refused. */
    public static double within(String bound, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new OutOfBounds(
                    bound,
                    Message.of(
                            "bound.number",
                            "bound",
                            bound,
                            "least",
                            plain(least),
                            "most",
                            plain(most),
                            "value",
                            String.valueOf(value)));
        }
        return value;
    }

    /** Returns {@code text} when it is there and has at most {@code most} UTF-16 units. */
    public static String text(String bound, String text, int most) {
        if (text == null) {
            throw new OutOfBounds(bound, Message.of("bound.missing", "bound", bound));
        }
        if (text.length() > most) {
            throw new OutOfBounds(
                    bound, Message.of("bound.characters", "bound", bound, "characters", text.length(), "most", most));
        }
        if (text.indexOf('\0') >= 0) {
            throw new OutOfBounds(bound, Message.of("bound.nul", "bound", bound));
        }
        return text;
    }

    public static int count(String bound, int count, int most) {
        if (count > most) {
            throw new OutOfBounds(bound, Message.of("bound.count", "bound", bound, "count", count, "most", most));
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
            throw new OutOfBounds(bound, Message.of("bound.id", "bound", bound));
        }
        return id;
    }

    /** As {@link #id}, and the same with {@code ~} and a number behind it: a copy that came off a supply. */
    public static String pieceId(String bound, String id) {
        text(bound, id, ID_LENGTH);
        int sign = id.indexOf('~');
        if (sign < 0) {
            return id(bound, id);
        }
        String number = id.substring(sign + 1);
        if (!number.matches("[1-9][0-9]{0,8}")) {
            throw new OutOfBounds(bound, Message.of("bound.copy-id", "bound", bound));
        }
        id(bound, id.substring(0, sign));
        return id;
    }

    /** Of tablets whose battery was empty. */
    private static final Instant EARLIEST = Instant.EPOCH;

    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    /** A time that a calendar here can hold, from 1970 to 2200; null for none. */
    public static Instant time(String bound, Instant time) {
        if (time != null && (time.isBefore(EARLIEST) || time.isAfter(LATEST))) {
            throw new OutOfBounds(bound, Message.of("bound.time"));
        }
        return time;
    }

    public static <T> T present(String bound, T value) {
        if (value == null) {
            throw new OutOfBounds(bound, Message.of("bound.missing", "bound", bound));
        }
        return value;
    }

    private static String plain(double bound) {
        return bound == Math.rint(bound) ? Long.toString((long) bound) : Double.toString(bound);
    }
}
