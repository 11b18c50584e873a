package gladtile.server.testkit;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Holds every answer of the server against the published document ({@code server/api/openapi.json}): its address, its
 * verb, its status and its body, which may have no field that the document does not tell of.
 */
public final class Contract {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Pattern PART = Pattern.compile("\\{\\w+}");
    private static final Contract PUBLISHED = new Contract();

    /** @param literals how many signs of the path are not parts: of two that fit, the more literal one is meant */
    private record Operation(String verb, Pattern path, int literals, JsonNode responses) {}

    private final JsonNode document;
    private final List<Operation> operations = new ArrayList<>();
    private final Map<JsonNode, JsonSchema> schemas = new ConcurrentHashMap<>();

    private Contract() {
        document = read();
        document.path("components").path("schemas").properties().forEach(schema -> {
            if (!schema.getKey().equals("Problem")) {
                close(schema.getValue());
            }
        });
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(one -> operations.add(new Operation(
                                one.getKey().toUpperCase(java.util.Locale.ROOT),
                                Pattern.compile(PART.matcher(path.getKey()).replaceAll("[^/]+")),
                                PART.matcher(path.getKey()).replaceAll("").length(),
                                one.getValue().path("responses")))));
    }

    /** Nothing is checked while the document is being written anew. */
    static void check(String verb, String path, int status, String type, String body) {
        if (!Boolean.getBoolean("glad.openapi.write") && path.startsWith("/api/v1/")) {
            PUBLISHED.hold(verb, path, status, type, body);
        }
    }

    /** What is wrong with the examples of what may be sent, by operation: one is missing, or is not what its schema tells. */
    public static Map<String, String> wrongExamples() {
        Map<String, String> wrong = new java.util.TreeMap<>();
        PUBLISHED
                .document
                .path("paths")
                .forEach(path -> path.forEach(operation -> {
                    JsonNode json =
                            operation.path("requestBody").path("content").path("application/json");
                    if (json.isMissingNode()) {
                        return;
                    }
                    String name = operation.path("operationId").asText();
                    if (json.path("example").isMissingNode()) {
                        wrong.put(name, "has no example");
                    } else {
                        Set<ValidationMessage> found = PUBLISHED
                                .schemas
                                .computeIfAbsent(json.path("schema"), PUBLISHED::make)
                                .validate(json.path("example"));
                        if (!found.isEmpty()) {
                            wrong.put(name, found.toString());
                        }
                    }
                }));
        return wrong;
    }

    private void hold(String verb, String path, int status, String type, String body) {
        if (status >= 400) {
            if (type.contains("json")) {
                valid(document.path("components").path("schemas").path("Problem"), body, verb, path, status);
            }
            return;
        }
        JsonNode responses = operations.stream()
                .filter(one -> one.verb.equals(verb) && one.path.matcher(path).matches())
                .max(java.util.Comparator.comparingInt(Operation::literals))
                .map(Operation::responses)
                .orElseThrow(() -> new AssertionError("%s %s is answered and not documented".formatted(verb, path)));
        JsonNode response = responses.path(String.valueOf(status));
        if (response.isMissingNode()) {
            throw new AssertionError("%s %s answers %d, which is not documented".formatted(verb, path, status));
        }
        JsonNode schema = response.path("content").path("application/json").path("schema");
        if (type.startsWith("application/json") && !schema.isMissingNode()) {
            valid(schema, body, verb, path, status);
        } else if (!body.isEmpty() && schema.isMissingNode() && type.startsWith("application/json")) {
            throw new AssertionError("%s %s answers with a body that is not documented".formatted(verb, path));
        }
    }

    private void valid(JsonNode schema, String body, String verb, String path, int status) {
        JsonSchema made = schemas.computeIfAbsent(schema, this::make);
        try {
            Set<ValidationMessage> wrong = made.validate(JSON.readTree(body));
            if (!wrong.isEmpty()) {
                throw new AssertionError("%s %s answers %d otherwise than the document tells: %s"
                        .formatted(verb, path, status, wrong.stream().limit(5).toList()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With all schemas beside it, since it names others. */
    private JsonSchema make(JsonNode schema) {
        ObjectNode whole = schema.deepCopy();
        whole.set("components", document.path("components"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(whole);
    }

    private static void close(JsonNode schema) {
        if (schema instanceof ObjectNode object && object.has("properties") && !object.has("additionalProperties")) {
            object.put("additionalProperties", false);
        }
        schema.forEach(Contract::close);
    }

    private static JsonNode read() {
        Path at = Stream.of("api/openapi.json", "../server/api/openapi.json", "server/api/openapi.json")
                .map(Path::of)
                .filter(Files::exists)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("openapi.json is not where it should be"));
        try {
            return JSON.readTree(at.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
