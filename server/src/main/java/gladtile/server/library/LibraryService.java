package gladtile.server.library;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.edit.Invariants;
import gladtile.core.json.Json;
import gladtile.core.part.ReadyPart;
import gladtile.core.part.ReadyParts;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.SearchText;
import gladtile.server.files.FileUseService;
import gladtile.server.support.Locks;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.PlainText;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Parts and pages that a teacher keeps by name, those of colleagues that they may take, and those that ship. */
@Service
public class LibraryService {
    /** So many of their own a teacher may have. */
    static final int PARTS = 5_000;
    /** Characters of one part's contents as JSON. */
    static final int CONTENTS = 4_000_000;

    static final int FOLDER_LENGTH = 200;
    /** Characters of contents up to which a part is drawn in a list: thirty of them are sent at a time. */
    static final int DRAWN = 150_000;
    /** So many are told of at a time. */
    private static final int SHOWN = 30;
    /** The last versions of a part that are kept. */
    static final int VERSIONS = 50;

    /** Characters that all of a teacher's parts and their versions may take up. */
    private static final long ROOM = 200_000_000;
    /** So long a deleted part can be brought back. */
    private static final int UNDO_DAYS = 30;

    private static final TooMuch FULL = new TooMuch(
            "library.room",
            "Your library is full (200 MB with all versions). Nothing was saved. Delete parts; they make room after 30 days.");

    private final LibraryStore store;
    private final LibraryVersionStore versions;
    private final FileUseService files;
    private final Locks locks;
    private final MessageRenderer messages;
    /** Drawn once for each language. */
    private final Map<Locale, ReadyParts> ready = new ConcurrentHashMap<>();

    private final Clock clock;

    LibraryService(
            LibraryStore store,
            LibraryVersionStore versions,
            FileUseService files,
            Locks locks,
            Clock clock,
            MessageRenderer messages) {
        this.messages = messages;
        this.store = store;
        this.versions = versions;
        this.files = files;
        this.locks = locks;
        this.clock = clock;
    }

    /** Whose parts are meant. */
    public enum From {
        ALL,
        MINE,
        COLLEAGUES,
        READY
    }

    /** Which parts are wanted. @param folder empty for all; its sub-folders belong to it @param most at a time */
    public record PartsWanted(String words, From from, String folder, int skip, int most) {
        public PartsWanted {
            Bounds.text("library.words", words, Bounds.NAME_LENGTH);
            Bounds.present("library.from", from);
            Bounds.text("library.folder", folder, FOLDER_LENGTH);
            Bounds.within("library.skip", skip, 0, 100_000);
        }
    }

    /** @param more whether there are others behind these */
    public record PartList(List<PartHead> parts, boolean more) {}

    /** Folders with something in them, by whose they are. */
    public record Folders(List<String> mine, List<String> ready) {}

    /** What came of keeping or moving a part. */
    public sealed interface Outcome {}

    /** @param version 1 for a new part */
    public record KeptPart(UUID id, int version) implements Outcome {}

    public record NotTheirs() implements Outcome {}

    public record NameTaken() implements Outcome {}

    /** It names files that are not this person's. */
    public record ForeignFiles() implements Outcome {}

    public record TooMuch(String bound, String words) implements Outcome {}

    /** One's own and colleagues' parts, the latest first, then those that ship with the app. */
    public PartList find(CurrentUser user, PartsWanted asked) {
        // A part comes with its drawing, so that a few at a time are enough.
        int most = Math.min(SHOWN, asked.most());
        List<PartHead> all = new ArrayList<>(store.find(user, asked, asked.skip(), most + 1));
        boolean alsoReady = asked.from() == From.ALL || asked.from() == From.READY;
        if (alsoReady && all.size() <= most) {
            int kept = all.isEmpty() && asked.skip() > 0 ? store.count(user, asked) : asked.skip() + all.size();
            ready(asked).stream().skip(Math.max(0, asked.skip() - kept)).forEach(all::add);
        }
        return new PartList(all.stream().limit(most).toList(), all.size() > most);
    }

    private List<PartHead> ready(PartsWanted asked) {
        String[] words = PlainText.of(asked.words()).strip().split("\\s+");
        return ready().all().stream()
                .filter(part -> asked.folder().isEmpty() || part.folder().equals(asked.folder()))
                .filter(part -> {
                    String name = PlainText.of(part.name() + " " + part.folder());
                    return Arrays.stream(words).allMatch(name::contains);
                })
                .map(LibraryService::head)
                .toList();
    }

