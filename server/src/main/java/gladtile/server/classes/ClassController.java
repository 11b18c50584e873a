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
    PagedList<ClassHead> list(@AuthenticationPrincipal CurrentUser who, @ParameterObject Paging paging) {
        return PagedList.of(classes.of(who), ClassHead::id, paging);
    }

    /** Whoever makes a class is in it. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClassView make(@AuthenticationPrincipal CurrentUser who, @RequestBody ClassName asked) {
        UUID id = classes.create(who.schoolId(), asked.name());
        classes.join(who.schoolId(), id, who.id());
        return view(who, id);
    }

    @GetMapping("/{id}")
    ClassView view(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id) {
        own.check(who, id);
        return new ClassView(
                id,
                classes.name(who.schoolId(), id).orElseThrow(),
                classes.code(who.schoolId(), id),
                classes.isArchived(who.schoolId(), id),
                classes.students(who.schoolId(), id),
                requests.waiting(who.schoolId(), id),
                signIn(who),
                classes.ownLanguage(who.schoolId(), id).orElse(null));
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody ArchiveRequest asked) {
        own.check(who, id);
        classes.archive(who.schoolId(), id, asked.archived());
    }

    /** A new code; the old one, and the cards it stands on, no longer let anybody in. */
    @PostMapping("/{id}/join-codes")
    FreshClassCode code(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id) {
        own.check(who, id);
        return new FreshClassCode(classes.newJoinCode(who.schoolId(), id));
    }

    /** Into another class of the teacher's. What they began they go on with. */
    @PutMapping("/{id}/students/{studentId}/class")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(
            @AuthenticationPrincipal CurrentUser who,
            @PathVariable UUID id,
            @PathVariable UUID studentId,
            @RequestBody MoveRequest asked) {
        own.student(who, id, studentId);
        own.check(who, asked.toClassId());
        classes.move(who.schoolId(), studentId, id, asked.toClassId());
    }

    @PutMapping("/{id}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody ClassName asked) {
        own.check(who, id);
        classes.rename(who.schoolId(), id, asked.name());
    }

    /** In which language its students are spoken to, until they choose another one. */
    @PutMapping("/{id}/language")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void language(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody ClassLanguage asked) {
        own.check(who, id);
        classes.setLanguage(who.schoolId(), id, asked.language());
    }

    /** What a list would do; nothing is changed. */
    @PostMapping("/{id}/student-previews")
    Roster preview(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody Names asked) {
        own.check(who, id);
        return names.look(who, id, asked.text());
    }

    @PostMapping("/{id}/students")
    NewNames.Added add(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody Names asked) {
        own.check(who, id);
        NewNames.Added added = names.add(who, id, asked.text());
        if (!added.roster().wrong().isEmpty()) {
            throw Problem.bound("names", added.roster().wrong().get(0) + " Nobody was added.");
        }
        log.add(who.schoolId(), who.id(), LogEvent.STUDENTS_ADDED, id);
        return added;
    }

    /** Out of this class, and signed out; what they did stays. */
    @DeleteMapping("/{id}/students/{studentId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @PathVariable UUID studentId) {
        own.student(who, id, studentId);
        classes.leave(who.schoolId(), id, studentId);
        sessions.endAll(studentId);
    }

    private School.StudentSignIn signIn(CurrentUser who) {
        return staff.school(who.schoolId()).orElseThrow().studentSignIn();
    }
}
