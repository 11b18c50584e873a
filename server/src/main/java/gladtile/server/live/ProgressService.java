package gladtile.server.live;

import gladtile.core.analysis.CommonMistakes;
import gladtile.core.analysis.CommonMistakes.Missed;
import gladtile.core.analysis.Stuck;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Standing;
import gladtile.core.page.OtherSide;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.attempts.RefusedMove;
import gladtile.server.classes.ClassService;
import gladtile.server.live.ProgressTable.Beside;
import gladtile.server.live.ProgressTable.HardPlacement;
import gladtile.server.live.ProgressTable.Hardest;
import gladtile.server.live.ProgressTable.ProgressPage;
import gladtile.server.live.ProgressTable.ProgressRow;
import gladtile.server.review.ReviewService;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts together what a teacher sees of a class at work. */
@Service
class ProgressService {
    private static final int HARDEST = 3;
    /** Of fewer nothing is said: one slip would make a placement the hardest. */
    private static final int ENOUGH_TRIED = 3;

    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AssigneeDirectory assignees;
    private final AttemptQueries works;
    private final StuckTracker stuckTracker;
    private final StudentNews students;
    private final ReviewService reviews;
    private final ClassService classes;

    ProgressService(
            AssignmentService assignments,
            ActivityVersionService versions,
            AssigneeDirectory assignees,
            AttemptQueries works,
            StuckTracker stuckTracker,
            StudentNews students,
            ReviewService reviews,
            ClassService classes) {
        this.assignments = assignments;
        this.versions = versions;
        this.assignees = assignees;
        this.works = works;
        this.stuckTracker = stuckTracker;
        this.students = students;
        this.reviews = reviews;
        this.classes = classes;
    }

    /** A student's work as they left it. */
    record Left(
            UUID activityId,
            UUID classId,
            String name,
            UUID attemptId,
            int round,
            StudentView view,
            AttemptState state,
            int placements,
            Progress progress,
            Map<String, OtherSide> sides,
            PathProgress course,
            List<RefusedMove> refused) {}

    Optional<ProgressTable> of(CurrentUser teacher, UUID assignmentId) {
        return assignments.read(teacher, assignmentId).map(assignment -> {
            ActivityVersion version = versions.of(assignment);
            Map<UUID, Work> newest = newest(assignment);
            return new ProgressTable(
                    assignment.id(),
                    assignment.activityId(),
                    assignment.classId(),
                    assignment.title(),
                    assignment.className(),
                    assignment.joinCode(),
                    assignment.assignedAt(),
                    assignment.terms(),
                    assignment.control(),
                    assignment.extensions(),
                    assignments.series(assignment).stream()
                            .map(one -> new ProgressTable.SeriesPart(one.id(), one.title()))
                            .toList(),
                    pages(version),
                    rows(assignment, version, newest),
                    hardest(assignment, version, newest.values()));
        });
    }

    private Map<UUID, Work> newest(Assignment assignment) {
        Map<UUID, Work> newest = new HashMap<>();
        works.all(assignment).forEach((holder, rounds) -> newest.put(holder, rounds.get(rounds.size() - 1)));
        return newest;
    }

    private List<ProgressRow> rows(Assignment assignment, ActivityVersion version, Map<UUID, Work> newest) {
        Map<UUID, Stuck> stuck = stuckTracker.stuck(assignment);
        Set<UUID> sent = reviews.sentAmong(
                assignment.schoolId(), newest.values().stream().map(Work::id).toList());
        List<ProgressRow> rows = new ArrayList<>();
        Set<UUID> inClass = new HashSet<>();
        for (Assignee assignee : assignees.of(assignment)) {
            inClass.add(assignee.id());
            rows.add(row(assignment, assignee, newest.get(assignee.id()), version, stuck, sent, false));
        }
        // Whoever began and is in another class, or another team, now: their work is still there.
        Set<UUID> gone = new HashSet<>(newest.keySet());
        gone.removeAll(inClass);
        for (Assignee assignee : whoBegan(assignment, gone)) {
            rows.add(row(assignment, assignee, newest.get(assignee.id()), version, stuck, sent, true));
        }
        return rows;
    }

    private ProgressRow row(
            Assignment assignment,
            Assignee assignee,
            Work work,
            ActivityVersion version,
            Map<UUID, Stuck> stuck,
            Set<UUID> sent,
            boolean elsewhere) {
        Beside beside = work == null
                ? new Beside(false, false, null, false, elsewhere)
                : new Beside(
                        work.late(assignment),
                        sent.contains(work.id()),
                        stuck.get(assignee.id()),
                        students.isHere(work.id()),
                        elsewhere);
        return ProgressTable.row(assignee, work, version.rules(), beside);
    }

