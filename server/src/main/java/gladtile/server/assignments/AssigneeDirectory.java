package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.assigned.Sharing;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.assignments.AssignmentService.AssignmentChanged;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.ClassService.ClassChanged;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.classes.TeamService;
import gladtile.server.support.NodeEvents;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Whom assignments are for, as their classes and teams are now. */
@Service
public class AssigneeDirectory {
    private static final String TOPIC = "class:";
    private final ClassService classes;
    private final TeamService teams;
    private final NodeEvents nodes;
    /** Kept for a moment only, so that a class that changed on another machine is seen soon even if its news is lost. */
    private final Cache<UUID, Known> known = Caffeine.newBuilder()
            .maximumSize(2_000)
            .expireAfterWrite(Duration.ofSeconds(10))
            .build();

    private record Known(List<Assignee> assignees, Map<UUID, Assignee> byStudent) {}

    AssigneeDirectory(ClassService classes, TeamService teams, NodeEvents nodes) {
        this.classes = classes;
        this.teams = teams;
        this.nodes = nodes;
    }

    /** In the order of their names; teams in their own order, before those who are in none. */
    public List<Assignee> of(Assignment assignment) {
        return known(assignment).assignees;
    }

    /** Who holds work on it by that id, a student or a team. */
    public Optional<Assignee> find(Assignment assignment, UUID holderId) {
        return of(assignment).stream().filter(one -> one.id().equals(holderId)).findFirst();
    }

    /** Empty when it is not for that student. */
    public Optional<Assignee> holder(Assignment assignment, UUID studentId) {
        return Optional.ofNullable(known(assignment).byStudent.get(studentId));
    }

    /** The students it is for, by their names. */
    public List<Student> students(Assignment assignment) {
        return of(assignment).stream()
                .flatMap(assignee -> assignee.members().stream())
                .sorted((a, b) -> a.name().compareTo(b.name()))
                .toList();
    }

    private Known known(Assignment assignment) {
        return known.get(assignment.id(), id -> find(assignment));
    }

    private Known find(Assignment assignment) {
        List<Student> all = classes.students(assignment.schoolId(), assignment.classId());
        List<TeamService.Team> groups = teams.of(assignment.schoolId(), assignment.classId());
        Set<UUID> meant = meant(assignment, all, groups);
        List<Assignee> assignees = new ArrayList<>();
        Map<UUID, Assignee> byStudent = new LinkedHashMap<>();
        if (assignment.terms().shared() == Sharing.TEAM_COPY) {
            for (TeamService.Team team : groups) {
                List<Student> members = team.students().stream()
                        .filter(student -> meant.contains(student.id()))
                        .toList();
                if (!members.isEmpty()) {
                    Assignee assignee = new Assignee(team.id(), team.name(), members, true);
                    assignees.add(assignee);
                    members.forEach(student -> byStudent.put(student.id(), assignee));
                }
            }
        }
        for (Student student : all) {
            if (meant.contains(student.id()) && !byStudent.containsKey(student.id())) {
                Assignee assignee = Assignee.of(student);
                assignees.add(assignee);
                byStudent.put(student.id(), assignee);
            }
        }
        return new Known(List.copyOf(assignees), new HashMap<>(byStudent));
    }

    private static Set<UUID> meant(Assignment assignment, List<Student> all, List<TeamService.Team> groups) {
        Set<UUID> meant = new HashSet<>();
        switch (assignment.whom()) {
            case CLASS -> all.forEach(student -> meant.add(student.id()));
            case STUDENTS ->
                all.stream()
                        .map(Student::id)
                        .filter(assignment.targets()::contains)
                        .forEach(meant::add);
            case TEAMS ->
                groups.stream()
                        .filter(team -> assignment.targets().contains(team.id()))
                        .forEach(team -> team.students().forEach(student -> meant.add(student.id())));
        }
        return meant;
    }

    @EventListener
    void changed(ClassChanged change) {
        known.invalidateAll();
        nodes.tell(TOPIC + change.classId());
    }

    @EventListener
    void changed(AssignmentChanged change) {
        known.invalidate(change.id());
    }

    @EventListener
    void changedThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            known.invalidateAll();
        }
    }

    /**
     * Whether a student goes on with what a student or team holds. What they began alone before they were put into a team
     * is theirs to look at, but it is the team's that goes on.
     */
    public boolean goesOnWith(Assignment assignment, UUID holderId, UUID studentId) {
        return holder(assignment, studentId)
                .map(assignee -> assignee.id().equals(holderId))
                .orElse(holderId.equals(studentId));
    }

    /** Whether what a student or team holds is that student's: alone, or as one of the team. */
    public boolean holds(Assignment assignment, UUID holderId, UUID studentId) {
        return holderId.equals(studentId)
                || holder(assignment, studentId)
                        .filter(assignee -> assignee.id().equals(holderId))
                        .isPresent();
    }
}
