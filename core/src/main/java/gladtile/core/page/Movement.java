package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/** How students may move an item. Fixed items are background; anything else is a piece. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Movement.Fixed.class, name = "fixed"),
    @JsonSubTypes.Type(value = Movement.Rail.class, name = "rail"),
    @JsonSubTypes.Type(value = Movement.Free.class, name = "free"),
    @JsonSubTypes.Type(value = Movement.Turns.class, name = "turns")
})
public sealed interface Movement {
    Movement FIXED = new Fixed();
    Movement FREE = new Free();

    record Fixed() implements Movement {}

    record Free() implements Movement {}

    /**
     * Along a line only, which lies on the page as the piece lies there: moving the piece moves its rail.
     *
     * @param from one end, in page units from the middle of the piece where it starts
     * @param to the other end, likewise
     * @param stops the only places where it rests, as shares of the way, 0 to 1; empty for anywhere on the rail
     */
    record Rail(Point from, Point to, List<Double> stops) implements Movement {
        public Rail {
            Point.checkOnPage(from);
            Point.checkOnPage(to);
            stops = List.copyOf(Bounds.present("rail.stops", stops));
            Bounds.count("rail.stops", stops.size(), Bounds.STOPS);
            stops.forEach(stop -> Bounds.within("rail.stops", Bounds.present("rail.stops", stop), 0, 1));
            if (from.equals(to)) {
                throw new OutOfBounds("rail.to", Message.of("bound.rail.to"));
            }
        }

        /**
         * The place on the rail closest to a point, or the closest stop where there are stops.
         *
         * @param home the middle of the piece where it starts
         */
        public Point closest(Point home, Point point) {
            double dx = to.x() - from.x();
            double dy = to.y() - from.y();
            double fromX = home.x() + from.x();
            double fromY = home.y() + from.y();
            double along = ((point.x() - fromX) * dx + (point.y() - fromY) * dy) / (dx * dx + dy * dy);
            double share = Math.max(0, Math.min(1, along));
            if (!stops.isEmpty()) {
                double wanted = share;
                share = stops.stream()
                        .min((a, b) -> Double.compare(Math.abs(a - wanted), Math.abs(b - wanted)))
                        .orElse(wanted);
            }
            return new Point(fromX + dx * share, fromY + dy * share);
        }
    }

    /**
     * Anywhere, and it may be turned.
     *
     * @param step degrees it turns by at a time; 0 for any angle
     */
    record Turns(double step) implements Movement {
        public Turns {
            Bounds.within("turns.step", step, 0, 180);
        }

        /** The turn closest to what is wanted that the steps allow, in [0, 360). */
        public double closest(double home, double wanted) {
            double by = step == 0 ? wanted - home : Math.round((wanted - home) / step) * step;
            return ((home + by) % 360 + 360) % 360;
        }
    }

    @JsonIgnore
    default boolean isFixed() {
        return this instanceof Fixed;
    }
}
