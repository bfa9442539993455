package strophos.server.pair;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.SchoolText;
import strophos.catalogue.Schools;
import strophos.core.exchange.PadKind;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;
import strophos.core.state.PairState;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.live.Teller;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.state.PairStates;

/** The school of a pair: how it asks, what it does not allow, and what another one would change. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/school")
@Transactional
class SchoolController {

    private final PairRepository pairs;
    private final PairStates states;
    private final Catalogue catalogue;
    private final Schools schools;
    private final Teller news;

    SchoolController(PairRepository pairs, PairStates states, Catalogue catalogue, Schools schools, Teller news) {
        this.pairs = pairs;
        this.states = states;
        this.catalogue = catalogue;
        this.schools = schools;
        this.news = news;
    }

    /**
     * A school as a pair has it.
     *
     * @param ladder what is asked at each strength, lightest first; empty where there are only choices
     * @param change what comes and goes with it; null for the school the pair has
     */
    record SchoolView(
            School school,
            List<String> ladder,
            String teaches,
            String frame,
            String leg,
            String notAllowed,
            String why,
            CorrectionPolicy correction,
            List<String> strands,
            @CanBeNull SchoolChange change) {}

    /**
     * What another school would change.
     *
     * @param comes exercises that join the pair's stair
     * @param goes exercises that leave it; what the pair has ridden stays
     * @param isByChoice an ask is touched in as a choice then, and no longer by its strength
     * @param isByStrength the other way round
     */
    record SchoolChange(List<String> comes, List<String> goes, boolean isByChoice, boolean isByStrength) {}

    record SchoolsOfPair(School now, List<SchoolView> schools) {}

    record NewSchool(@NotNull School school) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    SchoolsOfPair all(@PathVariable UUID id) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        PairState state = states.now(id);
        Set<String> ridden =
                state.rungs().keySet().stream().map(r -> r.exercise()).collect(Collectors.toSet());
        return new SchoolsOfPair(
                pair.school(),
                schools.all().stream().map(s -> view(s, pair.school(), ridden)).toList());
    }

    private SchoolView view(SchoolText s, School now, Set<String> ridden) {
        return new SchoolView(
                s.school(),
                s.ladder(),
                s.teaches(),
                s.frame(),
                s.leg(),
                s.notAllowed(),
                s.why(),
                s.school().correction(),
                s.strands(),
                s.school() == now ? null : change(now, s.school(), ridden));
    }

    private SchoolChange change(School now, School then, Set<String> ridden) {
        return new SchoolChange(
                names(e -> e.schools().contains(then) && !e.schools().contains(now) && !ridden.contains(e.id())),
                names(e -> e.schools().contains(now) && !e.schools().contains(then) && !ridden.contains(e.id())),
                isByChoice(then) && !isByChoice(now),
                isByChoice(now) && !isByChoice(then));
    }

    private static boolean isByChoice(School school) {
        return school.pad(PadKind.STRENGTH) == PadKind.CHOICE;
    }

    private List<String> names(Predicate<Exercise> which) {
        return catalogue.strands().stream()
                .flatMap(s -> s.exercises().stream())
                .filter(which)
                .map(Exercise::name)
                .toList();
    }

    @PutMapping
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable UUID id, @Valid @RequestBody NewSchool wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        pairs.setSchool(id, wanted.school());
        news.changedPair(id);
    }
}
