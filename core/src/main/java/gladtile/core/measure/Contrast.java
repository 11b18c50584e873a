package gladtile.core.measure;

/**
 * How well a colour is seen on another, as WCAG 2.2 defines it (relative luminance and contrast ratio; the threshold
 * of 0.04045 as in its errata and in IEC 61966-2-1).
 */
public final class Contrast {
    private Contrast() {}

    /** @return 1 (the same) to 21 (black on white); the order of the two does not matter */
    public static double ratio(String one, String other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** @param colour {@code #rrggbb} @return 0 (black) to 1 (white) */
    public static double luminance(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        return 0.2126 * linear(rgb >> 16 & 0xff) + 0.7152 * linear(rgb >> 8 & 0xff) + 0.0722 * linear(rgb & 0xff);
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
