package sectorum.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Plain HTTP against the running application, as any client would. Each has a jar of cookies of its own, as a browser has. */
public record Http(URI base, HttpClient client) {
    private static final JsonMapper JSON = JsonMapper.shared();

    /** Somebody who has never been here. */
    public static Http stranger(URI base) {
        return new Http(
                base, HttpClient.newBuilder().cookieHandler(new CookieManager()).build());
    }

    /** Whoever is at the machine, in the workshop that nobody has made theirs. */
    public static Http entered(URI base) {
        Http http = stranger(base);
        if (http.post("/api/enter", "").status() != 204) {
            throw new IllegalStateException("Nobody is let in at " + base);
        }
        return http;
    }

    /** What came back. */
    public record Answer(HttpResponse<byte[]> raw) {
        public int status() {
            return raw.statusCode();
        }

        public String text() {
            return new String(raw.body(), java.nio.charset.StandardCharsets.UTF_8);
        }

        public JsonNode json() {
            return JSON.readTree(raw.body());
        }

        public String header(String name) {
            return raw.headers().firstValue(name).orElse("");
        }
    }

    /** What the jar holds, as a header says it. */
    public String cookies() {
        return ((CookieManager) client.cookieHandler().orElseThrow())
                .getCookieStore().get(base).stream()
                        .map(c -> c.getName() + "=" + c.getValue())
                        .collect(Collectors.joining("; "));
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, String body) {
        return send("POST", path, body);
    }

    /** A file sent as it is. */
    public Answer bytes(String path, byte[] body) {
        return answer(HttpRequest.newBuilder(base.resolve(path))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    public Answer send(String method, String path, String body) {
        HttpRequest request = HttpRequest.newBuilder(base.resolve(path))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
        return answer(request);
    }

    private Answer answer(HttpRequest request) {
        try {
            return new Answer(client.send(request, HttpResponse.BodyHandlers.ofByteArray()));
        } catch (IOException e) {
            throw new IllegalStateException(request.method() + " " + request.uri(), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
