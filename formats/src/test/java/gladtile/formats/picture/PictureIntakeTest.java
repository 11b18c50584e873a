package gladtile.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Taken;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureIntakeTest {
    /** A 1 × 1 lossless WebP, in the widely used smallest form (from memory). */
    private static final String SMALL_WEBP = "UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==";

    @Test
    void png_keeps_what_is_see_through() throws IOException {
        BufferedImage image = new BufferedImage(40, 20, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(3, 4, 0xff336699);
        Taken taken = taken(encoded(image, "png"));
        assertThat(taken.mediaType()).isEqualTo("image/png");
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(taken.bytes()));
        assertThat(kept.getRGB(3, 4)).isEqualTo(0xff336699);
        assertThat(kept.getRGB(0, 0) >>> 24).isZero();
    }

    @Test
    void webp_is_read() {
        Taken taken = taken(Base64.getDecoder().decode(SMALL_WEBP));
        assertThat(taken.width()).isEqualTo(1);
    }

    @Test
    void a_photograph_taken_sideways_comes_out_upright_and_without_metadata() throws Exception {
        BufferedImage image = new BufferedImage(60, 30, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 30; x++) {
            for (int y = 0; y < 30; y++) {
                image.setRGB(x, y, Color.RED.getRGB());
            }
        }
        Taken taken = taken(withOrientation(encoded(image, "jpeg"), 6));
        assertThat(taken.width()).isEqualTo(30);
        assertThat(taken.height()).isEqualTo(60);
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(taken.bytes()));
        // Orientation 6: the left of what was stored is the top of what was seen.
        assertThat(new Color(upright.getRGB(15, 8)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(15, 52)).getRed()).isLessThan(50);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(taken.bytes()))
                        .getFirstDirectoryOfType(ExifIFD0Directory.class))
                .isNull();
    }

    @Test
    void a_large_picture_is_made_smaller() throws IOException {
        Taken taken = taken(encoded(new BufferedImage(6_000, 600, BufferedImage.TYPE_INT_RGB), "png"));
        assertThat(taken.width()).isEqualTo(PictureIntake.LONGEST_SIDE);
        assertThat(taken.height()).isEqualTo(320);
    }

    @Test
    void a_small_file_that_claims_a_huge_picture_is_refused_unread() {
        assertThat(refused(pngHeader(60_000, 60_000)).bound()).isEqualTo("picture.pixels");
    }

    @Test
    void size_type_and_damage_are_each_named() throws IOException {
        assertThat(refused(new byte[PictureIntake.MOST_BYTES + 1]))
                .isEqualTo(new Refused("picture.bytes", "That picture is 21 MB; the most is 20 MB."));
        assertThat(refused(new byte[0]).bound()).isEqualTo("picture.bytes");
        assertThat(refused("%PDF-1.7 not a picture".getBytes(StandardCharsets.UTF_8))
                        .bound())
                .isEqualTo("picture.type");
        assertThat(refused("<!DOCTYPE html><html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8))
                        .bound())
                .isEqualTo("picture.type");
        byte[] whole = encoded(new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB), "png");
        assertThat(refused(Arrays.copyOf(whole, 60)).bound()).isEqualTo("picture.content");
    }

    @Test
    void damaged_pictures_are_refused_never_thrown() throws IOException {
        Random random = new Random(9);
        BufferedImage image = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        for (String format : new String[] {"png", "jpeg"}) {
            byte[] whole = encoded(image, format);
            for (int i = 0; i < 200; i++) {
                byte[] damaged = whole.clone();
                for (int k = 0; k < 6; k++) {
                    damaged[random.nextInt(damaged.length)] = (byte) random.nextInt();
                }
                assertThat(PictureIntake.take(damaged)).isNotNull();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<rect width='9' height='9' onload='alert(1)'/>",
                "<foreignObject><body xmlns='http://www.w3.org/1999/xhtml'><img src='x' onerror='alert(1)'/></body></foreignObject>",
                "<a href='javascript:alert(1)'><rect width='9' height='9'/></a>",
                "<use href='https://alert.example/a.svg#x'/>",
                "<use xlink:href='data:image/svg+xml,alert'/>",
                "<image href='https://alert.example/a.png'/>",
                "<style>@import url(https://alert.example/a.css);</style>",
                "<rect style='fill:url(https://alert.example/a)'/>",
                "<rect style='fill:u\\72l(https://alert.example/a)'/>",
                "<rect fill='url(https://alert.example/a)'/>",
                "<rect style='behavior:url(#alert)'/>",
                "<set attributeName='href' to='javascript:alert(1)'/>",
                "<animate attributeName='href' values='javascript:alert(1)'/>",
                "<handler xmlns='http://www.w3.org/2001/xml-events'>alert(1)</handler>"
            })
    void svg_keeps_the_shapes_and_drops_what_could_act(String harm) {
        String svg =
                "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='40' height='20'>"
                        + harm + "<circle cx='5' cy='5' r='4' fill='#e3a02f'/></svg>";
        Taken taken = taken(svg.getBytes(StandardCharsets.UTF_8));
        String kept = new String(taken.bytes(), StandardCharsets.UTF_8);
        assertThat(kept)
                .contains("<circle")
                .contains("#e3a02f")
                .doesNotContain("alert")
                .doesNotContain("http://www.w3.org/1999");
        assertThat(taken.width()).isEqualTo(40);
    }

    @Test
    void svg_keeps_gradients_and_links_within_itself() {
        Taken taken = taken(
                ("<svg xmlns='http://www.w3.org/2000/svg' xmlns:x='http://www.w3.org/1999/xlink' viewBox='0 0 64 32'>"
                                + "<defs><linearGradient id='g'><stop offset='0' stop-color='rgb(1,2,3)'/></linearGradient></defs>"
                                + "<rect width='9' height='9' style='fill:url(#g);stroke-width:2'/><use x:href='#r'/></svg>")
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(new String(taken.bytes(), StandardCharsets.UTF_8))
                .contains("url(#g)", "rgb(1,2,3)", "href=\"#r\"", "width=\"64\"");
        assertThat(taken.height()).isEqualTo(32);
    }

    @Test
    void svg_with_entities_or_without_end_is_refused() {
        assertThat(refused(("<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;'>]>"
                                        + "<svg xmlns='http://www.w3.org/2000/svg'><text>&b;</text></svg>")
                                .getBytes(StandardCharsets.UTF_8))
                        .bound())
                .isEqualTo("picture.content");
        String deep = "<svg xmlns='http://www.w3.org/2000/svg'>" + "<g>".repeat(200) + "</g>".repeat(200) + "</svg>";
        assertThat(refused(deep.getBytes(StandardCharsets.UTF_8)).bound()).isEqualTo("picture.elements");
        assertThat(refused("<svg xmlns='http://www.w3.org/2000/svg'><g>".getBytes(StandardCharsets.UTF_8))
                        .bound())
                .isEqualTo("picture.content");
    }

    private static Taken taken(byte[] bytes) {
        return assertThat(PictureIntake.take(bytes))
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.type(Taken.class))
                .actual();
    }

    private static Refused refused(byte[] bytes) {
        return assertThat(PictureIntake.take(bytes))
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.type(Refused.class))
                .actual();
    }

    private static byte[] encoded(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** Puts an APP1 segment with one EXIF tag, 274 (orientation), behind the JPEG's first marker. */
    private static byte[] withOrientation(byte[] jpeg, int orientation) {
        byte[] exif = ByteBuffer.allocate(36)
                .put(new byte[] {(byte) 0xff, (byte) 0xe1, 0, 34})
                .put("Exif\0\0MM".getBytes(StandardCharsets.ISO_8859_1))
                .putShort((short) 42)
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 274)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0)
                .putInt(0)
                .array();
        return ByteBuffer.allocate(jpeg.length + exif.length)
                .put(jpeg, 0, 2)
                .put(exif)
                .put(jpeg, 2, jpeg.length - 2)
                .array();
    }

    private static byte[] pngHeader(int width, int height) {
        ByteBuffer chunk = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(width)
                .putInt(height)
                .put(new byte[] {8, 2, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(chunk.array());
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'})
                .putInt(13)
                .put(chunk.array())
                .putInt((int) crc.getValue())
                .array();
    }
}
