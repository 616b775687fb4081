package evencistern.testkit;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to a running application as a page would: JSON, a cookie and its token. */
public final class Api {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;
    private final @Nullable String language;

    /** A client of the application at {@code address}, such as {@code http://127.0.0.1:8484}. */
    public Api(String address) {
        this(address, null);
    }

    private Api(String address, @Nullable String language) {
        this.address = address;
        this.language = language;
    }

    /** A client that asks for its answers in a language (BCP 47). */
    public Api in(String language) {
        return new Api(address, language);
    }

    /** What came back. */
    public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
        /** The codes of the faults told, in order. */
        public java.util.List<String> faults() {
            return body.path("faults")
                    .valueStream()
                    .map(f -> f.path("code").asString())
                    .toList();
        }

        /** The body, if the call went well. */
        public JsonNode ok() {
            if (status >= 300) {
                throw new AssertionError("status " + status + ": " + raw.body());
            }
            return body;
        }
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body);
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, body);
    }

    /** Any body, even one that is no JSON. */
    public Answer raw(String method, String path, String body, boolean withToken) {
        return exchange(method, path, body, withToken);
    }

    private Answer send(String method, String path, @Nullable Object body) {
        return exchange(method, path, body == null ? null : JSON.writeValueAsString(body), true);
    }

    /** Any body whose length is not told before. */
    public Answer streamed(String method, String path, Supplier<InputStream> body) {
        return exchange(method, path, HttpRequest.BodyPublishers.ofInputStream(body), true);
    }

    private Answer exchange(String method, String path, @Nullable String body, boolean withToken) {
        return exchange(method, path, body == null ? null : HttpRequest.BodyPublishers.ofString(body), withToken);
    }

    private Answer exchange(String method, String path, HttpRequest.@Nullable BodyPublisher body, boolean withToken) {
        if (body != null && withToken && token() == null) {
            get("/api/gardens");
        }
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofSeconds(60));
        if (body == null) {
            request.method(method, HttpRequest.BodyPublishers.noBody());
        } else {
            request.method(method, body);
            request.header("Content-Type", "application/json");
        }
        if (language != null) {
            request.header("Accept-Language", language);
        }
        String token = token();
        if (withToken && token != null) {
            request.header("X-XSRF-TOKEN", token);
        }
        try {
            HttpResponse<String> raw = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = raw.headers().firstValue("Content-Type").orElse("");
            JsonNode json =
                    type.contains("json") && !raw.body().isEmpty() ? JSON.readTree(raw.body()) : JSON.missingNode();
            return new Answer(raw.statusCode(), json, raw);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private @Nullable String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse(null);
    }

    /** A garden that no other test knows. */
    public JsonNode freshGarden() {
        return post(
                        "/api/gardens",
                        Map.of(
                                "name",
                                "Test bed " + UUID.randomUUID().toString().substring(0, 8),
                                "timeZone",
                                "Europe/London",
                                "latitude",
                                Map.of("text", "52.4", "unit", "°"),
                                "unitHabit",
                                "metric",
                                "hand",
                                "spoons"))
                .ok();
    }
}
