package strophos.server.library;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Finding;
import strophos.catalogue.OwnCheck;
import strophos.catalogue.OwnExercise;
import strophos.catalogue.OwnProgression;
import strophos.catalogue.OwnWork;
import strophos.core.stair.RungId;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.rules.YardSettings;

/** Keeps what coaches make: checked as what ships is, and version by version. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class OwnWorks {

    /** So many exercises of its own a yard may have, put away or not. */
    static final int MOST_EXERCISES = 300;

    static final int MOST_PROGRESSIONS = 60;

    private final OwnRepository own;
    private final YardCatalogue catalogue;
    private final YardSettings settings;
    private final OwnCheck check;

    OwnWorks(OwnRepository own, YardCatalogue catalogue, YardSettings settings) {
        this.own = own;
        this.catalogue = catalogue;
        this.settings = settings;
        this.check = new OwnCheck(catalogue.shipped());
    }

    /** What the yard made, while nobody else changes it. */
    Change change(Instant at) {
        settings.lock();
        catalogue.forget();
        return new Change(at);
    }

    /** Shows this beside an exercise in place of what was shown before. */
    void show(String exercise, int version, Aside aside, Instant at) {
        settings.lock();
        Optional<OwnItem<Aside>> before = own.find(OwnItem.Kind.ASIDE, exercise, Aside.class);
        if (isThere(before, aside, aside.isEmpty())) {
            return;
        }
        refuseUnlessLast(before, version);
        own.add(OwnItem.Kind.ASIDE, exercise, version + 1, aside, aside.isEmpty(), at);
        own.stamp(false);
        catalogue.forget();
    }

    /** One or more things made or changed together. */
    final class Change {

        private final Instant at;
        private final Map<String, OwnItem<OwnForm>> exercises;
        private final Map<String, OwnItem<ProgressionForm>> progressions;
        private OwnWork work = catalogue.work();
        private boolean isAny;
        private boolean isRejudged;

        private Change(Instant at) {
            this.at = at;
            exercises = byId(own.all(OwnItem.Kind.EXERCISE, OwnForm.class));
            progressions = byId(own.all(OwnItem.Kind.PROGRESSION, ProgressionForm.class));
        }

        private static <T> Map<String, OwnItem<T>> byId(List<OwnItem<T>> all) {
            return all.stream().collect(Collectors.toMap(OwnItem::id, Function.identity()));
        }

        Optional<OwnItem<OwnForm>> exercise(String id) {
            return Optional.ofNullable(exercises.get(id));
        }

        Optional<OwnItem<ProgressionForm>> progression(String id) {
            return Optional.ofNullable(progressions.get(id));
        }

        /** What is wrong with an exercise so filled in; where nothing is, what comes after it may name it. */
        List<Issue> tried(String id, OwnForm form, boolean isPutAway) {
            Optional<OwnExercise> read = read(id, form, isPutAway);
            if (read.isEmpty()) {
                return List.of(new Issue("unknown_id", "needs", "rungs written exercise.gait.place"));
            }
            List<Issue> issues = issues(check.of(read.get(), work));
            if (issues.isEmpty()) {
                become(work.with(read.get()));
            }
            return issues;
        }

        /** The same of a progression. */
        List<Issue> tried(String id, ProgressionForm form, boolean isPutAway) {
            OwnProgression read = form.progression(id, isPutAway);
            List<Issue> issues = issues(check.of(read, work));
            if (issues.isEmpty()) {
                become(work.with(read));
            }
            return issues;
        }

        private void become(OwnWork then) {
            Map<RungId, Optional<RungId>> ways = then.waysBack(catalogue.shipped());
            isRejudged |= work.waysBack(catalogue.shipped()).entrySet().stream()
                    .anyMatch(w -> !w.getValue().equals(ways.get(w.getKey())));
            work = then;
        }

        /**
         * Keeps an exercise, or its next version; one that is there already stays as it is.
         *
         * @param version the one that was changed; 0 for a new one
         */
        void keep(String id, int version, OwnForm form, boolean isPutAway) {
            Optional<OwnItem<OwnForm>> before = exercise(id);
            if (!isThere(before, form, isPutAway)) {
                refuseUnlessLast(before, version);
                refuseIfFull(before, work.exercises().size(), MOST_EXERCISES);
                refuse(tried(id, form, isPutAway));
                add(OwnItem.Kind.EXERCISE, id, version, form, isPutAway);
            }
        }

        /** The same of a progression. */
        void keep(String id, int version, ProgressionForm form, boolean isPutAway) {
            Optional<OwnItem<ProgressionForm>> before = progression(id);
            if (!isThere(before, form, isPutAway)) {
                refuseUnlessLast(before, version);
                refuseIfFull(before, work.progressions().size(), MOST_PROGRESSIONS);
                refuse(tried(id, form, isPutAway));
                add(OwnItem.Kind.PROGRESSION, id, version, form, isPutAway);
            }
        }

        private void add(OwnItem.Kind kind, String id, int version, Object form, boolean isPutAway) {
            own.add(kind, id, version + 1, form, isPutAway, at);
            isAny = true;
        }

        /** From here on the yard's catalogue has it. */
        void end() {
            if (isAny) {
                own.stamp(isRejudged);
                catalogue.forget();
            }
        }
    }

    private static Optional<OwnExercise> read(String id, OwnForm form, boolean isPutAway) {
        try {
            return Optional.of(form.exercise(id, isPutAway));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static List<Issue> issues(List<Finding> findings) {
        return findings.stream()
                .map(f -> new Issue(f.code(), f.path(), f.expected()))
                .toList();
    }

    private static void refuse(List<Issue> issues) {
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
    }

    private static <T> boolean isThere(Optional<OwnItem<T>> before, T form, boolean isPutAway) {
        return before.filter(b -> b.body().equals(form) && b.isPutAway() == isPutAway)
                .isPresent();
    }

    private static <T> void refuseUnlessLast(Optional<OwnItem<T>> before, int version) {
        if (before.map(OwnItem::version).orElse(0) != version) {
            throw Problem.changedMeanwhile();
        }
    }

    private static <T> void refuseIfFull(Optional<OwnItem<T>> before, int there, int most) {
        if (before.isEmpty() && there >= most) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many_own",
                    "Your yard has %d of its own; change one of them instead.".formatted(most));
        }
    }
}
