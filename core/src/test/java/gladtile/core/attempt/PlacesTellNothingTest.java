package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.SomeRules;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceLayout;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Where a piece comes to rest that is not judged yet depends on what lies there, and on no answer. */
class PlacesTellNothingTest {
    /** @param layouts of the zones: part of how they look, and so the same for all keys */
    private static AnswerKey random(Random random, Page page, JudgeTiming timing, List<PieceLayout> layouts) {
        AnswerKey key = AnswerKey.EMPTY;
        for (Zone zone : page.zones()) {
            for (Item piece : page.pieces()) {
                key = key.with(zone.id(), piece.id(), Decision.values()[random.nextInt(3)]);
            }
            PieceLayout layout = layouts.get(page.zones().indexOf(zone));
            key = key.with(
                    zone.id(),
                    ZoneRule.USUAL
                            .withTiming(timing)
                            .withLayout(layout)
                            .withFitted(zone.frame().width() % 2 < 1));
        }
        for (Item piece : page.pieces()) {
            key = key.with(piece.id(), SomeRules.facts(random).withNowhere(false));
        }
        return key;
    }

    @Test
    void the_same_moves_rest_at_the_same_places_whatever_belongs() {
        int compared = 0;
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            Page page = Some.activity(random, 1, 14).pages().get(0);
            JudgeTiming timing = random.nextBoolean() ? JudgeTiming.ON_CHECK : JudgeTiming.ON_HAND_IN;
            List<PieceLayout> layouts = new ArrayList<>();
            page.zones()
                    .forEach(zone -> layouts.add(
                            random.nextBoolean()
                                    ? null
                                    : PieceLayout.values()[random.nextInt(PieceLayout.values().length)]));
            List<AttemptState> states = new ArrayList<>();
            List<AttemptRules> rules = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                rules.add(AttemptRules.of(new Activity("Sky", List.of(page), random(random, page, timing, layouts))));
                states.add(AttemptState.start(rules.get(k)));
            }
            for (int i = 0; i < 30 && !page.zones().isEmpty() && !page.pieces().isEmpty(); i++) {
                Item piece = page.pieces().get(random.nextInt(page.pieces().size()));
                Frame zone =
                        page.zones().get(random.nextInt(page.zones().size())).frame();
                String id = piece.traitsOrNone().supply() == null ? piece.id() : piece.id() + "~1";
                Act.Put put = new Act.Put(
                        page.id(),
                        id,
                        zone.middle().x() - piece.frame().width() / 2,
                        zone.middle().y() - piece.frame().height() / 2);
                for (int k = 0; k < 3; k++) {
                    if (states.get(k).with(Some.move(put), rules.get(k)) instanceof Made made) {
                        states.set(k, made.state());
                    }
                }
                assertThat(states.get(1).pieces())
                        .as("seed %d", seed)
                        .isEqualTo(states.get(0).pieces());
                assertThat(states.get(2).pieces())
                        .as("seed %d", seed)
                        .isEqualTo(states.get(0).pieces());
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(1_000);
    }

    @Test
    void a_zone_that_nothing_fills_shows_nothing_and_is_not_marked_as_shown() {
        Page page = new Page(
                "p1",
                "Sky",
                gladtile.core.page.Paper.PLAIN,
                List.of(Some.zone("z", 0, 0, 400, 300), Some.piece("a", 0, 800)));
        AnswerKey key = AnswerKey.EMPTY
                .with("z", "a", Decision.BELONGS)
                .with("z", ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withTotal(7.0)))
                .withTerms(
                        AnswerTerms.USUAL.withSolution(new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 1, false)));
        AttemptRules rules = AttemptRules.of(new Activity("Sky", List.of(page), key));
        AttemptState start = AttemptState.start(rules);
        assertThat(start.with(Some.move(new Act.Show("p1", null)), rules)).isInstanceOf(MoveResult.Refused.class);
        assertThat(start.shown()).isEmpty();
    }
}
