package gladtile.core.answer;

import gladtile.core.page.Point;
import java.util.List;

/**
 * A part of a page that lies in some of the zones that cross each other, and in none of the others of them.
 *
 * @param zoneIds those that it lies in, the lowest first; at least one
 * @param at a point well inside
 * @param clear how far that point lies from the closest edge, in page units
 */
public record Region(List<String> zoneIds, Point at, double clear) {}
