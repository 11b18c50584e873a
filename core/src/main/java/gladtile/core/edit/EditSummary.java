package gladtile.core.edit;

/** What an edit did, in a few words, for the history. */
public final class EditSummary {
    private EditSummary() {}

    public static String of(Edit edit) {
        if (edit instanceof CompositeEdit step) {
            String first = of(step.edits().get(0));
            return step.edits().size() == 1
                    ? first
                    : "%s, and %d more".formatted(first, step.edits().size() - 1);
        }
        if (edit instanceof AddItem e) return e.item().name() + " added";
        if (edit instanceof AddPage e) return "Page " + named(e.page().name()) + " added";
        if (edit instanceof SetTitle e) return "Named " + named(e.title());
        if (edit instanceof RenamePage e) return "Page named " + named(e.name());
        if (edit instanceof SetWords e) return "Words: " + named(e.content().text());
        if (edit instanceof SetDescription e) return "Described as " + named(e.description());
        if (edit instanceof SetZoneLabel e) return "Drop zone named " + named(e.label());
        if (edit instanceof SetBody e) return e.item().name() + " changed";
        if (edit instanceof Transform e)
            return "%d moved or resized together".formatted(e.itemIds().size());
        if (edit instanceof Arrange e)
            return "%d lined up".formatted(e.itemIds().size());
        if (edit instanceof RemovePage) return "Page deleted";
        if (edit instanceof MovePage) return "Page moved";
        if (edit instanceof SetPaper) return "Paper changed";
        if (edit instanceof SetPageWords) return "Style of new words changed";
        if (edit instanceof RemoveItem) return "Item deleted";
        if (edit instanceof MoveDepth) return "Depth changed";
        if (edit instanceof SetFrame) return "Item moved, resized or turned";
        if (edit instanceof SetMovement) return "Movement changed";
        if (edit instanceof SetTraits) return "Transparency, group, supply, other side, link or sound changed";
        if (edit instanceof Decide) return "Answer decided";
        if (edit instanceof SetFacts) return "Labels or value of a piece changed";
        if (edit instanceof SetTyped) return "What is right in a gap changed";
        if (edit instanceof SetSets) return "Zones answered together changed";
        if (edit instanceof SetMadeFrom) return "List changed that pages are made from";
        if (edit instanceof SetPassage) return "How students come from page to page changed";
        if (edit instanceof SetPageLinks) return "Where a page leads changed";
        if (edit instanceof SetTerms) return "Points, time or solution changed";
        return "Rule of a drop zone changed";
    }

    private static String named(String text) {
        String line = text.strip().replaceAll("\\s+", " ");
        int end = line.offsetByCodePoints(0, Math.min(40, line.codePointCount(0, line.length())));
        return "“" + (end < line.length() ? line.substring(0, end) + "…" : line) + "”";
    }
}
