package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.Decision;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Words to be put together from their own mixed letters, or spelled from a bank of letters for the whole page. */
final class LettersMaker {
    private static final double CLUE = 300;
    private static final double TILE = 76;
    private static final int LONGEST = 14;
    /** Letters in the bank that no word needs. */
    private static final int SPARE = 4;

    private LettersMaker() {}

    static MadePages make(Making making, boolean bank) {
        List<StarterRow> rows = making.rows;
        for (StarterRow row : rows) {
            int length = letters(row).size();
            if (length > LONGEST || length < 2) {
                return new MadePages.Refused(
                        Message.of("starter.refused.length", "word", row.cell(0), "length", length, "most", LONGEST));
            }
        }
        Optional<MadePages> tooLong = making.tooLong(bank ? 5 : 3);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        Set<String> words = new HashSet<>();
        Map<String, String> byLetters = new HashMap<>();
        for (StarterRow row : rows) {
            String word = String.join("", letters(row)).toLowerCase(Locale.ROOT);
            if (!words.add(word)) {
                return new MadePages.Refused(Message.of("starter.refused.twice", "word", row.cell(0)));
            }
            if (!bank) {
                List<String> sorted = new ArrayList<>(letters(row));
                sorted.replaceAll(letter -> letter.toLowerCase(Locale.ROOT));
                Collections.sort(sorted);
                String other = byLetters.putIfAbsent(String.join("\0", sorted), row.cell(0));
                if (other != null && sorted.size() == 2 || new HashSet<>(sorted).size() == 1) {
                    return new MadePages.Refused(
                            other == null
                                    ? Message.of("starter.refused.one-letter", "word", row.cell(0))
                                    : Message.of("starter.refused.same-letters", "one", other, "other", row.cell(0)));
                }
            }
        }
        if (bank) {
            for (List<StarterRow> part : parts(rows, 5, 26)) {
                spell(making, part);
            }
        } else {
            for (List<StarterRow> part : Making.parts(rows, 3)) {
                unscramble(making, part, words);
            }
        }
        return making.made();
    }

    /** As many words as fit with so many letters; a word with more letters stands alone. */
    private static List<List<StarterRow>> parts(List<StarterRow> rows, int most, int letters) {
        List<List<StarterRow>> parts = new ArrayList<>();
        List<StarterRow> part = new ArrayList<>();
        int count = 0;
        for (StarterRow row : rows) {
            int more = letters(row).size();
            if (!part.isEmpty() && (part.size() == most || count + more > letters)) {
                parts.add(part);
                part = new ArrayList<>();
                count = 0;
            }
            part.add(row);
            count += more;
        }
        parts.add(part);
        return parts;
    }

    private static List<String> letters(StarterRow row) {
        return Graphemes.letters(row.cell(0).replaceAll("\\s+", ""));
    }

    /** Right-to-left scripts run leftwards. */
    private static Sequence.Direction direction(StarterRow row) {
        return row.cell(0).codePoints().anyMatch(letter -> {
                    byte direction = Character.getDirectionality(letter);
                    return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                            || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
                })
                ? Sequence.Direction.LEFTWARDS
                : Sequence.Direction.RIGHTWARDS;
    }

    private static boolean clue(Making making, PageDraft sheet, StarterRow row, double y, double height) {
        if (row.picture(0) != null) {
            double side = height;
            sheet.item(new gladtile.core.page.Picture(
                    sheet.ids().item("clue " + sheet.called(row.cell(0))),
                    Frame.of(PageDraft.LEFT + (CLUE - side) / 2, y, side, side),
                    gladtile.core.page.Movement.FIXED,
                    row.cell(1).isEmpty() ? making.words("starter.name.to-write") : row.cell(1),
                    row.picture(0),
                    PageDraft.CREDIT));
            return true;
        }
        if (!row.cell(1).isEmpty()) {
            sheet.centred(
                    "clue " + sheet.called(row.cell(0)), row.cell(1), Frame.of(PageDraft.LEFT, y, CLUE, height), 34);
            return true;
        }
        return false;
    }

    private static Frame zoneFrame(int letters, double y) {
        double cell = Math.min(TILE + 14, (PageDraft.RIGHT - PageDraft.LEFT - CLUE - 20) / letters);
        return Frame.of(PageDraft.LEFT + CLUE + 20, y, cell * letters, TILE + 24);
    }

