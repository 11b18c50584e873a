package gladtile.server.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** How much room the disk with the data has left. It is told before it is full; before that no more is written. */
@Component
public class DiskRoom {
    private static final Logger LOG = LoggerFactory.getLogger(DiskRoom.class);
    /** Below that administrators are told. */
    static final long SCARCE = 2L << 30;
    /** Below that nothing more is written: the database needs what is left to end well. */
    static final long FULL = 300L << 20;

    /** How it stands. */
    public enum State {
        ENOUGH,
        SCARCE,
        FULL
    }

    /** @param free bytes */
    public record Room(State state, long free) {}

    private final Path data;
    private volatile Room room = new Room(State.ENOUGH, Long.MAX_VALUE);

    DiskRoom(GladProperties properties) {
        data = properties.data();
    }

    public Room now() {
        return room;
    }

    @Scheduled(fixedDelay = 15_000)
    void look() {
        if (data == null) {
            return;
        }
        try {
            see(Files.getFileStore(data).getUsableSpace());
        } catch (IOException e) {
            LOG.warn("How much room there is on the disk of {} cannot be told.", data, e);
        }
    }

    void see(long free) {
        State state = free < FULL ? State.FULL : free < SCARCE ? State.SCARCE : State.ENOUGH;
        if (state != room.state()) {
            LOG.warn("The disk with the data has {} MB left.", free >> 20);
        }
        room = new Room(state, free);
    }
}
