package strophos.core.book;

import java.util.List;
import java.util.Optional;
import strophos.core.aid.AidThresholds;
import strophos.core.cause.ProbeThresholds;
import strophos.core.cause.SideBySide;
import strophos.core.change.ChangeThresholds;
import strophos.core.forecast.ForecastThresholds;
import strophos.core.homework.HomeworkThresholds;
import strophos.core.judgement.Sheet;
import strophos.core.load.LoadThresholds;
import strophos.core.pause.PauseThresholds;
import strophos.core.progress.RungThresholds;
import strophos.core.progress.StifferSide;
import strophos.core.stop.StopThresholds;

/** The sheets of all rule books. */
public final class Books {

    public static final List<Sheet> ALL = List.of(
            RungThresholds.SHEET,
            StifferSide.SHEET,
            StopThresholds.SHEET,
            AidThresholds.SHEET,
            ProbeThresholds.SHEET,
            SideBySide.SHEET,
            ChangeThresholds.SHEET,
            ForecastThresholds.SHEET,
            HomeworkThresholds.SHEET,
            PauseThresholds.SHEET,
            LoadThresholds.SHEET);

    private Books() {}

    public static Optional<Sheet> find(String book) {
        return ALL.stream().filter(s -> s.book().equals(book)).findFirst();
    }
}
