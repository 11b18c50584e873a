package gladtile.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.page.WebAddress.Good;
import gladtile.core.page.WebAddress.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What may be linked to, and how it is shown. */
class WebAddressTest {
    @ParameterizedTest
    @CsvSource({
        "https://example.org, https://example.org/",
        "HTTP://Example.ORG/Sky, http://example.org/Sky",
        "example.org/stars?tonight=1#top, https://example.org/stars?tonight=1#top",
        "example.org:8443/x, https://example.org:8443/x",
        "localhost, https://localhost/",
        "https://192.168.0.1/log, https://192.168.0.1/log",
        "mailto:dome@example.org, mailto:dome@example.org",
        "https://example.org/Müller, https://example.org/M%C3%BCller"
    })
    void good_addresses_are_shown_in_full(String written, String shown) {
        assertThat(WebAddress.read(written)).isEqualTo(new Good(shown));
        assertThat(WebAddress.read(shown)).as("read again").isEqualTo(new Good(shown));
    }

    /** UTS #46 examples (from memory): faß stays apart from fass, and a letter of another script shows. */
    @ParameterizedTest
    @CsvSource({
        "https://bücher.example, https://xn--bcher-kva.example/",
        "https://faß.de, https://xn--fa-hia.de/",
        "https://аpple.example, https://xn--pple-43d.example/",
        "https://例え.テスト, https://xn--r8jz45g.xn--zckzah/"
    })
    void hosts_in_other_letters_are_shown_in_punycode(String written, String shown) {
        assertThat(WebAddress.read(written)).isEqualTo(new Good(shown));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "javascript:alert(1)",
                "JaVaScRiPt:alert(1)",
                " java\tscript:alert(1)",
                "data:text/html,hello",
                "file:///etc/passwd",
                "vbscript:x",
                "ftp://example.org",
                "blob:https://example.org/1",
                "https:example.org",
                "https://",
                "https:///x",
                "https://bank.example@evil.example/",
                "https://exa mple.org",
                "https://example.org\\@evil.example",
                "https://example.org:99999/",
                "https://-.example:x/",
                "http://0x7f.1/",
                "http://017700000001",
                "https://192.168.257",
                "https://1.2.3.04/",
                "mailto:",
                "mailto:a@b?cc=c@d",
                "",
                "   "
            })
    void everything_else_is_refused_and_says_why(String written) {
        assertThat(WebAddress.read(written)).isInstanceOf(Refused.class);
        assertThat(((Refused) WebAddress.read(written)).message().key()).startsWith("address.");
    }

    @Test
    void a_route_holds_no_address_that_is_refused_nor_one_that_is_too_long() {
        assertThatThrownBy(() -> new Link.Web("javascript:alert(1)")).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new Link.Web("https://example.org/" + "x".repeat(2_000)))
                .isInstanceOf(OutOfBounds.class);
    }
}
