package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * One cell of a table; everything in it may be absent.
 *
 * @param picture fits itself to the cell
 * @param credit of the picture
 * @param fill {@code #rrggbb}
 * @param zoneId present when the cell is a drop zone, and then its id
 */
public record TableCell(
        @JsonInclude(JsonInclude.Include.NON_NULL) WordContent words,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture,
        @JsonInclude(JsonInclude.Include.NON_NULL) String credit,
        @JsonInclude(JsonInclude.Include.NON_NULL) String fill,
        @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId) {
    public static final TableCell EMPTY = new TableCell(null, null, null, null, null);

    public TableCell {
        if (credit != null) {
            Bounds.text("cell.credit", credit, Bounds.NAME_LENGTH);
        }
        if (fill != null) {
            Colour.check("cell.fill", fill);
        }
        if (zoneId != null) {
            Bounds.id("cell.zoneId", zoneId);
        }
    }
}
