package gladtile.core.page;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/**
 * Strokes as they were drawn, in a box of their own that its frame may stretch.
 *
 * @param width of that box in page units
 * @param height of that box in page units
 */
public record InkContent(double width, double height, List<Stroke> strokes) {
    public InkContent {
        Bounds.within("ink.width", width, Bounds.SIDE_LEAST, Bounds.SIDE_MOST);
        Bounds.within("ink.height", height, Bounds.SIDE_LEAST, Bounds.SIDE_MOST);
        strokes = List.copyOf(Bounds.present("ink.strokes", strokes));
        Bounds.within("ink.strokes", strokes.size(), 1, Bounds.STROKES_IN_INK);
        if (strokes.stream().anyMatch(stroke -> stroke.tool() == Stroke.Tool.ERASER)) {
            throw new OutOfBounds("ink.strokes", Message.of("bound.ink.strokes"));
        }
    }
}
