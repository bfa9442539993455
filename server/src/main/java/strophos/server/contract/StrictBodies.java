package strophos.server.contract;

import java.time.Instant;
import java.time.LocalDate;
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
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
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

    /**
     * Moments and days the database and a browser can keep. No clock means a moment beyond: it is drawn to the bound, so that no report
     * is refused for its clock. A day is chosen in a form: one beyond is refused with its place.
     */
    @Bean
    JacksonModule keepableTimes() {
        return new SimpleModule("keepable times")
                .addDeserializer(Instant.class, new KeepableMoment())
                .addDeserializer(LocalDate.class, new KeepableDay());
    }

    private static final class KeepableMoment extends StdScalarDeserializer<Instant> {

        private static final Instant FIRST = Instant.parse("0001-01-01T00:00:00Z");
        /** The last a browser can tell the date of. */
        private static final Instant LAST = Instant.ofEpochMilli(8_640_000_000_000_000L);

        KeepableMoment() {
            super(Instant.class);
        }

        @Override
        public Instant deserialize(JsonParser parser, DeserializationContext context) {
            Instant at = InstantDeserializer.INSTANT.deserialize(parser, context);
            if (at == null) {
                return null;
            }
            return at.isBefore(FIRST) ? FIRST : at.isAfter(LAST) ? LAST : at;
        }
    }

    private static final class KeepableDay extends StdScalarDeserializer<LocalDate> {

        private static final LocalDate FIRST = LocalDate.of(1900, 1, 1);
        private static final LocalDate LAST = LocalDate.of(2199, 12, 31);

        KeepableDay() {
            super(LocalDate.class);
        }

        @Override
        public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
            LocalDate day = LocalDateDeserializer.INSTANCE.deserialize(parser, context);
            return day == null || !day.isBefore(FIRST) && !day.isAfter(LAST)
                    ? day
                    : (LocalDate) context.handleWeirdStringValue(
                            LocalDate.class, day.toString(), "a day from %s to %s", FIRST, LAST);
        }
    }
}
