package gladtile.server.tools;

import gladtile.core.answer.Points;
import gladtile.core.message.Message;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells a rule for points in words, while a teacher is setting it. */
@RestController
@RequestMapping("/api/v1/points-descriptions")
class PointsController {
    record PointsTold(Message words) {}

    @PostMapping
    PointsTold tell(@RequestBody Points points) {
        return new PointsTold(points.message());
    }
}
