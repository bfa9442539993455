package strophos.core.aid;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * Leg and hand speak against each other: over {@code share} of the driving aids were followed within {@code within} by a
 * restraining one, or by a measured rise of at least {@code riseKg} kg, and not marked as a half-halt. Speaks from {@code
 * fewest} driving aids with timing on; those without are passed over.
 */
public record DrivesIntoTheHand(double share, int fewest, Duration within, double riseKg) implements Rule<List<Drive>> {

    /** @param t of {@link AidThresholds#SET} */
    public static DrivesIntoTheHand of(Thresholds t) {
        return new DrivesIntoTheHand(
                t.get("conflict.share"),
                t.whole("conflict.fewest"),
                Seconds.of(t.get("conflict.withinS")),
                t.get("conflict.riseKg"));
    }

    @Override
    public String id() {
        return "aids.drives-into-the-hand";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of(
                "share", share, "fewest", (double) fewest, "withinS", within.toMillis() / 1000.0, "riseKg", riseKg);
    }

    @Override
    public Judgement judge(List<Drive> drives) {
        List<Drive> timed = drives.stream().filter(d -> d.source().hasTiming()).toList();
        if (timed.size() < fewest) {
            return new Judgement.NotEnoughData(timed.size(), fewest);
        }
        List<String> conflicts =
                timed.stream().filter(this::isConflict).map(Drive::entry).toList();
        Proportion counted = new Proportion(conflicts.size(), timed.size());
        return Judgement.of(
                counted.successes() > share * counted.total() + 1e-9,
                new AidEvidence.OfShare(counted, Wilson.of(counted), conflicts));
    }

    /** By the order of the aids alone, without timing: of so many asks with a driving aid, those in which the hand took with it or after it. */
    public Judgement judgeOrder(Proportion intoTheHand) {
        return intoTheHand.total() < fewest
                ? new Judgement.NotEnoughData(intoTheHand.total(), fewest)
                : Judgement.of(
                        intoTheHand.successes() > share * intoTheHand.total() + 1e-9,
                        new AidEvidence.OfShare(intoTheHand, Wilson.of(intoTheHand), List.of()));
    }

    private boolean isConflict(Drive d) {
        boolean isRestrained = d.restrainedAfter()
                .filter(after -> after.compareTo(within) <= 0)
                .isPresent();
        boolean isRisen = d.riseKg().isPresent() && d.riseKg().getAsDouble() >= riseKg - 1e-9;
        return !d.isHalfHalt() && (isRestrained || isRisen);
    }
}
