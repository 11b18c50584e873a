package gladtile.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Taken;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import org.junit.jupiter.api.Test;

class MovingPictureTest {
    @Test
    void a_moving_picture_goes_on_moving_and_loses_what_was_hidden_in_it() throws IOException {
        Taken taken = (Taken) PictureIntake.take(gif(4, 40, 30, "a secret comment"));
        assertThat(taken.mediaType()).isEqualTo("image/gif");
        assertThat(taken.width()).isEqualTo(40);
        assertThat(new String(taken.bytes(), StandardCharsets.ISO_8859_1)).doesNotContain("secret");
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(taken.bytes()))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
            reader.setInput(in);
            assertThat(reader.getNumImages(true)).isEqualTo(4);
            // Each frame is whole: the square is where that frame had it, and only there.
            for (int i = 0; i < 4; i++) {
                BufferedImage frame = reader.read(i);
                assertThat(new Color(frame.getRGB(i * 10 + 2, 2)).getRed()).isGreaterThan(200);
                assertThat(new Color(frame.getRGB((i * 10 + 12) % 40, 2)).getRed())
                        .isLessThan(60);
            }
        }
    }

    @Test
    void it_is_shown_at_rest_by_its_first_frame() throws IOException {
        Taken taken = (Taken) PictureIntake.take(gif(3, 40, 30, ""));
        BufferedImage still = ImageIO.read(new ByteArrayInputStream(PictureIntake.still(taken.bytes())));
        assertThat(new Color(still.getRGB(2, 2)).getRed()).isGreaterThan(200);
    }

    @Test
    void one_frame_is_no_moving_picture() throws IOException {
        assertThat(((Taken) PictureIntake.take(gif(1, 40, 30, ""))).mediaType()).isEqualTo("image/png");
    }

    @Test
    void too_many_frames_are_refused_by_name() throws IOException {
        assertThat(((Refused) PictureIntake.take(gif(301, 8, 8, ""))).bound()).isEqualTo("picture.frames");
        assertThat(((Refused) PictureIntake.take(gif(45, 1000, 1000, ""))).bound())
                .isEqualTo("picture.pixels");
    }

    @Test
    void a_file_cut_off_in_the_middle_is_refused() throws IOException {
        byte[] whole = gif(4, 40, 30, "");
        assertThat(PictureIntake.take(java.util.Arrays.copyOf(whole, whole.length / 2)))
                .isInstanceOf(Refused.class);
    }

    @Test
    void clearing_a_colour_fades_what_is_nearly_that_colour_and_leaves_the_rest() throws IOException {
        BufferedImage image = new BufferedImage(3, 1, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, 0xffffff);
        image.setRGB(1, 0, 0xe8e8e8);
        image.setRGB(2, 0, 0x000000);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        BufferedImage clear = ImageIO.read(new ByteArrayInputStream(
                TransparentColour.of(png.toByteArray(), 0xffffff, 30).bytes()));
        assertThat(clear.getRGB(0, 0) >>> 24).isZero();
        assertThat(clear.getRGB(1, 0) >>> 24).isBetween(1, 254);
        assertThat(clear.getRGB(2, 0)).isEqualTo(0xff000000);
    }

    /** A red square that goes to the right on black, ten pixels a frame. */
    private static byte[] gif(int frames, int width, int height, String comment) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            for (int i = 0; i < frames; i++) {
                BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
                Graphics2D pen = image.createGraphics();
                pen.setColor(Color.RED);
                pen.fillRect(i * 10, 0, 10, height);
                pen.dispose();
                IIOMetadata told =
                        writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), null);
                if (!comment.isEmpty()) {
                    IIOMetadataNode root = (IIOMetadataNode) told.getAsTree("javax_imageio_gif_image_1.0");
                    IIOMetadataNode comments = new IIOMetadataNode("CommentExtensions");
                    IIOMetadataNode one = new IIOMetadataNode("CommentExtension");
                    one.setAttribute("value", comment);
                    comments.appendChild(one);
                    root.appendChild(comments);
                    told.setFromTree("javax_imageio_gif_image_1.0", root);
                }
                writer.writeToSequence(new IIOImage(image, null, told), null);
            }
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
