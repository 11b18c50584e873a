package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.json.Json;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** What was judged once is kept: no reading judges again, and no delay changes what is found. */
class KeptVerdictsTest {
    private record Done(AttemptState before, Move move, Made made) {}

    private static List<Done> attempt(Random random, Activity activity, AttemptRules rules) {
        List<Done> done = new ArrayList<>();
        AttemptState state = AttemptState.start(rules);
        for (int i = 0; i < 60; i++) {
            Move move = Some.move(act(random, activity.pages().get(0)));
            if (state.with(move, rules) instanceof Made made) {
                done.add(new Done(state, move, made));
                state = made.state();
            }
        }
        if (state.with(Some.move(new Act.HandIn()), rules) instanceof Made made) {
            done.add(new Done(state, Some.move(new Act.HandIn()), made));
        }
        return done;
    }

    private static Act act(Random random, Page page) {
        List<Zone> zones = page.zones();
        List<Gap> gaps = page.gaps();
        int kind = random.nextInt(20);
        if (kind == 0) {
            return new Act.StartAgain(page.id());
        }
        if (kind <= 2) {
            return new Act.Check(page.id(), null);
        }
        if (kind == 3) {
            return new Act.Show(page.id(), null);
        }
        if (kind <= 7 && !gaps.isEmpty()) {
            String[] texts = {"Mars", "mars", "3.5 km", "2(x+1)", "abc", "7", ""};
            return new Act.Type(
                    page.id(), gaps.get(random.nextInt(gaps.size())).id(), texts[random.nextInt(texts.length)]);
        }
        Item item = page.items().get(random.nextInt(page.items().size()));
        String id = random.nextInt(4) == 0 ? item.id() + "~" + (1 + random.nextInt(3)) : item.id();
        if (zones.isEmpty() || random.nextInt(4) == 0) {
            return new Act.Put(page.id(), id, random.nextInt(1600), random.nextInt(1000));
        }
        Frame zone = zones.get(random.nextInt(zones.size())).frame();
        return new Act.Put(
                page.id(),
                id,
                zone.middle().x() - item.frame().width() / 2,
                zone.middle().y() - item.frame().height() / 2);
    }

    @Test
    void a_judged_move_is_made_again_from_what_it_did_also_when_the_answers_are_others_now() {
        int judged = 0;
        for (int seed = 0; seed < 120; seed++) {
            Random random = new Random(seed);
            Activity activity = Some.activity(random, 1, 14);
            AttemptRules rules = AttemptRules.of(activity);
            AttemptRules others = AttemptRules.of(activity.withKey(AnswerKey.EMPTY));
            AttemptState state = AttemptState.start(rules);
            for (Done one : attempt(random, activity, rules)) {
                if (StateChange.isKeptFor(one.move.act())) {
                    StateChange kept = StateChange.between(one.before, one.made.state());
                    state = Json.read(Json.write(kept), StateChange.class).on(state);
                    judged++;
                } else {
                    state = ((Made) state.with(one.move, others)).state();
                }
                assertThat(state).as("seed %d, %s", seed, one.move.act()).isEqualTo(one.made.state());
            }
        }
        assertThat(judged).isGreaterThan(1_000);
    }

    /** Each try that counts is told once, so that figures and points speak of the same tries. */
    @Test
    void what_a_move_had_judged_is_what_its_tries_went_up_by() {
        int told = 0;
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(1_000 + seed);
            Activity activity = Some.activity(random, 1, 14);
            AttemptRules rules = AttemptRules.of(activity);
            for (Done one : attempt(random, activity, rules)) {
                for (Placement placement : rules.placements()) {
                    boolean single = placement.kind() != Placement.Kind.ZONE;
                    long outcomes = one.made.outcomes().stream()
                            .filter(outcome -> outcome.itemId().equals(placement.itemId()))
                            .count();
                    int more = one.made.state().tries(placement) - one.before.tries(placement);
                    if (single && more > 0) {
                        assertThat(outcomes).as("seed %d, %s", seed, placement).isPositive();
                        told++;
                    }
                    boolean solved = one.before.solvedAt(placement) == 0
                            && one.made.state().solvedAt(placement) > 0;
                    if (solved) {
                        assertThat(one.made.outcomes())
                                .as("seed %d, %s", seed, placement)
                                .anyMatch(outcome -> outcome.itemId().equals(placement.itemId()) && outcome.right());
                    }
                }
            }
        }
        assertThat(told).isGreaterThan(200);
    }

    @Test
    void the_same_moves_give_the_same_state_on_a_machine_that_is_busy()
            throws InterruptedException, ExecutionException {
        List<String> calm = states();
        AtomicBoolean busy = new AtomicBoolean(true);
        ExecutorService pool = Executors.newFixedThreadPool(8);
        try {
            for (int i = 0; i < 5; i++) {
                pool.execute(() -> {
                    double x = 1;
                    while (busy.get()) {
                        x = Math.sin(x) + 1;
                    }
                });
            }
            List<Future<List<String>>> all = List.of(pool.submit(() -> states()), pool.submit(() -> states()));
            for (Future<List<String>> one : all) {
                assertThat(one.get()).isEqualTo(calm);
            }
        } finally {
            busy.set(false);
            pool.shutdown();
        }
    }

    private static List<String> states() {
        List<String> states = new ArrayList<>();
        for (int seed = 0; seed < 30; seed++) {
            Random random = new Random(5_000 + seed);
            Activity activity = Some.activity(random, 1, 14);
            attempt(random, activity, AttemptRules.of(activity)).forEach(one -> {
                states.add(String.valueOf(one.made.verdict()));
                states.add(one.made.state().toString().length() + " "
                        + one.made.state().pieces().entrySet().stream()
                                .sorted(java.util.Map.Entry.comparingByKey())
                                .toList());
            });
        }
        return states;
    }
}
