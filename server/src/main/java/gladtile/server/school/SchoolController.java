package gladtile.server.school;

import gladtile.core.Bounds;
import gladtile.server.accounts.School;
import gladtile.server.accounts.Staff;
import gladtile.server.accounts.Who;
import gladtile.server.files.StorageUse;
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
@RequestMapping("/api/school")
class SchoolController {
    private final Staff staff;
    private final StorageUse storage;

    SchoolController(Staff staff, StorageUse storage) {
        this.staff = staff;
        this.storage = storage;
    }

    /** @param storageUsed bytes of files @param storageMost bytes that they may take */
    record SchoolView(String name, String language, String timeZone, long storageUsed, long storageMost) {}

    record SchoolSettings(String name, String language, String timeZone) {
        SchoolSettings {
            Bounds.text("school.name", name, Bounds.PERSON_NAME);
            Bounds.present("school.language", language);
            Bounds.present("school.timeZone", timeZone);
        }
    }

    @GetMapping
    SchoolView school(@AuthenticationPrincipal Who who) {
        School school = staff.school(who.schoolId()).orElseThrow();
        return new SchoolView(
                school.name(), school.language(), school.timeZone(), storage.used(who.schoolId()), storage.most());
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal Who who, @RequestBody SchoolSettings asked) {
        staff.setSchool(who, new School(who.schoolId(), asked.name().strip(), asked.language(), asked.timeZone()));
    }
}
