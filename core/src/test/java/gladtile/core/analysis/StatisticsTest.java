package gladtile.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.analysis.Responses.Row;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.Placement;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.math3.stat.correlation.PearsonsCorrelation;
import org.apache.commons.math3.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;

/** Figures beside the reference library Apache Commons Math, and their laws. */
class StatisticsTest {
    private static final double NEAR = 1e-9;

    private static List<Placement> placements(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Placement("p", "i" + i, Message.literal("Star " + i), Placement.Kind.PIECE))
                .toList();
    }

    private static Row row(boolean handedIn, int... first) {
        boolean[] right = new boolean[first.length];
        int[] tries = new int[first.length];
        for (int i = 0; i < first.length; i++) {
            right[i] = first[i] == 1;
            tries[i] = first[i] == 1 ? 1 : 2;
        }
        return new Row(right, tries, Arrays.stream(first).sum(), handedIn);
    }

    /** Better students have more right, so that there is something to be found. */
    private static Responses random(Random random, int students, int placements) {
        List<Row> rows = new ArrayList<>();
        for (int s = 0; s < students; s++) {
            double able = random.nextGaussian();
            int[] cells = new int[placements];
            for (int i = 0; i < placements; i++) {
                cells[i] = able + random.nextGaussian() > i / (double) placements - 0.5 ? 1 : 0;
            }
            rows.add(row(true, cells));
        }
        return new Responses(placements(placements), rows);
    }

    @Test
    void spread_and_correlation_agree_with_the_reference_library() {
        Random random = new Random(3);
        for (int round = 0; round < 100; round++) {
            Responses all = random(random, 10 + random.nextInt(60), 3 + random.nextInt(12));
            double[] points = all.rows().stream().mapToDouble(Row::points).toArray();
            DescriptiveStatistics reference = new DescriptiveStatistics(points);
            Spread spread = Spread.of(points);
            assertThat(spread.mean()).isCloseTo(reference.getMean(), within(NEAR));
            assertThat(spread.deviation()).isCloseTo(reference.getStandardDeviation(), within(NEAR));
            assertThat(spread.median()).isCloseTo(reference.getPercentile(50), within(NEAR));
            List<PlacementFigures> figures = PlacementFigures.of(all);
            for (int i = 0; i < figures.size(); i++) {
                int at = i;
                double[] own = all.rows().stream()
                        .mapToDouble(r -> r.first()[at] ? 1 : 0)
                        .toArray();
                double[] rest = all.rows().stream()
                        .mapToDouble(r -> r.right() - (r.first()[at] ? 1 : 0))
                        .toArray();
                double wanted = new PearsonsCorrelation().correlation(own, rest);
                Double found = figures.get(i).pointBiserial();
                if (Double.isNaN(wanted)) {
                    assertThat(found).isNull();
                } else {
                    assertThat(found).isCloseTo(wanted, within(NEAR));
                }
                assertThat(figures.get(i).difficulty())
                        .isCloseTo(Arrays.stream(own).average().orElseThrow(), within(NEAR));
            }
        }
    }

    /** Kuder and Richardson's formula 20 itself: k/(k−1) · (1 − Σ p·q / variance), all variances with n. */
    @Test
    void reliability_is_formula_20() {
        Random random = new Random(8);
        for (int round = 0; round < 60; round++) {
            Responses all = random(random, 30 + random.nextInt(40), 4 + random.nextInt(20));
            int n = all.rows().size();
            int k = all.placements().size();
            double pq = 0;
            for (int i = 0; i < k; i++) {
                int at = i;
                double p = all.rows().stream().filter(r -> r.first()[at]).count() / (double) n;
                pq += p * (1 - p);
            }
            double[] sums = all.rows().stream().mapToDouble(Row::right).toArray();
            double variance = new DescriptiveStatistics(sums).getPopulationVariance();
            double wanted = k / (k - 1.0) * (1 - pq / variance);
            assertThat(Reliability.of(all).kr20()).isCloseTo(wanted, within(NEAR));
        }
    }

    /** What can be reckoned by hand: two equal halves are perfectly reliable, and independent ones not at all. */
    @Test
    void edges_that_can_be_reckoned_by_hand() {
        assertThat(Reliability.alpha(new double[][] {{1, 1}, {0, 0}, {1, 1}, {0, 0}}))
                .isCloseTo(1, within(NEAR));
        assertThat(Reliability.alpha(new double[][] {{1, 1}, {1, 0}, {0, 1}, {0, 0}}))
                .isCloseTo(0, within(NEAR));
        assertThat(Reliability.alpha(new double[][] {{1, 0}, {0, 1}})).isNull();
        // Three columns, four rows: variances 1/4, 1/3, 1/4; sums 3, 2, 1, 0 with variance 5/3: 1.5 · (1 − 0.5) = 0.75.
        double[][] ladder = {{1, 1, 1}, {1, 1, 0}, {1, 0, 0}, {0, 0, 0}};
        assertThat(Reliability.alpha(ladder)).isCloseTo(0.75, within(NEAR));
    }

    @Test
    void too_few_students_are_said_to_be_too_few() {
        List<Row> nine =
                IntStream.range(0, 9).mapToObj(i -> row(true, i % 2, 1)).toList();
        Statistics few = Statistics.of(new Responses(placements(2), nine), 2);
        assertThat(few.reliability().kr20()).isNull();
        assertThat(few.reliability().honest()).isEqualTo(Message.of("reliability.few", "students", 9, "least", 10));
        assertThat(few.placements().get(0).pointBiserial()).isNull();
        assertThat(few.placements().get(0).upperLower()).isNull();
        Statistics none = Statistics.of(new Responses(placements(2), List.of()), 2);
        assertThat(none.points().mean()).isNull();
        assertThat(none.placements().get(0).difficulty()).isNull();
        assertThat(none.histogram()).containsOnly(0);
        List<Row> same = IntStream.range(0, 12).mapToObj(i -> row(true, 1, 0)).toList();
        assertThat(Reliability.of(new Responses(placements(2), same)).honest())
                .isEqualTo(Message.of("reliability.all-alike"));
    }

    /** Who has not handed in counts for how hard a placement is, and not for the whole. */
    @Test
    void the_upper_and_the_lower_27_per_cent_and_bars_up_to_each_tenth() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < 11; i++) {
            rows.add(row(true, i >= 5 ? 1 : 0, i >= 2 ? 1 : 0, i >= 8 ? 1 : 0));
        }
        rows.add(row(false, 0, 0, 0));
        Statistics all = Statistics.of(new Responses(placements(3), rows), 3);
        assertThat(all.students()).isEqualTo(12);
        assertThat(all.handedIn()).isEqualTo(11);
        // Three of eleven are 27 %: the upper three have the first, the lower three do not.
        assertThat(all.placements().get(0).upperLower()).isEqualTo(1);
        assertThat(all.placements().get(1).upperLower()).isCloseTo(2 / 3.0, within(NEAR));
        assertThat(all.placements().get(0).difficulty()).isEqualTo(0.5);
        assertThat(all.placements().get(0).tries()).isEqualTo(1.5);
        // None right: 2; one of three: 3; two: 3; all: 3.
        assertThat(all.histogram()).containsExactly(2, 0, 0, 3, 0, 0, 3, 0, 0, 3);
    }

    @Test
    void responses_are_read_from_attempts() {
        AttemptRules rules = AttemptRules.of(Some.sky());
        AttemptState idle = AttemptState.start(rules);
        AttemptState once = made(rules, made(rules, idle, put("sun", 900)), put("sun", 200));
        AttemptState done = made(rules, made(rules, idle, put("sun", 200)), new Act.HandIn());
        Responses all = Responses.of(rules, List.of(idle, once, done));
        int sun = all.placements().stream().map(Placement::itemId).toList().indexOf("sun");
        assertThat(all.rows()).hasSize(2);
        assertThat(all.rows().get(0).first()[sun]).isFalse();
        assertThat(all.rows().get(0).tries()[sun]).isEqualTo(2);
        assertThat(all.rows().get(1).first()[sun]).isTrue();
        assertThat(all.handedIn()).hasSize(1);
    }

    private static Act put(String piece, double x) {
        return new Act.Put("p1", piece, x, 300);
    }

    private static AttemptState made(AttemptRules rules, AttemptState state, Act act) {
        return ((MoveResult.Made) state.with(Some.move(act), rules)).state();
    }
}
