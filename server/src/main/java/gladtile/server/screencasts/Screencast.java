package gladtile.server.screencasts;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.page.FileRef;
import gladtile.core.present.Caption;
import gladtile.core.present.Chapter;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A recording of a page with what was said.
 *
 * @param millis how long all of it is; absent until it is finished
 * @param pieces how many have come, while it is made
 * @param chapters and captions by the time from the beginning of all of it
 * @param from where what is shown of it begins, in milliseconds; absent for at its beginning
 * @param to where that ends; absent for at its end
 * @param whole all of it; absent until it is finished
 * @param video what is shown of it; absent until it is finished
 * @param words its captions as a file; absent for none
 */
public record Screencast(
        UUID id,
        UUID activityId,
        String title,
        Instant beganAt,
        @JsonInclude(Include.NON_NULL) Long millis,
        int pieces,
        List<Chapter> chapters,
        List<Caption> captions,
        @JsonInclude(Include.NON_NULL) Long from,
        @JsonInclude(Include.NON_NULL) Long to,
        @JsonInclude(Include.NON_NULL) FileRef whole,
        @JsonInclude(Include.NON_NULL) FileRef video,
        @JsonInclude(Include.NON_NULL) FileRef words) {}
