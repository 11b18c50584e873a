package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a student drew and said on one page, apart from what the page wants to be placed. Nothing of it is judged.
 *
 * @param ink from the lowest to the topmost
 * @param said in the order in which it was
 */
public record OwnWork(
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<DrawnStroke> ink,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Recording> said) {
    public static final OwnWork NONE = new OwnWork(null, null);

    public OwnWork {
        ink = ink == null ? List.of() : List.copyOf(ink);
        said = said == null ? List.of() : List.copyOf(said);
    }

    @JsonIgnore
    public boolean isEmpty() {
        return ink.isEmpty() && said.isEmpty();
    }

    /** How many points all of its strokes have. */
    @JsonIgnore
    public int points() {
        return ink.stream().mapToInt(one -> one.stroke().count()).sum();
    }

    /**
     * Takes strokes away and puts others on top. What is not there any more, since a team mate rubbed it out, is passed
     * over, and so is what is there already.
     */
    OwnWork drawn(Act.Draw draw) {
        Set<String> gone = new HashSet<>(draw.gone());
        List<DrawnStroke> now = new ArrayList<>(ink);
        now.removeIf(one -> gone.contains(one.id()));
        Set<String> there = new HashSet<>();
        now.forEach(one -> there.add(one.id()));
        draw.drawn().stream().filter(one -> there.add(one.id())).forEach(now::add);
        return new OwnWork(now, said);
    }

    OwnWork saying(Recording recording) {
        List<Recording> now = new ArrayList<>(said);
        now.removeIf(one -> one.id().equals(recording.id()));
        now.add(recording);
        return new OwnWork(ink, now);
    }

    OwnWork unsaid(String recordingId) {
        List<Recording> now = new ArrayList<>(said);
        now.removeIf(one -> one.id().equals(recordingId));
        return new OwnWork(ink, now);
    }

    /** Starting a page again wipes what was drawn; what was said stays until it is taken away. */
    OwnWork wiped() {
        return new OwnWork(null, said);
    }
}
