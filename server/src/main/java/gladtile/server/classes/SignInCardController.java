package gladtile.server.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.formats.print.SignInCards;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.accounts.School;
import gladtile.server.accounts.StaffService;
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
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What lets students in: new PINs, new pictures, and cards with them for a whole class. */
@RestController
@RequestMapping("/api/v1/classes")
class SignInCardController {
    private final ClassService classes;
    private final OwnClasses own;
    private final PersonService people;
    private final PublicAddress addresses;
    private final StudentRequestService requests;
    private final ActivityLog log;
    private final StaffService staff;
    private final SecureRandom chance = new SecureRandom();

    SignInCardController(
            ClassService classes,
            OwnClasses own,
            PersonService people,
            PublicAddress addresses,
            StudentRequestService requests,
            ActivityLog log,
            StaffService staff) {
        this.classes = classes;
        this.own = own;
        this.people = people;
        this.addresses = addresses;
        this.requests = requests;
        this.log = log;
        this.staff = staff;
    }

    /** Three pictures in their order, shown this once. */
    record FreshPictures(List<String> pictures) {}

    record FreshPin(String pin) {}

    /** @param studentIds absent for all of the class @param pictures whether they sign in with pictures, else with a PIN; absent for as the school has it */
    record CardsRequest(
            @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<UUID> studentIds,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean pictures) {}

    @PostMapping("/{id}/students/{studentId}/picture-secrets")
    FreshPictures pictures(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID studentId) {
        Student student = own.student(user, id, studentId);
        only(user, School.StudentSignIn.PICTURES);
        String fresh = PictureSecret.fresh(chance);
        people.setPictures(user.schoolId(), studentId, fresh);
        wasReset(user, student);
        return new FreshPictures(List.of(fresh.split("-")));
    }

    @PostMapping("/{id}/students/{studentId}/pins")
    FreshPin pin(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID studentId) {
        Student student = own.student(user, id, studentId);
        only(user, School.StudentSignIn.PIN);
        String pin = people.freshPin();
        people.setPin(user.schoolId(), studentId, pin);
        wasReset(user, student);
        return new FreshPin(pin);
    }

    /** New secrets for these students, and a PDF with their cards; the old ones no longer let them in. */
    @PostMapping(path = "/{id}/cards", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @RequestBody CardsRequest asked,
            HttpServletRequest request)
            throws IOException {
        own.check(user, id);
        boolean pictures = asked.pictures() == null ? signIn(user) == School.StudentSignIn.PICTURES : asked.pictures();
        only(user, pictures ? School.StudentSignIn.PICTURES : School.StudentSignIn.PIN);
        String code = classes.code(user.schoolId(), id);
        String address = addresses.join(code, request);
        // Hashing takes most of the time, by design: on all cores.
        List<SignInCards.Card> cards = classes.students(user.schoolId(), id).stream()
                .filter(student ->
                        asked.studentIds() == null || asked.studentIds().contains(student.id()))
                .toList()
                .parallelStream()
                .map(student -> card(user, student, pictures))
                .toList();
        classes.students(user.schoolId(), id).stream()
                .filter(student ->
                        asked.studentIds() == null || asked.studentIds().contains(student.id()))
                .forEach(student -> wasReset(user, student));
        String name = classes.name(user.schoolId(), id).orElseThrow();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named("%s, sign-in cards.pdf".formatted(name)))
                .body(SignInCards.pdf(name, address, code, cards));
    }

    private SignInCards.Card card(CurrentUser user, Student student, boolean pictures) {
        if (pictures) {
            String fresh = PictureSecret.fresh(chance);
            people.setPictures(user.schoolId(), student.id(), fresh);
            return new SignInCards.Card(student.name(), List.of(fresh.split("-")), true);
        }
        String pin = people.freshPin();
        people.setPin(user.schoolId(), student.id(), pin);
        return new SignInCards.Card(student.name(), List.of(pin), false);
    }

    private void wasReset(CurrentUser user, Student student) {
        requests.wasReset(user, student);
        log.add(user.schoolId(), user.id(), LogEvent.PIN_CHANGED, student.id());
    }

    private School.StudentSignIn signIn(CurrentUser user) {
        return staff.school(user.schoolId()).orElseThrow().studentSignIn();
    }

    /** What the school does not have its students sign in with is not made. */
    private void only(CurrentUser user, School.StudentSignIn wanted) {
        School.StudentSignIn has = signIn(user);
        if (has != School.StudentSignIn.BOTH && has != wanted) {
            throw Problem.bound(
                    "school.studentSignIn",
                    has == School.StudentSignIn.PIN
                            ? "At this school students sign in with a PIN. Nothing was changed."
                            : "At this school students sign in with pictures. Nothing was changed.");
        }
    }
}
