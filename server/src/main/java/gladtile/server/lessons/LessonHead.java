package gladtile.server.lessons;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.util.UUID;

/** A lesson in a list. @param className absent where it was shown without a class @param strokes of ink on all pages */
public record LessonHead(
        UUID id,
        LocalDate heldOn,
        @JsonInclude(JsonInclude.Include.NON_NULL) String className,
        int strokes) {}
