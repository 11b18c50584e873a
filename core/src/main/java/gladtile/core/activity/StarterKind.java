package gladtile.core.activity;

/** The pages that can be made from a list. */
public enum StarterKind {
    /** Each row a word, and the group it belongs in. */
    SORT,
    /** Each row a word, and all the groups it belongs in: two or three circles that cross. */
    VENN,
    /** Each row two that go together. */
    PAIR,
    /** Each row one, from first to last. */
    ORDER,
    /** Each row a label, to be put beside a part of a picture. */
    LABEL,
    /** A text of which some words are missing. */
    FILL_GAPS,
    /** Each row a word, whose letters lie mixed. */
    UNSCRAMBLE,
    /** Each row a word, to be spelled from a bank of letters. */
    SPELL,
    /** Each row a thing and how many of it are to be counted out. */
    COUNT_OUT,
    /** Each row two cards that are turned up together. */
    MEMORY,
    /** Each row several, of which the last is the odd one out. */
    ODD_ONE_OUT
}
