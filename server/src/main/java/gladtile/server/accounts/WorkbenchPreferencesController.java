package gladtile.server.accounts;

import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How a teacher likes their workbench, on whatever machine they sign in. */
@RestController
@RequestMapping("/api/v1/me/workbench-preferences")
class WorkbenchPreferencesController {
    private final WorkbenchPreferencesStore store;

    WorkbenchPreferencesController(WorkbenchPreferencesStore store) {
        this.store = store;
    }

    @GetMapping
    WorkbenchPreferences preferences(@AuthenticationPrincipal CurrentUser user) {
        return store.read(user).orElse(WorkbenchPreferences.USUAL);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal CurrentUser user, @RequestBody WorkbenchPreferences preferences) {
        store.keep(user, preferences);
    }
}
