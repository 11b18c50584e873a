package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.assigned.AssignTerms;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService.Giving;
import gladtile.server.assignments.AssignmentService.Whom;
import gladtile.server.support.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Giving an activity to a class. */
@RestController
@RequestMapping("/api/v1/activities/{activityId}/assignments")
class AssignController {
    private final AssignmentService assignments;

    AssignController(AssignmentService assignments) {
        this.assignments = assignments;
    }

    /**
     * @param whom absent for the whole class
     * @param targets the teams or students it is for, where it is not for the whole class
     * @param terms absent for the usual ones
     * @param then activities that come after this one, in this order
     */
    record AssignRequest(
            UUID classId,
            @JsonInclude(Include.NON_NULL) Whom whom,
            @JsonInclude(Include.NON_EMPTY) Set<UUID> targets,
            @JsonInclude(Include.NON_NULL) TermsRequest terms,
            @JsonInclude(Include.NON_EMPTY) List<UUID> then) {
        AssignRequest {
            Bounds.present("assign.classId", classId);
            whom = whom == null ? Whom.CLASS : whom;
            targets = targets == null || whom == Whom.CLASS ? Set.of() : Set.copyOf(targets);
            Bounds.count("assign.targets", targets.size(), Bounds.CLASS_SIZE);
            then = then == null ? List.of() : List.copyOf(then);
            Bounds.count("assign.then", then.size() + 1, Bounds.ACTIVITIES_TOGETHER);
        }
    }

    /** @param joinCode what the class types to come in */
    record Assigned(UUID id, String joinCode) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Assigned assign(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID activityId,
            @RequestBody AssignRequest asked) {
        List<UUID> activities = new ArrayList<>(List.of(activityId));
        activities.addAll(asked.then());
        AssignTerms terms =
                asked.terms() == null ? AssignTerms.USUAL : asked.terms().terms();
        AssignmentService.Result result =
                assignments.assign(user, activities, new Giving(asked.classId(), asked.whom(), asked.targets(), terms));
        if (result instanceof AssignmentService.Given given) {
            return new Assigned(given.id(), given.joinCode());
        }
        if (result instanceof AssignmentService.NothingToPlace nothing) {
            throw Problem.rule(
                    "NOTHING_TO_PLACE",
                    "No piece belongs anywhere yet in “%s”, so there is nothing to do in it. Nothing was assigned. "
                                    .formatted(nothing.title())
                            + "Decide in Answers which piece belongs where.");
        }
        if (result instanceof AssignmentService.Nobody) {
            throw Problem.rule("NOBODY", "Nobody is chosen whom it would be for. Nothing was assigned.");
        }
        throw Problem.notThere(result instanceof AssignmentService.NoSuchClass ? "class" : "activity");
    }
}
