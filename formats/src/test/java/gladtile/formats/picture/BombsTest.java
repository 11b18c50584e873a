package gladtile.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Taken;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Files of a few bytes that ask for more than there is; the well-known forms of each format, rebuilt (from memory). */
class BombsTest {
    private static final String HEAD = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>";

    /** Each of thirty parts asks ten times for the one before it: ten to the power of thirty. */
    static List<String> thatAskForMuch() {
        String uses = "<rect id='a0' width='1' height='1'/>"
                + steps(i -> "<g id='a" + i + "'>" + ("<use href='#a" + (i - 1) + "'/>").repeat(10) + "</g>");
        String patterns = "<pattern id='a0'><rect width='1' height='1'/></pattern>"
                + steps(i -> "<pattern id='a" + i + "'>"
                        + ("<rect width='1' height='1' fill='url(#a" + (i - 1) + ")'/>").repeat(10) + "</pattern>");
        String masks = "<mask id='a0'><rect width='1' height='1'/></mask>"
                + steps(i -> "<mask id='a" + i + "'>"
                        + ("<rect width='1' height='1' style='mask:url(#a" + (i - 1) + ")'/>").repeat(10) + "</mask>");
        String clips = "<clipPath id='a0'><rect width='1' height='1'/></clipPath>"
                + steps(i -> "<clipPath id='a" + i + "'>"
                        + ("<rect width='1' height='1' clip-path='url(#a" + (i - 1) + ")'/>").repeat(10)
                        + "</clipPath>");
        String line = "M0 0" + "L1 1".repeat(1000);
        String markers = "<marker id='m0'><rect width='1' height='1'/></marker><marker id='m1'><path d='" + line
                + "' marker-mid='url(#m0)'/></marker><path d='" + line + "' marker-mid='url(#m1)'/>";
        String itself = "<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/></g>";
        String chain = IntStream.range(0, 40_000)
                .mapToObj(i -> "<g id='c" + i + "'><use href='#c" + (i + 1) + "'/></g>")
                .collect(Collectors.joining());
        return List.of(
                uses + "<use href='#a30'/>",
                patterns + "<rect width='9' height='9' fill='url(#a30)'/>",
                masks + "<rect width='9' height='9' mask='url(#a30)'/>",
                clips + "<rect width='9' height='9' clip-path='url(#a30)'/>",
                markers,
                itself,
                chain);
    }

    private static String steps(java.util.function.IntFunction<String> step) {
        return IntStream.rangeClosed(1, 30).mapToObj(step).collect(Collectors.joining());
    }

    @ParameterizedTest
    @MethodSource("thatAskForMuch")
    void an_svg_whose_parts_ask_for_one_another_is_refused_by_what_it_would_draw(String within) {
        byte[] bytes = (HEAD + within + "</svg>").getBytes(StandardCharsets.UTF_8);
        assertThat(PictureIntake.take(bytes))
                .isInstanceOfSatisfying(
                        Refused.class, one -> assertThat(one.bound()).isEqualTo("picture.elements"));
    }

    @Test
    void a_picture_that_uses_its_parts_as_pictures_do_is_taken() {
        String stars = "<defs><g id='star'><path d='M0 0L1 1L2 0z'/><circle r='1'/></g><marker id='m'><path d='M0 0'/>"
                + "</marker></defs>" + "<use href='#star' x='2'/>".repeat(2_000)
                + "<polyline points='" + "1,1 ".repeat(500) + "' marker-mid='url(#m)'/>";
        assertThat(PictureIntake.take((HEAD + stars + "</svg>").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Taken.class);
    }

    /** The screen is one pixel, the frame on it 28,000 by 28,000. */
    @Test
    void a_gif_whose_frame_is_larger_than_its_screen_is_refused_by_its_frames() {
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        gif.writeBytes("GIF89a".getBytes(StandardCharsets.US_ASCII));
        gif.writeBytes(new byte[] {1, 0, 1, 0, (byte) 0x80, 0, 0, 0, 0, 0, (byte) 255, (byte) 255, (byte) 255});
        int side = 28_000;
        gif.writeBytes(
                new byte[] {0x2c, 0, 0, 0, 0, (byte) side, (byte) (side >> 8), (byte) side, (byte) (side >> 8), 0, 2});
        for (int i = 0; i < 3; i++) {
            gif.write(255);
            gif.writeBytes(new byte[255]);
        }
        gif.writeBytes(new byte[] {0, 0x3b});
        assertThat(PictureIntake.take(gif.toByteArray()))
                .isInstanceOfSatisfying(
                        Refused.class, one -> assertThat(one.bound()).isEqualTo("picture.pixels"));
    }
}
