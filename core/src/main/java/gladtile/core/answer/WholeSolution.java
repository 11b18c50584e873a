package gladtile.core.answer;

import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Pieces that fill a zone that is solved as one. */
public final class WholeSolution {
    private WholeSolution() {}

    /** Piece ids, one as often as copies of it are wanted; empty when nothing fills the zone. */
    public static List<String> of(Page page, AnswerKey key, String zoneId) {
        ZoneRequirements wants = key.rule(zoneId).wanted();
        List<Item> belonging = page.pieces().stream()
                .filter(piece -> key.decision(zoneId, piece.id()) == Decision.BELONGS)
                .toList();
        if (wants.total() != null) {
            return total(belonging, key, wants).orElse(List.of());
        }
        Optional<ZoneSet> set = key.sets().stream()
                .filter(one -> one.zoneIds().contains(zoneId))
                .findFirst();
        if (set.isPresent()) {
            int column = set.get().zoneIds().indexOf(zoneId);
            if (!set.get().choices().isEmpty()) {
                return List.of(set.get().choices().get(0).get(column));
            }
            return belonging.isEmpty()
                    ? List.of()
                    : List.of(belonging.get(column % belonging.size()).id());
        }
        List<String> all = new ArrayList<>();
        for (Item piece : belonging) {
            int times = wants.counts().getOrDefault(piece.id(), 1);
            for (int i = 0; i < times; i++) {
                all.add(piece.id());
            }
        }
        if (wants.sequence() != null) {
            all.sort((a, b) -> Integer.compare(place(wants, a), place(wants, b)));
        }
        return wants.capacity() != null && all.size() > wants.capacity() ? all.subList(0, wants.capacity()) : all;
    }

    private static int place(ZoneRequirements wants, String piece) {
        return wants.sequence().places().getOrDefault(piece, Integer.MAX_VALUE);
    }

    private static Optional<List<String>> total(List<Item> belonging, AnswerKey key, ZoneRequirements wants) {
        long target = Math.round(wants.total() * PieceFacts.IN_ONE);
        List<String> ids = new ArrayList<>();
        List<Long> values = new ArrayList<>();
        for (Item piece : belonging) {
            for (int i = 0; i < copies(piece, key.facts(piece.id()).thousandths(), target, wants); i++) {
                ids.add(piece.id());
                values.add(key.facts(piece.id()).thousandths());
            }
        }
        int most = wants.capacity() == null ? values.size() : wants.capacity();
        return SubsetSum.find(values, target, most)
                .map(taken -> taken.stream().map(ids::get).toList());
    }

    /** How many copies of a piece could be of use for a total. */
    static long copies(Item piece, long value, long target, ZoneRequirements wants) {
        Supply supply = piece.traitsOrNone().supply();
        if (supply == null) {
            return 1;
        }
        long most = wants.counts().getOrDefault(piece.id(), supply.most());
        if (wants.capacity() != null) {
            most = Math.min(most, wants.capacity());
        }
        return value > 0 && target > 0 ? Math.min(most, target / value) : Math.min(most, 1);
    }
}
