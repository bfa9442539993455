package strophos.server;

import java.io.PrintStream;
import java.time.Duration;
import org.springframework.boot.Banner;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import strophos.server.ride.Rebuild;

/**
 * Makes every projection anew from the log and compares it with what stood there: a step of its own, beside processes that serve. Cut,
 * it goes on where it was. Run as {@code java -jar … rebuild}.
 */
final class RebuildCommand {

    /** The first argument that asks for it. */
    static final String ARGUMENT = "rebuild";

    private static final int EVERY = 5_000;

    private RebuildCommand() {}

    /** Rebuilds and says what it found; 0 when all was as it should be, else 1. */
    static int run(PrintStream out) {
        SpringApplication application = new SpringApplication(Strophos.class);
        application.setBannerMode(Banner.Mode.OFF);
        // whatever is set for the process that serves: this one opens no door, and leaves none of its work to a thread
        // beside it
        try (ConfigurableApplicationContext context = application.run(
                "--server.port=-1",
                "--management.server.port=-1",
                "--strophos.renewal=false",
                "--logging.threshold.console=warn")) {
            return run(context.getBean(Rebuild.class), out);
        }
    }

    private static int run(Rebuild rebuild, PrintStream out) {
        long from = System.nanoTime();
        int all = rebuild.markAll();
        out.printf("%d lessons and pairs are made anew.%n", all);
        Rebuild.Report report = rebuild.run(Runtime.getRuntime().availableProcessors(), done -> {
            if (done % EVERY < 10 && done >= EVERY) {
                out.printf("%d of %d%n", done, all);
            }
        });
        out.printf(
                "%d lessons in %d s: %d read differently. %d pairs: %d stood differently.%n",
                report.lessons(),
                Duration.ofNanos(System.nanoTime() - from).toSeconds(),
                report.lessonsChanged(),
                report.pairs(),
                report.pairsChanged());
        if (report.left() > 0) {
            out.printf("%d could not be made anew; the log says why. The next run tries them again.%n", report.left());
        }
        return report.lessonsChanged() + report.pairsChanged() + report.left() == 0 ? 0 : 1;
    }
}
