package gladtile.server.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.analysis.CommonMistakes;
import gladtile.core.analysis.CommonMistakes.Missed;
import gladtile.core.analysis.PlacementFigures;
import gladtile.core.analysis.Responses;
import gladtile.core.analysis.Rounds;
import gladtile.core.analysis.Statistics;
import gladtile.core.analysis.StudentPace;
import gladtile.core.analysis.StudentPace.Tried;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.core.page.Page;
import gladtile.formats.table.CsvTable;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.JudgedPart;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.review.ReviewService.Kept;
import gladtile.server.support.MessageRenderer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What came of an assignment, in figures. */
@Service
class ResultsService {
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AttemptQueries works;
    private final AssigneeDirectory assignees;
    private final ReviewService reviews;

    private final MessageRenderer messages;

    ResultsService(
            AssignmentService assignments,
            ActivityVersionService versions,
            AttemptQueries works,
            AssigneeDirectory assignees,
            ReviewService reviews,
            MessageRenderer messages) {
        this.versions = versions;
        this.messages = messages;
        this.assignments = assignments;
        this.works = works;
        this.assignees = assignees;
        this.reviews = reviews;
    }

    /** @param page its number, from 1, and its name @param missed the most frequent first @param seconds
     * in the middle, from the progress before it until it was right; absent where nobody had it right */
    record Row(
            String page,
            PlacementFigures figures,
            List<Missed> missed,
            @JsonInclude(JsonInclude.Include.NON_NULL) Double seconds) {}

    /** @param rounds what improving brought */
    record Figures(String title, String className, Statistics statistics, Rounds rounds, List<Row> rows) {}

    /** As a file for a spreadsheet. */
    record Table(String title, String className, String csv) {}

    Optional<Figures> of(CurrentUser teacher, UUID assignmentId) {
        return assignments.read(teacher, assignmentId).map(assignment -> {
            ActivityVersion version = versions.of(assignment);
            AttemptRules rules = version.rules();
            double most = Score.of(AttemptState.start(rules), rules).most();
            // Read side by side: both are large, and neither needs the other.
            CompletableFuture<List<JudgedPart>> judging = CompletableFuture.supplyAsync(() -> works.judged(assignment));
            Map<UUID, List<Work>> everybody = works.all(assignment);
            List<JudgedPart> judged = judging.join();
            List<AttemptState> newest = everybody.values().stream()
                    .map(rounds -> rounds.get(rounds.size() - 1).state())
                    .toList();
            Set<String> placements =
                    rules.placements().stream().map(Placement::itemId).collect(Collectors.toSet());
            Statistics statistics = Statistics.of(Responses.of(rules, newest), most);
            return new Figures(
                    assignment.title(),
                    assignment.className(),
                    statistics,
                    rounds(everybody),
                    rows(
                            version,
                            statistics,
                            missed(version, placements, judged),
                            times(everybody, placements, judged)));
        });
    }

    private static Rounds rounds(Map<UUID, List<Work>> everybody) {
        return Rounds.of(everybody.values().stream()
                .map(rounds -> rounds.stream()
                        .filter(work -> work.state().standing() == Standing.HANDED_IN)
                        .map(work ->
                                Score.of(work.state(), work.version().rules()).got())
                        .toList())
                .toList());
    }

    /** How long each placement took in the first round, in the middle. */
    private Map<String, Double> times(Map<UUID, List<Work>> everybody, Set<String> placements, List<JudgedPart> all) {
        Map<UUID, Instant> begun = new HashMap<>();
        everybody
                .values()
                .forEach(rounds -> begun.put(rounds.get(0).id(), rounds.get(0).begunAt()));
        Map<UUID, List<Tried>> tried = new HashMap<>();
        for (JudgedPart part : all) {
            if (begun.containsKey(part.attemptId())) {
                Tried.of(part.outcome(), placements, part.at())
                        .ifPresent(one -> tried.computeIfAbsent(part.attemptId(), id -> new ArrayList<>())
                                .add(one));
            }
        }
        List<StudentPace> stuckTracker = new ArrayList<>();
        tried.forEach((id, tries) -> stuckTracker.add(StudentPace.of(begun.get(id), tries)));
        return StudentPace.medians(stuckTracker);
    }

