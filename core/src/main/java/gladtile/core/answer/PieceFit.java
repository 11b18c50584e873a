package gladtile.core.answer;

import gladtile.core.Bounds;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Line;
import gladtile.core.page.Picture;
import gladtile.core.page.Shape;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;

/**
 * How much smaller a piece is drawn in a zone that fits its pieces. It depends on the zone and on the piece alone, so that
 * it tells nothing of what belongs.
 */
final class PieceFit {
    /** Of the zone's shorter side, so that two by two find room. */
    private static final double SHARE = 0.44;
    /** Smaller nobody reads it. */
    private static final double LEAST = 0.25;
    /** As exact as is seen. */
    private static final double EXACT = 1000;

    private PieceFit() {}

    /** 1 where it is small enough as it is, and for what keeps its size. */
    static double scale(Zone zone, ZoneRule rule, Item piece) {
        boolean scales =
                piece instanceof Words || piece instanceof Picture || piece instanceof Shape || piece instanceof Line;
        // The parts of a group lie to each other as they were laid out.
        if (rule.fitted() == null || !scales || !piece.traitsOrNone().groups().isEmpty()) {
            return 1;
        }
        double label = zone.labelInside() ? Slots.LABEL : 0;
        double room = SHARE * Math.min(zone.frame().width(), zone.frame().height() - label);
        double side = Math.max(piece.frame().width(), piece.frame().height());
        return Math.min(1, Math.max(LEAST, Math.floor(room / side * EXACT) / EXACT));
    }

    /** The box that it takes in the zone, about the middle of its own. */
    static Frame box(Zone zone, ZoneRule rule, Item piece, Frame home) {
        double scale = scale(zone, rule, piece);
        if (scale == 1) {
            return home;
        }
        double width = Math.max(Bounds.SIDE_LEAST, home.width() * scale);
        double height = Math.max(Bounds.SIDE_LEAST, home.height() * scale);
        return new Frame(
                home.x() + (home.width() - width) / 2,
                home.y() + (home.height() - height) / 2,
                width,
                height,
                home.turn());
    }
}
