package gladtile.bench;

import gladtile.server.testkit.Api;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Activities that are as full as a bench wants them: pictures, shapes, zones and notes by turns. */
final class FullPages {
    static final int ITEMS = 1_000;
    private static final int PAGES = 30;
    private static final int ON_EACH = 50;
    private static final int AT_ONCE = 400;
    static final int WIDE_PIECES = 500;
    static final int WIDE_ZONES = 50;
    private static final String[] CODES = {"2600", "1F314", "2B50", "1FA90", "1F680", "1F52D"};

    private FullPages() {}

    static String make(Api teacher, String title) {
        return teacher.post("/api/v1/activities", Map.of("title", title)).text("id");
    }

    static String firstPage(Api teacher, String id) {
        JsonNode pages =
                teacher.get("/api/v1/activities/" + id).json().path("activity").path("pages");
        return pages.get(0).path("id").asString();
    }

    /** One page of 1,000 mixed items. */
    static String one(Api teacher) {
        String id = make(teacher, "Full page");
        String page = firstPage(teacher, id);
        List<Map<String, Object>> edits = new ArrayList<>();
        for (int i = 0; i < ITEMS; i++) {
            edits.add(addItem(page, i, item("i" + i, i, 10 + (i % 40) * 39, 10 + (i / 40) * 39, 34)));
        }
        send(teacher, id, edits);
        return id;
    }

    /** Two pages of a dozen items, as most lessons have. */
    static String few(Api teacher, String title) {
        String id = make(teacher, title);
        String first = firstPage(teacher, id);
        List<Map<String, Object>> edits = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            edits.add(addItem(first, i, item("i" + i, i, 60 + i % 6 * 250, 80 + i / 6 * 420, 150)));
        }
        Map<String, Object> second =
                Map.of("id", "second", "name", "Second", "paper", Map.of("colour", "#fbf8f2"), "items", List.of());
        edits.add(Map.of("kind", "add-page", "index", 1, "page", second));
        send(teacher, id, edits);
        return id;
    }

    /** 30 pages of 50 items. */
    static String manyPages(Api teacher) {
        String id = make(teacher, "Many pages");
        List<Map<String, Object>> edits = new ArrayList<>();
        for (int p = 0; p < PAGES; p++) {
            List<Object> items = new ArrayList<>();
            for (int i = 0; i < ON_EACH; i++) {
                items.add(item("p" + p + "i" + i, i, 40 + (i % 10) * 150, 60 + (i / 10) * 180, 120));
            }
            Map<String, Object> page =
                    Map.of("id", "p" + p, "name", "Page " + p, "paper", Map.of("colour", "#fbf8f2"), "items", items);
            edits.add(Map.of("kind", "add-page", "index", p, "page", page));
        }
        send(teacher, id, edits);
        return id;
    }

    /** One page of 500 pieces and 50 drop zones. */
    static String wide(Api teacher) {
        String id = make(teacher, "Wide key");
        String page = firstPage(teacher, id);
        List<Map<String, Object>> edits = new ArrayList<>();
        for (int i = 0; i < WIDE_ZONES; i++) {
            edits.add(addItem(page, i, item("z" + i, 1, 10 + (i % 10) * 158, 10 + (i / 10) * 90, 80)));
        }
        for (int i = 0; i < WIDE_PIECES; i++) {
            edits.add(addItem(page, i, item("p" + i, i * 10, 10 + (i % 40) * 39, 470 + (i / 40) * 39, 34)));
        }
        send(teacher, id, edits);
        return id;
    }

    static Map<String, Object> addItem(String page, int index, Object item) {
        return Map.of("kind", "add-item", "pageId", page, "index", index, "item", item);
    }

    static Map<String, Object> item(String id, int i, double x, double y, double size) {
        Map<String, Object> frame = Map.of("x", x, "y", y, "width", size, "height", size, "turn", i % 7 == 0 ? 15 : 0);
        Map<String, Object> movement = Map.of("kind", i % 2 == 0 ? "free" : "fixed");
        if (i % 5 == 1) {
            return Map.of("kind", "zone", "id", id, "frame", frame, "description", "", "label", "");
        }
        if (i % 5 == 3) {
            Map<String, Object> look = Map.of(
                    "form",
                    i % 2 == 0 ? "STAR" : "HEART",
                    "sides",
                    5,
                    "fill",
                    "#fbefd8",
                    "outline",
                    "#07444b",
                    "thickness",
                    2,
                    "dash",
                    "SOLID");
            return Map.of(
                    "kind", "shape", "id", id, "frame", frame, "description", "", "movement", movement, "look", look);
        }
        return Map.of(
                "kind",
                "picture",
                "id",
                id,
                "frame",
                frame,
                "description",
                "Item " + i,
                "credit",
                "",
                "movement",
                movement,
                "picture",
                Map.of("from", "LIBRARY", "name", CODES[i % CODES.length]));
    }

    static void send(Api teacher, String id, List<Map<String, Object>> edits) {
        long seq = 0;
        for (int from = 0; from < edits.size(); from += AT_ONCE) {
            List<Object> part = new ArrayList<>();
            edits.subList(from, Math.min(edits.size(), from + AT_ONCE))
                    .forEach(edit -> part.add(Map.of("id", UUID.randomUUID(), "edit", edit)));
            Api.Answer answer = teacher.post("/api/v1/activities/" + id + "/edits", Map.of("seq", seq, "edits", part));
            if (answer.status() != 200) {
                throw new IllegalStateException("" + answer);
            }
            seq = answer.json().path("seq").asLong();
        }
    }
}
