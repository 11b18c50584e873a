package gladtile.server.tools;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.calculate.CalculatedNumber;
import gladtile.core.calculate.Calculator;
import gladtile.core.message.Message;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The calculator at the wall. Nothing of it is kept. */
@RestController
class CalculationController {
    record CalculationRequest(String expression) {
        CalculationRequest {
            Bounds.present("calculation", expression);
        }
    }

    /**
     * @param number absent where it cannot be worked out
     * @param refused why not; absent otherwise
     * @param at where it went wrong, 0 the first sign; absent where there is no single place
     */
    record Calculation(
            @JsonInclude(JsonInclude.Include.NON_NULL) CalculatedNumber number,
            @JsonInclude(JsonInclude.Include.NON_NULL) Message refused,
            @JsonInclude(JsonInclude.Include.NON_NULL) Integer at) {}

    @PostMapping("/api/v1/calculations")
    Calculation calculate(@RequestBody CalculationRequest asked) {
        Calculator.Outcome outcome = Calculator.of(asked.expression());
        if (outcome instanceof Calculator.Refused refused) {
            return new Calculation(null, refused.message(), refused.at() < 0 ? null : refused.at());
        }
        return new Calculation(((Calculator.Result) outcome).number(), null, null);
    }
}
