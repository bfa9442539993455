package strophos.catalogue;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Place;
import strophos.core.plan.FigureKind;

/**
 * What an exercise is set up with where nobody says otherwise, and what its place asks for, whoever made it.
 *
 * @param people at least
 * @param isFence it is jumped
 */
record AtPlace(
        Place place, FigureKind figure, PadKind pad, Exercise.People people, boolean isFence, List<String> cautions) {

    private static final Map<Place, AtPlace> ALL =
            StrandFile.places("places.yaml", CatalogueReader.text("places.yaml")).stream()
                    .collect(Collectors.toMap(AtPlace::place, Function.identity()));

    AtPlace {
        cautions = List.copyOf(cautions);
    }

    /** A place nobody listed asks for what the track does. */
    static AtPlace of(Place place) {
        return ALL.getOrDefault(place, ALL.get(Place.RAIL));
    }

    Exercise.Ground ground() {
        return new Exercise.Ground(figure, OptionalInt.empty(), "");
    }
}
