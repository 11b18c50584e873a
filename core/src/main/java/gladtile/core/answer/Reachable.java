package gladtile.core.answer;

import gladtile.core.page.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the total that a zone wants can be reached by pieces that belong there. */
public final class Reachable {
    private Reachable() {}

    /** @param nearest the sum closest to the total that can be reached, in thousandths; empty when nothing can */
    public record Result(SubsetSum.Answer answer, Optional<Long> nearest) {}

    /** @param steps at most so many sums are looked at, twice where it is out of reach */
    public static Result total(List<Item> belonging, AnswerKey key, ZoneRequirements wants, long steps) {
        long target = Math.round(wants.total() * PieceFacts.IN_ONE);
        List<Long> values = new ArrayList<>();
        for (Item piece : belonging) {
            long value = key.facts(piece.id()).thousandths();
            for (long i = WholeSolution.copies(piece, value, target, wants); i > 0; i--) {
                values.add(value);
            }
        }
        int most = wants.capacity() == null ? values.size() : wants.capacity();
        SubsetSum.Answer answer = SubsetSum.reaches(values, target, most, steps);
        Optional<Long> nearest = answer == SubsetSum.Answer.NOT_REACHED
                ? SubsetSum.nearest(values, target, most, steps)
                : Optional.empty();
        return new Result(answer, nearest);
    }
}
