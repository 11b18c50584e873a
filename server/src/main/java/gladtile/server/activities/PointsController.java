package gladtile.server.activities;

import gladtile.core.answer.Points;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells a rule for points in words, while a teacher is setting it. */
@RestController
@RequestMapping("/api/v1/points-descriptions")
class PointsController {
    record PointsTold(String words) {}

    @PostMapping
    PointsTold tell(@RequestBody Points points) {
        return new PointsTold(points.said());
    }
}
