package gladtile.core.check;

import gladtile.core.activity.Area;
import gladtile.core.activity.Gap;
import gladtile.core.activity.Ink;
import gladtile.core.activity.Item;
import gladtile.core.activity.Picture;
import gladtile.core.activity.Video;
import gladtile.core.activity.Zone;
import gladtile.core.answer.Decision;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetDescription;
import gladtile.core.edit.Together;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What has no words for somebody who cannot see it, or the same words as something else. */
final class NameRules {
    private NameRules() {}

    static void check(OnPage on) {
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
                        "%s has no description, so a screen reader says nothing of it.".formatted(item.name()),
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
                        "Drop zone %s has no name, so nobody who listens can tell it from the others."
                                .formatted(on.letter(zone)),
                        List.of(new Mend(
                                "Call it Drop zone " + on.letter(zone),
                                new SetDescription(on.page.id(), zone.id(), "Drop zone " + on.letter(zone)))));
            }
        }
        same(on, on.pieces);
        same(on, on.page.gaps());
    }

    private static void same(OnPage on, List<? extends Item> items) {
        Map<String, List<Item>> byName = new LinkedHashMap<>();
        for (Item item : items) {
            boolean named = !item.description().isBlank() || !item.said().isBlank();
            if (named) {
                byName.computeIfAbsent(item.name().strip(), name -> new ArrayList<>())
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
                        "%d things are called “%s”, and they belong in different places. Nobody who listens can tell them apart."
                                .formatted(alike.size(), name),
                        List.of(new Mend("Number them", Together.orOne(edits))));
            }
        });
    }

    /** Two letters e that go to the same places may be called the same. */
    private static boolean interchangeable(OnPage on, List<Item> alike) {
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
