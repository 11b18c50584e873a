package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Links that are good once: a new school is set up by one, a password is chosen by one. The token comes in the body and
 * never in an address, which is written down in many places.
 */
@RestController
class OneTimeLinkController {
    private final StaffService staff;
    private final PasswordService passwords;
    private final PersonService people;
    private final SessionService sessions;

    OneTimeLinkController(
            StaffService staff, PasswordService passwords, PersonService people, SessionService sessions) {
        this.passwords = passwords;
        this.staff = staff;
        this.people = people;
        this.sessions = sessions;
    }

    record LinkRequest(String token) {
        LinkRequest {
            Bounds.text("link.token", token, Bounds.NAME_LENGTH);
        }
    }

    /** @param invited whether it is their first password */
    record LinkOf(String name, String signInName, String school, boolean invited) {}

    record ChosenPassword(String token, String password) {
        ChosenPassword {
            Bounds.text("link.token", token, Bounds.NAME_LENGTH);
            Bounds.text("person.password", password, Bounds.NAME_LENGTH);
        }
    }

    record SetUpNeeded(boolean needed) {}

    record SetUp(
            String token,
            String school,
            String language,
            String timeZone,
            String name,
            String signInName,
            String password) {
        SetUp {
            Bounds.text("link.token", token, Bounds.NAME_LENGTH);
            Bounds.text("school.name", school, Bounds.PERSON_NAME);
            Bounds.text("person.name", name, Bounds.PERSON_NAME);
            Bounds.text("person.signInName", signInName, Bounds.PERSON_NAME);
            Bounds.text("person.password", password, Bounds.NAME_LENGTH);
            Bounds.present("school.language", language);
            Bounds.present("school.timeZone", timeZone);
        }
    }

    /** Whose link that is. */
    @PostMapping("/api/v1/one-time-links")
    LinkOf look(@RequestBody LinkRequest asked) {
        return passwords
                .whose(asked.token())
                .map(one -> new LinkOf(one.name(), one.signInName(), one.school(), one.invited()))
                .orElseThrow(OneTimeLinkController::goodNoLonger);
    }

    /** Chooses the password and signs in. */
    @PostMapping("/api/v1/one-time-links/passwords")
    AccountController.Me choose(
            @RequestBody ChosenPassword asked, HttpServletRequest request, HttpServletResponse response) {
        return welcome(passwords.choosePassword(asked.token(), asked.password()), request, response);
    }

    /** Whether there is no school here yet. */
    @GetMapping("/api/v1/set-up")
    SetUpNeeded setUpNeeded() {
        return new SetUpNeeded(!people.anySchool());
    }

    /** Makes the school with its first administrator, who is signed in then. */
    @PostMapping("/api/v1/set-up")
    @ResponseStatus(HttpStatus.CREATED)
    AccountController.Me setUp(@RequestBody SetUp asked, HttpServletRequest request, HttpServletResponse response) {
        return welcome(
                staff.setUp(
                        asked.token(),
                        asked.school(),
                        asked.language(),
                        asked.timeZone(),
                        asked.name(),
                        asked.signInName(),
                        asked.password()),
                request,
                response);
    }

    private AccountController.Me welcome(
            StaffService.Outcome outcome, HttpServletRequest request, HttpServletResponse response) {
        if (outcome instanceof StaffService.Came came) {
            sessions.begin(came.user(), request, response);
            return AccountController.Me.of(came.user());
        }
        if (outcome instanceof StaffService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        throw goodNoLonger();
    }

    private static Problem goodNoLonger() {
        return Problem.of(
                HttpStatus.GONE,
                "This link was used, or its time is over. Ask an administrator of your school for another one.");
    }
}
