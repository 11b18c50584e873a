package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.List;

/**
 * What an item of any kind may have besides its look.
 *
 * @param transparency per cent, 0 (nothing shines through) to 95
 * @param groups the ids of the groups it is in, the outermost first
 * @param supply present when copies come off it
 * @param otherSide present when it can be turned over
 * @param link present when it leads somewhere
 * @param opens what must be done on the page before it does; absent for nothing
 * @param unmarked students do not see that it leads somewhere; absent for false
 * @param hidden it is not seen before something shows it; absent for false
 * @param speech present when it says something aloud
 * @param erasable students may rub it away, where it is ink; absent for false
 * @param reshapable its corners may be pulled in front of a class, where it is a shape with corners; absent for false
 */
public record Traits(
        int transparency,
        List<String> groups,
        @JsonInclude(JsonInclude.Include.NON_NULL) Supply supply,
        @JsonInclude(JsonInclude.Include.NON_NULL) OtherSide otherSide,
        @JsonInclude(JsonInclude.Include.NON_NULL) Link link,
        @JsonInclude(JsonInclude.Include.NON_NULL) Opens opens,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean unmarked,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean hidden,
        @JsonInclude(JsonInclude.Include.NON_NULL) Speech speech,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean erasable,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean reshapable) {
    public static final Traits NONE = new Traits(0, List.of(), null, null);

    public Traits {
        Bounds.within("traits.transparency", transparency, 0, Bounds.TRANSPARENCY);
        groups = List.copyOf(Bounds.present("traits.groups", groups));
        Bounds.count("traits.groups", groups.size(), Bounds.GROUPS_DEEP);
        groups.forEach(group -> Bounds.id("traits.groups", group));
        unmarked = Boolean.TRUE.equals(unmarked) ? true : null;
        hidden = Boolean.TRUE.equals(hidden) ? true : null;
        erasable = Boolean.TRUE.equals(erasable) ? true : null;
        reshapable = Boolean.TRUE.equals(reshapable) ? true : null;
    }

    public Traits(int transparency, List<String> groups, Supply supply, OtherSide otherSide) {
        this(transparency, groups, supply, otherSide, null, null, null, null, null, null, null);
    }

    public Traits withTransparency(int percent) {
        return new Traits(
                percent, groups, supply, otherSide, link, opens, unmarked, hidden, speech, erasable, reshapable);
    }

    public Traits withGroups(List<String> newGroups) {
        return new Traits(
                transparency,
                newGroups,
                supply,
                otherSide,
                link,
                opens,
                unmarked,
                hidden,
                speech,
                erasable,
                reshapable);
    }

    public Traits withSupply(Supply newSupply) {
        return new Traits(
                transparency,
                groups,
                newSupply,
                otherSide,
                link,
                opens,
                unmarked,
                hidden,
                speech,
                erasable,
                reshapable);
    }

    public Traits withOtherSide(OtherSide newSide) {
        return new Traits(
                transparency, groups, supply, newSide, link, opens, unmarked, hidden, speech, erasable, reshapable);
    }

    public Traits withLink(Link newLink) {
        return new Traits(
                transparency,
                groups,
                supply,
                otherSide,
                newLink,
                opens,
                unmarked,
                hidden,
                speech,
                erasable,
                reshapable);
    }

    public Traits withOpens(Opens newOpens) {
        return new Traits(
                transparency,
                groups,
                supply,
                otherSide,
                link,
                newOpens,
                unmarked,
                hidden,
                speech,
                erasable,
                reshapable);
    }

    public Traits withUnmarked(boolean now) {
        return new Traits(
                transparency, groups, supply, otherSide, link, opens, now, hidden, speech, erasable, reshapable);
    }

    public Traits withHidden(boolean now) {
        return new Traits(
                transparency, groups, supply, otherSide, link, opens, unmarked, now, speech, erasable, reshapable);
    }

    public Traits withSpeech(Speech newSpeech) {
        return new Traits(
                transparency,
                groups,
                supply,
                otherSide,
                link,
                opens,
                unmarked,
                hidden,
                newSpeech,
                erasable,
                reshapable);
    }

    public Traits withErasable(boolean now) {
        return new Traits(
                transparency, groups, supply, otherSide, link, opens, unmarked, hidden, speech, now, reshapable);
    }

    public Traits withReshapable(boolean now) {
        return new Traits(
                transparency, groups, supply, otherSide, link, opens, unmarked, hidden, speech, erasable, now);
    }

    /** Null for no traits at all: that is how they are kept and sent. */
    static Traits orNull(Traits traits) {
        return NONE.equals(traits) ? null : traits;
    }
}
