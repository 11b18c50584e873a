package gladtile.core.typed;

import com.ibm.icu.text.Collator;
import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.RuleBasedCollator;
import com.ibm.icu.text.Transliterator;
import com.ibm.icu.util.ULocale;
import gladtile.core.typed.TypedRule.Counts;
import java.util.List;
import java.util.Set;

/**
 * Compares words by the strengths of the Unicode Collation Algorithm (UTS 10), computed by ICU's root collation:
 * letters at the first strength, accents at the second, case at the third. Texts that differ only in Unicode form are
 * always the same.
 */
final class TextAnswer {
    private static final Normalizer2 NFC = Normalizer2.getNFCInstance();
    private static final Transliterator HALF = Transliterator.getInstance("Fullwidth-Halfwidth");

    private TextAnswer() {}

    static Typed judge(TypedRule.TextRule rule, String answer) {
        Set<Counts> counts = Set.copyOf(rule.counts());
        for (String one : rule.alternatives()) {
            if (same(one, answer, counts)) {
                return Typed.taken(
                        one.equals(answer) ? "It is as written in the key." : "It is taken as “%s”.".formatted(one));
            }
        }
        return Typed.not(whyNot(rule.alternatives(), answer, counts));
    }

    static boolean same(String wanted, String answer, Set<Counts> counts) {
        String a = prepared(wanted, counts);
        String b = prepared(answer, counts);
        if (a.isEmpty() || b.isEmpty()) {
            return a.equals(b);
        }
        if (counts.contains(Counts.WIDTH) && !widths(a).equals(widths(b))) {
            return false;
        }
        return collator(counts).compare(half(a), half(b)) == 0;
    }

    /** Names the first thing that counts and is the only reason. */
    private static String whyNot(List<String> alternatives, String answer, Set<Counts> counts) {
        for (Counts one : counts) {
            Set<Counts> others = new java.util.HashSet<>(counts);
            others.remove(one);
            if (alternatives.stream().anyMatch(word -> same(word, answer, others))) {
                return switch (one) {
                    case CASE -> "Only capital and small letters differ, and they count.";
                    case ACCENTS -> "Only accents differ, and they count.";
                    case SPACES -> "Only spaces differ, and they count.";
                    case PUNCTUATION -> "Only punctuation differs, and it counts.";
                    case WIDTH -> "Only the width of letters differs, and it counts.";
                };
            }
        }
        return "It is none of the answers in the key.";
    }

    private static String prepared(String text, Set<Counts> counts) {
        String now = NFC.normalize(text.strip());
        StringBuilder kept = new StringBuilder(now.length());
        now.codePoints().forEach(letter -> {
            boolean space = Character.isWhitespace(letter) || Character.isSpaceChar(letter);
            if (space && counts.contains(Counts.SPACES)) {
                kept.append(' ');
            } else if (!space && (counts.contains(Counts.PUNCTUATION) || !isPunctuation(letter))) {
                kept.appendCodePoint(letter);
            }
        });
        return kept.toString();
    }

    private static String half(String text) {
        return NFC.normalize(HALF.transliterate(text));
    }

    /** For each letter whether it is a wide form of another one. */
    private static List<Boolean> widths(String text) {
        return text.codePoints()
                .mapToObj(Character::toString)
                .map(letter -> !HALF.transliterate(letter).equals(letter))
                .toList();
    }

    private static boolean isPunctuation(int letter) {
        return switch (Character.getType(letter)) {
            case Character.CONNECTOR_PUNCTUATION,
                    Character.DASH_PUNCTUATION,
                    Character.START_PUNCTUATION,
                    Character.END_PUNCTUATION,
                    Character.INITIAL_QUOTE_PUNCTUATION,
                    Character.FINAL_QUOTE_PUNCTUATION,
                    Character.OTHER_PUNCTUATION -> true;
            default -> false;
        };
    }

    private static Collator collator(Set<Counts> counts) {
        RuleBasedCollator collator = (RuleBasedCollator) Collator.getInstance(ULocale.ROOT);
        collator.setDecomposition(Collator.CANONICAL_DECOMPOSITION);
        // Spaces and punctuation that are left do count.
        collator.setAlternateHandlingShifted(false);
        boolean cases = counts.contains(Counts.CASE);
        if (counts.contains(Counts.ACCENTS)) {
            collator.setStrength(cases ? Collator.TERTIARY : Collator.SECONDARY);
        } else {
            collator.setStrength(Collator.PRIMARY);
            collator.setCaseLevel(cases);
        }
        return collator;
    }
}
