package gladtile.server.school;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;

class NightlyWorkTest {
    /** Full hours of a whole year in zones that change their clocks, some by half an hour, some at midnight. */
    @Test
    void every_day_has_one_night_whatever_the_clocks_do() {
        for (String name : new String[] {
            "UTC", "Europe/Berlin", "America/New_York", "Australia/Lord_Howe", "Asia/Kathmandu", "America/Santiago"
        }) {
            ZoneId zone = ZoneId.of(name);
            ZonedDateTime hour = ZonedDateTime.of(2027, 1, 1, 0, 0, 0, 0, ZoneId.of("UTC"));
            int nights = 0;
            for (int n = 0; n < 365 * 24; n++) {
                ZonedDateTime there = hour.plusHours(n).withZoneSameInstant(zone);
                if (NightlyWork.isNight(there)) {
                    nights++;
                    assertThat(there.getHour()).as("%s", there).isBetween(2, 3);
                }
            }
            assertThat(nights).as(name).isEqualTo(365);
        }
    }
}
