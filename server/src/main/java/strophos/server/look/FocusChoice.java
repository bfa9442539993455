package strophos.server.look;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.look.FocusKind;
import strophos.server.contract.CanBeNull;

/** A choice beside what was advised. */
public record FocusChoice(
        UUID id,
        List<FocusKind> chosen,
        List<FocusKind> advised,
        @CanBeNull String reason,
        String by,
        Instant at) {}