    private static List<Row> rows(
            ActivityVersion version,
            Statistics statistics,
            Map<String, List<Missed>> missed,
            Map<String, Double> times) {
        Map<String, String> pages = new HashMap<>();
        List<Page> all = version.activity().pages();
        for (int i = 0; i < all.size(); i++) {
            pages.put(all.get(i).id(), "%d · %s".formatted(i + 1, all.get(i).name()));
        }
        return statistics.placements().stream()
                .map(figures -> new Row(
                        pages.get(figures.placement().pageId()),
                        figures,
                        missed.getOrDefault(figures.placement().itemId(), List.of()),
                        times.get(figures.placement().itemId())))
                .toList();
    }

    private static Map<String, List<Missed>> missed(
            ActivityVersion version, Set<String> placements, List<JudgedPart> judged) {
        List<CommonMistakes.Counted> counted = judged.stream()
                .map(part -> new CommonMistakes.Counted(part.outcome(), 1))
                .toList();
        return CommonMistakes.of(version.activity().pages(), placements, counted);
    }

    /** A row for each student of the class, and below what each column means. */
    Optional<Table> csv(CurrentUser teacher, UUID assignmentId) {
        return assignments.read(teacher, assignmentId).map(assignment -> {
            AttemptRules rules = versions.of(assignment).rules();
            Map<UUID, List<Work>> everybody = works.all(assignment);
            Map<UUID, Kept> kept = reviews.of(
                    assignment.schoolId(),
                    everybody.values().stream()
                            .map(rounds -> rounds.get(rounds.size() - 1).id())
                            .toList());
            List<List<Object>> rows = new ArrayList<>();
            List<Object> head =
                    new ArrayList<>(List.of("Student", "Standing", "Round", "Points", "Given", "Of", "Right"));
            rules.placements().forEach(placement -> head.add("Tries: " + messages.text(placement.name())));
            rows.add(head);
            for (Assignee assignee : assignees.of(assignment)) {
                List<Work> rounds = everybody.get(assignee.id());
                Work work = rounds == null ? null : rounds.get(rounds.size() - 1);
                rows.add(row(assignee.name(), work, work == null ? null : kept.get(work.id()), rules));
            }
            rows.add(List.of());
            rows.add(List.of("Column", "What it means"));
            rows.add(List.of("Standing", "not joined, working or handed in"));
            rows.add(List.of("Round", "how often it was begun; more than 1 after improving"));
            rows.add(List.of("Points", "by the rules of the assignment, so far"));
            rows.add(List.of("Given", "points as they were sent back by the teacher; empty before"));
            rows.add(List.of("Of", "points when everything is right"));
            rows.add(List.of("Right", "placements that are right now"));
            rows.add(List.of(
                    "Tries", "how often it was tried, the right try among them; minus the tries when not right yet"));
            return new Table(assignment.title(), assignment.className(), CsvTable.write(rows));
        });
    }

    private static List<Object> row(String name, Work work, Kept kept, AttemptRules rules) {
        List<Object> row = new ArrayList<>();
        row.add(name);
        if (work == null) {
            row.add("not joined");
            return row;
        }
        AttemptState state = work.state();
        Score score = Score.of(state, rules);
        row.add(state.standing() == Standing.HANDED_IN ? "handed in" : "working");
        row.add(work.round());
        row.add(score.got());
        row.add(kept == null || kept.score() == null ? "" : kept.score().got());
        row.add(score.most());
        row.add(state.solved(rules));
        for (Placement placement : rules.placements()) {
            int tries = state.tries(placement);
            row.add(state.solvedAt(placement) > 0 ? state.solvedAt(placement) : -tries);
        }
        return row;
    }
}
