package gladtile.server.activities;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Links by which colleagues take a copy of an activity. */
@RestController
class TemplateController {
    private final TemplateService templates;

    TemplateController(TemplateService templates) {
        this.templates = templates;
    }

    record OfferRequest(boolean offered) {}

    /** @param code stands in the link; absent while it is not offered */
    record Offer(@JsonInclude(JsonInclude.Include.NON_NULL) UUID code) {}

    record Taken(UUID id) {}

    @GetMapping("/api/v1/activities/{id}/template")
    Offer offer(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return new Offer(templates
                .code(user, id)
                .orElseThrow(() -> Problem.notThere("activity"))
                .orElse(null));
    }

    @PutMapping("/api/v1/activities/{id}/template")
    Offer setOffer(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody OfferRequest asked) {
        if (!templates.offer(user, id, asked.offered())) {
            throw Problem.notThere("activity");
        }
        return offer(user, id);
    }

    @GetMapping("/api/v1/templates/{code}")
    Template template(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID code) {
        return templates.look(user, code).orElseThrow(() -> Problem.notThere("link"));
    }

    @PostMapping("/api/v1/templates/{code}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    Taken take(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID code) {
        return new Taken(templates.take(user, code).orElseThrow(() -> Problem.notThere("link")));
    }
}
