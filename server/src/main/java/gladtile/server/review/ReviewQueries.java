package gladtile.server.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.core.page.OtherSide;
import gladtile.core.review.GivenMark;
import gladtile.core.review.Review;
import gladtile.core.review.ReviewedScore;
import gladtile.core.student.StudentView;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.attempts.RefusedMove;
import gladtile.server.classes.ClassService;
import gladtile.server.review.ReviewService.Kept;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The review of one assignment: handed-in work by student, and everybody's answer to one placement. */
@Service
class ReviewQueries {
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AssigneeDirectory assignees;
    private final AttemptQueries works;
    private final ReviewService reviews;
    private final ClassService classes;
    private final AnswerTexts texts;

    ReviewQueries(
            AssignmentService assignments,
            ActivityVersionService versions,
            AssigneeDirectory assignees,
            AttemptQueries works,
            ReviewService reviews,
            ClassService classes,
            AnswerTexts texts) {
        this.versions = versions;
        this.assignments = assignments;
        this.assignees = assignees;
        this.works = works;
        this.reviews = reviews;
        this.classes = classes;
        this.texts = texts;
    }

    /**
     * One piece of handed-in work in the list.
     *
     * @param score by the rules, and by the teacher where they gave other points
     * @param begun whether a review is begun and not sent
     */
    record Waiting(
            UUID attemptId,
            UUID holderId,
            String name,
            int round,
            @JsonInclude(Include.NON_NULL) Instant handedInAt,
            @JsonInclude(Include.NON_NULL) Instant handedInMadeAt,
            boolean late,
            Score score,
            boolean begun,
            boolean sent) {}

    /** @param pieces the placements, for reviewing by piece */
    record ReviewOverview(String title, String className, List<Waiting> works, List<Placement> pieces) {}

    /** @param points by the rules @param right whether it is right now */
    record Scored(Placement placement, double points, double most, int tries, boolean right) {}

    /** One piece of work on the desk. */
    record ReviewedWork(
            UUID attemptId,
            UUID holderId,
            String name,
            @JsonInclude(Include.NON_EMPTY) List<String> with,
            int round,
            @JsonInclude(Include.NON_NULL) Instant handedInAt,
            @JsonInclude(Include.NON_NULL) Instant handedInMadeAt,
            boolean late,
            long minutes,
            int firstTry,
            StudentView view,
            AttemptState state,
            int placements,
            Progress progress,
            Map<String, OtherSide> sides,
            PathProgress course,
            List<Scored> parts,
            Score byRules,
            Score score,
            KeptReview kept,
            @JsonInclude(Include.NON_EMPTY) List<RefusedMove> refused) {}

    /** @param begun whether something is written that is not sent @param by whose it is, by name; absent for none */
    record KeptReview(
            Review review,
            long version,
            boolean begun,
            @JsonInclude(Include.NON_NULL) String by,
            @JsonInclude(Include.NON_NULL) Instant sentAt) {}

    /** All who answered alike. @param answer in words @param points by the rules, or given */
    record Alike(
            String answer, boolean right, double points, boolean given, List<String> names, List<UUID> attemptIds) {}

    record ByPiece(Placement placement, double most, List<Alike> answers) {}

    ReviewOverview of(Assignment assignment) {
        Map<UUID, String> names = names(assignment);
        List<Waiting> waiting = new ArrayList<>();
        List<Work> newest = handedIn(assignment);
        Map<UUID, Kept> kept =
                reviews.of(assignment.schoolId(), newest.stream().map(Work::id).toList());
        for (Work work : newest) {
            Kept review = kept.getOrDefault(work.id(), Kept.NONE);
            waiting.add(new Waiting(
                    work.id(),
                    work.holderId(),
                    names.getOrDefault(work.holderId(), ""),
                    work.round(),
                    work.handedInAt(),
                    work.handedInMadeAt(),
                    work.late(assignment),
                    ReviewedScore.of(work.state(), work.version().rules(), review.review()),
                    review.begun(),
                    review.sentAt() != null));
        }
        waiting.sort(Comparator.comparing(Waiting::sent)
                .thenComparing(Waiting::handedInAt, Comparator.nullsLast(Comparator.naturalOrder())));
        return new ReviewOverview(
                assignment.title(),
                assignment.className(),
                waiting,
                versions.of(assignment).rules().placements());
    }

    /** The newest round of everybody, where it is handed in. */
    List<Work> handedIn(Assignment assignment) {
        return works.all(assignment).values().stream()
                .map(rounds -> rounds.get(rounds.size() - 1))
                .filter(work -> work.state().standing() == Standing.HANDED_IN)
                .toList();
    }

    boolean has(Assignment assignment, UUID attemptId) {
        return works.one(assignment, attemptId).isPresent();
    }

