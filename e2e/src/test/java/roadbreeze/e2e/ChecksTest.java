package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Repair or upgrade, as somebody in the bay finds it out. */
class ChecksTest extends OnACopy {
  ChecksTest() {
    super("e2e_checks", "Plough pickup");
  }

  @BeforeEach
  void toTheChecks() {
    page.keyboard().press("2");
    page.waitForURL("**/checks");
    assertThat(fault("RADIATOR_FINS")).isVisible();
  }

  private Locator fault(String fault) {
    return page.locator("[data-fault=" + fault + "]");
  }

  private Locator card() {
    return page.locator("[data-card]");
  }

  private void pick(String check) {
    page.locator("[data-check=" + check + "]").click();
    assertThat(page.locator("[data-card=" + check + "]")).isVisible();
  }

  private void keep() {
    card().getByText("Keep it").click();
  }

  private void seen(String symptom, String answer) {
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(symptom).setExact(true))
        .getByText(answer, new Locator.GetByTextOptions().setExact(true))
        .click();
  }

  private double share(String fault) {
    String text = fault(fault).locator("b").textContent();
    return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
  }

  @Test
  void aComplaintAndAReadingReorderWhatIsLikely() {
    seen("loses coolant", "yes");
    assertThat(fault("LEAK").locator("b")).containsText(Pattern.compile("[1-9]\\d"));
    double before = share("LEAK");
    pick("SYSTEM_PRESSURE");
    assertThat(card()).containsText("never over the cap’s rating");
    type("Lost in ten minutes", "2");
    keep();
    assertThat(card().locator("[data-verdict=PASS]")).containsText("In order.");
    assertThat(page.locator("[data-check=SYSTEM_PRESSURE]")).containsText("in order");
    assertThat(share("LEAK")).isLessThan(before / 2);
    // What is said twice is taken back.
    seen("loses coolant", "yes");
    page.reload();
    Browser.ready(page);
    pick("SYSTEM_PRESSURE");
    assertThat(card().locator("[data-verdict=PASS]")).hasCount(1);
  }

  @Test
  void aReadingGoesIntoTheTruckAsFoundAndIsUndone() {
    pick("CAP");
    type("Held for a minute", "4 psi");
    keep();
    Locator fails = card().locator("[data-verdict=FAIL]");
    assertThat(fails).containsText("the coolant boils at");
    fails.getByText("Into As found").click();
    assertThat(fails.getByText("Into As found")).hasCount(0);
    page.keyboard().press("Control+z");
    assertThat(fails.getByText("Into As found")).hasCount(1);
    // Done again after the work it stands beside the first.
    choose("When", "after it");
    type("Held for a minute", "110");
    keep();
    assertThat(card().locator("[data-verdict]")).hasCount(2);
    assertThat(card().locator("[data-verdict=PASS]")).containsText("After the work");
    pick("COOLANT");
    type("Concentrate", "42");
    keep();
    assertThat(card()).containsText("42 % of concentrate, and the rig says 55 %");
    card().getByText("Into the rig").click();
    assertThat(card()).not().containsText("and the rig says");
  }

  @Test
  void finsAreShutZoneByZoneOnTheCore() {
    pick("CONDENSER_FACE");
    for (String zone : new String[] {"upper left", "middle", "lower right"}) {
      Locator face = card().getByLabel(Pattern.compile("^Blocked " + zone + ":"));
      face.click();
      face.click();
    }
    assertThat(card()).containsText(Pattern.compile("17\\s%"));
    keep();
    assertThat(card().locator("[data-verdict=FAIL]")).containsText("of the face is shut");
    assertThat(fault("CONDENSER_FINS")).isVisible();
  }

  @Test
  void aPlaceThatWeepsIsMarkedOnTheLoop() {
    pick("SYSTEM_PRESSURE");
    Locator keep = card().getByText("Keep it");
    assertThat(keep).isDisabled(); // nobody has looked yet
    Locator hose = card().getByLabel("lower hose weeps");
    hose.press("Enter");
    card().getByLabel("coolant pump weeps").click();
    card().getByLabel("coolant pump weeps").click();
    assertThat(hose).hasAttribute("aria-pressed", "true");
    keep();
    assertThat(card().locator("[data-verdict=FAIL]")).containsText("It weeps at: lower hose");
    assertThat(fault("LEAK")).isVisible();
  }

  @Test
  void oilInTheCoolantStopsEverythingOnEveryScreen() {
    pick("COOLANT");
    choose("It looks", "oil on it");
    keep();
    assertThat(page.locator("[data-stop]")).containsText("Do not drive it.");
    assertThat(page.locator("[data-stop]")).containsText("gearbox and engine workshop");
    assertThat(page.locator("header.strip")).containsText("nothing is sized until");
    page.keyboard().press("4");
    page.waitForURL("**/heat");
    assertThat(page.locator("header.strip")).containsText("Do not drive it.");
    page.keyboard().press("2");
    pick("COOLANT");
    choose("When", "after it");
    choose("It looks", "clear");
    keep();
    assertThat(page.locator("[data-stop]")).hasCount(0);
    assertThat(page.locator("[data-fluid=coolant]")).containsText("°C");
  }

  @Test
  void whatCannotBeIsSaidAtItsFieldAndNothingIsLost() {
    pick("SENSOR");
    type("Sensor says", "11");
    type("Thermometer says", "53");
    keep();
    assertThat(card().locator("[data-verdict=CONTRADICTS]")).containsText("Fahrenheit");
    type("Sensor says", "cold");
    assertThat(card()).containsText("number");
    page.getByText("Add a moment").click();
    type("Coolant", "900");
    assertThat(page.locator("body")).containsText("must be from −40");
    type("Coolant", "118");
    assertThat(page.locator("body")).not().containsText("must be from −40");
    assertThat(page.locator(".moments")).containsText(Pattern.compile("118\\s°C"));
  }

  @Test
  void whatFailsOutThereIsOnACardForTheGloveBox() {
    Locator breaks = page.locator("[data-breakdowns]");
    assertThat(breaks.locator("[data-breakage=BELT]")).containsText("stops");
    assertThat(breaks.locator("[data-breakage=NOTHING]")).containsText("goes on");
    Locator card = page.locator("[data-glove-box]");
    assertThat(card).containsText("belt torn: stops");
    assertThat(card).containsText("In the box: a belt");
    assertThat(card).not().containsText("nothing fails");
    page.evaluate("() => { window.print = () => {} }");
    card.getByText("Print for the glove box").click();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(card).isVisible();
    assertThat(card.getByText("Print for the glove box")).isHidden();
    assertThat(breaks.locator("[data-breakage=BELT]")).isHidden(); // the card alone
    page.evaluate("() => window.dispatchEvent(new Event('afterprint'))");
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    assertThat(breaks.locator("[data-breakage=BELT]")).isVisible();
    assertThat(page.locator("[data-equal-plans]")).hasCount(0);
    page.navigate(page.url().replace("checks", "heat"));
    Browser.ready(page);
    for (String plan : new String[] {"Plan B", "Plan C"}) {
      page.getByText("New plan from this").click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(plan)))
          .isVisible();
    }
    page.navigate(page.url().replace("heat", "checks"));
    Browser.ready(page);
    assertThat(page.locator("[data-equal-plans]")).containsText("fail alike");
  }
}
