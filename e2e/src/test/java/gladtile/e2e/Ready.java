package gladtile.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/** Waits until a server process says that it can do its work. */
final class Ready {
    private Ready() {}

    static void wait(String address, Process process) {
        long until = System.nanoTime() + Duration.ofSeconds(240).toNanos();
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest health =
                HttpRequest.newBuilder(URI.create(address + "/api/health")).build();
        while (System.nanoTime() < until) {
            try {
                if (client.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 204) {
                    return;
                }
                process.waitFor(100, TimeUnit.MILLISECONDS);
            } catch (IOException notYet) {
                ended(process);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("the server did not get ready");
    }

    private static void ended(Process process) {
        try {
            if (process.waitFor(100, TimeUnit.MILLISECONDS)) {
                throw new IllegalStateException("the server ended; target/demo-server.log says why");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
