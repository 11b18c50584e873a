package gladtile.formats.media;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.formats.media.WebVtt.Cue;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Beside examples of the W3C's WebVTT recommendation, put down from memory, and the rules of its section on parsing. */
class WebVttTest {
    private static WebVtt read(String... lines) {
        return ((WebVtt.Read) WebVtt.read(String.join("\n", lines))).captions();
    }

    /** The first example of the standard's introduction. */
    @Test
    void cues_with_times_and_text() {
        WebVtt found = read(
                "WEBVTT",
                "",
                "00:11.000 --> 00:13.000",
                "<v Roger Bingham>We are in New York City",
                "",
                "00:13.000 --> 00:16.000",
                "<v Roger Bingham>We're actually at the Lucern Hotel, just down the street");
        assertThat(found.cues())
                .containsExactly(
                        new Cue("", 11_000, 13_000, "", "<v Roger Bingham>We are in New York City"),
                        new Cue(
                                "",
                                13_000,
                                16_000,
                                "",
                                "<v Roger Bingham>We're actually at the Lucern Hotel, just down the street"));
        assertThat(found.passedOver()).isEmpty();
    }

    /** The example of comments and of cue identifiers, and one of settings. */
    @Test
    void notes_styles_ids_and_settings() {
        WebVtt found = read(
                "WEBVTT - Translation of that film I like",
                "",
                "NOTE",
                "This translation was done by Kyle so that",
                "some friends can watch it with their parents.",
                "",
                "STYLE",
                "::cue { color: yellow }",
                "",
                "1",
                "00:02:15.000 --> 00:02:20.000",
                "- Ta en kopp varmt te.",
                "- Det är inte varmt.",
                "",
                "NOTE check next cue",
                "",
                "2",
                "00:02:20.000 --> 00:02:25.000 align:start size:50%",
                "- Har en kopp te.");
        assertThat(found.cues())
                .containsExactly(
                        new Cue("1", 135_000, 140_000, "", "- Ta en kopp varmt te.\n- Det är inte varmt."),
                        new Cue("2", 140_000, 145_000, "align:start size:50%", "- Har en kopp te."));
    }

    @Test
    void line_ends_and_a_mark_at_the_beginning_do_not_matter() {
        WebVtt.Result windows = WebVtt.read("\uFEFFWEBVTT\r\n\r\n00:01.000 --> 00:02.000\r\nDome\r\n");
        assertThat(((WebVtt.Read) windows).captions().cues()).containsExactly(new Cue("", 1000, 2000, "", "Dome"));
    }

    /** Hours have two digits or more; a cue without an empty line before it ends the one before. */
    @Test
    void hours_and_cues_that_touch() {
        WebVtt found = read(
                "WEBVTT", "", "100:00:00.000 --> 100:00:01.500", "Far", "00:00.000 --> 00:01.000", "Near", "", "lone");
        assertThat(found.cues())
                .containsExactly(new Cue("", 360_000_000L, 360_001_500L, "", "Far"), new Cue("", 0, 1000, "", "Near"));
        assertThat(found.passedOver()).containsExactly("lone");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1:00.000 --> 00:02.000",
                "00:60.000 --> 01:02.000",
                "00:01.00 --> 00:02.000",
                "00:01,000 --> 00:02,000",
                "--> 00:02.000",
                "99999999999999999999:00:00.000 --> 00:02.000"
            })
    void times_that_are_none_are_passed_over_and_the_rest_is_kept(String times) {
        WebVtt found = read("WEBVTT", "", times, "Lost", "", "00:03.000 --> 00:04.000", "Kept");
        assertThat(found.cues()).extracting(Cue::text).isEqualTo(List.of("Kept"));
        assertThat(found.passedOver()).containsExactly(times);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "WEBVTTX", "webvtt", " WEBVTT", "1\n00:00:01,000 --> 00:00:02,000\nOther kind"})
    void other_files_are_refused(String file) {
        assertThat(WebVtt.read(file)).isInstanceOf(WebVtt.NoCaptions.class);
    }
}
