package gladtile.core.json;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
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
        if (before == null) {
            return between(Json.MAPPER.createObjectNode(), Json.tree(after));
        }
        if (before.getClass() != after.getClass() || !(after instanceof Record)) {
            return between(Json.tree(before), Json.tree(after));
        }
        Object[] was = values(before);
        Object[] now = values(after);
        for (int i = 0; i < was.length; i++) {
            if (was[i] instanceof Map<?, ?> one && now[i] instanceof Map<?, ?> other) {
                Object alike = alike(one, other);
                was[i] = without(one, other, alike);
                now[i] = without(other, one, alike);
            }
        }
        return between(Json.tree(made(before.getClass(), was)), Json.tree(made(after.getClass(), now)));
    }

    /** A key under which both have the same; null for none. */
    private static Object alike(Map<?, ?> one, Map<?, ?> other) {
        for (Map.Entry<?, ?> entry : one.entrySet()) {
            if (entry.getValue().equals(other.get(entry.getKey()))) {
                return entry.getKey();
            }
        }
        return null;
    }

    /**
     * A map without those entries that the other one has too: most of a large value is alike before and after, and need
     * not be written only to be compared. One of them stays in both, since an empty map may not be written at all.
     */
    private static Map<?, ?> without(Map<?, ?> mine, Map<?, ?> theirs, Object stays) {
        Map<Object, Object> left = new HashMap<>();
        mine.forEach((key, value) -> {
            if (key.equals(stays) || !value.equals(theirs.get(key))) {
                left.put(key, value);
            }
        });
        return left;
    }

    private static Object[] values(Object one) {
        RecordComponent[] components = one.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                values[i] = components[i].getAccessor().invoke(one);
            }
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("what a record of core holds can be read", e);
        }
        return values;
    }

    private static Object made(Class<?> kind, Object[] values) {
        Class<?>[] types = Arrays.stream(kind.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
        try {
            return kind.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record of core can be made of what it holds", e);
        }
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
}
