package gladtile.server.review;

import gladtile.server.accounts.Who;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's own ready phrases. */
@RestController
@RequestMapping("/api/phrases")
class PhraseController {
    private final Reviews reviews;

    PhraseController(Reviews reviews) {
        this.reviews = reviews;
    }

    @GetMapping
    Phrases read(@AuthenticationPrincipal Who who) {
        return reviews.phrases(who);
    }

    @PostMapping
    Phrases keep(@AuthenticationPrincipal Who who, @RequestBody Phrases phrases) {
        reviews.keepPhrases(who, phrases);
        return reviews.phrases(who);
    }
}
