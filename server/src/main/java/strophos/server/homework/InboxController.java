package strophos.server.homework;

import java.time.Clock;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;

/** Reports that wait for the coach. */
@RestController
@RequestMapping("/api/v1/inbox")
@Transactional
class InboxController {

    private final LookIns lookingIn;
    private final Clock clock;

    InboxController(LookIns lookingIn, Clock clock) {
        this.lookingIn = lookingIn;
        this.clock = clock;
    }

    /** Stop signs first; {@code more} wait beside those shown. */
    record Inbox(List<AssignmentView> waiting, int more) {}

    @GetMapping
    @Needs(Action.SEE_HOMEWORK)
    Inbox inbox() {
        LookIns.Page waiting = lookingIn.waiting(clock.instant());
        return new Inbox(waiting.first(), waiting.more());
    }
}
