package gladtile.server.school;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.classes.ClassService;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEntry;
import gladtile.server.log.LogEvent;
import gladtile.server.log.LogFilter;
import gladtile.server.support.Attachment;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import java.io.IOException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What happened to accounts and data. For administrators. */
@RestController
@RequestMapping("/api/v1/school/log")
class LogController {
    /** Lines of a downloaded log. */
    private static final int MOST = 100_000;

    private final ActivityLog log;
    private final ClassService classes;

    LogController(ActivityLog log, ClassService classes) {
        this.log = log;
        this.classes = classes;
    }

    /**
     * @param actor their name; absent where nobody was signed in, or they are here no longer
     * @param subject whom it was done to; absent where it was nobody, or they are here no longer
     */
    record LogLine(
            UUID id,
            OffsetDateTime at,
            LogEvent event,
            @JsonInclude(JsonInclude.Include.NON_NULL) String actor,
            @JsonInclude(JsonInclude.Include.NON_NULL) String subject,
            Map<String, String> details) {}

    /**
     * The newest first, some at a time.
     *
     * @param event absent for all
     * @param person absent for everybody
     * @param from absent for from its beginning @param to absent for until now; the moment itself is left out
     */
    @GetMapping
    PagedList<LogLine> lines(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam(required = false) Set<LogEvent> event,
            @RequestParam(required = false) UUID person,
            @RequestParam(required = false) Instant from,
            @RequestParam(required = false) Instant to,
            @ParameterObject Paging paging) {
        List<LogEntry> page =
                log.page(user.schoolId(), new LogFilter(event, person, from, to), paging.id(), paging.size());
        boolean more = page.size() == paging.size();
        return PagedList.after(named(user, page), more, LogLine::id);
    }

    @GetMapping(path = "/table", produces = "text/csv")
    ResponseEntity<byte[]> table(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam(required = false) Set<LogEvent> event,
            @RequestParam(required = false) UUID person,
            @RequestParam(required = false) Instant from,
            @RequestParam(required = false) Instant to)
            throws IOException {
        LogFilter filter = new LogFilter(event, person, from, to);
        StringBuilder out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.EXCEL)) {
            csv.printRecord("Time", "What", "By", "To", "Details");
            UUID before = null;
            for (int count = 0; count < MOST; ) {
                List<LogEntry> page = log.page(user.schoolId(), filter, before, ActivityLog.PAGE);
                for (LogLine line : named(user, page)) {
                    csv.printRecord(
                            line.at(),
                            line.event(),
                            plain(line.actor()),
                            plain(line.subject()),
                            plain(String.valueOf(line.details())));
                }
                count += page.size();
                if (page.size() < ActivityLog.PAGE) {
                    break;
                }
                before = page.get(page.size() - 1).id();
            }
        }
        log.add(user.schoolId(), user.id(), LogEvent.LOG_SAVED, null);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named("Activity log.csv"))
                .body(("\uFEFF" + out).getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    /** A name that begins like a formula stays a name when it is opened in a spreadsheet. */
    private static String plain(String text) {
        return text == null ? "" : text.matches("(?s)[=+\\-@\t\r].*") ? "'" + text : text;
    }

    private List<LogLine> named(CurrentUser user, List<LogEntry> page) {
        Set<UUID> ids = new HashSet<>();
        page.forEach(one -> {
            if (one.actorId() != null) {
                ids.add(one.actorId());
            }
            if (one.subjectId() != null) {
                ids.add(one.subjectId());
            }
        });
        Map<UUID, String> names = classes.names(user.schoolId(), ids);
        List<LogLine> lines = new ArrayList<>();
        for (LogEntry one : page) {
            lines.add(new LogLine(
                    one.id(),
                    one.at(),
                    one.event(),
                    names.get(one.actorId()),
                    names.get(one.subjectId()),
                    one.details()));
        }
        return lines;
    }
}
