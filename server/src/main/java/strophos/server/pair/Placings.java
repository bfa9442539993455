package strophos.server.pair;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.stair.PlacingRepository;
import strophos.server.state.PairStates;

/** Places a pair on its stair by the coach's word. */
@Service
@Transactional
public class Placings {

    private final PlacingRepository placings;
    private final PairStates states;
    private final Teller news;
    private final Catalogue catalogue;
    private final Supplier<UUID> ids;

    Placings(PlacingRepository placings, PairStates states, Teller news, Catalogue catalogue, Supplier<UUID> ids) {
        this.placings = placings;
        this.states = states;
        this.news = news;
        this.catalogue = catalogue;
        this.ids = ids;
    }

    /**
     * Keeps the coach's word; a repeated id changes nothing. Who can do a rung can do all that it needs: what of that is neither passed nor
     * placed is placed with it.
     */
    public void place(Pair pair, NewPlacing wanted, Instant at) {
        if (placings.has(wanted.id())) {
            return;
        }
        Rung rung = catalogue.rung(wanted.rung()).orElseThrow(() -> refused("unknown_id", "a rung of the catalogue"));
        if (wanted.known()) {
            PairState now = states.now(pair.id());
            for (RungId under : catalogue.under(rung.id(), pair.teaching())) {
                if (!now.stair().isOpening(under)) {
                    placings.add(ids.get(), pair.id(), under.toString(), true, at);
                }
            }
        }
        placings.add(wanted.id(), pair.id(), rung.id().toString(), wanted.known(), at);
        states.forget(pair.id(), at);
        news.changedPair(pair.id());
    }

    private static RuntimeException refused(String code, String expected) {
        return Problem.refused(List.of(new Issue(code, "rung", expected)));
    }
}
