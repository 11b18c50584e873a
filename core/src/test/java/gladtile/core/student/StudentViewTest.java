package gladtile.core.student;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.Replies;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.json.Json;
import java.lang.reflect.RecordComponent;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Law 1: no answer reaches a student's browser. */
class StudentViewTest {
    @Test
    void no_field_of_the_answer_key_and_no_decision_is_in_the_json() {
        Set<String> keyFields = new HashSet<>();
        Stream.of(
                        AnswerKey.class,
                        ZoneRule.class,
                        ZoneRequirements.class,
                        Replies.class,
                        PieceFacts.class,
                        TypedKey.class)
                .flatMap(type -> Stream.of(type.getRecordComponents()))
                .map(RecordComponent::getName)
                .forEach(keyFields::add);
        keyFields.add("key");
        for (Decision decision : Decision.values()) {
            keyFields.add(decision.name());
        }
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            Activity activity = Some.activity(random, 3, 10);
            JsonNode json = Json.read(
                    Json.write(StudentView.of(activity, AttemptRules.of(activity), Some.WORDING)), JsonNode.class);
            Set<String> met = new HashSet<>();
            // A sentence by the time it leaves the server.
            ((ObjectNode) json).remove("pointsFor");
            walk(json, met);
            assertThat(met).contains("items", "frame").doesNotContainAnyElementsOf(keyFields);
        }
    }

    /** Stronger: two activities that differ in their decisions alone look the same, but for the counts. */
    @Test
    void who_belongs_where_cannot_be_told_from_the_view() {
        Activity one = Some.sky();
        Activity other = one.withKey(one.key()
                .with("light", "sun", Decision.DOES_NOT_BELONG)
                .with("dark", "sun", Decision.BELONGS)
                .with("light", "moon", Decision.BELONGS)
                .with("dark", "moon", Decision.DOES_NOT_BELONG));
        assertThat(StudentView.of(one, AttemptRules.of(one), Some.WORDING))
                .isEqualTo(StudentView.of(other, AttemptRules.of(other), Some.WORDING));
        assertThat(StudentView.of(one, AttemptRules.of(one), Some.WORDING).pages())
                .extracting(StudentView.StudentPage::placements)
                .isEqualTo(List.of(3, 0));
    }

    /** The places of an order are drawn for a student; which piece is which is not to be told from them. */
    @Test
    void an_order_tells_how_many_places_it_has_and_not_what_belongs_there() {
        Activity one = Some.sky();
        Activity ordered = with(one, Map.of("sun", 1, "moon", 2));
        Activity other = with(one, Map.of("sun", 2, "moon", 1));
        assertThat(StudentView.of(ordered, AttemptRules.of(ordered), Some.WORDING))
                .isEqualTo(StudentView.of(other, AttemptRules.of(other), Some.WORDING));
        assertThat(StudentView.of(ordered, AttemptRules.of(ordered), Some.WORDING)
                        .pages()
                        .get(0)
                        .rows())
                .containsExactly(new StudentView.Places("light", Sequence.Direction.DOWNWARDS, 2));
        assertThat(StudentView.of(one, AttemptRules.of(one), Some.WORDING)
                        .pages()
                        .get(0)
                        .rows())
                .isEmpty();
    }

    private static Activity with(Activity activity, Map<String, Integer> places) {
        ZoneRequirements wants =
                ZoneRequirements.NOTHING.withSequence(new Sequence(Sequence.Direction.DOWNWARDS, places));
        return activity.withKey(activity.key().with("light", ZoneRule.USUAL.withWants(wants)));
    }

    private static void walk(JsonNode node, Set<String> met) {
        if (node.isObject()) {
            node.properties().forEach(field -> {
                met.add(field.getKey());
                walk(field.getValue(), met);
            });
        } else if (node.isArray()) {
            node.forEach(part -> walk(part, met));
        } else if (node.isString()) {
            met.add(node.asString());
        }
    }
}
