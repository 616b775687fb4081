package evencistern.server.openapi;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The contract says what the records say: a component is required unless it is marked nullable. */
@Configuration
class Contract {

    @Bean
    OpenApiCustomizer tidy() {
        return api -> {
            api.setServers(null);
            api.setInfo(new Info().title("Even Cistern").version("1"));
        };
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
