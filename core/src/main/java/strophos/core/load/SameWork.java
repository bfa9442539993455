package strophos.core.load;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** The same kind of work on the last {@code days} days running: time for something else. A day off breaks the run. */
public record SameWork(int days) implements Rule<List<SameWork.Day>> {

    /** What a day was mostly about, such as a strand. */
    public record Day(LocalDate date, String kind) {}

    /** @param t of {@link LoadThresholds#SET} */
    public static SameWork of(Thresholds t) {
        return new SameWork(t.whole("same-work.days"));
    }

    @Override
    public String id() {
        return "load.same-work";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("days", (double) days);
    }

    /** @param worked days with work, in order, one entry a day */
    @Override
    public Judgement judge(List<Day> worked) {
        if (worked.isEmpty()) {
            return new Judgement.NotEnoughData(0, days);
        }
        List<LocalDate> run = new ArrayList<>();
        Day last = worked.get(worked.size() - 1);
        for (int i = worked.size() - 1; i >= 0; i--) {
            Day day = worked.get(i);
            boolean isNext = day.kind().equals(last.kind())
                    && day.date().equals(last.date().minusDays(run.size()));
            if (!isNext) {
                break;
            }
            run.add(0, day.date());
        }
        return Judgement.of(run.size() >= days, new LoadEvidence.OfDays(last.kind(), run));
    }
}
