package gladtile.core.present;

import gladtile.core.Bounds;

/**
 * What is measured in on a page in front of a class.
 *
 * @param unit as it is read, such as {@code cm} or {@code km}; 1 to {@value #UNIT_LENGTH} characters
 * @param per page units of one of them, {@value #LEAST} to {@value #MOST}
 */
public record PageScale(String unit, double per) {
    public static final int UNIT_LENGTH = 12;
    public static final double LEAST = 8;
    public static final double MOST = 400;
    /** Pages of one activity that may have a scale of their own. */
    public static final int PAGES = 300;

    public PageScale {
        Bounds.text("scale.unit", unit, UNIT_LENGTH);
        Bounds.count("scale.unit", unit.isBlank() ? 2 : 1, 1);
        Bounds.within("scale.per", per, LEAST, MOST);
    }
}
