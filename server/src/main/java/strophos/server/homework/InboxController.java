package strophos.server.homework;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.change.AttentionSpans;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.word.NewWord;
import strophos.server.word.WordRepository;

/** Reports that wait for the coach, and what riders said back. */
@RestController
@RequestMapping("/api/v1/inbox")
@Transactional
class InboxController {

    private final LookIns lookingIn;
    private final WordRepository words;
    private final Clock clock;

    InboxController(LookIns lookingIn, WordRepository words, Clock clock) {
        this.lookingIn = lookingIn;
        this.words = words;
        this.clock = clock;
    }

    /**
     * What waits.
     *
     * @param waiting stop signs first; {@code more} wait beside those shown
     * @param words that riders and guardians said back under comments, not read by the viewer; the latest first
     */
    record Inbox(List<AssignmentView> waiting, int more, List<NewWord> words) {}

    @GetMapping
    @Needs(Action.SEE_HOMEWORK)
    Inbox inbox() {
        Instant now = clock.instant();
        LookIns.Page waiting = lookingIn.waiting(now);
        return new Inbox(waiting.first(), waiting.more(), words.unread(now.minus(AttentionSpans.WORDS), LookIns.SHOWN));
    }
}
