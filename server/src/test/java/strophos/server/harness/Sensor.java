package strophos.server.harness;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.DeflaterOutputStream;
import strophos.core.contact.ReinSeries;
import strophos.core.exchange.Side;

/** Sends recordings as a browser does: announced, a chunk a minute, said to be whole. */
public final class Sensor {

    private final Client client;
    private final String recordings;

    /** Into this lesson. */
    public Sensor(Client client, String lesson) {
        this.client = client;
        recordings = "/api/v1/lessons/" + lesson + "/recordings";
    }

    /** What is said before the first chunk. */
    public static Map<String, Object> heading(String id, Instant startedAt, double rateHz, int minutes) {
        Map<String, Object> heading = new LinkedHashMap<>();
        heading.put("id", id);
        heading.put("startedAt", startedAt.toString());
        heading.put("rateHz", rateHz);
        heading.put("minutes", minutes);
        heading.put("name", "Stand-in sensor");
        heading.put("jitterMs", 0);
        return heading;
    }

    public Client.Reply announce(Map<String, Object> heading) {
        return client.post(recordings, heading);
    }

    public Client.Reply chunk(String id, int place, byte[] content) {
        return client.putBytes(recordings + "/" + id + "/chunks/" + place, content);
    }

    public Client.Reply whole(String id) {
        return client.put(recordings + "/" + id + "/whole", Map.of());
    }

    /** All of a series; its id. */
    public String send(ReinSeries series, Instant startedAt) {
        String id = UUID.randomUUID().toString();
        int minutes = (int) Math.ceil(series.seconds() / 60 - 1e-9);
        expect(announce(heading(id, startedAt, series.rateHz(), minutes)), 201);
        for (int m = 0; m < minutes; m++) {
            expect(chunk(id, m, deflated(series.part(m * 60.0, (m + 1) * 60.0))), 201);
        }
        expect(whole(id), 200);
        return id;
    }

    private static void expect(Client.Reply reply, int status) {
        if (reply.status() != status) {
            throw new AssertionError("%d, not %d: %s".formatted(reply.status(), status, reply.body()));
        }
    }

    /** A minute as it is sent. */
    public static byte[] deflated(ReinSeries minute) {
        ByteBuffer raw = ByteBuffer.allocate(4 * minute.length()).order(ByteOrder.LITTLE_ENDIAN);
        for (Side side : new Side[] {Side.LEFT, Side.RIGHT}) {
            for (int i = 0; i < minute.length(); i++) {
                raw.putShort(minute.at(side, i));
            }
        }
        return deflated(raw.array());
    }

    public static byte[] deflated(byte[] raw) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
            deflater.write(raw);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
