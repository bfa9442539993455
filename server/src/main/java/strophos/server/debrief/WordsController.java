package strophos.server.debrief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.lesson.Lesson;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.word.WordRepository;
import strophos.server.word.WordsView;

/**
 * What riders, their guardians and the coach say to each other under the comments on a clip. A minor's guardian reads the same page, so
 * nothing is said there without the guardian.
 */
@RestController
@RequestMapping("/api/v1/lessons/{id}/words")
@Transactional
class WordsController {

    /** So many of a lesson: more is talked over. */
    private static final int MOST = 100;

    private final ShownPages pages;
    private final WordRepository words;
    private final Teller news;
    private final Clock clock;

    WordsController(ShownPages pages, WordRepository words, Teller news, Clock clock) {
        this.pages = pages;
        this.words = words;
        this.news = news;
        this.clock = clock;
    }

    /** Something said back; the id is made by the caller. */
    record NewWordOnComment(
            @NotNull UUID id,
            @NotNull UUID comment,
            @NotBlank @Size(max = 600) String text) {}

    /** None as long as the rider is shown nothing. */
    @GetMapping
    @Needs(Action.SEE_PAIRS)
    WordsView words(@PathVariable UUID id) {
        return pages.isShown(id) ? view(id) : new WordsView(false, List.of(), List.of());
    }

    @PostMapping
    @Needs(Action.SAY_WORD)
    @ResponseStatus(HttpStatus.CREATED)
    WordsView say(@PathVariable UUID id, @Valid @RequestBody NewWordOnComment word) {
        ShownPages.ShownPage page = pages.find(id);
        if (page.comments().noneMatch(c -> c.id().equals(word.comment().toString()))) {
            throw Problem.refused(
                    List.of(new Issue("unknown_id", "comment", "a comment on a clip that the rider is shown")));
        }
        if (words.count(id) >= MOST) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "many_words",
                    "That much was said about one lesson: talk it over when you meet next. What you wrote was not kept.");
        }
        words.add(word.id(), id, word.comment(), word.text().strip(), clock.instant());
        news.changedLesson(id, page.lesson().pair());
        // and what waits for the coach
        news.changedPair(page.lesson().pair());
        return view(id);
    }

    /** The viewer has what is shown, and what was said back, in view. */
    @PostMapping("/read")
    @Needs(Action.SEE_PAIRS)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@PathVariable UUID id) {
        Lesson lesson = pages.find(id).lesson();
        words.read(id, clock.instant());
        news.changedLesson(id, lesson.pair());
    }

    private WordsView view(UUID lesson) {
        return new WordsView(true, words.readings(lesson), words.words(lesson));
    }
}
