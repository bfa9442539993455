package strophos.core.change;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Better;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Ask;
import strophos.core.progress.RungFacts;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/**
 * What changed on one side of a rung: within its last lesson, against the lessons before, and over all that are kept.
 *
 * @param thirds empty where too few were asked one by one
 * @param before empty where too few were asked, today or before
 * @param slope empty where too few lessons are there
 */
public record RungChange(
        Side side,
        Change within,
        Optional<ChangeEvidence.OfThirds> thirds,
        Change sinceBefore,
        Optional<Beside> before,
        Change overLessons,
        Optional<ChangeEvidence.OfSlope> slope) {

    /** So many lessons before are laid beside the last one (rules 7 and the debrief: the last three). */
    public static final int LESSONS_BEFORE = 3;

    /** Of asks on either hand. */
    private static final int FEWEST = 4;

    /**
     * The last lesson beside those before it.
     *
     * @param lessons before it
     * @param gain now less before, with its 95 % interval
     */
    public record Beside(Proportion now, Proportion before, int lessons, Newcombe.Difference gain) {}

    /**
     * Of each side that was asked in the last lesson, left first.
     *
     * @param facts of a rung; its last lesson is the one looked at
     */
    public static List<RungChange> of(RungFacts facts, Thirds thirds, Plateau plateau) {
        return facts.lastLesson().stream()
                .map(Ask::side)
                .distinct()
                .sorted()
                .map(side -> of(side, facts, thirds, plateau))
                .toList();
    }

    /** How it got better, the lesson against those before it first; empty where nothing shows that it did. */
    public Optional<Better> better() {
        if (sinceBefore == Change.BETTER) {
            return Optional.of(Better.SINCE);
        }
        if (within == Change.BETTER) {
            return Optional.of(Better.WITHIN);
        }
        return overLessons == Change.BETTER ? Optional.of(Better.OVER) : Optional.empty();
    }

    private static RungChange of(Side side, RungFacts facts, Thirds thirds, Plateau plateau) {
        List<OnSide> lessons = facts.lessons().stream()
                .map(l -> new OnSide(
                        l.lesson(),
                        l.asks().stream().filter(a -> a.side() == side).toList()))
                .filter(l -> !l.asks().isEmpty())
                .toList();
        int last = lessons.size() - 1;
        // a tally has no order
        Judgement within = thirds.judge(
                lessons.get(last).asks().stream().filter(a -> !a.isTallied()).toList());
        Optional<ChangeEvidence.OfThirds> seen = evidence(within, ChangeEvidence.OfThirds.class);
        Optional<Beside> before =
                beside(lessons.get(last).yes(), lessons.subList(Math.max(0, last - LESSONS_BEFORE), last));
        Judgement over = plateau.judge(
                lessons.stream().map(l -> new Rate(l.lesson(), l.yes())).toList());
        Optional<ChangeEvidence.OfSlope> slope = evidence(over, ChangeEvidence.OfSlope.class);
        return new RungChange(
                side,
                seen.map(s -> within.isMet() ? moved(s.gain().estimate()) : Change.NOT_SHOWN)
                        .orElse(Change.TOO_FEW),
                seen,
                before.map(b -> Change.of(b.gain())).orElse(Change.TOO_FEW),
                before,
                over(over, slope),
                slope);
    }

    private static Change over(Judgement over, Optional<ChangeEvidence.OfSlope> slope) {
        if (over.isMet()) {
            return Change.STANDS_STILL;
        }
        return over instanceof Judgement.Broken
                ? slope.map(s -> moved(s.points())).orElse(Change.TOO_FEW)
                : Change.TOO_FEW;
    }

    private static Change moved(double by) {
        return by > 0 ? Change.BETTER : Change.WORSE;
    }

    private static Optional<Beside> beside(Proportion now, List<OnSide> lessons) {
        Proportion before = yes(lessons.stream().flatMap(l -> l.asks().stream()).toList());
        return now.total() < FEWEST || before.total() < FEWEST
                ? Optional.empty()
                : Optional.of(new Beside(now, before, lessons.size(), Newcombe.of(now, before)));
    }

    /** What was asked on one side in a lesson. */
    private record OnSide(String lesson, List<Ask> asks) {

        Proportion yes() {
            return RungChange.yes(asks);
        }
    }

    private static Proportion yes(List<Ask> asks) {
        return new Proportion(
                (int) asks.stream().filter(a -> a.response() == Response.YES).count(), asks.size());
    }

    private static <E extends ChangeEvidence> Optional<E> evidence(Judgement of, Class<E> kind) {
        return of.evidence().stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }
}
