package gladtile.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetRule;
import gladtile.core.edit.SetTyped;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.WordStyle;
import gladtile.core.typed.TypedRule;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Of two lessons that differ in nothing but the answers, a student who does the same gets the same: every byte, from
 * opening to the second round, for as long as nothing is to be told. Whatever differs would tell the answer.
 */
@ExtendWith(RealServer.class)
class WhatStudentsKnowTest {
    private static final String IDS = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";
    private static final String TIMES = "\"[0-9]{4}-[0-9]{2}-[0-9]{2}T[0-9:.]+Z\"";

    private final Map<String, String> heard = new LinkedHashMap<>();

    private void hear(String when, Api.Answer answer) {
        String bytes = answer.status() + " " + answer.json();
        heard.put(heard.size() + " " + when, bytes.replaceAll(IDS, "#").replaceAll(TIMES, "@"));
    }

    /** @param swapped with the opposite of every answer */
    private static School school(RealServer server, JudgeTiming moment, boolean swapped) {
        School school = new School(server);
        Decision first = swapped ? Decision.DOES_NOT_BELONG : Decision.BELONGS;
        Decision other = swapped ? Decision.BELONGS : Decision.DOES_NOT_BELONG;
        school.edit(new Decide("light", "own", "sun", first));
        school.edit(new Decide("light", "reflect", "sun", other));
        school.edit(new Decide("light", "own", "moon", other));
        school.edit(new Decide("light", "reflect", "moon", first));
        for (String zone : List.of("own", "reflect")) {
            school.edit(new SetRule("light", zone, ZoneRule.USUAL.withTiming(moment)));
        }
        school.edit(
                new AddItem("light", 5, new Gap("gap", Frame.of(1200, 700, 200, 80), "Gap", null, WordStyle.PLAIN)));
        TypedKey key = new TypedKey(
                new TypedRule.TextRule(List.of(swapped ? "Mars" : "Vega"), List.of()), moment, null, null, null);
        school.edit(new SetTyped("light", "gap", key));
        return school;
    }

    @ParameterizedTest
    @CsvSource({
        "ON_CHECK, NOTHING, NOTHING",
        "ON_HAND_IN, NOTHING, NOTHING",
        "ON_HAND_IN, SOLUTION, NOTHING",
        "ON_CHECK, RIGHT_AND_WRONG, NOTHING",
        "ON_CHECK, RIGHT_AND_WRONG, RIGHT_AND_WRONG",
        "ON_HAND_IN, RIGHT_AND_WRONG, RIGHT_AND_WRONG",
        "ON_HAND_IN, SOLUTION, SOLUTION"
    })
    void the_answer_is_in_no_byte_before_it_may_be_known(
            JudgeTiming moment, String given, String later, RealServer server) {
        Map<String, String> once = new LinkedHashMap<>(round(server, moment, given, later, false));
        Map<String, String> swapped = round(server, moment, given, later, true);
        assertThat(swapped).isEqualTo(once).hasSizeGreaterThan(10);
    }

    private Map<String, String> round(
            RealServer server, JudgeTiming moment, String given, String later, boolean swapped) {
        heard.clear();
        School school = school(server, moment, swapped);
        Lesson lesson = Lesson.give(school, Map.of("after", given, "rounds", 2));
        Api ada = lesson.student(0);
        hear("open", lesson.open(ada));
        String attempt = lesson.attempt(ada);
        hear("put", Lesson.moves(ada, attempt, School.put("sun", 200, 200)));
        hear("put", Lesson.moves(ada, attempt, School.put("moon", 900, 200)));
        hear("type", Lesson.moves(ada, attempt, type()));
        hear("show", Lesson.moves(ada, attempt, show()));
        hear("open again", ada.get(attempt));
        if (!later.equals(given)) {
            lesson.teacher.put(lesson.at + "/terms", Map.of("after", later, "rounds", 2));
        }
        boolean told = !later.equals("NOTHING");
        Api.Answer handedIn = Lesson.moves(ada, attempt, Lesson.handIn());
        assertThat(handedIn.status()).isEqualTo(200);
        // From here on it may be told; that it is, is another test's matter.
        if (!told) {
            hear("hand in", handedIn);
            hear("after", ada.get(attempt));
            hear("show after", Lesson.moves(ada, attempt, show()));
        }
        hear("home", ada.get("/api/v1/home"));
        hear("returned", ada.get(attempt + "/review"));
        hear("words", ada.get(attempt + "/messages"));
        if (!told) {
            Api.Answer next = ada.post(attempt + "/rounds", Map.of());
            assertThat(next.status()).isEqualTo(201);
            String second = "/api/v1/attempts/" + next.text("attemptId");
            hear("second round", ada.get(second));
            hear("turn", Lesson.moves(ada, second, School.move(Map.of("kind", "open", "pageId", "light"))));
            hear("take out", Lesson.moves(ada, second, School.put("sun", 100, 800)));
            hear("hand in again", Lesson.moves(ada, second, Lesson.handIn()));
            hear("after that", ada.get(second));
        } else {
            hear("home", ada.get("/api/v1/home"));
            hear("of another", lesson.student(1).get(attempt));
        }
        return heard;
    }

    private static Map<String, Object> type() {
        return School.move(Map.of("kind", "type", "pageId", "light", "gapId", "gap", "text", "Vega"));
    }

    private static Map<String, Object> show() {
        return School.move(Map.of("kind", "show", "pageId", "light"));
    }
}
