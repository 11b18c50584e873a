package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;
import java.util.TreeSet;

/**
 * What the answer key knows of one piece. It is no part of the page, since a label or a value may tell the answer.
 *
 * @param labels words by which a zone takes many at once
 * @param value what it adds to a zone's total, at most 3 decimals; absent for none
 * @param nowhere it belongs in no zone, whatever zones there will be
 * @param valueUp its value on the upright one of a pair of axes, likewise; absent for any
 * @param rightTurn degrees clockwise, 0 up to 360, at which it is right in a zone it belongs in; absent for any
 * @param turnTolerance by how many degrees it may be off, 0 to 90; absent for {@link #TURN_TOLERANCE}
 */
public record PieceFacts(
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> labels,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double value,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean nowhere,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double valueUp,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double rightTurn,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double turnTolerance) {
    public static final PieceFacts NONE = new PieceFacts(null, null, null);
    public static final double TURN_TOLERANCE = 5;
    private static final double FULL_TURN = 360;
    private static final double MOST_TOLERANCE = 90;
    /** Degrees that rounding may take. */
    private static final double ROUNDING = 1e-9;
    /** Values are counted in thousandths, so that sums are exact. */
    public static final int IN_ONE = 1000;

    public PieceFacts {
        labels = labels == null ? List.of() : List.copyOf(new TreeSet<>(labels));
        Bounds.count("facts.labels", labels.size(), Bounds.LABELS);
        labels.forEach(label -> label("facts.labels", label));
        if (value != null) {
            value("facts.value", value);
        }
        nowhere = Boolean.TRUE.equals(nowhere) ? true : null;
        if (valueUp != null) {
            value("facts.valueUp", valueUp);
        }
        if (rightTurn != null) {
            Bounds.within("facts.rightTurn", rightTurn, 0, FULL_TURN);
            rightTurn = rightTurn % FULL_TURN;
        }
        if (turnTolerance != null) {
            Bounds.within("facts.turnTolerance", turnTolerance, 0, MOST_TOLERANCE);
        }
    }

    public PieceFacts(List<String> labels, Double value, Boolean nowhere) {
        this(labels, value, nowhere, null, null, null);
    }

    /** Whether a piece that is turned so, in degrees, is right as far as its turn goes. */
    public boolean isTurnedRight(double degrees) {
        if (rightTurn == null) {
            return true;
        }
        double apart = Math.abs(((degrees - rightTurn) % FULL_TURN + FULL_TURN) % FULL_TURN);
        double most = turnTolerance == null ? TURN_TOLERANCE : turnTolerance;
        return Math.min(apart, FULL_TURN - apart) <= most + ROUNDING;
    }

    public PieceFacts withLabels(List<String> newLabels) {
        return new PieceFacts(newLabels, value, nowhere, valueUp, rightTurn, turnTolerance);
    }

    public PieceFacts withValue(Double newValue) {
        return new PieceFacts(labels, newValue, nowhere, valueUp, rightTurn, turnTolerance);
    }

    public PieceFacts withNowhere(boolean none) {
        return new PieceFacts(labels, value, none, valueUp, rightTurn, turnTolerance);
    }

    public PieceFacts withValues(Double across, Double up) {
        return new PieceFacts(labels, across, nowhere, up, rightTurn, turnTolerance);
    }

    /** @param off by how many degrees it may be; null for the usual */
    public PieceFacts withTurn(Double degrees, Double off) {
        return new PieceFacts(labels, value, nowhere, valueUp, degrees, off);
    }

    /** A value in thousandths; 0 when there is none. */
    public long thousandths() {
        return value == null ? 0 : Math.round(value * IN_ONE);
    }

    static void label(String bound, String label) {
        Bounds.text(bound, label, Bounds.LABEL_LENGTH);
        if (label.isBlank() || !label.equals(label.strip())) {
            throw new OutOfBounds(bound, Message.of("bound.white-space", "bound", bound));
        }
    }

    static void value(String bound, double value) {
        Bounds.within(bound, value, -Bounds.VALUE, Bounds.VALUE);
        if (Math.abs(value * IN_ONE - Math.rint(value * IN_ONE)) > 1e-6) {
            throw new OutOfBounds(bound, Message.of("bound.decimals", "bound", bound));
        }
    }
}
