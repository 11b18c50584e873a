package gladtile.formats.picture;

import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Result;
import gladtile.formats.picture.PictureIntake.Taken;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.w3c.dom.Node;

/**
 * Reads a GIF and writes it anew, each frame whole, as the GIF89a specification says they are laid over one another
 * (logical screen, left and top position, disposal method 2 'restore to background' and 3 'restore to previous').
 */
final class MovingPicture {
    /** Frames in one picture, inclusive. */
    static final int MOST_FRAMES = 300;

    private static final String IMAGE = "javax_imageio_gif_image_1.0";
    private static final String STREAM = "javax_imageio_gif_stream_1.0";
    /** Hundredths of a second; faster than this is a mistake in the file, and no good for children's eyes. */
    private static final int SHORTEST = 5;

    private MovingPicture() {}

    private record Frame(BufferedImage drawn, int hundredths) {}

    /** The trailer that ends a GIF; a file without it was cut off. */
    private static final byte TRAILER = 0x3b;

    static Result take(byte[] bytes) throws IOException {
        int end = bytes.length;
        while (end > 0 && bytes[end - 1] == 0) {
            end--;
        }
        if (end == 0 || bytes[end - 1] != TRAILER) {
            throw new IOException("the picture was cut off");
        }
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            reader.setInput(in, false, false);
            int[] screen = screen(reader);
            int count = reader.getNumImages(true);
            if (count > MOST_FRAMES) {
                return new Refused(
                        "picture.frames",
                        "That moving picture has %d frames; the most is %d.".formatted(count, MOST_FRAMES));
            }
            if ((long) screen[0] * screen[1] * count > PictureIntake.MOST_PIXELS) {
                return new Refused(
                        "picture.pixels",
                        "That moving picture has %d frames of %d × %d pixels; all together may have %d million."
                                .formatted(count, screen[0], screen[1], PictureIntake.MOST_PIXELS / 1_000_000));
            }
            // A frame says its own size, which need not be that of the picture.
            long pixels = 0;
            for (int i = 0; i < count; i++) {
                pixels += (long) reader.getWidth(i) * reader.getHeight(i);
            }
            if (pixels > PictureIntake.MOST_PIXELS) {
                return new Refused(
                        "picture.pixels",
                        "The frames of that moving picture have %d million pixels; all together may have %d million."
                                .formatted(pixels / 1_000_000, PictureIntake.MOST_PIXELS / 1_000_000));
            }
            List<Frame> frames = frames(reader, count, screen[0], screen[1]);
            return new Taken(
                    count == 1 ? png(frames.get(0).drawn) : written(frames),
                    count == 1 ? "image/png" : "image/gif",
                    screen[0],
                    screen[1]);
        } finally {
            reader.dispose();
        }
    }

    /** The first frame, as a PNG, for when a moving picture should be at rest. */
    static byte[] still(byte[] bytes) throws IOException {
        BufferedImage first = ImageIO.read(new ByteArrayInputStream(bytes));
        if (first == null) {
            throw new IOException("no first frame");
        }
        return png(first);
    }

    private static int[] screen(ImageReader reader) throws IOException {
        Node size = child(reader.getStreamMetadata().getAsTree(STREAM), "LogicalScreenDescriptor");
        int width = size == null ? reader.getWidth(0) : number(size, "logicalScreenWidth");
        int height = size == null ? reader.getHeight(0) : number(size, "logicalScreenHeight");
        return new int[] {Math.max(1, width), Math.max(1, height)};
    }

    private static List<Frame> frames(ImageReader reader, int count, int width, int height) throws IOException {
        List<Frame> frames = new ArrayList<>();
        BufferedImage canvas = blank(width, height);
        for (int i = 0; i < count; i++) {
            Node tree = reader.getImageMetadata(i).getAsTree(IMAGE);
            Node place = child(tree, "ImageDescriptor");
            Node control = child(tree, "GraphicControlExtension");
            BufferedImage before = copy(canvas);
            int left = number(place, "imageLeftPosition");
            int top = number(place, "imageTopPosition");
            BufferedImage part = reader.read(i);
            draw(canvas, part, left, top);
            int pause = control == null ? 10 : Math.max(SHORTEST, number(control, "delayTime"));
            frames.add(new Frame(copy(canvas), pause));
            String disposal = control == null ? "none" : attribute(control, "disposalMethod");
            if (disposal.equals("restoreToBackgroundColor")) {
                clear(canvas, left, top, part.getWidth(), part.getHeight());
            } else if (disposal.equals("restoreToPrevious")) {
                canvas = before;
            }
        }
        return frames;
    }

    private static byte[] written(List<Frame> frames) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            ImageWriteParam how = writer.getDefaultWriteParam();
            for (int i = 0; i < frames.size(); i++) {
                BufferedImage drawn = frames.get(i).drawn;
                IIOMetadata told =
                        writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(drawn), how);
                tell(told, frames.get(i).hundredths, i == 0);
                writer.writeToSequence(new IIOImage(drawn, null, told), how);
            }
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** Each frame is whole and is cleared before the next; the first one says that it goes on for ever. */
    private static void tell(IIOMetadata told, int hundredths, boolean first) throws IOException {
        IIOMetadataNode root = (IIOMetadataNode) told.getAsTree(IMAGE);
        IIOMetadataNode control = (IIOMetadataNode) child(root, "GraphicControlExtension");
        control.setAttribute("disposalMethod", "restoreToBackgroundColor");
        control.setAttribute("delayTime", Integer.toString(hundredths));
        if (first) {
            IIOMetadataNode extensions = new IIOMetadataNode("ApplicationExtensions");
            IIOMetadataNode loop = new IIOMetadataNode("ApplicationExtension");
            loop.setAttribute("applicationID", "NETSCAPE");
            loop.setAttribute("authenticationCode", "2.0");
            loop.setUserObject(new byte[] {1, 0, 0});
            extensions.appendChild(loop);
            root.appendChild(extensions);
        }
        told.setFromTree(IMAGE, root);
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static BufferedImage blank(int width, int height) {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    }

    private static BufferedImage copy(BufferedImage image) {
        BufferedImage copy = blank(image.getWidth(), image.getHeight());
        draw(copy, image, 0, 0);
        return copy;
    }

    private static void draw(BufferedImage on, BufferedImage what, int left, int top) {
        Graphics2D pen = on.createGraphics();
        pen.drawImage(what, left, top, null);
        pen.dispose();
    }

    private static void clear(BufferedImage on, int left, int top, int width, int height) {
        Graphics2D pen = on.createGraphics();
        pen.setBackground(new java.awt.Color(0, 0, 0, 0));
        pen.clearRect(left, top, width, height);
        pen.dispose();
    }

    private static Node child(Node of, String name) {
        for (Node one = of.getFirstChild(); one != null; one = one.getNextSibling()) {
            if (one.getNodeName().equals(name)) {
                return one;
            }
        }
        return null;
    }

    private static String attribute(Node of, String name) {
        return of.getAttributes().getNamedItem(name).getNodeValue();
    }

    private static int number(Node of, String name) {
        return Integer.parseInt(attribute(of, name));
    }
}