    /**
     * The row of one student or team, for telling open class progress of a change. It costs nothing of the database where the
     * work was moved on here.
     *
     * @param lastStuck where they were stuck when that was looked at last; null for nowhere
     */
    Optional<ProgressRow> row(Assignment assignment, UUID holderId, UUID attemptId, Stuck lastStuck) {
        ActivityVersion version = versions.of(assignment);
        Work work = works.current(assignment, attemptId).orElse(null);
        boolean done = work != null && work.state().standing() == Standing.HANDED_IN;
        Set<UUID> sent = done ? reviews.sentAmong(assignment.schoolId(), List.of(work.id())) : Set.of();
        boolean still = work != null && !done && lastStuck != null && isOpen(work, lastStuck.itemId());
        Map<UUID, Stuck> stuck = still ? Map.of(holderId, lastStuck) : Map.of();
        Optional<Assignee> inClass = assignees.find(assignment, holderId);
        Optional<Assignee> user =
                inClass.or(() -> whoBegan(assignment, Set.of(holderId)).stream().findFirst());
        return user.map(assignee -> row(assignment, assignee, work, version, stuck, sent, inClass.isEmpty()));
    }

    private static boolean isOpen(Work work, String itemId) {
        AttemptRules rules = work.version().rules();
        return rules.placements().stream()
                .anyMatch(placement ->
                        placement.itemId().equals(itemId) && !work.state().isSolved(placement, rules));
    }

    /** Students and teams that are no longer among those it is for. */
    private List<Assignee> whoBegan(Assignment assignment, Set<UUID> holders) {
        return holders.isEmpty()
                ? List.of()
                : classes.names(assignment.schoolId(), holders).entrySet().stream()
                        .map(one -> new Assignee(one.getKey(), one.getValue(), List.of(), false))
                        .toList();
    }

    /** Who is stuck now, by student or team. */
    Map<UUID, Stuck> stuck(Assignment assignment) {
        return stuckTracker.stuck(assignment);
    }

    Hardest hardest(Assignment assignment) {
        return hardest(assignment, versions.of(assignment), newest(assignment).values());
    }

    private Hardest hardest(Assignment assignment, ActivityVersion version, Collection<Work> newest) {
        AttemptRules rules = version.rules();
        record Share(Placement placement, int right, int tried) {
            double share() {
                return (double) right / tried;
            }
        }
        List<Share> shares = new ArrayList<>();
        for (Placement placement : rules.placements()) {
            int tried = 0;
            int right = 0;
            for (Work work : newest) {
                tried += work.state().tries(placement) > 0 ? 1 : 0;
                right += work.state().solvedAt(placement) == 1 ? 1 : 0;
            }
            if (tried >= ENOUGH_TRIED && right < tried) {
                shares.add(new Share(placement, right, tried));
            }
        }
        shares.sort(Comparator.comparingDouble(Share::share));
        Map<String, List<Missed>> misses = shares.isEmpty() ? Map.of() : misses(assignment, version);
        return new Hardest(shares.stream()
                .limit(HARDEST)
                .map(one -> new HardPlacement(
                        one.placement(),
                        one.share(),
                        one.tried(),
                        misses.getOrDefault(one.placement().itemId(), List.of())))
                .toList());
    }

    private Map<String, List<Missed>> misses(Assignment assignment, ActivityVersion version) {
        Set<String> placements =
                version.rules().placements().stream().map(Placement::itemId).collect(Collectors.toSet());
        return CommonMistakes.of(version.activity().pages(), placements, works.misses(assignment));
    }

    /**
     * A student's or team's work, the newest round or that one. Empty when the assignment is not this teacher's or there
     * is no such work.
     */
    Optional<Left> left(CurrentUser teacher, UUID assignmentId, UUID holderId, Integer round) {
        return assignments
                .read(teacher, assignmentId)
                .flatMap(assignment -> works.all(assignment).getOrDefault(holderId, List.of()).stream()
                        .filter(work -> round == null || work.round() == round)
                        .reduce((first, second) -> second)
                        .map(work -> {
                            ActivityVersion version = work.version();
                            String name = assignees
                                    .find(assignment, holderId)
                                    .map(Assignee::name)
                                    .orElseGet(() -> whoBegan(assignment, Set.of(holderId)).stream()
                                            .map(Assignee::name)
                                            .findFirst()
                                            .orElse(""));
                            return new Left(
                                    assignment.activityId(),
                                    assignment.classId(),
                                    name,
                                    work.id(),
                                    work.round(),
                                    works.view(version, work.state()),
                                    work.state(),
                                    version.rules().placements().size(),
                                    works.progress(work.state(), version.rules()),
                                    version.rules().broughtUp(work.state()),
                                    works.course(work.state(), version.rules()),
                                    works.refusedMoves(teacher.schoolId(), work.id()));
                        }));
    }

    private static List<ProgressPage> pages(ActivityVersion version) {
        List<ProgressPage> pages = new ArrayList<>();
        version.activity().pages().stream()
                .filter(page -> !page.leads().aside())
                .forEach(page -> pages.add(new ProgressPage(
                        page.id(),
                        page.name(),
                        version.rules().placements().stream()
                                .filter(placement -> placement.pageId().equals(page.id()))
                                .toList())));
        return pages;
    }
}
