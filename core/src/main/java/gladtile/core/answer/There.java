package gladtile.core.answer;

import java.util.List;

/** What lies in the zones of a page, as somebody's attempt has it. */
@FunctionalInterface
public interface There {
    There NOBODY = zone -> List.of();

    /** In the order they came. */
    List<Lying> in(String zoneId);

    /** How often that zone has refused something. */
    default int refusals(String zoneId) {
        return 0;
    }
}
