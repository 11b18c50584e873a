package gladtile.core.typed;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.text.Collator;
import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.RuleBasedCollator;
import com.ibm.icu.text.Transliterator;
import com.ibm.icu.util.ULocale;
import gladtile.core.message.Message;
import gladtile.core.typed.TypedRule.Counts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Compares words by the strengths of the Unicode Collation Algorithm (UTS 10), computed by ICU's root collation:
 * letters at the first strength, accents at the second, case at the third, capital and small letters by the language of
 * the activity (in Turkish I is ı). Texts that differ only in Unicode form are always the same. Digits, signs of
 * mathematics, raised digits and kana always count, whatever else does not: they are no decoration.
 */
final class TextAnswer {
    private static final Normalizer2 NFC = Normalizer2.getNFCInstance();
    private static final Normalizer2 NFKC = Normalizer2.getNFKCInstance();
    /** The block of the other widths of letters. */
    private static final Pattern FORMS = Pattern.compile("[\\uFF00-\\uFFEF]+");

    private static final Transliterator HALF = Transliterator.getInstance("Fullwidth-Halfwidth");

    private TextAnswer() {}

    /** @param language of the activity, as a BCP 47 tag; null where it does not say */
    static Typed judge(TypedRule.TextRule rule, String answer, String language) {
        Set<Counts> counts = Set.copyOf(rule.counts());
        ULocale locale = language == null ? ULocale.ROOT : ULocale.forLanguageTag(language);
        for (String one : rule.alternatives()) {
            if (same(one, answer, counts, locale)) {
                return Typed.taken(
                        one.equals(answer)
                                ? Message.of("typed.as-written")
                                : Message.of("typed.taken-as", "answer", one));
            }
        }
        return Typed.not(whyNot(rule.alternatives(), answer, counts, locale));
    }

    static boolean same(String wanted, String answer, Set<Counts> counts, ULocale locale) {
        boolean bare = !hasMeaning(wanted);
        String a = prepared(wanted, counts, bare);
        String b = prepared(answer, counts, bare);
        if (a.isEmpty() || b.isEmpty()) {
            return a.equals(b);
        }
        if (counts.contains(Counts.WIDTH) && !widths(a).equals(widths(b))) {
            return false;
        }
        List<Part> first = parts(half(a), counts, locale);
        List<Part> second = parts(half(b), counts, locale);
        if (first.size() != second.size()) {
            return false;
        }
        Collator collator = collator(counts);
        for (int i = 0; i < first.size(); i++) {
            if (!first.get(i).same(second.get(i), collator)) {
                return false;
            }
        }
        return true;
    }

    /** Letters that are compared by their strengths, or one sign that is only ever itself. */
    private record Part(String text, boolean exact) {
        boolean same(Part other, Collator collator) {
            if (exact != other.exact) {
                return false;
            }
            return exact ? text.equals(other.text) : collator.compare(text, other.text) == 0;
        }
    }

    private static List<Part> parts(String text, Set<Counts> counts, ULocale locale) {
        String cased = counts.contains(Counts.CASE) ? text : UCharacter.toLowerCase(locale, text);
        List<Part> parts = new ArrayList<>();
        StringBuilder letters = new StringBuilder();
        cased.codePoints().forEach(letter -> {
            if (!Signs.isExact(letter)) {
                letters.appendCodePoint(letter);
                return;
            }
            if (!letters.isEmpty()) {
                parts.add(new Part(letters.toString(), false));
                letters.setLength(0);
            }
            parts.add(new Part(Signs.exact(letter), true));
        });
        if (!letters.isEmpty()) {
            parts.add(new Part(letters.toString(), false));
        }
        return parts;
    }

    /** Whether anything in it is more than decoration; where not, its decoration is what is wanted. */
    private static boolean hasMeaning(String text) {
        return text.codePoints().anyMatch(letter -> !Signs.isDecoration(letter) && !Signs.isSpace(letter));
    }

    /** Names the first thing that counts and is the only reason. */
    private static Message whyNot(List<String> alternatives, String answer, Set<Counts> counts, ULocale locale) {
        for (Counts one : counts) {
            Set<Counts> others = new java.util.HashSet<>(counts);
            others.remove(one);
            if (alternatives.stream().anyMatch(word -> same(word, answer, others, locale))) {
                return Message.of("typed.only-differs", "counts", one);
            }
        }
        return Message.of("typed.none-of-them");
    }

    /** @param bare decoration is what is wanted, so it stays */
    private static String prepared(String text, Set<Counts> counts, boolean bare) {
        int[] letters = NFC.normalize(text.strip()).codePoints().toArray();
        StringBuilder kept = new StringBuilder(letters.length);
        for (int i = 0; i < letters.length; i++) {
            int letter = letters[i];
            if (Signs.isSpace(letter)) {
                kept.append(counts.contains(Counts.SPACES) ? " " : "");
            } else if (bare || counts.contains(Counts.PUNCTUATION) || !Signs.isDecoration(letters, i)) {
                kept.appendCodePoint(letter);
            }
        }
        return kept.toString();
    }

    /** Wide letters as narrow ones, and narrow kana as wide ones: as each is mostly written. */
    private static String half(String text) {
        return NFC.normalize(
                FORMS.matcher(text).replaceAll(one -> Matcher.quoteReplacement(NFKC.normalize(one.group()))));
    }

    /** For each letter whether it is a wide form of another one. */
    private static List<Boolean> widths(String text) {
        return text.codePoints()
                .mapToObj(Character::toString)
                .map(letter -> !HALF.transliterate(letter).equals(letter))
                .toList();
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
