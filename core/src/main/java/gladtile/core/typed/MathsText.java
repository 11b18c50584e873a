package gladtile.core.typed;

import java.text.Normalizer;

/**
 * What is written, in the few signs that {@link Algebra} reads: every minus as -, every digit from 0 to 9, raised digits as
 * ^(2), ½ as (1/2), brackets of any kind as round ones, √ as its name.
 */
final class MathsText {
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    private MathsText() {}

    static String plain(String written) {
        StringBuilder text = new StringBuilder();
        boolean up = false;
        for (int i = 0; i < written.length(); i++) {
            char c = written.charAt(i);
            boolean raises = raises(written, i);
            if (raises != up) {
                text.append(raises ? "^(" : ")");
                up = raises;
            }
            append(text, c);
        }
        return text.append(up ? ")" : "").toString();
    }

    private static boolean raises(String written, int i) {
        char c = written.charAt(i);
        if (RAISED.indexOf(c) >= 0) {
            return true;
        }
        return c == '⁻' && i + 1 < written.length() && RAISED.indexOf(written.charAt(i + 1)) >= 0;
    }

    private static void append(StringBuilder text, char c) {
        int raised = RAISED.indexOf(c);
        if (raised >= 0) {
            text.append(raised);
        } else if (Character.isDigit(c)) {
            text.append(Character.digit(c, 10));
        } else if (c >= '！' && c <= '～') {
            // The wide forms of the signs of ASCII stand in its order.
            append(text, (char) (c - 0xFEE0));
        } else if (Character.getType(c) == Character.OTHER_NUMBER && c >= '¼') {
            text.append(vulgar(text, c));
        } else {
            switch (c) {
                case '−', '–', '⁻', '‐', '‑', '﹣' -> text.append('-');
                case '·', '⋅', '×', '∙', '•', '∗' -> text.append('*');
                case '÷', ':', '∕', '⁄' -> text.append('/');
                case '√' -> text.append(" sqrt ");
                case '[', '{' -> text.append('(');
                case ']', '}' -> text.append(')');
                case '∣', '｜' -> text.append('|');
                case '\u00a0', '\u202f', '\u2009', '\u2062' -> text.append(' ');
                case '٫' -> text.append('.');
                default -> text.append(c);
            }
        }
    }

    /** ½ alone is a half; behind digits it is the rest of a mixed number, 1½. */
    private static String vulgar(StringBuilder before, char c) {
        String[] parts =
                Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC).split("[⁄/]");
        if (parts.length != 2) {
            // No fraction: left in, so that it is not read.
            return String.valueOf(c);
        }
        boolean mixed = !before.isEmpty() && Character.isDigit(before.charAt(before.length() - 1));
        return (mixed ? "_" : "") + "(" + parts[0] + "/" + parts[1] + ")";
    }
}
