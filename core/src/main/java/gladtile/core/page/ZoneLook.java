package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;

/**
 * How a drop zone is drawn.
 *
 * @param colour {@code #rrggbb} of its edge and its label's tab; absent for the usual one of its kind
 * @param fill {@code #rrggbb}; absent for the usual one of its kind
 * @param label where its label stands; absent for on a tab across its upper edge
 * @param picture that fills it, cut off at its outline; absent for none
 * @param credit who made the picture, under which licence and where it came from; absent for none
 */
public record ZoneLook(
        Kind kind,
        @JsonInclude(Include.NON_NULL) String colour,
        @JsonInclude(Include.NON_NULL) String fill,
        @JsonInclude(Include.NON_NULL) LabelPlace label,
        @JsonInclude(Include.NON_NULL) PictureRef picture,
        @JsonInclude(Include.NON_NULL) String credit) {
    /** What it looks like. */
    public enum Kind {
        /** A shallow glazed tray, the usual look. */
        TRAY,
        /** Clear glass in its colour, through which other zones are seen. */
        GLASS,
        /** A line around it. */
        LINE,
        /** A broken line around it. */
        DASHED,
        /** Nothing; only what lies beneath tells that something goes there. */
        HIDDEN
    }

    /** Where a label stands. */
    public enum LabelPlace {
        TAB,
        INSIDE,
        ABOVE,
        BELOW,
        NONE
    }

    public static final ZoneLook USUAL = new ZoneLook(Kind.TRAY, null, null, null);

    public ZoneLook {
        Bounds.present("zone.look", kind);
        if (colour != null) {
            Colour.check("zone.colour", colour);
        }
        if (fill != null) {
            Colour.check("zone.fill", fill);
        }
        label = label == LabelPlace.TAB ? null : label;
        if (credit != null) {
            Bounds.text("zone.credit", credit, Bounds.NAME_LENGTH);
        }
        credit = picture == null || credit == null || credit.isBlank() ? null : credit;
    }

    public ZoneLook(Kind kind, String colour, String fill, LabelPlace label) {
        this(kind, colour, fill, label, null, null);
    }

    public ZoneLook withPicture(PictureRef newPicture, String newCredit) {
        return new ZoneLook(kind, colour, fill, label, newPicture, newCredit);
    }

    public LabelPlace labelAt() {
        return label == null ? LabelPlace.TAB : label;
    }

    public boolean hidden() {
        return kind == Kind.HIDDEN;
    }
}
