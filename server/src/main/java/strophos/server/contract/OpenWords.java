package strophos.server.contract;

import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** Words of open vocabularies go out and come in as the texts they are. */
@Configuration
class OpenWords {

    @Bean
    JacksonModule wordsAsTexts() {
        SimpleModule module = new SimpleModule("open words");
        add(module, Gait.class, Gait::of, Gait.LISTED);
        add(module, Place.class, Place::of, Place.LISTED);
        return module;
    }

    private static <T> void add(SimpleModule module, Class<T> type, Function<String, T> of, List<T> listed) {
        module.addSerializer(type, ToStringSerializer.instance);
        module.addDeserializer(type, new FromWord<>(type, of));
        Schema<String> schema = new Schema<>();
        schema.setTypes(Set.of("string"));
        schema.setDescription("One of %s, or another word.".formatted(listed));
        SpringDocUtils.getConfig().replaceWithSchema(type, schema);
    }

    private static final class FromWord<T> extends StdDeserializer<T> {

        private final Class<T> type;
        private final transient Function<String, T> of;

        FromWord(Class<T> type, Function<String, T> of) {
            super(type);
            this.type = type;
            this.of = of;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) {
            String word = parser.getValueAsString();
            try {
                return of.apply(word);
            } catch (IllegalArgumentException e) {
                return type.cast(context.handleWeirdStringValue(type, word, e.getMessage()));
            }
        }
    }
}
