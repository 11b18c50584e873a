package gladtile.core.activity;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A scale along a drop zone, from its left to its right: where the middle of a piece lies is a value.
 *
 * @param from the value at the left end, at most three decimals
 * @param to the value at the right end, another one; it may be smaller
 * @param step between two ticks, more than 0; at most {@link #TICKS} of them
 * @param numbered every how manieth tick has its number, from the left end on; at least 1
 * @param snaps whether pieces lie at ticks only
 */
public record ZoneScale(double from, double to, double step, int numbered, boolean snaps) {
    public static final int TICKS = 200;
    /** Beyond each end of the line, in page units, so that what lies at the ends is seen. */
    public static final double INSET = 60;

    private static final int DECIMALS = 3;

    public ZoneScale {
        Bounds.within("scale.from", from, -Bounds.VALUE, Bounds.VALUE);
        Bounds.within("scale.to", to, -Bounds.VALUE, Bounds.VALUE);
        Bounds.within("scale.step", step, 0.001, Bounds.VALUE);
        Bounds.within("scale.numbered", numbered, 1, TICKS);
        if (from == to) {
            throw new OutOfBounds("scale.to", "a scale runs from one value to another one");
        }
        if (Math.abs(to - from) / step > TICKS) {
            throw new OutOfBounds("scale.step", "a scale has at most %d steps".formatted(TICKS));
        }
    }

    /** Where a value lies across a zone of some width, from its left edge. */
    public double across(double value, double width) {
        double inset = inset(width);
        return inset + (value - from) / (to - from) * (width - 2 * inset);
    }

    /** The value at a place across, kept to the scale; at the closest tick where it snaps. */
    public BigDecimal at(double across, double width) {
        double inset = inset(width);
        double share = Math.max(0, Math.min(1, (across - inset) / (width - 2 * inset)));
        if (!snaps) {
            return BigDecimal.valueOf(from + share * (to - from));
        }
        long ticks = Math.round(share * Math.abs(to - from) / step);
        return tick((int) Math.min(ticks, ticks()));
    }

    /** How many steps fit. */
    public int ticks() {
        return BigDecimal.valueOf(to)
                .subtract(BigDecimal.valueOf(from))
                .abs()
                .divide(BigDecimal.valueOf(step), 0, RoundingMode.DOWN)
                .intValue();
    }

    /** The value at a tick, exactly; the left end is tick 0. */
    public BigDecimal tick(int number) {
        BigDecimal way = BigDecimal.valueOf(step).multiply(BigDecimal.valueOf(number));
        BigDecimal start = BigDecimal.valueOf(from);
        return (to > from ? start.add(way) : start.subtract(way)).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static double inset(double width) {
        return Math.min(INSET, width / 4);
    }
}
