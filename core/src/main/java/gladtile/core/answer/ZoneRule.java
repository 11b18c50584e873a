package gladtile.core.answer;

import gladtile.core.Bounds;

/** How one zone answers the pieces that are put in it. */
public record ZoneRule(Settle settle, Return refused) {
    public static final ZoneRule USUAL = new ZoneRule(Settle.IN_SLOT, Return.GLIDES_HOME);

    public ZoneRule {
        Bounds.present("rule.settle", settle);
        Bounds.present("rule.refused", refused);
    }
}