    Optional<ReviewedWork> one(Assignment assignment, UUID attemptId) {
        return works.one(assignment, attemptId).map(work -> reviewed(assignment, work));
    }

    private ReviewedWork reviewed(Assignment assignment, Work work) {
        AttemptRules rules = work.version().rules();
        AttemptState state = work.state();
        Kept kept = reviews.of(assignment.schoolId(), work.id());
        Assignee assignee = assignees.find(assignment, work.holderId()).orElse(null);
        List<Scored> parts = rules.placements().stream()
                .map(placement -> new Scored(
                        placement,
                        Score.ofPlacement(state, rules, placement),
                        rules.worth(placement) + rules.terms().scoring().firstTry(),
                        state.tries(placement),
                        state.isSolved(placement, rules)))
                .toList();
        int first = (int) rules.placements().stream()
                .filter(placement -> state.solvedAt(placement) == 1)
                .count();
        Instant until = work.handedInAt() == null ? work.begunAt() : work.handedInAt();
        return new ReviewedWork(
                work.id(),
                work.holderId(),
                names(assignment).getOrDefault(work.holderId(), ""),
                assignee == null || !assignee.team()
                        ? List.of()
                        : assignee.members().stream()
                                .map(ClassService.Student::name)
                                .toList(),
                work.round(),
                work.handedInAt(),
                work.handedInMadeAt(),
                work.late(assignment),
                Duration.between(work.begunAt(), until).toMinutes(),
                first,
                works.view(work.version(), state),
                state,
                rules.placements().size(),
                works.progress(state, rules),
                rules.broughtUp(state),
                works.course(state, rules),
                parts,
                Score.of(state, rules),
                ReviewedScore.of(state, rules, kept.review()),
                keptReview(assignment, kept),
                works.refusedMoves(assignment.schoolId(), work.id()));
    }

    KeptReview keptReview(Assignment assignment, Kept kept) {
        String by = kept.byId() == null
                ? null
                : classes.names(assignment.schoolId(), List.of(kept.byId())).get(kept.byId());
        return new KeptReview(kept.review(), kept.version(), kept.begun(), by, kept.sentAt());
    }

    /** Everybody's answer to one placement, alike ones together, the most frequent first. */
    Optional<ByPiece> byPiece(Assignment assignment, String itemId) {
        AttemptRules base = versions.of(assignment).rules();
        return base.placements().stream()
                .filter(placement -> placement.itemId().equals(itemId))
                .findFirst()
                .map(placement -> new ByPiece(
                        placement,
                        base.worth(placement) + base.terms().scoring().firstTry(),
                        alike(assignment, placement)));
    }

    private List<Alike> alike(Assignment assignment, Placement placement) {
        Map<UUID, String> names = names(assignment);
        List<Work> handedIn = handedIn(assignment);
        Map<UUID, Kept> kept = reviews.of(
                assignment.schoolId(), handedIn.stream().map(Work::id).toList());
        record Key(String answer, boolean right, double points, boolean given) {}
        Map<Key, List<Work>> groups = new LinkedHashMap<>();
        for (Work work : handedIn) {
            AttemptRules rules = work.version().rules();
            if (!rules.placements().contains(placement)) {
                continue;
            }
            GivenMark mark =
                    kept.getOrDefault(work.id(), Kept.NONE).review().marks().get(placement.itemId());
            Key key = new Key(
                    texts.answer(work, placement),
                    work.state().isSolved(placement, rules),
                    mark == null ? Score.ofPlacement(work.state(), rules, placement) : mark.points(),
                    mark != null);
            groups.computeIfAbsent(key, one -> new ArrayList<>()).add(work);
        }
        return groups.entrySet().stream()
                .map(one -> new Alike(
                        one.getKey().answer(),
                        one.getKey().right(),
                        one.getKey().points(),
                        one.getKey().given(),
                        one.getValue().stream()
                                .map(work -> names.getOrDefault(work.holderId(), ""))
                                .sorted()
                                .toList(),
                        one.getValue().stream().map(Work::id).toList()))
                .sorted(Comparator.comparingInt((Alike one) -> -one.names().size()))
                .toList();
    }

    private Map<UUID, String> names(Assignment assignment) {
        Map<UUID, String> names = new HashMap<>();
        assignees.of(assignment).forEach(assignee -> names.put(assignee.id(), assignee.name()));
        List<UUID> others = works.beats(assignment).stream()
                .map(AttemptQueries.Beat::holderId)
                .filter(id -> !names.containsKey(id))
                .toList();
        if (!others.isEmpty()) {
            names.putAll(classes.names(assignment.schoolId(), others));
        }
        return names;
    }
}
