package strophos.server.library;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Library;
import strophos.catalogue.OwnExercise;
import strophos.catalogue.OwnProgression;
import strophos.catalogue.OwnWork;
import strophos.catalogue.Strand;
import strophos.core.school.Teaching;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.server.access.OncePerTransaction;
import strophos.server.access.YardScope;
import strophos.server.rules.YardSettings;

/** What the viewer's yard can teach: all that ships, and what the yard made itself. Before sign-in: what ships. */
@Component
@Primary
class YardCatalogue implements Catalogue {

    private static final Logger LOG = LoggerFactory.getLogger(YardCatalogue.class);

    /** So many yards' libraries are held ready; the one not asked for longest goes first. */
    private static final int HELD = 300;

    private final Library shipped;
    private final YardSettings settings;
    private final OwnRepository own;
    /** Asked for at every rung of every pair: no two threads wait for each other here. */
    private final OncePerTransaction<Optional<Stamped>> now = new OncePerTransaction<>(this::find);

    /** A yard's library as it was when the yard bore this stamp. */
    private record Stamped(UUID stamp, OwnWork work, Library library, Map<String, Aside> asides) {}

    private final Map<UUID, Stamped> held = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Stamped> eldest) {
            return size() > HELD;
        }
    });

    YardCatalogue(Library shipped, YardSettings settings, OwnRepository own) {
        this.shipped = shipped;
        this.settings = settings;
        this.own = own;
    }

    /** What ships, alone. */
    Library shipped() {
        return shipped;
    }

    /** What the viewer's yard made itself. */
    OwnWork work() {
        return stamped().map(Stamped::work).orElse(OwnWork.NONE);
    }

    /** Whether the yard made this exercise. */
    boolean isOwn(String exercise) {
        return work().find(exercise).isPresent();
    }

    /** What it shows beside its exercises, by their ids. */
    Map<String, Aside> asides() {
        return stamped().map(Stamped::asides).orElse(Map.of());
    }

    private Library library() {
        return stamped().map(Stamped::library).orElse(shipped);
    }

    /** Something of the yard's own was changed in this transaction. */
    void forget() {
        settings.forget();
        now.forget();
    }

    /** Empty where nothing of one's own is there, or before sign-in. */
    private Optional<Stamped> stamped() {
        return YardScope.find().isEmpty() ? Optional.empty() : now.get();
    }

    private Optional<Stamped> find() {
        return settings.library().map(stamp -> {
            UUID yard = YardScope.viewer().yard();
            Stamped known = held.get(yard);
            if (known == null || !known.stamp().equals(stamp.stamp())) {
                OwnWork work = read(stamp.rejudged());
                known = new Stamped(stamp.stamp(), work, joined(work), readAsides());
                held.put(yard, known);
            }
            return known;
        });
    }

    private OwnWork read(int rejudged) {
        return new OwnWork(
                own.all(OwnItem.Kind.EXERCISE, OwnForm.class).stream()
                        .map(i -> i.body().exercise(i.id(), i.isPutAway()))
                        .toList(),
                own.all(OwnItem.Kind.PROGRESSION, ProgressionForm.class).stream()
                        .map(i -> i.body().progression(i.id(), i.isPutAway()))
                        .toList(),
                rejudged);
    }

    private Map<String, Aside> readAsides() {
        return own.all(OwnItem.Kind.ASIDE, Aside.class).stream()
                .filter(i -> !i.isPutAway())
                .collect(Collectors.toMap(OwnItem::id, OwnItem::body));
    }

    /** What was right when it was made, and no longer fits what ships now, is left out alone. */
    private Library joined(OwnWork work) {
        try {
            return shipped.with(work);
        } catch (IllegalArgumentException unfit) {
            LOG.warn("Some of a yard's own work does not fit the library any more: {}", unfit.getMessage());
        }
        List<OwnExercise> fit = new ArrayList<>();
        List<OwnProgression> order = new ArrayList<>();
        Library library = shipped;
        for (OwnExercise e : work.exercises()) {
            fit.add(e);
            Optional<Library> with = tried(new OwnWork(fit, order, work.rejudged()));
            if (with.isEmpty()) {
                fit.remove(e);
            }
            library = with.orElse(library);
        }
        for (OwnProgression p : work.progressions()) {
            order.add(p);
            Optional<Library> with = tried(new OwnWork(fit, order, work.rejudged()));
            if (with.isEmpty()) {
                order.remove(p);
            }
            library = with.orElse(library);
        }
        return library;
    }

    private Optional<Library> tried(OwnWork work) {
        try {
            return Optional.of(shipped.with(work));
        } catch (IllegalArgumentException unfit) {
            return Optional.empty();
        }
    }

    @Override
    public List<Strand> strands() {
        return library().strands();
    }

    @Override
    public Map<String, String> strandNames() {
        return library().strandNames();
    }

    @Override
    public Optional<Exercise> exercise(String id) {
        return library().exercise(id);
    }

    @Override
    public Optional<Strand> strandOf(RungId id) {
        return library().strandOf(id);
    }

    @Override
    public Optional<Rung> rung(RungId id) {
        return library().rung(id);
    }

    @Override
    public Optional<Rung> rung(String id) {
        return library().rung(id);
    }

    @Override
    public Progression progression(Strand strand, Teaching teaching) {
        return library().progression(strand, teaching);
    }

    @Override
    public boolean isTaught(RungId rung, Teaching teaching) {
        return library().isTaught(rung, teaching);
    }

    @Override
    public Optional<RungId> standIn(RungId rung, Teaching teaching) {
        return library().standIn(rung, teaching);
    }

    @Override
    public List<RungId> under(RungId id, Teaching teaching) {
        return library().under(id, teaching);
    }

    @Override
    public String judgement() {
        return library().judgement();
    }
}
