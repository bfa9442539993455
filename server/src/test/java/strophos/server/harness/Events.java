package strophos.server.harness;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** Server-sent events as they come: their names and data. */
public final class Events implements AutoCloseable {

    private static final int PATIENCE_S = 30;

    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private final CountDownLatch ended = new CountDownLatch(1);
    private Stream<String> lines = Stream.empty();

    private Events() {}

    static Events of(HttpClient http, URI address) {
        Events events = new Events();
        http.sendAsync(HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.ofLines())
                .thenAccept(answer -> events.read(answer.body()));
        return events;
    }

    private void read(Stream<String> body) {
        lines = body;
        Thread thread = new Thread(() -> {
            String[] name = {""};
            try {
                body.forEach(line -> {
                    if (line.startsWith("event:")) {
                        name[0] = line.substring("event:".length());
                    } else if (line.startsWith("data:")) {
                        heard.add((name[0] + " " + line.substring("data:".length())).strip());
                    }
                });
            } finally {
                ended.countDown();
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    /** The next event, as its name and data. */
    public String next() {
        try {
            String event = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
            if (event == null) {
                throw new AssertionError("No event within " + PATIENCE_S + " s.");
            }
            return event;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Waits for this event; what else was heard until then. */
    public List<String> assertHears(String event) {
        List<String> others = new ArrayList<>();
        String last = next();
        while (!last.equals(event)) {
            others.add(last);
            last = next();
        }
        return others;
    }

    /** Waits until the server ends the stream. */
    public void assertEnded() {
        try {
            if (!ended.await(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new AssertionError("The stream goes on.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        lines.close();
    }
}
