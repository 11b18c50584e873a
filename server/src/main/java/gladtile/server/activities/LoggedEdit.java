package gladtile.server.activities;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.edit.Edit;
import java.time.OffsetDateTime;
import java.util.UUID;

/**
 * One line of an activity's history.
 *
 * @param id made by the workbench that made the edit
 * @param target for an undo, the seq of what it took back; for a redo, that of the undo; else absent
 */
public record LoggedEdit(
        long seq,
        UUID id,
        UUID authorId,
        OffsetDateTime at,
        Edit edit,
        Kind kind,
        @JsonInclude(JsonInclude.Include.NON_NULL) Long target) {
    /** How an edit came about. */
    public enum Kind {
        PLAIN,
        UNDO,
        REDO
    }
}
