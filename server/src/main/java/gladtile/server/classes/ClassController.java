package gladtile.server.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.roster.Roster;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.School;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.StaffService;
import gladtile.server.classes.ClassService.ClassHead;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's classes. */
@RestController
@RequestMapping("/api/v1/classes")
class ClassController {
    private final ClassService classes;
    private final OwnClasses own;
    private final NewNames names;
    private final SessionService sessions;
    private final StudentRequestService requests;
    private final ActivityLog log;
    private final StaffService staff;

    ClassController(
            ClassService classes,
            OwnClasses own,
            NewNames names,
            SessionService sessions,
            StudentRequestService requests,
            ActivityLog log,
            StaffService staff) {
        this.staff = staff;
        this.classes = classes;
        this.own = own;
        this.names = names;
        this.sessions = sessions;
        this.requests = requests;
        this.log = log;
    }

    record ClassName(String name) {
        ClassName {
            Bounds.text("class.name", name, Bounds.PERSON_NAME);
        }
    }

    /** @param text one name a line, or a table */
    record Names(String text) {
        Names {
            Bounds.text("names.text", text, Bounds.NAME_LIST);
        }
    }

    /**
     * @param joinCode by which its students come in, whatever they do there
     * @param language that its students are spoken to in; absent for that of the school
     * @param waiting names of those whom a colleague was asked for and who come once there is a yes
     */
    record ClassView(
            UUID id,
            String name,
            String joinCode,
            boolean archived,
            List<Student> students,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> waiting,
            School.StudentSignIn signIn,
            @JsonInclude(JsonInclude.Include.NON_NULL) String language) {}

    /** @param archived whether it is set aside */
    record ArchiveRequest(boolean archived) {}

    /** @param language as BCP 47 has it; absent for that of the school */
    record ClassLanguage(
            @JsonInclude(JsonInclude.Include.NON_NULL) String language) {
        ClassLanguage {
            School.language(language);
        }
    }

    record MoveRequest(UUID toClassId) {
        MoveRequest {
            Bounds.present("move.toClassId", toClassId);
        }
    }

    record FreshClassCode(String joinCode) {}

    @GetMapping
    PagedList<ClassHead> list(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(classes.of(user), ClassHead::id, paging);
    }

    /** Whoever makes a class is in it. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClassView make(@AuthenticationPrincipal CurrentUser user, @RequestBody ClassName asked) {
        UUID id = classes.create(user.schoolId(), asked.name());
        classes.join(user.schoolId(), id, user.id());
        return view(user, id);
    }

    @GetMapping("/{id}")
    ClassView view(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        own.check(user, id);
        return new ClassView(
                id,
                classes.name(user.schoolId(), id).orElseThrow(),
                classes.code(user.schoolId(), id),
                classes.isArchived(user.schoolId(), id),
                classes.students(user.schoolId(), id),
                requests.waiting(user.schoolId(), id),
                signIn(user),
                classes.ownLanguage(user.schoolId(), id).orElse(null));
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ArchiveRequest asked) {
        own.check(user, id);
        classes.archive(user.schoolId(), id, asked.archived());
    }

    /** A new code; the old one, and the cards it stands on, no longer let anybody in. */
    @PostMapping("/{id}/join-codes")
    FreshClassCode code(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        own.check(user, id);
        return new FreshClassCode(classes.newJoinCode(user.schoolId(), id));
    }

    /** Into another class of the teacher's. What they began they go on with. */
    @PutMapping("/{id}/students/{studentId}/class")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID studentId,
            @RequestBody MoveRequest asked) {
        own.student(user, id, studentId);
        own.check(user, asked.toClassId());
        classes.move(user.schoolId(), studentId, id, asked.toClassId());
    }

    @PutMapping("/{id}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ClassName asked) {
        own.check(user, id);
        classes.rename(user.schoolId(), id, asked.name());
    }

    /** In which language its students are spoken to, until they choose another one. */
    @PutMapping("/{id}/language")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void language(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ClassLanguage asked) {
        own.check(user, id);
        classes.setLanguage(user.schoolId(), id, asked.language());
    }

    /** What a list would do; nothing is changed. */
    @PostMapping("/{id}/student-previews")
    Roster preview(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Names asked) {
        own.check(user, id);
        return names.look(user, id, asked.text());
    }

    @PostMapping("/{id}/students")
    NewNames.Added add(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Names asked) {
        own.check(user, id);
        NewNames.Added added = names.add(user, id, asked.text());
        if (!added.roster().wrong().isEmpty()) {
            throw Problem.bound("names", added.roster().wrong().get(0) + " Nobody was added.");
        }
        log.add(user.schoolId(), user.id(), LogEvent.STUDENTS_ADDED, id);
        return added;
    }

    /** Out of this class, and signed out; what they did stays. */
    @DeleteMapping("/{id}/students/{studentId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID studentId) {
        own.student(user, id, studentId);
        classes.leave(user.schoolId(), id, studentId);
        sessions.endAll(studentId);
    }

    private School.StudentSignIn signIn(CurrentUser user) {
        return staff.school(user.schoolId()).orElseThrow().studentSignIn();
    }
}
