package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The work as it is done: on a tablet, by two people, and where no server answers. */
class BayTest extends OnACopy {
  /** Cuts of the network in the middle of things. */
  private static final int CUTS = 200;

  BayTest() {
    super("e2e_bay", "Hive utility");
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Begins the work on the copy; gives its address. */
  private String begin() {
    page.keyboard().press("y");
    page.waitForURL("**/bay");
    assertThat(page.getByText("Nothing was begun yet on this job.")).isVisible();
    page.locator("[data-enter]").click();
    page.waitForURL("**/bay/*");
    enter(page, "Ada");
    return page.url();
  }

  private static void enter(Page page, String name) {
    page.getByLabel("Your name").fill(name);
    button(page, "To the work").click();
    assertThat(page.locator("[data-bay-step]")).isVisible();
    assertThat(page.locator("[data-bay-said]")).hasText("All kept");
  }

  private static void open(Page page, String step) {
    button(page, "All steps").click();
    page.locator("[data-bay-road] button")
        .filter(new Locator.FilterOptions().setHasText(step))
        .first()
        .click();
  }

  private static void seen(Page page) {
    Locator seen = button(page, "I have seen this");
    if (seen.isVisible()) {
      seen.click();
      assertThat(seen).not().isVisible();
    }
  }

  private static byte[] picture(int width, int height) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void photograph(Page page, String name, String kind, byte[] content) {
    page.locator("[data-photo]").setInputFiles(new FilePayload(name, kind, content));
  }

  @Test
  void aStepIsSeenDoneAndTakenBackAndWhatLiesAboutBarsTheEngine() {
    begin();
    assertThat(page.locator("[data-bay]")).containsText("Walk round the truck");
    assertThat(page.locator(".way b")).hasText(Pattern.compile("^0 / "));
    page.locator("[data-clock]").click();
    assertThat(page.locator("[data-clock]")).containsText("running");
    button(page, "Done").click();
    assertThat(page.locator(".way b")).hasText(Pattern.compile("^1 / "));
    // A step that can hurt is not opened before that was read.
    open(page, "Grille and front trim off");
    assertThat(page.locator("[data-cautions]")).isVisible();
    assertThat(button(page, "Done")).isDisabled();
    seen(page);
    button(page, "Off the truck 0").click();
    Locator ledger = page.locator("[data-ledger]");
    button(page, "Write it down").click();
    assertThat(ledger.getByRole(AriaRole.ALERT)).containsText("Say what it is");
    page.getByLabel("Which, and where").fill("speed nut, upper right");
    page.getByLabel("Size: M6 × 20").fill("M6");
    button(page, "Write it down").click();
    assertThat(ledger.locator("[data-piece]")).containsText("speed nut, upper right");
    page.keyboard().press("Escape");
    open(page, "Battery lead off");
    seen(page);
    button(page, "Off the truck 1").click();
    page.getByLabel("Which, and where").fill("fan fuse");
    button(page, "Write it down").click();
    page.keyboard().press("Escape");
    // Of the open front pieces may lie when the engine runs, of anything else none.
    open(page, "First start: ears");
    seen(page);
    assertThat(page.locator("[data-barred]")).containsText("fan fuse");
    assertThat(page.locator("[data-barred]")).not().containsText("speed nut");
    assertThat(button(page, "Done")).isDisabled();
    button(page, "Off the truck 2").click();
    ledger
        .locator("[data-piece]")
        .filter(new Locator.FilterOptions().setHasText("fan fuse"))
        .getByText("Broken, gone")
        .click();
    assertThat(ledger.locator("[data-broken]")).containsText("fan fuse");
    page.keyboard().press("Escape");
    assertThat(page.locator("[data-barred]")).hasCount(0);
    assertThat(button(page, "Done")).isEnabled();
    // The front is closed when its own pieces are back.
    open(page, "Grille and trim on");
    seen(page);
    button(page, "Done").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("speed nut, upper right");
    button(page, "Leave").click();
    page.waitForURL("**/jobs/*/bay");
    assertThat(page.locator("[data-bay-sum]")).containsText("1 of");
    assertThat(page.locator("[data-bay-sum]")).containsText("1 to be bought");
    assertThat(page.locator("[data-enter]")).hasText("Go on");
  }

  @Test
  void whatIsReadGoesToTheJobInEitherWorldAndNonsenseIsTold() {
    begin();
    open(page, "Oil lines off, plugged");
    seen(page);
    type("oil that came out", "900 L");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("No truck reads that");
    page.locator("[data-bay]")
        .getByText("°C", new Locator.GetByTextOptions().setExact(true))
        .click();
    type("oil that came out", "4 qt");
    assertThat(page.locator("[data-bay-step]")).containsText("goes to the fill");
    assertThat(page.locator("[data-bay-said]")).hasText("All kept");
    button(page, "Note").click();
    page.getByLabel("Note; kept when you leave it").fill("dark, smells burnt");
    page.getByLabel("Note; kept when you leave it").blur();
    assertThat(page.locator(".note")).containsText("dark, smells burnt");
    photograph(page, "note.txt", "text/plain", "no picture".getBytes());
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("no JPEG, PNG or WebP");
    photograph(page, "tray.png", "image/png", "no picture".getBytes());
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be read as a picture");
    photograph(page, "large.png", "image/png", new byte[40 << 20]);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("may have 10 MB");
    photograph(page, "tray.png", "image/png", picture(2600, 1300));
    Locator kept = page.locator(".photos img");
    assertThat(kept).hasCount(1);
    assertThat(page.locator("[data-bay-said]")).hasText("All kept");
    assertThat((Integer) kept.evaluate("i => i.decode().then(() => i.naturalWidth)"))
        .isEqualTo(2048);
    button(page, "Leave").click();
    page.waitForURL("**/jobs/*/bay");
    assertThat(page.getByRole(AriaRole.TABLE)).containsText("4.00 qt");
    assertThat(page.locator("main")).containsText("dark, smells burnt");
  }

  @Test
  void theDemosFinishedJobIsSignedAndNothingIsAddedToIt() {
    page.navigate("/");
    page.getByText("Plough pickup").first().click();
    page.waitForURL("**/haul");
    page.keyboard().press("y");
    page.locator("[data-signed]").waitFor();
    assertThat(page.locator("[data-signed]")).containsText("Signed by Ada Ferrow");
    assertThat(page.locator("[data-bay-sum]")).containsText("1 to be bought");
    assertThat(page.locator("[data-enter]")).hasText("Begin the work");
    String pages = page.locator("[data-signed] a").first().getAttribute("href");
    assertThat(page.request().get(pages).headers().get("content-type")).contains("pdf");
  }

  @Test
  void twoPeopleSeeEachOthersTicksAndWhatDoesNotGoTogetherIsSaid() {
    String address = begin();
    try (BrowserContext other = browser.touch(1024, 768)) {
      Page second = other.newPage();
      second.navigate(address);
      enter(second, "Ben");
      button(page, "Done").click();
      assertThat(second.locator(".way b")).hasText(Pattern.compile("^1 / "));
      open(second, "Oil lines off, plugged");
      seen(second);
      other.setOffline(true);
      second.getByLabel("oil that came out").fill("3 L");
      second.getByLabel("oil that came out").press("Enter");
      assertThat(second.locator("[data-bay-said]")).containsText("kept on this device");
      open(page, "Oil lines off, plugged");
      seen(page);
      type("oil that came out", "4 L");
      assertThat(page.locator("[data-bay-said]")).hasText("All kept");
      other.setOffline(false);
      for (Page p : List.of(page, second)) {
        assertThat(p.locator("[data-conflict]")).containsText("read different numbers");
        assertThat(p.locator("[data-conflict]")).containsText("Ben");
      }
    }
  }

  @Test
  void somethingFoundIsPlannedAndTheRestGoesOn() {
    begin();
    int before = steps();
    open(page, "Card template");
    button(page, "Found something").click();
    button(page, "Before this step").click();
    assertThat(page.locator("[data-found]").getByRole(AriaRole.ALERT))
        .containsText("Say what has to be done");
    page.getByLabel("What has to be done").fill("Weld the step");
    button(page, "Before this step").click();
    assertThat(page.locator("[data-found]")).hasCount(0);
    assertThat(page.locator(".way b")).hasText(Pattern.compile("^0 / " + (before + 1)));
    open(page, "Weld the step");
    assertThat(page.locator("[data-bay-step] h1")).containsText("Weld the step");
  }

  private int steps() {
    return Integer.parseInt(page.locator(".way b").textContent().replaceAll(".*/ ", ""));
  }

  /** Whatever the network does meanwhile: nothing is lost, nothing is there twice. */
  @Test
  void nothingIsLostOrDoubledHoweverOftenTheNetworkIsCut() {
    String address = begin();
    // The pages of the bay are kept once the browser has them all.
    page.waitForFunction("() => navigator.serviceWorker.ready.then(() => true)");
    page.waitForFunction(
        "() => caches.keys().then(async k => (await (await caches.open(k[0])).keys()).length > 50)");
    Random random = new Random(7);
    Cut cut = new Cut(random);
    BrowserContext tablet = page.context();
    page.route("**/api/bay/**", cut::meet);
    for (int i = 0; i < CUTS; i++) {
      cut.mode = random.nextInt(4);
      tablet.setOffline(cut.mode == Cut.GONE);
      if (i % 40 == 39) {
        tablet.setOffline(true);
        page.navigate(address);
        assertThat(page.locator("[data-bay-step]")).isVisible();
      }
      switch (i % 4) {
        case 0, 1 -> {
          button(page, "Next step").click();
          seen(page);
          page.locator("[data-clock]").click();
        }
        case 2 -> page.locator("[data-clock]").click();
        default -> photograph(page, "p.png", "image/png", picture(30 + i, 20));
      }
      // In the middle of what that has begun to send.
      tablet.setOffline(random.nextBoolean());
    }
    cut.mode = Cut.THROUGH;
    tablet.setOffline(false);
    assertThat(page.locator("[data-bay-said]")).hasText("All kept");
    assertThat(page.locator("[data-bay]")).hasAttribute("data-bay-waiting", "0");
    @SuppressWarnings("unchecked")
    Map<String, Object> ends = (Map<String, Object>) page.evaluate(ENDS);
    assertThat((Integer) ends.get("here")).isGreaterThanOrEqualTo(CUTS);
    assertThat(ends.get("there")).isEqualTo(ends.get("here"));
    assertThat(ends.get("same")).isEqualTo(true);
    assertThat(ends.get("gapless")).isEqualTo(true);
    assertThat(ends.get("pictures")).isEqualTo(CUTS / 4);
    assertThat(cut.lost).as("answers that were lost on the way").isGreaterThan(20);
  }

  private static final String STORE =
      """
      const db = await new Promise((done, no) => {
        const r = indexedDB.open('rb-bay'); r.onsuccess = () => done(r.result); r.onerror = no })
      const all = (s) => new Promise((done) => {
        const r = db.transaction(s).objectStore(s).getAll(); r.onsuccess = () => done(r.result) })
      """;

  /** What is on the device and what is on the server. */
  private static final String ENDS =
      "async () => {"
          + STORE
          + """
      const mine = await all('events'); const photos = await all('photos'); db.close()
      const id = location.pathname.split('/').pop()
      const theirs = await (await fetch(`/api/bay/${id}/events?after=0`)).json()
      const pictures = await Promise.all(photos.map(
        async (p) => (await fetch(`/api/bay/${id}/photos/${p.id}`)).ok))
      const ids = new Set(theirs.map((e) => e.event.id))
      return { here: mine.length, there: theirs.length,
        same: ids.size === theirs.length && mine.every((m) => ids.has(m.id) && m.seq !== null && !m.refused),
        gapless: theirs.every((e, i) => e.seq === i + 1),
        pictures: pictures.filter(Boolean).length }
      }""";

  /** A bad network: what is sent does not come, or comes and its answer is lost. */
  private static final class Cut {
    static final int THROUGH = 0;
    static final int GONE = 1;
    static final int NOT_SENT = 2;
    static final int ANSWER_LOST = 3;

    private final Random random;
    private int mode = THROUGH;
    private int lost;

    Cut(Random random) {
      this.random = random;
    }

    void meet(Route route) {
      boolean live = route.request().url().contains("/live");
      if (mode == NOT_SENT) {
        route.abort();
      } else if (mode == ANSWER_LOST && !live && random.nextInt(3) > 0) {
        try {
          route.fetch();
          lost++;
        } catch (RuntimeException e) {
          // it did not even come there
        }
        route.abort();
      } else {
        route.resume();
      }
    }
  }
}
