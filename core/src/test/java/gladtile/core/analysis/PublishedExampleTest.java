package gladtile.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.analysis.Responses.Row;
import gladtile.core.attempt.Placement;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * The answers of 1,000 people to five questions of section 6 of the Law School Admission Test, as R. D. Bock and M.
 * Lieberman printed them by pattern ("Fitting a response model for n dichotomously scored items", Psychometrika 35, 1970),
 * and the figures that D. Rizopoulos prints for them ("ltm: An R package for latent variable modeling and item response
 * theory analyses", Journal of Statistical Software 17(5), 2006). Both from memory; the patterns add up to 1,000.
 */
class PublishedExampleTest {
    /** How many had which pattern: 00000, 00001, 00010, and so on to 11111. */
    private static final int[] PATTERNS = {
        3, 6, 2, 11, 1, 1, 3, 4, 1, 8, 0, 16, 0, 3, 2, 15, 10, 29, 14, 81, 3, 28, 15, 80, 16, 56, 21, 173, 11, 61, 28,
        298
    };

    private static final int QUESTIONS = 5;

    private static Responses responses() {
        List<Row> rows = new ArrayList<>();
        for (int pattern = 0; pattern < PATTERNS.length; pattern++) {
            boolean[] first = new boolean[QUESTIONS];
            int[] tries = new int[QUESTIONS];
            for (int i = 0; i < QUESTIONS; i++) {
                first[i] = (pattern >> (QUESTIONS - 1 - i) & 1) == 1;
                tries[i] = 1;
            }
            for (int n = 0; n < PATTERNS[pattern]; n++) {
                rows.add(new Row(first, tries, 0, true));
            }
        }
        List<Placement> placements = IntStream.range(0, QUESTIONS)
                .mapToObj(i -> new Placement("p", "q" + i, Message.literal("Question " + (i + 1)), Placement.Kind.GAP))
                .toList();
        return new Responses(placements, rows);
    }

    @Test
    void the_share_right_is_as_printed() {
        assertThat(responses().rows()).hasSize(1_000);
        assertThat(PlacementFigures.of(responses()).stream().map(PlacementFigures::difficulty))
                .containsExactly(0.924, 0.709, 0.553, 0.763, 0.870);
    }

    @Test
    void kr_20_which_is_alpha_here_is_as_printed() {
        assertThat(Reliability.of(responses()).kr20()).isCloseTo(0.2950, within(0.00005));
    }

    @Test
    void the_point_biserial_with_the_others_is_as_printed() {
        double[] printed = {0.1128, 0.1532, 0.1728, 0.1444, 0.1216};
        List<PlacementFigures> figures = PlacementFigures.of(responses());
        for (int i = 0; i < QUESTIONS; i++) {
            assertThat(figures.get(i).pointBiserial()).isCloseTo(printed[i], within(0.00005));
        }
    }
}
