package roadbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Random edits of a job for as long as asked: no error, no number that is none, and memory that
 * does not grow. Runs only for {@code ./road-breeze soak}.
 */
@EnabledIfSystemProperty(named = "roadbreeze.soak", matches = "\\d+")
class Soak {
  private static final Duration LASTS =
      Duration.ofMinutes(Integer.getInteger("roadbreeze.soak", 120));
  private static final long SEED = Long.getLong("roadbreeze.seed", System.currentTimeMillis());
  private static final String SCREENS = "123456789j";

  /** What leaves the job, or asks the machine for a file or a printer. */
  private static final Pattern NOT_PRESSED =
      Pattern.compile(
          ".*(Remove|Archive|Export|Import|Print|Download|Yard|Save as|GPX|CSV|JSON|SVG|PDF).*");

  private static final Pattern NO_NUMBER = Pattern.compile("\\b(NaN|undefined|Infinity)\\b");

  /** A refused input is answered 400, and the browser says so on its console. */
  private static final Pattern EXPECTED = Pattern.compile(".*status of (400|409).*");

  private final Random random = new Random(SEED);
  private final Deque<String> steps = new ArrayDeque<>();
  private final List<String> wrong = new ArrayList<>();
  private final List<double[]> heaps = new ArrayList<>();
  private int done;

  @Test
  void randomEditsLeaveNoErrorAndNoGrowth() {
    System.out.printf("soak: %d minutes, -Droadbreeze.seed=%d%n", LASTS.toMinutes(), SEED);
    try (Browser browser = new Browser("soak", "demo");
        BrowserContext window = browser.window()) {
      Page page = window.newPage();
      listen(page);
      page.navigate("/");
      Browser.ready(page);
      page.getByLabel("What to do with Hive utility").click();
      page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Copy")).click();
      page.waitForURL("**/haul");
      Browser.ready(page);
      String home = page.url();
      CDPSession inside = window.newCDPSession(page);
      Instant end = Instant.now().plus(LASTS);
      Instant next = Instant.now();
      while (Instant.now().isBefore(end)) {
        step(page, home);
        if (Instant.now().isAfter(next)) {
          heaps.add(heaps(inside));
          report();
          next = next.plusSeconds(30);
        }
        assertThat(wrong).as("after %s", steps).isEmpty();
      }
    }
    int part = heaps.size() / 3;
    for (int which = 0; which < 2; which++) {
      double first = least(heaps.subList(part, 2 * part), which);
      double last = least(heaps.subList(2 * part, heaps.size()), which);
      assertThat(last)
          .as(which == 0 ? "the page's heap, MB" : "the server's heap, MB")
          .isLessThan(first * 1.3 + 20);
    }
  }

  /** What is left when the garbage is out shows in the least of a while. */
  private static double least(List<double[]> some, int which) {
    return some.stream().mapToDouble(h -> h[which]).min().orElse(0);
  }

  private void report() {
    double[] now = heaps.get(heaps.size() - 1);
    System.out.printf(
        Locale.ROOT, "soak: %d steps, page %.0f MB, server %.0f MB%n", done, now[0], now[1]);
  }

  private void listen(Page page) {
    page.onPageError(e -> wrong.add("page error: " + e));
    page.onConsoleMessage(
        m -> {
          if (m.type().equals("error") && !EXPECTED.matcher(m.text()).matches()) {
            wrong.add("console: " + m.text());
          }
        });
    // Not by a listener: what it hears of, bodies and all, is kept on this side.
    page.addInitScript(
        "const asked = window.fetch; window.failed = [];"
            + "window.fetch = async (...of) => { const answer = await asked(...of);"
            + " if (answer.status >= 500) window.failed.push(answer.status + ' ' + answer.url);"
            + " return answer }");
    page.onDialog(d -> d.dismiss());
  }

