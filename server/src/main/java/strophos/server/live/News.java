package strophos.server.live;

import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** That something of this lesson, or of this horse, was stored. */
record News(UUID yard, UUID lesson) {

    /** The database's channel. */
    static final String CHANNEL = "strophos_live";

    private static final Pattern FORM = Pattern.compile("([0-9a-f-]{36}) ([0-9a-f-]{36})");

    /** What the database says of a session that ended: the digest of its id. */
    private static final Pattern ENDED = Pattern.compile("ended ([0-9a-f]{64})");

    String asText() {
        return yard + " " + lesson;
    }

    /** Empty for a text that another program put on the channel. */
    static Optional<News> of(String text) {
        Matcher m = FORM.matcher(text);
        return m.matches()
                ? Optional.of(new News(UUID.fromString(m.group(1)), UUID.fromString(m.group(2))))
                : Optional.empty();
    }

    /** The digest of the id of a session that ended; empty when the text says something else. */
    static Optional<String> endedSession(String text) {
        Matcher m = ENDED.matcher(text);
        return m.matches() ? Optional.of(m.group(1)) : Optional.empty();
    }
}
