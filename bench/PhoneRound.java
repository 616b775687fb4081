import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.BufferedReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Times the round on a phone's screen with a slow processor and network, until its first tick is drawn and can be pressed; see
 * bench/README.md. It speaks to the browser itself: a testing library listens to all a page does, which makes the page
 * half as slow again.
 */
final class PhoneRound implements WebSocket.Listener {
    /** A mid-range phone against this machine, and a mobile network with some bars missing. */
    private static final int SLOWER = 4;

    private static final double MEGABITS = 9;
    private static final double LATENCY_MS = 60;

    private static final int VISITS = 12;
    private static final long STAY_MS = 4000;
    private static final long PATIENCE_S = 30;

    private static final String WATCH =
            """
            new MutationObserver((_, watch) => {
              if (![...document.querySelectorAll("main button")].some((b) => b.textContent.includes("Done"))) return;
              watch.disconnect();
              requestAnimationFrame(() => setTimeout(() => (window.drawnAt = performance.now())));
            }).observe(document, { childList: true, subtree: true });
            """;

    private final Map<Integer, CompletableFuture<JsonObject>> asked = new ConcurrentHashMap<>();
    private final StringBuilder heard = new StringBuilder();
    private WebSocket browser;
    private int last;

    @Override
    public CompletionStage<?> onText(WebSocket socket, CharSequence part, boolean whole) {
        heard.append(part);
        if (whole) {
            JsonObject said = JsonParser.parseString(heard.toString()).getAsJsonObject();
            heard.setLength(0);
            if (said.has("id")) asked.remove(said.get("id").getAsInt()).complete(said);
        }
        socket.request(1);
        return CompletableFuture.completedFuture(null);
    }

    private JsonObject ask(String session, String method, Object... named) throws Exception {
        JsonObject params = new JsonObject();
        for (int i = 0; i < named.length; i += 2) {
            String name = (String) named[i];
            if (named[i + 1] instanceof Number n) params.addProperty(name, n);
            else if (named[i + 1] instanceof Boolean b) params.addProperty(name, b);
            else params.addProperty(name, (String) named[i + 1]);
        }
        JsonObject order = new JsonObject();
        order.addProperty("id", ++last);
        order.addProperty("method", method);
        order.add("params", params);
        if (session != null) order.addProperty("sessionId", session);
        CompletableFuture<JsonObject> answer = new CompletableFuture<>();
        asked.put(last, answer);
        browser.sendText(order.toString(), true);
        JsonObject said = answer.get(PATIENCE_S, TimeUnit.SECONDS);
        if (said.has("error")) throw new IOException(method + ": " + said.get("error"));
        return said.getAsJsonObject("result");
    }

    private double visit(String address) throws Exception {
        String target = ask(null, "Target.createTarget", "url", "about:blank").get("targetId").getAsString();
        String page = ask(null, "Target.attachToTarget", "targetId", target, "flatten", true)
                .get("sessionId")
                .getAsString();
        ask(page, "Page.enable");
        ask(page, "Emulation.setDeviceMetricsOverride", "width", 390, "height", 844, "deviceScaleFactor", 2, "mobile", true);
        ask(page, "Emulation.setCPUThrottlingRate", "rate", SLOWER);
        ask(page, "Network.enable");
        double perSecond = MEGABITS * 1e6 / 8;
        ask(page, "Network.emulateNetworkConditions", "offline", false, "latency", LATENCY_MS, "downloadThroughput", perSecond, "uploadThroughput", perSecond / 3);
        ask(page, "Page.addScriptToEvaluateOnNewDocument", "source", WATCH);
        ask(page, "Page.navigate", "url", address);
        Thread.sleep(STAY_MS);
        JsonObject drawn = ask(page, "Runtime.evaluate", "expression", "window.drawnAt").getAsJsonObject("result");
        ask(null, "Target.closeTarget", "targetId", target);
        if (!drawn.has("value")) throw new IOException("No Done within " + STAY_MS + " ms: is anything due in this garden?");
        return drawn.get("value").getAsDouble();
    }

    /** Where the browser listens: it says so on its error stream. */
    private static URI listening(Process started) throws IOException {
        BufferedReader said = started.errorReader();
        Pattern address = Pattern.compile("ws://\\S+");
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            Matcher found = address.matcher(line);
            if (found.find()) return URI.create(found.group());
        }
        throw new IOException("The browser ended without saying where it listens.");
    }

    public static void main(String[] args) throws Exception {
        Path profile = Files.createTempDirectory("even-cistern-phone");
        Process started = new ProcessBuilder(
                        "/usr/bin/chromium",
                        "--headless=new",
                        "--no-sandbox",
                        "--disable-gpu",
                        "--no-first-run",
                        "--remote-debugging-port=0",
                        "--user-data-dir=" + profile,
                        "about:blank")
                .start();
        try {
            PhoneRound phone = new PhoneRound();
            phone.browser = HttpClient.newHttpClient()
                    .newWebSocketBuilder()
                    .buildAsync(listening(started), phone)
                    .get(PATIENCE_S, TimeUnit.SECONDS);
            double first = phone.visit(args[0]);
            List<Double> again = new ArrayList<>();
            for (int i = 1; i < VISITS; i++) again.add(phone.visit(args[0]));
            again.sort(null);
            System.out.printf(
                    Locale.ROOT,
                    "round on a slow phone: first visit %.0f ms; opened again, %d times: least %.0f, median %.0f, most %.0f ms%n",
                    first,
                    again.size(),
                    again.get(0),
                    again.get(again.size() / 2),
                    again.get(again.size() - 1));
        } finally {
            started.destroy();
            started.waitFor();
            try (var files = Files.walk(profile)) {
                for (Path file : files.sorted(java.util.Comparator.reverseOrder()).toList()) Files.deleteIfExists(file);
            }
        }
    }
}
