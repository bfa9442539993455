package strophos.server.debrief;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.core.record.HelpWord;
import strophos.core.record.Probes;
import strophos.core.record.Ride;
import strophos.server.lesson.Lesson;
import strophos.server.rules.YardRules;

/** Tells what another exercise did for a rung: by the touches of the day, of the last days, and by the coach's word. */
@Component
class ProbeTeller {

    private final YardRules rules;
    private final Catalogue catalogue;

    ProbeTeller(YardRules rules, Catalogue catalogue) {
        this.rules = rules;
        this.catalogue = catalogue;
    }

    /** @param last asks of the pair's last lessons, the earliest first, this one among them */
    List<ProbeView> probes(Lesson lesson, Ride ride, List<AskOfLesson> last, ZoneId zone) {
        if (lesson.startedAt() == null) {
            return List.of();
        }
        List<Probes.Probe> probes = Probes.in(ride, LocalDate.ofInstant(lesson.startedAt(), zone));
        if (probes.isEmpty()) {
            return List.of();
        }
        ProbeView.ProbeRules judging =
                new ProbeView.ProbeRules(rules.helpedToday(), rules.helpsOverDays(), rules.helpsMoreThanWaiting());
        List<Probes.DayOfAsks> days = days(last, zone);
        return probes.stream()
                .map(p -> ProbeView.of(
                        p, catalogue.nameOf(p.rung().exercise()), catalogue.nameOf(p.between()), judging, days))
                .toList();
    }

    List<ProbeView.WordView> words(Ride ride) {
        return HelpWord.in(ride).stream()
                .map(w -> new ProbeView.WordView(
                        catalogue.nameOf(w.rung().exercise()),
                        w.rung().gait(),
                        w.rung().place(),
                        catalogue.nameOf(w.exercise())))
                .toList();
    }

    private static List<Probes.DayOfAsks> days(List<AskOfLesson> last, ZoneId zone) {
        Map<UUID, LocalDate> days = new LinkedHashMap<>();
        Map<UUID, List<Probes.RungAsk>> asks = new LinkedHashMap<>();
        for (AskOfLesson a : last) {
            days.putIfAbsent(a.lesson(), LocalDate.ofInstant(a.beganAt(), zone));
            asks.computeIfAbsent(a.lesson(), l -> new ArrayList<>()).add(a.asked());
        }
        return days.entrySet().stream()
                .map(e -> new Probes.DayOfAsks(e.getValue(), asks.get(e.getKey())))
                .toList();
    }
}
