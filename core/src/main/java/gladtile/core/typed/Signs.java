package gladtile.core.typed;

/** Which signs of a text are decoration, and which are always just themselves. */
final class Signs {
    /** Signs of punctuation that say something, with or without letters beside them. */
    private static final String SAY_SOMETHING = "%‰&@#*\\§¶†‡′″";

    private Signs() {}

    static boolean isSpace(int letter) {
        return Character.isWhitespace(letter) || Character.isSpaceChar(letter);
    }

    /** Commas, full stops, quotes, brackets, dashes and the like. */
    static boolean isDecoration(int letter) {
        return switch (Character.getType(letter)) {
            case Character.CONNECTOR_PUNCTUATION,
                    Character.DASH_PUNCTUATION,
                    Character.START_PUNCTUATION,
                    Character.END_PUNCTUATION,
                    Character.INITIAL_QUOTE_PUNCTUATION,
                    Character.FINAL_QUOTE_PUNCTUATION,
                    Character.OTHER_PUNCTUATION -> SAY_SOMETHING.indexOf(letter) < 0;
            // Accents that stand alone are typed for apostrophes; the sign before an emoji says how it is drawn.
            case Character.MODIFIER_SYMBOL -> letter == '´' || letter == '`';
            default -> letter >= 0xFE00 && letter <= 0xFE0F || letter == 0x200B || letter == 0xFEFF;
        };
    }

    /**
     * Whether one is decoration where it stands: the point in 3.5, the colon in 10:30 and the minus in -5 are not, nor is
     * the stroke in 1/2.
     */
    static boolean isDecoration(int[] text, int at) {
        if (!isDecoration(text[at])) {
            return false;
        }
        boolean before = at > 0 && Character.isDigit(text[at - 1]);
        boolean behind = at + 1 < text.length && Character.isDigit(text[at + 1]);
        if (before && behind) {
            return false;
        }
        boolean minus = Character.getType(text[at]) == Character.DASH_PUNCTUATION;
        boolean begins = at == 0 || isSpace(text[at - 1]) || isDecoration(text[at - 1]);
        return !(minus && behind && begins);
    }

    /** Digits, signs and kana: no other sign stands for them, however much alike they look. */
    static boolean isExact(int letter) {
        if (isDecoration(letter) || Character.isDigit(letter)) {
            return true;
        }
        return switch (Character.getType(letter)) {
            case Character.MATH_SYMBOL,
                    Character.CURRENCY_SYMBOL,
                    Character.MODIFIER_SYMBOL,
                    Character.OTHER_SYMBOL,
                    Character.OTHER_NUMBER,
                    Character.LETTER_NUMBER,
                    Character.OTHER_PUNCTUATION -> true;
            default -> isKana(letter);
        };
    }

    /** What it is compared as: digits of every script are the same, and so are the two kana. */
    static String exact(int letter) {
        if (Character.isDigit(letter)) {
            return String.valueOf(Character.digit(letter, 10));
        }
        if (Character.getType(letter) == Character.DASH_PUNCTUATION || letter == '−') {
            return "-";
        }
        // Hiragana and katakana stand in the same order.
        boolean katakana = letter >= 'ァ' && letter <= 'ヶ';
        return Character.toString(katakana ? letter - ('ァ' - 'ぁ') : letter);
    }

    private static boolean isKana(int letter) {
        return letter >= 'ぁ' && letter <= 'ゖ' || letter >= 'ァ' && letter <= 'ヶ' || letter == 'ー';
    }
}
