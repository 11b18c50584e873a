package gladtile.server.support;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import gladtile.core.activity.Item;
import gladtile.core.activity.Link;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Opens;
import gladtile.core.attempt.Act;
import gladtile.core.edit.Edit;
import gladtile.core.typed.TypedRule;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API document, read from the Java types and made exact enough that TypeScript types can be made from it. */
@Configuration
@SuppressWarnings({"rawtypes", "unchecked"}) // the document library's own signatures are raw
class OpenApiDocument {
    /** The types that travel as one of several kinds, told apart by their field {@code kind}. */
    private static final List<Class<?>> KINDS =
            List.of(Item.class, Movement.class, Edit.class, Act.class, TypedRule.class, Link.class, Opens.class);

    private static final String REF = "#/components/schemas/";

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

    @Bean
    OpenApiCustomizer kinds() {
        return api -> {
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
