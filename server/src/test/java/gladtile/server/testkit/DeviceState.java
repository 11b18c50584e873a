package gladtile.server.testkit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.json.MergePatch;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;

/** An attempt as a student's device knows it: what it was when it was opened, with every answer's change put on it. */
public final class DeviceState {
    private JsonNode known;

    /** @param state as an attempt tells it that is opened */
    public DeviceState(JsonNode state) {
        known = state;
    }

    /** @param now what the server tells whoever opens the attempt at this moment, which must be the same */
    public void take(JsonNode answer, JsonNode now) {
        JsonNode before = answer.has("from") ? known : null;
        if (before != null) {
            assertThat(answer.path("from")).isEqualTo(before.path("seq"));
        }
        known = MergePatch.applied(before, answer.path("patch"));
        assertThat(plain(known)).isEqualTo(plain(now));
        assertThat(known.path("seq")).isEqualTo(answer.path("seq"));
    }

    public JsonNode known() {
        return known;
    }

    /** Sets are lists whose order says nothing; what was drawn and said is kept by the device that sent it. */
    private static Map<String, Object> plain(JsonNode state) {
        Map<String, Object> plain = new TreeMap<>();
        state.properties().forEach(field -> {
            boolean set = field.getValue().isArray()
                    && field.getValue().valueStream().allMatch(JsonNode::isString)
                    && !field.getKey().equals("came");
            if (set) {
                TreeSet<String> texts = new TreeSet<>();
                field.getValue().forEach(text -> texts.add(text.asString()));
                plain.put(field.getKey(), texts);
            } else if (!field.getKey().equals("own")) {
                plain.put(field.getKey(), field.getValue());
            }
        });
        return plain;
    }
}
