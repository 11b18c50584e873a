package gladtile.server.tools;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.typed.Typed;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.ComputingBudget;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tries an answer on a rule that a teacher is just setting. */
@RestController
@RequestMapping("/api/v1/typed-trials")
class TypedController {
    /** @param language of the activity; absent where it is not said */
    record Trial(
            TypedRule rule,
            String answer,
            @JsonInclude(JsonInclude.Include.NON_NULL) String language) {
        Trial {
            Bounds.present("typed.rule", rule);
            Bounds.text("typed.answer", answer, Bounds.TYPED_LENGTH);
        }
    }

    private final ComputingBudget budget;

    TypedController(ComputingBudget budget) {
        this.budget = budget;
    }

    @PostMapping
    Typed tryOut(@AuthenticationPrincipal CurrentUser user, @RequestBody Trial trial) {
        return budget.spend(user.id(), 1, () -> TypedJudge.judge(trial.rule(), trial.answer(), trial.language()));
    }
}
