package strophos.server.contract;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Every property is required; those marked {@link CanBeNull} may be null. */
@Configuration
class Contract {

    static final String MAY_BE_NULL = "x-may-be-null";

    @Bean
    PropertyCustomizer nullMarks() {
        return (schema, type) -> {
            if (type.getCtxAnnotations() != null
                    && List.of(type.getCtxAnnotations()).stream().anyMatch(CanBeNull.class::isInstance)) {
                schema.addExtension(MAY_BE_NULL, true);
            }
            return schema;
        };
    }

    @Bean
    OpenApiCustomizer requiredProperties() {
        return api -> {
            api.info(new Info().title("Strophos").version("1"));
            api.setServers(null);
            schemas(api).values().forEach(Contract::tighten);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static Map<String, Schema<?>> schemas(OpenAPI api) {
        return (Map) api.getComponents().getSchemas();
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void tighten(Schema<?> schema) {
        if (schema.getProperties() == null) {
            return;
        }
        schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
        schema.getProperties().replaceAll((name, property) -> withNull((Schema) property));
    }

    private static Schema<?> withNull(Schema<?> property) {
        if (property.getExtensions() == null || property.getExtensions().remove(MAY_BE_NULL) == null) {
            return property;
        }
        if (property.getExtensions().isEmpty()) {
            property.setExtensions(null);
        }
        if (property.get$ref() != null || property.getTypes() == null) {
            return new Schema<>().anyOf(List.of(property, new Schema<>().types(Set.of("null"))));
        }
        Set<String> types = new LinkedHashSet<>(property.getTypes());
        types.add("null");
        property.setTypes(types);
        if (property.getEnum() != null) {
            List<Object> values = new ArrayList<>(property.getEnum());
            values.add(null);
            setEnum(property, values);
        }
        return property;
    }

    @SuppressWarnings("unchecked")
    private static void setEnum(Schema<?> property, List<Object> values) {
        ((Schema<Object>) property).setEnum(values);
    }
}
