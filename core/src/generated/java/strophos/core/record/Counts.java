package strophos.core.record;

import java.util.Optional;

/**
 * What kinds count for beside being kept and shown. Whoever reads a count says what each of its kinds is: when a kind joins,
 * whoever forgets it is not compiled. What the fold itself is made of stands in {@link FoldCases}.
 */
public final class Counts {

    private Counts() {}

    /** One case a kind that counts for as ask. */
    public interface AsAsk<R> {
        R choice(Payload.HorseChoice said);

        R line(Payload.Line said);

        R poles(Payload.Poles said);

        R position(Payload.Position said);

        R tally(Payload.Tally said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> asAsk(Payload said, AsAsk<R> cases) {
        if (said instanceof Payload.HorseChoice s) {
            return Optional.of(cases.choice(s));
        }
        if (said instanceof Payload.Line s) {
            return Optional.of(cases.line(s));
        }
        if (said instanceof Payload.Poles s) {
            return Optional.of(cases.poles(s));
        }
        if (said instanceof Payload.Position s) {
            return Optional.of(cases.position(s));
        }
        if (said instanceof Payload.Tally s) {
            return Optional.of(cases.tally(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for consistency. */
    public interface Consistency<R> {
        R correction(Payload.Correction said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> consistency(Payload said, Consistency<R> cases) {
        if (said instanceof Payload.Correction s) {
            return Optional.of(cases.correction(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for factor. */
    public interface Factor<R> {
        R contact(Payload.Contact said);

        R fault(Payload.Fault said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> factor(Payload said, Factor<R> cases) {
        if (said instanceof Payload.Contact s) {
            return Optional.of(cases.contact(s));
        }
        if (said instanceof Payload.Fault s) {
            return Optional.of(cases.fault(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for headgear. */
    public interface Headgear<R> {
        R headgear(Payload.HeadgearWorn said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> headgear(Payload said, Headgear<R> cases) {
        if (said instanceof Payload.HeadgearWorn s) {
            return Optional.of(cases.headgear(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for latch. */
    public interface Latch<R> {
        R latch(Payload.Latch said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> latch(Payload said, Latch<R> cases) {
        if (said instanceof Payload.Latch s) {
            return Optional.of(cases.latch(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for load. */
    public interface Load<R> {
        R effort(Payload.Effort said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> load(Payload said, Load<R> cases) {
        if (said instanceof Payload.Effort s) {
            return Optional.of(cases.effort(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for observed. */
    public interface Observed<R> {
        R choice(Payload.HorseChoice said);

        R fault(Payload.Fault said);

        R held(Payload.Hold said);

        R latch(Payload.Latch said);

        R sign(Payload.Sign said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> observed(Payload said, Observed<R> cases) {
        if (said instanceof Payload.HorseChoice s) {
            return Optional.of(cases.choice(s));
        }
        if (said instanceof Payload.Fault s) {
            return Optional.of(cases.fault(s));
        }
        if (said instanceof Payload.Hold s) {
            return Optional.of(cases.held(s));
        }
        if (said instanceof Payload.Latch s) {
            return Optional.of(cases.latch(s));
        }
        if (said instanceof Payload.Sign s) {
            return Optional.of(cases.sign(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for plait. */
    public interface Plait<R> {
        R choice(Payload.HorseChoice said);

        R contact(Payload.Contact said);

        R correction(Payload.Correction said);

        R fault(Payload.Fault said);

        R head(Payload.HeadHeight said);

        R held(Payload.Hold said);

        R help(Payload.Help said);

        R line(Payload.Line said);

        R poles(Payload.Poles said);

        R position(Payload.Position said);

        R praise(Payload.Praise said);

        R probe(Payload.Probe said);

        R release(Payload.Released said);

        R reward(Payload.Reward said);

        R sign(Payload.Sign said);

        R slip(Payload.Slip said);

        R stopSign(Payload.StopSignMark said);

        R tally(Payload.Tally said);

        R voice(Payload.Voice said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> plait(Payload said, Plait<R> cases) {
        if (said instanceof Payload.HorseChoice s) {
            return Optional.of(cases.choice(s));
        }
        if (said instanceof Payload.Contact s) {
            return Optional.of(cases.contact(s));
        }
        if (said instanceof Payload.Correction s) {
            return Optional.of(cases.correction(s));
        }
        if (said instanceof Payload.Fault s) {
            return Optional.of(cases.fault(s));
        }
        if (said instanceof Payload.HeadHeight s) {
            return Optional.of(cases.head(s));
        }
        if (said instanceof Payload.Hold s) {
            return Optional.of(cases.held(s));
        }
        if (said instanceof Payload.Help s) {
            return Optional.of(cases.help(s));
        }
        if (said instanceof Payload.Line s) {
            return Optional.of(cases.line(s));
        }
        if (said instanceof Payload.Poles s) {
            return Optional.of(cases.poles(s));
        }
        if (said instanceof Payload.Position s) {
            return Optional.of(cases.position(s));
        }
        if (said instanceof Payload.Praise s) {
            return Optional.of(cases.praise(s));
        }
        if (said instanceof Payload.Probe s) {
            return Optional.of(cases.probe(s));
        }
        if (said instanceof Payload.Released s) {
            return Optional.of(cases.release(s));
        }
        if (said instanceof Payload.Reward s) {
            return Optional.of(cases.reward(s));
        }
        if (said instanceof Payload.Sign s) {
            return Optional.of(cases.sign(s));
        }
        if (said instanceof Payload.Slip s) {
            return Optional.of(cases.slip(s));
        }
        if (said instanceof Payload.StopSignMark s) {
            return Optional.of(cases.stopSign(s));
        }
        if (said instanceof Payload.Tally s) {
            return Optional.of(cases.tally(s));
        }
        if (said instanceof Payload.Voice s) {
            return Optional.of(cases.voice(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for release. */
    public interface Release<R> {
        R release(Payload.Released said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> release(Payload said, Release<R> cases) {
        if (said instanceof Payload.Released s) {
            return Optional.of(cases.release(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for slip. */
    public interface Slip<R> {
        R slip(Payload.Slip said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> slip(Payload said, Slip<R> cases) {
        if (said instanceof Payload.Slip s) {
            return Optional.of(cases.slip(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for stop. */
    public interface Stop<R> {
        R firstLook(Payload.Look said);

        R sign(Payload.Sign said);

        R stopSign(Payload.StopSignMark said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> stop(Payload said, Stop<R> cases) {
        if (said instanceof Payload.Look s) {
            return Optional.of(cases.firstLook(s));
        }
        if (said instanceof Payload.Sign s) {
            return Optional.of(cases.sign(s));
        }
        if (said instanceof Payload.StopSignMark s) {
            return Optional.of(cases.stopSign(s));
        }
        return Optional.empty();
    }

    /** One case a kind that counts for watch. */
    public interface Watch<R> {
        R watch(Payload.Watch said);

        R watched(Payload.WatchTick said);
    }

    /** What it is, for one that counts; empty for another. */
    public static <R> Optional<R> watch(Payload said, Watch<R> cases) {
        if (said instanceof Payload.Watch s) {
            return Optional.of(cases.watch(s));
        }
        if (said instanceof Payload.WatchTick s) {
            return Optional.of(cases.watched(s));
        }
        return Optional.empty();
    }
}
