package strophos.server.state;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import org.springframework.stereotype.Component;
import strophos.core.progress.Missing;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.server.contract.SealedKinds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A pair's state as it is kept: core's own records, what is missing by its name, rungs as they are written everywhere. */
@Component
class StateJson {

    private final JsonMapper json = JsonMapper.builder()
            .addMixIn(Missing.class, Kind.class)
            .addMixIn(RungId.class, Written.class)
            .registerSubtypes(SealedKinds.members(Missing.class).toArray(Class<?>[]::new))
            .build();

    @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "kind")
    private interface Kind {}

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
