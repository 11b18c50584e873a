package gladtile.server.review;

import gladtile.server.accounts.CurrentUser;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's own ready phrases. */
@RestController
@RequestMapping("/api/v1/phrases")
class PhraseController {
    private final ReviewService reviews;

    PhraseController(ReviewService reviews) {
        this.reviews = reviews;
    }

    @GetMapping
    PhraseService read(@AuthenticationPrincipal CurrentUser user) {
        return reviews.phrases(user);
    }

    @PutMapping
    PhraseService keep(@AuthenticationPrincipal CurrentUser user, @RequestBody PhraseService phrases) {
        reviews.keepPhrases(user, phrases);
        return reviews.phrases(user);
    }
}
