package gladtile.server.support;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;

/** A record's fields are all there, but for those that are marked to be left out when they are null. */
final class RequiredFields implements ModelConverter {
    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> resolved = chain.next().resolve(type, context, chain);
        JavaType java = TypeFactory.defaultInstance().constructType(type.getType());
        Class<?> raw = java.getRawClass();
        Schema<?> model = raw.isRecord() ? context.getDefinedModels().get(name(java)) : null;
        if (model != null) {
            for (Schema<?> part : model.getAllOf() == null ? List.<Schema<?>>of(model) : parts(model)) {
                require(raw, part);
            }
        }
        return resolved;
    }

    /** A list of something is named after both. */
    private static String name(JavaType type) {
        String own = type.getRawClass().getSimpleName();
        return type.containedTypeCount() == 0
                ? own
                : own + type.containedType(0).getRawClass().getSimpleName();
    }

    private static List<Schema<?>> parts(Schema<?> model) {
        return model.getAllOf().stream().<Schema<?>>map(part -> part).toList();
    }

    static void require(Class<?> raw, Schema<?> part) {
        if (part.getProperties() == null) {
            return;
        }
        Set<String> mayBeAbsent = new HashSet<>();
        for (RecordComponent component : raw.getRecordComponents()) {
            if (component.getAccessor().isAnnotationPresent(JsonInclude.class)) {
                mayBeAbsent.add(component.getName());
            }
        }
        part.getProperties().keySet().stream()
                .filter(name -> !mayBeAbsent.contains(name))
                .forEach(part::addRequiredItem);
    }
}
