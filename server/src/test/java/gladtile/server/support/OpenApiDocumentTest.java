package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.json.Json;
import gladtile.server.testkit.Contract;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The TypeScript types are made from server/api/openapi.json; it must be what the server serves. */
@ExtendWith(RealServer.class)
class OpenApiDocumentTest {
    private static final Path KEPT = Path.of("api/openapi.json");

    @Test
    void the_kept_document_is_the_served_one(RealServer server) throws IOException {
        String served = new String(
                new School(server).asTeacher().raw("/api/openapi.json").body(), StandardCharsets.UTF_8);
        if (Boolean.getBoolean("glad.openapi.write")) {
            Files.writeString(KEPT, served);
        }
        assertThat(Json.read(Files.readString(KEPT), JsonNode.class))
                .as("after changing a Java type that travels, run ./glad openapi")
                .isEqualTo(Json.read(served, JsonNode.class));
    }

    @Test
    void every_address_of_ours_is_in_it_and_a_readable_page_shows_it(RealServer server) throws IOException {
        JsonNode paths = Json.read(Files.readString(KEPT), JsonNode.class).path("paths");
        assertThat(paths.propertyNames()).contains("/api/v1/attempts/{id}/moves", "/api/v1/activities/{id}/edits");
        School school = new School(server);
        assertThat(school.asTeacher().raw("/api/docs").statusCode()).isIn(200, 302);
        // What there is to be asked is not told to everybody.
        for (String path : new String[] {"/api/docs", "/api/openapi.json"}) {
            assertThat(server.browser().raw(path).statusCode()).isEqualTo(401);
            assertThat(school.asStudent(0).raw(path).statusCode()).isEqualTo(403);
        }
    }

    @Test
    void all_that_may_be_sent_is_shown_by_an_example_that_would_be_taken() {
        assertThat(Contract.wrongExamples()).isEmpty();
    }

    /** Steps and states of a replay are one film that is fetched at once, not lists of things. */
    private static final Set<String> FILMS = Set.of(
            "/api/v1/assignments/{id}/reviews/{attemptId}/steps",
            "/api/v1/assignments/{id}/reviews/{attemptId}/states");

    @Test
    void every_list_has_one_shape_and_comes_in_parts() throws IOException {
        JsonNode document = Json.read(Files.readString(KEPT), JsonNode.class);
        List<String> bare = new ArrayList<>();
        List<String> whole = new ArrayList<>();
        document.path("paths").properties().forEach(path -> {
            JsonNode get = path.getValue().path("get");
            JsonNode schema = get.path("responses")
                    .path("200")
                    .path("content")
                    .path("application/json")
                    .path("schema");
            if (schema.path("type").asString("").equals("array") && !FILMS.contains(path.getKey())) {
                bare.add(path.getKey());
            }
            if (schema.path("$ref").asString("").contains("/PagedList")
                    && !get.path("parameters").findValuesAsString("name").containsAll(List.of("limit", "cursor"))) {
                whole.add(path.getKey());
            }
        });
        assertThat(bare).as("lists that come as bare arrays").isEmpty();
        assertThat(whole).as("lists without limit and cursor").isEmpty();
    }
}
