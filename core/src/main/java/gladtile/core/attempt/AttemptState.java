package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.answer.Judge;
import gladtile.core.answer.ZoneContents;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Supply;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An attempt as it stands: what its moves have made of it, from {@link #start}.
 *
 * <p>Long because a state has many parts, and each comes with the one way in which it may change.
 *
 * @param seq how many moves were made
 * @param pageId the page last opened
 * @param pieces those that were touched, by their id; copies that came off a supply by theirs
 * @param over the items that show their other side
 * @param slid how far each cover is out of the way, 0 to 1; those that were never slid are left out
 * @param written what stands on notes that were written on
 * @param zones those that refused something, were checked, or are solved as one
 * @param typed what stands in gaps
 * @param shown the pieces, zones and gaps whose solution was shown
 * @param opened when each page with a countdown was opened first, and under the empty text when the attempt began where
 *     the whole has one: milliseconds since 1970 by the server's clock
 * @param met the pages that were met, in the order in which they were
 * @param spots the items that show though they begin hidden, or are hidden though they begin seen
 * @param own what was drawn and said, by the id of the page
 * @param came the pages the student came through to the one that is open, the nearest last; at most {@link Bounds#CAME}
 */
public record AttemptState(
        long seq,
        String pageId,
        Standing standing,
        Map<String, PieceState> pieces,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> over,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Double> slid,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> written,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, ZoneState> zones,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, TypedState> typed,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> shown,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Long> opened,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> came,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Met> met,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Set<String> spots,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, OwnWork> own) {
    /** A page that was met. @param from the page one came from first; absent for the start */
    public record Met(
            String pageId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String from) {}

    public AttemptState {
        Bounds.present("attempt.pageId", pageId);
        Bounds.present("attempt.standing", standing);
        pieces = Map.copyOf(Bounds.present("attempt.pieces", pieces));
        over = over == null ? Set.of() : Set.copyOf(over);
        slid = slid == null ? Map.of() : Map.copyOf(slid);
        written = written == null ? Map.of() : Map.copyOf(written);
        zones = zones == null ? Map.of() : Map.copyOf(zones);
        typed = typed == null ? Map.of() : Map.copyOf(typed);
        shown = shown == null ? Set.of() : Set.copyOf(shown);
        opened = opened == null ? Map.of() : Map.copyOf(opened);
        came = came == null ? List.of() : List.copyOf(came);
        met = met == null || met.isEmpty() ? List.of(new Met(pageId, null)) : List.copyOf(met);
        spots = spots == null ? Set.of() : Set.copyOf(spots);
        own = own == null ? Map.of() : Map.copyOf(own);
    }

    public AttemptState(long seq, String pageId, Standing standing, Map<String, PieceState> pieces) {
        this(seq, pageId, standing, pieces, null, null, null, null, null, null, null, null, null, null, null);
    }

    /** An attempt at which nothing was done and nothing is counted down. */
    public static AttemptState start(AttemptRules rules) {
        return start(rules, Instant.EPOCH);
    }

    /** @param at by the server's clock */
    public static AttemptState start(AttemptRules rules, Instant at) {
        AttemptState start = new AttemptState(0, rules.firstPage(), Standing.WORKING, Map.of());
        Map<String, Long> opened = Countdown.opened(start, rules, rules.firstPage(), at);
        return new AttemptState(
                0,
                start.pageId,
                start.standing,
                Map.of(),
                null,
                null,
                null,
                null,
                null,
                null,
                opened,
                null,
                null,
                null,
                null);
    }

    /**
     * Where the round after this one begins: everything lies as it was left, and can be moved again. Its moves are
     * counted on, and its time, where there is one, begins anew.
     *
     * @param at by the server's clock
     */
    public AttemptState nextRound(AttemptRules rules, Instant at) {
        AttemptState again = as(Standing.WORKING, Map.of());
        return again.as(Standing.WORKING, Countdown.opened(again, rules, pageId, at));
    }

    /** The same with another page open: each member of a team may be on a page of their own. */
    public AttemptState at(String page) {
        return page.equals(pageId)
                ? this
                : new AttemptState(
                        seq, page, standing, pieces, over, slid, written, zones, typed, shown, opened, came, met, spots,
                        own);
    }

    /** The same with nothing drawn and said. */
    public AttemptState withoutOwn() {
        return own.isEmpty()
                ? this
                : new AttemptState(
                        seq, pageId, standing, pieces, over, slid, written, zones, typed, shown, opened, came, met,
                        spots, Map.of());
    }

    private AttemptState as(Standing now, Map<String, Long> begun) {
        return new AttemptState(
                seq, pageId, now, pieces, over, slid, written, zones, typed, shown, begun, came, met, spots, own);
    }

    /** The same with some pieces otherwise. */
    AttemptState withPieces(Map<String, PieceState> otherwise) {
        Map<String, PieceState> all = new HashMap<>(pieces);
        all.putAll(otherwise);
        return new AttemptState(
                seq, pageId, standing, all, over, slid, written, zones, typed, shown, opened, came, met, spots, own);
    }

    /** As {@link #with(Move, AttemptRules, Instant)} by the clock of the device: for where nothing is kept. */
    public MoveResult with(Move move, AttemptRules rules) {
        return with(move, rules, move.deviceTime());
    }

    /**
     * The attempt after one move more. A move that breaks a rule changes nothing.
     *
     * @param at when it arrived, by the server's clock
     */
    public MoveResult with(Move move, AttemptRules rules, Instant at) {
        MoveResult result = made(move, rules, at);
        if (!(result instanceof Made made)) {
            return result;
        }
        AttemptState now = made.state();
        if (move.act() instanceof Act.HandIn) {
            for (Judge judge : rules.judges()) {
                now = CarriedPieces.with(this, now, judge);
            }
        } else {
            now = CarriedPieces.with(this, now, rules.judge(move.act().pageId()).orElseThrow());
        }
        return now == made.state() ? made : new Made(now, made.verdict(), made.outcomes());
    }

    private MoveResult made(Move move, AttemptRules rules, Instant at) {
        if (seq >= Bounds.MOVES_IN_AN_ATTEMPT) {
            return new Refused(
                    Rule.TOO_MANY_MOVES, Message.of("move.too-many-moves", "most", Bounds.MOVES_IN_AN_ATTEMPT));
        }
        Act act = move.act();
        boolean looksOnly = act instanceof Act.Show || act instanceof Act.Open || act instanceof Act.Reveal;
        if (standing == Standing.HANDED_IN && !looksOnly) {
            return new Refused(Rule.HANDED_IN, Message.of("move.handed-in"));
        }
        if (act instanceof Act.HandIn) {
            return CheckRules.handIn(this, rules);
        }
        String page = act.pageId();
        Judge judge = rules.judge(page).orElse(null);
        if (judge == null) {
            return new Refused(Rule.NO_SUCH_PAGE, Message.of("move.no-such-page", "page", page));
        }
        if (!PathProgress.isOpen(this, rules, page, at)) {
            return new Refused(Rule.NOT_OPEN, Message.of("move.not-open"));
        }
        if (act instanceof Act.Open open) {
            return new Made(
                    new AttemptStateBuilder(this)
                            .from(open)
                            .on(page, Countdown.opened(this, rules, page, at))
                            .state(),
                    Optional.empty());
        }
        if (act instanceof Act.Reveal reveal) {
            return rules.mayReveal(reveal)
                    ? new Made(
                            new AttemptStateBuilder(this)
                                    .revealed(reveal.itemIds())
                                    .state(),
                            Optional.empty())
                    : new Refused(Rule.NO_SPOT, Message.of("move.no-spot"));
        }
        if (act instanceof Act.Show show) {
            return SolutionRules.of(this, show, judge, rules);
        }
        if (Countdown.over(this, rules, page, at)) {
            return new Refused(Rule.TIME_IS_UP, Message.of("move.time-is-up"));
        }
        return working(act, page, judge, rules);
    }

    private MoveResult working(Act act, String page, Judge judge, AttemptRules rules) {
        if (act instanceof Act.Put put) {
            return PutRules.of(this, put, judge, rules);
        }
        if (act instanceof Act.Type type) {
            return TypingRules.of(this, type, rules);
        }
        if (act instanceof Act.Check check) {
            return CheckRules.of(this, check, judge, rules);
        }
        if (act instanceof Act.StartAgain) {
            return new Made(
                    new AttemptStateBuilder(this)
                            .again(judge, rules.itemIds(page))
                            .wiped(page)
                            .state(),
                    Optional.empty());
        }
        if (act instanceof Act.Draw draw) {
            return OwnWorkRules.draw(this, draw, rules);
        }
        if (act instanceof Act.Say say) {
            return OwnWorkRules.say(this, say, rules);
        }
        if (act instanceof Act.Unsay unsay) {
            return OwnWorkRules.unsay(this, unsay);
        }
        return HandlingRules.of(this, act, rules);
    }

    /** How many copies of a supply are out. */
    long copiesOf(String pieceId) {
        return pieces.keySet().stream()
                .filter(id -> Supply.isCopy(id) && Supply.originalOf(id).equals(pieceId))
                .count();
    }

    /** What lies in the zones now. */
    ZoneContents there() {
        return new StateZoneContents(pieces, zones, null);
    }

    /** How many placements are solved now. */
    public int solved(AttemptRules rules) {
        int solved = 0;
        for (Placement placement : rules.placements()) {
            if (isSolved(placement, rules)) {
                solved++;
            }
        }
        return solved;
    }

    /** Whether a placement is solved now, by the student. */
    public boolean isSolved(Placement placement, AttemptRules rules) {
        return !shown.contains(placement.itemId()) && share(placement, rules) >= 1;
    }

    /** How much of a placement is right now, 0 to 1. */
    double share(Placement placement, AttemptRules rules) {
        return switch (placement.kind()) {
            case PIECE -> {
                PieceState piece = pieces.get(placement.itemId());
                yield piece != null && piece.settled() ? 1 : 0;
            }
            case GAP -> {
                TypedState gap = typed.get(placement.itemId());
                yield gap != null && gap.taken() ? 1 : 0;
            }
            case ZONE -> rules.judge(placement.pageId()).orElseThrow().share(placement.itemId(), there());
        };
    }

    /** How often a placement was tried, the try that solved it among them. */
    public int tries(Placement placement) {
        return switch (placement.kind()) {
            case PIECE ->
                pieces.containsKey(placement.itemId())
                        ? pieces.get(placement.itemId()).tries()
                        : 0;
            case GAP ->
                typed.containsKey(placement.itemId())
                        ? typed.get(placement.itemId()).tries()
                        : 0;
            case ZONE -> {
                ZoneState zone = zones.getOrDefault(placement.itemId(), ZoneState.NEW);
                yield zone.refusals() + (zone.solvedAt() > 0 ? 1 : 0);
            }
        };
    }

    /** The try, from 1, by which a placement was solved first; 0 when none. */
    public int solvedAt(Placement placement) {
        return switch (placement.kind()) {
            case PIECE ->
                pieces.containsKey(placement.itemId())
                        ? pieces.get(placement.itemId()).solvedAt()
                        : 0;
            case GAP ->
                typed.containsKey(placement.itemId())
                        ? typed.get(placement.itemId()).solvedAt()
                        : 0;
            case ZONE -> zones.getOrDefault(placement.itemId(), ZoneState.NEW).solvedAt();
        };
    }
}
