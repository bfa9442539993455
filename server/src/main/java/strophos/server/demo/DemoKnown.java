package strophos.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.core.exchange.Gait;
import strophos.core.school.Settings;
import strophos.server.cue.CueForm;
import strophos.server.cue.CueRepository;
import strophos.server.intake.HorseIntake;
import strophos.server.intake.IntakeRepository;
import strophos.server.intake.PairIntake;
import strophos.server.intake.RiderIntake;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.tack.TackPiece;
import strophos.server.tack.TackRepository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is known of the demo's pairs beside their lessons, from a file in which a day stands as "-75d": so many days ago. */
@Component
@Profile("demo")
class DemoKnown {

    private static final Pattern DAYS_AGO = Pattern.compile("\"-(\\d{1,4})d\"");

    private final PairRepository pairs;
    private final IntakeRepository intakes;
    private final TackRepository tack;
    private final CueRepository cues;
    private final JsonMapper json;
    private final Supplier<UUID> ids;

    DemoKnown(
            PairRepository pairs,
            IntakeRepository intakes,
            TackRepository tack,
            CueRepository cues,
            JsonMapper json,
            Supplier<UUID> ids) {
        this.pairs = pairs;
        this.intakes = intakes;
        this.tack = tack;
        this.cues = cues;
        this.json = json.rebuild()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
        this.ids = ids;
    }

    /** Of one pair. */
    private record OfPair(
            HorseIntake horse,
            RiderIntake rider,
            PairIntake together,
            Settings settings,
            List<TackPiece> tack,
            List<Signal> cues) {}

    private record Signal(String signal, String meaning, Gait gait, LocalDate since, boolean isProven) {}

    /** Writes down what is known of these pairs. */
    void write(List<Pair> known, LocalDate today, Instant at) {
        Map<String, OfPair> byHorse = read(today);
        for (Pair pair : known) {
            OfPair told = byHorse.remove(pair.horse());
            if (told != null) {
                write(pair, told, at);
            }
        }
    }

    private void write(Pair pair, OfPair known, Instant at) {
        intakes.changeHorse(pair.horseId(), 0, known.horse(), at);
        intakes.changeRider(pair.riderId(), 0, known.rider(), at);
        intakes.changePair(pair.id(), 0, known.together(), at);
        pairs.settle(pair.id(), 0, known.settings());
        known.tack().forEach(piece -> tack.change(pair.id(), ids.get(), 0, piece, at));
        known.cues()
                .forEach(c -> cues.change(
                        pair.id(),
                        ids.get(),
                        0,
                        new CueForm(c.signal(), c.meaning(), c.gait(), c.since(), c.isProven(), false),
                        at));
    }

    private Map<String, OfPair> read(LocalDate today) {
        try (InputStream in = DemoKnown.class.getResourceAsStream("/demo/pairs.json")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String dated =
                    DAYS_AGO.matcher(text).replaceAll(m -> "\"" + today.minusDays(Long.parseLong(m.group(1))) + "\"");
            return json.readValue(dated, new TypeReference<Map<String, OfPair>>() {});
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
