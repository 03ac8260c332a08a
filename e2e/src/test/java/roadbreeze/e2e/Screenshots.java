package roadbreeze.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Renews the pictures of the README from the demo yard; runs only for {@code ./road-breeze shots}. */
@EnabledIfSystemProperty(named = "roadbreeze.shots", matches = ".+")
class Screenshots {
  private final Path folder = Path.of(System.getProperty("roadbreeze.shots"));

  @Test
  void takeAll() {
    try (Browser browser = new Browser("shots", "demo");
        BrowserContext window = browser.window()) {
      Page page = window.newPage();
      page.navigate("/");
      Browser.ready(page);
      shot(page, "yard");
      page.getByText("Hive utility", new Page.GetByTextOptions().setExact(true)).click();
      Browser.ready(page);
      page.waitForSelector("[data-target]");
      shot(page, "haul");
      String[] screens = {"heat", "switching", "mounting", "lines"};
      for (int i = 0; i < screens.length; i++) {
        page.keyboard().press(String.valueOf(i + 2));
        page.waitForURL("**/" + screens[i]);
        Browser.ready(page);
        page.waitForTimeout(700); // charts draw in
        shot(page, screens[i]);
      }
      page.keyboard().press("6");
      page.waitForSelector("[data-sheet]");
      shot(page, "sheet");
      page.keyboard().press("1");
      page.waitForSelector("[data-target]");
      page.locator("[data-fluid=coolant]").click();
      page.waitForSelector("[data-working]");
      page.waitForTimeout(500);
      shot(page, "working");
      page.keyboard().press("Escape");
      page.locator("[data-working]").waitFor(
          new com.microsoft.playwright.Locator.WaitForOptions()
              .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
      page.getByText("Night").click();
      page.keyboard().press("2");
      page.waitForTimeout(900);
      shot(page, "heat-night");
    }
  }

  private void shot(Page page, String name) {
    page.mouse().move(2, 790);
    page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
  }
}
