package gladtile.core.page;

import gladtile.core.Bounds;

/** Where a page stands on the map: its top left corner, in the map's own units. */
public record MapSpot(double x, double y) {
    public MapSpot {
        Bounds.within("spot.x", x, -Bounds.MAP, Bounds.MAP);
        Bounds.within("spot.y", y, -Bounds.MAP, Bounds.MAP);
    }
}
