package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups. For administrators. */
@RestController
@RequestMapping("/api/school/backups")
class BackupController {
    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /** @param last the newest one; absent for none yet @param failure why the last try came to nothing; absent for no failure */
    record BackupStanding(
            Backups.State state,
            @JsonInclude(JsonInclude.Include.NON_NULL) Backups.Backup last,
            @JsonInclude(JsonInclude.Include.NON_NULL) String failure) {}

    @GetMapping
    BackupStanding standing() {
        Backups.Standing now = backups.standing();
        return new BackupStanding(now.state(), now.last(), now.failure());
    }

    /** Begins one; how it goes is asked for. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    BackupStanding begin(@AuthenticationPrincipal Who who) {
        if (!backups.begin(who.schoolId(), who.id())) {
            throw Problem.of(
                    HttpStatus.CONFLICT,
                    backups.standing().state() == Backups.State.NONE
                            ? "Backups of this installation are made by others. Nothing was begun."
                            : "A backup is being made just now. Nothing else was begun.");
        }
        return standing();
    }

    /** What is being made is thrown away; the backups of before stay. */
    @DeleteMapping("/running")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel() {
        backups.cancel();
    }
}
