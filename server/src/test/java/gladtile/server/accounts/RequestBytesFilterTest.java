package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import gladtile.server.support.ComputingBudget;
import jakarta.servlet.FilterChain;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.context.SecurityContextHolder;

class RequestBytesFilterTest {
    private final RequestBytesFilter filter = new RequestBytesFilter(mock(ComputingBudget.class));
    private final CurrentUser ada = person();
    private final CurrentUser bo = person();
    private int deepest;

    private static CurrentUser person() {
        return new CurrentUser(UUID.randomUUID(), UUID.randomUUID(), CurrentUser.Role.TEACHER, "Somebody");
    }

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    /** While each request is answered the next one comes. @return the status of the last */
    private int within(CurrentUser user, int requests, long bytes) throws Exception {
        SecurityContextHolder.setContext(SessionUser.contextOf(user));
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/v1/files") {
            @Override
            public long getContentLengthLong() {
                return bytes;
            }
        };
        request.setRequestURI("/api/v1/files");
        MockHttpServletResponse response = new MockHttpServletResponse();
        AtomicInteger inner = new AtomicInteger();
        FilterChain chain = (asked, answered) -> {
            deepest++;
            if (requests > 1) {
                try {
                    inner.set(within(user, requests - 1, bytes));
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }
        };
        filter.doFilter(request, response, chain);
        return requests > 1 && inner.get() != 0 ? inner.get() : response.getStatus();
    }

    @Test
    void one_sends_so_many_bytes_at_once_and_the_next_is_asked_to_come_again() throws Exception {
        long third = RequestBytesFilter.BYTES_EACH / 3;
        assertThat(within(ada, 3, third)).isEqualTo(200);
        deepest = 0;
        assertThat(within(ada, 5, third)).isEqualTo(429);
        assertThat(deepest).isEqualTo(3);
        // Nothing is held on to, and nobody else is held up.
        assertThat(within(ada, 3, third)).isEqualTo(200);
        assertThat(within(bo, 3, third)).isEqualTo(200);
    }

    @Test
    void a_number_that_is_told_to_confuse_does_not() throws Exception {
        assertThat(within(ada, 2, Long.MAX_VALUE)).isEqualTo(429);
        assertThat(within(ada, 1, 10)).isEqualTo(200);
    }

    @Test
    void a_large_one_by_itself_is_bounded_where_it_is_read() throws Exception {
        assertThat(within(ada, 1, RequestBytesFilter.BYTES_EACH * 4)).isEqualTo(200);
    }

    @Test
    void so_many_requests_at_once_and_no_more() throws Exception {
        assertThat(within(ada, RequestBytesFilter.EACH, 10)).isEqualTo(200);
        deepest = 0;
        assertThat(within(ada, RequestBytesFilter.EACH + 3, 10)).isEqualTo(429);
        assertThat(deepest).isEqualTo(RequestBytesFilter.EACH);
    }
}
