package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.measure.Outline;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import java.util.List;
import java.util.Optional;

/** Finds room on a page for something that lies in the way: the free place closest to where it is. */
final class FreeSpot {
    private static final int STEP = 40;
    private static final int MARGIN = 20;

    private FreeSpot() {}

    /** @param others what must not be touched */
    static Optional<Frame> near(Frame frame, List<Outline> others) {
        Outline size = Outline.of(frame);
        Frame best = null;
        double closest = Double.POSITIVE_INFINITY;
        for (double y = MARGIN; y + size.height() <= Bounds.PAGE_HEIGHT - MARGIN; y += STEP) {
            for (double x = MARGIN; x + size.width() <= Bounds.PAGE_WIDTH - MARGIN; x += STEP) {
                double far = Math.hypot(x - size.left(), y - size.top());
                Outline there = new Outline(x, y, x + size.width(), y + size.height());
                if (far < closest && others.stream().noneMatch(one -> CheckedPage.overlap(one, there))) {
                    closest = far;
                    best = frame.at(frame.x() + x - size.left(), frame.y() + y - size.top());
                }
            }
        }
        return Optional.ofNullable(best);
    }

    static Optional<Frame> besideAll(CheckedPage on, Item item) {
        return near(
                item.frame(),
                on.page.items().stream()
                        .filter(other -> other != item)
                        .map(on::outline)
                        .toList());
    }
}
