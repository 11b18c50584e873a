package gladtile.server.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.roster.Teams;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The teams of a teacher's class. */
@RestController
@RequestMapping("/api/v1/classes/{id}/teams")
class TeamController {
    private final ClassService classes;
    private final TeamService teams;

    TeamController(ClassService classes, TeamService teams) {
        this.classes = classes;
        this.teams = teams;
    }

    record TeamsRequest(List<TeamService.NewTeam> teams) {
        TeamsRequest {
            Bounds.count("teams.count", Bounds.present("teams", teams).size(), Bounds.TEAMS);
        }
    }

    /** @param seed the same one deals the same teams @param absent ids of students who are away; absent for none */
    record DealRequest(
            int teams,
            long seed,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<UUID> absent) {
        DealRequest {
            absent = absent == null ? List.of() : absent;
            Bounds.count("teams.absent", absent.size(), Bounds.CLASS_SIZE);
        }
    }

    /** Teams as they would be; nothing is kept. */
    record Dealt(List<List<UUID>> teams) {}

    @GetMapping
    PagedList<TeamService.Team> list(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        mine(user, id);
        return PagedList.of(teams.of(user.schoolId(), id), TeamService.Team::id, paging);
    }

    @PutMapping
    List<TeamService.Team> set(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TeamsRequest asked) {
        mine(user, id);
        teams.replace(user.schoolId(), id, asked.teams());
        return teams.of(user.schoolId(), id);
    }

    @PostMapping("/random")
    Dealt byChance(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody DealRequest asked) {
        mine(user, id);
        List<UUID> students = classes.students(user.schoolId(), id).stream()
                .map(Student::id)
                .filter(one -> !asked.absent().contains(one))
                .toList();
        return new Dealt(Teams.random(students, asked.teams(), asked.seed()));
    }

    private void mine(CurrentUser user, UUID id) {
        if (!classes.isMember(user.schoolId(), id, user.id())) {
            throw Problem.notThere("class");
        }
    }
}
