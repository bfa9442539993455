package strophos.server.debrief;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.core.change.AttentionSpans;
import strophos.core.exchange.RungShown;
import strophos.core.exchange.VoiceBeside;
import strophos.core.exchange.VoiceShown;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.attachment.Attachments;
import strophos.server.homework.Practices;
import strophos.server.lesson.Lesson;
import strophos.server.problem.Problem;
import strophos.server.ride.LastRides;
import strophos.server.ride.ShownLesson;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.word.NewWord;
import strophos.server.word.WordRepository;

/** What riders and their guardians see of a lesson: the parts the coach chose, and nothing else. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class RiderPageController {

    /** More unread pages than a rider has pairs are not looked for. */
    private static final int PAGES_WITH_WORDS = 20;

    private final ShownPages shownPages;
    private final WordRepository words;
    private final PairRepository pairs;
    private final LastRides rides;
    private final Practices practices;
    private final Attachments attachments;
    private final Catalogue catalogue;
    private final Clock clock;

    RiderPageController(
            ShownPages shownPages,
            WordRepository words,
            PairRepository pairs,
            LastRides rides,
            Practices practices,
            Attachments attachments,
            Catalogue catalogue,
            Clock clock) {
        this.shownPages = shownPages;
        this.words = words;
        this.pairs = pairs;
        this.rides = rides;
        this.practices = practices;
        this.attachments = attachments;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** The last page of each of the viewer's pairs, where there is one. */
    record Pages(List<RiderPageView.PageLine> pages) {}

    @GetMapping("/lessons/{id}/for-rider")
    @Needs(Action.SEE_PAIRS)
    RiderPageView page(@PathVariable UUID id) {
        ShownPages.ShownPage page = shownPages.find(id);
        Lesson lesson = page.lesson();
        Ride ride = page.ride();
        Payload.ForRider shown = page.chosen();
        Pair pair = pairs.find(lesson.pair()).orElseThrow(Problem::notFound);
        List<String> chosen = shown.voices().stream().map(VoiceShown::sha256).toList();
        return new RiderPageView(
                lesson.id(),
                lesson.pair(),
                lesson.horseId(),
                lesson.rider(),
                lesson.horse(),
                lesson.startedAt() == null ? lesson.plannedAt() : lesson.startedAt(),
                shown.better().stream().flatMap(r -> better(r).stream()).toList(),
                shown.think().orElse(null),
                shown.homework() ? practices.cards(pair, clock.instant()) : List.of(),
                Debrief.voices(ride).stream()
                        .filter(v -> chosen.contains(v.sha256()))
                        .toList(),
                shown.clips().orElse(false) ? RiderPageView.RiderClipView.of(ride) : List.of());
    }

    /** A rung that has left the library is left out. */
    private Optional<RiderPageView.BetterView> better(RungShown shown) {
        return catalogue
                .rung(shown.rung())
                .map(r -> new RiderPageView.BetterView(
                        catalogue.nameOf(r.id().exercise()), r.id().gait(), r.id().place(), shown.better()));
    }

    @GetMapping("/lessons/{id}/for-rider/voices/{sha256}")
    @Needs(Action.SEE_PAIRS)
    ResponseEntity<byte[]> voice(@PathVariable UUID id, @PathVariable String sha256) {
        ShownPages.ShownPage page = shownPages.find(id);
        boolean isShown = page.chosen().voices().contains(new VoiceShown(sha256))
                || page.comments()
                        .anyMatch(
                                c -> c.said().spoken().map(VoiceBeside::sha256).equals(Optional.of(sha256)));
        return content(id, sha256, isShown);
    }

    /** Stills of what was said on a clip; those of what was measured stay with the coach. */
    @GetMapping("/lessons/{id}/for-rider/stills/{sha256}")
    @Needs(Action.SEE_PAIRS)
    ResponseEntity<byte[]> still(@PathVariable UUID id, @PathVariable String sha256) {
        return content(
                id,
                sha256,
                shownPages.find(id).comments().anyMatch(c -> c.said().still().equals(Optional.of(sha256))));
    }

    private ResponseEntity<byte[]> content(UUID lesson, String sha256, boolean isShown) {
        if (!isShown) {
            throw Problem.notFound();
        }
        return attachments
                .ofLesson(lesson, sha256)
                .orElseThrow(Problem::notFound)
                .answer(CacheControl.noStore());
    }

    @GetMapping("/for-rider")
    @Needs(Action.PRACTISE)
    Pages pages() {
        List<Pair> visible = pairs.findVisible();
        Map<UUID, ShownLesson> shown =
                rides.lastShown(visible.stream().map(Pair::id).toList());
        Map<UUID, NewWord> unread = words.unread(clock.instant().minus(AttentionSpans.WORDS), PAGES_WITH_WORDS).stream()
                .collect(Collectors.toMap(NewWord::lesson, Function.identity()));
        return new Pages(visible.stream()
                .filter(pair -> shown.containsKey(pair.id()))
                .map(pair -> line(pair, shown.get(pair.id()), unread))
                .toList());
    }

    private static RiderPageView.PageLine line(Pair pair, ShownLesson shown, Map<UUID, NewWord> unread) {
        return new RiderPageView.PageLine(
                shown.lesson(),
                pair.id(),
                pair.rider(),
                pair.horse(),
                shown.at(),
                Optional.ofNullable(unread.get(shown.lesson())).map(NewWord::by).orElse(null));
    }
}
