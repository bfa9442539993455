package strophos.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Footing;
import strophos.core.judgement.Evidence;
import strophos.core.judgement.Finding;
import strophos.core.load.DayOfOuting;
import strophos.core.load.LoadEvidence;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.pause.Limits;
import strophos.core.welfare.GroundAndWeather;
import strophos.core.welfare.Heat;
import strophos.core.welfare.PainChecklist;
import strophos.core.welfare.WeightShare;

/** What is said of the whole day, whatever is ridden. */
public final class PlanNotes {

    private PlanNotes() {}

    static List<PlanNote> of(PlanFacts facts) {
        List<PlanNote> notes = new ArrayList<>();
        if (facts.state().isPaused()) {
            notes.add(new PlanNote(
                    facts.state().mayHandWalk() ? PlanNote.Code.HAND_WALK : PlanNote.Code.HORSE_PAUSED, Map.of()));
        } else if (facts.state().isDayOver()) {
            notes.add(new PlanNote(PlanNote.Code.DAY_OVER, Map.of()));
        } else if (facts.isLimitedTo(Focus.Limit.NOTHING_RIDDEN)) {
            notes.add(new PlanNote(PlanNote.Code.NOTHING_RIDDEN, Map.of()));
        }
        facts.state().limits().ifPresent(l -> cleared(notes, l));
        facts.rungs().stream()
                .filter(Candidate::isReported)
                .forEach(c -> notes.add(new PlanNote(PlanNote.Code.STOP_SIGN_OPEN, Map.of("rung", c.id().toString()))));
        facts.horse()
                .painCount()
                .filter(PainChecklist::isVetFirst)
                .ifPresent(c -> notes.add(new PlanNote(
                        PlanNote.Code.VET_FIRST,
                        Map.of("count", String.valueOf(c.seen()), "of", String.valueOf(PainChecklist.BEHAVIOURS)))));
        if (facts.isLimitedTo(Focus.Limit.WALK_ONLY)) {
            notes.add(new PlanNote(PlanNote.Code.WALK_ONLY, Map.of()));
        }
        if (facts.isLimitedTo(Focus.Limit.NO_CANTER)) {
            notes.add(new PlanNote(PlanNote.Code.NO_CANTER, Map.of()));
        }
        day(facts.day(), Heat.of(facts.stop())).forEach(code -> notes.add(new PlanNote(code, Map.of())));
        if (facts.riddenTodayS() > 0) {
            notes.add(new PlanNote(
                    PlanNote.Code.RIDDEN_TODAY, Map.of("minutes", String.valueOf(facts.riddenTodayS() / 60))));
        }
        facts.horse()
                .weightShare()
                .ifPresent(w -> weight(notes, w, facts.horse().weightReason()));
        if (facts.horse().isSpared()) {
            notes.add(new PlanNote(
                    PlanNote.Code.SPARED,
                    Map.of("minutes", String.valueOf(facts.stop().whole("work.sparedMinutes")))));
        }
        facts.horse()
                .allowedMinutes()
                .ifPresent(
                        m -> notes.add(new PlanNote(PlanNote.Code.BACK_TO_WORK, Map.of("minutes", String.valueOf(m)))));
        facts.horse().outing().map(PlanNotes::outing).ifPresent(notes::add);
        if (facts.kinds().contains(FocusKind.CONFIDENCE)) {
            notes.add(new PlanNote(PlanNote.Code.CALM_FIRST, Map.of()));
        }
        if (facts.kinds().contains(FocusKind.FORWARD)) {
            notes.add(new PlanNote(PlanNote.Code.RULE_OUT, Map.of()));
        }
        leg(facts).ifPresent(notes::add);
        if (facts.look().isEmpty()) {
            notes.add(new PlanNote(PlanNote.Code.NO_LOOK, Map.of()));
        }
        notes.addAll(ofLoad(facts.horse().load()));
        facts.hardYesterday()
                .forEach(r -> notes.add(new PlanNote(PlanNote.Code.HARD_RESTS, Map.of("rung", r.toString()))));
        return notes;
    }

    private static List<PlanNote.Code> day(GroundAndWeather day, Heat rule) {
        List<PlanNote.Code> codes = new ArrayList<>();
        switch (day.heat(rule)) {
            case RIDE -> {}
            case SHADE -> codes.add(PlanNote.Code.HEAT_SHADE);
            case LIGHT_ONLY -> codes.add(PlanNote.Code.HEAT_LIGHT);
            case STOP -> codes.add(PlanNote.Code.HEAT_STOP);
        }
        day.footing().map(PlanNotes::ground).ifPresent(codes::addAll);
        return codes;
    }

