package gladtile.core.analysis;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Arrays;

/**
 * How numbers lie.
 *
 * @param count how many there are
 * @param mean absent for none
 * @param deviation the standard deviation of a sample (n − 1); absent for fewer than two
 * @param median absent for none
 */
public record Spread(
        int count,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double mean,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double deviation,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double median) {
    public static Spread of(double[] numbers) {
        if (numbers.length == 0) {
            return new Spread(0, null, null, null);
        }
        double mean = Arrays.stream(numbers).sum() / numbers.length;
        return new Spread(
                numbers.length, mean, numbers.length < 2 ? null : Math.sqrt(variance(numbers)), median(numbers));
    }

    /** Of a sample (n − 1); at least two numbers. In two passes, so that large numbers that lie close lose nothing. */
    static double variance(double[] numbers) {
        double mean = Arrays.stream(numbers).sum() / numbers.length;
        double sum = 0;
        for (double number : numbers) {
            sum += (number - mean) * (number - mean);
        }
        return sum / (numbers.length - 1);
    }

    /** The mean of the two in the middle where there are two. */
    static double median(double[] numbers) {
        double[] sorted = numbers.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
