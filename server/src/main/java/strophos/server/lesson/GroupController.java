package strophos.server.lesson;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.group.GroupLesson;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;

/** Lessons that are ridden together. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class GroupController {

    private final GroupRepository groups;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final YardSettings settings;
    private final Teller news;
    private final Clock clock;

    GroupController(
            GroupRepository groups,
            LessonRepository lessons,
            PairRepository pairs,
            YardSettings settings,
            Teller news,
            Clock clock) {
        this.groups = groups;
        this.lessons = lessons;
        this.pairs = pairs;
        this.settings = settings;
        this.news = news;
        this.clock = clock;
    }

    /** One pair's own lesson in the group; the id is made by the caller. */
    record NewMember(@NotNull UUID lesson, @NotNull UUID pair) {}

    /** Lessons to be held together; the ids are made by the caller. Without a time they are held now. */
    record NewGroup(
            @NotNull UUID id,
            @CanBeNull Instant plannedAt,
            @NotNull @Min(5) @Max(180) Integer minutes,
            @NotNull @Size(min = 2, max = GroupLesson.MOST) List<@NotNull @Valid NewMember> members) {}

    /** @param group made by the caller where it is a new one; null: the lesson is held alone from now on */
    record WantedGroup(@CanBeNull UUID group) {}

    /** Adds them all or none; asking again with the same ids changes nothing. */
    @PostMapping("/groups")
    @Needs(Action.ADD_LESSON)
    @ResponseStatus(HttpStatus.CREATED)
    void add(@Valid @RequestBody NewGroup wanted) {
        List<Issue> unknown = new ArrayList<>();
        Set<UUID> ids = new HashSet<>();
        for (int at = 0; at < wanted.members().size(); at++) {
            NewMember member = wanted.members().get(at);
            if (pairs.find(member.pair()).isEmpty()) {
                unknown.add(new Issue("unknown_id", "members[%d].pair".formatted(at), "a pair of this yard"));
            }
            if (!ids.add(member.lesson())) {
                unknown.add(new Issue("twice", "members[%d].lesson".formatted(at), "an id of its own"));
            }
        }
        if (!unknown.isEmpty()) {
            throw Problem.refused(unknown);
        }
        settings.lock();
        Instant now = clock.instant();
        Instant at = PlannedAt.of(wanted.plannedAt(), now);
        wanted.members().stream()
                .filter(m -> lessons.find(m.lesson()).isEmpty())
                .forEach(m -> lessons.add(m.lesson(), m.pair(), at, wanted.minutes(), now));
        groups.put(ids, wanted.id());
        refuseClashes(wanted.id(), "members");
        wanted.members().forEach(m -> news.changedLesson(m.lesson(), m.pair()));
    }

    /** A pair joins a group of its day, or leaves it. What was ridden stays with its lesson. */
    @PutMapping("/lessons/{id}/group")
    @Needs(Action.ADD_LESSON)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void join(@PathVariable UUID id, @Valid @RequestBody WantedGroup wanted) {
        Lesson lesson = lessons.find(id).orElseThrow(Problem::notFound);
        settings.lock();
        Set<UUID> touched =
                new HashSet<>(others(Optional.ofNullable(lesson.group()).map(Group::id)));
        groups.put(List.of(id), wanted.group());
        if (wanted.group() != null) {
            refuseClashes(wanted.group(), "group");
        }
        touched.addAll(others(Optional.ofNullable(wanted.group())));
        touched.add(id);
        lessons.all(touched).forEach(l -> news.changedLesson(l.id(), l.pair()));
    }

    private List<UUID> others(Optional<UUID> group) {
        return group.map(g ->
                        groups.of(g).stream().map(GroupLesson.Member::lesson).toList())
                .orElse(List.of());
    }

    private void refuseClashes(UUID group, String path) {
        List<Issue> issues = GroupLesson.findings(groups.of(group)).stream()
                .map(f -> issue(f.clash(), path))
                .distinct()
                .toList();
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
    }

    private static Issue issue(GroupLesson.Clash clash, String path) {
        return switch (clash) {
            case TOO_MANY -> new Issue("too_many_in_group", path, "at most %d pairs".formatted(GroupLesson.MOST));
            case RIDER_TWICE -> new Issue("rider_twice", path, "each rider once");
            case HORSE_TWICE -> new Issue("horse_twice", path, "each horse once");
            case OTHER_DAY -> new Issue("other_day", path, "lessons of one day");
        };
    }
}
