package gladtile.server.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.roster.Roster;
import gladtile.server.classes.ClassService.ClassChanged;
import gladtile.server.classes.ClassService.Student;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** The teams of classes. */
@Service
public class TeamService {
    private final TeamStore store;
    private final ClassService classes;
    private final ApplicationEventPublisher events;

    TeamService(TeamStore store, ClassService classes, ApplicationEventPublisher events) {
        this.store = store;
        this.classes = classes;
        this.events = events;
    }

    public record Team(UUID id, String name, List<Student> students) {}

    /** @param id of the team that it was before; absent for a new one */
    public record NewTeam(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID id, String name, List<UUID> studentIds) {
        public NewTeam {
            name = Roster.tidied(Bounds.text("team.name", name, Bounds.PERSON_NAME));
            if (name.isEmpty()) {
                throw new OutOfBounds("team.name", Message.of("bound.team.name"));
            }
            studentIds = List.copyOf(Bounds.present("team.studentIds", studentIds));
            Bounds.count("team.studentIds", studentIds.size(), Bounds.CLASS_SIZE);
        }
    }

    public List<Team> of(UUID schoolId, UUID classId) {
        return store.of(schoolId, classId);
    }

    /** Puts the teams in place of those there were, all or none. Whoever is in none of them works alone. */
    public void replace(UUID schoolId, UUID classId, List<NewTeam> teams) {
        Bounds.count("teams.count", teams.size(), Bounds.TEAMS);
        Set<UUID> inClass =
                classes.students(schoolId, classId).stream().map(Student::id).collect(Collectors.toSet());
        Set<UUID> placed = new HashSet<>();
        for (NewTeam team : teams) {
            for (UUID student : team.studentIds()) {
                if (!inClass.contains(student)) {
                    throw new OutOfBounds("team.studentIds", Message.of("bound.team.student-ids"));
                }
                if (!placed.add(student)) {
                    throw new OutOfBounds("team.studentIds", Message.of("bound.team.one-team"));
                }
            }
        }
        store.replace(schoolId, classId, teams);
        events.publishEvent(new ClassChanged(schoolId, classId));
    }
}
