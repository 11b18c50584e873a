package gladtile.server.pictures;

import gladtile.server.support.GladProperties;
import gladtile.server.support.PlainText;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** The shipped pictures, found by word in the languages that their keywords come in. */
@Service
public class PictureLibrary {
    private final List<Entry> entries = new ArrayList<>();
    private final Map<String, Entry> byCode = new HashMap<>();
    private final String credit;

    PictureLibrary(GladProperties properties, JsonMapper json) throws IOException {
        Path index = properties.web().resolve("library/index.json");
        if (!Files.isReadable(index)) {
            throw new IllegalStateException(
                    "the picture library is not built: " + index + " is missing; run ./glad up");
        }
        try (InputStream in = Files.newInputStream(index)) {
            Shipped shipped = json.readValue(in, Shipped.class);
            credit = shipped.credit();
            for (ShippedPicture picture : shipped.pictures()) {
                Entry entry = new Entry(
                        new LibraryPicture(picture.code(), picture.name(), credit),
                        PlainText.of(picture.name()),
                        picture.topic(),
                        picture.words().stream().map(PlainText::of).distinct().toList());
                entries.add(entry);
                byCode.put(picture.code(), entry);
            }
        }
    }

    /** @param credit who drew the pictures, and the licence they come under */
    record Shipped(String credit, List<ShippedPicture> pictures) {}

    record ShippedPicture(String code, String name, String topic, List<String> words) {}

    private record Entry(LibraryPicture picture, String name, String topic, List<String> words) {}

    /** @param code names the picture, and the file it is in */
    public record LibraryPicture(String code, String name, String credit) {}

    public Optional<LibraryPicture> picture(String code) {
        return Optional.ofNullable(byCode.get(code)).map(Entry::picture);
    }

    /**
     * Pictures for a word or the beginning of one, the closest first; every word given must be met.
     *
     * @param topic one of {@link #topics}, or empty for all
     * @param most how many at the most
     */
    public List<LibraryPicture> find(String asked, String topic, int most) {
        String[] words = PlainText.of(asked).strip().split("\\s+");
        record Hit(Entry entry, int distance) {}
        List<Hit> hits = new ArrayList<>();
        for (Entry entry : entries) {
            if (!topic.isEmpty() && !entry.topic.equals(topic)) {
                continue;
            }
            int distance = 0;
            for (String word : words) {
                int one = distance(entry, word);
                distance = one < 0 || distance < 0 ? -1 : distance + one;
            }
            if (distance >= 0) {
                hits.add(new Hit(entry, distance));
            }
        }
        return hits.stream()
                .sorted(Comparator.comparingInt(Hit::distance))
                .limit(most)
                .map(hit -> hit.entry().picture())
                .toList();
    }

    /** What pictures there are of, in the order they are in the library. */
    public List<String> topics() {
        return entries.stream().map(Entry::topic).distinct().toList();
    }

    /** 0 the name itself, 1 a word of it, 2 a keyword, 3 the beginning of either, -1 none. */
    private static int distance(Entry entry, String word) {
        if (word.isEmpty() || entry.name.equals(word)) {
            return 0;
        }
        String padded = " " + entry.name + " ";
        if (padded.contains(" " + word + " ")) {
            return 1;
        }
        if (entry.words.contains(word)) {
            return 2;
        }
        boolean begins = padded.contains(" " + word)
                || entry.words.stream().anyMatch(keyword -> (" " + keyword).contains(" " + word));
        return begins ? 3 : -1;
    }
}
