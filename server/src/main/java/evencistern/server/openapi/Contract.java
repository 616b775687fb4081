package evencistern.server.openapi;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The contract says what the records say: a component is required unless it is marked nullable. */
@Configuration
class Contract {
    /** How a record is called where it, or another, may stand, by its name in the contract; for all, as the library has one of each. */
    private static final Map<String, String> KINDS = new ConcurrentHashMap<>();

    @Bean
    OpenApiCustomizer tidy() {
        return api -> {
            api.setServers(null);
            api.setInfo(new Info().title("Even Cistern").version("1"));
            flatten(api.getComponents().getSchemas());
        };
    }

    /**
     * One record of several that may stand in a place says by a constant which it is, beside its own parts: as it is sent, and
     * as a reader of the contract can tell them apart.
     */
    @SuppressWarnings({"rawtypes", "unchecked"}) // as the library hands them over
    private static void flatten(Map<String, Schema> schemas) {
        Set<String> bases = new HashSet<>();
        schemas.forEach((name, schema) -> {
            List<?> parts = schema.getAllOf();
            String kind = KINDS.get(name);
            if (parts != null && kind != null) {
                Schema<?> base = (Schema<?>) parts.get(0);
                Schema<?> own = (Schema<?>) parts.get(1);
                String baseName = base.get$ref().substring(base.get$ref().lastIndexOf('/') + 1);
                String property = Objects.requireNonNull(schemas.get(baseName))
                        .getDiscriminator()
                        .getPropertyName();
                bases.add(baseName);
                schema.setAllOf(null);
                schema.setType("object");
                schema.addProperty(property, new StringSchema()._const(kind));
                own.getProperties().forEach(schema::addProperty);
                schema.addRequiredItem(property);
            }
        });
        bases.forEach(schemas::remove);
    }

    @Bean
    ModelConverter requiredUnlessNullable() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                if (!chain.hasNext()) {
                    return null;
                }
                Schema<?> schema = chain.next().resolve(type, context, chain);
                JavaType java = Json.mapper().constructType(type.getType());
                if (java != null) {
                    noteKinds(java.getRawClass().getAnnotation(JsonSubTypes.class));
                }
                if (schema != null && java != null && java.getRawClass().isRecord()) {
                    String ref = schema.get$ref();
                    Schema<?> model = ref == null
                            ? schema
                            : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
                    if (model != null) {
                        model.setRequired(required(java.getRawClass()));
                    }
                }
                return schema;
            }
        };
    }

    private static void noteKinds(@Nullable JsonSubTypes types) {
        if (types != null) {
            Arrays.stream(types.value())
                    .forEach(t -> KINDS.put(
                            t.value()
                                    .getAnnotation(io.swagger.v3.oas.annotations.media.Schema.class)
                                    .name(),
                            t.name()));
        }
    }

    private static List<String> required(Class<?> record) {
        return names(record).sorted().toList();
    }

    private static Stream<String> names(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(c -> !c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .flatMap(c -> c.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? names(c.getType())
                        : Stream.of(c.getName()));
    }
}
