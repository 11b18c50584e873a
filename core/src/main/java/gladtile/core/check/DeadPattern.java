package gladtile.core.check;

/**
 * Whether a pattern wants something before its beginning or after its end, so that nothing can fit it: {@code a^b},
 * {@code (a|b)^c}, {@code moon$s}. A pattern that it cannot read to its end is not called dead.
 */
final class DeadPattern {
    /** Deeper groups are not looked into. */
    private static final int DEEPEST = 40;

    private final String pattern;
    private int at;
    private boolean unread;

    private DeadPattern(String pattern) {
        this.pattern = pattern;
    }

    /** @param pattern one that compiles */
    static boolean is(String pattern) {
        DeadPattern reader = new DeadPattern(pattern);
        Part whole = reader.choice(0);
        return whole.dead && !reader.unread && reader.at == pattern.length();
    }

    /**
     * @param least signs that it takes at least
     * @param dead whether nothing fits it
     * @param begins whether it wants the beginning of the text
     * @param ends whether it wants the end
     */
    private record Part(int least, boolean dead, boolean begins, boolean ends) {
        static final Part NOTHING = new Part(0, false, false, false);
        static final Part SIGN = new Part(1, false, false, false);
        static final Part BEGINNING = new Part(0, false, true, false);
        static final Part END = new Part(0, false, false, true);

        /** Either of the two. */
        Part or(Part other) {
            if (dead || other.dead) {
                return dead ? other : this;
            }
            return new Part(Math.min(least, other.least), false, begins && other.begins, ends && other.ends);
        }

        Part then(Part next) {
            return new Part(
                    Math.min(1_000, least + next.least),
                    dead || next.dead || least > 0 && next.begins || ends && next.least > 0,
                    begins || next.begins,
                    ends || next.ends);
        }
    }

    private Part choice(int depth) {
        Part all = row(depth);
        while (at < pattern.length() && pattern.charAt(at) == '|') {
            at++;
            all = all.or(row(depth));
        }
        return all;
    }

    private Part row(int depth) {
        Part all = Part.NOTHING;
        while (at < pattern.length() && "|)".indexOf(pattern.charAt(at)) < 0) {
            all = all.then(repeated(one(depth)));
        }
        return all;
    }

    private Part one(int depth) {
        char c = pattern.charAt(at++);
        return switch (c) {
            case '^' -> Part.BEGINNING;
            case '$' -> Part.END;
            case '(' -> group(depth);
            case '[' -> set();
            case '\\' -> escaped();
            default -> Part.SIGN;
        };
    }

    private Part escaped() {
        char sign = at < pattern.length() ? pattern.charAt(at++) : ' ';
        // What takes a name or a number, or quotes a stretch, is not read.
        unread |= "pPxuUNQkcoX0".indexOf(sign) >= 0;
        return "bBAGzZ123456789".indexOf(sign) >= 0 ? Part.NOTHING : Part.SIGN;
    }

    private Part group(int depth) {
        boolean plain = at >= pattern.length() || pattern.charAt(at) != '?';
        if (!plain && pattern.startsWith("?:", at)) {
            at += 2;
        } else if (!plain || depth > DEEPEST) {
            unread = true;
        }
        Part inside = choice(depth + 1);
        at++;
        return inside;
    }

    /** A class of signs: one sign. */
    private Part set() {
        int depth = 1;
        boolean first = true;
        while (at < pattern.length() && depth > 0) {
            char c = pattern.charAt(at++);
            if (c == '\\') {
                at++;
            } else if (c == '[') {
                depth++;
            } else if (c == ']' && !first) {
                depth--;
            }
            first = c == '^' && first;
        }
        return Part.SIGN;
    }

    private Part repeated(Part part) {
        boolean optional = false;
        while (at < pattern.length() && "?*+{".indexOf(pattern.charAt(at)) >= 0) {
            char c = pattern.charAt(at++);
            if (c == '{') {
                int end = pattern.indexOf('}', at);
                optional |= end < 0 || pattern.charAt(at) == '0';
                at = end < 0 ? pattern.length() : end + 1;
            } else {
                optional |= c != '+';
            }
        }
        return optional ? Part.NOTHING : part;
    }
}
