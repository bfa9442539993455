package strophos.core.homework;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import strophos.core.judgement.Thresholds;
import strophos.core.pause.StopSign;

/**
 * Reads an assignment's reports and answers, in order, up to a day. The gate opens the next step by itself once it holds
 * and its days have passed; two "not yet" running close a step and open the one before; a fright or a sign of the rider's
 * pauses until the coach answers. While the horse is paused nothing opens, and the days are not set. The second best counts as
 * practised, for and against nothing.
 */
public final class HomeworkFold {

    private final Assignment of;
    private final Thresholds thresholds;
    private int step;
    private LocalDate stepSince;
    private int easy;
    private int notYet;
    private final Set<StopSign> stops = EnumSet.noneOf(StopSign.class);
    private boolean hasQuestion;
    private final List<HomeworkState.Move> moves = new ArrayList<>();
    private final Map<LocalDate, int[]> done = new TreeMap<>();
    private final Map<LocalDate, Dose> doses = new TreeMap<>();
    private int sinceLookIn;
    private LocalDate lookedIn;
    private boolean wasLookedIn;
    private LocalDate horsePausedOn;
    private long daysPaused;

    private HomeworkFold(Assignment of, Thresholds thresholds) {
        this.of = of;
        this.thresholds = thresholds;
        this.step = of.first();
        this.stepSince = of.setOn();
        this.lookedIn = of.setOn();
    }

    /**
     * How it stands on this day, after these events.
     *
     * @param thresholds of {@link HomeworkThresholds#SET}
     */
    public static HomeworkState on(LocalDate today, Assignment of, List<HomeworkEvent> events, Thresholds thresholds) {
        HomeworkFold fold = new HomeworkFold(of, thresholds);
        for (HomeworkEvent e : events) {
            fold.open(e.day());
            if (e instanceof HomeworkEvent.Report r) {
                fold.take(r);
            } else if (e instanceof HomeworkEvent.Answer a) {
                fold.take(a);
            } else if (e instanceof HomeworkEvent.Stop s) {
                fold.stops.add(s.sign());
            } else if (e instanceof HomeworkEvent.Lift) {
                fold.stops.clear();
            } else if (e instanceof HomeworkEvent.HorsePause p) {
                fold.horsePausedOn = fold.horsePausedOn == null ? p.day() : fold.horsePausedOn;
            } else if (e instanceof HomeworkEvent.HorseClearance c) {
                fold.clear(c.day());
            }
        }
        fold.open(today);
        return fold.state(today);
    }

    private void take(HomeworkEvent.Report r) {
        int[] day = done.computeIfAbsent(r.day(), d -> new int[2]);
        day[0] += r.leftS();
        day[1] += r.rightS();
        doses.putIfAbsent(r.day(), of.steps().get(step).dose());
        sinceLookIn++;
        hasQuestion |= r.hasQuestion();
        r.stopSigns().stream().filter(StopSign.STOPS_HOMEWORK::contains).forEach(stops::add);
        if (r.isSecondBest() || !r.stopSigns().isEmpty() || !stops.isEmpty() || horsePausedOn != null) {
            return;
        }
        easy = of.gate(step).countsFor(r) ? easy + 1 : 0;
        notYet = r.feel() == Feel.NOT_YET ? notYet + 1 : 0;
        if (isStuck() && step > 0) {
            moves.add(new HomeworkState.Move(r.day(), step, step - 1));
            enter(step - 1, r.day());
        }
        open(r.day());
    }

    private void take(HomeworkEvent.Answer a) {
        stops.clear();
        hasQuestion = false;
        sinceLookIn = 0;
        lookedIn = a.day();
        wasLookedIn = true;
        int last = of.steps().size() - 1;
        switch (a.verdict()) {
            case NEXT -> enter(Math.min(last, step + 1), a.day());
            case BACK -> enter(Math.max(0, step - 1), a.day());
            case CARRY_ON -> notYet = 0;
        }
    }

    private void clear(LocalDate day) {
        daysPaused += horsePausedOn == null ? 0 : daysFrom(horsePausedOn, day);
        horsePausedOn = null;
    }

    /** Days of this homework from one day to another. */
    private long daysFrom(LocalDate from, LocalDate to) {
        LocalDate first = from.isBefore(of.setOn()) ? of.setOn() : from;
        return Math.max(0, ChronoUnit.DAYS.between(first, to));
    }

    private void enter(int next, LocalDate day) {
        step = next;
        stepSince = day;
        easy = 0;
        notYet = 0;
    }

    private void open(LocalDate day) {
        if (stops.isEmpty()
                && horsePausedOn == null
                && gateHolds(day)
                && step < of.steps().size() - 1) {
            moves.add(new HomeworkState.Move(day, step, step + 1));
            enter(step + 1, day);
        }
    }

    private boolean gateHolds(LocalDate day) {
        return easy >= of.gate(step).easyRunning() && daysToGo(day) == 0;
    }

    private int daysToGo(LocalDate day) {
        return (int) Math.max(0, of.gate(step).minDays() - ChronoUnit.DAYS.between(stepSince, day));
    }

    private HomeworkState state(LocalDate today) {
        // the day it was set is the lesson's, not the rider's
        long paused = daysPaused + (horsePausedOn == null ? 0 : daysFrom(horsePausedOn, today));
        long days = Math.max(0, ChronoUnit.DAYS.between(of.setOn(), today) - paused);
        int setDays = (int) Math.round(days * of.daysAWeek() / 7.0);
        return new HomeworkState(
                step,
                stepSince,
                !stops.isEmpty(),
                horsePausedOn != null,
                stops,
                easy,
                notYet,
                isStuck(),
                daysToGo(today),
                gateHolds(today) && step == of.steps().size() - 1,
                moves,
                new HomeworkState.Done(done.size(), setDays),
                seconds(0),
                seconds(1),
                done.entrySet().stream()
                        .filter(d -> isOver(d.getKey(), d.getValue()))
                        .map(Map.Entry::getKey)
                        .toList(),
                sinceLookIn,
                lookIn(today));
    }

    private HomeworkState.Done seconds(int rein) {
        int ridden = done.values().stream().mapToInt(d -> d[rein]).sum();
        int set = doses.values().stream().mapToInt(Dose::secondsARein).sum();
        return new HomeworkState.Done(ridden, set);
    }

    private boolean isOver(LocalDate day, int[] seconds) {
        double most = thresholds.get("over-practice.share") * doses.get(day).secondsARein();
        return Math.max(seconds[0], seconds[1]) > most;
    }

    private boolean isStuck() {
        return notYet >= thresholds.whole("stuck.reports");
    }

    private HomeworkState.LookInReason lookIn(LocalDate today) {
        if (!stops.isEmpty()) {
            return HomeworkState.LookInReason.STOP_SIGN;
        }
        if (hasQuestion) {
            return HomeworkState.LookInReason.QUESTION;
        }
        if (horsePausedOn != null) {
            return HomeworkState.LookInReason.NOT_YET_DUE;
        }
        if (isStuck()) {
            return HomeworkState.LookInReason.STUCK;
        }
        return new SinceLookIn(of.isBrandNew() && !wasLookedIn, lookedIn, sinceLookIn, false, 0)
                .byTime(today, thresholds);
    }
}