  private void step(Page page, String home) {
    done++;
    try {
      act(page);
    } catch (PlaywrightException e) {
      steps.add("  (gone before it was reached)"); // a hand is late too
    }
    page.waitForTimeout(random.nextInt(400));
    Object failed = page.evaluate("() => window.failed?.join(', ') ?? ''");
    if (!failed.toString().isEmpty()) {
      wrong.add("answered with " + failed);
    }
    String body = page.locator("body").innerText();
    if (NO_NUMBER.matcher(body).find()) {
      wrong.add("no number on " + page.url());
    }
    String job = home.substring(0, home.lastIndexOf('/'));
    if (!page.url().startsWith(job)) {
      page.navigate(home);
      Browser.ready(page);
    }
    while (steps.size() > 25) {
      steps.removeFirst();
    }
  }

  private void act(Page page) {
    switch (random.nextInt(10)) {
      case 0, 1 -> {
        String key = String.valueOf(SCREENS.charAt(random.nextInt(SCREENS.length())));
        page.keyboard().press("Escape");
        page.locator("h1, h2").first().click(new Locator.ClickOptions().setTimeout(500));
        page.keyboard().press(key);
        steps.add("key " + key);
      }
      case 2, 3, 4, 5 -> edit(page);
      case 6 -> press(page, page.getByRole(AriaRole.SLIDER));
      case 7 -> {
        steps.add("undo or redo");
        click(page.getByText(random.nextInt(3) == 0 ? "Redo" : "Undo"));
      }
      default -> {
        Locator buttons = page.locator("main button:visible, .frame button:visible");
        Locator one = any(buttons);
        if (one != null && !NOT_PRESSED.matcher(one.innerText()).matches()) {
          steps.add("button " + one.innerText().replace('\n', ' '));
          click(one);
        }
      }
    }
  }

  private void edit(Page page) {
    Locator one = any(page.locator(".frame input[type=text]:visible, .frame input:not([type])"));
    if (one == null) {
      return;
    }
    String old = one.inputValue();
    String typed = typed(old);
    steps.add("type “" + typed + "” over “" + old + "” at " + one.getAttribute("aria-label"));
    one.fill(typed, new Locator.FillOptions().setTimeout(1000));
    one.press(random.nextBoolean() ? "Enter" : "Tab");
  }

  /** Mostly another number near the one that stood there, sometimes what nobody should type. */
  private String typed(String old) {
    String number = old.replaceAll("[^0-9.,-]", "").replace(",", "");
    int kind = random.nextInt(12);
    if (kind == 0) {
      return "";
    }
    if (kind == 1) {
      return List.of("abc", "1e9", "−5", "0", "53 °F", "999999").get(random.nextInt(6));
    }
    try {
      double value = Double.parseDouble(number);
      return String.format(Locale.ROOT, "%.3f", value * (0.7 + 0.6 * random.nextDouble()));
    } catch (NumberFormatException e) {
      return "note " + random.nextInt(100);
    }
  }

  private void press(Page page, Locator sliders) {
    Locator one = any(sliders);
    if (one != null) {
      one.focus(new Locator.FocusOptions().setTimeout(500));
      for (int i = random.nextInt(6); i >= 0; i--) {
        page.keyboard().press(random.nextBoolean() ? "ArrowUp" : "ArrowDown");
      }
      steps.add("slider " + one.getAttribute("aria-label"));
    }
  }

  private void click(Locator what) {
    what.first().click(new Locator.ClickOptions().setTimeout(500));
  }

  private Locator any(Locator all) {
    int count = all.count();
    return count == 0 ? null : all.nth(random.nextInt(count));
  }

  /**
   * Of the page and of the server, after their garbage is collected, MB. The browser keeps some 300
   * bytes of each request for whoever drives it, which shows in the page's: about 1 MB for a
   * thousand steps.
   */
  private static double[] heaps(CDPSession inside) {
    inside.send("HeapProfiler.collectGarbage");
    JsonObject page = inside.send("Runtime.getHeapUsage");
    System.gc();
    Runtime server = Runtime.getRuntime();
    double megabyte = 1024 * 1024;
    return new double[] {
      page.get("usedSize").getAsDouble() / megabyte,
      (server.totalMemory() - server.freeMemory()) / megabyte
    };
  }
}
