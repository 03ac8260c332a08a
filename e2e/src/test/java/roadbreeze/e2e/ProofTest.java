package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A drive is recorded, taken in, looked at and taken out again. */
class ProofTest extends OnACopy {
  ProofTest() {
    super("proof_test", "Hive utility");
  }

  /** By a logger that does not say in what unit its pan is, with a hole, a spike and a bad row. */
  private static FilePayload log() {
    StringBuilder text = new StringBuilder("Time (s);ECT (°C);trans temp;Speed (km/h)\n");
    for (int i = 0; i < 4000; i++) {
      double t = i * 0.5;
      if (t >= 600 && t < 660) {
        continue;
      }
      double coolant = i == 3000 ? 150 : 88 + 9 * Math.sin(t / 200);
      text.append(
          String.format(
              Locale.ROOT, "%.1f;%.2f;%.1f;%.1f%n", t, coolant, 190 + t / 100, 50.0 + i % 7));
    }
    text.append("oops;1;2;3\n");
    return new FilePayload(
        "box.csv", "text/csv", text.toString().replace('.', ',').getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aLogIsTakenInDrawnAndGivenBack() throws IOException {
    page.keyboard().press("v");
    page.waitForURL("**/proof");
    assertThat(page.getByText("Nothing is recorded of this truck yet.")).isVisible();
    page.locator("[data-new-run]").click();
    page.locator("[data-log-import] input[type=file]").setInputFiles(log());
    // What no header says is to be looked at: numbers near 200 are °F.
    Locator guessed = page.locator("[data-log-import] .guessed");
    assertThat(guessed).hasCount(1);
    assertThat(guessed).containsText("trans temp");
    assertThat(guessed).containsText("°F");
    page.locator("[data-take]").click();
    Locator picture = page.locator("[data-run-picture]");
    assertThat(picture.getByText("Temperatures")).isVisible();
    Locator said = page.locator("[data-track='0']");
    assertThat(said).containsText("3,880 rows over 33:20");
    assertThat(said).containsText("1 × nothing recorded");
    assertThat(said).containsText("1 × spike");
    said.getByText("1 × no time that can be read").click();
    assertThat(said).containsText("oops;1;2;3");
    // The line has a hole where nothing was recorded.
    String line = picture.locator(".mean").first().getAttribute("d");
    assertThat(line.chars().filter(c -> c == 'M').count()).isGreaterThanOrEqualTo(2);
    // Closer, its scale of time is another.
    picture.getByLabel("Closer").click();
    picture.getByLabel("Closer").click();
    assertThat(picture.locator("text.tick", new Locator.LocatorOptions().setHasText("16:00")))
        .isVisible();
    Download csv = page.waitForDownload(() -> said.getByText("As CSV").click());
    List<String> lines = Files.readAllLines(csv.path());
    assertThat(lines.get(0)).isEqualTo("time (s),coolant (°C),oil pan (°C),speed (km/h)");
    assertThat(lines).hasSize(3881);
    // The next file of this logger is known.
    page.locator("[data-log-import] input[type=file]").setInputFiles(log());
    assertThat(page.locator("[data-log-import]"))
        .containsText("read as a file of this logger was before");
    page.getByText("Remove …").click();
    page.getByText("Remove it with all its rows").click();
    assertThat(page.locator("[data-run]")).hasCount(0);
  }

  /** The yard's own truck, driven before its work and after it. */
  @Test
  void theWorkIsProvedAndTheModelTuned() {
    page.navigate("/");
    Browser.ready(page);
    page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hive utility").setExact(true))
        .click();
    page.waitForURL("**/haul");
    page.keyboard().press("v");
    assertThat(page.locator("[data-run]")).hasCount(3);
    bench("As driven");
    Locator driven = page.locator("[data-reading=ready]");
    assertThat(driven).containsText("grade by the barometer");
    assertThat(driven).containsText("in a locked gear");
    assertThat(driven.getByRole(AriaRole.TABLE)).containsText("K/kW");
    assertThat(driven).containsText("was decided by the thermostat, which was not wide open");
    bench("Before and after");
    Locator pan = page.locator("[data-terms=ready] [data-fluid=PAN]");
    assertThat(pan).containsText("more heat for the same temperature");
    assertThat(pan).containsText("On a day of 38 °C it would have been");
    // On another day the sentence is another.
    type("A hot day here", "30");
    assertThat(pan).containsText("On a day of 30 °C it would have been");
    bench("Tune the model");
    // The demo's own is kept and not counted: the truck is as it was entered.
    assertThat(page.locator("[data-calibration]")).hasCount(1);
    assertThat(gauge("coolant")).containsText("±");
    double before = band();
    page.locator("[data-tune]").click();
    Locator tuned = page.locator("[data-tuned=ready]");
    assertThat(tuned).containsText("which was left out, the model was off by");
    assertThat(tuned.locator("tr.untold").first()).containsText("not told");
    tuned.locator("[data-accept]").click();
    assertThat(page.locator("[data-calibration]")).hasCount(2);
    assertThat(page.locator("[data-calibration]").first()).containsText("Long Tallow, in autumn");
    page.waitForCondition(() -> band() < 0.8 * before);
    // Taken back, the band is as wide as before.
    page.keyboard().press("Control+z");
    assertThat(page.locator("[data-calibration]")).hasCount(1);
    page.waitForCondition(() -> Math.abs(band() - before) < 0.11);
  }

  /**
   * Without a logger: a reading before and one after say the same, and one too soon says nothing.
   */
  @Test
  void aFewReadingsOffAGaugeAreEnough() {
    page.keyboard().press("v");
    for (String pan : List.of("118", "92")) {
      page.locator("[data-new-run]").click();
      page.locator("[data-read]").click();
      Locator moment = page.locator("[data-moment]");
      assertThat(moment).containsText("Not settled: it is kept, but held against nothing.");
      type("Nothing had moved for", "4 min");
      assertThat(moment).not().containsText("Not settled");
      type("Oil pan", pan);
      choose("Fans", "on");
      choose("Air conditioning", "on");
    }
    assertThat(page.locator("[data-run]")).hasCount(2);
    bench("Before and after");
    Locator terms = page.locator("[data-terms=ready]");
    assertThat(terms.locator("[data-fluid=PAN]"))
        .containsText("more heat for the same temperature");
    assertThat(terms.locator("[data-fluid=COOLANT]")).containsText("was not recorded");
    assertThat(terms.locator("[data-fluid=COOLANT]")).containsText("Record that temperature");
  }

  private void bench(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  /** Of the coolant, K; as wide as nothing while it is worked out. */
  private double band() {
    Matcher m = Pattern.compile("± ([0-9.]+)").matcher(gauge("coolant").innerText());
    return m.find() ? Double.parseDouble(m.group(1)) : Double.NaN;
  }
}
