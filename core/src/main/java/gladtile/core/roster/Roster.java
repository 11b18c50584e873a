package gladtile.core.roster;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What becomes of a class when a list of names is laid over it. Nobody goes: who is in the class and not in the list stays.
 *
 * @param added names that are new to the class, as they will stand there
 * @param there names that are in it already
 * @param missing names of the class that the list does not have
 * @param wrong what stands in the way; when there is anything, nothing is added
 */
public record Roster(List<String> added, List<String> there, List<String> missing, List<Message> wrong) {
    public Roster {
        added = List.copyOf(added);
        there = List.copyOf(there);
        missing = List.copyOf(missing);
        wrong = List.copyOf(wrong);
    }

    /**
     * @param now the names in the class
     * @param listed as pasted or read from a file; empty ones are passed over
     */
    public static Roster of(List<String> now, List<String> listed) {
        Map<String, String> inClass = new HashMap<>();
        now.forEach(name -> inClass.put(same(name), name));
        Map<String, String> inList = new LinkedHashMap<>();
        List<String> added = new ArrayList<>();
        List<String> there = new ArrayList<>();
        List<Message> wrong = new ArrayList<>();
        for (String one : listed) {
            String name = tidied(one);
            if (name.isEmpty()) {
                continue;
            }
            if (name.length() > Bounds.PERSON_NAME) {
                wrong.add(Message.of(
                        "class-list.name-too-long",
                        "name",
                        name.substring(0, 20),
                        "length",
                        name.length(),
                        "most",
                        Bounds.PERSON_NAME));
            } else if (inList.putIfAbsent(same(name), name) != null) {
                wrong.add(Message.of("class-list.twice", "name", name));
            } else if (inClass.containsKey(same(name))) {
                there.add(inClass.get(same(name)));
            } else {
                added.add(name);
            }
        }
        int after = now.size() + added.size();
        if (after > Bounds.CLASS_SIZE) {
            wrong.add(Message.of("class-list.too-many", "students", after, "most", Bounds.CLASS_SIZE));
        }
        if (inList.isEmpty()) {
            wrong.add(Message.of("class-list.empty"));
        }
        List<String> missing =
                now.stream().filter(name -> !inList.containsKey(same(name))).toList();
        return new Roster(added, there, missing, wrong);
    }

    /** Of one form, without white space and marks that nobody sees; joiners that letters need stay. */
    public static String tidied(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFC)
                .replaceAll("[\\u00AD\\u200B\\u200E\\u200F\\u202A-\\u202E\\u2060\\u2066-\\u2069\\uFEFF]", "")
                .replaceAll("[\\p{Z}\\s\\p{Cc}]+", " ")
                .strip();
    }

    /** Two names that differ in capitals, or in what nobody sees, could not be told apart. */
    static String same(String name) {
        return Normalizer.normalize(tidied(name), Normalizer.Form.NFKC)
                .replaceAll("\\p{Cf}", "")
                .toLowerCase(Locale.ROOT);
    }
}
