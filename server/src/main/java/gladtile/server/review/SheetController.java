package gladtile.server.review;

import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Score;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Page;
import gladtile.core.review.Review;
import gladtile.core.review.ReviewedScore;
import gladtile.core.student.StudentView;
import gladtile.formats.print.StudentSheet;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.classes.ClassService;
import gladtile.server.review.ReviewService.Kept;
import gladtile.server.support.Attachment;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.Problem;
import java.io.IOException;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** One student's own sheet, as PDF for those at home. */
@RestController
class SheetController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final AssignmentService assignments;
    private final AttemptQueries works;
    private final ReviewService reviews;
    private final ClassService classes;

    private final MessageRenderer messages;

    SheetController(
            AssignmentService assignments,
            AttemptQueries works,
            ReviewService reviews,
            ClassService classes,
            MessageRenderer messages) {
        this.messages = messages;
        this.assignments = assignments;
        this.works = works;
        this.reviews = reviews;
        this.classes = classes;
    }

    @GetMapping(
            path = "/api/v1/assignments/{id}/students/{studentId}/sheet",
            produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID studentId)
            throws IOException {
        Assignment assignment = assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
        Work work = works.newest(assignment, studentId).orElseThrow(() -> Problem.notThere("student's work"));
        String name = classes.names(assignment.schoolId(), List.of(studentId)).get(studentId);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        Attachment.named("%s, %s.pdf".formatted(name, assignment.title())))
                .body(StudentSheet.pdf(sheet(assignment, work, name)));
    }

    /**
     * What the sheet tells, with the pages as the student left them, for being printed.
     *
     * @param view the pages that the student came to see
     * @param course their order
     */
    record SheetView(
            StudentSheet.Sheet sheet,
            StudentView view,
            AttemptState state,
            Map<String, OtherSide> sides,
            PathProgress course) {}

    @GetMapping("/api/v1/assignments/{id}/students/{studentId}/sheet-pages")
    SheetView pages(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID studentId) {
        Assignment assignment = assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
        Work work = works.newest(assignment, studentId).orElseThrow(() -> Problem.notThere("student's work"));
        String name = classes.names(assignment.schoolId(), List.of(studentId)).get(studentId);
        return new SheetView(
                sheet(assignment, work, name),
                works.view(work.version(), work.state()),
                work.state(),
                work.version().rules().broughtUp(work.state()),
                works.course(work.state(), work.version().rules()));
    }

    /** Of a review only what was sent: those at home see no more than the student. */
    private StudentSheet.Sheet sheet(Assignment assignment, Work work, String name) {
        AttemptRules rules = work.version().rules();
        Kept kept = reviews.sent(assignment.schoolId(), work.id()).orElse(Kept.NONE);
        Score score = ReviewedScore.of(work.state(), rules, kept.sentAt() == null ? Review.NONE : kept.sent());
        List<String> facts = new ArrayList<>();
        Instant done = work.handedInMadeAt();
        facts.add((done == null ? "Begun on %s, not handed in yet" : "Handed in on %s")
                .formatted(DAY.format((done == null ? work.begunAt() : done)
                        .atZone(assignment.terms().where()))));
        facts.add("%s of %s points".formatted(plain(score.got()), plain(score.most())));
        facts.add("%d of %d right"
                .formatted(work.state().solved(rules), rules.placements().size()));
        if (work.round() > 1) {
            facts.add("Round %d".formatted(work.round()));
        }
        if (work.late(assignment)) {
            facts.add("Handed in late");
        }
        Map<String, String> pages = new HashMap<>();
        for (Page page : work.version().activity().pages()) {
            pages.put(page.id(), page.name());
        }
        List<StudentSheet.SheetLine> lines = rules.placements().stream()
                .map(placement -> new StudentSheet.SheetLine(
                        placement.pageId(),
                        pages.get(placement.pageId()),
                        messages.text(placement.name()),
                        how(work.state(), rules, placement)))
                .toList();
        return new StudentSheet.Sheet(
                name,
                assignment.className(),
                assignment.title(),
                facts,
                kept.sentAt() == null ? "" : kept.sent().words(),
                lines);
    }

    private static String how(AttemptState state, AttemptRules rules, Placement placement) {
        if (state.shown().contains(placement.itemId())) {
            return "the solution was shown";
        }
        int tries = state.tries(placement);
        if (state.isSolved(placement, rules)) {
            int at = Math.max(1, state.solvedAt(placement));
            return at == 1 ? "right at the first try" : "right at try %d".formatted(at);
        }
        return tries == 0
                ? "left open"
                : tries == 1 ? "tried once, not right yet" : "tried %d times, not right yet".formatted(tries);
    }

    private static String plain(double points) {
        return points == Math.rint(points) ? Long.toString((long) points) : Double.toString(points);
    }
}
