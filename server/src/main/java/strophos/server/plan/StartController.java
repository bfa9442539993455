package strophos.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** What a plan can be begun from: the last one of the pair, or one kept under a name. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class StartController {

    private final StartRepository starts;
    private final LessonRepository lessons;
    private final PlanTeller teller;
    private final Catalogue catalogue;
    private final Clock clock;

    StartController(
            StartRepository starts, LessonRepository lessons, PlanTeller teller, Catalogue catalogue, Clock clock) {
        this.starts = starts;
        this.lessons = lessons;
        this.teller = teller;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** A plan to begin from, in short and as it is kept; what is not in the library any more is left out of both. */
    record StartView(List<PlanView.PartView> parts, List<WantedBlock> blocks) {}

    /** The plan of the last lesson. */
    record LastView(Instant at, StartView plan) {}

    record TemplateView(UUID id, String name, StartView plan) {}

    /** @param last null where no earlier lesson had a plan kept */
    record StartsView(@CanBeNull LastView last, List<TemplateView> templates) {}

    record NewTemplate(
            @NotBlank @Size(max = 60) String name,
            @NotEmpty @Size(max = 8) List<@NotNull @Valid WantedBlock> blocks) {}

    @GetMapping("/lessons/{id}/plan/starts")
    @Needs(Action.SEE_PLAN)
    StartsView starts(@PathVariable UUID id) {
        Lesson lesson = lessons.find(id).orElseThrow(Problem::notFound);
        Instant before = Optional.ofNullable(lesson.startedAt()).orElseGet(clock::instant);
        return new StartsView(
                starts.last(lesson.pair(), id, before)
                        .map(l -> new LastView(l.at(), view(l.blocks())))
                        .orElse(null),
                starts.templates().stream().map(this::view).toList());
    }

    @PutMapping("/plan-templates/{id}")
    @Needs(Action.PLAN)
    TemplateView keep(@PathVariable UUID id, @Valid @RequestBody NewTemplate wanted) {
        String name = wanted.name().strip();
        refuse(id, name, wanted.blocks());
        PlanStart.Template template = new PlanStart.Template(id, name, wanted.blocks());
        starts.keep(template, clock.instant());
        return view(template);
    }

    @DeleteMapping("/plan-templates/{id}")
    @Needs(Action.PLAN)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!starts.remove(id)) {
            throw Problem.notFound();
        }
    }

    private void refuse(UUID id, String name, List<WantedBlock> blocks) {
        for (int i = 0; i < blocks.size(); i++) {
            if (catalogue.rung(blocks.get(i).rung()).isEmpty()) {
                throw Problem.refused(
                        List.of(new Issue("unknown_id", "blocks[%d].rung".formatted(i), "a rung of the catalogue")));
            }
        }
        if (starts.isTaken(id, name)) {
            throw Problem.refused(List.of(new Issue("template_name_taken", "name", "a name no other template has")));
        }
        if (starts.count() >= PlanStart.MOST_TEMPLATES && !starts.isThere(id)) {
            throw Problem.refused(List.of(new Issue(
                    "too_many_templates",
                    "name",
                    "at most %d templates; remove one first".formatted(PlanStart.MOST_TEMPLATES))));
        }
    }

    private TemplateView view(PlanStart.Template t) {
        return new TemplateView(t.id(), t.name(), view(t.blocks()));
    }

    private StartView view(List<WantedBlock> blocks) {
        List<WantedBlock> known = blocks.stream()
                .filter(b -> catalogue.rung(b.rung()).isPresent())
                .toList();
        return new StartView(
                known.stream()
                        .map(b -> teller.part(
                                catalogue.rung(b.rung()).orElseThrow().id(), b))
                        .toList(),
                known);
    }
}
