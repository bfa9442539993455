package strophos.server.live;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Objects;
import java.util.Properties;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Hears the database's news on one connection of its own, opened again whenever it is lost. */
@Component
class Listener implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Listener.class);
    private static final Duration BEAT = Duration.ofSeconds(15);
    private static final Duration PAUSE = Duration.ofSeconds(1);

    private final JdbcConnectionDetails database;
    private final Streams streams;
    private volatile CountDownLatch stopped;
    private volatile Connection connection;
    /** The listening thread's own: the database was there since the last attempt. */
    private boolean isHeard;

    Listener(JdbcConnectionDetails database, Streams streams) {
        this.database = database;
        this.streams = streams;
    }

    @Override
    public void start() {
        stopped = new CountDownLatch(1);
        Thread thread = new Thread(this::listenOn, "live");
        thread.setDaemon(true);
        thread.start();
    }

    /** Before the web server, which would wait for open streams. */
    @Override
    public void stop() {
        stopped.countDown();
        close(connection);
        streams.closeAll();
    }

    @Override
    public boolean isRunning() {
        return stopped != null && stopped.getCount() > 0;
    }

    private void listenOn() {
        boolean isSaid = false;
        while (isRunning()) {
            try {
                isHeard = false;
                listen();
            } catch (SQLException | RuntimeException e) {
                isSaid = isSaid && !isHeard;
                if (isRunning() && !isSaid) {
                    isSaid = true;
                    LOG.warn("No news from the database ({}); trying again.", e.getMessage());
                }
            }
            pause();
        }
    }

    private void listen() throws SQLException {
        try (Connection opened = open();
                Statement statement = opened.createStatement()) {
            connection = opened;
            isHeard = true;
            statement.execute("listen " + News.CHANNEL);
            streams.tellAllToReadAgain();
            PGConnection news = opened.unwrap(PGConnection.class);
            while (isRunning()) {
                PGNotification[] heard = news.getNotifications((int) BEAT.toMillis());
                for (PGNotification each : heard) {
                    hear(each.getParameter());
                }
                if (heard.length == 0) {
                    // a connection that died silently is found out here
                    statement.execute("select 1");
                    streams.beat();
                }
            }
        }
    }

    private void hear(String text) {
        News.of(text).ifPresent(streams::tell);
        News.endedSession(text).ifPresent(streams::end);
    }

    private Connection open() throws SQLException {
        Properties properties = new Properties();
        properties.setProperty("user", database.getUsername());
        properties.setProperty("password", Objects.requireNonNullElse(database.getPassword(), ""));
        properties.setProperty("ApplicationName", "strophos live");
        properties.setProperty("tcpKeepAlive", "true");
        return DriverManager.getConnection(database.getJdbcUrl(), properties);
    }

    private void pause() {
        try {
            stopped.await(PAUSE.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void close(Connection connection) {
        try {
            if (connection != null) {
                connection.close();
            }
        } catch (SQLException e) {
            LOG.debug("closed is closed", e);
        }
    }
}
