package gladtile.server.school;

import gladtile.core.json.Json;
import gladtile.server.accounts.School;
import gladtile.server.accounts.StaffService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.GladProperties;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;

/** Backups of all that lies in the database, one at a time, each restored for a check by the command that makes it. */
@Service
class BackupService {
    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);

    /** What is done about backups just now. */
    enum State {
        /** Backups are made by others. */
        NONE,
        IDLE,
        RUNNING,
        FAILED
    }

    /**
     * A backup that was read back.
     *
     * @param file its name in the folder of backups
     * @param made in UTC, as ISO 8601 has it
     */
    record Backup(String file, String made, long bytes, long activities, long moves, long people) {}

    /** @param last null for none yet @param failure why the last one was not made; null for no failure */
    record Standing(State state, Backup last, String failure) {}

    private static final Pattern NAMES = Pattern.compile("glad-[0-9]{4}-[0-9]{2}-[0-9]{2}-[0-9]{6}[.]glad");

    private final GladProperties properties;
    private final ActivityLog log;
    private final StaffService staff;
    private final ExecutorService maker = Executors.newSingleThreadExecutor();
    private Process running;
    private boolean busy;
    private String failure;

    BackupService(GladProperties properties, ActivityLog log, StaffService staff) {
        this.staff = staff;
        this.properties = properties;
        this.log = log;
    }

    @PreDestroy
    void stop() {
        cancel();
        maker.shutdownNow();
    }

    private boolean available() {
        return properties.data() != null && properties.backup() != null;
    }

    synchronized Standing standing() {
        if (!available()) {
            return new Standing(State.NONE, null, null);
        }
        State state = busy ? State.RUNNING : failure == null ? State.IDLE : State.FAILED;
        return new Standing(state, last().orElse(null), failure);
    }

    private Optional<Backup> last() {
        Path file = properties.data().resolve("backups").resolve("last.json");
        if (!Files.isReadable(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(Json.read(Files.readString(file), Backup.class));
        } catch (IOException | JacksonException e) {
            LOG.warn("What is known of the last backup cannot be read: {}", file, e);
            return Optional.empty();
        }
    }

    /**
     * Begins one, unless one is being made. Every night's also clears from the disk what was left of people who were erased.
     *
     * @param schoolId of whoever asked; null for every night's
     * @param by who asked; null for every night's
     * @return whether one was begun
     */
    synchronized boolean begin(UUID schoolId, UUID by) {
        if (!available() || busy) {
            return false;
        }
        busy = true;
        failure = null;
        maker.execute(() -> {
            String wrong = run("make");
            if (schoolId == null && wrong == null) {
                wrong = run("clear-erased");
            }
            String failed = wrong;
            synchronized (this) {
                busy = false;
                running = null;
                failure = failed;
            }
            if (failed != null) {
                LOG.error("The work of the night was not done: {}", failed);
            } else if (schoolId != null) {
                log.add(schoolId, by, LogEvent.BACKED_UP, null);
            }
        });
        return true;
    }

    /**
     * @param action of the command for backups
     * @return null where it was done; else why not, in whole sentences
     */
    private String run(String action) {
        Path said = null;
        try {
            said = Files.createTempFile("glad-backup", ".log");
            ProcessBuilder command = new ProcessBuilder(List.of(
                    properties.backup().toString(), action, properties.data().toString()));
            command.environment().put("GLAD_BACKUPS_KEPT", String.valueOf(kept()));
            Process process = command.redirectErrorStream(true)
                    .redirectOutput(said.toFile())
                    .start();
            synchronized (this) {
                running = process;
            }
            int end = process.waitFor();
            String words = Files.readString(said, StandardCharsets.UTF_8).strip();
            return end == 0
                    ? null
                    : words.isEmpty() ? "It was stopped. The backups of before are safe." : lastLine(words);
        } catch (IOException e) {
            return "The command that makes backups could not be started. The backups of before are safe.";
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return "It was stopped. The backups of before are safe.";
        } finally {
            delete(said);
        }
    }

    private static String lastLine(String words) {
        String line = words.substring(words.lastIndexOf('\n') + 1);
        return line.startsWith("glad: ") ? Character.toUpperCase(line.charAt(6)) + line.substring(7) : line;
    }

    private static void delete(Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            LOG.warn("A file with what a backup said stays: {}", file, e);
        }
    }

    /** What is being made is thrown away; the backups of before stay. */
    synchronized void cancel() {
        if (running != null) {
            running.destroy();
        }
    }

    /** The file of a backup by its name; empty for none, or for a name that is none of a backup's. */
    Optional<Path> file(String name) {
        if (!available() || !NAMES.matcher(name).matches()) {
            return Optional.empty();
        }
        Path file = properties.data().resolve("backups").resolve(name);
        return Files.isRegularFile(file) ? Optional.of(file) : Optional.empty();
    }

    /** How many backups are kept. */
    private int kept() {
        return staff.schools().stream()
                .mapToInt(one -> one.retention().backups())
                .max()
                .orElse(School.Retention.USUAL.backups());
    }
}
