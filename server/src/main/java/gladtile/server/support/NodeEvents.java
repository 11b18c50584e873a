package gladtile.server.support;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Tells the other machines what changed here, by id, and hears what changed there. News are gathered and sent a few
 * times a second from one connection: a NOTIFY in every transaction would make commits wait for one another.
 */
@Component
public class NodeEvents {
    private static final Logger LOG = LoggerFactory.getLogger(NodeEvents.class);
    private static final String CHANNEL = "glad";
    /** PostgreSQL takes payloads below 8,000 bytes. */
    private static final int ITEMS_IN_ONE = 80;

    private static final int WAIT_MS = 2_000;

    private final DataSource database;
    private final ApplicationEventPublisher events;
    private final String node = UUID.randomUUID().toString();
    private final Set<String> waiting = new LinkedHashSet<>();
    private volatile boolean stopped;
    private Thread listener;

    NodeEvents(DataSource database, ApplicationEventPublisher events) {
        this.database = database;
        this.events = events;
    }

    /** Something changed on another machine. @param what as given to {@link #tell} there */
    public record Heard(String what) {}

    /** @param what a short text of no line ends that says which thing changed, such as {@code activity:ID} */
    public void tell(String what) {
        synchronized (waiting) {
            waiting.add(what);
        }
    }

    @Scheduled(fixedDelay = 150)
    void send() {
        List<String> all;
        synchronized (waiting) {
            all = new ArrayList<>(waiting);
            waiting.clear();
        }
        if (all.isEmpty()) {
            return;
        }
        try (Connection connection = database.getConnection();
                PreparedStatement notify = connection.prepareStatement("select pg_notify(?, ?)")) {
            for (int from = 0; from < all.size(); from += ITEMS_IN_ONE) {
                List<String> part = all.subList(from, Math.min(all.size(), from + ITEMS_IN_ONE));
                notify.setString(1, CHANNEL);
                notify.setString(2, node + "\n" + String.join("\n", part));
                notify.execute();
            }
        } catch (SQLException e) {
            // Other machines then show the change when they next read it; what was acknowledged is on disk.
            LOG.warn("other machines could not be told of {} changes", all.size(), e);
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void listen() {
        listener = new Thread(this::hear, "node-news");
        listener.setDaemon(true);
        listener.start();
    }

    private void hear() {
        while (!stopped) {
            // A connection of its own: one from the pool would be taken back while it waits.
            try (Connection connection = ownConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen " + CHANNEL);
                PGConnection postgres = connection.unwrap(PGConnection.class);
                while (!stopped) {
                    PGNotification[] news = postgres.getNotifications(WAIT_MS);
                    for (PGNotification one : news == null ? new PGNotification[0] : news) {
                        publish(one.getParameter());
                    }
                }
            } catch (SQLException e) {
                if (!stopped) {
                    LOG.warn("the line to the other machines broke; trying again", e);
                    pause();
                }
            }
        }
    }

    private Connection ownConnection() throws SQLException {
        HikariDataSource pool = database.unwrap(HikariDataSource.class);
        return DriverManager.getConnection(pool.getJdbcUrl(), pool.getUsername(), pool.getPassword());
    }

    private void publish(String payload) {
        String[] lines = payload.split("\n");
        if (lines[0].equals(node)) {
            return;
        }
        for (int i = 1; i < lines.length; i++) {
            events.publishEvent(new Heard(lines[i]));
        }
    }

    private void pause() {
        try {
            Thread.sleep(WAIT_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            stopped = true;
        }
    }

    @PreDestroy
    void stop() {
        stopped = true;
        if (listener != null) {
            listener.interrupt();
        }
    }
}
