package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.assigned.Sharing;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Assignments.AssignmentChanged;
import gladtile.server.classes.ClassTeams;
import gladtile.server.classes.Classes;
import gladtile.server.classes.Classes.ClassChanged;
import gladtile.server.classes.Classes.Student;
import gladtile.server.support.NodeNews;
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
public class Workers {
    private static final String TOPIC = "class:";
    private final Classes classes;
    private final ClassTeams teams;
    private final NodeNews nodes;
    /** Kept for a moment only, so that a class that changed on another machine is seen soon even if its news is lost. */
    private final Cache<UUID, Known> known = Caffeine.newBuilder()
            .maximumSize(2_000)
            .expireAfterWrite(Duration.ofSeconds(10))
            .build();

    private record Known(List<Worker> workers, Map<UUID, Worker> byStudent) {}

    Workers(Classes classes, ClassTeams teams, NodeNews nodes) {
        this.classes = classes;
        this.teams = teams;
        this.nodes = nodes;
    }

    /** In the order of their names; teams in their own order, before those who are in none. */
    public List<Worker> of(Assignment assignment) {
        return known(assignment).workers;
    }

    /** Empty when it is not for that student. */
    public Optional<Worker> holder(Assignment assignment, UUID studentId) {
        return Optional.ofNullable(known(assignment).byStudent.get(studentId));
    }

    /** The students it is for, by their names. */
    public List<Student> students(Assignment assignment) {
        return of(assignment).stream()
                .flatMap(worker -> worker.members().stream())
                .sorted((a, b) -> a.name().compareTo(b.name()))
                .toList();
    }

    private Known known(Assignment assignment) {
        return known.get(assignment.id(), id -> find(assignment));
    }

    private Known find(Assignment assignment) {
        List<Student> all = classes.students(assignment.schoolId(), assignment.classId());
        List<ClassTeams.Team> groups = teams.of(assignment.schoolId(), assignment.classId());
        Set<UUID> meant = meant(assignment, all, groups);
        List<Worker> workers = new ArrayList<>();
        Map<UUID, Worker> byStudent = new LinkedHashMap<>();
        if (assignment.terms().shared() == Sharing.TEAM_COPY) {
            for (ClassTeams.Team team : groups) {
                List<Student> members = team.students().stream()
                        .filter(student -> meant.contains(student.id()))
                        .toList();
                if (!members.isEmpty()) {
                    Worker worker = new Worker(team.id(), team.name(), members, true);
                    workers.add(worker);
                    members.forEach(student -> byStudent.put(student.id(), worker));
                }
            }
        }
        for (Student student : all) {
            if (meant.contains(student.id()) && !byStudent.containsKey(student.id())) {
                Worker worker = Worker.of(student);
                workers.add(worker);
                byStudent.put(student.id(), worker);
            }
        }
        return new Known(List.copyOf(workers), new HashMap<>(byStudent));
    }

    private static Set<UUID> meant(Assignment assignment, List<Student> all, List<ClassTeams.Team> groups) {
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
    void changedThere(NodeNews.Heard heard) {
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
                .map(worker -> worker.id().equals(holderId))
                .orElse(holderId.equals(studentId));
    }

    /** Whether what a student or team holds is that student's: alone, or as one of the team. */
    public boolean holds(Assignment assignment, UUID holderId, UUID studentId) {
        return holderId.equals(studentId)
                || holder(assignment, studentId)
                        .filter(worker -> worker.id().equals(holderId))
                        .isPresent();
    }
}
