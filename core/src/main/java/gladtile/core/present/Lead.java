package gladtile.core.present;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;

/**
 * What a lesson at the wall tells the tablets of its class. It holds for a moment only, unless it is told again, so that
 * a computer that was closed does not hold a class for ever.
 *
 * @param pageId the page that all are to see; absent where everybody turns the pages alone
 * @param timers those that the tablets show
 * @param until when it ends by itself
 */
public record Lead(
        @JsonInclude(Include.NON_NULL) String pageId,
        @JsonInclude(Include.NON_EMPTY) List<WallTimer> timers,
        Instant until) {
    /** How long it holds without being told again. */
    public static final Duration HOLDS = Duration.ofSeconds(90);

    public static final int TIMERS = 10;

    public Lead {
        if (pageId != null) {
            Bounds.id("lead.pageId", pageId);
        }
        timers = timers == null ? List.of() : List.copyOf(timers);
        Bounds.count("lead.timers", timers.size(), TIMERS);
        Bounds.present("lead.until", until);
    }

    public static Lead from(Instant now, String pageId, List<WallTimer> timers) {
        return new Lead(pageId, timers, now.plus(HOLDS));
    }

    public boolean holdsAt(Instant now) {
        return now.isBefore(until) && !tellsNothing();
    }

    /** Nothing is told. */
    public boolean tellsNothing() {
        return pageId == null && timers.isEmpty();
    }

    /**
     * Whether tablets show the same as they did, so that they need not hear of it. A timer that goes on is told by the
     * moment it is seen at, which is off by what the network took: less than a second of that is the same.
     *
     * @param was what was told before; null for nothing
     */
    public boolean goesOnFrom(Lead was, Instant now) {
        if (was == null || !was.holdsAt(now) || !Objects.equals(pageId, was.pageId)) {
            return false;
        }
        if (timers.size() != was.timers.size()) {
            return false;
        }
        for (int i = 0; i < timers.size(); i++) {
            if (!timers.get(i).goesOnFrom(was.timers.get(i))) {
                return false;
            }
        }
        return true;
    }
}
