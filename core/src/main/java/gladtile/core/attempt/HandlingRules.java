package gladtile.core.attempt;

import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Cover;
import gladtile.core.page.Item;
import gladtile.core.page.Note;
import gladtile.core.page.Supply;
import java.util.Optional;

/** Turning things over, sliding covers and writing on notes: what no zone judges. */
final class HandlingRules {
    private HandlingRules() {}

    static MoveResult of(AttemptState state, Act act, AttemptRules rules) {
        if (act instanceof Act.TurnOver turn) {
            return turnOver(state, turn, rules);
        }
        return act instanceof Act.Slide slide ? slide(state, slide, rules) : write(state, (Act.Write) act, rules);
    }

    private static MoveResult turnOver(AttemptState state, Act.TurnOver turn, AttemptRules rules) {
        Item item = rules.item(turn.pageId(), turn.itemId()).orElse(null);
        if (item == null || noSuchCopy(state, turn.itemId())) {
            return noSuchItem();
        }
        if (item.traitsOrNone().otherSide() == null
                || !item.traitsOrNone().otherSide().byTap()) {
            return new Refused(Rule.NO_OTHER_SIDE, Message.of("move.no-other-side", "item", item.name()));
        }
        return made(new AttemptStateBuilder(state).turnedOver(turn.itemId()));
    }

    private static MoveResult slide(AttemptState state, Act.Slide slide, AttemptRules rules) {
        Item item = rules.item(slide.pageId(), slide.coverId()).orElse(null);
        if (item == null) {
            return noSuchItem();
        }
        if (!(item instanceof Cover)) {
            return new Refused(Rule.NO_COVER, Message.of("move.no-cover", "item", item.name()));
        }
        return made(new AttemptStateBuilder(state).slid(slide.coverId(), slide.share()));
    }

    private static MoveResult write(AttemptState state, Act.Write write, AttemptRules rules) {
        Item item = rules.item(write.pageId(), write.noteId()).orElse(null);
        if (item == null || noSuchCopy(state, write.noteId())) {
            return noSuchItem();
        }
        boolean source = item.traitsOrNone().supply() != null && !Supply.isCopy(write.noteId());
        if (!(item instanceof Note note) || !note.writable() || source) {
            return new Refused(Rule.NOT_TO_WRITE_ON, Message.of("move.not-to-write-on", "item", item.name()));
        }
        return made(new AttemptStateBuilder(state).written(write.noteId(), write.text()));
    }

    /** A copy is there only once it came off its supply. */
    private static boolean noSuchCopy(AttemptState state, String id) {
        return Supply.isCopy(id) && !state.pieces().containsKey(id);
    }

    private static MoveResult noSuchItem() {
        return new Refused(Rule.NO_SUCH_ITEM, Message.of("move.no-such-item"));
    }

    private static MoveResult made(AttemptStateBuilder next) {
        return new Made(next.state(), Optional.empty());
    }
}
