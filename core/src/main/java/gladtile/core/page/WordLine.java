package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One line as it was measured, so that every drawing of the page breaks its words alike.
 *
 * @param text what stands on the line, without the space or line end it broke at
 * @param baseline page units below the top of the box
 * @param width page units from the first letter's start to the last letter's end
 * @param runs the line's letters by their look; empty when all look as the box's own style says
 * @param align where the line lies, when otherwise than the box's own style says
 * @param mark the bullet or number before it; absent for none
 * @param indent page units that it is moved in
 */
public record WordLine(
        String text,
        double baseline,
        double width,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Run> runs,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordStyle.Align align,
        @JsonInclude(JsonInclude.Include.NON_NULL) String mark,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double indent) {
    private static final int MARK = 12;

    public WordLine {
        Bounds.text("line.text", text, Bounds.WORDS_LENGTH);
        Bounds.within("line.baseline", baseline, 0, 1_000_000);
        Bounds.within("line.width", width, 0, 10_000_000);
        runs = runs == null ? List.of() : List.copyOf(runs);
        Bounds.count("line.runs", runs.size(), Bounds.SPANS_OF_WORDS);
        if (!runs.isEmpty()
                && !runs.stream().map(Run::text).collect(Collectors.joining()).equals(text)) {
            throw new OutOfBounds("line.runs", Message.of("bound.line.runs"));
        }
        if (mark != null) {
            Bounds.text("line.mark", mark, MARK);
        }
        if (indent != null) {
            Bounds.within("line.indent", indent, 0, 10_000);
        }
    }

    public WordLine(String text, double baseline, double width) {
        this(text, baseline, width, List.of(), null, null, null);
    }
}
