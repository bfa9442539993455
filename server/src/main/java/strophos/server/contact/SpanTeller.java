package strophos.server.contact;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import strophos.core.aid.Drive;
import strophos.core.aid.DrivesIntoTheHand;
import strophos.core.aid.TimeSource;
import strophos.core.contact.AskMeasured;
import strophos.core.contact.BlockMeans;
import strophos.core.contact.CueAnswer;
import strophos.core.contact.GaitOfBeat;
import strophos.core.contact.GettingHeavy;
import strophos.core.contact.GiveAndSee;
import strophos.core.contact.LettersPassed;
import strophos.core.contact.ReinLevel;
import strophos.core.contact.Rhythm;
import strophos.core.contact.RiddenStretch;
import strophos.core.contact.SignalFault;
import strophos.core.contact.StretchContact;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.record.Ride;
import strophos.core.stats.Mean;
import strophos.server.contract.CanBeNull;
import strophos.server.cue.CueForRide;

/** Says in the wire's words what core read from a series. */
final class SpanTeller {

    /** More of them are not named. */
    private static final int MOST_GIVEN = 3;

    private static final int MOST_SOFT = 8;

    private SpanTeller() {}

    /**
     * What is known beside the reins: how tall the horse is, how fast it goes, and which letters it passes from where it began; each empty
     * where it is not.
     */
    record Way(
            OptionalDouble heightM, OptionalDouble speedMs, Optional<LettersPassed> letters, Optional<String> begunAt) {

        @CanBeNull
        Double metres(GettingHeavy heavy) {
            return orNull(StretchContact.metres(heavy, speedMs));
        }

        @CanBeNull
        String letter(GettingHeavy heavy) {
            OptionalDouble metres = StretchContact.metres(heavy, speedMs);
            return metres.isEmpty() || letters.isEmpty() || begunAt.isEmpty()
                    ? null
                    : letters.get()
                            .lastBefore(begunAt.get(), metres.getAsDouble())
                            .orElse(null);
        }
    }

    static ContactView.SpanView span(RiddenStretch stretch, String exercise, Way way) {
        Ride.Segment segment = stretch.segment();
        StretchContact of = stretch.contact();
        return new ContactView.SpanView(
                UUID.fromString(segment.id()),
                exercise,
                segment.gait(),
                segment.place(),
                segment.rein(),
                stretch.fromS(),
                stretch.toS(),
                of.reins()
                        .left()
                        .map(r -> rein(r, of.leftBlocks(), of.leftHeavy(), way))
                        .orElse(null),
                of.reins()
                        .right()
                        .map(r -> rein(r, of.rightBlocks(), of.rightHeavy(), way))
                        .orElse(null),
                orNull(of.reins().asymmetry()),
                of.reins().heavier().orElse(null),
                orNull(of.reins().heavierBy()),
                beat(of.rhythm(), GaitOfBeat.insteadOf(segment.gait(), of.rhythm(), way.heightM())),
                GiveAndSee.of(stretch.part()).stream()
                        .sorted(Comparator.comparingDouble(GiveAndSee::slackS).reversed())
                        .limit(MOST_GIVEN)
                        .map(g -> new ContactView.GivenView(
                                g.fromS(),
                                g.slackS(),
                                orNull(g.tempoChange()),
                                g.isKept().orElse(null)))
                        .toList(),
                of.inBand()
                        .map(b -> new ContactView.BandTimeView(b.insideS(), b.measuredS()))
                        .orElse(null),
                of.softAgain().stream()
                        .limit(MOST_SOFT)
                        .map(s -> new ContactView.SoftAgainView(s.fromS(), orNull(s.afterS())))
                        .toList());
    }

    private static ContactView.ReinView rein(ReinLevel r, double[] blocks, Optional<GettingHeavy> heavy, Way way) {
        Optional<Mean> mean = BlockMeans.mean(blocks);
        return new ContactView.ReinView(
                r.levelKg(),
                r.highKg(),
                mean.map(m -> m.interval().low()).orElse(null),
                mean.map(m -> m.interval().high()).orElse(null),
                r.medianKg(),
                r.slackShare(),
                orNull(r.inBandShare()),
                orNull(r.overAMinute()),
                heavy.map(h -> new ContactView.HeavyView(
                                h.kgASecond(),
                                h.slope().low(),
                                h.slope().high(),
                                h.isGrowing(),
                                orNull(h.overFromS()),
                                way.metres(h),
                                way.letter(h)))
                        .orElse(null));
    }

    @CanBeNull
    static ContactView.MostlyView mostly(List<RiddenStretch> stretches) {
        OptionalDouble left = BlockMeans.mostly(blocks(stretches, StretchContact::leftBlocks));
        OptionalDouble right = BlockMeans.mostly(blocks(stretches, StretchContact::rightBlocks));
        return left.isEmpty() || right.isEmpty()
                ? null
                : new ContactView.MostlyView(left.getAsDouble(), right.getAsDouble());
    }

    private static double[] blocks(List<RiddenStretch> stretches, Function<StretchContact, double[]> rein) {
        return stretches.stream()
                .map(RiddenStretch::contact)
                .map(rein)
                .flatMapToDouble(Arrays::stream)
                .toArray();
    }

