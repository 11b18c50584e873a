package gladtile.server.assignments;

import gladtile.core.Bounds;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
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
@RequestMapping("/api/activities/{activityId}/assignments")
class AssignController {
    private final Assignments assignments;

    AssignController(Assignments assignments) {
        this.assignments = assignments;
    }

    record AssignRequest(UUID classId) {
        AssignRequest {
            Bounds.present("assign.classId", classId);
        }
    }

    /** @param joinCode what the class types to come in */
    record Assigned(UUID id, String joinCode) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Assigned assign(@AuthenticationPrincipal Who who, @PathVariable UUID activityId, @RequestBody AssignRequest asked) {
        Assignments.Result result = assignments.assign(who, activityId, asked.classId());
        if (result instanceof Assignments.Given given) {
            return new Assigned(given.id(), given.joinCode());
        }
        if (result instanceof Assignments.NothingToPlace) {
            throw Problem.rule(
                    "NOTHING_TO_PLACE",
                    "No piece belongs anywhere yet, so there is nothing to do in it. Nothing was assigned. "
                            + "Decide in Answers which piece belongs where.");
        }
        throw Problem.notThere(result instanceof Assignments.NoSuchClass ? "class" : "activity");
    }
}
