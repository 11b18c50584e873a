package gladtile.e2e;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/** Pictures made for tests, 120 by 80: a ball on a ground. */
final class Samples {
    private Samples() {}

    static byte[] png(Color ground, Color ball) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(ball(ground, ball, 40), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Two frames: the ball on the left, then on the right. */
    static byte[] movingGif() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            for (int x : new int[] {0, 80}) {
                BufferedImage frame = ball(Color.BLACK, Color.ORANGE, x);
                IIOMetadata about = writer.getDefaultImageMetadata(new ImageTypeSpecifier(frame), null);
                String format = about.getNativeMetadataFormatName();
                IIOMetadataNode root = (IIOMetadataNode) about.getAsTree(format);
                IIOMetadataNode control = (IIOMetadataNode)
                        root.getElementsByTagName("GraphicControlExtension").item(0);
                control.setAttribute("delayTime", "20");
                about.setFromTree(format, root);
                writer.writeToSequence(new IIOImage(frame, null, about), null);
            }
            writer.endWriteSequence();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    private static BufferedImage ball(Color ground, Color ball, int x) {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(ground);
        pen.fillRect(0, 0, 120, 80);
        pen.setColor(ball);
        pen.fillOval(x, 20, 40, 40);
        pen.dispose();
        return image;
    }
}
