package gladtile.server.testkit;

import gladtile.core.json.Json;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Speaks to the server as a browser does: cookies, the token that goes with changes, JSON. */
public final class Api {
    private final String address;
    /** One for all: each has threads of its own that never rest, and a thousand of them are a load by themselves. */
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private final CookieManager cookies = new CookieManager();

    public Api(String address) {
        this.address = address;
        get("/api/v1/me");
    }

    /** What the server said. @param json missing node when there was none */
    public record Answer(int status, JsonNode json, String type) {
        /** Of an answer that is a list: what is in this part of it. */
        public JsonNode items() {
            return json.path("items");
        }

        public String text(String field) {
            return json.path(field).asString("");
        }

        public boolean isProblem() {
            return type.startsWith("application/problem+json")
                    && json.path("status").asInt() == status;
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** @param body bytes go as they are, anything else as JSON */
    public Answer post(String path, Object body) {
        if (body instanceof byte[] bytes) {
            return send(request(path)
                    .header("Content-Type", "application/octet-stream")
                    .POST(BodyPublishers.ofByteArray(bytes)));
        }
        return postText(path, Json.write(body));
    }

    public Answer patch(String path, Object body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .method("PATCH", BodyPublishers.ofString(Json.write(body))));
    }

    /** @param body bytes go as they are, anything else as JSON */
    public Answer put(String path, Object body) {
        if (body instanceof byte[] bytes) {
            return send(request(path)
                    .header("Content-Type", "application/octet-stream")
                    .PUT(BodyPublishers.ofByteArray(bytes)));
        }
        return send(request(path)
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString(Json.write(body))));
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    public Answer postText(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(json)));
    }

    /** A body of any sort, also a broken one. */
    public Answer postAs(String type, String path, byte[] body) {
        return send(request(path).header("Content-Type", type).POST(BodyPublishers.ofByteArray(body)));
    }

    /** A file as a form's only part. */
    public Answer upload(String path, String fileName, byte[] bytes) {
        return form(path, List.of(new Part("file", fileName, bytes)));
    }

    /** A part of a form. @param fileName null for a plain field */
    public record Part(String name, String fileName, byte[] bytes) {
        public static Part field(String name, String value) {
            return new Part(name, null, value.getBytes(StandardCharsets.UTF_8));
        }
    }

    public Answer form(String path, List<Part> parts) {
        String line = "----glad-tile-part";
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        for (Part part : parts) {
            String file = part.fileName == null
                    ? ""
                    : "; filename=\"" + part.fileName + "\"\r\nContent-Type: application/octet-stream";
            whole.writeBytes(
                    ("--" + line + "\r\nContent-Disposition: form-data; name=\"" + part.name + "\"" + file + "\r\n\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            whole.writeBytes(part.bytes);
            whole.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        }
        whole.writeBytes(("--" + line + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(request(path)
                .header("Content-Type", "multipart/form-data; boundary=" + line)
                .POST(BodyPublishers.ofByteArray(whole.toByteArray())));
    }

    /** Part of a file, as a player asks for it. @param range such as {@code bytes=0-99} */
    public HttpResponse<byte[]> part(String path, String range) {
        return exchange(request(path).header("Range", range).GET(), BodyHandlers.ofByteArray());
    }

    /** Asks again for what one has already. @param tag as it came with it */
    public HttpResponse<byte[]> unlessSame(String path, String tag) {
        return exchange(request(path).header("If-None-Match", tag).GET(), BodyHandlers.ofByteArray());
    }

    public HttpResponse<byte[]> raw(String path) {
        return exchange(request(path).GET(), BodyHandlers.ofByteArray());
    }

    /** The status and, for a refusal, the problem; the body of a stream is left unread. */
    public Answer head(String path) {
        HttpResponse<InputStream> response = exchange(request(path).GET(), BodyHandlers.ofInputStream());
        String type = response.headers().firstValue("Content-Type").orElse("");
        try (InputStream body = response.body()) {
            String text = type.contains("json") ? new String(body.readAllBytes(), StandardCharsets.UTF_8) : "{}";
            return new Answer(response.statusCode(), Json.read(text, JsonNode.class), type);
        } catch (IOException e) {
            throw new IllegalStateException(path, e);
        }
    }

    /** Lines of a stream of events, as they come. */
    public Stream<String> events(String path) {
        return exchange(HttpRequest.newBuilder(URI.create(address + path)), BodyHandlers.ofLines())
                .body();
    }

    public Api signInTeacher(String name, String password) {
        Answer answer = post("/api/v1/session", Map.of("name", name, "password", password));
        if (answer.status() != 200) {
            throw new IllegalStateException("sign-in: " + answer);
        }
        return this;
    }

    /** The cookies that signing in sets, as the server wrote them. */
    public List<String> signInHeaders(String name, String password) {
        HttpRequest.Builder request = request("/api/v1/session")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(Json.write(Map.of("name", name, "password", password))));
        return exchange(request, BodyHandlers.discarding()).headers().allValues("Set-Cookie");
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    public String cookieHeader() {
        return cookies.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
    }

    /** Without the token, as another site's page would send it. */
    public Answer postWithoutToken(String path, Object body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(Json.write(body))));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofSeconds(30))
                .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
    }

    private Answer send(HttpRequest.Builder request) {
        HttpResponse<String> response = exchange(request, BodyHandlers.ofString());
        String type = response.headers().firstValue("Content-Type").orElse("");
        boolean json = type.contains("json") && !response.body().isEmpty();
        Contract.check(
                response.request().method(), response.uri().getPath(), response.statusCode(), type, response.body());
        return new Answer(response.statusCode(), Json.read(json ? response.body() : "{}", JsonNode.class), type);
    }

    private <T> HttpResponse<T> exchange(HttpRequest.Builder request, HttpResponse.BodyHandler<T> body) {
        String sent = cookieHeader();
        if (!sent.isEmpty()) {
            request.header("Cookie", sent);
        }
        HttpRequest whole = request.build();
        try {
            HttpResponse<T> response = CLIENT.send(whole, body);
            cookies.put(whole.uri(), response.headers().map());
            return response;
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException("the server did not answer " + whole.uri(), e);
        }
    }
}
