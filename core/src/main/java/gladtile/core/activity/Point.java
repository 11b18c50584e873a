package gladtile.core.activity;

/** A place on a page, in page units: x to the right, y down. */
public record Point(double x, double y) {}
