package gladtile.server.school;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import gladtile.server.accounts.StaffService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.GladProperties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How the server makes backups and tells of them; that a backup is whole is tested with the command itself. */
class BackupServiceTest {
    private static final int PATIENCE_MS = 20_000;

    @TempDir
    Path folder;

    private final ActivityLog log = mock(ActivityLog.class);
    private final UUID school = UUID.randomUUID();
    private final UUID who = UUID.randomUUID();
    private BackupService backups;

    @AfterEach
    void stop() {
        if (backups != null) {
            backups.stop();
        }
    }

    private BackupService with(String script) throws IOException {
        Path command = Files.writeString(folder.resolve("backup"), "#!/bin/sh\n" + script + "\n");
        Files.setPosixFilePermissions(command, PosixFilePermissions.fromString("rwx------"));
        backups = new BackupService(
                new GladProperties(null, null, folder, command, false, 1), log, mock(StaffService.class));
        return backups;
    }

    private void waitFor(BackupService.State state) {
        long until = System.nanoTime() + PATIENCE_MS * 1_000_000L;
        while (backups.standing().state() != state && System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        assertThat(backups.standing().state()).isEqualTo(state);
    }

    @Test
    void a_backup_is_told_of_by_what_the_command_left() throws IOException {
        with("mkdir -p $2/backups; echo '{\"file\":\"glad-1.glad\",\"made\":\"2026-11-30T02:00:00Z\",\"bytes\":5,"
                + "\"activities\":7,\"moves\":286,\"people\":48}' > $2/backups/last.json");
        assertThat(backups.standing().last()).isNull();
        assertThat(backups.begin(school, who)).isTrue();
        verify(log, timeout(PATIENCE_MS)).add(school, who, LogEvent.BACKED_UP, null);
        assertThat(backups.standing())
                .isEqualTo(new BackupService.Standing(
                        BackupService.State.IDLE,
                        new BackupService.Backup("glad-1.glad", "2026-11-30T02:00:00Z", 5, 7, 286, 48),
                        null));
    }

    @Test
    void one_at_a_time_and_one_that_is_stopped_says_so() throws IOException {
        with("exec sleep 60");
        assertThat(backups.begin(school, who)).isTrue();
        assertThat(backups.begin(school, who)).isFalse();
        assertThat(backups.standing().state()).isEqualTo(BackupService.State.RUNNING);
        long until = System.nanoTime() + PATIENCE_MS * 1_000_000L;
        while (backups.standing().state() == BackupService.State.RUNNING && System.nanoTime() < until) {
            // Until it was started there is nothing to stop.
            backups.cancel();
        }
        assertThat(backups.standing().failure()).contains("It was stopped", "safe");
        verify(log, never()).add(any(), any(), eq(LogEvent.BACKED_UP), any());
        assertThat(backups.begin(school, who)).isTrue();
    }

    @Test
    void what_went_wrong_is_said_and_the_last_backup_stays() throws IOException {
        with("echo 'some line'; echo 'glad: the disk is full. Nothing was written.' >&2; exit 1");
        backups.begin(null, null);
        waitFor(BackupService.State.FAILED);
        assertThat(backups.standing().failure()).isEqualTo("The disk is full. Nothing was written.");
    }

    @Test
    void where_others_make_them_nothing_is_begun() {
        backups =
                new BackupService(new GladProperties(null, null, null, null, false, 1), log, mock(StaffService.class));
        assertThat(backups.standing().state()).isEqualTo(BackupService.State.NONE);
        assertThat(backups.begin(school, who)).isFalse();
    }
}
