package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * The judge beside the response processing of the open standard "Question and Test Interoperability" 2.1 (1EdTech):
 * templates match_correct and map_response, with the published example items match.xml (Characters and Plays) and
 * gap_match.xml (Richard III). Their values are from memory of the published files; the evaluator below follows the
 * definitions of match and mapResponse in the standard's information model.
 */
class OpenStandardTest {
    private static final Map<String, Double> PLAYS = Map.of("C R", 1.0, "D M", 0.5, "L M", 0.5, "P T", 1.0);
    private static final Set<String> PLAYS_RIGHT = Set.of("C R", "D M", "L M", "P T");

    /** match: the same container of values, order apart. */
    private static boolean match(Set<String> response, Set<String> correct) {
        return response.equals(correct);
    }

    /** mapResponse: the sum of the mapped values, each distinct value counted once, then held within the bounds. */
    private static double mapResponse(
            Set<String> response, Map<String, Double> mapping, double byDefault, double lower, double upper) {
        double sum = response.stream()
                .mapToDouble(pair -> mapping.getOrDefault(pair, byDefault))
                .sum();
        return Math.max(lower, Math.min(upper, sum));
    }

    @Test
    void the_evaluator_gives_the_published_outcomes() {
        assertThat(match(PLAYS_RIGHT, PLAYS_RIGHT)).isTrue();
        assertThat(mapResponse(PLAYS_RIGHT, PLAYS, 0, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY))
                .isEqualTo(3);
        Map<String, Double> richard = Map.of("W G1", 1.0, "Su G2", 2.0);
        assertThat(mapResponse(Set.of("W G1", "Su G2"), richard, -1, 0, Double.POSITIVE_INFINITY))
                .isEqualTo(3);
        assertThat(mapResponse(Set.of("W G1", "Sp G2"), richard, -1, 0, Double.POSITIVE_INFINITY))
                .isZero();
        assertThat(mapResponse(Set.of("A G1", "Sp G2"), richard, -1, 0, Double.POSITIVE_INFINITY))
                .isZero();
    }

    /** Any response: it matches exactly when every placement is solved; mapped by 1 a pair it is our score. */
    @Test
    void the_judge_agrees_with_match_and_map_response_on_the_published_items() {
        compare(List.of("C", "D", "L", "P"), List.of("M", "R", "T"), PLAYS_RIGHT, 1);
        compare(List.of("W", "Sp", "Su", "A"), List.of("G1", "G2"), Set.of("W G1", "Su G2"), 2);
    }

    private void compare(List<String> pieces, List<String> zones, Set<String> correct, long seed) {
        List<Item> items = new ArrayList<>();
        AnswerKey key = AnswerKey.EMPTY;
        for (int z = 0; z < zones.size(); z++) {
            items.add(Some.zone(zones.get(z), 500 * z, 0, 480, 600));
            key = key.with(zones.get(z), new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS));
            for (String piece : pieces) {
                boolean belongs = correct.contains(piece + " " + zones.get(z));
                key = key.with(zones.get(z), piece, belongs ? Decision.BELONGS : Decision.DOES_NOT_BELONG);
            }
        }
        pieces.forEach(piece -> items.add(Some.piece(piece, 100, 800)));
        AttemptRules rules = AttemptRules.of(new Activity("QTI", List.of(new Page("p1", "", Paper.PLAIN, items)), key));
        Map<String, Double> one = new HashMap<>();
        correct.forEach(pair -> one.put(pair, 1.0));
        Random random = new Random(seed);
        int matched = 0;
        for (int i = 0; i < 5_000; i++) {
            Set<String> response = new TreeSet<>();
            AttemptState state = AttemptState.start(rules);
            for (String piece : pieces) {
                int zone = random.nextInt(zones.size() + 1);
                if (zone < zones.size()) {
                    response.add(piece + " " + zones.get(zone));
                    state = ((Made) state.with(Some.put(piece, 500 * zone + 100, 100), rules)).state();
                }
            }
            boolean allSolved = state.solved(rules) == rules.placements().size();
            boolean nothingWrong = state.pieces().values().stream().allMatch(piece -> piece.settled());
            assertThat(allSolved && nothingWrong).isEqualTo(match(response, correct));
            assertThat((double) state.solved(rules))
                    .isEqualTo(mapResponse(response, one, 0, 0, Double.POSITIVE_INFINITY));
            matched += match(response, correct) ? 1 : 0;
        }
        assertThat(matched).isPositive();
    }
}
