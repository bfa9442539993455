package strophos.core.pause;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Stream;
import strophos.core.judgement.Thresholds;

/**
 * Reads all that happened to a horse, in the order in which it became known. An answer speaks of what was known when it was
 * given, never of a sign that was still on its way.
 */
public final class PauseFold {

    private final int times;
    private final int lessons;
    private final List<Occurrence.Sighting> causes = new ArrayList<>();
    private final List<Occurrence.Sighting> behaviour = new ArrayList<>();
    private final int latelyDays;
    private final List<Occurrence.Sighting> dayEnds = new ArrayList<>();
    private final List<Occurrence.Sighting> hurt = new ArrayList<>();
    private boolean mayHandWalk;
    private Optional<Limits> limits = Optional.empty();
    private Optional<HorseState.TimeOff> rest = Optional.empty();
    private final List<Pause> pauses = new ArrayList<>();

    private PauseFold(Thresholds t) {
        times = t.whole("behaviour.times");
        lessons = t.whole("behaviour.lessons");
        latelyDays = t.whole("lately.days");
    }

    /**
     * How the horse stands on this day.
     *
     * @param occurrences in whatever order
     * @param thresholds of {@link PauseThresholds#SET}
     */
    public static HorseState on(LocalDate today, List<Occurrence> occurrences, Thresholds thresholds) {
        return folded(occurrences, thresholds).state(today);
    }

    /** The times in which it was paused, in order; the last may go on. */
    public static List<Pause> pauses(List<Occurrence> occurrences, Thresholds thresholds) {
        return List.copyOf(folded(occurrences, thresholds).pauses);
    }

    private static PauseFold folded(List<Occurrence> occurrences, Thresholds thresholds) {
        PauseFold fold = new PauseFold(thresholds);
        // of one moment the sign comes last: in doubt the horse rests
        occurrences.stream()
                .sorted(Comparator.comparingLong(Occurrence::knownAtMs)
                        .thenComparing(o -> o instanceof Occurrence.Sighting))
                .forEach(fold::take);
        return fold;
    }

    private void take(Occurrence o) {
        if (o instanceof Occurrence.Sighting seen) {
            see(seen);
        } else if (o instanceof Occurrence.Answer answered) {
            answer(answered);
        }
    }

    private void see(Occurrence.Sighting seen) {
        switch (seen.sign().kind()) {
            case PAIN -> pause(seen);
            case BEHAVIOUR -> {
                behaviour.add(seen);
                dayEnds.add(seen);
                if (isOften(seen)) {
                    pause(seen);
                }
            }
            case FALL -> dayEnds.add(seen);
            case RIDER -> hurt.add(seen);
            case FRIGHT -> {}
        }
    }

    private void pause(Occurrence.Sighting seen) {
        if (causes.isEmpty()) {
            pauses.add(new Pause(seen.day(), seen.atMs(), seen.knownAtMs(), Optional.empty(), OptionalLong.empty()));
        }
        causes.add(seen);
    }

    /** So often within the last lessons, this one included. */
    private boolean isOften(Occurrence.Sighting now) {
        Set<String> occasions = new HashSet<>();
        behaviour.stream()
                .filter(b -> b.lesson() > now.lesson() - lessons && b.lesson() <= now.lesson() + lessons - 1)
                .forEach(b -> occasions.add(b.occasion()));
        return occasions.size() >= times;
    }

    private void answer(Occurrence.Answer answered) {
        if (answered.reply() instanceof Occurrence.Reply.KeepResting r) {
            mayHandWalk = r.mayHandWalk();
        } else if (answered.reply() instanceof Occurrence.Reply.Call c) {
            mayHandWalk = c.mayHandWalk();
        } else if (answered.reply() instanceof Occurrence.Reply.Clearance c) {
            rest = c.rest();
            if (!causes.isEmpty()) {
                pauses.add(pauses.remove(pauses.size() - 1).until(answered));
            }
            causes.clear();
            behaviour.clear();
            dayEnds.clear();
            hurt.clear();
            mayHandWalk = false;
            limits = c.limits();
        }
    }

    private Optional<LocalDate> firstDay() {
        return causes.stream().map(Occurrence.Sighting::day).min(Comparator.naturalOrder());
    }

    private HorseState state(LocalDate today) {
        return new HorseState(
                causes,
                dayEnds.stream().filter(s -> s.day().equals(today)).toList(),
                Stream.concat(dayEnds.stream(), hurt.stream())
                        .filter(s -> s.day().isAfter(today.minusDays(latelyDays)))
                        .toList(),
                firstDay(),
                mayHandWalk && !causes.isEmpty(),
                limits.filter(l -> l.holdsOn(today)),
                rest);
    }
}
