package gladtile.core.attempt;

import gladtile.core.answer.PlacedPiece;
import gladtile.core.answer.ZoneContents;
import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** What lies in the zones as an attempt has it. */
final class StateZoneContents implements ZoneContents {
    private final Map<String, PieceState> pieces;
    private final Map<String, ZoneState> zones;
    private final String without;

    /** @param without a piece that is in the hand; null for none */
    StateZoneContents(Map<String, PieceState> pieces, Map<String, ZoneState> zones, String without) {
        this.pieces = pieces;
        this.zones = zones;
        this.without = without;
    }

    @Override
    public List<PlacedPiece> in(String zoneId) {
        record Came(long at, PlacedPiece lying) {}
        List<Came> there = new ArrayList<>();
        pieces.forEach((id, one) -> {
            if (zoneId.equals(one.zoneId()) && !id.equals(without)) {
                there.add(new Came(one.putAt(), new PlacedPiece(id, one.x(), one.y(), one.settled(), one.turn())));
            }
        });
        there.sort(Comparator.comparingLong(Came::at)
                .thenComparing(came -> came.lying().pieceId()));
        return there.stream().map(Came::lying).toList();
    }

    @Override
    public Point at(String pieceId) {
        PieceState one = pieces.get(pieceId);
        return one == null ? null : new Point(one.x(), one.y());
    }

    @Override
    public int refusals(String zoneId) {
        return zones.getOrDefault(zoneId, ZoneState.NEW).refusals();
    }
}
