package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.Wanted;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.attempt.Score;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import gladtile.core.typed.TypedRule.Counts;
import gladtile.core.typed.TypedRule.Notation;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Our rules beside further response processing of "Question and Test Interoperability" 2.1 (1EdTech): mapResponse with
 * bounds, match of an ordered response (order.xml, Grand Prix), mapResponsePoint with an areaMapping (select_point.xml),
 * match of unordered pairs (associate.xml, rivals), stringMatch, patternMatch and equal. The definitions and the
 * example items are from memory of the published specification.
 */
class OpenStandardOperatorsTest {
    /** mapResponse: each distinct value once, the sum held within its lower bound. */
    private static double mapped(Set<String> response, Map<String, Double> mapping, double byDefault, double lower) {
        return Math.max(
                lower,
                response.stream()
                        .mapToDouble(one -> mapping.getOrDefault(one, byDefault))
                        .sum());
    }

    @Test
    void points_with_a_cost_and_a_floor_are_mapping_with_a_lower_bound() {
        Random random = new Random(11);
        Set<Double> met = new HashSet<>();
        for (int i = 0; i < 500; i++) {
            Wanted page = Wanted.page(
                            Some.zone("G1", 0, 0, 700, 300),
                            Some.piece("W", 0, 800),
                            Some.piece("Sp", 200, 800),
                            Some.piece("Su", 400, 800),
                            Some.piece("A", 600, 800))
                    .belongs("G1", "W")
                    .terms(AnswerTerms.USUAL.withPoints(new Points(2, 1, 0, false, false)));
            Set<String> response = new LinkedHashSet<>();
            List<String> tried = new ArrayList<>(List.of("W", "Sp", "Su", "A"));
            Collections.shuffle(tried, random);
            for (String piece : tried.subList(0, random.nextInt(5))) {
                page.put(piece, 300, 150);
                response.add(piece);
                if (piece.equals("W")) {
                    break;
                }
            }
            double score = Score.of(page.state(), page.rules()).got();
            assertThat(score).as("%s", response).isEqualTo(mapped(response, Map.of("W", 2.0), -1, 0));
            met.add(score);
        }
        assertThat(met).containsExactlyInAnyOrder(0.0, 1.0, 2.0);
    }

    /** Six drivers have 720 orders; here four, and all of their 24. */
    @Test
    void a_sequence_is_a_match_of_an_ordered_response() {
        List<String> correct = List.of("C", "A", "B", "D");
        Map<String, Integer> places = new HashMap<>();
        correct.forEach(driver -> places.put(driver, correct.indexOf(driver) + 1));
        int right = 0;
        for (List<String> response : orders(new ArrayList<>(), correct)) {
            List<Item> items = new ArrayList<>();
            items.add(Some.zone("grid", 0, 0, 1200, 300));
            correct.forEach(driver -> items.add(Some.piece(driver, 300 * correct.indexOf(driver), 800)));
            ZoneRule rule = ZoneRule.USUAL
                    .withTiming(JudgeTiming.ON_CHECK)
                    .withWants(ZoneRequirements.NOTHING
                            .withSequence(new Sequence(null, places))
                            .withAllOf(true));
            Wanted page = Wanted.page(items.toArray(Item[]::new))
                    .belongs("grid", correct.toArray(String[]::new))
                    .rule("grid", rule);
            for (int i = 0; i < response.size(); i++) {
                page.put(response.get(i), 150 + 300 * i, 150);
            }
            page.check();
            boolean solved = page.solved() == page.rules().placements().size();
            assertThat(solved).as("%s", response).isEqualTo(response.equals(correct));
            right += solved ? 1 : 0;
        }
        assertThat(right).isEqualTo(1);
    }

    private static List<List<String>> orders(List<String> begun, List<String> left) {
        if (left.isEmpty()) {
            return List.of(begun);
        }
        List<List<String>> all = new ArrayList<>();
        for (String next : left) {
            List<String> longer = new ArrayList<>(begun);
            longer.add(next);
            all.addAll(orders(
                    longer, left.stream().filter(one -> !one.equals(next)).toList()));
        }
        return all;
    }

    /** An areaMapping of rectangles: a point counts for the first area that it lies in, else by default. */
    @Test
    void where_a_piece_lies_is_judged_as_an_area_map_of_rectangles() {
        Frame[] areas = {Frame.of(100, 100, 300, 200), Frame.of(600, 50, 200, 500), Frame.of(900, 400, 500, 150)};
        Random random = new Random(5);
        int inside = 0;
        for (int i = 0; i < 400; i++) {
            double x = 1 + random.nextInt(1598) + 0.5;
            double y = 1 + random.nextInt(998) + 0.5;
            boolean in = false;
            for (Frame area : areas) {
                in |= x > area.x() && x < area.x() + area.width() && y > area.y() && y < area.y() + area.height();
            }
            Wanted page = Wanted.page(
                            Some.zone("a", 100, 100, 300, 200),
                            Some.zone("b", 600, 50, 200, 500),
                            Some.zone("c", 900, 400, 500, 150),
                            Some.piece("dot", 0, 800))
                    .belongs("a", "dot")
                    .belongs("b", "dot")
                    .belongs("c", "dot");
            Verdict verdict = page.put("dot", x, y);
            assertThat(verdict != null && verdict.says() == Says.BELONGS)
                    .as("%s %s", x, y)
                    .isEqualTo(in);
            inside += in ? 1 : 0;
        }
        assertThat(inside).isBetween(20, 380);
    }

