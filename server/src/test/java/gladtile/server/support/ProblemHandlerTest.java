package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletRequest;
import java.io.EOFException;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.Test;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

class ProblemHandlerTest {
    private final HttpServletRequest request = mock();

    @Test
    void whoever_has_gone_is_not_answered() {
        when(request.getMethod()).thenReturn("GET");
        assertThat(answer(new ClientAbortException(new IOException("Broken pipe"))))
                .isNull();
        assertThat(answer(new EOFException())).isNull();
    }

    @Test
    void whoever_only_stopped_sending_is_told_that_nothing_was_taken() {
        when(request.getMethod()).thenReturn("POST");
        assertThat(answer(new EOFException()).getStatusCode().value()).isEqualTo(400);
    }

    /** PostgreSQL's class 08 is a connection that broke, 57P01 a server that is being stopped (its manual, appendix A). */
    @Test
    void a_database_that_is_away_is_no_fault_of_the_request() {
        when(request.getMethod()).thenReturn("POST");
        for (Exception away : List.of(
                new SQLTransientConnectionException("Connection is not available, request timed out after 10000ms."),
                new SQLException("the connection attempt failed", "08001"),
                new SQLException("terminating connection due to administrator command", "57P01"))) {
            ResponseEntity<ProblemDetail> answer = answer(new IllegalStateException(away));
            assertThat(answer.getStatusCode().value()).isEqualTo(503);
            assertThat(answer.getBody().getDetail()).contains("What was saved is safe");
        }
    }

    @Test
    void a_fault_is_answered_without_its_insides() {
        ResponseEntity<ProblemDetail> answer = answer(new IllegalStateException("table person has no column pin"));
        assertThat(answer.getStatusCode().value()).isEqualTo(500);
        assertThat(answer.getBody().getDetail())
                .contains("What was saved before is safe")
                .doesNotContain("person");
    }

    private ResponseEntity<ProblemDetail> answer(Exception e) {
        return new ProblemHandler(new MessageRenderer()).unexpected(e, request);
    }
}
