package gladtile.server.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.roster.Roster;
import gladtile.formats.print.SignInCards;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.accounts.School;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.StaffService;
import gladtile.server.classes.ClassService.ClassHead;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.Attachment;
import gladtile.server.support.Problem;
import gladtile.server.support.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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
    private final NewNames names;
    private final PersonService people;
    private final SessionService sessions;
    private final PublicAddress addresses;
    private final StudentRequestService requests;
    private final ActivityLog log;
    private final StaffService staff;
    private final SecureRandom chance = new SecureRandom();

    ClassController(
            ClassService classes,
            NewNames names,
            PersonService people,
            SessionService sessions,
            PublicAddress addresses,
            StudentRequestService requests,
            ActivityLog log,
            StaffService staff) {
        this.staff = staff;
        this.classes = classes;
        this.names = names;
        this.people = people;
        this.sessions = sessions;
        this.addresses = addresses;
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
     * @param waiting names of those whom a colleague was asked for and who come once there is a yes
     */
    record ClassView(
            UUID id,
            String name,
            String joinCode,
            boolean archived,
            List<Student> students,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> waiting,
            School.StudentSignIn signIn) {}

    /** @param archived whether it is set aside */
    record ArchiveRequest(boolean archived) {}

    record MoveRequest(UUID toClassId) {
        MoveRequest {
            Bounds.present("move.toClassId", toClassId);
        }
    }

    record FreshClassCode(String joinCode) {}

    /** Three pictures in their order, shown this once. */
    record FreshPictures(List<String> pictures) {}

    record FreshPin(String pin) {}

    /** @param studentIds absent for all of the class @param pictures whether they sign in with pictures, else with a PIN; absent for as the school has it */
    record CardsRequest(
            @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<UUID> studentIds,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean pictures) {}

    @GetMapping
    List<ClassHead> list(@AuthenticationPrincipal CurrentUser who) {
        return classes.of(who);
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
        mine(who, id);
        return new ClassView(
                id,
                classes.name(who.schoolId(), id).orElseThrow(),
                classes.code(who.schoolId(), id),
                classes.isArchived(who.schoolId(), id),
                classes.students(who.schoolId(), id),
                requests.waiting(who.schoolId(), id),
                signIn(who));
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody ArchiveRequest asked) {
        mine(who, id);
        classes.archive(who.schoolId(), id, asked.archived());
    }

    /** A new code; the old one, and the cards it stands on, no longer let anybody in. */
    @PostMapping("/{id}/join-codes")
    FreshClassCode code(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id) {
        mine(who, id);
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
        student(who, id, studentId);
        mine(who, asked.toClassId());
        classes.move(who.schoolId(), studentId, id, asked.toClassId());
    }

    @PostMapping("/{id}/students/{studentId}/picture-secrets")
    FreshPictures pictures(
            @AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @PathVariable UUID studentId) {
        Student student = student(who, id, studentId);
        only(who, School.StudentSignIn.PICTURES);
        String fresh = PictureSecret.fresh(chance);
        people.setPictures(who.schoolId(), studentId, fresh);
        wasReset(who, student);
        return new FreshPictures(List.of(fresh.split("-")));
    }

    @PutMapping("/{id}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody ClassName asked) {
        mine(who, id);
        classes.rename(who.schoolId(), id, asked.name());
    }

    /** What a list would do; nothing is changed. */
    @PostMapping("/{id}/student-previews")
    Roster preview(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody Names asked) {
        mine(who, id);
        return names.look(who, id, asked.text());
    }

    @PostMapping("/{id}/students")
    NewNames.Added add(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody Names asked) {
        mine(who, id);
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
        student(who, id, studentId);
        classes.leave(who.schoolId(), id, studentId);
        sessions.endAll(studentId);
    }

    @PostMapping("/{id}/students/{studentId}/pins")
    FreshPin pin(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @PathVariable UUID studentId) {
        Student student = student(who, id, studentId);
        only(who, School.StudentSignIn.PIN);
        String pin = people.freshPin();
        people.setPin(who.schoolId(), studentId, pin);
        wasReset(who, student);
        return new FreshPin(pin);
    }

    /** New secrets for these students, and a PDF with their cards; the old ones no longer let them in. */
    @PostMapping(path = "/{id}/cards", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @AuthenticationPrincipal CurrentUser who,
            @PathVariable UUID id,
            @RequestBody CardsRequest asked,
            HttpServletRequest request)
            throws IOException {
        mine(who, id);
        boolean pictures = asked.pictures() == null ? signIn(who) == School.StudentSignIn.PICTURES : asked.pictures();
        only(who, pictures ? School.StudentSignIn.PICTURES : School.StudentSignIn.PIN);
        String code = classes.code(who.schoolId(), id);
        String address = addresses.join(code, request);
        // Hashing takes most of the time, by design: on all cores.
        List<SignInCards.Card> cards = classes.students(who.schoolId(), id).stream()
                .filter(student ->
                        asked.studentIds() == null || asked.studentIds().contains(student.id()))
                .toList()
                .parallelStream()
                .map(student -> card(who, student, pictures))
                .toList();
        classes.students(who.schoolId(), id).stream()
                .filter(student ->
                        asked.studentIds() == null || asked.studentIds().contains(student.id()))
                .forEach(student -> wasReset(who, student));
        String name = classes.name(who.schoolId(), id).orElseThrow();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named("%s, sign-in cards.pdf".formatted(name)))
                .body(SignInCards.pdf(name, address, code, cards));
    }

    private SignInCards.Card card(CurrentUser who, Student student, boolean pictures) {
        if (pictures) {
            String fresh = PictureSecret.fresh(chance);
            people.setPictures(who.schoolId(), student.id(), fresh);
            return new SignInCards.Card(student.name(), List.of(fresh.split("-")), true);
        }
        String pin = people.freshPin();
        people.setPin(who.schoolId(), student.id(), pin);
        return new SignInCards.Card(student.name(), List.of(pin), false);
    }

    private void wasReset(CurrentUser who, Student student) {
        requests.wasReset(who, student);
        log.add(who.schoolId(), who.id(), LogEvent.PIN_CHANGED, student.id());
    }

    private School.StudentSignIn signIn(CurrentUser who) {
        return staff.school(who.schoolId()).orElseThrow().studentSignIn();
    }

    /** What the school does not have its students sign in with is not made. */
    private void only(CurrentUser who, School.StudentSignIn wanted) {
        School.StudentSignIn has = signIn(who);
        if (has != School.StudentSignIn.BOTH && has != wanted) {
            throw Problem.bound(
                    "school.studentSignIn",
                    has == School.StudentSignIn.PIN
                            ? "At this school students sign in with a PIN. Nothing was changed."
                            : "At this school students sign in with pictures. Nothing was changed.");
        }
    }

    private void mine(CurrentUser who, UUID id) {
        if (!classes.isMember(who.schoolId(), id, who.id())) {
            throw Problem.notThere("class");
        }
    }

    private Student student(CurrentUser who, UUID id, UUID studentId) {
        mine(who, id);
        return classes.students(who.schoolId(), id).stream()
                .filter(one -> one.id().equals(studentId))
                .findFirst()
                .orElseThrow(() -> Problem.notThere("student"));
    }
}
