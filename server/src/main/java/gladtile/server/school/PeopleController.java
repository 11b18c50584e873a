package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.StaffService;
import gladtile.server.activities.ActivityListService;
import gladtile.server.classes.ClassService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import gladtile.server.support.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Those who work at the school. For administrators. */
@RestController
@RequestMapping("/api/v1/school/people")
class PeopleController {
    private final StaffService staff;
    private final ClassService classes;
    private final ActivityListService shelf;
    private final ActivityLog log;
    private final TransactionTemplate transactions;
    private final PublicAddress addresses;

    PeopleController(
            StaffService staff,
            ClassService classes,
            ActivityListService shelf,
            ActivityLog log,
            TransactionTemplate transactions,
            PublicAddress addresses) {
        this.staff = staff;
        this.classes = classes;
        this.shelf = shelf;
        this.log = log;
        this.transactions = transactions;
        this.addresses = addresses;
    }

    /** Whether somebody can sign in. */
    enum PersonState {
        ACTIVE,
        INVITED,
        DEACTIVATED
    }

    /**
     * @param invitedUntil absent where no invitation is good
     * @param classes how many they work with @param students how many learn in those
     * @param lastSeen absent for never
     */
    record StaffMember(
            UUID id,
            String name,
            String signInName,
            CurrentUser.Role role,
            PersonState state,
            @JsonInclude(JsonInclude.Include.NON_NULL) OffsetDateTime invitedUntil,
            int classes,
            int students,
            @JsonInclude(JsonInclude.Include.NON_NULL) OffsetDateTime lastSeen) {}

    record NewPerson(String name, String signInName, CurrentUser.Role role) {
        NewPerson {
            Bounds.text("person.name", name, Bounds.PERSON_NAME);
            Bounds.text("person.signInName", signInName, Bounds.PERSON_NAME);
            Bounds.present("person.role", role);
        }
    }

    /** @param address shown this once; whoever has it chooses the password */
    record PersonLink(UUID personId, String address, OffsetDateTime expiresAt) {}

    record RoleChange(CurrentUser.Role role) {
        RoleChange {
            Bounds.present("person.role", role);
        }
    }

    record StateChange(boolean active) {}

    record HandOver(UUID to) {
        HandOver {
            Bounds.present("handOver.to", to);
        }
    }

    record HandedOver(int activities, int classes) {}

    @GetMapping
    PagedList<StaffMember> all(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        List<ClassService.StaffedClass> taught = classes.all(user.schoolId()).stream()
                .filter(one -> !one.archived())
                .toList();
        return PagedList.of(
                staff.of(user.schoolId()).stream()
                        .map(one -> {
                            List<ClassService.StaffedClass> theirs = taught.stream()
                                    .filter(each -> each.staff().contains(one.id()))
                                    .toList();
                            return new StaffMember(
                                    one.id(),
                                    one.name(),
                                    one.signInName(),
                                    one.role(),
                                    one.deactivated()
                                            ? PersonState.DEACTIVATED
                                            : one.invited() ? PersonState.INVITED : PersonState.ACTIVE,
                                    one.invitedUntil(),
                                    theirs.size(),
                                    theirs.stream()
                                            .mapToInt(ClassService.StaffedClass::students)
                                            .sum(),
                                    one.lastSeen());
                        })
                        .toList(),
                StaffMember::id,
                paging);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PersonLink invite(
            @AuthenticationPrincipal CurrentUser user, @RequestBody NewPerson asked, HttpServletRequest request) {
        return link(staff.invite(user, asked.name(), asked.signInName(), asked.role()), request);
    }

    /** Another invitation, or a link for a new password. The one before is good no longer. */
    @PostMapping("/{id}/links")
    @ResponseStatus(HttpStatus.CREATED)
    PersonLink anotherLink(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, HttpServletRequest request) {
        return link(staff.link(user, id), request);
    }

    @PutMapping("/{id}/role")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void role(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody RoleChange asked) {
        done(staff.setRole(user, id, asked.role()));
    }

    @PutMapping("/{id}/state")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void state(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody StateChange asked) {
        done(staff.setActive(user, id, asked.active()));
    }

    /** All activities and classes of somebody become a colleague's. */
    @PostMapping("/{id}/hand-overs")
    HandedOver handOver(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody HandOver asked) {
        StaffService.Member to = member(user, asked.to());
        member(user, id);
        if (asked.to().equals(id) || to.deactivated() || to.role() == CurrentUser.Role.ASSISTANT) {
            throw Problem.bound(
                    "handOver.to", "Work is handed to another teacher who may sign in. Nothing was changed.");
        }
        return transactions.execute(tx -> {
            HandedOver made = new HandedOver(
                    shelf.handOver(user.schoolId(), id, asked.to()), classes.handOver(user.schoolId(), id, asked.to()));
            log.add(
                    user.schoolId(),
                    user.id(),
                    LogEvent.WORK_HANDED_OVER,
                    id,
                    Map.of("to", asked.to().toString(), "activities", String.valueOf(made.activities())));
            return made;
        });
    }

    private StaffService.Member member(CurrentUser user, UUID id) {
        return staff.member(user.schoolId(), id).orElseThrow(() -> Problem.notThere("person"));
    }

    private PersonLink link(StaffService.Outcome outcome, HttpServletRequest request) {
        if (outcome instanceof StaffService.LinkMade made) {
            String address = addresses.of("/welcome#" + made.link().token(), request);
            return new PersonLink(made.personId(), address, made.link().expiresAt());
        }
        done(outcome);
        throw new IllegalStateException("no link came of it");
    }

    private static void done(StaffService.Outcome outcome) {
        if (outcome instanceof StaffService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        if (outcome instanceof StaffService.NoneSuch) {
            throw Problem.notThere("person");
        }
    }
}
