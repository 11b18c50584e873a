package gladtile.server.review;

import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PieceState;
import gladtile.core.attempt.Placement;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.support.MessageRenderer;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** What students answered, in words for whoever reviews it. */
@Component
class AnswerTexts {
    private final MessageRenderer messages;

    AnswerTexts(MessageRenderer messages) {
        this.messages = messages;
    }

    /** What somebody answered at one placement; empty for nothing. */
    String answer(Work work, Placement placement) {
        AttemptState state = work.state();
        return switch (placement.kind()) {
            case GAP ->
                state.typed().containsKey(placement.itemId())
                        ? state.typed().get(placement.itemId()).text()
                        : "";
            case PIECE -> {
                PieceState piece = state.pieces().get(placement.itemId());
                yield piece == null || piece.zoneId() == null
                        ? copies(work, placement)
                        : zoneName(work, placement.pageId(), piece.zoneId());
            }
            case ZONE -> contents(work, placement);
        };
    }

    /** Where the copies of a supply lie. */
    private String copies(Work work, Placement placement) {
        Set<String> zones = new HashSet<>();
        work.state().pieces().forEach((id, piece) -> {
            if (Supply.isCopy(id) && Supply.originalOf(id).equals(placement.itemId()) && piece.zoneId() != null) {
                zones.add(zoneName(work, placement.pageId(), piece.zoneId()));
            }
        });
        return String.join(", ", zones.stream().sorted().toList());
    }

    private String contents(Work work, Placement placement) {
        Page page = page(work, placement.pageId());
        Map<String, String> names = new HashMap<>();
        page.items().forEach(item -> names.put(item.id(), messages.text(item.name())));
        Map<Long, String> inOrder = new TreeMap<>();
        work.state().pieces().forEach((id, piece) -> {
            if (placement.itemId().equals(piece.zoneId())) {
                inOrder.merge(
                        piece.putAt(),
                        names.getOrDefault(Supply.originalOf(id), ""),
                        (one, other) -> one + ", " + other);
            }
        });
        return String.join(", ", inOrder.values());
    }

    private String zoneName(Work work, String pageId, String zoneId) {
        return page(work, pageId).zones().stream()
                .filter(zone -> zone.id().equals(zoneId))
                .map(Zone::name)
                .map(messages::text)
                .findFirst()
                .orElse("");
    }

    private static Page page(Work work, String pageId) {
        return work.version().activity().pages().stream()
                .filter(page -> page.id().equals(pageId))
                .findFirst()
                .orElseThrow();
    }

    /** How each thing of a page is called, by its id. */
    Map<String, String> itemNames(Page page) {
        Map<String, String> names = new HashMap<>();
        for (Item item : page.items()) {
            names.put(item.id(), messages.text(item.name()));
            item.zones().forEach(zone -> names.put(zone.id(), messages.text(zone.name())));
        }
        return names;
    }
}
