package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.session.MapSession;
import org.springframework.session.MapSessionRepository;
import org.springframework.session.Session;

/** A session is read once a request, and written when there is something to write. */
class SessionsTest {

    private final Map<String, Session> map = new HashMap<>();
    private int reads;
    private int writes;

    private final Sessions<MapSession> sessions = new Sessions<>(new MapSessionRepository(map) {
        @Override
        public MapSession findById(String id) {
            reads++;
            return super.findById(id);
        }

        @Override
        public void save(MapSession session) {
            writes++;
            super.save(session);
        }
    });

    private String id;
    private Instant used;

    @BeforeEach
    void signIn() {
        sessions.beginRequest();
        var session = sessions.createSession();
        session.setAttribute("who", "ottilie");
        sessions.save(session);
        id = session.getId();
        used = session.getLastAccessedTime();
        reads = 0;
        writes = 0;
    }

    /** As the framework's filter goes about a request. */
    private void request(Duration later) {
        sessions.beginRequest();
        var session = sessions.findById(id);
        session.setLastAccessedTime(used.plus(later));
        sessions.save(session);
        assertThat(sessions.findById(id)).as("looked at once more").isSameAs(session);
    }

    @Test
    void aRequestReadsItsSessionOnceAndWritesThatItWasUsedOnceAMinute() {
        request(Duration.ofSeconds(1));
        request(Duration.ofSeconds(59));
        assertThat(writes).isZero();
        assertThat(reads).isEqualTo(2);
        request(Duration.ofSeconds(60));
        assertThat(writes).isEqualTo(1);
        assertThat(map.get(id).getLastAccessedTime()).isEqualTo(used.plusSeconds(60));
        request(Duration.ofSeconds(119));
        assertThat(writes).isEqualTo(1);
    }

    @Test
    void whateverElseChangesIsWrittenAtOnce() {
        sessions.beginRequest();
        var session = sessions.findById(id);
        session.removeAttribute("who");
        sessions.save(session);
        assertThat(writes).isEqualTo(1);
        assertThat(map.get(id).getAttributeNames()).isEmpty();
    }

    @Test
    void aSessionThatEndedIsNotFoundByTheNextRequestOfItsThread() {
        request(Duration.ofSeconds(1));
        map.remove(id);
        sessions.beginRequest();
        assertThat(sessions.findById(id)).isNull();
    }
}
