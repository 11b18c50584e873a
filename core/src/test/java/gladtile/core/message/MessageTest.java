package gladtile.core.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.edit.EditResult;
import gladtile.core.json.Json;
import java.util.List;
import org.junit.jupiter.api.Test;

class MessageTest {
    @Test
    void what_is_kept_is_read_back_whatever_lies_within_whatever() {
        Message all = Message.of(
                "page-check.undecided",
                "count",
                3,
                "ratio",
                4.5,
                "reason",
                EditResult.Reason.LAST_PAGE,
                "copies",
                true,
                "zone",
                Message.of("item.zone", "letter", "A"),
                "zones",
                List.of(Message.literal("“dome”"), Message.of("item.kind.zone")));
        assertThat(Json.read(Json.write(all), Message.class)).isEqualTo(all);
        assertThat(all.arguments()).containsEntry("reason", "LAST_PAGE").containsEntry("copies", "true");
    }

    @Test
    void a_name_without_a_value_and_a_value_that_cannot_be_said_are_faults() {
        assertThatThrownBy(() -> Message.of("edit.frame", "count")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Message.of("edit.frame", "count", new Object()))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
