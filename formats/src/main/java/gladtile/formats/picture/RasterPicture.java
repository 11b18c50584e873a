package gladtile.formats.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Result;
import gladtile.formats.picture.PictureIntake.Taken;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/** Reads a picture of pixels and draws it anew, upright, no larger than is useful. */
final class RasterPicture {
    private static final float JPEG_QUALITY = 0.9f;

    static {
        // Decoding goes through memory: no picture of a student's class lies in a temporary folder.
        ImageIO.setUseCache(false);
    }

    private RasterPicture() {}

    static Result take(byte[] bytes, String type) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByMIMEType(type);
            if (!readers.hasNext()) {
                throw new IllegalStateException("no reader for " + type);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                // From the header alone: nothing is decoded before the size is known to be bearable.
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width * height > PictureIntake.MOST_PIXELS) {
                    return new Refused(
                            "picture.pixels",
                            "That picture is %d × %d pixels; the most is %d million pixels."
                                    .formatted(width, height, PictureIntake.MOST_PIXELS / 1_000_000));
                }
                ImageReadParam how = reader.getDefaultReadParam();
                int skip = (int) Math.max(1, Math.max(width, height) / (2L * PictureIntake.LONGEST_SIDE));
                how.setSourceSubsampling(skip, skip, 0, 0);
                return written(upright(reader.read(0, how), orientation(bytes)), type);
            } finally {
                reader.dispose();
            }
        }
    }

    /** The EXIF orientation, 1 to 8; 1 is upright. */
    private static int orientation(byte[] bytes) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            int found = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
            return found >= 1 && found <= 8 ? found : 1;
        } catch (ImageProcessingException | MetadataException | IOException unreadable) {
            // A picture without readable metadata is taken as it lies.
            return 1;
        }
    }

    /** The picture turned upright and made no longer than the longest side, on one new raster. */
    private static BufferedImage upright(BufferedImage read, int orientation) {
        boolean lying = orientation >= 5;
        double scale = Math.min(1, (double) PictureIntake.LONGEST_SIDE / Math.max(read.getWidth(), read.getHeight()));
        int width = Math.max(1, (int) Math.round((lying ? read.getHeight() : read.getWidth()) * scale));
        int height = Math.max(1, (int) Math.round((lying ? read.getWidth() : read.getHeight()) * scale));
        boolean transparency = read.getColorModel().hasAlpha();
        BufferedImage drawn = new BufferedImage(
                width, height, transparency ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        try {
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            AffineTransform place = turn(orientation, width, height);
            place.scale(scale, scale);
            pen.drawImage(read, place, null);
        } finally {
            pen.dispose();
        }
        return drawn;
    }

    /** The eight orientations of the EXIF 2.3 standard (tag 274) as matrices, for the upright width and height. */
    private static AffineTransform turn(int orientation, double w, double h) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, w, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, w, h);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, h);
            default -> new AffineTransform();
        };
    }

    private static Result written(BufferedImage drawn, String type) throws IOException {
        boolean jpeg = !drawn.getColorModel().hasAlpha() && !type.equals("image/png");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer =
                ImageIO.getImageWritersByFormatName(jpeg ? "jpeg" : "png").next();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam how = writer.getDefaultWriteParam();
            if (jpeg) {
                how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                how.setCompressionQuality(JPEG_QUALITY);
            }
            writer.write(null, new IIOImage(drawn, null, null), how);
        } finally {
            writer.dispose();
        }
        return new Taken(out.toByteArray(), jpeg ? "image/jpeg" : "image/png", drawn.getWidth(), drawn.getHeight());
    }
}