    private static PartHead head(ReadyPart part) {
        return new PartHead(
                part.id(),
                part.name(),
                part.folder(),
                PartHead.Kind.ITEMS,
                "",
                false,
                true,
                0,
                null,
                part.contents().pages().get(0));
    }

    public Folders folders(CurrentUser user) {
        return new Folders(
                store.folders(user),
                ready().all().stream()
                        .map(ReadyPart::folder)
                        .distinct()
                        .sorted()
                        .toList());
    }

    /** What a part consists of; empty when it is not there or not for this person. */
    public Optional<Activity> contents(CurrentUser user, String id) {
        Optional<Activity> ready = ready().of(id).map(ReadyPart::contents);
        return ready.isPresent() ? ready : uuid(id).flatMap(one -> store.contents(user, one));
    }

    private ReadyParts ready() {
        return ready.computeIfAbsent(
                MessageRenderer.spoken(LocaleContextHolder.getLocale()), locale -> new ReadyParts(messages.in(locale)));
    }

    static Optional<UUID> uuid(String id) {
        return id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}")
                ? Optional.of(UUID.fromString(id))
                : Optional.empty();
    }

    /** Keeps something under a name; where one's own part has that name in that folder, this is its next version. */
    @Transactional
    public Outcome keep(CurrentUser user, PartPlace place, PartHead.Kind kind, Activity contents) {
        Bounds.count("library.pages", contents.pages().size(), 1);
        if (contents.pages().get(0).items().isEmpty() && kind == PartHead.Kind.ITEMS) {
            return new TooMuch("library.items", "There is nothing in it. Select what you want to save first.");
        }
        Activity sound = Invariants.mended(contents);
        String json = Json.write(sound);
        if (json.length() > CONTENTS) {
            return new TooMuch(
                    "library.contents",
                    "That is more than one part holds (4,000,000 characters). Nothing was saved. Save a part of it.");
        }
        locks.take("library " + user.id());
        LibraryStore.At at = store.at(user, place).orElse(null);
        store.forget(user, now().minusDays(UNDO_DAYS));
        if (isFull(user, json)) {
            return FULL;
        }
        if (at == null && store.count(user) >= PARTS) {
            return new TooMuch(
                    "library.parts",
                    "There are 5,000 parts in your library, which is the most. Nothing was saved. Delete some first.");
        }
        if (!files.areFor(user, json)) {
            return new ForeignFiles();
        }
        UUID id = at == null ? UuidV7.make() : at.id();
        int version = at == null ? 1 : at.version() + 1;
        store.keep(user, id, place, kind, new LibraryStore.Version(version, json, SearchText.on(sound), now()));
        files.keep(user, id, json);
        return new KeptPart(id, version);
    }

    private boolean isFull(CurrentUser user, String json) {
        return store.taken(user) + json.length() > ROOM;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }

    /** Another name, another folder. */
    @Transactional
    public Outcome move(CurrentUser user, UUID id, PartPlace place) {
        locks.take("library " + user.id());
        Integer version = store.ownVersion(user, id).orElse(null);
        if (version == null) {
            return new NotTheirs();
        }
        LibraryStore.At there = store.at(user, place).orElse(null);
        if (there != null && !there.id().equals(id)) {
            return new NameTaken();
        }
        store.move(user, id, place);
        return new KeptPart(id, version);
    }

    /** One of the versions of a part. */
    public record PartVersion(int version, OffsetDateTime keptAt) {}

    /** The newest first; empty when it is not theirs. */
    public Optional<List<PartVersion>> versions(CurrentUser user, UUID id) {
        return store.ownVersion(user, id).map(now -> versions.of(user.schoolId(), id));
    }

    /** An older version is the newest again; those between stay. */
    @Transactional
    public Outcome restore(CurrentUser user, UUID id, int version) {
        locks.take("library " + user.id());
        Integer newest = store.ownVersion(user, id).orElse(null);
        String json = newest == null
                ? null
                : versions.contents(user.schoolId(), id, version).orElse(null);
        if (json == null) {
            return new NotTheirs();
        }
        if (isFull(user, json)) {
            return FULL;
        }
        Activity was = Json.read(json, Activity.class);
        store.updateVersion(user, id, new LibraryStore.Version(newest + 1, json, SearchText.on(was), now()));
        return new KeptPart(id, newest + 1);
    }

    /** @return false when it is not theirs */
    public boolean delete(CurrentUser user, UUID id) {
        return store.delete(user, id, now());
    }

    /** Takes a deletion back. Where the name was given again since, it comes back under another one. */
    @Transactional
    public boolean restore(CurrentUser user, UUID id) {
        locks.take("library " + user.id());
        return store.restore(user, id);
    }
}
