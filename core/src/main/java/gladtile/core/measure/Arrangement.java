package gladtile.core.measure;

import gladtile.core.page.Frame;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The ways in which several boxes are put in order. What counts is each box's outline on the page, its turn included;
 * page units throughout.
 */
public enum Arrangement {
    LEFT,
    CENTRE,
    RIGHT,
    TOP,
    MIDDLE,
    BOTTOM,
    /**
     * Equal gaps from left to right, or equally far middles where they do not fit beside one another; the outermost two
     * stay. Three or more, else nothing changes.
     */
    SPREAD_ACROSS,
    SPREAD_DOWN,
    /** As wide as the first; middles stay. */
    SAME_WIDTH,
    SAME_HEIGHT,
    SAME_SIZE;

    /** @return the frames in the order given, arranged; doing it twice changes nothing more */
    public List<Frame> of(List<Frame> frames) {
        List<Outline> outlines = frames.stream().map(Outline::of).toList();
        return switch (this) {
            case LEFT -> moved(frames, outlines, one -> least(outlines, Outline::left) - one.left(), 0);
            case RIGHT -> moved(frames, outlines, one -> most(outlines, Outline::right) - one.right(), 0);
            case CENTRE -> {
                double at = (least(outlines, Outline::left) + most(outlines, Outline::right)) / 2;
                yield moved(frames, outlines, one -> at - (one.left() + one.right()) / 2, 0);
            }
            case TOP -> moved(frames, outlines, one -> least(outlines, Outline::top) - one.top(), 1);
            case BOTTOM -> moved(frames, outlines, one -> most(outlines, Outline::bottom) - one.bottom(), 1);
            case MIDDLE -> {
                double at = (least(outlines, Outline::top) + most(outlines, Outline::bottom)) / 2;
                yield moved(frames, outlines, one -> at - (one.top() + one.bottom()) / 2, 1);
            }
            case SPREAD_ACROSS -> spread(frames, outlines, Outline::left, Outline::right, 0);
            case SPREAD_DOWN -> spread(frames, outlines, Outline::top, Outline::bottom, 1);
            case SAME_WIDTH -> resized(frames, true, false);
            case SAME_HEIGHT -> resized(frames, false, true);
            case SAME_SIZE -> resized(frames, true, true);
        };
    }

    private static double least(List<Outline> outlines, ToDoubleFunction<Outline> side) {
        return outlines.stream().mapToDouble(side).min().orElseThrow();
    }

    private static double most(List<Outline> outlines, ToDoubleFunction<Outline> side) {
        return outlines.stream().mapToDouble(side).max().orElseThrow();
    }

    private static List<Frame> moved(
            List<Frame> frames, List<Outline> outlines, ToDoubleFunction<Outline> by, int axis) {
        List<Frame> moved = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            moved.add(shifted(frames.get(i), by.applyAsDouble(outlines.get(i)), axis));
        }
        return moved;
    }

    private static Frame shifted(Frame frame, double by, int axis) {
        return axis == 0 ? frame.at(frame.x() + by, frame.y()) : frame.at(frame.x(), frame.y() + by);
    }

    private static List<Frame> spread(
            List<Frame> frames,
            List<Outline> outlines,
            ToDoubleFunction<Outline> near,
            ToDoubleFunction<Outline> far,
            int axis) {
        if (frames.size() < 3) {
            return frames;
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(
                i -> near.applyAsDouble(outlines.get(i)) + far.applyAsDouble(outlines.get(i))));
        double sizes = outlines.stream()
                .mapToDouble(one -> far.applyAsDouble(one) - near.applyAsDouble(one))
                .sum();
        double from = near.applyAsDouble(outlines.get(order.get(0)));
        double to = far.applyAsDouble(outlines.get(order.get(order.size() - 1)));
        double gap = (to - from - sizes) / (frames.size() - 1);
        List<Frame> spread = new ArrayList<>(frames);
        if (gap < 0) {
            // There is not room for all beside one another: then their middles are as far apart as can be.
            double first = middle(outlines.get(order.get(0)), near, far);
            double last = middle(outlines.get(order.get(order.size() - 1)), near, far);
            for (int k = 0; k < order.size(); k++) {
                int i = order.get(k);
                double wanted = first + (last - first) * k / (order.size() - 1);
                spread.set(i, shifted(frames.get(i), wanted - middle(outlines.get(i), near, far), axis));
            }
            return spread;
        }
        double at = from;
        for (int i : order) {
            Outline one = outlines.get(i);
            spread.set(i, shifted(frames.get(i), at - near.applyAsDouble(one), axis));
            at += far.applyAsDouble(one) - near.applyAsDouble(one) + gap;
        }
        return spread;
    }

    private static double middle(Outline outline, ToDoubleFunction<Outline> near, ToDoubleFunction<Outline> far) {
        return (near.applyAsDouble(outline) + far.applyAsDouble(outline)) / 2;
    }

    private static List<Frame> resized(List<Frame> frames, boolean wide, boolean high) {
        Frame model = frames.get(0);
        return frames.stream()
                .map(frame -> {
                    double width = wide ? model.width() : frame.width();
                    double height = high ? model.height() : frame.height();
                    return new Frame(
                            frame.x() + (frame.width() - width) / 2,
                            frame.y() + (frame.height() - height) / 2,
                            width,
                            height,
                            frame.turn());
                })
                .toList();
    }
}
