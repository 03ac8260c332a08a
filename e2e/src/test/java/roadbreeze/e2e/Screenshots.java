package roadbreeze.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import roadbreeze.gauge.Gauge;

/**
 * Renews the pictures of the README from the demo yard; runs only for {@code ./road-breeze shots}.
 */
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
      page.waitForSelector("[data-worst]");
      page.waitForTimeout(2500); // how sure it is comes a little later
      shot(page, "haul");
      String[] screens = {
        "rig", "checks", "haul", "heat", "finder", "settle", "switching", "mounting", "lines"
      };
      for (int i = 0; i < screens.length; i++) {
        if (screens[i].equals("haul")) {
          continue; // shot above
        }
        page.keyboard().press(String.valueOf(i + 1));
        page.waitForURL("**/" + screens[i]);
        Browser.ready(page);
        if (screens[i].equals("finder")) {
          page.getByText("Search", new Page.GetByTextOptions().setExact(true)).click();
          page.waitForSelector(
              "[data-status=DONE]", new Page.WaitForSelectorOptions().setTimeout(90_000));
        } else if (screens[i].equals("switching")) {
          page.waitForSelector(
              "[data-proposal] svg", new Page.WaitForSelectorOptions().setTimeout(30_000));
        } else if (screens[i].equals("checks")) {
          page.waitForSelector("[data-suspects]");
        } else if (screens[i].equals("settle")) {
          page.waitForSelector("[data-answer]");
        }
        if (screens[i].equals("mounting")) {
          page.locator("[data-find=cooler-1]").click();
          page.waitForSelector(".places[data-ready]");
          page.locator("[data-place=place-0]").click();
          page.waitForSelector("[data-stand]");
        }
        page.waitForTimeout(700); // charts draw in
        shot(page, screens[i]);
      }
      page.keyboard().press("w");
      page.waitForSelector("[data-circuit]");
      page.waitForTimeout(700);
      shot(page, "wiring");
      page.keyboard().press("o");
      page.waitForSelector("[data-day]");
      page.locator("label:has-text('two people')").click();
      page.waitForSelector("[data-day] [data-step='hang-cooler~cooler-1']");
      page.waitForTimeout(6000); // the best day is looked for
      page.locator("[data-day] [data-step='hang-cooler~cooler-1']").focus();
      page.keyboard().press("Enter");
      page.waitForSelector("[data-step-card]");
      page.waitForTimeout(500);
      shot(page, "order");
      page.keyboard().press("j");
      page.waitForSelector("[data-sheet]");
      bay(page);
      page.keyboard().press("3");
      ask(page, "held");
      page.waitForSelector("[data-target]");
      page.locator("[data-fluid=coolant]").click();
      page.waitForSelector("[data-working]");
      page.waitForTimeout(500);
      shot(page, "working");
      page.keyboard().press("Escape");
      page.locator("[data-working]")
          .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
      page.navigate("/");
      Browser.ready(page);
      page.getByText("Bucket truck", new Page.GetByTextOptions().setExact(true)).click();
      Browser.ready(page);
      page.keyboard().press("8");
      page.waitForURL("**/mounting");
      page.getByText("Fan and shroud", new Page.GetByTextOptions().setExact(true)).click();
      page.waitForSelector("[data-mend]");
      page.getByText("Night").click();
      page.waitForTimeout(900);
      shot(page, "fan-night");
      page.getByText("Day", new Page.GetByTextOptions().setExact(true)).click();
      page.keyboard().press("n");
      page.locator("[data-customer='Linden Bees']").click();
      page.getByText("Its life").click();
      page.waitForSelector("[data-life=ready] circle");
      page.waitForTimeout(500);
      shot(page, "customers");
      page.keyboard().press("d");
      page.waitForSelector(".board[data-ready]");
      page.waitForTimeout(500);
      shot(page, "due");
      page.navigate("/");
      Browser.ready(page);
      page.getByText("Hive utility", new Page.GetByTextOptions().setExact(true)).click();
      Browser.ready(page);
      proof(page);
      live(page);
    }
  }

  private static void ask(Page page, String what) {
    page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("What is asked"))
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(what).setExact(true))
        .check(new Locator.CheckOptions().setForce(true));
  }

  /** A step with its drawing, as it stands in the bay. */
  private void bay(Page page) {
    page.keyboard().press("y");
    page.locator("[data-enter]").click();
    page.waitForURL("**/bay/*");
    page.getByLabel("Your name").fill("Ada Ferrow");
    page.getByText("To the work").click();
    page.getByText("All steps").click();
    page.locator("[data-bay-road] button")
        .filter(new Locator.FilterOptions().setHasText("Bend to the marks"))
        .first()
        .click();
    page.getByText("I have seen this").click();
    page.locator("[data-clock]").click();
    page.waitForTimeout(1500);
    shot(page, "bay");
    page.getByText("Leave").click();
    page.waitForURL("**/jobs/*/bay");
  }

  /** A drive as it was read back, with the model under it. */
  private void proof(Page page) {
    page.keyboard().press("v");
    page.getByText("Long Tallow, with the cooler").click();
    page.getByText("As driven").click();
    page.waitForSelector(
        "[data-reading=ready]", new Page.WaitForSelectorOptions().setTimeout(60_000));
    page.waitForTimeout(700);
    shot(page, "proof");
  }

  /** The simulated truck on its climb. */
  private void live(Page page) {
    try (Gauge gauge = new Gauge(0)) {
      page.keyboard().press("c");
      page.getByLabel("Gauge", new Page.GetByLabelOptions().setExact(true))
          .fill("127.0.0.1:" + gauge.port());
      page.locator(".door input[value='30']").click();
      page.locator("[data-drive-it]").click();
      page.waitForSelector("[data-least]", new Page.WaitForSelectorOptions().setTimeout(60_000));
      page.waitForFunction("() => Number(document.querySelector('.live').dataset.row) > 420");
      shot(page, "live");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void shot(Page page, String name) {
    page.mouse().move(2, 790);
    page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
  }
}
