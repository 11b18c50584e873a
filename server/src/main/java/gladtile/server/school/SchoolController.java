package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.School;
import gladtile.server.accounts.StaffService;
import gladtile.server.files.StorageUse;
import gladtile.server.support.DiskRoom;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The school itself: its name, its language, its clock, its room. For administrators. */
@RestController
@RequestMapping("/api/v1/school")
class SchoolController {
    private final StaffService staff;
    private final StorageUse storage;
    private final DiskRoom disk;

    SchoolController(StaffService staff, StorageUse storage, DiskRoom disk) {
        this.disk = disk;
        this.staff = staff;
        this.storage = storage;
    }

    /**
     * @param logDays how long the activity log is kept @param backupsKept how many nightly backups are kept
     * @param storageGigabytes how much the school lets its files take; absent for as much as there is
     * @param storageUsed bytes of files @param storageMost bytes that they may take
     * @param disk how much room the disk has left
     */
    record SchoolView(
            String name,
            String language,
            String timeZone,
            int logDays,
            int backupsKept,
            @JsonInclude(JsonInclude.Include.NON_NULL) Integer storageGigabytes,
            School.StudentSignIn studentSignIn,
            long storageUsed,
            long storageMost,
            DiskRoom.State disk) {}

    record SchoolSettings(
            String name,
            String language,
            String timeZone,
            int logDays,
            int backupsKept,
            @JsonInclude(JsonInclude.Include.NON_NULL) Integer storageGigabytes,
            School.StudentSignIn studentSignIn) {
        SchoolSettings {
            Bounds.text("school.name", name, Bounds.PERSON_NAME);
            Bounds.present("school.language", language);
            Bounds.present("school.timeZone", timeZone);
        }
    }

    @GetMapping
    SchoolView school(@AuthenticationPrincipal CurrentUser user) {
        School school = staff.school(user.schoolId()).orElseThrow();
        return new SchoolView(
                school.name(),
                school.language(),
                school.timeZone(),
                school.retention().logDays(),
                school.retention().backups(),
                school.storageGigabytes(),
                school.studentSignIn(),
                storage.used(user.schoolId()),
                storage.most(user.schoolId()),
                disk.now().state());
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal CurrentUser user, @RequestBody SchoolSettings asked) {
        staff.setSchool(
                user,
                new School(
                        user.schoolId(),
                        asked.name().strip(),
                        asked.language(),
                        asked.timeZone(),
                        new School.Retention(asked.logDays(), asked.backupsKept()),
                        asked.storageGigabytes(),
                        asked.studentSignIn()));
    }
}
