package strophos.server.contract;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import strophos.core.judgement.Evidence;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Missing;
import strophos.core.progress.RungEvidence;
import strophos.core.stats.Proportion;
import tools.jackson.databind.jsontype.NamedType;

/**
 * Core's closed families go out as they are: each member is an object with its own fields and a {@code kind}, in the contract one of its
 * family. A new member needs nothing here.
 */
@Configuration
public class SealedKinds {

    static final String KIND = "kind";

    /** How each family is named in the contract, and what closes it. */
    private static final Map<Class<?>, Class<?>> FAMILIES = families();

    private static Map<Class<?>, Class<?>> families() {
        Map<Class<?>, Class<?>> families = new LinkedHashMap<>();
        families.put(Missing.class, Missing.class);
        families.put(Judgement.class, Judgement.class);
        // open for each package of rules; about a rung are those that are sent
        families.put(Evidence.class, RungEvidence.class);
        return families;
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
    @JsonAutoDetect(isGetterVisibility = JsonAutoDetect.Visibility.NONE)
    private interface Named {}

    /** A question that a record answers about itself is no field of it. */
    @JsonAutoDetect(isGetterVisibility = JsonAutoDetect.Visibility.NONE)
    private interface OwnFields {}

    @Bean
    JsonMapperBuilderCustomizer kindsOfFamilies() {
        return builder -> {
            builder.addMixIn(Proportion.class, OwnFields.class);
            FAMILIES.forEach((family, closed) -> builder.addMixIn(family, Named.class)
                    .registerSubtypes(members(closed)
                            .map(member -> new NamedType(member, kind(member)))
                            .toArray(NamedType[]::new)));
        };
    }

    /** The records of a closed family, also of families within it. */
    public static Stream<Class<?>> members(Class<?> closed) {
        return Arrays.stream(closed.getPermittedSubclasses()).flatMap(c -> c.isSealed() ? members(c) : Stream.of(c));
    }

    /** {@code LessonsWithout} as LESSONS_WITHOUT, {@code OfSide} as SIDE. */
    static String kind(Class<?> member) {
        return member.getSimpleName()
                .replaceFirst("^Of(?=[A-Z])", "")
                .replaceAll("(?<=[a-z])(?=[A-Z])", "_")
                .toUpperCase(Locale.ROOT);
    }

    @Bean
    ModelConverter familiesInTheContract() {
        return new OneOfItsFamily();
    }

    private static final class OneOfItsFamily implements ModelConverter {

        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Class<?> raw = Json31.mapper().constructType(type.getType()).getRawClass();
            Class<?> closed = FAMILIES.get(raw);
            if (closed == null) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                return raw.isRecord() && raw.getName().startsWith("strophos.core.")
                        ? ownFields(raw, schema, context)
                        : schema;
            }
            String name = SchemaNames.of(raw);
            if (!context.getDefinedModels().containsKey(name)) {
                Schema<Object> family = new Schema<>();
                context.defineModel(name, family);
                members(closed).forEach(member -> family.addOneOfItem(member(raw, member, context)));
            }
            return new Schema<>().$ref("#/components/schemas/" + name);
        }

        private static Schema<?> member(Class<?> family, Class<?> member, ModelConverterContext context) {
            String name = SchemaNames.of(family) + member.getSimpleName().replaceFirst("^Of(?=[A-Z])", "");
            Schema<Object> schema = new Schema<>();
            schema.setTypes(Set.of("object"));
            Schema<String> kind = new Schema<>();
            kind.setTypes(Set.of("string"));
            kind.setEnum(List.of(kind(member)));
            schema.addProperty(KIND, kind);
            for (RecordComponent field : member.getRecordComponents()) {
                schema.addProperty(field.getName(), field(field, context));
            }
            context.defineModel(name, schema);
            return new Schema<>().$ref("#/components/schemas/" + name);
        }

        private static Schema<?> field(RecordComponent field, ModelConverterContext context) {
            boolean isOptional = field.getType() == Optional.class;
            java.lang.reflect.Type type = isOptional
                    ? ((java.lang.reflect.ParameterizedType) field.getGenericType()).getActualTypeArguments()[0]
                    : field.getGenericType();
            Schema<?> schema =
                    context.resolve(new AnnotatedType(type).resolveAsRef(true).skipSchemaName(true));
            return isOptional ? orNull(schema) : schema;
        }

        /** A schema of its own: that of a word is shared by all who name the word. */
        private static Schema<?> orNull(Schema<?> of) {
            Schema<Object> schema = new Schema<>();
            schema.set$ref(of.get$ref());
            schema.setTypes(of.getTypes() == null ? null : Set.copyOf(of.getTypes()));
            schema.setFormat(of.getFormat());
            if (of.getEnum() != null) {
                schema.setEnum(List.copyOf(of.getEnum()));
            }
            schema.addExtension(Contract.MAY_BE_NULL, true);
            return schema;
        }

        private static Schema<?> ownFields(Class<?> raw, Schema<?> schema, ModelConverterContext context) {
            Set<String> fields = Arrays.stream(raw.getRecordComponents())
                    .map(RecordComponent::getName)
                    .collect(Collectors.toSet());
            Schema<?> model = schema != null && schema.get$ref() != null
                    ? context.getDefinedModels().get(schema.get$ref().replaceFirst(".*/", ""))
                    : schema;
            if (model != null && model.getProperties() != null) {
                model.getProperties().keySet().retainAll(fields);
            }
            return schema;
        }
    }
}
