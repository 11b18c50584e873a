package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletRequest;
import java.io.EOFException;
import java.io.IOException;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.Test;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

class ProblemsTest {
    private final HttpServletRequest request = mock();

    @Test
    void whoever_has_gone_is_not_answered() {
        when(request.getMethod()).thenReturn("GET");
        assertThat(answer(new ClientAbortException(new IOException("Broken pipe"))))
                .isNull();
        assertThat(answer(new EOFException())).isNull();
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
        return new Problems().unexpected(e, request);
    }
}
