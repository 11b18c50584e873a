package gladtile.server.accounts;

import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How a teacher likes their workbench, on whatever machine they sign in. */
@RestController
@RequestMapping("/api/taste")
class TasteController {
    private final TasteStore store;

    TasteController(TasteStore store) {
        this.store = store;
    }

    @GetMapping
    Taste taste(@AuthenticationPrincipal Who who) {
        return store.read(who).orElse(Taste.USUAL);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Who who, @RequestBody Taste taste) {
        store.keep(who, taste);
    }
}
