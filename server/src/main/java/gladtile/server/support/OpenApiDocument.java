package gladtile.server.support;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import gladtile.core.attempt.Act;
import gladtile.core.edit.Edit;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Opens;
import gladtile.core.typed.TypedRule;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.StringUtils;

/** The API document, read from the Java types and made exact enough that TypeScript types can be made from it. */
@Configuration
@SuppressWarnings({"rawtypes", "unchecked"}) // the document library's own signatures are raw
class OpenApiDocument {
    /** The types that travel as one of several kinds, told apart by their field {@code kind}. */
    private static final List<Class<?>> KINDS =
            List.of(Item.class, Movement.class, Edit.class, Act.class, TypedRule.class, Link.class, Opens.class);

    private static final String REF = "#/components/schemas/";

    /** What may be sent, by the name of the operation. The server's tests hold each against the schema. */
    private static final Map<String, JsonNode> EXAMPLES = examples();

    private static Map<String, JsonNode> examples() {
        try (InputStream json = OpenApiDocument.class.getResourceAsStream("/examples/requests.json")) {
            Map<String, JsonNode> all = new LinkedHashMap<>();
            // The document is written by this mapper, which is not the app's own.
            new ObjectMapper().readTree(json).properties().forEach(one -> all.put(one.getKey(), one.getValue()));
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .servers(List.of(new Server().url("/")))
                .info(new Info()
                        .title("Glad Tile")
                        .version("1")
                        .description("What the browser asks of the server. Changes need the session cookie and the"
                                + " X-XSRF-TOKEN header; refusals are problem+json (RFC 9457) with the bound or the"
                                + " rule that was broken."));
    }

    @Bean
    ModelConverter requiredFields() {
        return new RequiredFields();
    }

    /** Named after what they belong to, so that a name stays when another address comes or goes. */
    @Bean
    OperationCustomizer names() {
        return (operation, handler) -> {
            String of = handler.getBeanType().getSimpleName().replaceFirst("Controller$", "");
            String does = handler.getMethod().getName();
            operation.setTags(List.of(of.replaceAll("(?<=[a-z])(?=[A-Z])", " ")));
            operation.setOperationId(StringUtils.uncapitalize(of) + StringUtils.capitalize(does));
            JsonNode example = EXAMPLES.get(operation.getOperationId());
            if (example != null) {
                operation.getRequestBody().getContent().values().forEach(one -> one.setExample(example));
            }
            operation
                    .getResponses()
                    .addApiResponse("default", new ApiResponse().$ref("#/components/responses/Problem"));
            return operation;
        };
    }

    private static Schema<?> problem() {
        Schema<Object> problem = new Schema<>();
        problem.setDescription("A refusal (RFC 9457)");
        problem.addType("object");
        problem.addProperty(
                "type", new StringSchema().description("a name that stays, such as /problems/out-of-bounds"));
        problem.addProperty("title", new StringSchema());
        problem.addProperty("status", new IntegerSchema());
        problem.addProperty("detail", new StringSchema().description("what happened, what is safe and what to do"));
        problem.addProperty("instance", new StringSchema());
        problem.addProperty("bound", new StringSchema().description("of /problems/out-of-bounds: which"));
        problem.addProperty("rule", new StringSchema().description("of /problems/against-a-rule: which"));
        problem.addProperty("move", new IntegerSchema().description("which of several moves was refused, from 0"));
        problem.setRequired(List.of("type", "title", "status", "detail"));
        return problem;
    }

    @Bean
    OpenApiCustomizer kinds() {
        return api -> {
            api.getComponents()
                    .addSchemas("Problem", problem())
                    .addResponses(
                            "Problem",
                            new ApiResponse()
                                    .description("Refused")
                                    .content(new Content()
                                            .addMediaType(
                                                    "application/problem+json",
                                                    new MediaType().schema(new Schema<>().$ref(REF + "Problem")))));
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            KINDS.forEach(base -> makeUnion(base, schemas));
        };
    }

    private static void makeUnion(Class<?> base, Map<String, Schema> schemas) {
        if (!schemas.containsKey(base.getSimpleName())) {
            return;
        }
        Schema<Object> union = new Schema<>();
        Map<String, String> mapping = new LinkedHashMap<>();
        for (JsonSubTypes.Type type : base.getAnnotation(JsonSubTypes.class).value()) {
            String name = type.value().getSimpleName();
            Schema<?> child = ownFields(schemas.get(name));
            StringSchema kind = new StringSchema();
            kind.addEnumItem(type.name());
            child.setType("object");
            child.addType("object");
            child.addProperty("kind", kind);
            RequiredFields.require(type.value(), child);
            child.addRequiredItem("kind");
            schemas.put(name, child);
            union.addOneOfItem(new Schema<>().$ref(REF + name));
            mapping.put(type.name(), REF + name);
        }
        union.discriminator(new Discriminator().propertyName("kind").mapping(mapping));
        schemas.put(base.getSimpleName(), union);
    }

    /** The part of an "all of" that is not the reference to the base type. */
    private static Schema<?> ownFields(Schema<?> child) {
        if (child.getAllOf() == null) {
            return child;
        }
        for (Schema<?> part : child.getAllOf()) {
            if (part.get$ref() == null) {
                return part;
            }
        }
        return new Schema<>().type("object");
    }
}
