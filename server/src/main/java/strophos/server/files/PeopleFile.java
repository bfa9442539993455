package strophos.server.files;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.school.School;
import strophos.server.horse.Facts;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HeightAndBorn;
import strophos.server.roster.NewPair;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** Riders and horses in and out as a table. A name that is here already is the one who is here. */
@Service
@Transactional(propagation = Propagation.MANDATORY)
class PeopleFile {

    private final PairRepository pairs;
    private final FactsRepository facts;

    PeopleFile(PairRepository pairs, FactsRepository facts) {
        this.pairs = pairs;
        this.facts = facts;
    }

    /** What becomes of a line. */
    enum Effect {
        ADDS,
        /** The two are a pair already: nothing. */
        IS_THERE,
        /** Two are called so here: which of them is meant must be said by hand. */
        TWO_OF_THIS_NAME
    }

    /** A line and what becomes of it; whether its rider and its horse begin here with it. */
    record Outcome(PeopleTable.Line line, Effect effect, boolean isNewRider, boolean isNewHorse) {}

    /** Who is called how, in small letters. */
    private record ByName(Map<String, Set<UUID>> riders, Map<String, Set<UUID>> horses, Set<String> pairs) {

        static ByName of(List<Pair> all) {
            ByName by = new ByName(new HashMap<>(), new HashMap<>(), new HashSet<>());
            all.forEach(p -> by.add(p.rider(), p.riderId(), p.horse(), p.horseId()));
            return by;
        }

        void add(String rider, UUID riderId, String horse, UUID horseId) {
            riders.computeIfAbsent(small(rider), r -> new HashSet<>()).add(riderId);
            horses.computeIfAbsent(small(horse), h -> new HashSet<>()).add(horseId);
            pairs.add(riderId + " " + horseId);
        }

        private static String small(String name) {
            return name.toLowerCase(Locale.ROOT);
        }

        Set<UUID> riders(String name) {
            return riders.getOrDefault(small(name), Set.of());
        }

        Set<UUID> horses(String name) {
            return horses.getOrDefault(small(name), Set.of());
        }
    }

    /** Adds the pairs of these lines, in their order; a name of an earlier line is known in a later one. */
    List<Outcome> take(List<PeopleTable.Line> lines, School otherwise) {
        ByName known = ByName.of(pairs.findVisible());
        List<Outcome> outcomes = new ArrayList<>();
        for (PeopleTable.Line line : lines) {
            outcomes.add(take(line, known, otherwise));
        }
        return outcomes;
    }

    private Outcome take(PeopleTable.Line line, ByName known, School otherwise) {
        Set<UUID> riders = known.riders(line.rider());
        Set<UUID> horses = known.horses(line.horse());
        if (riders.size() > 1 || horses.size() > 1) {
            return new Outcome(line, Effect.TWO_OF_THIS_NAME, false, false);
        }
        UUID rider = riders.stream().findFirst().orElse(null);
        UUID horse = horses.stream().findFirst().orElse(null);
        if (rider != null && horse != null && known.pairs().contains(rider + " " + horse)) {
            return new Outcome(line, Effect.IS_THERE, false, false);
        }
        UUID id = pairs.add(new NewPair(
                line.rider(),
                line.horse(),
                null,
                line.heightCm(),
                line.school() == null ? otherwise : line.school(),
                line.goal(),
                rider,
                horse,
                null,
                null,
                null));
        Pair added = pairs.find(id).orElseThrow();
        if (horse == null && line.born() != null) {
            facts.change(id, 0, born(line));
        }
        known.add(added.rider(), added.riderId(), added.horse(), added.horseId());
        return new Outcome(line, Effect.ADDS, rider == null, horse == null);
    }

    private static Facts born(PeopleTable.Line line) {
        return new Facts(line.heightCm(), line.born(), null, null, null, null, null, null, null, null, null, null);
    }

    /** All pairs of the yard, as such a table. */
    String write() {
        List<String> heading = Stream.of(PeopleTable.Column.values())
                .map(PeopleTable.Column::heading)
                .toList();
        Map<UUID, HeightAndBorn> horses = facts.heightsAndYears();
        List<List<String>> lines = pairs.findVisible().stream()
                .map(p -> {
                    HeightAndBorn of = horses.get(p.horseId());
                    return Stream.of(
                                    p.rider(),
                                    p.horse(),
                                    p.school().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                                    of.heightCm(),
                                    of.bornYear(),
                                    p.goal())
                            .map(v -> Objects.toString(v, ""))
                            .toList();
                })
                .toList();
        return CsvTable.write(heading, lines);
    }
}
