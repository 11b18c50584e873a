package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.util.List;
import java.util.TreeSet;

/**
 * What the answer key knows of one piece. It is no part of the page, since a label or a value may tell the answer.
 *
 * @param labels words by which a zone takes many at once
 * @param value what it adds to a zone's total, at most 3 decimals; absent for none
 * @param nowhere it belongs in no zone, whatever zones there will be
 */
public record Facts(
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> labels,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double value,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean nowhere) {
    public static final Facts NONE = new Facts(null, null, null);
    /** Values are counted in thousandths, so that sums are exact. */
    public static final int IN_ONE = 1000;

    public Facts {
        labels = labels == null ? List.of() : List.copyOf(new TreeSet<>(labels));
        Bounds.count("facts.labels", labels.size(), Bounds.LABELS);
        labels.forEach(label -> label("facts.labels", label));
        if (value != null) {
            value("facts.value", value);
        }
        nowhere = Boolean.TRUE.equals(nowhere) ? true : null;
    }

    public Facts withLabels(List<String> newLabels) {
        return new Facts(newLabels, value, nowhere);
    }

    public Facts withValue(Double newValue) {
        return new Facts(labels, newValue, nowhere);
    }

    public Facts withNowhere(boolean none) {
        return new Facts(labels, value, none);
    }

    /** A value in thousandths; 0 when there is none. */
    public long thousandths() {
        return value == null ? 0 : Math.round(value * IN_ONE);
    }

    static void label(String bound, String label) {
        Bounds.text(bound, label, Bounds.LABEL_LENGTH);
        if (label.isBlank() || !label.equals(label.strip())) {
            throw new OutOfBounds(bound, bound + " takes words without white space around them");
        }
    }

    static void value(String bound, double value) {
        Bounds.within(bound, value, -Bounds.VALUE, Bounds.VALUE);
        if (Math.abs(value * IN_ONE - Math.rint(value * IN_ONE)) > 1e-6) {
            throw new OutOfBounds(bound, bound + " takes at most 3 decimals");
        }
    }
}
