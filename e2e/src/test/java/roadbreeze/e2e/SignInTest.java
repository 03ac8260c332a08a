package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.server.account.Accounts;

/** A yard that is open to its network, from its first owner to a tablet that is taken out. */
class SignInTest {
  private static final String PASSWORD = "gravel and dust";

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static void fill(Page page, String label, String text) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
  }

  @Test
  void theFirstOwnerLetsOthersInAndTabletsComeByACode() {
    try (Browser browser = new Browser(List.of("--roadbreeze.locked=true"), "e2e_sign_in", "demo");
        BrowserContext desk = browser.window();
        BrowserContext bay = browser.touch(1024, 768)) {
      Page owner = desk.newPage();
      owner.navigate("/");
      assertThat(owner.locator("[data-sign-in]")).containsText("The first owner");
      fill(owner, "Code", "wrong");
      fill(owner, "Name", "Ada");
      fill(owner, "Password", PASSWORD);
      button(owner, "The first owner").click();
      assertThat(owner.getByRole(AriaRole.ALERT)).containsText("wrong, used, or too old");
      fill(owner, "Code", browser.bean(Accounts.class).firstCode().orElseThrow());
      fill(owner, "Password", PASSWORD);
      button(owner, "The first owner").click();
      assertThat(owner.getByText("Hive utility").first()).isVisible();
      owner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ada")).click();
      button(owner, "Draw a code").click();
      String code = owner.locator("[data-code]").textContent();
      Page tablet = bay.newPage();
      tablet.navigate("/pair?code=" + code.replace(" ", ""));
      fill(tablet, "Name of this tablet", "Bay 2");
      button(tablet, "Pair this tablet").click();
      assertThat(tablet.getByText("Hive utility").first()).isVisible();
      // Somebody who may only look sees that said, and nothing is lost of what is there.
      fill(owner, "Name", "Cora");
      owner.getByLabel("Password, ten letters at least").fill(PASSWORD);
      button(owner, "Make the account").click();
      assertThat(owner.locator("[data-people]")).containsText("Cora");
      owner.reload();
      assertThat(owner.locator("[data-people]")).containsText("Bay 2");
      button(owner, "Take out").click();
      assertThat(owner.locator("[data-people]")).containsText("taken out");
      tablet.reload();
      assertThat(tablet.locator("[data-sign-in]")).isVisible();
      button(owner, "Sign out").click();
      assertThat(owner.locator("[data-sign-in]")).containsText("Sign in");
    }
  }
}
