package gladtile.core.answer;

import gladtile.core.page.Point;
import java.util.List;

/** What lies in the zones of a page, as somebody's attempt has it. */
@FunctionalInterface
public interface ZoneContents {
    ZoneContents NOBODY = zone -> List.of();

    /** In the order they came. */
    List<PlacedPiece> in(String zoneId);

    /** The left top corner of a piece where it lies now; null where nobody moved it. */
    default Point at(String pieceId) {
        return null;
    }

    /** How often that zone has refused something. */
    default int refusals(String zoneId) {
        return 0;
    }
}
