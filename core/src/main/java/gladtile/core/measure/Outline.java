package gladtile.core.measure;

import gladtile.core.page.Frame;

/** The upright box on the page that a frame takes up, its turn included, in page units. */
public record Outline(double left, double top, double right, double bottom) {
    public static Outline of(Frame frame) {
        double radians = Math.toRadians(frame.turn());
        double cos = Math.abs(Math.cos(radians));
        double sin = Math.abs(Math.sin(radians));
        double width = frame.width() * cos + frame.height() * sin;
        double height = frame.width() * sin + frame.height() * cos;
        double x = frame.x() + frame.width() / 2;
        double y = frame.y() + frame.height() / 2;
        return new Outline(x - width / 2, y - height / 2, x + width / 2, y + height / 2);
    }

    /** Whether the two have more than an edge in common. */
    public boolean meets(Outline other) {
        return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return bottom - top;
    }
}
