package gladtile.server.tools;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.measure.NeatShape;
import gladtile.core.page.Point;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Offers a neat shape for a rough stroke. */
@RestController
@RequestMapping("/api/v1/neat-shapes")
class NeatController {
    record Rough(List<Point> points) {
        Rough {
            Bounds.count("rough.points", Bounds.present("rough.points", points).size(), Bounds.POINTS_IN_A_STROKE);
            for (Point point : points) {
                Bounds.within(
                        "rough.x", Bounds.present("rough.points", point).x(), -Bounds.COORDINATE, Bounds.COORDINATE);
                Bounds.within("rough.y", point.y(), -Bounds.COORDINATE, Bounds.COORDINATE);
            }
        }
    }

    /** @param shape absent when the stroke is like nothing in particular */
    record Neat(@JsonInclude(JsonInclude.Include.NON_NULL) NeatShape shape) {}

    @PostMapping
    Neat neat(@RequestBody Rough rough) {
        return new Neat(NeatShape.of(rough.points()).orElse(null));
    }
}
