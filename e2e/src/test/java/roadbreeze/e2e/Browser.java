package roadbreeze.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import roadbreeze.server.RoadBreeze;
import roadbreeze.server.TestDatabase;

/** The application on a database of its own, and Debian's Chromium in front of it. */
final class Browser implements AutoCloseable {
  private static final List<String> FLAGS =
      List.of(
          "--no-sandbox",
          "--disable-dev-shm-usage",
          "--disable-gpu",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-domain-reliability",
          "--disable-sync",
          "--no-first-run",
          "--no-pings",
          "--force-color-profile=srgb",
          "--font-render-hinting=none",
          "--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1");

  /** A slow machine is no fault: what comes at all comes by then, ms. */
  private static final int PATIENCE_MS = 30_000;

  private final String databaseUrl;
  private final String[] profiles;
  private final List<String> settings;
  private final Playwright playwright;
  private final com.microsoft.playwright.Browser chromium;
  private ConfigurableApplicationContext application;
  private int port;

  Browser(String database, String... profiles) {
    this(List.of(), database, profiles);
  }

  /**
   * @param settings of the server, as {@code --name=value}
   */
  Browser(List<String> settings, String database, String... profiles) {
    this.settings = settings;
    boolean demo = List.of(profiles).contains("demo");
    databaseUrl = demo ? DemoYard.copy(database) : TestDatabase.create(database);
    this.profiles = profiles;
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    startServer();
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    chromium =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(FLAGS));
  }

  /** Starts the server, on the same port as before if it has run before. */
  void startServer() {
    List<String> all = new ArrayList<>(settings);
    all.add("--server.port=" + port);
    all.add("--spring.datasource.url=" + databaseUrl);
    all.add("--spring.datasource.username=" + TestDatabase.USER);
    all.add("--spring.datasource.password=");
    application =
        new SpringApplicationBuilder(RoadBreeze.class)
            .profiles(profiles)
            .run(all.toArray(new String[0]));
    port = Integer.parseInt(application.getEnvironment().getProperty("local.server.port"));
  }

  void stopServer() {
    application.close();
  }

  <T> T bean(Class<T> type) {
    return application.getBean(type);
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** A fresh window of 1280×800, as a new person would have it. */
  BrowserContext window() {
    return window(1280, 800);
  }

  BrowserContext window(int width, int height) {
    BrowserContext context =
        chromium.newContext(
            new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setBaseURL(address()));
    context.setDefaultTimeout(PATIENCE_MS);
    return context;
  }

  /** A tablet: fingers only. */
  BrowserContext touch(int width, int height) {
    BrowserContext context =
        chromium.newContext(
            new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(true)
                .setIsMobile(true)
                .setBaseURL(address()));
    context.setDefaultTimeout(PATIENCE_MS);
    return context;
  }

  /** Every page of a window asks about the worst stretch held, not about the road. */
  static void held(BrowserContext window) {
    window.addInitScript("localStorage['rb-asked'] ??= 'held'");
  }

  /** Waits until the screen has its numbers and its fonts. */
  static void ready(Page page) {
    page.waitForSelector("[data-ready=true]");
    page.waitForFunction("() => document.fonts.ready.then(() => true)");
  }

  @Override
  public void close() {
    chromium.close();
    playwright.close();
    application.close();
  }
}
