package strophos.server.pair;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
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
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
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
@RequestMapping("/api/v1/pairs/{id}")
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
     * @param settings what holds in it, with what was settled for the pair
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
            SettingsInSchool settings,
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

    /**
     * What holds of all that good teachers disagree on; null where nothing does by itself.
     *
     * @param leg null: by what the horse does
     * @param bit null: whatever the horse wears
     * @param order null: as the school lists the strands
     */
    record SettingsInSchool(
            Settings.SideReins sideReins,
            @CanBeNull Settings.LegStance leg,
            Settings.SlackRein slack,
            @CanBeNull Settings.Bit bit,
            Settings.LandingLead landingLead,
            Settings.CanterFrom canterFrom,
            @CanBeNull Settings.StrandOrder order) {

        static SettingsInSchool of(Teaching teaching) {
            Settings own = teaching.settings();
            return new SettingsInSchool(
                    teaching.sideReins(),
                    own.leg().orElse(null),
                    teaching.slack(),
                    own.bit().orElse(null),
                    teaching.landingLead(),
                    teaching.canterFrom(),
                    own.order().orElse(null));
        }
    }

    /** What was settled for the pair; null: as its school has it. */
    record OwnSettings(
            @CanBeNull Settings.SideReins sideReins,
            @CanBeNull Settings.LegStance leg,
            @CanBeNull Settings.SlackRein slack,
            @CanBeNull Settings.Bit bit,
            @CanBeNull Settings.LandingLead landingLead,
            @CanBeNull Settings.CanterFrom canterFrom,
            @CanBeNull Settings.StrandOrder order) {

        static OwnSettings of(Settings s) {
            return new OwnSettings(
                    s.sideReins().orElse(null),
                    s.leg().orElse(null),
                    s.slack().orElse(null),
                    s.bit().orElse(null),
                    s.landingLead().orElse(null),
                    s.canterFrom().orElse(null),
                    s.order().orElse(null));
        }

        Settings settings() {
            return new Settings(
                    Optional.ofNullable(sideReins),
                    Optional.ofNullable(leg),
                    Optional.ofNullable(slack),
                    Optional.ofNullable(bit),
                    Optional.ofNullable(landingLead),
                    Optional.ofNullable(canterFrom),
                    Optional.ofNullable(order));
        }
    }

    /** @param version how often {@code own} was changed */
    record SchoolsOfPair(School now, int version, OwnSettings own, List<SchoolView> schools) {}

    record NewSettings(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid OwnSettings settings) {}

    record NewSchool(@NotNull School school) {}

    @GetMapping("/school")
    @Needs(Action.SEE_PLAN)
    SchoolsOfPair all(@PathVariable UUID id) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        PairState state = states.now(id);
        Set<String> ridden =
                state.rungs().keySet().stream().map(r -> r.exercise()).collect(Collectors.toSet());
        return new SchoolsOfPair(
                pair.school(),
                pairs.settingsVersion(id),
                OwnSettings.of(pair.teaching().settings()),
                schools.all().stream()
                        .map(s -> view(s, pair.teaching(), ridden))
                        .toList());
    }

    private SchoolView view(SchoolText s, Teaching now, Set<String> ridden) {
        Teaching then = now.in(s.school());
        return new SchoolView(
                s.school(),
                s.ladder(),
                s.teaches(),
                s.frame(),
                s.leg(),
                s.notAllowed(),
                s.why(),
                then.correction(),
                schools.strands(then),
                SettingsInSchool.of(then),
                s.school() == now.school() ? null : change(now, then, ridden));
    }

    private SchoolChange change(Teaching now, Teaching then, Set<String> ridden) {
        return new SchoolChange(
                names(e -> e.isTaught(then.way()) && !e.isTaught(now.way()) && !ridden.contains(e.id())),
                names(e -> e.isTaught(now.way()) && !e.isTaught(then.way()) && !ridden.contains(e.id())),
                isByChoice(then) && !isByChoice(now),
                isByChoice(now) && !isByChoice(then));
    }

    private static boolean isByChoice(Teaching teaching) {
        return teaching.pad(PadKind.STRENGTH) == PadKind.CHOICE;
    }

    private List<String> names(Predicate<Exercise> which) {
        return catalogue.strands().stream()
                .flatMap(s -> s.exercises().stream())
                .filter(which)
                .map(Exercise::name)
                .toList();
    }

    @PutMapping("/school")
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable UUID id, @Valid @RequestBody NewSchool wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        pairs.setSchool(id, wanted.school());
        news.changedPair(id);
    }

    /** What is settled for this pair from now on, at this version. */
    @PutMapping("/settings")
    @Needs(Action.EDIT_PAIR)
    SchoolsOfPair settle(@PathVariable UUID id, @Valid @RequestBody NewSettings wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        if (!pairs.settle(id, wanted.version(), wanted.settings().settings())) {
            throw Problem.changedMeanwhile();
        }
        news.changedPair(id);
        return all(id);
    }
}
