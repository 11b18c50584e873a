package gladtile.core.present;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class LeadTest {
    private static final Instant NOW = Instant.parse("2026-11-30T09:00:00Z");

    private static Lead with(Instant at, long shows) {
        return Lead.from(at, "light", List.of(WallTimer.of("t", true, true, shows, at)));
    }

    @Test
    void a_countdown_ends_where_it_ends_whenever_it_is_told() {
        assertThat(WallTimer.of("t", true, true, 60_000, NOW).zeroAt()).isEqualTo(NOW.plusSeconds(60));
        assertThat(WallTimer.of("t", false, true, 60_000, NOW).zeroAt()).isEqualTo(NOW.minusSeconds(60));
        assertThat(WallTimer.of("t", true, false, 60_000, NOW).restsAt()).isEqualTo(60_000);
    }

    @Test
    void what_is_told_again_is_nothing_new_but_a_page_or_a_pause_is() {
        Lead was = with(NOW, 60_000);
        Instant later = NOW.plusSeconds(30);
        assertThat(with(later, 30_400).goesOnFrom(was, later)).isTrue();
        assertThat(with(later, 60_000).goesOnFrom(was, later)).isFalse();
        assertThat(Lead.from(later, "angles", was.timers()).goesOnFrom(was, later))
                .isFalse();
        assertThat(Lead.from(later, "light", List.of()).goesOnFrom(was, later)).isFalse();
        Lead rests = Lead.from(later, "light", List.of(WallTimer.of("t", true, false, 30_000, later)));
        assertThat(rests.goesOnFrom(was, later)).isFalse();
        assertThat(with(later, 30_000).goesOnFrom(null, later)).isFalse();
    }

    @Test
    void a_computer_that_was_closed_leads_nobody_any_more() {
        Lead was = with(NOW, 600_000);
        Instant over = NOW.plus(Lead.HOLDS);
        assertThat(was.holdsAt(over.minusMillis(1))).isTrue();
        assertThat(was.holdsAt(over)).isFalse();
        assertThat(with(over, 510_000).goesOnFrom(was, over)).isFalse();
        assertThat(Lead.from(NOW, null, List.of()).holdsAt(NOW)).isFalse();
    }

    @Test
    void bounds_are_named() {
        assertThatThrownBy(() -> WallTimer.of("t", true, true, -1, NOW)).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> WallTimer.of("t", true, true, WallTimer.LONGEST + 1, NOW))
                .isInstanceOf(OutOfBounds.class);
    }
}