    /** Antonio and Prospero, Capulet and Montague, Demetrius and Lysander: pairs, whichever comes first. */
    @Test
    void pairs_are_a_match_of_unordered_pairs() {
        List<List<String>> rivals = List.of(List.of("A", "P"), List.of("C", "M"), List.of("D", "L"));
        Set<Set<String>> correct = new HashSet<>();
        rivals.forEach(pair -> correct.add(new TreeSet<>(pair)));
        int matched = 0;
        Random random = new Random(3);
        for (int i = 0; i < 600; i++) {
            List<Item> items = new ArrayList<>();
            List<String> names = new ArrayList<>(List.of("A", "C", "D", "L", "M", "P"));
            List<ZoneSet> sets = new ArrayList<>();
            for (int z = 0; z < 6; z++) {
                items.add(Some.zone("z" + z, 250 * (z % 3), 250 * (z / 3), 240, 240));
            }
            for (int s = 0; s < 3; s++) {
                sets.add(new ZoneSet("s" + s, List.of("z" + s, "z" + (s + 3)), true, rivals));
            }
            names.forEach(name -> items.add(Some.piece(name, 0, 800)));
            Wanted page = Wanted.page(items.toArray(Item[]::new));
            for (int z = 0; z < 6; z++) {
                page = page.belongs("z" + z, names.toArray(String[]::new));
            }
            page = page.key(page.key().withSets(sets));
            // Half of them with right pairs, whichever lies first.
            if (i % 2 == 0) {
                List<List<String>> mixed = new ArrayList<>(rivals);
                Collections.shuffle(mixed, random);
                for (int s = 0; s < 3; s++) {
                    boolean turned = random.nextBoolean();
                    names.set(s, mixed.get(s).get(turned ? 1 : 0));
                    names.set(s + 3, mixed.get(s).get(turned ? 0 : 1));
                }
            } else {
                Collections.shuffle(names, random);
            }
            Set<Set<String>> response = new HashSet<>();
            for (int s = 0; s < 3; s++) {
                response.add(new TreeSet<>(List.of(names.get(s), names.get(s + 3))));
            }
            for (int z = 0; z < 6; z++) {
                page.put(names.get(z), 250 * (z % 3) + 120, 250 * (z / 3) + 120);
            }
            boolean solved = page.solved() == page.rules().placements().size();
            assertThat(solved).as("%s", response).isEqualTo(response.equals(correct));
            matched += solved ? 1 : 0;
        }
        assertThat(matched).isBetween(300, 500);
    }

    /** stringMatch with caseSensitive true and false, of a whole string. */
    @ParameterizedTest
    @CsvSource({"York, York", "york, York", "YORK, York", "Yorkshire, York", "Yor, York", "Lancaster, York"})
    void words_are_taken_as_string_match_does(String answer, String right) {
        TypedRule strict = new TypedRule.TextRule(List.of(right), List.of(Counts.CASE));
        TypedRule free = new TypedRule.TextRule(List.of(right), List.of());
        assertThat(TypedJudge.judge(strict, answer).isTaken()).isEqualTo(answer.equals(right));
        assertThat(TypedJudge.judge(free, answer).isTaken()).isEqualTo(answer.equalsIgnoreCase(right));
    }

    /** patternMatch: the whole string, as in XML Schema, whose patterns have no anchors. */
    @ParameterizedTest
    @CsvSource({
        "[A-Z]{2}[0-9]+, AB12, true",
        "[A-Z]{2}[0-9]+, AB12x, false",
        "[A-Z]{2}[0-9]+, xAB12, false",
        "colou?r, color, true",
        "colou?r, colours, false",
        "(a|b)c, bc, true"
    })
    void a_pattern_matches_the_whole(String pattern, String answer, boolean matches) {
        assertThat(TypedJudge.judge(new TypedRule.PatternRule(pattern), answer).isTaken())
                .isEqualTo(matches);
    }

    /** equal: exact; absolute x - t <= y <= x + t; relative x(1 - t/100) <= y <= x(1 + t/100), bounds included. */
    @Test
    void numbers_are_taken_as_equal_does_in_each_of_its_three_modes() {
        Random random = new Random(9);
        List<Notation> point = List.of(Notation.POINT);
        int taken = 0;
        for (int i = 0; i < 4_000; i++) {
            BigDecimal right = BigDecimal.valueOf(random.nextInt(4_001) - 2_000, 2);
            BigDecimal tolerance = BigDecimal.valueOf(random.nextInt(40), 2);
            BigDecimal answer = right.add(BigDecimal.valueOf(random.nextInt(161) - 80, 2));
            BigDecimal off = answer.subtract(right).abs();
            BigDecimal share = right.abs().multiply(tolerance);
            String written = answer.toPlainString();
            double value = right.doubleValue();
            double most = tolerance.doubleValue();
            assertThat(TypedJudge.judge(new TypedRule.NumberRule(value, 0, false, point, null, false), written)
                            .isTaken())
                    .isEqualTo(off.signum() == 0);
            boolean near = TypedJudge.judge(new TypedRule.NumberRule(value, most, false, point, null, false), written)
                    .isTaken();
            assertThat(near).as("%s of %s by %s", written, right, tolerance).isEqualTo(off.compareTo(tolerance) <= 0);
            assertThat(TypedJudge.judge(new TypedRule.NumberRule(value, most, true, point, null, false), written)
                            .isTaken())
                    .as("%s of %s by %s of it", written, right, tolerance)
                    .isEqualTo(off.compareTo(share) <= 0);
            taken += near ? 1 : 0;
        }
        assertThat(taken).isBetween(500, 3_500);
    }
}
