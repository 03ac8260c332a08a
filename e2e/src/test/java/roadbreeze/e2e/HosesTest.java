package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The hoses through the front end, as a fabricator lays, drags and holds them. */
class HosesTest extends OnACopy {
  HosesTest() {
    super("e2e_hoses", "Hive utility");
  }

  private void routes() {
    page.keyboard().press("9");
    button("Routes");
    assertThat(row("hose-1")).containsText("clear of everything");
  }

  private Locator row(String hose) {
    return page.locator("[data-hose=" + hose + "]");
  }

  private Locator panel() {
    return page.locator("[data-hose-panel]");
  }

  private Locator troubles() {
    return panel().locator("[data-trouble]");
  }

  private Locator front() {
    return page.locator("[data-view=front]");
  }

  private void button(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private void pickOne(String field, String choice) {
    page.locator(".pick")
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + field)))
        .locator(".el-select")
        .click();
    // One that is still closing may have a choice of the same name.
    page.getByRole(AriaRole.LISTBOX, new Page.GetByRoleOptions().setName(field).setExact(true))
        .getByRole(AriaRole.OPTION, new Locator.GetByRoleOptions().setName(choice).setExact(true))
        .click();
  }

  private void drag(Locator what, double right, double down) {
    BoundingBox box = what.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int i = 1; i <= 8; i++) {
      page.mouse().move(x + right * i / 8, y + down * i / 8);
    }
  }

  @Test
  void aCornerIsDraggedIntoTroubleAndMended() {
    routes();
    row("hose-1").click();
    String cut = panel().locator(".cut b").innerText();
    assertThat(panel()).containsText("Clear of everything");
    // Against the crossmember while it is still in the hand.
    drag(front().locator("circle.point").nth(1), 0, -14);
    assertThat(troubles().filter(has("lower crossmember")).first()).isVisible();
    page.mouse().up();
    assertThat(panel().locator(".cut b")).not().hasText(cut);
    button("Undo");
    assertThat(panel().locator(".cut b")).hasText(cut);
    assertThat(troubles()).hasCount(0);
    // Without its clips it hangs free, and one click clips it again.
    for (int left = 3; left > 0; left--) {
      panel().getByLabel(Pattern.compile("Remove the clip")).first().click();
    }
    assertThat(troubles().first()).containsText("hang free");
    panel().locator("[data-mend=CLIPS]").first().click();
    assertThat(troubles()).hasCount(0);
    // One more corner from the + on a straight piece, then its numbers.
    int corners = front().locator("circle.point").count();
    drag(front().locator("[data-more]").nth(2), 0, 10);
    page.mouse().up();
    assertThat(front().locator("circle.point")).hasCount(corners + 1);
    button("Undo");
    button("2");
    type("Radius", "-40 mm");
    assertThat(panel()).containsText(Pattern.compile("Radius must be from 5\\smm"));
    type("Radius", "1 in");
    assertThat(troubles().filter(has("kinks")).or(troubles().filter(has("of radius")))).isVisible();
    button("Undo");
    button("Undo");
    assertThat(panel().locator(".cut b")).hasText(cut);
  }

  @Test
  void whatSitsInTheHosesCountsAndEveryEndIsJoined() {
    page.keyboard().press("9");
    Locator hot = page.locator("[data-flow] .big").first();
    assertThat(hot).containsText("%");
    String left = hot.innerText();
    assertThat(page.locator("[data-order]"))
        .containsText("each clamp on its hose before the hose is on its port");
    assertThat(page.locator("[data-clamp]").first()).containsText("clamp screw to the front");
    Locator joints = page.locator("[data-joints]");
    assertThat(joints).containsText("all of them join");
    button("Filter");
    Locator faults = page.locator("[data-inline-fault]");
    assertThat(faults.filter(has("no filter is chosen"))).isVisible();
    pickOne("Filter", "In-line filter, 3/8 in");
    assertThat(faults.filter(has("counted as loaded"))).isVisible();
    assertThat(page.locator("[data-flow]")).containsText("filter");
    assertThat(page.locator("[data-profile]")).containsText("filter");
    assertThat(hot).not().hasText(left);
    choose("Arrow", "arrow against it");
    assertThat(faults.filter(has("points against the oil"))).isVisible();
    choose("Arrow", "arrow with the oil");
    type("Its own valve opens at", "-5 kPa");
    assertThat(page.locator("[data-inline]")).containsText("must be from 10");
    type("Its own valve opens at", "60 kPa");
    assertThat(faults).hasCount(0);
    // An adapter of another family is refused, with the reason; a cut line asks for another one.
    Locator first = joints.locator(".joint").first();
    Locator banjo =
        page.getByRole(
            AriaRole.OPTION,
            new Page.GetByRoleOptions().setName("3/8 in barb to banjo").setExact(true));
    // The page is laid out anew while an answer comes in: a list that opens just then closes again.
    assertThat(page.locator("[data-flow]")).containsText("filter");
    first.locator(".el-select").click();
    assertThat(banjo).isVisible();
    banjo.click();
    assertThat(first.locator(".el-select")).containsText("3/8 in barb to banjo");
    assertThat(first).containsText("does not go on the tank outlet");
    button("Choose adapters");
    assertThat(joints).containsText("all of them join");
    choose("The truck’s own lines", "cut and barb");
    assertThat(first).containsText("which ends in a plain tube");
    button("Choose adapters");
    assertThat(joints).containsText("all of them join");
    button("Cut and buy");
    assertThat(page.locator("[data-cut-list]")).containsText("In-line filter, 3/8 in");
    assertThat(page.locator("[data-cut-list]")).containsText("2 × 3/8 in barb to 3/8 in tube");
  }

  private static Locator.FilterOptions has(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  @Test
  void hosesAreTakenOutAndLaidAnew() {
    page.keyboard().press("9");
    page.getByLabel("Remove tank outlet to cooler inlet").click();
    button("Routes");
    Locator missing = page.locator("[data-way-fault]");
    assertThat(missing).containsText("no hose is drawn from the tank outlet to the cooler inlet");
    page.locator("[data-lay]").click();
    assertThat(missing).hasCount(0);
    Locator laid = page.locator("button.hose").filter(has("tank outlet to cooler inlet"));
    assertThat(laid).containsText(Pattern.compile("[0-9]{3,4}\\smm"));
    laid.click();
    // Hose without a rating is asked about; it is not guessed.
    pickOne("Cut from", "Hose without a rating, 3/8 in");
    button("All hoses");
    assertThat(missing.first()).containsText("nobody knows what pressure");
    button("Undo");
    assertThat(missing).hasCount(0);
    // Turned about, it leads the oil backwards.
    laid.click();
    pickOne("From", "cooler inlet");
    pickOne("To", "tank outlet");
    button("All hoses");
    assertThat(missing.filter(has("backwards"))).isVisible();
  }

  @Test
  void whatIsCutAndBoughtFollows() {
    page.keyboard().press("9");
    button("Cut and buy");
    Locator list = page.locator("[data-cut-list]");
    assertThat(list).containsText("HO-9");
    assertThat(list).containsText(Pattern.compile("1078\\smm"));
    assertThat(list).containsText("4 quarter elbows");
    button("Routes");
    row("hose-1").click();
    pickOne("leaves it by", "no elbow");
    pickOne("Cut from", "not chosen");
    assertThat(panel().locator(".pick").filter(has("Cut from"))).containsText("not chosen");
    button("Cut and buy");
    assertThat(list).containsText("3 quarter elbows");
    assertThat(list).containsText("choose what tank outlet to cooler inlet is cut from");
  }

  @Test
  void aPortIsMeasuredOnTheFrontEnd() {
    page.keyboard().press("8");
    button("Add a thing");
    button("port");
    type("Across", "-60 mm");
    pickOne("Which end of the oil’s way", "feed line");
    assertThat(page.locator("[data-thing-panel]")).containsText("rocks with the engine");
    page.getByText("Lines", new Page.GetByTextOptions().setExact(true)).click();
    button("Routes");
    row("hose-1").click();
    page.locator(".pick")
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^From")))
        .locator(".el-select")
        .click();
    assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("port")))
        .isVisible();
    assertThat(page.getByRole(AriaRole.OPTION).allInnerTexts()).contains("feed line");
  }
}
