package strophos.server.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.support.TransactionOperations;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.pause.HorseState;
import strophos.core.pause.StopSign;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.harness.App;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** Whichever horse is passed over, because nothing was heard of it, is free, was free, and nothing was seen of it. */
class HeardOfTest {

    private static final int DAYS = 60;

    private final PauseRepository repository = App.demo().bean(PauseRepository.class);
    private final Pauses pauses = App.demo().bean(Pauses.class);

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void nobodyIsPassedOverOfWhomSomethingIsKnown(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        UUID yard = UUID.fromString(App.query(App.demo(), "select yard_id from yard"));
        UUID coach = UUID.fromString(App.query(App.demo(), "select id from person where role = 'COACH' limit 1"));
        YardScope.as(
                new Viewer(yard, coach, Role.COACH),
                () -> App.demo().bean(TransactionOperations.class).execute(status -> {
                    List<Pair> pairs = App.demo().bean(PairRepository.class).findVisible();
                    happen(pairs, coach, random);
                    int passedOver = 0;
                    for (int i = 0; i < 40; i++) {
                        passedOver += assertNobodyIsMissed(pairs, random);
                    }
                    assertThat(passedOver).as("horses passed over").isPositive();
                    Map<UUID, Instant> now = new HashMap<>();
                    pairs.forEach(p -> now.put(p.horseId(), App.START));
                    assertThat(pauses.heardOfVisible(App.START)).isEqualTo(pauses.heardOf(now, App.START));
                    status.setRollbackOnly();
                    return null;
                }));
    }

    /** Signs and answers of two months, some horses left alone. */
    private void happen(List<Pair> pairs, UUID coach, SplittableRandom random) {
        random.longs(25, 0, Duration.ofDays(DAYS).toMillis()).sorted().forEach(ms -> {
            Instant at = App.START.minus(Duration.ofDays(DAYS)).plusMillis(ms);
            Pair pair = pairs.get(random.nextInt(pairs.size() - 2));
            if (random.nextInt(3) == 0) {
                repository.add(answer(pair.horseId(), at, random));
            } else {
                StopSign sign = StopSign.values()[random.nextInt(StopSign.values().length)];
                Instant seen = at.minusSeconds(random.nextInt(200_000));
                repository.add(new SignReport(UUID.randomUUID(), pair.id(), coach, seen, sign, Side.NONE, at));
            }
        });
    }

    private static PauseAnswer answer(UUID horse, Instant at, SplittableRandom random) {
        PauseAnswer.Kind kind = random.nextInt(3) == 0 ? PauseAnswer.Kind.KEEP_RESTING : PauseAnswer.Kind.CLEARED;
        boolean isCleared = kind == PauseAnswer.Kind.CLEARED;
        boolean isLimited = isCleared && random.nextBoolean();
        LocalDate today = LocalDate.ofInstant(at, ZoneOffset.UTC);
        LocalDate until = today.plusDays(random.nextInt(1, 20));
        return new PauseAnswer(
                UUID.randomUUID(),
                horse,
                kind,
                isCleared ? PauseAnswer.ContactRole.VET : null,
                isCleared ? "Saltmarsh vets" : null,
                isCleared ? today : null,
                false,
                isLimited ? Gait.WALK : null,
                null,
                isLimited && random.nextBoolean() ? until : null,
                null,
                null,
                null,
                "",
                at);
    }

    /** At some moment, of each horse since another. */
    private int assertNobodyIsMissed(List<Pair> pairs, SplittableRandom random) {
        Instant now = App.START.minusSeconds(random.nextLong(DAYS * 86_400L));
        Map<UUID, Instant> since = new HashMap<>();
        pairs.forEach(p ->
                since.put(p.horseId(), random.nextBoolean() ? now : now.minusSeconds(random.nextLong(30 * 86_400L))));
        Set<UUID> heardOf = pauses.heardOf(since, now);
        Map<UUID, Pauses.HorseRecord> known = pauses.known(since, now);
        List<UUID> passedOver =
                since.keySet().stream().filter(h -> !heardOf.contains(h)).toList();
        for (UUID horse : passedOver) {
            HorseState state = known.get(horse).state();
            Pauses.History history = known.get(horse).history();
            assertThat(state.isNotRidden()).isFalse();
            assertThat(state.limits()).isEmpty();
            assertThat(state.lately()).isEmpty();
            assertThat(history.covers(since.get(horse))).isFalse();
            assertThat(history.signs()).allMatch(s -> s.receivedAt().isBefore(since.get(horse)));
            Optional<Instant> cleared = history.pauses().stream()
                    .flatMap(p -> p.clearedMs().stream().mapToObj(Instant::ofEpochMilli))
                    .max(Comparator.naturalOrder());
            assertThat(cleared.filter(c -> !c.isBefore(since.get(horse)))).isEmpty();
        }
        return passedOver.size();
    }
}
