package gladtile.core.check;

import gladtile.core.answer.Decision;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetDescription;
import gladtile.core.message.Message;
import gladtile.core.page.Area;
import gladtile.core.page.Gap;
import gladtile.core.page.Ink;
import gladtile.core.page.Item;
import gladtile.core.page.Picture;
import gladtile.core.page.Video;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What has no words for somebody who cannot see it, or the same words as something else. */
final class NameRules {
    private NameRules() {}

    static void check(CheckedPage on) {
        for (Item item : on.page.items()) {
            boolean needs = item instanceof Picture
                    || item instanceof Ink
                    || item.isPiece()
                    || item instanceof Gap
                    || item instanceof Area
                    || item instanceof Video;
            boolean silent = item.description().isBlank() && item.said().isBlank();
            if (needs && silent) {
                on.found(
                        Finding.Kind.NO_DESCRIPTION,
                        List.of(item.id()),
                        Message.of("page-check.no-description", "item", item.name()),
                        List.of());
            }
        }
        for (Zone zone : on.zones) {
            if (on.zones.size() > 1
                    && zone.label().isBlank()
                    && zone.description().isBlank()) {
                on.found(
                        Finding.Kind.NO_DESCRIPTION,
                        List.of(zone.id()),
                        Message.of("page-check.zone-without-name", "letter", on.letter(zone)),
                        List.of(new Mend(
                                Message.of("page-check.mend.name-zone", "letter", on.letter(zone)),
                                new SetDescription(
                                        on.page.id(),
                                        zone.id(),
                                        on.wording.text(Message.of("page.zone-name", "letter", on.letter(zone)))))));
            }
        }
        same(on, on.pieces);
        same(on, on.page.gaps());
        zones(on);
        looks(on);
    }

    private static void same(CheckedPage on, List<? extends Item> items) {
        Map<String, List<Item>> byName = new LinkedHashMap<>();
        for (Item item : items) {
            boolean named = !item.description().isBlank() || !item.said().isBlank();
            if (named) {
                byName.computeIfAbsent(item.ownName(), name -> new ArrayList<>())
                        .add(item);
            }
        }
        byName.forEach((name, alike) -> {
            if (alike.size() > 1 && !interchangeable(on, alike)) {
                List<Edit> edits = new ArrayList<>();
                for (int i = 0; i < alike.size(); i++) {
                    edits.add(new SetDescription(on.page.id(), alike.get(i).id(), name + ", " + (i + 1)));
                }
                on.found(
                        Finding.Kind.SAME_NAME,
                        alike.stream().map(Item::id).toList(),
                        Message.of("page-check.same-name", "count", alike.size(), "name", name),
                        List.of(new Mend(Message.of("page-check.mend.number-them"), CompositeEdit.orOne(edits))));
            }
        });
    }

    /** Two zones of one name that take different pieces. */
    private static void zones(CheckedPage on) {
        Map<String, List<Zone>> byName = new LinkedHashMap<>();
        for (Zone zone : on.zones) {
            if (!zone.ownName().isEmpty()) {
                byName.computeIfAbsent(zone.ownName(), name -> new ArrayList<>())
                        .add(zone);
            }
        }
        byName.forEach((name, alike) -> {
            boolean same = alike.stream().allMatch(zone -> on.belonging(zone).equals(on.belonging(alike.get(0))));
            boolean together = on.key.sets().stream()
                    .anyMatch(set -> set.zoneIds()
                            .containsAll(alike.stream().map(Zone::id).toList()));
            if (alike.size() > 1 && !same && !together) {
                on.found(
                        Finding.Kind.SAME_NAME,
                        alike.stream().map(Zone::id).toList(),
                        Message.of("page-check.same-zone-name", "count", alike.size(), "name", name),
                        List.of());
            }
        });
    }

    /** Pieces with one picture that are described otherwise: who sees cannot tell apart what who listens can. */
    private static void looks(CheckedPage on) {
        Map<Object, Picture> byLook = new LinkedHashMap<>();
        for (Item item : on.pieces) {
            if (!(item instanceof Picture picture)
                    || picture.crop() != null
                    || item.description().isBlank()) {
                continue;
            }
            Picture other = byLook.putIfAbsent(picture.picture(), picture);
            if (other != null
                    && !other.description().strip().equals(item.description().strip())) {
                on.found(
                        Finding.Kind.SAME_LOOK,
                        List.of(item.id(), other.id()),
                        Message.of("page-check.same-look", "one", on.called(other), "other", on.called(item)),
                        List.of(new Mend(
                                Message.of(
                                        "page-check.mend.describe-both",
                                        "words",
                                        other.description().strip()),
                                new SetDescription(on.page.id(), item.id(), other.description()))));
            }
        }
    }

    /** Two letters e that go to the same places may be called the same. */
    private static boolean interchangeable(CheckedPage on, List<Item> alike) {
        Item first = alike.get(0);
        if (first instanceof Gap) {
            return alike.stream()
                    .allMatch(gap -> java.util.Objects.equals(
                            on.key.typed().get(gap.id()), on.key.typed().get(first.id())));
        }
        for (Zone zone : on.zones) {
            Decision decision = on.key.decision(zone.id(), first.id());
            if (alike.stream().anyMatch(piece -> on.key.decision(zone.id(), piece.id()) != decision)) {
                return false;
            }
        }
        return true;
    }
}
