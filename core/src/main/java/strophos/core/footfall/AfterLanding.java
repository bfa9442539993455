package strophos.core.footfall;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Landing;

/**
 * Where in the stride a moment lies: so far after the hind foot that landed last.
 *
 * @param foot a hind foot
 * @param share of the stride since it landed, in [0, 1]
 */
public record AfterLanding(Foot foot, double share) {

    /** @return empty where no hind foot was marked in the stride before that moment, or no stride is known */
    public static Optional<AfterLanding> of(List<Landing> landings, double frameMs, int ms) {
        return Footfalls.of(landings, frameMs)
                .map(f -> f.strideS() * 1000)
                .flatMap(strideMs -> landings.stream()
                        .filter(l -> l.foot() == Foot.LEFT_HIND || l.foot() == Foot.RIGHT_HIND)
                        .filter(l -> l.ms() <= ms && ms <= l.ms() + strideMs)
                        .max(Comparator.comparingInt(Landing::ms))
                        .map(l -> new AfterLanding(l.foot(), (ms - l.ms()) / strideMs)));
    }
}