    /** What the hand did while something was asked; null where no ask was measured. */
    @CanBeNull
    static ContactView.AsksView asks(List<AskMeasured> asks, DrivesIntoTheHand rule) {
        if (asks.isEmpty()) {
            return null;
        }
        List<Drive> drives = asks.stream()
                .filter(AskMeasured::isDriving)
                .map(a -> new Drive(
                        a.exchange(), TimeSource.SENSOR, Optional.empty(), OptionalDouble.of(a.riseKg()), false))
                .toList();
        Judgement judged = rule.judge(drives);
        List<Double> moments = asks.stream()
                .filter(a -> a.isDriving() && a.riseKg() >= rule.riseKg())
                .map(AskMeasured::atS)
                .toList();
        return new ContactView.AsksView(
                drives.size(),
                moments.size(),
                judged instanceof Judgement.NotEnoughData ? null : judged.isMet(),
                rule.fewest(),
                rule.riseKg(),
                moments,
                (int) asks.stream().flatMap(a -> a.isHeldOn().stream()).count(),
                asks.stream()
                        .filter(a -> a.isHeldOn().orElse(false))
                        .map(AskMeasured::atS)
                        .toList(),
                asks.stream()
                        .map(AskMeasured::gait)
                        .distinct()
                        .sorted(Comparator.comparing(Gait::word))
                        .flatMap(gait -> AskMeasured.medianKg(asks, gait).stream()
                                .mapToObj(kg -> new ContactView.SizeView(
                                        gait,
                                        (int) asks.stream()
                                                .filter(a -> a.gait().equals(gait))
                                                .count(),
                                        kg)))
                        .toList());
    }

    static List<ContactView.CueView> cues(List<CueAnswer> cues, Map<UUID, CueForRide> book) {
        return cues.stream()
                .map(c -> {
                    CueForRide of = book.get(UUID.fromString(c.cue()));
                    Optional<Mean> mean = c.mean();
                    return new ContactView.CueView(
                            of.id(),
                            of.signal(),
                            of.meaning(),
                            c.changes().size(),
                            CueAnswer.LEAST_ASKS,
                            mean.map(Mean::value).orElse(null),
                            mean.map(m -> m.interval().low()).orElse(null),
                            mean.map(m -> m.interval().high()).orElse(null));
                })
                .toList();
    }

    /** Each two of them. */
    static List<ContactView.CuesBesideView> cuesBeside(List<CueAnswer> cues) {
        return IntStream.range(0, cues.size())
                .boxed()
                .flatMap(i ->
                        cues.subList(i + 1, cues.size()).stream().flatMap(other -> cues.get(i).beside(other).stream()))
                .map(b -> new ContactView.CuesBesideView(
                        UUID.fromString(b.first()),
                        UUID.fromString(b.second()),
                        b.by(),
                        b.interval().low(),
                        b.interval().high(),
                        b.verdict()))
                .toList();
    }

    private static ContactView.BeatView beat(Rhythm rhythm, List<Gait> insteadOfTouched) {
        if (rhythm instanceof Rhythm.Regular r) {
            return new ContactView.BeatView(
                    ContactView.BeatView.Kind.REGULAR, r.peaksAMinute(), r.unevenness(), insteadOfTouched);
        }
        ContactView.BeatView.Kind kind = rhythm instanceof Rhythm.RateTooLow
                ? ContactView.BeatView.Kind.RATE_TOO_LOW
                : rhythm instanceof Rhythm.TooShort
                        ? ContactView.BeatView.Kind.TOO_SHORT
                        : ContactView.BeatView.Kind.NOT_REGULAR;
        return new ContactView.BeatView(kind, null, null, insteadOfTouched);
    }

    static ContactView.FaultView fault(SignalFault fault) {
        if (fault instanceof SignalFault.Gaps f) {
            return new ContactView.FaultView(ContactView.FaultView.Kind.GAPS, f.side(), f.longestS(), f.share());
        }
        if (fault instanceof SignalFault.Ceiling f) {
            return new ContactView.FaultView(ContactView.FaultView.Kind.CEILING, f.side(), f.atKg(), f.share());
        }
        if (fault instanceof SignalFault.Drift f) {
            return new ContactView.FaultView(ContactView.FaultView.Kind.DRIFT, f.side(), f.kgAMinute(), 0);
        }
        if (fault instanceof SignalFault.BelowZero f) {
            return new ContactView.FaultView(ContactView.FaultView.Kind.BELOW_ZERO, f.side(), f.lowestKg(), 0);
        }
        if (fault instanceof SignalFault.Jitter f) {
            return new ContactView.FaultView(ContactView.FaultView.Kind.JITTER, Side.NONE, f.ms(), 0);
        }
        return new ContactView.FaultView(ContactView.FaultView.Kind.SILENT, ((SignalFault.Silent) fault).side(), 0, 0);
    }

    @CanBeNull
    private static Double orNull(OptionalDouble of) {
        return of.isPresent() ? of.getAsDouble() : null;
    }
}
