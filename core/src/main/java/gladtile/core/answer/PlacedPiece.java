package gladtile.core.answer;

/**
 * A piece or a copy that lies in a zone.
 *
 * @param x left edge, in page units
 * @param y top edge
 * @param settled whether it was accepted; else it waits for a check, or was refused and stayed
 * @param turn degrees clockwise; null for as it was laid out
 */
public record PlacedPiece(String pieceId, double x, double y, boolean settled, Double turn) {
    public PlacedPiece(String pieceId, double x, double y, boolean settled) {
        this(pieceId, x, y, settled, null);
    }

    PlacedPiece by(double across, double down) {
        return new PlacedPiece(pieceId, x + across, y + down, settled, turn);
    }
}
