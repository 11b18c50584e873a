package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Lists as they come over the network: in parts, and not again to whoever has them. */
@ExtendWith(RealServer.class)
class ListsTest {
    private static final String CLASSES = "/api/v1/classes";

    @Test
    void a_list_comes_in_parts_of_the_size_that_is_asked_for(RealServer server) {
        Api teacher = new School(server).asTeacher();
        for (int i = 0; i < 5; i++) {
            teacher.post(CLASSES, Map.of("name", "Class " + i));
        }
        List<String> whole = teacher.get(CLASSES).items().findValuesAsString("id");
        List<String> seen = new ArrayList<>();
        String cursor = "";
        do {
            Api.Answer part = teacher.get(CLASSES + "?limit=2&cursor=" + cursor);
            assertThat(part.items().size()).isBetween(1, 2);
            seen.addAll(part.items().findValuesAsString("id"));
            cursor = part.text("next");
        } while (!cursor.isEmpty());
        assertThat(seen).hasSizeGreaterThanOrEqualTo(5).isEqualTo(whole);
    }

    @Test
    void a_part_that_is_none_is_refused_with_its_bound(RealServer server) {
        Api teacher = new School(server).asTeacher();
        assertThat(teacher.get(CLASSES + "?limit=0").text("bound")).isEqualTo("list.limit");
        assertThat(teacher.get(CLASSES + "?limit=501").text("bound")).isEqualTo("list.limit");
        assertThat(teacher.get(CLASSES + "?cursor=here").text("bound")).isEqualTo("list.cursor");
        Api.Answer many = teacher.get(CLASSES + "?limit=many");
        assertThat(many.status()).isBetween(400, 404);
        assertThat(many.isProblem()).isTrue();
    }

    @Test
    void who_has_a_list_already_is_not_sent_it_again_until_it_changed(RealServer server) {
        Api teacher = new School(server).asTeacher();
        HttpResponse<byte[]> first = teacher.raw(CLASSES);
        assertThat(first.headers().firstValue("Cache-Control").orElse(""))
                .as("nothing of it stays in the browser's own store")
                .contains("no-store");
        String tag = first.headers().firstValue("ETag").orElseThrow();
        HttpResponse<byte[]> same = teacher.unlessSame(CLASSES, tag);
        assertThat(same.statusCode()).isEqualTo(304);
        assertThat(same.body()).isEmpty();
        teacher.post(CLASSES, Map.of("name", "Dusk"));
        HttpResponse<byte[]> changed = teacher.unlessSame(CLASSES, tag);
        assertThat(changed.statusCode()).isEqualTo(200);
        assertThat(new String(changed.body(), java.nio.charset.StandardCharsets.UTF_8))
                .contains("Dusk");
        assertThat(changed.headers().firstValue("ETag").orElseThrow()).isNotEqualTo(tag);
        // Another teacher has other lists, and so another tag.
        assertThat(new School(server).asTeacher().unlessSame(CLASSES, tag).statusCode())
                .isEqualTo(200);
    }
}
