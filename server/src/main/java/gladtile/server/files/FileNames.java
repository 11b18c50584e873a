package gladtile.server.files;

import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The files that a document names, by their hashes. */
final class FileNames {
    private static final Pattern NAMES = Pattern.compile("[0-9a-f]{64}");

    private FileNames() {}

    /** @param json as it is kept */
    static Set<String> in(String json) {
        Set<String> found = new HashSet<>();
        Matcher name = NAMES.matcher(json);
        while (name.find()) {
            found.add(name.group());
        }
        return found;
    }
}
