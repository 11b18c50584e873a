package gladtile.server.review;

import gladtile.core.Bounds;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Score;
import gladtile.core.roster.Teams;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Teams that are about equally strong by what their members did before. */
@RestController
class BalancedController {
    /** Further back says little of today. */
    private static final int ASSIGNMENTS = 20;

    private final AssignmentService assignments;
    private final AttemptQueries works;
    private final ClassService classes;

    BalancedController(AssignmentService assignments, AttemptQueries works, ClassService classes) {
        this.assignments = assignments;
        this.works = works;
        this.classes = classes;
    }

    /** @param seed the same one deals the same teams @param absent ids of students who are away; absent for none */
    record BalanceRequest(int teams, long seed, List<UUID> absent) {
        BalanceRequest {
            absent = absent == null ? List.of() : absent;
            Bounds.count("teams.absent", absent.size(), Bounds.CLASS_SIZE);
        }
    }

    /** Teams as they would be; nothing is kept. @param known of how many students there are results */
    record Balanced(List<List<UUID>> teams, int known) {}

    @PostMapping("/api/v1/classes/{id}/teams/balanced")
    Balanced balanced(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody BalanceRequest asked) {
        if (!classes.isMember(user.schoolId(), id, user.id())) {
            throw Problem.notThere("class");
        }
        List<UUID> students = classes.students(user.schoolId(), id).stream()
                .map(Student::id)
                .filter(one -> !asked.absent().contains(one))
                .toList();
        Map<UUID, Double> strength = strength(user, id);
        strength.keySet().retainAll(students);
        return new Balanced(Teams.balanced(students, asked.teams(), strength, asked.seed()), strength.size());
    }

    /** The share of the points that each had on average. */
    private Map<UUID, Double> strength(CurrentUser user, UUID classId) {
        Map<UUID, List<Double>> shares = new HashMap<>();
        assignments.of(user).stream()
                .filter(one -> one.classId().equals(classId))
                .limit(ASSIGNMENTS)
                .forEach(one -> add(one, shares));
        Map<UUID, Double> strength = new HashMap<>();
        shares.forEach((id, all) -> strength.put(
                id, all.stream().mapToDouble(Double::doubleValue).average().orElseThrow()));
        return strength;
    }

    private void add(Assignment assignment, Map<UUID, List<Double>> shares) {
        works.all(assignment).forEach((holder, rounds) -> {
            AttemptQueries.Work first = rounds.get(0);
            AttemptState state = first.state();
            Score score = Score.of(state, first.version().rules());
            if (state.seq() > 0 && score.most() > 0) {
                shares.computeIfAbsent(holder, id -> new ArrayList<>()).add(score.got() / score.most());
            }
        });
    }
}