    private static void unscramble(Making making, List<StarterRow> part, Set<String> words) {
        PageDraft sheet = making.sheet(Message.of("starter.task.unscramble"));
        double block = (PageDraft.BOTTOM - sheet.top - 10) / 3;
        for (int w = 0; w < part.size(); w++) {
            StarterRow row = part.get(w);
            List<String> letters = letters(row);
            double y = sheet.top + 10 + w * block;
            clue(making, sheet, row, y, TILE + 24);
            Frame frame = zoneFrame(letters.size(), y);
            String zone = sheet.zone(
                    "zone " + sheet.called(row.cell(0)), frame, "", making.words("starter.name.word", "number", w + 1));
            List<String> mixed =
                    Shuffle.scrambled(letters, words, direction(row) == Sequence.Direction.LEFTWARDS, making.random);
            double cell = frame.width() / letters.size();
            double side = Math.min(TILE, cell - 8);
            Map<String, Integer> places = new LinkedHashMap<>();
            Map<String, List<Integer>> open = new HashMap<>();
            for (int i = 0; i < letters.size(); i++) {
                open.computeIfAbsent(letters.get(i), letter -> new ArrayList<>())
                        .add(i + 1);
            }
            for (int i = 0; i < mixed.size(); i++) {
                Frame home =
                        Frame.of(frame.x() + i * cell + (cell - side) / 2, frame.y() + frame.height() + 24, side, side);
                String piece = sheet.piece(
                        "letter " + sheet.called(row.cell(0)) + " " + mixed.get(i), mixed.get(i), null, home);
                sheet.belongs(zone, piece);
                places.put(piece, open.get(mixed.get(i)).remove(0));
            }
            ZoneRequirements wants = ZoneRequirements.NOTHING
                    .withSequence(new Sequence(direction(row), places))
                    .withCapacity(letters.size())
                    .withAllOf(true);
            sheet.rule(zone, ZoneRule.USUAL.withWants(wants));
        }
        decideElsewhere(sheet);
        making.done(sheet);
    }

    /** A letter of another word belongs too where the same letter does: nobody could tell them apart. */
    private static void decideElsewhere(PageDraft sheet) {
        var page = sheet.page();
        for (var zone : page.zones()) {
            Set<String> own = new HashSet<>();
            page.pieces().stream()
                    .filter(piece -> sheet.said(zone.id(), piece.id()) == Decision.BELONGS)
                    .forEach(piece -> own.add(piece.said()));
            for (Item piece : page.pieces()) {
                if (own.contains(piece.said())) {
                    sheet.belongs(zone.id(), piece.id());
                } else {
                    sheet.away(zone.id(), piece.id());
                }
            }
        }
    }

    private static void spell(Making making, List<StarterRow> part) {
        PageDraft sheet = making.sheet(Message.of("starter.task.spell"));
        List<String> bank = new ArrayList<>();
        part.forEach(row -> bank.addAll(letters(row)));
        List<String> known = bank.stream().distinct().toList();
        for (int i = 0; i < SPARE && !known.isEmpty(); i++) {
            bank.add(known.get(making.random.nextInt(known.size())));
        }
        java.util.Collections.shuffle(bank, making.random);
        List<Frame> homes =
                RowLayout.atBottom(bank.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, TILE, TILE);
        double step = Math.min(130, (homes.get(0).y() - 20 - sheet.top) / part.size());
        Map<String, Integer> lengths = new LinkedHashMap<>();
        List<String> zones = new ArrayList<>();
        for (int w = 0; w < part.size(); w++) {
            StarterRow row = part.get(w);
            double y = sheet.top + w * step;
            int length = letters(row).size();
            if (!clue(making, sheet, row, y, Math.min(TILE + 24, step - 12))) {
                sheet.centred(
                        "clue " + sheet.called(row.cell(0)),
                        row.cell(0),
                        Frame.of(PageDraft.LEFT, y, CLUE, TILE + 24),
                        34);
            }
            Frame frame = zoneFrame(length, y);
            Frame low = Frame.of(frame.x(), frame.y(), frame.width(), Math.min(frame.height(), step - 10));
            String zone = sheet.zone(
                    "zone " + sheet.called(row.cell(0)), low, "", making.words("starter.name.word", "number", w + 1));
            zones.add(zone);
            lengths.put(zone, length);
        }
        List<String> pieces = new ArrayList<>();
        for (int i = 0; i < bank.size(); i++) {
            double side = Math.min(TILE, homes.get(i).width());
            pieces.add(sheet.piece(
                    "letter " + bank.get(i),
                    bank.get(i),
                    null,
                    Frame.of(homes.get(i).x(), homes.get(i).y(), side, side)));
        }
        for (int w = 0; w < part.size(); w++) {
            List<String> letters = letters(part.get(w));
            Map<String, Integer> places = new LinkedHashMap<>();
            Set<String> taken = new HashSet<>();
            for (int i = 0; i < letters.size(); i++) {
                for (int p = 0; p < pieces.size(); p++) {
                    if (bank.get(p).equals(letters.get(i)) && taken.add(pieces.get(p))) {
                        places.put(pieces.get(p), i + 1);
                        break;
                    }
                }
            }
            for (int p = 0; p < pieces.size(); p++) {
                if (letters.contains(bank.get(p))) {
                    sheet.belongs(zones.get(w), pieces.get(p));
                } else {
                    sheet.away(zones.get(w), pieces.get(p));
                }
            }
            ZoneRequirements wants = ZoneRequirements.NOTHING
                    .withSequence(new Sequence(direction(part.get(w)), places))
                    .withCapacity(lengths.get(zones.get(w)));
            sheet.rule(zones.get(w), ZoneRule.USUAL.withWants(wants));
        }
        making.done(sheet);
    }
}
