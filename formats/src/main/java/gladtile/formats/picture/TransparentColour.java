package gladtile.formats.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;

/** Makes one colour of a picture see-through. */
public final class TransparentColour {
    /** How far a colour may be from the one meant, as the distance of red, green and blue from 0 to 255. */
    public static final int FARTHEST = 200;

    private TransparentColour() {}

    /**
     * @param bytes a picture that {@link PictureIntake} gave back, of pixels
     * @param rgb the colour, {@code 0xrrggbb}
     * @param tolerance 0 (this colour only) to {@link #FARTHEST}; colours half as far again fade
     * @return a PNG of the same size
     */
    public static PictureIntake.Taken of(byte[] bytes, int rgb, int tolerance) throws IOException {
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(bytes));
        if (read == null) {
            throw new IOException("not a picture of pixels");
        }
        BufferedImage drawn = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < read.getHeight(); y++) {
            for (int x = 0; x < read.getWidth(); x++) {
                int pixel = read.getRGB(x, y);
                double far = distance(pixel, rgb);
                // A soft edge, so that no rim of the old background is left around what stays.
                double keeps = far <= tolerance ? 0 : Math.min(1, (far - tolerance) / Math.max(1, tolerance * 0.5));
                int alpha = (int) Math.round((pixel >>> 24) * keeps);
                drawn.setRGB(x, y, alpha << 24 | pixel & 0xffffff);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(drawn, "png", out);
        return new PictureIntake.Taken(out.toByteArray(), "image/png", drawn.getWidth(), drawn.getHeight());
    }

    private static double distance(int a, int b) {
        int red = (a >> 16 & 0xff) - (b >> 16 & 0xff);
        int green = (a >> 8 & 0xff) - (b >> 8 & 0xff);
        int blue = (a & 0xff) - (b & 0xff);
        return Math.sqrt(red * red + green * green + blue * blue);
    }
}
