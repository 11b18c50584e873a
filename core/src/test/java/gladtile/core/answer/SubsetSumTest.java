package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.junit.jupiter.api.Test;

/** Subset sum beside a general-purpose constraint solver (choco-solver) on random cases. */
class SubsetSumTest {
    private static boolean solver(List<Long> numbers, long target, int most) {
        Model model = new Model();
        BoolVar[] taken = model.boolVarArray(numbers.size());
        int[] values = numbers.stream().mapToInt(Long::intValue).toArray();
        model.scalar(taken, values, "=", (int) target).post();
        model.sum(taken, "<=", most).post();
        model.sum(taken, ">=", 1).post();
        return model.getSolver().solve();
    }

    @Test
    void it_agrees_with_a_constraint_solver() {
        Random random = new Random(4);
        int reached = 0;
        for (int round = 0; round < 400; round++) {
            List<Long> numbers = new ArrayList<>();
            boolean negative = random.nextInt(3) == 0;
            for (int i = 1 + random.nextInt(9); i > 0; i--) {
                numbers.add((long) random.nextInt(negative ? -40 : 0, 60));
            }
            long target = random.nextInt(negative ? -30 : 0, 160);
            int most = 1 + random.nextInt(numbers.size());
            boolean expected = solver(numbers, target, most);
            assertThat(SubsetSum.reaches(numbers, target, most) == SubsetSum.Answer.REACHED)
                    .as("%s to %d with %d", numbers, target, most)
                    .isEqualTo(expected);
            List<Integer> found = SubsetSum.find(numbers, target, most).orElse(null);
            assertThat(found != null).isEqualTo(expected);
            if (found != null) {
                assertThat(found.stream().mapToLong(numbers::get).sum()).isEqualTo(target);
                assertThat(found).doesNotHaveDuplicates().hasSizeLessThanOrEqualTo(most);
                reached++;
            }
        }
        assertThat(reached).isBetween(60, 340);
    }

    @Test
    void the_nearest_sum_is_the_nearest() {
        assertThat(SubsetSum.nearest(List.of(5L, 10L, 50L), 27, 3)).contains(15L);
        assertThat(SubsetSum.nearest(List.of(), 27, 3)).isEmpty();
    }

    @Test
    void two_hundred_equal_coins_are_no_trouble_and_too_many_sums_are_told() {
        assertThat(SubsetSum.reaches(Collections.nCopies(200, 50L), 9950, 200)).isEqualTo(SubsetSum.Answer.REACHED);
        assertThat(SubsetSum.reaches(Collections.nCopies(200, 50L), 9951, 200)).isEqualTo(SubsetSum.Answer.NOT_REACHED);
        List<Long> powers = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            powers.add(1L << i);
        }
        assertThat(SubsetSum.reaches(powers, 1L << 30, 24)).isEqualTo(SubsetSum.Answer.TOO_MANY);
        // Few different sums, but looked at again for each of very many numbers.
        List<Long> many = Collections.nCopies(3_000, 7L);
        assertThat(SubsetSum.reaches(many, 70_001, 3_000)).isEqualTo(SubsetSum.Answer.TOO_MANY);
        assertThat(SubsetSum.reaches(many, 700, 3_000)).isEqualTo(SubsetSum.Answer.REACHED);
        assertThat(SubsetSum.reaches(many.subList(0, 40), 287, 40, 100)).isEqualTo(SubsetSum.Answer.TOO_MANY);
    }
}
