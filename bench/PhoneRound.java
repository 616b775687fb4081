import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Times the round on a phone's screen with a slow processor and network, until its first tick can be pressed; see bench/README.md. */
final class PhoneRound {
    /** A mid-range phone against this machine, and a mobile network with some bars missing. */
    private static final int SLOWER = 4;

    private static final double MEGABITS = 9;
    private static final double LATENCY_MS = 60;

    private static void slow(BrowserContext context, Page page) {
        CDPSession devtools = context.newCDPSession(page);
        JsonObject processor = new JsonObject();
        processor.addProperty("rate", SLOWER);
        devtools.send("Emulation.setCPUThrottlingRate", processor);
        devtools.send("Network.enable");
        JsonObject network = new JsonObject();
        network.addProperty("offline", false);
        network.addProperty("latency", LATENCY_MS);
        network.addProperty("downloadThroughput", MEGABITS * 1e6 / 8);
        network.addProperty("uploadThroughput", MEGABITS * 1e6 / 8 / 3);
        devtools.send("Network.emulateNetworkConditions", network);
    }

    private static double round(BrowserContext context, String address) {
        Page page = context.newPage();
        slow(context, page);
        long start = System.nanoTime();
        page.navigate(address);
        page.locator("button", new Page.LocatorOptions().setHasText("Done")).first().waitFor();
        double ms = (System.nanoTime() - start) / 1e6;
        page.waitForTimeout(1500);
        page.close();
        return ms;
    }

    public static void main(String[] args) {
        String address = args[0];
        Map<String, List<Double>> taken = new TreeMap<>();
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(List.of("--no-sandbox", "--disable-gpu")))) {
            for (int i = 0; i < 7; i++) {
                try (BrowserContext phone = browser.newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setIsMobile(true)
                        .setHasTouch(true))) {
                    taken.computeIfAbsent("first visit", k -> new java.util.ArrayList<>()).add(round(phone, address));
                    taken.computeIfAbsent("opened again", k -> new java.util.ArrayList<>()).add(round(phone, address));
                }
            }
        }
        taken.forEach((what, ms) -> System.out.printf(
                java.util.Locale.ROOT,
                "round on a slow phone, %-14s median %5.0f ms, longest %5.0f ms%n",
                what,
                ms.stream().sorted().toList().get(ms.size() / 2),
                ms.stream().mapToDouble(Double::doubleValue).max().orElseThrow()));
    }
}
