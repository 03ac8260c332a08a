package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The circuit of a build, as a fabricator asks it, breaks it and takes it to the bench. */
class WiringTest extends OnACopy {
  WiringTest() {
    super("e2e_wiring", "Hive utility");
  }

  private void circuit() {
    page.keyboard().press("w");
    page.waitForURL("**/wiring");
    assertThat(page.locator("[data-circuit]")).isVisible();
  }

  private void button(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  /** By keys: what lies over a wire does not matter to them. */
  private void pick(String what) {
    page.locator(what).focus();
    page.keyboard().press("Enter");
  }

  private void toggle(String name) {
    Locator input =
        page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName(name).setExact(true));
    input.evaluate("e => e.scrollIntoView({ block: 'center' })");
    input.click(new Locator.ClickOptions().setForce(true));
  }

  private void school(String name) {
    page.locator("[data-device=fan-1] .el-select").first().click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private Locator runs(String situation) {
    return page.locator("[data-truth]")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(situation))
        .locator("[data-runs=fan-1]");
  }

  @Test
  void aCircuitIsAskedAndItsWrongWayIsShown() {
    circuit();
    assertThat(runs("key out, coolant 104 °C")).hasText("–");
    assertThat(runs("driving, coolant 104 °C")).hasText(Pattern.compile("10\\d %"));
    assertThat(runs("driving, coolant cold")).hasText("–");
    school("controller that can be set");
    toggle("main fan runs with the air conditioning");
    choose("main fan: air conditioning by", "the compressor’s wire");
    choose("main fan: joined by", "a bare wire");
    Locator found = page.locator("[data-wiring-findings]");
    assertThat(found).containsText("compressor’s clutch gets");
    found
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show"))
        .first()
        .click();
    // The way that the current takes is marked, in the situation in which it does.
    assertThat(page.locator("[data-circuit] path.bad")).not().hasCount(0);
    assertThat(found.locator("[aria-pressed=true]")).hasText("Shown");
    choose("main fan: joined by", "a diode");
    assertThat(found).not().containsText("compressor’s clutch gets");
    button("Undo");
    assertThat(found).containsText("compressor’s clutch gets");
  }

  @Test
  void aWireIsChosenThinnerAndAFuseOfNothingIsRefused() {
    circuit();
    pick("[data-wire='3']");
    Locator card = page.locator("[data-picked]");
    assertThat(card).containsText("mm² blue");
    card.locator(".el-select").first().click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("1 mm²").setExact(true))
        .click();
    assertThat(page.locator("[data-wiring-findings]"))
        .containsText("its insulation lasts to 105 °C");
    pick("[data-part=fan-1-fuse]");
    assertThat(card).containsText("in the moment of the start");
    type("Rating", "0 A");
    assertThat(card).containsText(Pattern.compile("from 1"));
    type("Rating", "20 A");
    assertThat(page.locator("[data-wiring-findings]"))
        .containsText("fuse of the main fan is too small");
  }

  @Test
  void theLoomGoesToTheBench() throws IOException {
    circuit();
    button("Wires and box");
    assertThat(page.locator("[data-box]")).containsText("R1");
    assertThat(page.locator("[data-loom-order]")).containsText("relay 40 A with socket");
    assertThat(page.locator("main")).containsText("seal on, then pin of the plug");
    Download svg = page.waitForDownload(() -> button("Circuit, SVG"));
    assertThat(Files.readString(svg.path())).contains("<svg", "engine computer’s output");
    Download pdf = page.waitForDownload(() -> button("Circuit, PDF A4"));
    assertThat(Files.size(pdf.path())).isGreaterThan(2000);
    // A box in the spray that opens upwards is told on the circuit.
    choose("The box opens", "up");
    type("Up", "-50 mm");
    button("Circuit");
    assertThat(page.locator("[data-wiring-findings]")).containsText("opens upwards");
    assertThat(page.locator("[data-wiring-findings]")).containsText("in the spray");
  }

  @Test
  void aFaultIsBrokenAndAnotherIsFound() {
    circuit();
    button("Fault bench");
    Locator bench = page.locator("[data-fault-bench]");
    pick("[data-part=fan-1-relay]");
    bench
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("relay’s coil open"))
        .click();
    assertThat(page.locator("[data-signs]")).containsText("stands still while driving");
    assertThat(page.locator("[data-way]")).containsText("silent here");
    choose("Bench", "Find what is broken");
    Locator drill = page.locator("[data-drill]");
    assertThat(drill).containsText("The driver says");
    pick("[data-part=fan-1-relay]");
    drill
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("listen").setExact(true))
        .click();
    assertThat(drill.locator("li").filter(new Locator.FilterOptions().setHasText("by ear")))
        .containsText(Pattern.compile("clicks|silent"));
    drill.locator(".el-select").click();
    page.getByRole(AriaRole.OPTION).first().click();
    assertThat(page.locator("[data-verdict]"))
        .containsText(Pattern.compile("shortest way takes \\d+ measurements?, you took 1"));
  }
}
