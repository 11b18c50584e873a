package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.json.Json;
import gladtile.core.page.WebAddress;
import gladtile.server.testkit.TestDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Web addresses beside the test data of the WHATWG's URL standard (urltestdata.json of the web platform tests), as Debian's
 * package librust-url-dev has it. Ours takes less than a browser does; what it takes must lead where a browser leads.
 */
class UrlDataTest {
    private record Case(String input, boolean failure, String protocol, String hostname, String username) {}

    private static List<Case> cases() throws IOException {
        String all = Files.readString(Path.of(TestDatabase.needed("GLAD_URLS")));
        List<Case> cases = new ArrayList<>();
        for (JsonNode one : Json.read(all, JsonNode.class)) {
            boolean absolute =
                    one.isObject() && one.path("input").asString("").matches("(?s)\\s*[A-Za-z][A-Za-z0-9+.-]*:.*");
            if (absolute) {
                cases.add(new Case(
                        one.path("input").asString(),
                        one.path("failure").asBoolean(false),
                        one.path("protocol").asString(""),
                        one.path("hostname").asString(""),
                        one.path("username").asString("")));
            }
        }
        return cases;
    }

    @Test
    void what_is_taken_is_what_the_standard_takes_and_leads_to_the_same_host() throws IOException {
        int taken = 0;
        for (Case one : cases()) {
            if (!(WebAddress.read(one.input) instanceof WebAddress.Good good)) {
                continue;
            }
            taken++;
            assertThat(one.failure).as("the standard takes %s", one.input).isFalse();
            String scheme = good.shown().substring(0, good.shown().indexOf(':') + 1);
            assertThat(scheme).as(one.input).isEqualTo(one.protocol);
            if (!scheme.equals("mailto:")) {
                assertThat(good.shown().replaceFirst("^https?://([^/:?#]*).*", "$1"))
                        .as(one.input)
                        .isEqualTo(one.hostname);
            }
        }
        assertThat(taken).isGreaterThan(60);
    }

    @Test
    void no_other_scheme_and_no_name_before_the_host_is_taken() throws IOException {
        int other = 0;
        for (Case one : cases()) {
            boolean web = List.of("http:", "https:", "mailto:").contains(one.protocol);
            if (!one.failure && (!web || !one.username.isEmpty())) {
                other++;
                assertThat(WebAddress.read(one.input)).as(one.input).isInstanceOf(WebAddress.Refused.class);
            }
        }
        assertThat(other).isGreaterThan(100);
    }
}
