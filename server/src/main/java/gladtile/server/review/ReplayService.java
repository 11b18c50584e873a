package gladtile.server.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.answer.Verdict;
import gladtile.core.assigned.DeviceClock;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.page.Supply;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Base;
import gladtile.server.attempts.AttemptQueries.Logged;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.classes.ClassService;
import gladtile.server.support.MessageRenderer;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Plays an attempt again, move by move, from the log alone. */
@Service
class ReplayService {
    private static final int MOMENTS = 50;
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AttemptQueries works;
    private final ClassService classes;
    private final MessageRenderer messages;
    private final AnswerTexts texts;

    ReplayService(
            AssignmentService assignments,
            ActivityVersionService versions,
            AttemptQueries works,
            ClassService classes,
            MessageRenderer messages,
            AnswerTexts texts) {
        this.versions = versions;
        this.messages = messages;
        this.texts = texts;
        this.assignments = assignments;
        this.works = works;
        this.classes = classes;
    }

    /**
     * One move.
     *
     * @param at when it was made, by the device's clock put right
     * @param arrivedAt by the server's clock, where it arrived much later; absent otherwise
     * @param by who made it, where several work together
     * @param says what was found; absent where nothing was judged
     */
    record ReplayStep(
            long seq,
            Instant at,
            @JsonInclude(Include.NON_NULL) Instant arrivedAt,
            @JsonInclude(Include.NON_NULL) String by,
            @JsonInclude(Include.NON_NULL) String pageId,
            @JsonInclude(Include.NON_NULL) String itemId,
            String words,
            @JsonInclude(Include.NON_NULL) Verdict.Says says) {}

    /** How everything lay after one move. */
    record ReplayMoment(long seq, AttemptState state) {}

    List<ReplayStep> steps(Assignment assignment, UUID attemptId) {
        Work work = works.one(assignment, attemptId).orElseThrow();
        List<Logged> log = works.log(assignment.schoolId(), attemptId);
        Set<UUID> people = new HashSet<>();
        log.forEach(one -> {
            if (one.byId() != null) {
                people.add(one.byId());
            }
        });
        Map<UUID, String> names = people.isEmpty() ? Map.of() : classes.names(assignment.schoolId(), people);
        Map<String, Map<String, String>> items = new HashMap<>();
        Map<String, String> pages = new HashMap<>();
        for (Page page : work.version().activity().pages()) {
            items.put(page.id(), texts.itemNames(page));
            pages.put(page.id(), page.name());
        }
        List<ReplayStep> steps = new ArrayList<>();
        for (Logged one : log) {
            Act act = one.move().act();
            String pageId = act.pageId();
            Map<String, String> named = items.getOrDefault(pageId, Map.of());
            Verdict verdict = one.verdict().orElse(null);
            boolean much = Duration.between(one.madeAt(), one.at()).compareTo(DeviceClock.TELLING) > 0;
            boolean together = people.size() > 1 && one.byId() != null;
            steps.add(new ReplayStep(
                    one.seq(),
                    one.madeAt(),
                    much ? one.at() : null,
                    together ? names.get(one.byId()) : null,
                    pageId,
                    itemOf(act),
                    messages.text(words(act, verdict, named, pages)),
                    verdict == null ? null : verdict.says()));
        }
        return steps;
    }

    /** Some fifty of them, from that move on. */
    List<ReplayMoment> moments(Assignment assignment, UUID attemptId, long from) {
        List<Logged> log = works.log(assignment.schoolId(), attemptId);
        List<Base> bases = works.bases(assignment.schoolId(), attemptId);
        Work work = works.one(assignment, attemptId).orElseThrow();
        List<ReplayMoment> moments = new ArrayList<>();
        AttemptState state = null;
        ActivityVersion version = null;
        int next = 0;
        for (Logged one : log) {
            while (next < bases.size() && bases.get(next).seq() < one.seq()) {
                Base base = bases.get(next++);
                state = base.state();
                version = versions.of(assignment, base.versionId(), work.holderId());
            }
            if (state == null) {
                // Begun before beginnings were kept: it began as every attempt of that version does.
                version = work.version();
                state = AttemptState.start(version.rules(), work.begunAt());
            }
            state = one.on(state, version.rules());
            if (one.seq() >= from && moments.size() < MOMENTS) {
                moments.add(new ReplayMoment(one.seq(), state));
            }
        }
        return moments;
    }

    private static Message words(Act act, Verdict verdict, Map<String, String> named, Map<String, String> pages) {
        String item = itemOf(act) == null ? "" : named.getOrDefault(Supply.originalOf(itemOf(act)), "");
        if (act instanceof Act.Put) {
            String zone = verdict == null || verdict.zoneId() == null ? null : named.get(verdict.zoneId());
            return zone == null
                    ? Message.of("replay.put-down", "item", item)
                    : Message.of(
                            found(verdict, "replay.put", "replay.put-belongs", "replay.put-does-not-belong"),
                            "item",
                            item,
                            "zone",
                            zone);
        }
        if (act instanceof Act.Type type) {
            return Message.of(
                    found(verdict, "replay.typed", "replay.typed-belongs", "replay.typed-does-not-belong"),
                    "text",
                    shortened(type.text()),
                    "item",
                    item);
        }
        if (act instanceof Act.Write write) {
            return Message.of("replay.wrote", "text", shortened(write.text()), "item", item);
        }
        if (act instanceof Act.Open open) {
            return Message.of("replay.page", "page", pages.getOrDefault(open.pageId(), ""));
        }
        if (act instanceof Act.Check) {
            return Message.of("replay.check");
        }
        if (act instanceof Act.Show) {
            return Message.of("replay.solution");
        }
        if (act instanceof Act.StartAgain) {
            return Message.of("replay.start-again");
        }
        if (act instanceof Act.TurnOver) {
            return Message.of("replay.turned-over", "item", item);
        }
        if (act instanceof Act.Slide) {
            return Message.of("replay.slid", "item", item);
        }
        if (act instanceof Act.Draw draw) {
            return Message.of(draw.gone().isEmpty() ? "replay.drew" : "replay.rubbed-out");
        }
        if (act instanceof Act.Say say) {
            return Message.of("replay.said", "seconds", say.recording().seconds());
        }
        if (act instanceof Act.Unsay) {
            return Message.of("replay.unsaid");
        }
        return Message.of(act instanceof Act.Reveal ? "replay.revealed" : "replay.handed-in");
    }

    private static String found(Verdict verdict, String unknown, String belongs, String doesNotBelong) {
        if (verdict == null) {
            return unknown;
        }
        return switch (verdict.says()) {
            case BELONGS -> belongs;
            case DOES_NOT_BELONG -> doesNotBelong;
            default -> unknown;
        };
    }

    private static String shortened(String text) {
        int most = 60;
        return text.length() <= most ? text : text.substring(0, text.offsetByCodePoints(0, 40)) + "…";
    }

    private static String itemOf(Act act) {
        if (act instanceof Act.Put put) return put.pieceId();
        if (act instanceof Act.Type type) return type.gapId();
        if (act instanceof Act.Write write) return write.noteId();
        if (act instanceof Act.TurnOver over) return over.itemId();
        if (act instanceof Act.Slide slide) return slide.coverId();
        return null;
    }
}
