package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Questions about the whole yard. */
class YardTest {
  private static final LocatorAssertions.ContainsTextOptions SOON =
      new LocatorAssertions.ContainsTextOptions().setTimeout(90_000);

  @Test
  void whichTruckTakesTheDrumOverQuarryStairAndHowLateItMayLeave() {
    List<String> pageErrors = new ArrayList<>();
    try (Browser browser = new Browser("e2e_yard", "demo");
        BrowserContext window = browser.window()) {
      Page page = window.newPage();
      page.onPageError(pageErrors::add);
      page.navigate("/");
      Browser.ready(page);
      page.getByText("Which truck takes which road?").click();
      Locator matrix = page.locator("[data-matrix]");
      matrix.locator(".trailer").click();
      page.getByRole(
              AriaRole.OPTION,
              new Page.GetByRoleOptions().setName("cable-drum trailer of Bucket truck"))
          .click();
      Locator bucket =
          matrix.getByRole(
              AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("Bucket")));
      Locator stair = bucket.getByRole(AriaRole.CELL).nth(1);
      assertThat(stair).containsText(Pattern.compile("holds|marginal|over its limit"), SOON);
      String mild = stair.innerText();
      matrix.getByRole(AriaRole.SLIDER).press("End");
      assertThat(stair).not().hasText(mild);
      stair.getByRole(AriaRole.BUTTON).click();
      Locator leave = page.locator("[data-departures]");
      assertThat(leave).containsText("Bucket truck over Quarry Stair");
      assertThat(leave).containsText(Pattern.compile("holds in nine of ten"), SOON);
      assertThat(page.locator("body").innerText()).doesNotContain("NaN", "undefined", "Infinity");
    }
    assertThat(pageErrors).isEmpty();
  }
}
