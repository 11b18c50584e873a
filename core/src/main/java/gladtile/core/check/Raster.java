package gladtile.core.check;

/**
 * A picture made small, for looking at its colours.
 *
 * @param argb row by row from the top left, 8 bits each of opacity, red, green and blue
 */
public record Raster(int width, int height, int[] argb) {
    public Raster {
        if (argb.length != width * height) {
            throw new IllegalArgumentException("a raster has as many colours as points");
        }
    }

    /** The colour at a place given in shares, 0 to 1, of its width and height. */
    public int at(double x, double y) {
        int column = (int) Math.max(0, Math.min(width - 1, x * width));
        int row = (int) Math.max(0, Math.min(height - 1, y * height));
        return argb[row * width + column];
    }
}
