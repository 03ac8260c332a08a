package roadbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import roadbreeze.gauge.Gauge;

/**
 * The live screen in front of a drive that goes on for an hour, ten rows a second: how many of them
 * it shows, and how its memory and the server's are at a quarter of it and at its end. Runs only
 * for {@code ./road-breeze bench live}.
 */
@EnabledIfSystemProperty(named = "roadbreeze.live", matches = "[0-9]+")
class LiveBench {
  private static final int MINUTES = Integer.getInteger("roadbreeze.live", 60);

  @Test
  void aScreenHoldsTenRowsASecondWithoutGrowth() throws Exception {
    try (Browser browser = new Browser("live_bench", "demo");
        BrowserContext window = browser.window();
        Gauge gauge = new Gauge(0)) {
      Page page = window.newPage();
      page.navigate("/");
      Browser.ready(page);
      page.getByText("Hive utility").first().click();
      page.waitForURL("**/haul");
      page.keyboard().press("c");
      page.getByLabel("Gauge", new Page.GetByLabelOptions().setExact(true))
          .fill("127.0.0.1:" + gauge.port());
      page.locator(".door input[value='1']").click();
      page.locator("[data-drive-it]").click();
      page.locator(".live[data-ready]").waitFor();
      // So slowly that its road lasts.
      String drive = page.url().substring(page.url().lastIndexOf('/') + 1);
      page.request()
          .post(
              "/api/live/" + drive + "/ask",
              RequestOptions.create().setData(Map.of("line", "wheel fastest=20")));
      page.evaluate(
          "() => { window.shown = 0; new MutationObserver(() => window.shown++)"
              + ".observe(document.querySelector('.live'), {attributes: true, attributeFilter: ['data-row']}) }");
      CDPSession devtools = window.newCDPSession(page);
      Thread.sleep(MINUTES * 15_000L);
      Memory quarter = Memory.of(devtools);
      Object before = page.evaluate("() => window.shown");
      long from = System.nanoTime();
      Thread.sleep(MINUTES * 45_000L);
      double seconds = (System.nanoTime() - from) / 1e9;
      int shown = ((Number) page.evaluate("() => window.shown")).intValue();
      double rate = (shown - ((Number) before).intValue()) / seconds;
      Memory end = Memory.of(devtools);
      System.out.printf(
          "live screen, %d min: %.1f rows a second shown; page %.1f -> %.1f MB, server %.1f -> %.1f MB%n",
          MINUTES, rate, quarter.page, end.page, quarter.server, end.server);
      assertThat(rate).isGreaterThan(8);
      assertThat(end.page).isLessThan(1.2 * quarter.page + 2);
      assertThat(end.server).isLessThan(1.2 * quarter.server + 10);
    }
  }

  /** What is held after all that is over was cleared away, MB. */
  private record Memory(double page, double server) {
    static Memory of(CDPSession devtools) throws InterruptedException {
      devtools.send("HeapProfiler.collectGarbage");
      double heap = devtools.send("Runtime.getHeapUsage").get("usedSize").getAsDouble();
      System.gc();
      Thread.sleep(500);
      System.gc();
      Runtime machine = Runtime.getRuntime();
      double used = machine.totalMemory() - machine.freeMemory();
      return new Memory(heap / 1e6, used / 1e6);
    }
  }
}
