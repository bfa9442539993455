package strophos.server.log;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.turbo.TurboFilter;
import ch.qos.logback.core.spi.FilterReply;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.LoggerFactory;
import org.slf4j.Marker;
import org.springframework.stereotype.Component;

/**
 * A stack trace that was printed is not printed again for an hour: one line says that it came again, and how often by now. Whoever can
 * make something fail cannot fill the disk with it.
 */
@Component
class RepeatedTraces extends TurboFilter {

    private static final Duration FRESH = Duration.ofHours(1);

    /** More kinds of failure than a program has; the oldest is forgotten. */
    private static final int MOST = 200;

    private final Clock clock;
    private final Map<String, Repetition> seen = new LinkedHashMap<>();

    /** When it was printed, and how often it has come since. */
    private static final class Repetition {
        private final Instant printed;
        private int again;

        private Repetition(Instant printed) {
            this.printed = printed;
        }
    }

    RepeatedTraces(Clock clock) {
        this.clock = clock;
        if (LoggerFactory.getILoggerFactory() instanceof LoggerContext context) {
            context.addTurboFilter(this);
        }
    }

    @Override
    public FilterReply decide(
            Marker marker, Logger logger, Level level, String format, Object[] params, Throwable thrown) {
        if (thrown == null || !level.isGreaterOrEqual(logger.getEffectiveLevel())) {
            return FilterReply.NEUTRAL;
        }
        int again = count(kind(thrown));
        if (again == 0) {
            return FilterReply.NEUTRAL;
        }
        logger.log(
                marker,
                Logger.FQCN,
                Level.toLocationAwareLoggerInteger(level),
                "The same failure again: {}, {} times since its trace was printed",
                new Object[] {thrown.getClass().getName(), again},
                null);
        return FilterReply.DENY;
    }

    /** 0 when its trace is to be printed. */
    private synchronized int count(String kind) {
        Instant now = clock.instant();
        Repetition before = seen.get(kind);
        if (before == null || before.printed.plus(FRESH).isBefore(now)) {
            seen.remove(kind);
            seen.put(kind, new Repetition(now));
            if (seen.size() > MOST) {
                seen.remove(seen.keySet().iterator().next());
            }
            return 0;
        }
        before.again++;
        return before.again;
    }

    /** The same failure at the same place. */
    private static String kind(Throwable thrown) {
        StringBuilder kind = new StringBuilder();
        for (Throwable each = thrown; each != null; each = each.getCause()) {
            StackTraceElement[] frames = each.getStackTrace();
            kind.append(each.getClass().getName()).append(frames.length == 0 ? "" : frames[0].toString());
        }
        return kind.toString();
    }
}
