package gladtile.core.check;

import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.Reachable;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.SubsetSum;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.SetRule;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Zones that hold too few, want a total that cannot be, or an order in which two pieces have one place. */
final class ZoneRequirementRules {
    private ZoneRequirementRules() {}

    static void check(CheckedPage on) {
        long totals = on.zones.stream()
                .filter(zone -> on.key.rule(zone.id()).wanted().total() != null)
                .count();
        // One page takes as long as one zone, however many of its zones want a total.
        long steps = SubsetSum.STEPS / Math.max(1, totals);
        for (Zone zone : on.zones) {
            ZoneRule rule = on.key.rule(zone.id());
            ZoneRequirements wants = rule.wanted();
            if (wants.sequence() != null) {
                order(on, zone, rule, wants.sequence());
                places(on, zone, rule, wants);
            } else if (wants.total() == null) {
                capacity(on, zone, rule);
            }
            if (wants.total() != null) {
                total(on, zone, rule, steps);
            }
            counts(on, zone, rule);
        }
        supplies(on);
    }

    /** A supply that gives fewer copies than several zones want of it together. */
    private static void supplies(CheckedPage on) {
        Map<String, Integer> wanted = new LinkedHashMap<>();
        Map<String, List<String>> by = new HashMap<>();
        for (Zone zone : on.zones) {
            on.key.rule(zone.id()).wanted().counts().forEach((piece, count) -> {
                wanted.merge(piece, count, Integer::sum);
                by.computeIfAbsent(piece, id -> new ArrayList<>()).add(zone.id());
            });
        }
        wanted.forEach((id, count) -> {
            Item piece = on.page.item(id).orElse(null);
            Supply supply = piece == null ? null : piece.traitsOrNone().supply();
            if (supply == null || by.get(id).size() < 2 || supply.most() >= count) {
                return;
            }
            List<String> about = new ArrayList<>(List.of(id));
            about.addAll(by.get(id));
            on.found(
                    Finding.Kind.HOLDS_TOO_FEW,
                    about,
                    Message.of(
                            "page-check.supply-too-small",
                            "zones",
                            by.get(id).size(),
                            "count",
                            count,
                            "piece",
                            on.called(piece),
                            "most",
                            supply.most()),
                    List.of(new Mend(
                            Message.of("page-check.mend.give", "count", count),
                            new gladtile.core.edit.SetTraits(
                                    on.page.id(), id, piece.traitsOrNone().withSupply(new Supply(count))))));
        });
    }

    private static Mend mend(CheckedPage on, Zone zone, ZoneRule rule, Message label, ZoneRequirements wants) {
        return new Mend(label, new SetRule(on.page.id(), zone.id(), rule.withWants(wants)));
    }

    private static void capacity(CheckedPage on, Zone zone, ZoneRule rule) {
        Integer most = rule.wanted().capacity();
        int belonging = on.belonging(zone).size();
        boolean alike = on.belonging(zone).stream()
                .allMatch(piece -> looksLike(piece, on.belonging(zone).get(0)));
        boolean together = on.key.sets().stream().anyMatch(set -> set.zoneIds().contains(zone.id()));
        if (most == null || most >= belonging || alike || together) {
            return;
        }
        on.found(
                Finding.Kind.HOLDS_TOO_FEW,
                List.of(zone.id()),
                Message.of(
                        "page-check.holds-too-few",
                        "count",
                        belonging,
                        "zone",
                        on.called(zone),
                        "most",
                        most,
                        "any",
                        most),
                List.of(
                        mend(
                                on,
                                zone,
                                rule,
                                Message.of("page-check.mend.hold", "count", belonging),
                                rule.wanted().withCapacity(belonging)),
                        mend(
                                on,
                                zone,
                                rule,
                                Message.of("page-check.mend.hold-any"),
                                rule.wanted().withCapacity(null))));
    }

    private static void total(CheckedPage on, Zone zone, ZoneRule rule, long steps) {
        ZoneRequirements wants = rule.wanted();
        List<Item> belonging = on.belonging(zone);
        List<Message> without = belonging.stream()
                .filter(piece -> on.key.facts(piece.id()).value() == null)
                .map(on::called)
                .toList();
        Reachable.Result result = Reachable.total(belonging, on.key, wants, steps);
        if (result.answer() != SubsetSum.Answer.NOT_REACHED) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        result.nearest()
                .ifPresent(sum -> mends.add(mend(
                        on,
                        zone,
                        rule,
                        Message.of("page-check.mend.want", "value", plain(sum)),
                        wants.withTotal((double) sum / PieceFacts.IN_ONE))));
        mends.add(mend(on, zone, rule, Message.of("page-check.mend.no-total"), wants.withTotal(null)));
        on.found(
                Finding.Kind.TOTAL_NOT_REACHED,
                List.of(zone.id()),
                Message.of(
                        "page-check.total-not-reached",
                        "zone",
                        on.called(zone),
                        "total",
                        plain(Math.round(wants.total() * PieceFacts.IN_ONE)),
                        "unvalued",
                        !without.isEmpty(),
                        "piece",
                        without.isEmpty() ? "" : without.get(0)),
                mends);
    }

