package gladtile.server.personaldata;

import java.util.UUID;
import org.jooq.TableField;

/**
 * A column that says who somebody is.
 *
 * @param title as it is called in what is handed out
 */
record PersonalPlace(TableField<?, UUID> person, String title, Rule rule) {
    /** What becomes of a row when its person is erased. */
    enum Rule {
        /** It is about them alone. */
        GOES,
        /** It is part of somebody else's work, and stays without telling who. */
        STAYS_NAMELESS,
        /** It becomes that of whoever takes over. */
        IS_HANDED_OVER
    }
}
