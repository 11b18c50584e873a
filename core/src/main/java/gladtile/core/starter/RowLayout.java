package gladtile.core.starter;

import gladtile.core.page.Frame;
import java.util.ArrayList;
import java.util.List;

/** Boxes of one size in rows with even gaps, each row in the middle of its strip. */
final class RowLayout {
    static final double GAP = 20;

    private RowLayout() {}

    /** How many boxes of that size a strip holds. */
    static int room(double left, double right, double top, double bottom, double width, double height) {
        int across = (int) Math.max(0, Math.floor((right - left + GAP) / (width + GAP)));
        int down = (int) Math.max(0, Math.floor((bottom - top + GAP) / (height + GAP)));
        return across * down;
    }

    /** The rows stand as low as the strip allows. */
    static List<Frame> atBottom(int count, double left, double right, double bottom, double width, double height) {
        int across = (int) Math.max(1, Math.floor((right - left + GAP) / (width + GAP)));
        int rows = (count + across - 1) / across;
        return laid(count, rows, left, right, bottom - rows * height - (rows - 1) * GAP, width, height);
    }

    static List<Frame> fromTop(int count, double left, double right, double top, double width, double height) {
        int across = (int) Math.max(1, Math.floor((right - left + GAP) / (width + GAP)));
        int rows = (count + across - 1) / across;
        return laid(count, rows, left, right, top, width, height);
    }

    private static List<Frame> laid(
            int count, int rows, double left, double right, double top, double width, double height) {
        List<Frame> boxes = new ArrayList<>();
        int perRow = rows == 0 ? 0 : (count + rows - 1) / rows;
        for (int i = 0; i < count; i++) {
            int row = i / perRow;
            int inRow = Math.min(perRow, count - row * perRow);
            double gap = inRow < 2 ? 0 : Math.min(60, (right - left - inRow * width) / (inRow - 1));
            double start = (left + right - inRow * width - (inRow - 1) * gap) / 2;
            boxes.add(Frame.of(
                    Math.rint(start + (i % perRow) * (width + gap)),
                    Math.rint(top + row * (height + GAP)),
                    width,
                    height));
        }
        return boxes;
    }
}
