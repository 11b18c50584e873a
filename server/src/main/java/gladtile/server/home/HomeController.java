package gladtile.server.home;

import gladtile.server.accounts.CurrentUser;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a student begins. */
@RestController
class HomeController {
    private final StudentHome home;

    HomeController(StudentHome home) {
        this.home = home;
    }

    @GetMapping("/api/v1/home")
    StudentHome.HomeView view(@AuthenticationPrincipal CurrentUser user) {
        return home.of(user);
    }
}
