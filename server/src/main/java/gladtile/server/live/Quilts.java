package gladtile.server.live;

import gladtile.core.activity.OtherSide;
import gladtile.core.analysis.Misses;
import gladtile.core.analysis.Misses.Missed;
import gladtile.core.analysis.Stuck;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Course;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Rules;
import gladtile.core.attempt.Standing;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Worker;
import gladtile.server.assignments.Workers;
import gladtile.server.attempts.RefusedMove;
import gladtile.server.attempts.Works;
import gladtile.server.attempts.Works.Work;
import gladtile.server.classes.Classes;
import gladtile.server.live.Quilt.Beside;
import gladtile.server.live.Quilt.HardPlacement;
import gladtile.server.live.Quilt.Hardest;
import gladtile.server.live.Quilt.QuiltPage;
import gladtile.server.live.Quilt.QuiltRow;
import gladtile.server.review.Reviews;
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
class Quilts {
    private static final int HARDEST = 3;
    /** Of fewer nothing is said: one slip would make a placement the hardest. */
    private static final int ENOUGH_TRIED = 3;

    private final Assignments assignments;
    private final Workers workers;
    private final Works works;
    private final Paces paces;
    private final StudentNews students;
    private final Reviews reviews;
    private final Classes classes;

    Quilts(
            Assignments assignments,
            Workers workers,
            Works works,
            Paces paces,
            StudentNews students,
            Reviews reviews,
            Classes classes) {
        this.assignments = assignments;
        this.workers = workers;
        this.works = works;
        this.paces = paces;
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
            Course course,
            List<RefusedMove> refused) {}

    Optional<Quilt> of(Who teacher, UUID assignmentId) {
        return assignments.read(teacher, assignmentId).map(assignment -> {
            Assignments.Edition edition = assignments.edition(assignment);
            Map<UUID, Work> newest = newest(assignment);
            return new Quilt(
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
                            .map(one -> new Quilt.SeriesPart(one.id(), one.title()))
                            .toList(),
                    pages(edition),
                    rows(assignment, edition, newest),
                    hardest(assignment, edition, newest.values()));
        });
    }

    private Map<UUID, Work> newest(Assignment assignment) {
        Map<UUID, Work> newest = new HashMap<>();
        works.all(assignment).forEach((holder, rounds) -> newest.put(holder, rounds.get(rounds.size() - 1)));
        return newest;
    }

    private List<QuiltRow> rows(Assignment assignment, Assignments.Edition edition, Map<UUID, Work> newest) {
        Map<UUID, Stuck> stuck = paces.stuck(assignment);
        Set<UUID> sent = reviews.sentAmong(
                assignment.schoolId(), newest.values().stream().map(Work::id).toList());
        List<QuiltRow> rows = new ArrayList<>();
        Set<UUID> inClass = new HashSet<>();
        for (Worker worker : workers.of(assignment)) {
            inClass.add(worker.id());
            rows.add(row(assignment, worker, newest.get(worker.id()), edition, stuck, sent, false));
        }
        // Whoever began and is in another class, or another team, now: their work is still there.
        Set<UUID> gone = new HashSet<>(newest.keySet());
        gone.removeAll(inClass);
        for (Worker worker : whoBegan(assignment, gone)) {
            rows.add(row(assignment, worker, newest.get(worker.id()), edition, stuck, sent, true));
        }
        return rows;
    }

    private QuiltRow row(
            Assignment assignment,
            Worker worker,
            Work work,
            Assignments.Edition edition,
            Map<UUID, Stuck> stuck,
            Set<UUID> sent,
            boolean elsewhere) {
        Beside beside = work == null
                ? new Beside(false, false, null, false, elsewhere)
                : new Beside(
                        work.late(assignment),
                        sent.contains(work.id()),
                        stuck.get(worker.id()),
                        students.isHere(work.id()),
                        elsewhere);
        return Quilt.row(worker, work, edition.rules(), beside);
    }

