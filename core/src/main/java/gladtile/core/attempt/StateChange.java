package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * What a judged move did to an attempt. It is kept with the move, so that reading the attempt never judges again: what was
 * once found stays found, also when a later version of the rules would find otherwise.
 *
 * @param standing absent where it stayed
 * @param pieces those that are otherwise than before
 * @param gone pieces that are no more
 * @param over items that show their other side now and did not before
 * @param shown ids whose solution was shown by it
 */
public record StateChange(
        @JsonInclude(JsonInclude.Include.NON_NULL) Standing standing,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, PieceState> pieces,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> gone,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, ZoneState> zones,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, TypedState> typed,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> over,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> shown) {
    public StateChange {
        pieces = pieces == null ? Map.of() : Map.copyOf(pieces);
        gone = gone == null ? Set.of() : Set.copyOf(gone);
        zones = zones == null ? Map.of() : Map.copyOf(zones);
        typed = typed == null ? Map.of() : Map.copyOf(typed);
        over = over == null ? Set.of() : Set.copyOf(over);
        shown = shown == null ? Set.of() : Set.copyOf(shown);
    }

    /** Whether something is judged or solved by such an act. All others do the same whenever they are made again. */
    public static boolean isKeptFor(Act act) {
        return act instanceof Act.Put
                || act instanceof Act.Type
                || act instanceof Act.Check
                || act instanceof Act.Show
                || act instanceof Act.HandIn;
    }

    /** @param after {@code before} with one move more, of those that {@link #isKeptFor} names */
    public static StateChange between(AttemptState before, AttemptState after) {
        Set<String> gone = new HashSet<>(before.pieces().keySet());
        gone.removeAll(after.pieces().keySet());
        return new StateChange(
                before.standing() == after.standing() ? null : after.standing(),
                changed(before.pieces(), after.pieces()),
                gone,
                changed(before.zones(), after.zones()),
                changed(before.typed(), after.typed()),
                added(before.over(), after.over()),
                added(before.shown(), after.shown()));
    }

    /** The attempt after the move, with nothing judged. */
    public AttemptState on(AttemptState before) {
        AttemptStateBuilder next = new AttemptStateBuilder(before);
        if (standing == Standing.HANDED_IN) {
            next.handedIn();
        }
        gone.forEach(next::without);
        pieces.forEach(next::piece);
        zones.forEach(next::zone);
        typed.forEach(next::typed);
        over.forEach(next::showsOther);
        shown.forEach(next::shown);
        return next.state();
    }

    private static <T> Map<String, T> changed(Map<String, T> before, Map<String, T> after) {
        Map<String, T> changed = new HashMap<>();
        after.forEach((id, now) -> {
            if (!Objects.equals(before.get(id), now)) {
                changed.put(id, now);
            }
        });
        return changed;
    }

    private static Set<String> added(Set<String> before, Set<String> after) {
        Set<String> added = new HashSet<>(after);
        added.removeAll(before);
        return added;
    }
}
