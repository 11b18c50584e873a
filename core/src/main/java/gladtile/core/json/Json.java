package gladtile.core.json;

import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The one way core values are written as JSON: unknown fields are refused, missing numbers too. */
public final class Json {
    static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private Json() {}

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }

    /** A value as a tree of JSON. */
    public static JsonNode tree(Object value) {
        return MAPPER.valueToTree(value);
    }

    /** @throws tools.jackson.core.JacksonException when the text is no such value */
    public static <T> T read(String json, Class<T> type) {
        return MAPPER.readValue(json, type);
    }
}
