package gladtile.server.school;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.StaffService;
import gladtile.server.classes.ClassService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** All classes of the school, and who works with them. For administrators. */
@RestController
@RequestMapping("/api/v1/school/classes")
class SchoolClassController {
    private final ClassService classes;
    private final StaffService staff;
    private final SessionService sessions;
    private final ActivityLog log;

    SchoolClassController(ClassService classes, StaffService staff, SessionService sessions, ActivityLog log) {
        this.classes = classes;
        this.staff = staff;
        this.sessions = sessions;
        this.log = log;
    }

    /** @param staff ids of those who work with it */
    record ClassAtSchool(UUID id, String name, boolean archived, int students, Set<UUID> staff) {}

    @GetMapping
    PagedList<ClassAtSchool> all(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(
                classes.all(user.schoolId()).stream()
                        .map(one ->
                                new ClassAtSchool(one.id(), one.name(), one.archived(), one.students(), one.staff()))
                        .toList(),
                ClassAtSchool::id,
                paging);
    }

    @PutMapping("/{id}/staff/{personId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void join(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID personId) {
        there(user, id, personId);
        if (!classes.isMember(user.schoolId(), id, personId)) {
            classes.join(user.schoolId(), id, personId);
            log.add(
                    user.schoolId(),
                    user.id(),
                    LogEvent.CLASS_STAFF_CHANGED,
                    personId,
                    Map.of("class", id.toString(), "works", "true"));
        }
    }

    /** They see no more of it, from the next request on. */
    @DeleteMapping("/{id}/staff/{personId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID personId) {
        there(user, id, personId);
        classes.leave(user.schoolId(), id, personId);
        sessions.endAll(personId);
        log.add(
                user.schoolId(),
                user.id(),
                LogEvent.CLASS_STAFF_CHANGED,
                personId,
                Map.of("class", id.toString(), "works", "false"));
    }

    private void there(CurrentUser user, UUID id, UUID personId) {
        if (classes.name(user.schoolId(), id).isEmpty()) {
            throw Problem.notThere("class");
        }
        if (staff.member(user.schoolId(), personId).isEmpty()) {
            throw Problem.notThere("person");
        }
    }
}
