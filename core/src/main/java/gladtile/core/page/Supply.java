package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * A piece that never runs out, or runs out after n: what comes off is a copy.
 *
 * @param copies how many may be out at one time, from 1; absent for endless
 */
public record Supply(
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer copies) {
    public static final Supply ENDLESS = new Supply(null);
    private static final String SIGN = "~";

    public Supply {
        if (copies != null) {
            Bounds.within("supply.copies", copies, 1, Bounds.COPIES);
        }
    }

    /** How many may be out at one time; an endless supply has a bound too, far beyond a page. */
    public int most() {
        return copies == null ? Bounds.COPIES : copies;
    }

    /** The id of the nth copy of a piece. */
    public static String copyId(String pieceId, int n) {
        return pieceId + SIGN + n;
    }

    /** The piece that an id of a copy came off; any other id is its own. */
    public static String originalOf(String id) {
        int at = id.indexOf(SIGN);
        return at < 0 ? id : id.substring(0, at);
    }

    public static boolean isCopy(String id) {
        return id.contains(SIGN);
    }
}
