package gladtile.server.accounts;

import com.fasterxml.jackson.annotation.JsonInclude;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One's own language: chosen by oneself, else that of one's class, else that of the school. */
@RestController
@RequestMapping("/api/v1/me/language")
class LanguageController {
    private final LanguageStore store;

    LanguageController(LanguageStore store) {
        this.store = store;
    }

    /** @param language the one that is used @param chosen what they chose themselves; absent where they chose none */
    record OwnLanguage(
            String language,
            @JsonInclude(JsonInclude.Include.NON_NULL) String chosen) {}

    /** @param language as BCP 47 has it; absent for that of the class or school */
    record LanguageChoice(
            @JsonInclude(JsonInclude.Include.NON_NULL) String language) {
        LanguageChoice {
            School.language(language);
        }
    }

    @GetMapping
    OwnLanguage language(@AuthenticationPrincipal CurrentUser user) {
        return store.of(user.schoolId(), user.id());
    }

    @PutMapping
    OwnLanguage choose(@AuthenticationPrincipal CurrentUser user, @RequestBody LanguageChoice asked) {
        store.choose(user.schoolId(), user.id(), asked.language());
        return store.of(user.schoolId(), user.id());
    }
}
