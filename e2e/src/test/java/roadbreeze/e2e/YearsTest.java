package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** The yard over years: what is looked at again, whose truck it is, and all of it taken out. */
class YearsTest extends OnACopy {
  YearsTest() {
    super("years_test", "Hive utility");
  }

  @Test
  void aFilterIsDueByItsDistanceAndDoneWithAReading() {
    page.keyboard().press("f");
    page.waitForURL("**/follow-ups");
    assertThat(page.getByText("Nothing is looked at again yet.")).isVisible();
    page.locator("[data-new-due]").click();
    Locator form = page.locator("[data-due-form]");
    form.locator("[data-keep-due]").click();
    assertThat(form.getByRole(AriaRole.ALERT)).containsText("It needs a name");
    form.locator(".el-select").click();
    page.getByRole(AriaRole.OPTION)
        .filter(new Locator.FilterOptions().setHasText("Inline oil filter"))
        .click();
    form.getByLabel("Counted since").fill(LocalDate.now().minusDays(70).toString());
    form.getByLabel("Distance").fill("2000 km");
    form.getByLabel("Days").fill("");
    form.locator("[data-keep-due]").click();
    Locator card = page.locator("[data-follow-up=filter]");
    // 70 days at 250 km a week.
    assertThat(card).containsText("2500 of 2000 km");
    assertThat(card).hasAttribute("data-state", "DUE");
    assertThat(card.locator(".when")).containsText("14days late");

    card.getByText("Put off …").click();
    card.locator("[data-keep]").click();
    assertThat(card.getByRole(AriaRole.ALERT)).containsText("say why");
    card.getByLabel("Until").fill(LocalDate.now().plusDays(9).toString());
    card.getByLabel("Why").fill("the filter is on order");
    card.locator("[data-keep]").click();
    assertThat(card).hasAttribute("data-state", "SNOOZED");
    assertThat(card).containsText("the filter is on order");

    card.getByText("Done …").click();
    card.getByLabel("Gearbox oil added").fill("90 L");
    card.locator("[data-keep]").click();
    assertThat(card.getByRole(AriaRole.ALERT)).containsText("no truck reads that");
    card.getByLabel("Gearbox oil added").fill("0.3 L");
    card.getByLabel("Odometer").fill("120400 km");
    card.getByLabel("By", new Locator.GetByLabelOptions().setExact(true)).fill("Ada Ferrow");
    card.locator("[data-keep]").click();
    assertThat(card).hasAttribute("data-state", "LATER");
    assertThat(card.locator(".past")).containsText("Ada Ferrow");
    assertThat(card.locator(".past")).containsText("0.30 L");
    assertThat(page.locator("aside")).containsText("120 400 km");
  }

  @Test
  void theBoardShowsAllTrucksAndGivesASecretAddress() {
    page.keyboard().press("d");
    page.waitForURL("**/due");
    // Of the demo yard's own utility, weeks ago.
    Locator card =
        page.locator("[data-follow-up=fins]")
            .filter(new Locator.FilterOptions().setHasText("Hive utility"))
            .first();
    assertThat(card).hasAttribute("data-state", "DUE");
    page.getByLabel("Whose calendar").fill("Wick");
    page.locator("[data-feed]").click();
    String address = page.locator("[data-address]").textContent().trim();
    String calendar = page.request().get(address).text();
    assertThat(calendar).startsWith("BEGIN:VCALENDAR").contains("Hive utility: ");
    page.getByText("Take it back").click();
    assertThat(page.locator("[data-address]")).hasCount(0);
    assertThat(page.request().get(address).status()).isEqualTo(404);
  }

  @Test
  void aCustomersTruckHasALifeAndGoesWithThem() {
    page.keyboard().press("n");
    page.waitForURL("**/customers");
    page.getByLabel("Search customers, trucks and trailers").fill("hm 12");
    page.locator("[data-customer='Linden Bees']").click();
    assertThat(page.locator("[data-truck]")).containsText("Hive utility");
    page.locator("[data-truck]").getByText("Its life").click();
    Locator life = page.locator("[data-life=ready]");
    assertThat(life).containsText("Long Tallow, with the cooler");
    assertThat(life.locator("circle.stone").first()).isVisible();
    page.getByLabel("Search customers, trucks and trailers").fill("");
    page.getByLabel("Somebody new").fill("Orrin Haulage");
    page.locator("[data-new-customer]").click();
    page.locator("[data-customer='Orrin Haulage']").click();
    page.locator("[data-new-truck]").click();
    assertThat(page.locator("[data-truck='New truck']")).isVisible();
    page.locator("[data-erase]").click();
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Orrin");
    page.locator("[data-erase-now]").click();
    assertThat(page.locator(".refused")).containsText("type their name");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Orrin Haulage");
    page.locator("[data-erase-now]").click();
    assertThat(page.locator("[data-customer='Orrin Haulage']")).hasCount(0);
    // In the yard a job is found by whose truck it is about.
    page.keyboard().press("0");
    page.getByLabel("Search the yard").fill("linden");
    assertThat(page.locator("article.job")).hasCount(1);
    assertThat(page.locator("article.job")).containsText("proven");
  }
}