    /**
     * The row of one student or team, for telling open quilts of a change. It costs nothing of the database where the
     * work was moved on here.
     *
     * @param lastStuck where they were stuck when that was looked at last; null for nowhere
     */
    Optional<QuiltRow> row(Assignment assignment, UUID holderId, UUID attemptId, Stuck lastStuck) {
        Assignments.Edition edition = assignments.edition(assignment);
        Work work = works.current(assignment, attemptId).orElse(null);
        boolean done = work != null && work.state().standing() == Standing.HANDED_IN;
        Set<UUID> sent = done ? reviews.sentAmong(assignment.schoolId(), List.of(work.id())) : Set.of();
        boolean still = work != null && !done && lastStuck != null && isOpen(work, lastStuck.itemId());
        Map<UUID, Stuck> stuck = still ? Map.of(holderId, lastStuck) : Map.of();
        Optional<Worker> inClass = workers.of(assignment).stream()
                .filter(worker -> worker.id().equals(holderId))
                .findFirst();
        Optional<Worker> who =
                inClass.or(() -> whoBegan(assignment, Set.of(holderId)).stream().findFirst());
        return who.map(worker -> row(assignment, worker, work, edition, stuck, sent, inClass.isEmpty()));
    }

    private static boolean isOpen(Work work, String itemId) {
        Rules rules = work.edition().rules();
        return rules.placements().stream()
                .anyMatch(placement ->
                        placement.itemId().equals(itemId) && !work.state().isSolved(placement, rules));
    }

    /** Students and teams that are no longer among those it is for. */
    private List<Worker> whoBegan(Assignment assignment, Set<UUID> holders) {
        return holders.isEmpty()
                ? List.of()
                : classes.names(assignment.schoolId(), holders).entrySet().stream()
                        .map(one -> new Worker(one.getKey(), one.getValue(), List.of(), false))
                        .toList();
    }

    /** Who is stuck now, by student or team. */
    Map<UUID, Stuck> stuck(Assignment assignment) {
        return paces.stuck(assignment);
    }

    Hardest hardest(Assignment assignment) {
        return hardest(
                assignment, assignments.edition(assignment), newest(assignment).values());
    }

    private Hardest hardest(Assignment assignment, Assignments.Edition edition, Collection<Work> newest) {
        Rules rules = edition.rules();
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
        Map<String, List<Missed>> misses = shares.isEmpty() ? Map.of() : misses(assignment, edition);
        return new Hardest(shares.stream()
                .limit(HARDEST)
                .map(one -> new HardPlacement(
                        one.placement(),
                        one.share(),
                        one.tried(),
                        misses.getOrDefault(one.placement().itemId(), List.of())))
                .toList());
    }

    private Map<String, List<Missed>> misses(Assignment assignment, Assignments.Edition edition) {
        Set<String> placements =
                edition.rules().placements().stream().map(Placement::itemId).collect(Collectors.toSet());
        return Misses.of(edition.activity().pages(), placements, works.misses(assignment));
    }

    /**
     * A student's or team's work, the newest round or that one. Empty when the assignment is not this teacher's or there
     * is no such work.
     */
    Optional<Left> left(Who teacher, UUID assignmentId, UUID holderId, Integer round) {
        return assignments
                .read(teacher, assignmentId)
                .flatMap(assignment -> works.all(assignment).getOrDefault(holderId, List.of()).stream()
                        .filter(work -> round == null || work.round() == round)
                        .reduce((first, second) -> second)
                        .map(work -> {
                            Assignments.Edition edition = work.edition();
                            String name = workers.of(assignment).stream()
                                    .filter(worker -> worker.id().equals(holderId))
                                    .map(Worker::name)
                                    .findFirst()
                                    .orElseGet(() -> whoBegan(assignment, Set.of(holderId)).stream()
                                            .map(Worker::name)
                                            .findFirst()
                                            .orElse(""));
                            return new Left(
                                    assignment.activityId(),
                                    assignment.classId(),
                                    name,
                                    work.id(),
                                    work.round(),
                                    works.view(edition, work.state()),
                                    work.state(),
                                    edition.rules().placements().size(),
                                    works.progress(work.state(), edition.rules()),
                                    edition.rules().broughtUp(work.state()),
                                    works.course(work.state(), edition.rules()),
                                    works.refusedMoves(teacher.schoolId(), work.id()));
                        }));
    }

    private static List<QuiltPage> pages(Assignments.Edition edition) {
        List<QuiltPage> pages = new ArrayList<>();
        edition.activity().pages().stream()
                .filter(page -> !page.leads().aside())
                .forEach(page -> pages.add(new QuiltPage(
                        page.id(),
                        page.name(),
                        edition.rules().placements().stream()
                                .filter(placement -> placement.pageId().equals(page.id()))
                                .toList())));
        return pages;
    }
}
