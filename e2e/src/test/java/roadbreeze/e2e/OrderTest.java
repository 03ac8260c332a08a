package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The work in its order, as a yard plans a day, changes it, prices it and has it signed. */
class OrderTest extends OnACopy {
  OrderTest() {
    super("e2e_order", "Hive utility");
  }

  private void order() {
    page.keyboard().press("o");
    page.waitForURL("**/order");
    assertThat(page.locator("[data-day]")).isVisible();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator sum() {
    return page.locator("[data-order-sum] .big");
  }

  /** By keys: a short step is a narrow block. */
  private void pick(String step) {
    page.locator("[data-day] [data-step='" + step + "']").focus();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-step-card]")).isVisible();
  }

  @Test
  void aDayIsPlannedAndSaysWhy() {
    order();
    String alone = sum().textContent();
    choose("People", "two people");
    assertThat(sum()).not().hasText(alone);
    assertThat(page.locator("[data-day]")).containsText("person 2");
    pick("template~bracket-upper-left");
    assertThat(page.locator("[data-because]"))
        .containsText("behind the oil cooler cannot be reached after that");
    assertThat(page.locator("[data-step-card]")).containsText("cut flat");
    // The engine runs only when all is in, on and counted.
    pick("first-start");
    assertThat(page.locator("[data-step-card]"))
        .containsText("Nobody under or in front of the truck");
    button("Lay out").click();
    assertThat(page.locator("[data-list=tools]")).containsText("trolley jack");
    assertThat(page.locator("[data-list=photos]")).containsText("latch position");
    button("Step by step").click();
    assertThat(page.getByRole(AriaRole.TABLE)).containsText("Prove it on the same road");
  }

  @Test
  void whatAYardWantsOtherwiseIsPlannedAnewAndNothingIsLost() {
    order();
    pick("prove");
    type("Minutes of hands", "150");
    assertThat(page.locator("[data-step-card]")).containsText("usually 1 h 30 min");
    pick("clean-up");
    button("Leave it out").click();
    assertThat(page.locator("[data-day] [data-step=clean-up]")).hasCount(0);
    button("Our own").click();
    Locator ours = page.locator("[data-own-tasks]");
    assertThat(ours).containsText("Tools wiped and counted");
    ours.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take in again"))
        .click();
    button("Add a task of our own").click();
    type("What is done", "Weld the step");
    String own = page.locator("[data-own]").getAttribute("data-own");
    button("The day").click();
    assertThat(page.locator("[data-day] [data-step=clean-up]")).hasCount(1);
    assertThat(page.locator("[data-day] [data-step='" + own + "']")).hasCount(1);
    // A time that nothing can keep is told with what stands against it, and taken back.
    pick("close-front");
    button("Keep it at this time").click();
    type("Begins at minute of work", "10");
    assertThat(page.locator("[data-clashes]")).containsText("Grille and trim on");
    button("Let it stand anywhere").click();
    assertThat(page.locator("[data-clashes]")).hasCount(0);
  }

  @Test
  void anEstimateIsPrintedSignedAndKept() throws Exception {
    order();
    button("Estimate").click();
    Locator estimate = page.locator("[data-estimate]");
    assertThat(estimate.locator("[data-build=plan-3]")).containsText("beyond repair");
    estimate.locator("summary").first().click();
    assertThat(estimate).containsText("Grille and front trim off");
    Download paper = page.waitForDownload(() -> button("Print for the customer").click());
    assertThat(Files.readString(paper.path(), java.nio.charset.StandardCharsets.ISO_8859_1))
        .startsWith("%PDF-");
    assertThat(button("Sign and keep")).isDisabled();
    type("Accepted by, name typed", "Ada Holm");
    button("Sign and keep").click();
    assertThat(page.locator("[data-papers]")).containsText("signed by Ada Holm");
    assertThat(page.locator("[data-papers]")).containsText(Pattern.compile("[0-9a-f]{64}"));
  }

  @Test
  void theYardChangesATaskAndTakesItBack() {
    page.keyboard().press("t");
    page.waitForURL("**/tasks");
    page.getByRole(AriaRole.SEARCHBOX, new Page.GetByRoleOptions().setName("Look for"))
        .fill("chock");
    button("Park level, chock the wheels 10 min").click();
    type("Minutes of hands", "25");
    button("Save for this yard").click();
    assertThat(page.locator("[data-task=park]")).containsText("changed by this yard");
    type("Minutes of hands", "-4");
    button("Save for this yard").click();
    assertThat(page.locator("[data-task-problem]")).containsText("Minutes of hands");
    button("Leave it as it was").click();
    button("Back to what ships").click();
    assertThat(page.locator("[data-task=park]")).containsText("as shipped");
  }
}
