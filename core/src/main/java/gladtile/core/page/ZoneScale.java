package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A scale along a drop zone, from its left to its right or, of a pair of axes the upright one, from its foot to its top:
 * where the middle of a piece lies is a value.
 *
 * @param from the value at the left end or the foot, at most three decimals
 * @param to the value at the other end, another one; it may be smaller
 * @param step between two ticks, more than 0; at most {@link #TICKS} of them
 * @param numbered every how manieth tick has its number, from the left end on; at least 1
 * @param snaps whether pieces lie at ticks only
 * @param reads how values are written; absent for as decimal numbers
 */
public record ZoneScale(
        double from,
        double to,
        double step,
        int numbered,
        boolean snaps,
        @JsonInclude(JsonInclude.Include.NON_NULL) Reads reads) {
    /** How values on a scale are written. */
    public enum Reads {
        NUMBER,
        /** As whole numbers and vulgar fractions, where one with at most {@link #LARGEST_PART} parts is near enough. */
        FRACTION,
        /** Minutes after midnight, written as hours and minutes; 0 to 1440. */
        TIME
    }

    public static final int TICKS = 200;
    public static final int LARGEST_PART = 24;
    private static final int DAY = 1440;
    /** Beyond each end of the line, in page units, so that what lies at the ends is seen. */
    public static final double INSET = 60;

    private static final int DECIMALS = 3;
    private static final double THOUSAND = 1000;
    /** What a step such as 1/11 may lack as a binary fraction, as a share of a step. */
    private static final BigDecimal SLACK = new BigDecimal("0.000000001");

    public ZoneScale {
        Bounds.within("scale.from", from, -Bounds.VALUE, Bounds.VALUE);
        Bounds.within("scale.to", to, -Bounds.VALUE, Bounds.VALUE);
        Bounds.within("scale.step", step, 0.001, Bounds.VALUE);
        Bounds.within("scale.numbered", numbered, 1, TICKS);
        if (from == to) {
            throw new OutOfBounds("scale.to", Message.of("bound.scale.to"));
        }
        if (Math.abs(to - from) / step > TICKS) {
            throw new OutOfBounds("scale.step", Message.of("bound.scale.step", "most", TICKS));
        }
        reads = reads == Reads.NUMBER ? null : reads;
        if (reads == Reads.TIME) {
            Bounds.within("scale.from", from, 0, DAY);
            Bounds.within("scale.to", to, 0, DAY);
        }
    }

    public ZoneScale(double from, double to, double step, int numbered, boolean snaps) {
        this(from, to, step, numbered, snaps, null);
    }

    public ZoneScale withSnaps(boolean now) {
        return new ZoneScale(from, to, step, numbered, now, reads);
    }

    /** A value as it is read: 2.5, 1 3/4 or 14:30. */
    public String said(double value) {
        if (reads == Reads.TIME) {
            long minutes = Math.round(value);
            return "%d:%02d".formatted(Math.floorDiv(minutes, 60), Math.floorMod(minutes, 60));
        }
        String plain = BigDecimal.valueOf(value)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return reads == Reads.FRACTION ? fraction(value, plain) : plain;
    }

    private static String fraction(double value, String plain) {
        double size = Math.abs(value);
        for (int parts = 1; parts <= LARGEST_PART; parts++) {
            long all = Math.round(size * parts);
            // A value is kept with three decimals, so that a third is 0.333.
            if (Math.abs(size - (double) all / parts) <= 0.5001 / THOUSAND) {
                long whole = all / parts;
                long rest = all % parts;
                String sign = value < 0 && all > 0 ? "-" : "";
                if (rest == 0) {
                    return sign + whole;
                }
                return sign + (whole == 0 ? "" : whole + " ") + rest + "/" + parts;
            }
        }
        return plain;
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
                .divide(BigDecimal.valueOf(step), 12, RoundingMode.HALF_UP)
                .add(SLACK)
                .setScale(0, RoundingMode.DOWN)
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
