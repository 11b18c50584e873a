package gladtile.core.answer;

import gladtile.core.measure.PieceOutline;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import java.util.List;

/** A piece where it is held over a page; what is asked of it by every zone is made once. */
final class HeldPiece {
    private final Item piece;
    private final Frame at;
    private final Point middle;
    private List<Point> outline;

    /** @param at with its turn */
    HeldPiece(Item piece, Frame at) {
        this.piece = piece;
        this.at = at;
        middle = at.middle();
    }

    /** The same elsewhere. */
    HeldPiece by(double across, double down) {
        return new HeldPiece(piece, new Frame(at.x() + across, at.y() + down, at.width(), at.height(), at.turn()));
    }

    Point middle() {
        return middle;
    }

    List<Point> outline() {
        if (outline == null) {
            outline = PieceOutline.of(piece, at);
        }
        return outline;
    }
}
