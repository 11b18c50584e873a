package gladtile.core.json;

import java.util.LinkedHashSet;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts together two values that were both made from a third, field by field: what one of them changed stays changed. Where
 * both changed the same field, mine counts, being the later one. A field is taken as a whole where it is a list, where
 * what it holds changed its kind, or where it is one of {@link #WHOLE}.
 */
public final class FieldMerge {
    /** Fields whose parts only make sense together: words and the lines they were broken into, strokes, cells. */
    private static final Set<String> WHOLE = Set.of("content", "words", "ink", "cells", "frame", "movement");

    private FieldMerge() {}

    /**
     * @param base what both were made from
     * @return mine, where the parts do not go together
     */
    public static <T> T merged(T base, T mine, T theirs, Class<T> type) {
        if (mine.equals(base)) {
            return theirs;
        }
        JsonNode tree = merged(Json.tree(base), Json.tree(mine), Json.tree(theirs));
        try {
            return Json.MAPPER.treeToValue(tree, type);
        } catch (tools.jackson.core.JacksonException | IllegalArgumentException e) {
            // Each is sound by itself, but the two together break a bound.
            return mine;
        }
    }

    private static JsonNode merged(JsonNode base, JsonNode mine, JsonNode theirs) {
        ObjectNode all = Json.MAPPER.createObjectNode();
        Set<String> names = new LinkedHashSet<>(theirs.propertyNames());
        names.addAll(mine.propertyNames());
        for (String name : names) {
            JsonNode was = base.get(name);
            JsonNode my = mine.get(name);
            JsonNode their = theirs.get(name);
            JsonNode now;
            if (same(my, was)) {
                now = their;
            } else if (same(their, was) || !mergeable(name, was, my, their)) {
                now = my;
            } else {
                now = merged(was == null ? Json.MAPPER.createObjectNode() : was, my, their);
            }
            if (now != null) {
                all.set(name, now);
            }
        }
        return all;
    }

    /** @param was null where it was not there before; then both made it */
    private static boolean mergeable(String name, JsonNode was, JsonNode my, JsonNode their) {
        boolean objects = my != null && their != null && my.isObject() && their.isObject();
        if (!objects || WHOLE.contains(name) || !same(my.get("kind"), their.get("kind"))) {
            return false;
        }
        return was == null || was.isObject() && same(was.get("kind"), my.get("kind"));
    }

    private static boolean same(JsonNode one, JsonNode other) {
        return one == null ? other == null : one.equals(other);
    }
}
