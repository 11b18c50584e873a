package gladtile.formats.picture;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import gladtile.core.check.Raster;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Dimension2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;

/** A picture made small, for looking at its colours. */
public final class PictureColours {
    /** Points along its longer side. */
    static final int LONGEST = 96;

    private PictureColours() {}

    /**
     * @param bytes of a picture that was taken in or that ships
     * @return empty when it cannot be drawn
     */
    public static Optional<Raster> of(byte[] bytes, String mediaType) {
        try {
            BufferedImage small = mediaType.equals("image/svg+xml") ? svg(bytes) : pixels(bytes);
            if (small == null) {
                return Optional.empty();
            }
            int width = small.getWidth();
            int height = small.getHeight();
            return Optional.of(new Raster(width, height, small.getRGB(0, 0, width, height, null, 0, width)));
        } catch (IOException unreadable) {
            // Then what lies under it counts, as the caller is told.
            return Optional.empty();
        }
    }

    private static BufferedImage svg(byte[] bytes) {
        SVGDocument document =
                new SVGLoader().load(new ByteArrayInputStream(bytes), null, LoaderContext.createDefault());
        if (document == null) {
            return null;
        }
        Dimension2D size = document.size();
        double scale = LONGEST / Math.max(size.getWidth(), size.getHeight());
        int width = side(size.getWidth() * scale);
        int height = side(size.getHeight() * scale);
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        document.render((java.awt.Component) null, pen, new ViewBox(0, 0, width, height));
        pen.dispose();
        return small;
    }

    private static BufferedImage pixels(byte[] bytes) throws IOException {
        BufferedImage whole = ImageIO.read(new ByteArrayInputStream(bytes));
        if (whole == null) {
            return null;
        }
        double scale = Math.min(1, (double) LONGEST / Math.max(whole.getWidth(), whole.getHeight()));
        int width = side(whole.getWidth() * scale);
        int height = side(whole.getHeight() * scale);
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(whole, 0, 0, width, height, null);
        pen.dispose();
        return small;
    }

    private static int side(double length) {
        return (int) Math.max(1, Math.min(LONGEST, Math.round(length)));
    }
}
