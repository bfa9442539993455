package strophos.server.state;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import org.springframework.stereotype.Component;
import strophos.core.progress.Missing;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.core.stats.Proportion;
import strophos.server.contract.SealedKinds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.json.JsonMapper;

/** A pair's state as it is kept: core's own records, what is missing by its name, rungs as they are written everywhere. */
@Component
class StateJson {

    private final JsonMapper json = JsonMapper.builder()
            .addMixIn(Missing.class, Kind.class)
            .addMixIn(RungId.class, Written.class)
            .addMixIn(Proportion.class, FormerName.class)
            .propertyNamingStrategy(new StoredNames())
            // what a state kept before does not say is none, until it is judged anew
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .registerSubtypes(SealedKinds.members(Missing.class).toArray(Class<?>[]::new))
            .build();

    @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "kind")
    private interface Kind {}

    /** States written until November 2026 say "of" for the total. */
    private record FormerName(
            int successes, @JsonAlias("of") int total) {}

    /**
     * Sides are written under the names they had when they were reins, so that a process of the version before, which still runs while an
     * installation is upgraded, can read what this one writes.
     */
    private static final class StoredNames extends PropertyNamingStrategies.NamingBase {
        @Override
        public String translate(String name) {
            return switch (name) {
                case "side" -> "rein";
                case "counts" -> "reins";
                default -> name;
            };
        }
    }

    private abstract static class Written {
        @Override
        @JsonValue
        public abstract String toString();

        @JsonCreator
        static RungId of(String written) {
            return RungId.of(written);
        }
    }

    String write(PairState state) {
        return json.writeValueAsString(state);
    }

    <T> T read(String written, TypeReference<T> as) {
        return json.readValue(written, as);
    }

    PairState read(String written) {
        return json.readValue(written, PairState.class);
    }
}
