package strophos.server.live;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** The browsers that listen to this process, each to its yard. */
@Component
class Streams {

    /** Then the browser comes again by itself, and its session is asked for again. */
    private static final Duration AT_MOST = Duration.ofMinutes(30);

    private final Map<SseEmitter, UUID> yards = new ConcurrentHashMap<>();
    private final TaskExecutor executor;

    Streams(@Qualifier("applicationTaskExecutor") TaskExecutor executor) {
        this.executor = executor;
    }

    /** A new stream; its first word is to read again, so that the browser reads what it missed. */
    SseEmitter open(UUID yard) {
        SseEmitter stream = new SseEmitter(AT_MOST.toMillis());
        stream.onCompletion(() -> yards.remove(stream));
        stream.onError(e -> yards.remove(stream));
        stream.onTimeout(stream::complete);
        yards.put(stream, yard);
        send(stream, () -> SseEmitter.event().name("again").data(""));
        return stream;
    }

    void tell(News news) {
        yards.forEach((stream, yard) -> {
            if (yard.equals(news.yard())) {
                send(
                        stream,
                        () -> SseEmitter.event()
                                .name("lesson")
                                .data(news.lesson().toString()));
            }
        });
    }

    /** News may have been missed: everybody reads again. */
    void tellAllToReadAgain() {
        yards.keySet()
                .forEach(stream ->
                        send(stream, () -> SseEmitter.event().name("again").data("")));
    }

    /** Finds browsers that have gone, and keeps what stands between from closing a quiet stream. */
    void beat() {
        yards.keySet().forEach(stream -> send(stream, () -> SseEmitter.event().comment("")));
    }

    void closeAll() {
        yards.keySet().forEach(SseEmitter::complete);
    }

    private void send(SseEmitter stream, Supplier<SseEventBuilder> event) {
        executor.execute(() -> {
            try {
                stream.send(event.get());
            } catch (IOException | IllegalStateException e) {
                // the browser has gone; the container ends the stream
                yards.remove(stream);
            }
        });
    }
}
