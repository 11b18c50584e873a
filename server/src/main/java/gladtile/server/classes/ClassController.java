package gladtile.server.classes;

import gladtile.server.accounts.Who;
import gladtile.server.classes.Classes.ClassHead;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's classes. */
@RestController
@RequestMapping("/api/classes")
class ClassController {
    private final Classes classes;

    ClassController(Classes classes) {
        this.classes = classes;
    }

    @GetMapping
    List<ClassHead> list(@AuthenticationPrincipal Who who) {
        return classes.of(who);
    }
}
