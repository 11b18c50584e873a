package gladtile.core.answer;

/** What a refused piece does. */
public enum Return {
    GLIDES_HOME,
    STAYS
}
