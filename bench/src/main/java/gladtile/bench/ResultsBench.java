package gladtile.bench;

import gladtile.core.activity.Activity;
import gladtile.core.analysis.Responses;
import gladtile.core.analysis.Statistics;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The figures of an assignment with 60 placements and so many attempts, which are there already. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 4, time = 1)
public class ResultsBench {
    private static final int PLACEMENTS = 60;
    /** Different attempts; the rest are these again. */
    private static final int KINDS = 100;

    @Param({"200", "2000", "20000"})
    int attempts;

    private AttemptRules rules;
    private final List<AttemptState> states = new ArrayList<>();

    @Setup
    public void lesson() {
        List<Item> items = new ArrayList<>();
        items.add(new Zone("light", Frame.of(0, 0, 700, 500), "", "Light"));
        items.add(new Zone("dark", Frame.of(800, 0, 700, 500), "", "Dark"));
        AnswerKey key = AnswerKey.EMPTY;
        for (int p = 0; p < PLACEMENTS; p++) {
            items.add(new Picture(
                    "p" + p,
                    Frame.of(20 + 25 * p, 700, 24, 24),
                    Movement.FREE,
                    "Star " + p,
                    PictureRef.library("2B50"),
                    ""));
            key = key.with("light", "p" + p, Decision.BELONGS).with("dark", "p" + p, Decision.DOES_NOT_BELONG);
        }
        rules = AttemptRules.of(new Activity("Lesson", List.of(new Page("page", "", Paper.PLAIN, items)), key));
        Random random = new Random(2);
        List<AttemptState> kinds = new ArrayList<>();
        for (int k = 0; k < KINDS; k++) {
            AttemptState state = AttemptState.start(rules);
            for (int p = 0; p < PLACEMENTS; p++) {
                if (random.nextInt(3) == 0) {
                    state = after(state, new Act.Put("page", "p" + p, 1000, 200));
                }
                state = after(state, new Act.Put("page", "p" + p, 300, 200));
            }
            kinds.add(after(state, new Act.HandIn()));
        }
        for (int i = 0; i < attempts; i++) {
            states.add(kinds.get(i % KINDS));
        }
    }

    private AttemptState after(AttemptState state, Act act) {
        return ((MoveResult.Made) state.with(new Move(UUID.randomUUID(), act, Instant.EPOCH), rules)).state();
    }

    @Benchmark
    public Statistics figures() {
        return Statistics.of(Responses.of(rules, states), PLACEMENTS);
    }
}
