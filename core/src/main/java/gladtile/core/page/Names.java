package gladtile.core.page;

/** Makes a long text short enough for a list, without cutting a letter in two. */
final class Names {
    private static final int MOST = 60;

    private Names() {}

    static String shortened(String text) {
        String line = text.strip().replaceAll("\\s+", " ");
        if (line.length() <= MOST) {
            return line;
        }
        int end = Character.isHighSurrogate(line.charAt(MOST - 1)) ? MOST - 1 : MOST;
        return line.substring(0, end) + "…";
    }
}