    private static List<PlanNote.Code> ground(Footing footing) {
        return switch (footing) {
            case GOOD -> List.of();
            case DEEP -> List.of(PlanNote.Code.GROUND_DEEP);
            case HARD -> List.of(PlanNote.Code.GROUND_HARD);
            case SLIPPERY -> List.of(PlanNote.Code.GROUND_SLIPPERY);
            case FROZEN -> List.of(PlanNote.Code.GROUND_FROZEN);
        };
    }

    private static Optional<PlanNote> leg(PlanFacts facts) {
        boolean isSettled = facts.teaching().settings().leg().isPresent();
        return facts.leg()
                .map(leg -> switch (leg) {
                    case NEAR -> isSettled ? PlanNote.Code.LEG_NEAR_SETTLED : PlanNote.Code.LEG_NEAR;
                    case OFF -> isSettled ? PlanNote.Code.LEG_OFF_SETTLED : PlanNote.Code.LEG_OFF;
                })
                .map(code -> new PlanNote(code, Map.of()));
    }

    private static PlanNote outing(DayOfOuting away) {
        PlanNote.Code code = switch (away.day().kind()) {
            case EASY -> PlanNote.Code.OUTING_EASY;
            case TRAVEL_AND_LOOK_AROUND -> PlanNote.Code.OUTING_TRAVEL;
            case HALF_LESSON -> PlanNote.Code.OUTING_HALF;
            case LESSON, HARD -> PlanNote.Code.OUTING_LESSON;
            case COUNTS -> PlanNote.Code.OUTING_COUNTS;
            case REST_OR_HACK -> PlanNote.Code.OUTING_AFTER;
        };
        return new PlanNote(
                code,
                Map.of(
                        "what",
                        away.what(),
                        "counts",
                        away.counts().toString(),
                        "minutes",
                        String.valueOf(away.day().minutes())));
    }

    /** What of the rules of load is met, as it is said. */
    public static List<PlanNote> ofLoad(List<Finding> findings) {
        return findings.stream().flatMap(f -> load(f).stream()).toList();
    }

    private static Optional<PlanNote> load(Finding finding) {
        return finding.judgement().isMet()
                ? finding.judgement().evidence().stream()
                        .flatMap(e -> load(e).stream())
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<PlanNote> load(Evidence evidence) {
        if (evidence instanceof LoadEvidence.OfWeeks weeks) {
            long percent = Math.round(100 * (weeks.now() / weeks.before() - 1));
            return Optional.of(new PlanNote(PlanNote.Code.WEEK_RISES, Map.of("percent", String.valueOf(percent))));
        } else if (evidence instanceof LoadEvidence.OfRatio ratio) {
            return Optional.of(new PlanNote(
                    PlanNote.Code.ACUTE_CHRONIC, Map.of("ratio", String.format(Locale.ROOT, "%.1f", ratio.ratio()))));
        } else if (evidence instanceof LoadEvidence.OfDays days) {
            return Optional.of(new PlanNote(
                    PlanNote.Code.SAME_WORK,
                    Map.of(
                            "strand",
                            days.kind(),
                            "days",
                            String.valueOf(days.days().size()))));
        }
        return Optional.empty();
    }

    private static void cleared(List<PlanNote> notes, Limits limits) {
        notes.add(new PlanNote(
                PlanNote.Code.CLEARED_FOR,
                limits.until().isPresent()
                        ? Map.of(
                                "gait",
                                limits.fastest().word(),
                                "until",
                                limits.until().get().toString())
                        : Map.of("gait", limits.fastest().word())));
        limits.minutes()
                .ifPresent(m ->
                        notes.add(new PlanNote(PlanNote.Code.CLEARED_MINUTES, Map.of("minutes", String.valueOf(m)))));
    }

    private static void weight(List<PlanNote> notes, WeightShare w, Optional<String> reason) {
        String percent = String.format(Locale.ROOT, "%.1f", 100 * w.share());
        if (w.level() == WeightShare.Level.WATCH) {
            notes.add(new PlanNote(PlanNote.Code.WEIGHT_WATCH, Map.of("percent", percent)));
        } else if (w.level() == WeightShare.Level.ANOTHER_HORSE) {
            notes.add(reason.map(why ->
                            new PlanNote(PlanNote.Code.WEIGHT_OVERRULED, Map.of("percent", percent, "reason", why)))
                    .orElseGet(() -> new PlanNote(PlanNote.Code.WEIGHT_OVER, Map.of("percent", percent))));
        }
    }
}
