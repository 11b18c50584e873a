package gladtile.server.activities;

/** What somebody may do with an activity. */
public enum Access {
    NONE,
    LOOK,
    EDIT,
    OWN;

    public boolean mayView() {
        return this != NONE;
    }

    public boolean mayEdit() {
        return this == EDIT || this == OWN;
    }

    public boolean owns() {
        return this == OWN;
    }
}
