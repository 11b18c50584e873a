package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.PageExits.Exit;
import gladtile.core.attempt.PageExits.From;
import gladtile.core.message.Message;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The way of one student through the pages: where they were and where they can go.
 *
 * @param pages those that were met and those that Next leads to from there, in the order of the way
 * @param next the page that Next leads to from the one that is open; absent at an end, without the button, or while it
 *     waits
 * @param onward the page that a thing which leads to the next one leads to; absent where there is none, or none yet
 * @param waits what Next waits for; absent when it waits for nothing
 * @param closed the items on the open page that do not lead on yet, and what they wait for
 */
public record PathProgress(
        List<String> pages,
        @JsonInclude(JsonInclude.Include.NON_NULL) String next,
        @JsonInclude(JsonInclude.Include.NON_NULL) String onward,
        @JsonInclude(JsonInclude.Include.NON_NULL) Message waits,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Message> closed) {

    /** @param at by the server's clock */
    public static PathProgress of(AttemptState state, AttemptRules rules, Instant at) {
        PageExits exits = rules.exits();
        GateCheck gate = new GateCheck(state, rules, at);
        From here = exits.from().get(state.pageId());
        String next = null;
        Message waits = null;
        String further = null;
        Map<String, Message> closed = new TreeMap<>();
        if (here != null) {
            String onward = onward(here, state.pageId(), gate);
            if (exits.next() && onward != null) {
                boolean opens = gate.open(here.gate(), state.pageId());
                next = opens ? onward : null;
                waits = opens ? null : gate.words(here.gate());
            }
            boolean asked = here.exits().stream().anyMatch(exit -> exit.to() == null);
            further = asked && onward != null && open(state, rules, at).contains(onward) ? onward : null;
            for (Exit exit : here.exits()) {
                if (!gate.open(exit.opens(), state.pageId())) {
                    closed.put(exit.itemId(), gate.words(exit.opens()));
                }
            }
        }
        return new PathProgress(tiles(state, exits, gate), next, further, waits, closed);
    }

    /** The pages that may be opened now, those met before among them. */
    public static Set<String> open(AttemptState state, AttemptRules rules, Instant at) {
        PageExits exits = rules.exits();
        GateCheck gate = new GateCheck(state, rules, at);
        Set<String> open = new LinkedHashSet<>();
        Deque<String> left = new ArrayDeque<>();
        meet(exits.start(), open, left);
        state.met().forEach(one -> meet(one.pageId(), open, left));
        state.came().forEach(page -> meet(page, open, left));
        meet(state.pageId(), open, left);
        while (!left.isEmpty()) {
            String page = left.poll();
            From from = exits.from().get(page);
            if (from == null) {
                continue;
            }
            if (exits.next() && gate.open(from.gate(), page)) {
                meet(onward(from, page, gate), open, left);
            }
            for (Exit exit : from.exits()) {
                if (gate.open(exit.opens(), page)) {
                    meet(exit.to() == null ? onward(from, page, gate) : exit.to(), open, left);
                }
            }
        }
        open.remove(PageExits.NOWHERE);
        return open;
    }

    /** The attempt with that page open, where it may be; else as it is: nothing is told of a page that is closed. */
    public static AttemptState at(AttemptState state, AttemptRules rules, String pageId, Instant at) {
        return isOpen(state, rules, pageId, at) ? state.at(pageId) : state;
    }

    static boolean isOpen(AttemptState state, AttemptRules rules, String pageId, Instant at) {
        return pageId.equals(state.pageId()) || open(state, rules, at).contains(pageId);
    }

    private static void meet(String page, Set<String> open, Deque<String> left) {
        if (page != null && open.add(page)) {
            left.add(page);
        }
    }

    private static String onward(From from, String page, GateCheck gate) {
        return from.first() != null && gate.allRightFirst(page) ? from.first() : from.next();
    }

    /**
     * What Next leads through from the start, as far as it is open; then, behind the page from which each was come to,
     * the other pages that were met, each with what Next leads to from there.
     */
    private static List<String> tiles(AttemptState state, PageExits exits, GateCheck gate) {
        List<String> tiles = new ArrayList<>();
        follow(exits.start(), 0, tiles, exits, gate);
        for (AttemptState.Met one : state.met()) {
            if (!tiles.contains(one.pageId()) && exits.from().containsKey(one.pageId())) {
                int from = tiles.indexOf(one.from());
                follow(one.pageId(), from < 0 ? tiles.size() : from + 1, tiles, exits, gate);
            }
        }
        return tiles;
    }

    private static void follow(String page, int at, List<String> tiles, PageExits exits, GateCheck gate) {
        String now = page;
        int place = at;
        while (now != null && !tiles.contains(now)) {
            tiles.add(place++, now);
            From from = exits.from().get(now);
            now = from != null && exits.next() && gate.open(from.gate(), now) ? onward(from, now, gate) : null;
        }
    }
}
