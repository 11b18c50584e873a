package gladtile.core.edit;

import gladtile.core.json.Json;
import java.util.HashSet;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Every id that an edit names, read from its JSON; lists whose order it changes count as one thing. */
final class Touched {
    private Touched() {}

    static Set<String> by(Edit edit) {
        Set<String> found = new HashSet<>();
        collect(Json.read(Json.write(edit), JsonNode.class), found);
        return found;
    }

    private static void collect(JsonNode node, Set<String> found) {
        if (node.isArray()) {
            node.forEach(part -> collect(part, found));
            return;
        }
        String kind = node.get("kind").asString();
        switch (kind) {
            case "composite" -> collect(node.get("edits"), found);
            case "set-title" -> found.add("the title");
            case "set-made-from" -> found.add("the list");
            case "set-passage" -> found.add("the passage");
            case "add-page", "move-page" -> found.add("the order of pages");
            case "set-sets", "set-terms" -> found.add("the key");
            case "remove-page" -> {
                found.add("the key");
                found.add("the order of pages");
                found.add(node.get("pageId").asString());
            }
            case "remove-item", "set-body" -> {
                // What the key says of all pages together may name what is gone.
                found.add("the key");
                found.add(node.get("pageId").asString());
            }
            default -> {
                // Everything on a page counts as the page: the random pages are small and often the same.
                found.add(node.get("pageId").asString());
            }
        }
    }
}
