package evencistern.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** One headless Chromium for the whole test run; each test opens its own page and looks at what it complained of. */
final class Browsers {
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private static final Browser CHROMIUM = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    private Browsers() {}

    /** A page with what it threw or asked of other machines. */
    record Opened(BrowserContext context, Page page, List<String> complaints) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    static Opened open(String address, int width, int height, ColorScheme scheme) {
        BrowserContext context = CHROMIUM.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setLocale("en-GB")
                .setReducedMotion(ReducedMotion.REDUCE)
                .setBaseURL(address));
        context.setDefaultTimeout(60_000);
        PlaywrightAssertions.setDefaultAssertionTimeout(60_000);
        Page page = context.newPage();
        List<String> complaints = new ArrayList<>();
        page.onPageError(complaints::add);
        page.onRequest(r -> {
            if (!r.url().startsWith(address) && !r.url().startsWith("data:")) {
                complaints.add("asked another machine: " + r.url());
            }
        });
        return new Opened(context, page, complaints);
    }

    static Opened desk(String address) {
        return open(address, 1280, 800, ColorScheme.LIGHT);
    }

    static Opened phone(String address) {
        return open(address, 390, 844, ColorScheme.LIGHT);
    }
}
