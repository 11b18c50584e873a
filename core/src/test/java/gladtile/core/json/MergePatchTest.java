package gladtile.core.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class MergePatchTest {
    /** The table of examples in RFC 7396, Appendix A, line by line. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{'a':'b'}|{'a':'c'}|{'a':'c'}",
                "{'a':'b'}|{'b':'c'}|{'a':'b','b':'c'}",
                "{'a':'b'}|{'a':null}|{}",
                "{'a':'b','b':'c'}|{'a':null}|{'b':'c'}",
                "{'a':['b']}|{'a':'c'}|{'a':'c'}",
                "{'a':'c'}|{'a':['b']}|{'a':['b']}",
                "{'a':{'b':'c'}}|{'a':{'b':'d','c':null}}|{'a':{'b':'d'}}",
                "{'a':[{'b':'c'}]}|{'a':[1]}|{'a':[1]}",
                "['a','b']|['c','d']|['c','d']",
                "{'a':'b'}|['c']|['c']",
                "{'a':'foo'}|null|null",
                "{'a':'foo'}|'bar'|'bar'",
                "{'e':null}|{'a':1}|{'e':null,'a':1}",
                "[1,2]|{'a':'b','c':null}|{'a':'b'}",
                "{}|{'a':{'bb':{'ccc':null}}}|{'a':{'bb':{}}}",
            })
    void patches_as_the_standards_examples_do(String target, String patch, String result) {
        assertThat(MergePatch.applied(json(target), json(patch))).isEqualTo(json(result));
    }

    @Test
    void a_patch_between_two_values_leads_from_one_to_the_other() {
        Random random = new Random(7396);
        int otherwise = 0;
        for (int i = 0; i < 2_000; i++) {
            ObjectNode before = object(random, 3);
            ObjectNode after = random.nextBoolean() ? object(random, 3) : near(random, before);
            JsonNode patch = MergePatch.between(before, after);
            assertThat(MergePatch.applied(before, patch)).isEqualTo(after);
            assertThat(patch.isEmpty()).isEqualTo(before.equals(after));
            otherwise += patch.isEmpty() ? 0 : 1;
        }
        assertThat(otherwise).isGreaterThan(1_500);
    }

    @Test
    void only_what_changed_stands_in_a_patch() {
        assertThat(MergePatch.between(
                        json("{'seq':1,'pieces':{'sun':{'x':1,'y':2},'moon':{'x':3,'y':4}}}"),
                        json("{'seq':2,'pieces':{'sun':{'x':9,'y':2},'moon':{'x':3,'y':4}}}")))
                .isEqualTo(json("{'seq':2,'pieces':{'sun':{'x':9}}}"));
    }

    private static JsonNode json(String quoted) {
        return Json.MAPPER.readTree(quoted.replace('\'', '"'));
    }

    private static ObjectNode near(Random random, ObjectNode before) {
        ObjectNode near = before.deepCopy();
        near.set("field " + random.nextInt(4), value(random, 2));
        return near;
    }

    private static ObjectNode object(Random random, int deep) {
        ObjectNode object = Json.MAPPER.createObjectNode();
        for (int i = 0, n = random.nextInt(4); i < n; i++) {
            object.set("field " + random.nextInt(4), value(random, deep - 1));
        }
        return object;
    }

    private static JsonNode value(Random random, int deep) {
        return switch (random.nextInt(deep > 0 ? 5 : 3)) {
            case 0 -> Json.MAPPER.getNodeFactory().numberNode(random.nextInt(3));
            case 1 -> Json.MAPPER.getNodeFactory().stringNode("text " + random.nextInt(3));
            case 2 -> {
                ArrayNode list = Json.MAPPER.createArrayNode();
                for (int i = 0, n = random.nextInt(3); i < n; i++) {
                    list.add(random.nextInt(2));
                }
                yield list;
            }
            default -> object(random, deep);
        };
    }
}
