package gladtile.core.message;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is to be said, without the words: core knows no language. At the edge it becomes a sentence in the language of whoever
 * reads it.
 *
 * @param key of the sentence, such as {@code page-check.undecided}: lower-case letters, digits, dots and hyphens
 * @param arguments what stands in it, by name: text, numbers, yes or no ({@code "true"}, {@code "false"}), names of enums,
 *     other messages, or lists of these
 */
public record Message(String key, Map<String, Object> arguments) {
    public Message {
        arguments = Collections.unmodifiableMap(new LinkedHashMap<>(arguments));
    }

    /**
     * @param namesAndValues a name, its value, the next name, its value
     * @throws IllegalArgumentException where a name has no value, or a value is of no kind that can be said
     */
    public static Message of(String key, Object... namesAndValues) {
        if (namesAndValues.length % 2 != 0) {
            throw new IllegalArgumentException("an argument of %s has no value".formatted(key));
        }
        Map<String, Object> arguments = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            arguments.put((String) namesAndValues[i], plain(namesAndValues[i + 1]));
        }
        return new Message(key, arguments);
    }

    /** Words that somebody wrote, or that were kept before sentences had keys: the same in every language. */
    public static Message literal(String text) {
        return of("literal", "text", text);
    }

    @JsonCreator
    static Message read(@JsonProperty("key") String key, @JsonProperty("arguments") Map<String, Object> arguments) {
        Map<String, Object> read = new LinkedHashMap<>();
        if (arguments != null) {
            arguments.forEach((name, value) -> read.put(name, nested(value)));
        }
        return new Message(key, read);
    }

    private static Object nested(Object value) {
        if (value instanceof Map<?, ?> map && map.get("key") instanceof String key) {
            Map<String, Object> inner = new LinkedHashMap<>();
            if (map.get("arguments") instanceof Map<?, ?> arguments) {
                arguments.forEach((name, one) -> inner.put((String) name, nested(one)));
            }
            return new Message(key, inner);
        }
        return value instanceof List<?> list
                ? list.stream().map(Message::nested).toList()
                : value;
    }

    private static Object plain(Object value) {
        if (value instanceof Enum<?> one) {
            return one.name();
        }
        if (value instanceof Boolean) {
            return value.toString();
        }
        if (value instanceof List<?> list) {
            return list.stream().map(Message::plain).toList();
        }
        if (value instanceof CharSequence || value instanceof Character) {
            return value.toString();
        }
        if (value instanceof Number || value instanceof Message) {
            return value;
        }
        throw new IllegalArgumentException("a message cannot say " + value);
    }
}
