package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a request says its host is, anybody can make up; it must not be what thirty children scan. */
@ExtendWith(RealServer.class)
class QrAddressTest {
    @ParameterizedTest
    @CsvSource({
        "127.0.0.1, 200",
        "localhost, 200",
        "192.168.7.20, 200",
        "evil.example, 421",
        "127.0.0.1.evil.example, 421",
        "localhost.evil.example, 421"
    })
    void a_host_that_is_made_up_is_no_address_for_students(String host, int status, RealServer server)
            throws IOException {
        Api teacher = new School(server).asTeacher();
        URI at = URI.create(server.address());
        try (Socket socket = new Socket(at.getHost(), at.getPort())) {
            String asked = "GET /api/v1/qr/K4RVT7 HTTP/1.1\r\nHost: " + host + ":8080\r\nCookie: "
                    + teacher.cookieHeader() + "\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(asked.getBytes(StandardCharsets.UTF_8));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 " + status);
        }
    }
}
