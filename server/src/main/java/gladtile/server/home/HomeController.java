package gladtile.server.home;

import gladtile.server.accounts.Who;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a student begins. */
@RestController
class HomeController {
    private final Home home;

    HomeController(Home home) {
        this.home = home;
    }

    @GetMapping("/api/home")
    Home.HomeView view(@AuthenticationPrincipal Who who) {
        return home.of(who);
    }
}
