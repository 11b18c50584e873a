package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.formats.table.StaffList;
import gladtile.formats.table.StaffList.StaffRow;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.StaffService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.Problem;
import gladtile.server.support.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Many who work at the school at once, from a table or a register: each gets an invitation. For administrators. */
@RestController
@RequestMapping("/api/v1/school/people")
class StaffImportController {
    /** At once. */
    static final int MOST = 500;

    private final StaffService staff;
    private final PublicAddress addresses;
    private final ActivityLog log;

    StaffImportController(StaffService staff, PublicAddress addresses, ActivityLog log) {
        this.staff = staff;
        this.addresses = addresses;
        this.log = log;
    }

    /** @param users a table with a first line of headers @param roles of OneRoster; absent for none */
    record StaffTable(
            String users,
            @JsonInclude(JsonInclude.Include.NON_NULL) String roles) {
        StaffTable {
            Bounds.text("staff.users", users, Bounds.REGISTER_BYTES);
            roles = roles == null ? "" : Bounds.text("staff.roles", roles, Bounds.REGISTER_BYTES);
        }
    }

    enum NewcomerState {
        FRESH,
        /** Somebody has that user name already, here or in a line before. */
        THERE
    }

    /** @param line of the table, from 1 */
    record Newcomer(int line, String name, String signInName, CurrentUser.Role role, NewcomerState state) {}

    /** @param passedOver what is not taken, and why */
    record StaffPreview(List<Newcomer> people, List<String> passedOver) {}

    /** @param address shown this once; whoever has it chooses the password */
    record InvitedPerson(String name, String signInName, String address, OffsetDateTime expiresAt) {}

    /** What the table would do; nothing is changed. */
    @PostMapping("/import-previews")
    StaffPreview preview(@AuthenticationPrincipal CurrentUser user, @RequestBody StaffTable asked) {
        StaffList.Result result = StaffList.read(asked.users(), asked.roles());
        if (result instanceof StaffList.NoList none) {
            throw Problem.bound("staff.users", none.message() + " Nothing was changed.");
        }
        StaffList.Read read = (StaffList.Read) result;
        // Before anything is looked up: a table within its bytes can have very many rows.
        if (read.rows().size() > MOST) {
            throw Problem.bound(
                    "staff.rows", "At most %d people are taken in at once. Nothing was changed.".formatted(MOST));
        }
        Set<String> taken = new HashSet<>();
        List<Newcomer> people = new ArrayList<>();
        for (StaffRow row : read.rows()) {
            String name = Bounds.text("person.name", row.name(), Bounds.PERSON_NAME);
            String signInName = Bounds.text("person.signInName", row.userName(), Bounds.PERSON_NAME);
            boolean fresh = taken.add(signInName.toLowerCase(Locale.ROOT)) && !staff.isTaken(signInName);
            people.add(new Newcomer(
                    row.line(),
                    name,
                    signInName,
                    CurrentUser.Role.valueOf(row.role().name()),
                    fresh ? NewcomerState.FRESH : NewcomerState.THERE));
        }
        return new StaffPreview(people, read.passedOver());
    }

    /** All who are new are invited, or nobody is. */
    @PostMapping("/imports")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public List<InvitedPerson> take(
            @AuthenticationPrincipal CurrentUser user, @RequestBody StaffTable asked, HttpServletRequest request) {
        List<InvitedPerson> invited = new ArrayList<>();
        for (Newcomer one : preview(user, asked).people()) {
            if (one.state() == NewcomerState.FRESH) {
                invited.add(invite(user, one, request));
            }
        }
        log.add(
                user.schoolId(),
                user.id(),
                LogEvent.PEOPLE_IMPORTED,
                null,
                Map.of("people", String.valueOf(invited.size())));
        return invited;
    }

    private InvitedPerson invite(CurrentUser user, Newcomer one, HttpServletRequest request) {
        StaffService.Outcome outcome = staff.invite(user, one.name(), one.signInName(), one.role());
        if (outcome instanceof StaffService.LinkMade made) {
            return new InvitedPerson(
                    one.name(),
                    one.signInName(),
                    addresses.of("/welcome#" + made.link().token(), request),
                    made.link().expiresAt());
        }
        // Somebody else took that name meanwhile; all of it is taken back.
        throw Problem.bound("staff.users", ((StaffService.Refused) outcome).message());
    }
}
