package strophos.catalogue;

import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.tack.TackKind;
import strophos.core.welfare.PainChecklist;

/** The words of tack and headgear, and the list of behaviours that is counted. */
public final class TackRoom {

    private final Map<String, HeadgearText> headgears = new LinkedHashMap<>();
    private final Map<TackKind, TackText> kinds = new EnumMap<>(TackKind.class);
    private final List<PainBehaviour> behaviours;

    /**
     * Of these texts.
     *
     * @throws IllegalArgumentException when an id stands twice, a kind is missing, or the list is not as long as the published one
     */
    TackRoom(List<HeadgearText> headgears, List<TackText> kinds, List<PainBehaviour> behaviours) {
        for (HeadgearText h : headgears) {
            if (this.headgears.put(h.headgear().id(), h) != null) {
                throw new IllegalArgumentException(
                        "The headgear %s stands twice.".formatted(h.headgear().id()));
            }
        }
        kinds.forEach(k -> this.kinds.put(k.kind(), k));
        for (TackKind kind : TackKind.values()) {
            if (!this.kinds.containsKey(kind)) {
                throw new IllegalArgumentException("The tack %s is missing.".formatted(kind));
            }
        }
        long different = behaviours.stream().map(PainBehaviour::id).distinct().count();
        if (behaviours.size() != PainChecklist.BEHAVIOURS || different != behaviours.size()) {
            throw new IllegalArgumentException("The list has %d behaviours, %d of them different; it needs %d."
                    .formatted(behaviours.size(), different, PainChecklist.BEHAVIOURS));
        }
        this.behaviours = List.copyOf(behaviours);
    }

    /** That which ships with the product. */
    public static TackRoom shipped() {
        return new TackRoom(
                StrandFile.headgears("headgear.yaml", CatalogueReader.text("headgear.yaml")),
                StrandFile.tack("tack.yaml", CatalogueReader.text("tack.yaml")),
                StrandFile.behaviours("pain-checklist.yaml", CatalogueReader.text("pain-checklist.yaml")));
    }

    public Optional<HeadgearText> headgear(String id) {
        return Optional.ofNullable(headgears.get(id));
    }

    public Collection<HeadgearText> headgears() {
        return List.copyOf(headgears.values());
    }

    public TackText of(TackKind kind) {
        return kinds.get(kind);
    }

    /** In the order in which the eye goes over the horse. */
    public List<PainBehaviour> behaviours() {
        return behaviours;
    }
}
