package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;

/**
 * Each test in a window of its own, on a copy of one demo job; none leaves an error on the page.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class OnACopy {
  private final String database;
  private final String job;
  protected Browser browser;
  private BrowserContext window;
  private final List<String> pageErrors = new ArrayList<>();
  protected Page page;

  OnACopy(String database, String job) {
    this.database = database;
    this.job = job;
  }

  @BeforeAll
  void start() {
    browser = new Browser(database, "demo");
  }

  @AfterAll
  void stop() {
    browser.close();
  }

  @BeforeEach
  void openCopy() {
    pageErrors.clear();
    window = browser.window();
    page = window.newPage();
    page.onPageError(pageErrors::add);
    page.navigate("/");
    Browser.ready(page);
    page.getByLabel("What to do with " + job, new Page.GetByLabelOptions().setExact(true)).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Copy")).click();
    page.waitForURL("**/haul");
    Browser.ready(page);
    assertThat(gauge("coolant")).containsText("±");
  }

  @AfterEach
  void noErrorsAndNoNaN() {
    assertThat(page.locator("body").innerText()).doesNotContain("NaN", "undefined", "Infinity");
    assertThat(pageErrors).isEmpty();
    window.close();
  }

  protected Locator gauge(String fluid) {
    return page.locator("[data-fluid=" + fluid + "]");
  }

  protected void choose(String group, String name) {
    Locator all =
        page.getByRole(
            AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group).setExact(true));
    // Clear of the strip that stays at the top.
    all.evaluate("e => e.scrollIntoView({ block: 'center' })");
    all.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(name).setExact(true))
        .check(new Locator.CheckOptions().setForce(true));
  }

  protected Locator field(String name) {
    return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
  }

  protected void type(String field, String text) {
    field(field).fill(text);
    field(field).press("Enter");
  }
}
