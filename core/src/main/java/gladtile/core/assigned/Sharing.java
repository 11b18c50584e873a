package gladtile.core.assigned;

/** Who works on what. */
public enum Sharing {
    OWN_COPY,
    /** The members of a team work on one attempt. */
    TEAM_COPY,
    /** Nobody edits; everybody may look through the pages. */
    VIEW_ONLY
}
