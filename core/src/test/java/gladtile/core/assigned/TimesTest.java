package gladtile.core.assigned;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.assigned.TimeWindow.Stage;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.Move;
import gladtile.core.json.Json;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Times of assignments. The transitions to and from summer time are those of the IANA time zone database, from memory:
 * the European Union changes at 01:00 UTC on the last Sunday of March and of October, the United States at 02:00 local
 * time on the second Sunday of March and the first of November, Lord Howe Island by half an hour on the first Sundays of
 * April and October, and Samoa left out 30 December 2011.
 */
class TimesTest {
    private static final Instant NOON = Instant.parse("2026-11-27T12:00:00Z");

    private static AssignTerms terms(Instant opens, Instant due, Instant closes, boolean lateRefused) {
        return new AssignTerms(null, null, opens, due, closes, lateRefused, null, null, null, null);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-29T01:59, Europe/Oslo, 2026-03-29T00:59:00Z",
        "2026-03-29T03:00, Europe/Oslo, 2026-03-29T01:00:00Z",
        "2026-10-25T01:59, Europe/Oslo, 2026-10-24T23:59:00Z",
        // Shown twice: the later of the two.
        "2026-10-25T02:30, Europe/Oslo, 2026-10-25T01:30:00Z",
        "2026-10-25T03:00, Europe/Oslo, 2026-10-25T02:00:00Z",
        "2026-03-08T01:59, America/New_York, 2026-03-08T06:59:00Z",
        "2026-03-08T03:00, America/New_York, 2026-03-08T07:00:00Z",
        "2026-11-01T01:30, America/New_York, 2026-11-01T06:30:00Z",
        "2026-04-05T01:45, Australia/Lord_Howe, 2026-04-04T15:15:00Z",
        "2011-12-29T23:59, Pacific/Apia, 2011-12-30T09:59:00Z",
        "2011-12-31T00:00, Pacific/Apia, 2011-12-30T10:00:00Z",
        "2026-11-28T15:00, UTC, 2026-11-28T15:00:00Z",
    })
    void the_clock_on_the_wall_is_read_as_the_zone_has_it(LocalDateTime shown, ZoneId zone, Instant timing) {
        assertThat(WallTime.at("due", shown, zone)).isEqualTo(timing);
        // And the other way round, by java.time alone.
        assertThat(ZonedDateTime.ofInstant(timing, zone).toLocalDateTime()).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-29T02:30, Europe/Oslo",
        "2026-03-08T02:00, America/New_York",
        "2026-10-04T02:15, Australia/Lord_Howe",
        "2011-12-30T12:00, Pacific/Apia"
    })
    void a_time_that_no_clock_shows_is_refused_by_name(LocalDateTime shown, ZoneId zone) {
        assertThatThrownBy(() -> WallTime.at("assign.dueAt", shown, zone))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("bound.no-clock-time")
                .extracting(e -> ((OutOfBounds) e).bound())
                .isEqualTo("assign.dueAt");
    }

    @Test
    void an_assignment_is_not_yet_open_then_open_then_late_then_closed() {
        TimeWindow window = TimeWindow.of(terms(NOON, NOON.plusSeconds(60), NOON.plusSeconds(120), false), null);
        assertThat(window.at(NOON.minusMillis(1))).isEqualTo(Stage.NOT_YET);
        assertThat(window.at(NOON)).isEqualTo(Stage.OPEN);
        assertThat(window.at(NOON.plusSeconds(60))).isEqualTo(Stage.OPEN);
        assertThat(window.at(NOON.plusSeconds(61))).isEqualTo(Stage.LATE);
        assertThat(window.at(NOON.plusSeconds(120))).isEqualTo(Stage.CLOSED);
        assertThat(TimeWindow.of(AssignTerms.USUAL, null).at(NOON)).isEqualTo(Stage.OPEN);
    }

    @Test
    void late_work_is_taken_unless_it_was_chosen_that_it_is_not() {
        assertThat(TimeWindow.of(terms(null, NOON, null, false), null).at(NOON.plusSeconds(9)))
                .isEqualTo(Stage.LATE);
        assertThat(TimeWindow.of(terms(null, NOON, null, true), null).at(NOON.plusSeconds(9)))
                .isEqualTo(Stage.CLOSED);
    }

    @Test
    void whoever_has_more_time_never_finds_the_door_shut_before_it_is_over() {
        AssignTerms terms = terms(null, NOON, NOON.plusSeconds(60), false);
        TimeWindow more = TimeWindow.of(terms, new Extension(NOON.plusSeconds(600), null));
        assertThat(more.at(NOON.plusSeconds(599))).isEqualTo(Stage.OPEN);
        assertThat(more.at(NOON.plusSeconds(600))).isEqualTo(Stage.CLOSED);
    }

    @Test
    void an_extension_gives_more_and_ends_after_it_begins() {
        AssignTerms terms = terms(NOON, NOON.plusSeconds(60), null, false);
        for (Instant until : new Instant[] {NOON.minusSeconds(1), NOON, NOON.plusSeconds(60)}) {
            assertThatThrownBy(() -> new Extension(until, null).fits(terms)).isInstanceOf(OutOfBounds.class);
        }
        assertThat(new Extension(NOON.plusSeconds(61), null).fits(terms).until())
                .isEqualTo(NOON.plusSeconds(61));
        assertThatThrownBy(() -> new Extension(null, 60).fits(terms))
                .hasMessageContaining("bound.extension.more-seconds");
        assertThatThrownBy(() -> new Extension(null, null)).isInstanceOf(OutOfBounds.class);
    }

    @Test
    void dates_that_go_backwards_are_refused() {
        assertThatThrownBy(() -> terms(NOON, NOON, null, false)).hasMessageContaining("bound.assign.opens-when-due");
        assertThatThrownBy(() -> terms(NOON, null, NOON.minusSeconds(1), false)).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> terms(null, NOON, NOON, false)).hasMessageContaining("bound.assign.due-when-closed");
        assertThatThrownBy(() -> terms(null, null, null, true)).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new AssignTerms(null, "Mars/Olympus", null, null, null, null, null, null, null, null))
                .hasMessageContaining("bound.assign.zone");
    }

    @Test
    void what_is_usual_is_written_as_nothing_and_read_back_the_same() {
        assertThat(Json.write(new AssignTerms(
                        Sharing.OWN_COPY,
                        null,
                        null,
                        null,
                        null,
                        false,
                        null,
                        null,
                        ResultVisibility.RIGHT_AND_WRONG,
                        false)))
                .isEqualTo("{}");
        AssignTerms full = new AssignTerms(
                Sharing.TEAM_COPY,
                "Europe/Oslo",
                NOON,
                NOON.plusSeconds(1),
                NOON.plusSeconds(2),
                true,
                3,
                600,
                ResultVisibility.NOTHING,
                true);
        assertThat(Json.read(Json.write(full), AssignTerms.class)).isEqualTo(full);
    }

    /** Clocks that are wrong by days, in either direction, tell the same as a right one. */
    @Test
    void a_wrong_clock_tells_how_long_ago_not_when() {
        Random random = new Random(11);
        for (int i = 0; i < 500; i++) {
            long wrong = random.nextLong(-20L * 86_400, 20L * 86_400);
            long ago = random.nextLong(0, 7_200);
            Instant made = NOON.minusSeconds(ago).plusSeconds(wrong);
            Instant sent = NOON.plusSeconds(wrong);
            assertThat(DeviceClock.put(made, sent, NOON, null)).isEqualTo(NOON.minusSeconds(ago));
        }
    }

    @Test
    void a_move_is_never_later_than_it_arrived_nor_earlier_than_the_one_before() {
        Instant before = NOON.minusSeconds(5);
        assertThat(DeviceClock.put(NOON.plusSeconds(99), NOON, NOON, before)).isEqualTo(NOON);
        assertThat(DeviceClock.put(NOON.minusSeconds(99), NOON, NOON, before)).isEqualTo(before);
        // A device that does not say when it sent it: its clock is taken for right, within those bounds.
        assertThat(DeviceClock.put(NOON.plusSeconds(99_999), null, NOON, before))
                .isEqualTo(NOON);
    }

    /** Whatever a device says, it gains no more than what a weak network may take. */
    @Test
    void what_a_device_says_of_its_clock_lets_nothing_through() {
        Random random = new Random(12);
        AssignmentControl held = new AssignmentControl(NOON, "", null, null);
        for (int i = 0; i < 2_000; i++) {
            Instant arrived = NOON.plusSeconds(random.nextLong(0, 7_200));
            Instant made = Instant.EPOCH.plusSeconds(random.nextLong(0, 7_000_000_000L));
            Instant sent =
                    random.nextInt(4) == 0 ? null : Instant.EPOCH.plusSeconds(random.nextLong(0, 7_000_000_000L));
            Instant put = DeviceClock.put(made, sent, arrived, null);
            assertThat(put).isBetween(arrived.minus(Duration.ofDays(30)), arrived);
            Instant decides = DeviceClock.decides(put, arrived);
            assertThat(decides).isBetween(arrived.minus(DeviceClock.GRACE), arrived);
            if (arrived.isAfter(NOON.plus(DeviceClock.GRACE))) {
                assertThat(put(AssignTerms.USUAL, held, decides)).isPresent();
            }
        }
        // Judged anew from what is kept, it is judged by the same time.
        Instant kept = DeviceClock.put(NOON.minusSeconds(9_000), NOON, NOON, null);
        assertThat(DeviceClock.decides(DeviceClock.decides(kept, NOON), NOON))
                .isEqualTo(DeviceClock.decides(kept, NOON));
    }

    @Test
    void years_that_no_clock_has_are_refused_as_a_bound() {
        for (String year : List.of("+300000-01-01T00:00:00Z", "2200-01-01T00:00:01Z", "1969-12-31T23:59:59Z")) {
            assertThatThrownBy(() -> new Move(UUID.randomUUID(), new Act.HandIn(), Instant.parse(year)))
                    .isInstanceOfSatisfying(
                            OutOfBounds.class, e -> assertThat(e.bound()).isEqualTo("move.deviceTime"));
        }
    }

    private static Optional<BlockReason> put(AssignTerms terms, AssignmentControl control, Instant madeAt) {
        return BlockReason.move(terms, control, TimeWindow.of(terms, null), new Act.Put("p", "sun", 0, 0), madeAt);
    }

    @Test
    void what_was_made_in_time_is_taken_and_while_everyone_rests_all_waits() {
        AssignTerms closed = terms(null, null, NOON, false);
        assertThat(put(closed, AssignmentControl.NONE, NOON.minusMillis(1))).isEmpty();
        assertThat(put(closed, AssignmentControl.NONE, NOON)).contains(BlockReason.CLOSED);
        AssignmentControl held = new AssignmentControl(NOON, "", null, null);
        assertThat(put(AssignTerms.USUAL, held, NOON.minusMillis(1))).contains(BlockReason.PAUSED);
        assertThat(put(AssignTerms.USUAL, held, NOON)).contains(BlockReason.PAUSED);
        AssignmentControl stopped = new AssignmentControl(null, "", NOON, null);
        assertThat(put(AssignTerms.USUAL, stopped, NOON.minusMillis(1))).isEmpty();
        assertThat(put(AssignTerms.USUAL, stopped, NOON)).contains(BlockReason.EDITING_CLOSED);
        AssignmentControl withdrawn = new AssignmentControl(null, "", null, NOON);
        assertThat(put(AssignTerms.USUAL, withdrawn, NOON)).contains(BlockReason.WITHDRAWN);
    }

    @Test
    void one_may_look_around_and_hand_in_where_nothing_can_be_changed() {
        AssignmentControl closed = new AssignmentControl(null, "", NOON, null);
        TimeWindow open = TimeWindow.of(AssignTerms.USUAL, null);
        assertThat(BlockReason.move(AssignTerms.USUAL, closed, open, new Act.Open("p"), NOON))
                .isEmpty();
        assertThat(BlockReason.move(AssignTerms.USUAL, closed, open, new Act.HandIn(), NOON))
                .isEmpty();
        AssignTerms look = new AssignTerms(Sharing.VIEW_ONLY, null, null, null, null, null, null, null, null, null);
        assertThat(BlockReason.move(look, AssignmentControl.NONE, open, new Act.Open("p"), NOON))
                .isEmpty();
        assertThat(BlockReason.move(look, AssignmentControl.NONE, open, new Act.HandIn(), NOON))
                .contains(BlockReason.VIEW_ONLY);
    }
}
