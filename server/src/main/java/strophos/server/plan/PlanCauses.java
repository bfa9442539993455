package strophos.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Strand;
import strophos.core.homework.Feel;
import strophos.core.plan.PlanChange;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.server.homework.Practice;
import strophos.server.state.RecentLesson;
import strophos.server.state.StoredDecision;

/** What may have changed a pair's plan since its last lesson. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class PlanCauses {

    private final PlanFactsReader reader;
    private final Catalogue catalogue;

    PlanCauses(PlanFactsReader reader, Catalogue catalogue) {
        this.reader = reader;
        this.catalogue = catalogue;
    }

    /** Decisions of the last lesson, reports since, and stop signs that wait, each with the facts without it. */
    List<PlanChange.Supposition> of(PlanFactsReader.FactsWithSources known) {
        PlanFactsReader.Sources g = known.gathered();
        List<PlanChange.Supposition> causes = new ArrayList<>();
        for (StoredDecision m : g.before().decidedSince()) {
            if (m.lesson().isPresent()
                    && PlanFactsReader.last(g).map(RecentLesson::id).equals(m.lesson())) {
                catalogue
                        .rung(m.rung())
                        .ifPresent(r -> causes.add(new PlanChange.Supposition(
                                cause(g, PlanChange.Kind.DECISION, r.id(), m.chosen(), m.at()),
                                reader.facts(g, other -> !other.id().equals(m.id()), p -> true, true))));
            }
        }
        for (Strand strand : catalogue.strands()) {
            for (Rung rung : catalogue.progression(strand, g.teaching()).rungs()) {
                PlanFactsReader.lastReport(g, rung.id().toString(), p -> true)
                        .filter(p -> p.feel() != Feel.GETTING_THERE)
                        .ifPresent(p -> causes.add(new PlanChange.Supposition(
                                cause(
                                        g,
                                        PlanChange.Kind.REPORT,
                                        rung.id(),
                                        p.feel().name(),
                                        p.startedAt()),
                                reader.facts(
                                        g, m -> true, other -> !other.rung().equals(p.rung()), true))));
            }
        }
        stopSign(g).ifPresent(causes::add);
        return causes;
    }

    private Optional<PlanChange.Supposition> stopSign(PlanFactsReader.Sources g) {
        return g.assignments().stream()
                .filter(t -> t.isPaused()
                        || (g.state().isPaused() && t.practices().stream().anyMatch(p -> isCause(g, p))))
                .findFirst()
                .flatMap(t -> t.practices().stream()
                        .filter(p -> !p.stopSigns().isEmpty() && (t.isPaused() || isCause(g, p)))
                        .reduce((a, b) -> b)
                        .flatMap(p -> catalogue
                                .rung(p.rung())
                                .map(r -> new PlanChange.Supposition(
                                        cause(
                                                g,
                                                PlanChange.Kind.STOP_SIGN,
                                                r.id(),
                                                p.stopSigns().get(0).name(),
                                                p.startedAt()),
                                        reader.facts(g, m -> true, other -> true, false)))));
    }

    private static boolean isCause(PlanFactsReader.Sources g, Practice report) {
        return g.state().causes().stream()
                .anyMatch(c -> c.id().equals(report.id().toString()));
    }

    private static PlanChange.Cause cause(
            PlanFactsReader.Sources g, PlanChange.Kind kind, RungId rung, String what, Instant at) {
        return new PlanChange.Cause(kind, rung, what, LocalDate.ofInstant(at, g.zone()));
    }
}
