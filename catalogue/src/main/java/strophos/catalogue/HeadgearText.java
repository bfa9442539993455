package strophos.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import strophos.core.tack.Curb;
import strophos.core.tack.Headgear;
import strophos.core.tack.HeadgearAction;
import strophos.core.tack.Pressure;

/**
 * A headgear in words.
 *
 * @param acts how it acts, in a sentence or two
 * @param caution empty where hands are all that is asked
 */
public record HeadgearText(Headgear headgear, String name, String acts, Optional<String> caution) {

    /** As it is written in the file. */
    record Written(
            String id,
            String name,
            String acts,
            List<Pressure> presses,
            Optional<List<Pressure>> mayPress,
            Optional<HeadgearAction> action,
            Optional<SizeCm> curbCm,
            Optional<Boolean> isForExperts,
            Optional<String> caution) {

        record SizeCm(double above, double below) {}

        HeadgearText text() {
            HeadgearAction acting = curbCm.isPresent() ? HeadgearAction.LEVER : action.orElse(HeadgearAction.DIRECT);
            Headgear headgear = new Headgear(
                    id,
                    Set.copyOf(presses),
                    Set.copyOf(mayPress.orElse(List.of())),
                    acting,
                    curbCm.map(cm -> new Curb(cm.above() / 100, cm.below() / 100)),
                    isForExperts.orElse(false));
            return new HeadgearText(headgear, name, acts, caution);
        }
    }
}
