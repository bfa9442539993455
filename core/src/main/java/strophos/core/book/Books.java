package strophos.core.book;

import java.util.List;
import java.util.Optional;
import strophos.core.aid.AidThresholds;
import strophos.core.cause.ProbeThresholds;
import strophos.core.cause.SideBySide;
import strophos.core.change.ChangeThresholds;
import strophos.core.forecast.ForecastThresholds;
import strophos.core.homework.HomeworkThresholds;
import strophos.core.judgement.ThresholdSet;
import strophos.core.load.LoadThresholds;
import strophos.core.pause.PauseThresholds;
import strophos.core.progress.RungThresholds;
import strophos.core.progress.StifferSide;
import strophos.core.stop.StopThresholds;

/** The sheets of all rule books. */
public final class Books {

    public static final List<ThresholdSet> ALL = List.of(
            RungThresholds.SET,
            StifferSide.SET,
            StopThresholds.SET,
            AidThresholds.SET,
            ProbeThresholds.SET,
            SideBySide.SET,
            ChangeThresholds.SET,
            ForecastThresholds.SET,
            HomeworkThresholds.SET,
            PauseThresholds.SET,
            LoadThresholds.SET);

    private Books() {}

    public static Optional<ThresholdSet> find(String book) {
        return ALL.stream().filter(s -> s.book().equals(book)).findFirst();
    }
}
