package strophos.server.contract;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import strophos.core.plain.Plain;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * What a body may hold beside what its record says. One in which a name stands twice is refused as a whole: a browser keeps the
 * last of the two without a word, so that two readers would read two things.
 */
@Configuration
class StrictBodies {

    @Bean
    JsonMapperBuilderCustomizer noNameTwice() {
        return builder -> builder.enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION);
    }

    /** Texts of a body can be kept: no NUL, and no half of a character, for which a database has no place. */
    @Bean
    JacksonModule keepableTexts() {
        return new SimpleModule("keepable texts").addDeserializer(String.class, new KeepableText());
    }

    private static final class KeepableText extends StdScalarDeserializer<String> {

        KeepableText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = StringDeserializer.instance.deserialize(parser, context);
            return text == null || Plain.isText(text)
                    ? text
                    : (String)
                            context.handleWeirdStringValue(String.class, "", "a text of whole characters, without NUL");
        }
    }
}
