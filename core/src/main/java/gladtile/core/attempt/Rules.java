package gladtile.core.attempt;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Page;
import gladtile.core.answer.Judge;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** An edition made ready for judging: one judge a page. Made once; safe to share between threads. */
public final class Rules {
    private final Map<String, Judge> judges = new LinkedHashMap<>();
    private final Map<String, String> names = new LinkedHashMap<>();
    private final List<Placement> placements;

    /** One piece that belongs somewhere: a column of the quilt. */
    public record Placement(String pageId, String pieceId, String name) {}

    private Rules(Activity edition) {
        List<Placement> found = new ArrayList<>();
        for (Page page : edition.pages()) {
            Judge judge = Judge.of(page, edition.key());
            judges.put(page.id(), judge);
            page.items().forEach(item -> {
                names.put(page.id() + "/" + item.id(), item.name());
                if (judge.placements().contains(item.id())) {
                    found.add(new Placement(page.id(), item.id(), item.name()));
                }
            });
        }
        placements = List.copyOf(found);
    }

    public static Rules of(Activity edition) {
        return new Rules(edition);
    }

    public Optional<Judge> judge(String pageId) {
        return Optional.ofNullable(judges.get(pageId));
    }

    public String firstPage() {
        return judges.keySet().iterator().next();
    }

    /** In the order of pages, then of depth. */
    public List<Placement> placements() {
        return placements;
    }

    /** The name of any item of a page, piece or not. */
    Optional<String> itemName(String pageId, String itemId) {
        return Optional.ofNullable(names.get(pageId + "/" + itemId));
    }
}
