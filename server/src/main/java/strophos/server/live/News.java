package strophos.server.live;

import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import strophos.server.contract.CanBeNull;

/**
 * What something was stored of: of a lesson, with its pair; of a pair, without a lesson; of a horse.
 *
 * @param yard who may hear it
 */
record News(UUID yard, Keys keys) {

    /** As sent to browsers; null where it does not apply. */
    record Keys(
            @CanBeNull UUID lesson,
            @CanBeNull UUID pair,
            @CanBeNull UUID horse) {}

    /** The database's channel. */
    static final String CHANNEL = "strophos_live";

    private static final String ID = "([0-9a-f-]{36})";
    private static final Pattern FORM =
            Pattern.compile(ID + "(?: lesson " + ID + ")?(?: pair " + ID + ")?(?: horse " + ID + ")?");

    /** What the database says of a session that ended: the digest of its id. */
    private static final Pattern ENDED = Pattern.compile("ended ([0-9a-f]{64})");

    String asText() {
        return yard + named("lesson", keys.lesson()) + named("pair", keys.pair()) + named("horse", keys.horse());
    }

    private static String named(String what, @CanBeNull UUID id) {
        return id == null ? "" : " " + what + " " + id;
    }

    /** Empty for a text that another program put on the channel. */
    static Optional<News> of(String text) {
        Matcher m = FORM.matcher(text);
        return m.matches()
                ? Optional.of(
                        new News(UUID.fromString(m.group(1)), new Keys(id(m.group(2)), id(m.group(3)), id(m.group(4)))))
                : Optional.empty();
    }

    private static @CanBeNull UUID id(String text) {
        return text == null ? null : UUID.fromString(text);
    }

    /** The digest of the id of a session that ended; empty when the text says something else. */
    static Optional<String> endedSession(String text) {
        Matcher m = ENDED.matcher(text);
        return m.matches() ? Optional.of(m.group(1)) : Optional.empty();
    }
}
