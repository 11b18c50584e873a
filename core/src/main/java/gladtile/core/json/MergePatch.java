package gladtile.core.json;

import java.util.LinkedHashSet;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What changed between two values, as JSON Merge Patch (RFC 7396): a field that is otherwise stands in it as it is now, one
 * that is no more stands in it as null, and lists are taken as a whole. Values of core are never null inside, so every
 * change can be said that way.
 */
public final class MergePatch {
    private MergePatch() {}

    /**
     * @param before an object, or null for one without fields
     * @param after an object
     * @return an object; without fields where nothing changed
     */
    public static JsonNode between(Object before, Object after) {
        ObjectNode empty = Json.MAPPER.createObjectNode();
        return between(before == null ? empty : tree(before), tree(after));
    }

    static JsonNode between(JsonNode before, JsonNode after) {
        ObjectNode patch = Json.MAPPER.createObjectNode();
        Set<String> names = new LinkedHashSet<>(before.propertyNames());
        names.addAll(after.propertyNames());
        for (String name : names) {
            JsonNode was = before.get(name);
            JsonNode now = after.get(name);
            if (now == null) {
                patch.putNull(name);
            } else if (was == null || !was.isObject() || !now.isObject()) {
                if (!now.equals(was)) {
                    patch.set(name, now);
                }
            } else {
                JsonNode inner = between(was, now);
                if (!inner.isEmpty()) {
                    patch.set(name, inner);
                }
            }
        }
        return patch;
    }

    /** @return what the target is with the patch: RFC 7396, section 2; neither of them is changed */
    public static JsonNode applied(JsonNode target, JsonNode patch) {
        if (!patch.isObject()) {
            return patch;
        }
        ObjectNode all = Json.MAPPER.createObjectNode();
        if (target != null && target.isObject()) {
            target.properties().forEach(field -> all.set(field.getKey(), field.getValue()));
        }
        patch.properties().forEach(field -> {
            if (field.getValue().isNull()) {
                all.remove(field.getKey());
            } else {
                all.set(field.getKey(), applied(all.get(field.getKey()), field.getValue()));
            }
        });
        return all;
    }

    private static JsonNode tree(Object value) {
        return Json.MAPPER.valueToTree(value);
    }
}
