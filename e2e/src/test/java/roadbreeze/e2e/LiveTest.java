package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roadbreeze.gauge.Gauge;

/** Somebody drives the simulated truck up the hill, with the screen in front of him. */
class LiveTest extends OnACopy {
  LiveTest() {
    super("live_screen_test", "Hive utility");
  }

  private static final LocatorAssertions.ContainsTextOptions SOON =
      new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);

  @Test
  void aClimbIsDrivenByItsScreen() throws IOException {
    try (Gauge gauge = new Gauge(0)) {
      page.keyboard().press("c");
      page.waitForURL("**/live");
      page.getByLabel("Gauge", new Page.GetByLabelOptions().setExact(true)).fill("127.0.0.1:9");
      page.locator("[data-drive-it]").click();
      assertThat(page.locator(".door [role=alert]")).containsText("gauge is at a port");
      page.getByLabel("Gauge", new Page.GetByLabelOptions().setExact(true))
          .fill("127.0.0.1:" + gauge.port());
      page.locator(".door input[value='30']").click();
      page.locator("[data-drive-it]").click();
      page.waitForURL(Pattern.compile(".*/live/[0-9a-f-]{36}"));
      Locator live = page.locator(".live");
      assertThat(page.locator("[data-link-words]")).containsText("live", SOON);
      assertThat(live).containsText("simulated");
      assertThat(page.locator("[data-headroom]")).containsText("+");
      assertThat(page.locator("[data-least]")).containsText("least in the next ten minutes", SOON);
      // What is done at the wheel is seen on the truck.
      page.locator("[data-fan]").click();
      assertThat(page.locator(".rest"))
          .containsText(
              Pattern.compile("fan ?(9[0-9]|100) %"),
              new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
      page.locator("[data-slower]").click();
      assertThat(page.locator("[data-wheel]")).containsText("no faster than");
      // Whoever comes back to it sees what is asked of it.
      page.reload();
      assertThat(page.locator("[data-fan]")).hasAttribute("aria-pressed", "true");
      assertThat(page.locator("[data-wheel]")).containsText("no faster than");
      page.locator("[data-wrong]").click();
      page.getByText("pan in °F").click();
      assertThat(page.locator("[data-alarm]")).containsText("another unit", SOON);
      page.getByText("all well again").click();
      assertThat(page.locator("[data-alarm]"))
          .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(20_000));
      // A number that is old is shown as old.
      gauge.close();
      assertThat(page.locator("[data-link-words]")).containsText("gauge is away", SOON);
      assertThat(live).hasClass(Pattern.compile(".*\\bold\\b.*"));
      page.locator("[data-end-drive]").click();
      Locator result = page.locator("[data-result]");
      assertThat(result).containsText("Nobody does anything", SOON);
      assertThat(result).containsText("At its best");
      assertThat(result.locator("tbody tr")).hasCount(3);
      result.getByText("Close").click();
      page.waitForTimeout(3000);
      assertThat(page.locator("[data-link-words]")).containsText("ended");
      // It stays as a drive of this truck.
      page.locator("[data-back]").click();
      page.waitForURL("**/live");
      page.keyboard().press("v");
      assertThat(page.locator("[data-run]")).containsText("Drive of today");
    }
  }
}
