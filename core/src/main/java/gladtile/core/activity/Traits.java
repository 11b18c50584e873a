package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.List;

/**
 * What an item of any kind may have besides its look.
 *
 * @param seeThrough per cent, 0 (nothing shines through) to 95
 * @param groups the ids of the groups it is in, the outermost first
 * @param supply present when copies come off it
 * @param otherSide present when it can be turned over
 * @param route present when it leads somewhere
 */
public record Traits(
        int seeThrough,
        List<String> groups,
        @JsonInclude(JsonInclude.Include.NON_NULL) Supply supply,
        @JsonInclude(JsonInclude.Include.NON_NULL) OtherSide otherSide,
        @JsonInclude(JsonInclude.Include.NON_NULL) Route route) {
    public static final Traits NONE = new Traits(0, List.of(), null, null, null);

    public Traits {
        Bounds.within("traits.seeThrough", seeThrough, 0, Bounds.SEE_THROUGH);
        groups = List.copyOf(Bounds.present("traits.groups", groups));
        Bounds.count("traits.groups", groups.size(), Bounds.GROUPS_DEEP);
        groups.forEach(group -> Bounds.id("traits.groups", group));
    }

    public Traits(int seeThrough, List<String> groups, Supply supply, OtherSide otherSide) {
        this(seeThrough, groups, supply, otherSide, null);
    }

    public Traits withSeeThrough(int percent) {
        return new Traits(percent, groups, supply, otherSide, route);
    }

    public Traits withGroups(List<String> newGroups) {
        return new Traits(seeThrough, newGroups, supply, otherSide, route);
    }

    public Traits withSupply(Supply newSupply) {
        return new Traits(seeThrough, groups, newSupply, otherSide, route);
    }

    public Traits withOtherSide(OtherSide newSide) {
        return new Traits(seeThrough, groups, supply, newSide, route);
    }

    public Traits withRoute(Route newRoute) {
        return new Traits(seeThrough, groups, supply, otherSide, newRoute);
    }

    /** Null for no traits at all: that is how they are kept and sent. */
    static Traits orNull(Traits traits) {
        return NONE.equals(traits) ? null : traits;
    }
}
