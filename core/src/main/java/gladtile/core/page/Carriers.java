package gladtile.core.page;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which drop zones move as students move pieces: a zone that is {@link Zone#carried} moves with the piece that stands
 * for its group, and the zones in the cells of a table that is a piece move with it. What turns, or what copies come
 * off, carries nothing.
 */
public final class Carriers {
    private Carriers() {}

    /** @return zone id to the id of the piece that carries it; those that stay are left out */
    public static Map<String, String> of(Page page) {
        Map<String, Item> ofGroup = new HashMap<>();
        for (Item item : page.items()) {
            List<String> groups = item.traitsOrNone().groups();
            if (item.isPiece() && !groups.isEmpty()) {
                ofGroup.putIfAbsent(groups.get(0), item);
            }
        }
        Map<String, String> carriers = new LinkedHashMap<>();
        for (Item item : page.items()) {
            Item carrier = carrier(item, ofGroup);
            if (carrier != null && carries(carrier)) {
                item.zones().forEach(zone -> carriers.put(zone.id(), carrier.id()));
            }
        }
        return carriers;
    }

    private static Item carrier(Item item, Map<String, Item> ofGroup) {
        List<String> groups = item.traitsOrNone().groups();
        boolean carried = item instanceof Zone zone && zone.carried() != null;
        if (carried || item.isPiece() && !item.zones().isEmpty()) {
            Item own = item.isPiece() ? item : null;
            return groups.isEmpty() ? own : ofGroup.get(groups.get(0));
        }
        return null;
    }

    private static boolean carries(Item piece) {
        boolean moves = piece.movement() instanceof Movement.Free || piece.movement() instanceof Movement.Rail;
        return moves && piece.traitsOrNone().supply() == null;
    }
}
