package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RebaseRunTest {
    /** The same as putting each behind each, one by one. */
    @ParameterizedTest
    @ValueSource(longs = {3, 14, 15, 92, 65, 35, 89, 79})
    void several_edits_follow_what_came_between_as_each_of_them_alone_would(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 40; round++) {
            Activity base = Some.activity(random, 3, 6);
            List<Edit> made = some(new RandomEdits(random, "a"), base);
            List<RebaseRun.Between> between = new ArrayList<>();
            Activity now = base;
            for (Edit edit : some(new RandomEdits(random, "b"), base)) {
                if (edit.apply(now) instanceof Applied applied) {
                    now = applied.activity();
                    between.add(new RebaseRun.Between(edit, true));
                }
            }
            List<Optional<Edit>> alone = new ArrayList<>();
            for (Edit edit : made) {
                Optional<Edit> left = Optional.of(edit);
                Activity before = base;
                for (RebaseRun.Between one : between) {
                    Activity here = before;
                    left = left.flatMap(it -> it.rebase(one.edit(), here));
                    before = ((Applied) one.edit().apply(before)).activity();
                }
                alone.add(left);
            }
            assertThat(RebaseRun.over(made, base, between)).isEqualTo(alone);
        }
    }

    private static List<Edit> some(RandomEdits edits, Activity base) {
        List<Edit> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            all.add(edits.any(base));
        }
        return all;
    }

    @Test
    void more_than_can_be_put_behind_one_another_is_told_before_it_is_tried() {
        Edit one = new SetTitle("Sky");
        Edit step = new CompositeEdit(IntStream.range(0, 2_000)
                .<Edit>mapToObj(i -> new SetTitle("Sky " + i))
                .toList());
        RebaseRun.Between between = new RebaseRun.Between(step, true);
        assertThat(RebaseRun.isTooMuch(List.of(step), List.of(between))).isFalse();
        assertThat(RebaseRun.isTooMuch(List.of(step, step), List.of(between))).isTrue();
        assertThat(RebaseRun.isTooMuch(
                        List.of(one),
                        IntStream.range(0, 11).mapToObj(i -> between).toList()))
                .isTrue();
    }
}