    static String plain(long thousandths) {
        return java.math.BigDecimal.valueOf(thousandths, 3).stripTrailingZeros().toPlainString();
    }

    private static void counts(CheckedPage on, Zone zone, ZoneRule rule) {
        for (Map.Entry<String, Integer> wanted : rule.wanted().counts().entrySet()) {
            Item piece = on.page.item(wanted.getKey()).orElse(null);
            if (piece == null) {
                continue;
            }
            Supply supply = piece.traitsOrNone().supply();
            int most = supply == null ? 1 : supply.most();
            if (most < wanted.getValue()) {
                Map<String, Integer> fewer = new HashMap<>(rule.wanted().counts());
                fewer.put(piece.id(), most);
                on.found(
                        Finding.Kind.HOLDS_TOO_FEW,
                        List.of(piece.id(), zone.id()),
                        Message.of(
                                "page-check.wants-more-than-there-are",
                                "zone",
                                on.called(zone),
                                "wanted",
                                wanted.getValue(),
                                "piece",
                                on.called(piece),
                                "most",
                                most),
                        List.of(mend(
                                on,
                                zone,
                                rule,
                                Message.of("page-check.mend.want", "value", most),
                                rule.wanted().withCounts(fewer))));
            }
        }
    }

    /** An order that the zone has too few places for. */
    private static void places(CheckedPage on, Zone zone, ZoneRule rule, ZoneRequirements wants) {
        int wanted =
                Math.max(wants.sequence().length(), wants.sequence().places().size());
        if (wants.capacity() != null && wants.capacity() < wanted) {
            on.found(
                    Finding.Kind.HOLDS_TOO_FEW,
                    List.of(zone.id()),
                    Message.of(
                            "page-check.order-too-long",
                            "zone",
                            on.called(zone),
                            "places",
                            wanted,
                            "most",
                            wants.capacity()),
                    List.of(mend(
                            on,
                            zone,
                            rule,
                            Message.of("page-check.mend.hold", "count", wanted),
                            wants.withCapacity(wanted))));
        }
    }

    private static void order(CheckedPage on, Zone zone, ZoneRule rule, Sequence sequence) {
        Map<Integer, Item> taken = new HashMap<>();
        List<Item> belonging = on.belonging(zone);
        List<String> about = new ArrayList<>();
        Message words = null;
        for (Item piece : belonging) {
            Integer place = sequence.places().get(piece.id());
            if (place == null
                    && belonging.stream()
                            .anyMatch(other -> sequence.places().containsKey(other.id()) && looksLike(other, piece))) {
                continue;
            }
            if (place == null) {
                about.add(piece.id());
                words = Message.of("page-check.no-place", "piece", on.called(piece), "zone", on.called(zone));
                continue;
            }
            Item other = taken.putIfAbsent(place, piece);
            if (other != null && !looksLike(other, piece)) {
                about.add(piece.id());
                words = Message.of(
                        "page-check.same-place",
                        "one",
                        on.called(other),
                        "other",
                        on.called(piece),
                        "zone",
                        on.called(zone));
            }
        }
        if (words == null) {
            return;
        }
        about.add(zone.id());
        on.found(
                Finding.Kind.ORDER_UNCLEAR,
                about,
                words,
                List.of(mend(
                        on,
                        zone,
                        rule,
                        Message.of("page-check.mend.places-apart"),
                        rule.wanted().withSequence(new Sequence(sequence.direction(), apart(belonging, sequence))))));
    }

    private static boolean looksLike(Item one, Item other) {
        return !one.said().isBlank() && one.said().strip().equals(other.said().strip());
    }

    /** In the order they have; those without a place come last. */
    private static Map<String, Integer> apart(List<Item> belonging, Sequence sequence) {
        List<Item> sorted = new ArrayList<>(belonging);
        sorted.sort((a, b) -> Integer.compare(
                sequence.places().getOrDefault(a.id(), Integer.MAX_VALUE),
                sequence.places().getOrDefault(b.id(), Integer.MAX_VALUE)));
        Map<String, Integer> places = new LinkedHashMap<>();
        Set<String> seen = new java.util.HashSet<>();
        for (Item piece : sorted) {
            if (seen.add(piece.id())) {
                places.put(piece.id(), places.size() + 1);
            }
        }
        return places;
    }
}
