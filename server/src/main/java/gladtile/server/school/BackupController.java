package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.Problem;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups. For administrators. */
@RestController
@RequestMapping("/api/v1/school/backups")
class BackupController {
    private final BackupService backups;
    private final ActivityLog log;

    BackupController(BackupService backups, ActivityLog log) {
        this.log = log;
        this.backups = backups;
    }

    /** @param last the newest one; absent for none yet @param failure why the last try came to nothing; absent for no failure */
    record BackupStanding(
            BackupService.State state,
            @JsonInclude(JsonInclude.Include.NON_NULL) BackupService.Backup last,
            @JsonInclude(JsonInclude.Include.NON_NULL) String failure) {}

    @GetMapping
    BackupStanding standing() {
        BackupService.Standing now = backups.standing();
        return new BackupStanding(now.state(), now.last(), now.failure());
    }

    /** Begins one; how it goes is asked for. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    BackupStanding begin(@AuthenticationPrincipal CurrentUser user) {
        if (!backups.begin(user.schoolId(), user.id())) {
            throw Problem.of(
                    HttpStatus.CONFLICT,
                    backups.standing().state() == BackupService.State.NONE
                            ? "Backups of this installation are made by others. Nothing was begun."
                            : "A backup is being made just now. Nothing else was begun.");
        }
        return standing();
    }

    /** All of the school in one file, which ./glad restore takes elsewhere. @param name of the file */
    @GetMapping(value = "/files/{name}", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<Resource> save(@AuthenticationPrincipal CurrentUser user, @PathVariable String name) {
        Path file = backups.file(name).orElseThrow(() -> Problem.notThere("backup"));
        log.add(user.schoolId(), user.id(), LogEvent.BACKUP_SAVED, null, Map.of("file", name));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s\"".formatted(name))
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(new FileSystemResource(file));
    }

    /** What is being made is thrown away; the backups of before stay. */
    @DeleteMapping("/running")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel() {
        backups.cancel();
    }
}
