package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.json.Json;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws that hold for every edit type, over seeded random chains. */
class EditLawsTest {
    private static final int CHAIN = 120;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34})
    void inverting_a_chain_step_by_step_gives_back_the_start(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity start = Some.activity(random, 3, 6);
        Activity now = start;
        Deque<Edit> back = new ArrayDeque<>();
        Set<Class<?>> applied = new HashSet<>();
        for (int i = 0; i < CHAIN; i++) {
            Edit edit = edits.any(now);
            if (edit.apply(now) instanceof Applied result) {
                back.push(edit.invert(now));
                now = result.activity();
                applied.add(edit.getClass());
            }
        }
        assertThat(applied).as("the chain must really contain most types").hasSizeGreaterThan(12);
        for (Edit undo : back) {
            now = applied(undo, now);
        }
        assertThat(now).isEqualTo(start);
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 6, 7, 9})
    void an_undo_can_itself_be_undone(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity before = Some.activity(random, 2, 6);
        for (int i = 0; i < CHAIN; i++) {
            Edit edit = edits.any(before);
            if (edit.apply(before) instanceof Applied result) {
                Activity after = result.activity();
                Edit undo = edit.invert(before);
                Edit redo = undo.invert(after);
                assertThat(applied(redo, applied(undo, after))).as("%s", edit).isEqualTo(after);
                before = after;
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {10, 11, 12})
    void json_there_and_back_is_the_same_edit_and_the_same_activity(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity now = Some.activity(random, 2, 8);
        for (int i = 0; i < CHAIN; i++) {
            Edit edit = edits.any(now);
            assertThat(Json.read(Json.write(edit), Edit.class)).isEqualTo(edit);
            now = edit.apply(now) instanceof Applied result ? result.activity() : now;
        }
        assertThat(Json.read(Json.write(now), Activity.class)).isEqualTo(now);
    }

    @ParameterizedTest
    @ValueSource(longs = {14, 15, 16, 17, 18, 19})
    void merging_two_edits_does_what_both_did(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity now = Some.activity(random, 1, 4);
        int merged = 0;
        for (int i = 0; i < 3_000; i++) {
            Edit first = edits.any(now);
            Edit second = edits.any(now);
            Optional<Edit> one = first.merge(second);
            if (one.isPresent() && first.apply(now) instanceof Applied middle) {
                assertThat(one.get().apply(now)).isEqualTo(second.apply(middle.activity()));
                merged++;
            }
        }
        assertThat(merged).isPositive();
    }

    @ParameterizedTest
    @ValueSource(longs = {20, 22, 23, 24, 25, 26, 27, 28})
    void two_edits_on_different_things_give_the_same_in_either_order(long seed) {
        Random random = new Random(seed);
        RandomEdits ours = new RandomEdits(random, "a");
        RandomEdits theirs = new RandomEdits(random, "b");
        int compared = 0;
        for (int i = 0; i < 400; i++) {
            Activity start = Some.activity(random, 2, 5);
            Edit a = ours.any(start);
            Edit b = theirs.any(start);
            if (!(a.apply(start) instanceof Applied afterA)
                    || !(b.apply(start) instanceof Applied afterB)
                    || Touched.by(a).stream().anyMatch(Touched.by(b)::contains)) {
                continue;
            }
            Edit bThen = b.rebase(a).orElseThrow();
            Edit aThen = a.rebase(b).orElseThrow();
            assertThat(applied(bThen, afterA.activity()))
                    .as("%s and %s", a, b)
                    .isEqualTo(applied(aThen, afterB.activity()));
            compared++;
        }
        assertThat(compared).isGreaterThan(30);
    }

    /**
     * Three workbenches and a server, with messages that arrive late: each author edits at once on what they see, the
     * server rebases what it gets, and each workbench lays its own waiting edits anew over what it hears.
     */
    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 35, 36, 37, 38, 39})
    void three_authors_end_with_the_same_activity_as_the_server(long seed) {
        Random random = new Random(seed);
        Activity start = Some.activity(random, 2, 5);
        List<Edit> log = new ArrayList<>();
        Activity[] server = {start};
        List<Bench> benches = List.of(
                new Bench(start, new RandomEdits(random, "a")),
                new Bench(start, new RandomEdits(random, "b")),
                new Bench(start, new RandomEdits(random, "c")));
        for (int step = 0; step < 600; step++) {
            Bench bench = benches.get(random.nextInt(benches.size()));
            switch (random.nextInt(3)) {
                case 0 -> bench.editSomething();
                case 1 -> bench.send(log, server);
                default -> bench.hear(log);
            }
        }
        for (Bench bench : benches) {
            while (!bench.waiting.isEmpty()) {
                bench.send(log, server);
            }
        }
        for (Bench bench : benches) {
            bench.hear(log);
            assertThat(bench.shown()).isEqualTo(server[0]);
        }
        assertThat(log.size()).isGreaterThan(60);
    }

    private static final class Bench {
        private Activity confirmed;
        private int heard;
        private final Deque<Edit> waiting = new ArrayDeque<>();
        private final RandomEdits edits;

        Bench(Activity start, RandomEdits edits) {
            confirmed = start;
            this.edits = edits;
        }

        Activity shown() {
            Activity now = confirmed;
            for (Edit edit : waiting) {
                now = edit.apply(now) instanceof Applied result ? result.activity() : now;
            }
            return now;
        }

        void editSomething() {
            Activity seen = shown();
            Edit edit = edits.any(seen);
            if (edit.apply(seen) instanceof Applied) {
                waiting.add(edit);
            }
        }

        void send(List<Edit> log, Activity[] server) {
            if (waiting.isEmpty()) {
                return;
            }
            Optional<Edit> edit = Optional.of(waiting.peek());
            for (Edit since : log.subList(heard, log.size())) {
                edit = edit.flatMap(left -> left.rebase(since));
            }
            hear(log);
            waiting.poll();
            edit.ifPresent(left -> {
                if (left.apply(server[0]) instanceof Applied result) {
                    server[0] = result.activity();
                    log.add(left);
                    confirmed = applied(left, confirmed);
                    heard++;
                }
            });
        }

        void hear(List<Edit> log) {
            for (Edit edit : log.subList(heard, log.size())) {
                confirmed = applied(edit, confirmed);
                List<Edit> again = new ArrayList<>();
                waiting.forEach(mine -> mine.rebase(edit).ifPresent(again::add));
                waiting.clear();
                waiting.addAll(again);
            }
            heard = log.size();
        }
    }

    private static Activity applied(Edit edit, Activity on) {
        EditResult result = edit.apply(on);
        assertThat(result).as("%s", edit).isInstanceOf(Applied.class);
        return ((Applied) result).activity();
    }
}
