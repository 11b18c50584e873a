package gladtile.core.edit;

/** An edit of the activity as a whole, which needs no page to be there. */
public sealed interface ActivityEdit extends Edit
        permits SetTitle, AddPage, SetSets, SetTerms, SetMadeFrom, SetPassage {}
