package gladtile.server.fuzz;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * Values by the schemas of an OpenAPI document (3.1, JSON Schema 2020-12): most of them as they should be, some with one
 * thing or another that should not be.
 */
final class RandomBodies {
    private static final int DEEPEST = 9;
    private static final List<String> WORDS = List.of(
            "",
            " ",
            "light",
            "own",
            "reflect",
            "sun",
            "moon",
            "hill",
            "Ada",
            "x^2+1",
            "^(a+)+$",
            "\u0000",
            "\uD800",
            "نجوم",
            "🔭".repeat(40),
            "a".repeat(10_001),
            "../../etc",
            "'; drop table person; --",
            "<script>alert(1)</script>",
            "1e999",
            "+300000-01-01T00:00:00Z",
            "#ffffff",
            "2600",
            "Europe/Oslo");
    private static final List<Object> NUMBERS = List.of(
            0,
            1,
            -1,
            2,
            100,
            1600,
            2_147_483_647,
            -2_147_483_648,
            9_007_199_254_740_993L,
            Long.MAX_VALUE,
            1e300,
            -1e-300,
            0.1);

    private final JsonNode schemas;
    private final Random random;
    private final List<String> known;

    /** @param known ids of things that are there */
    RandomBodies(JsonNode schemas, Random random, List<String> known) {
        this.schemas = schemas;
        this.random = random;
        this.known = known;
    }

    Object of(JsonNode schema) {
        return of(schema, 0);
    }

    private Object of(JsonNode schema, int depth) {
        if (random.nextInt(60) == 0) {
            return odd(depth);
        }
        if (schema.has("$ref")) {
            String name = schema.path("$ref").asString().replaceAll(".*/", "");
            return of(schemas.path(name), depth + 1);
        }
        for (String many : List.of("oneOf", "allOf")) {
            if (schema.has(many)) {
                JsonNode all = schema.path(many);
                return of(all.get(random.nextInt(all.size())), depth + 1);
            }
        }
        if (schema.has("enum")) {
            JsonNode all = schema.path("enum");
            return all.get(random.nextInt(all.size())).asString();
        }
        return switch (type(schema)) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "integer" -> random.nextInt(3) > 0 ? random.nextInt(8) : NUMBERS.get(random.nextInt(NUMBERS.size()));
            case "number" -> random.nextInt(3) > 0 ? random.nextInt(1600) : NUMBERS.get(random.nextInt(NUMBERS.size()));
            case "boolean" -> random.nextBoolean();
            default -> text(schema.path("format").asString(""));
        };
    }

    /** Since 3.1 it may be a list, with null in it. */
    private static String type(JsonNode schema) {
        JsonNode type = schema.path("type");
        return type.isArray() ? type.get(0).asString() : type.asString(schema.has("properties") ? "object" : "string");
    }

    private Object object(JsonNode schema, int depth) {
        Map<String, Object> made = new LinkedHashMap<>();
        List<String> needed = new ArrayList<>();
        schema.path("required").forEach(name -> needed.add(name.asString()));
        schema.path("properties").properties().forEach(one -> {
            boolean wanted = needed.contains(one.getKey()) ? random.nextInt(80) > 0 : random.nextInt(3) == 0;
            if (wanted && depth < DEEPEST) {
                made.put(one.getKey(), of(one.getValue(), depth + 1));
            }
        });
        if (schema.has("additionalProperties")
                && schema.path("additionalProperties").isObject()
                && depth < DEEPEST) {
            for (int i = random.nextInt(3); i > 0; i--) {
                made.put(text("uuid").toString(), of(schema.path("additionalProperties"), depth + 1));
            }
        }
        if (random.nextInt(100) == 0) {
            made.put("surplus", 1);
        }
        return made;
    }

    private Object array(JsonNode schema, int depth) {
        List<Object> made = new ArrayList<>();
        int most = random.nextInt(200) == 0 ? 600 : 4;
        for (int i = random.nextInt(most); i > 0 && depth < DEEPEST; i--) {
            made.add(of(schema.path("items"), depth + 1));
        }
        return made;
    }

    Object text(String format) {
        return switch (format) {
            case "uuid" ->
                random.nextInt(4) > 0 ? any(known) : UUID.randomUUID().toString();
            case "date-time" ->
                random.nextInt(6) > 0 ? "2026-11-29T10:0%d:00Z".formatted(random.nextInt(10)) : any(WORDS);
            default -> random.nextInt(3) == 0 ? any(known) : any(WORDS);
        };
    }

    private String any(List<String> of) {
        return of.get(random.nextInt(of.size()));
    }

    private Object odd(int depth) {
        return switch (random.nextInt(6)) {
            case 0 -> null;
            case 1 -> List.of();
            case 2 -> Map.of();
            case 3 -> any(WORDS);
            case 4 -> depth;
            default -> true;
        };
    }
}
