package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The job as a person does it, in a real browser. */
class WalkTest {
  private static Browser browser;
  private BrowserContext window;
  private Page page;
  private final List<String> pageErrors = new ArrayList<>();

  @BeforeAll
  static void start() {
    browser = new Browser("e2e", "demo");
  }

  @AfterAll
  static void stop() {
    browser.close();
  }

  @BeforeEach
  void open() {
    window = browser.window();
    Browser.held(window);
    page = window.newPage();
    page.onPageError(pageErrors::add);
  }

  @AfterEach
  void noErrorsAndNoNaN() {
    assertThat(page.locator("body").innerText()).doesNotContain("NaN", "undefined", "Infinity");
    assertThat(pageErrors).isEmpty();
    window.close();
  }

  /** Opens a copy of a demo job, so that each test has its own. */
  private void openCopyOf(String name) {
    page.navigate("/");
    Browser.ready(page);
    card(name, "Copy");
    page.waitForURL("**/haul");
    Browser.ready(page);
  }

  /** What the menu of a card of the yard offers. */
  private void card(String name, String what) {
    page.getByLabel("What to do with " + name, new Page.GetByLabelOptions().setExact(true)).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(what)).click();
  }

  private Locator gauge(String fluid) {
    return page.locator("[data-fluid=" + fluid + "]");
  }

  /** Where a fluid stands, as it is shown: {@code settles at 111.1 °C}. */
  private String peak(String fluid) {
    Pattern peak = Pattern.compile("settles at [\\d.]+");
    assertThat(gauge(fluid)).containsText(peak);
    Matcher shown = peak.matcher(gauge(fluid).textContent());
    return shown.find() ? shown.group() : "";
  }

  private void choose(String build) {
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Build"))
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText(build))
        .click();
  }

  private void type(String field, String text) {
    Locator input = page.getByLabel(field, new Page.GetByLabelOptions().setExact(true));
    input.fill(text);
    input.press("Enter");
  }

  private Locator field(String name) {
    return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void theYardShowsItsVerdictsAndTheStripTellsTheStory() {
    page.navigate("/");
    Browser.ready(page);
    for (String job : List.of("Hive utility", "Tilt-tray", "Bucket truck", "Plough pickup")) {
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName(job).setExact(true)))
          .isVisible();
    }
    page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hive utility").setExact(true))
        .click();
    Browser.ready(page);
    choose("As found");
    assertThat(gauge("coolant")).containsText("over its limit");
    assertThat(gauge("pan")).containsText("over its limit");
    choose("Restored");
    assertThat(gauge("coolant")).containsText("marginal");
    assertThat(gauge("pan")).containsText("over its limit");
    choose("Plan A");
    assertThat(gauge("coolant")).containsText("marginal");
    assertThat(gauge("coolant")).containsText("+0.9");
    assertThat(gauge("pan")).containsText("+16.0");
    page.getByText("Quarry Stair").click();
    assertThat(gauge("coolant")).containsText("over its limit");
    assertThat(gauge("pan")).containsText("marginal");
    page.keyboard().press("4");
    assertThat(page.locator("body")).containsText("air is what is missing");
    page.keyboard().press("Control+z");
    assertThat(gauge("coolant")).containsText("marginal");
  }

  @Test
  void numbersTakeAnySensibleUnitSaveThemselvesAndComeBack() {
    openCopyOf("Hive utility");
    String before = gauge("coolant").textContent();
    type("Trailer mass", "7500 lb");
    assertThat(field("Trailer mass")).hasValue("3402 kg");
    assertThat(gauge("coolant")).not().containsText("+0.9");
    type("Ambient", "100 F");
    assertThat(field("Ambient")).hasValue("37.8 °C");
    type("Grade", "5%");
    type("Ambient", "36C");
    assertThat(field("Ambient")).hasValue("36 °C");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    page.reload();
    Browser.ready(page);
    assertThat(field("Ambient")).hasValue("36 °C");
    assertThat(field("Grade")).hasValue("5 %");

    type("Grade", "6 %");
    type("Ambient", "38");
    type("Trailer mass", "3100");
    assertThat(gauge("coolant")).containsText("+0.9");
    for (int i = 0; i < 3; i++) {
      page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
    }
    assertThat(field("Grade")).hasValue("5 %");
    page.getByText("Redo", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(field("Grade")).hasValue("6 %");
    field("Speed").focus();
    field("Speed").press("ArrowDown");
    assertThat(field("Speed")).hasValue("70 km/h");
    page.getByText("°C · km/h").click();
    assertThat(field("Trailer mass")).hasValue(Pattern.compile("lb$"));
    assertThat(gauge("coolant")).containsText("°F");
    page.getByText("°F · mph").click();
    assertThat(before).contains("+0.9");
  }

  @Test
  void badInputIsSaidAtTheFieldAndNothingIsLost() {
    openCopyOf("Hive utility");
    type("Trailer mass", "heavy");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a number");
    assertThat(field("Trailer mass")).hasValue("heavy");
    type("Trailer mass", "");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Enter a number");
    type("Trailer mass", "3 furlongs");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a unit here");
    type("Trailer mass", "90 t");
    assertThat(page.getByText("Mass must be from 0 kg to 20 000 kg, not 90 000 kg").first())
        .isVisible();
    type("Trailer mass", "3100 kg");
    type("Grade", "60 %");
    assertThat(page.getByText("Grade must be from −15.0 % to 30.0 %, not 60.0 %").first())
        .isVisible();
    assertThat(gauge("coolant")).isVisible();
    type("Grade", "6");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(gauge("coolant")).containsText("+0.9");
    type("Grade", "29 %");
    assertThat(page.getByText("is all it holds")).isVisible();
  }

  private void open(String key, String screen) {
    page.keyboard().press(key);
    page.waitForURL("**/" + screen);
    Browser.ready(page);
  }

  private Locator radio(String name) {
    return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void undo() {
    page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
  }

  @Test
  void aCoolerIsChosenOrderedAndItsCostSeen() {
    openCopyOf("Hive utility");
    open("4", "heat");
    page.getByText("Take out").click();
    assertThat(gauge("pan")).containsText("over its limit");
    page.getByText("Choose a cooler").click();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take "))))
        .hasCount(44);
    radio("Plate-fin").click();
    page.getByLabel("Take Plate-fin 330×200×32").click();
    assertThat(gauge("pan")).containsText("to spare");
    assertThat(page.locator("[data-effects]")).containsText("pan");
    String after = gauge("pan").textContent();
    radio("before in-tank").click();
    assertThat(gauge("pan")).not().hasText(after);
    radio("in-tank bypassed").click();
    assertThat(page.locator("body")).not().containsText("the in-tank cooler warms the oil here");
    type("From left edge", "900 mm");
    assertThat(page.locator("[data-clearances]")).containsText("outside the front opening");
    assertThat(page.locator("[data-clearances]")).containsText("move it back inside");
    page.keyboard().press("Tab");
    undo();
    assertThat(page.locator("[data-clearances]")).not().containsText("outside");
    radio("behind").click();
    assertThat(page.locator("[data-clearances]"))
        .containsText("between radiator and fan there are");
    radio("elsewhere").click();
    assertThat(field("Its own fan, free air")).hasValue("0.35 m³/s");
    page.getByText("New plan from this").click();
    assertThat(
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Build"))
                .getByRole(AriaRole.BUTTON))
        .hasCount(4);
  }

  @Test
  void aPartFollowsTheHandAndTheStripFollowsThePart() {
    openCopyOf("Hive utility");
    open("4", "heat");
    Locator cooler = page.locator("[data-piece='oil cooler']");
    String before = gauge("pan").textContent();
    BoundingBox box = cooler.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int i = 1; i <= 10; i++) {
      page.mouse().move(x + 8 * i, y + 2 * i);
    }
    // Still in hand: red against the brace, and the strip has moved with it.
    assertThat(page.locator("[data-clearances]")).containsText("latch brace");
    assertThat(gauge("pan")).not().hasText(before);
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    for (int i = 11; i <= 19; i++) {
      page.mouse().move(x + 9 * i, y + 2 * i);
    }
    page.mouse().up();
    assertThat(page.locator("[data-clearances]")).containsText("Everything clears");
    assertThat(field("From left edge")).not().hasValue("50 mm");
    undo(); // the whole drag is one edit
    assertThat(field("From left edge")).hasValue("50 mm");
    assertThat(field("Above lower edge")).hasValue("250 mm");
    cooler.focus();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowUp");
    assertThat(field("From left edge")).hasValue("55 mm");
    assertThat(field("Above lower edge")).hasValue("260 mm");
    Locator slab = page.locator("[data-slab='oil cooler']");
    slab.focus();
    page.keyboard().press("ArrowLeft");
    assertThat(field("Gap behind")).hasValue("25 mm");
    BoundingBox side = slab.boundingBox();
    page.mouse().move(side.x + side.width / 2, side.y + side.height / 2);
    page.mouse().down();
    page.mouse().move(side.x + side.width / 2 + 30, side.y + side.height / 2);
    page.mouse().move(side.x + side.width / 2 + 140, side.y + side.height / 2);
    page.mouse().up();
    assertThat(radio("behind")).isChecked();
    assertThat(gauge("pan")).not().hasText(before);
  }

  /** Another fan in the place of the one that was read, and readings of it. */
  private void twoFansAreComparedOnEqualTerms() {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change").setExact(true))
        .click();
    page.getByLabel("Take Electric pair 2×305, full shroud").click();
    page.getByText("Another one").click();
    assertThat(page.getByText("New traverse of Electric pair 2×305, full shroud")).isVisible();
    type("At the fan", "13.1");
    page.locator("textarea").fill("2.6 2.9 2.7  2.8 2.9 2.6 2.5 2.7");
    page.getByText("Take the readings").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not fill rows of 3");
    page.locator("textarea").fill("2.6 2.9 2.7  2.8 2.9 2.6  2.5 2.7 2.4");
    page.getByText("Take the readings").click();
    Locator taken =
        page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Traverses taken"))
            .getByRole(AriaRole.ROW);
    assertThat(taken).hasCount(3);
    assertThat(taken.nth(2)).containsText("at the core · 13.1 V · A/C off");
    assertThat(page.locator("[data-compared]")).containsText("more, give or take");
    // One that is forgotten comes back by undo.
    page.getByText("Forget it").click();
    assertThat(taken).hasCount(2);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")).click();
    assertThat(taken).hasCount(3);
  }

  @Test
  void fansSitOnTheirCurvesAndAreCorrectedByHandReadings() {
    openCopyOf("Hive utility");
    open("4", "heat");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Fans")).click();
    assertThat(page.locator("[data-fan-curve]")).containsText("free air");
    // What is drawn changes its units with all else.
    Locator flow = page.locator("[data-heat-flow]");
    assertThat(flow).containsText("kW");
    page.keyboard().press("u");
    assertThat(flow).not().containsText("kW");
    page.keyboard().press("u");
    page.getByText("Air measured by hand").click();
    page.locator("textarea").fill("2.1 two 2.4");
    page.getByText("Take the readings").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a number");
    page.locator("textarea").fill("3.6 3.9 3.7  3.8 4.0 3.6");
    String before = gauge("coolant").textContent();
    page.getByText("Take the readings").click();
    assertThat(page.locator("[data-traverse]").first()).containsText("fan pressure factor");
    assertThat(page.locator("[data-traverse]").nth(1)).containsText("Only 6 readings");
    page.getByText("Correct the model").click();
    assertThat(gauge("coolant")).not().hasText(before);
    twoFansAreComparedOnEqualTerms();
    page.getByText("Add a helper fan").click();
    page.getByLabel("Take Electric 355, slim").click();
    assertThat(page.locator("body")).containsText("Only its free-air figure is known");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Radiator")).click();
    String open = gauge("coolant").textContent();
    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("plough").setExact(true))
        .click();
    assertThat(gauge("coolant")).not().hasText(open);
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Rating")).click();
    type("The box says", "20000 BTU/h");
    assertThat(field("The box says")).hasValue("5.86 kW");
    assertThat(page.locator("[data-rating]")).containsText("does not say at which temperatures");
    type("at oil over air by", "100 F");
    assertThat(page.locator("[data-rating]"))
        .not()
        .containsText("does not say at which temperatures");
    type("The box says", "900 kW");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Heat must be from 0.1 kW to 200.0 kW");
    type("The box says", "lots");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a number");
  }

  @Test
  void theFinderAnswersSurvivesARestartAndItsAnswerBecomesAPlan() {
    openCopyOf("Hive utility");
    open("5", "finder");
    Locator search = page.getByText("Search", new Page.GetByTextOptions().setExact(true));
    type("Spend at most", "a lot");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("is not a number");
    assertThat(search).isDisabled();
    type("Spend at most", "600");
    type("Fan current at most", "4000 A");
    search.click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Current must be from 0 A to 400 A");
    type("Fan current at most", "60");
    type("Work at most", "720 min");
    assertThat(field("Work at most")).hasValue("12 h");
    search.click();
    page.waitForSelector("[data-finder]");
    browser.stopServer(); // in the middle of it
    browser.startServer();
    page.waitForSelector(
        "[data-status=DONE]", new Page.WaitForSelectorOptions().setTimeout(90_000));
    assertThat(page.locator("[data-verdict]")).containsText("Enough for");
    assertThat(page.locator("[data-question]"))
        .containsText(Pattern.compile("Long Tallow, 6.*75\\skm"));
    page.getByLabel("Make a plan of number 1").click();
    page.waitForURL("**/heat");
    Browser.ready(page);
    assertThat(page.locator("[data-clearances]")).containsText("Everything clears");
    assertThat(gauge("pan")).not().containsText("over its limit");
    open("5", "finder");
    page.waitForSelector("[data-status=DONE]"); // coming back finds it again
    assertThat(page.locator("[data-pick]").first()).isVisible();
  }

  @Test
  void disputesAreSettledOnThisTruck() {
    openCopyOf("Hive utility");
    page.getByText("Saltpan Flats").click();
    open("6", "settle");
    page.getByText("Thermostat", new Page.GetByTextOptions().setExact(true)).click();
    Locator answer = page.locator("[data-answer]");
    assertThat(page.locator("[data-school]")).hasCount(2);
    String hot = answer.textContent();
    page.keyboard().press("3");
    page.getByText("Lantern Cutting").click();
    open("6", "settle");
    page.getByText("Thermostat", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(answer).not().hasText(hot);
    assertThat(page.locator("body")).containsText("When the other school is right");
  }

  @Test
  void aRigIsTakenInAndMeasuringMakesItSurer() {
    page.navigate("/");
    Browser.ready(page);
    page.getByText("New job").click();
    page.getByText("Diesel utility or pickup").click();
    page.waitForURL("**/rig");
    Browser.ready(page);
    String wide = page.locator(".band").last().textContent();
    Locator next = page.locator("[data-next] button").first();
    next.click();
    page.locator(".list li.lit .mark").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Measured").setExact(true))
        .click();
    assertThat(page.locator(".band").last()).not().hasText(wide);
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Radiator and condenser")))
        .click();
    type("Radiator core depth", "1 1/2 in");
    assertThat(field("Radiator core depth")).hasValue("38.1 mm");
    assertThat(page.getByLabel("Radiator core depth is entered; say where it comes from"))
        .isVisible();
    type("Radiator core depth", "900 mm");
    assertThat(page.getByText("Depth must be from 8 mm to 150 mm").first()).isVisible();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Engine and gearbox")))
        .click();
    type("Torque there, N·m", "200 350 380 350 310 240 lb·ft");
    assertThat(field("Torque there, N·m")).hasValue("271  475  515  475  420  325");
    page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
    type("Gear ratios, first to top", "4.1 2.4 x");
    assertThat(page.getByText("“x” is not a unit here. Use a plain number.")).isVisible();
    type("Gear ratios, first to top", "4.1 y 2.4");
    assertThat(page.getByText("is not a number.")).isVisible();
    type("Gear ratios, first to top", "4.1 2.4 1.5 1.1 0.86");
    assertThat(page.locator("body")).not().containsText("is not a");
    page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(field("Gear ratios, first to top")).hasValue("4.1  2.4  1.55  1.15  0.86  0.69");
  }

  @Test
  void aCatalogueFileIsTakenOrRefusedByTheRow(@TempDir Path folder) throws Exception {
    openCopyOf("Hive utility");
    open("4", "heat");
    page.getByText("Change", new Page.GetByTextOptions().setExact(true)).click();
    Path bad =
        Files.writeString(
            folder.resolve("bad.csv"),
            "code,name,family,width_mm,height_mm,depth_mm,fins_per_inch,tube_pitch_mm,passes,port_bore_mm,ports,price\nE-1,own,PLATE_FIN,9999,200,32,14,10.5,1,9.5,barb,10\n");
    page.getByLabel("Import parts from CSV").setInputFiles(bad);
    assertThat(page.locator(".note"))
        .containsText("row 2, width_mm “9999.0”: Width must be from 80 mm to 900 mm");
    Path good =
        Files.writeString(
            folder.resolve("good.csv"),
            "code,name,family,width_in,height_mm,depth_mm,fins_per_inch,tube_pitch_mm,passes,port_bore_mm,ports,price\nE-1,Our own plate,PLATE_FIN,11,200,32,14,10.5,1,9.5,barb,10\n");
    page.getByLabel("Import parts from CSV").setInputFiles(good);
    assertThat(page.locator(".note")).containsText("1 added");
    page.getByLabel("Take Our own plate").click();
    assertThat(field("Width")).hasValue("279.4 mm");
  }

  @Test
  void anyShelfTakesAPartByHandAndSaysWhatIsWrongWithIt() {
    page.navigate("/");
    page.keyboard().press("p");
    Browser.ready(page);
    page.getByText("Coolant pumps").click();
    page.waitForURL("**/coolant-pumps");
    Browser.ready(page);
    button("Add a part").click();
    type("Code", "WP-OWN");
    type("Name", "Our own pump");
    type("Flow at 4000 rpm", "99 kg/s");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Enter a number");
    type("Price", "90");
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("Flow at 4000 rpm must be from 0.20 kg/s to 15.00 kg/s");
    type("Flow at 4000 rpm", "400 lb/min");
    Locator row = button("Open Our own pump");
    assertThat(row).containsText("3.02 kg/s");
    page.getByLabel("Search this shelf").fill("wp-own");
    assertThat(page.locator("main li")).hasCount(1);
    row.click();
    type("Price", "95");
    assertThat(row).containsText("95");
    row.click();
    button("Take off the shelf").click();
    button("Remove").click();
    assertThat(row).hasCount(0);
  }

  @Test
  void aPartThatIsOpenWhileTheUnitsChangeKeepsItsValues() {
    page.navigate("/parts/fans");
    Browser.ready(page);
    Locator row = button("Open Electric pair 2×380, high output, measured curve");
    row.click();
    Locator flows = page.getByLabel("Flows of the curve");
    String metric = flows.inputValue();
    button("Leave it").focus();
    page.keyboard().press("u");
    assertThat(flows).not().hasValue(metric);
    type("Price", "551");
    assertThat(row).containsText("551");
    row.click();
    button("Leave it").focus();
    page.keyboard().press("u");
    assertThat(field("Price")).hasValue("551");
    assertThat(flows).hasValue(metric);
    assertThat(metric).isEqualTo("0  1.2  2.4  3.3");
  }

  @Test
  void aScreenWhoseCodeDidNotArriveOpensOnceTheServerAnswers() {
    // Before the screens are fetched ahead of need, and as a browser remembers a failed fetch.
    page.route("**/assets/FinderScreen*", route -> route.abort());
    openCopyOf("Hive utility");
    type("Trailer mass", "2600");
    field("Trailer mass").blur();
    page.waitForRequest("**/assets/FinderScreen*", () -> page.keyboard().press("5"));
    page.unroute("**/assets/FinderScreen*");
    page.waitForURL("**/finder");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Find parts")))
        .isVisible();
    page.navigate(page.url().replace("finder", "haul"));
    assertThat(field("Trailer mass")).hasValue("2600 kg");
  }

  private Locator tab(String name) {
    return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aFaultShowsAtOnceAndMendingItTakesItBack() {
    openCopyOf("Hive utility");
    open("4", "heat");
    page.getByText("Faults", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator(".bench")).containsText("works as made");
    type("Pump flow, of new", "50 %");
    assertThat(gauge("coolant")).containsText("over its limit");
    assertThat(page.locator(".bench")).containsText("keeps a fault");
    type("Pump flow, of new", "150 %");
    assertThat(page.locator(".bench").getByRole(AriaRole.ALERT))
        .containsText("Pump flow, of new must be from 5.0 % to 100.0 %");
    type("Pump flow, of new", "100 %");
    assertThat(gauge("coolant")).containsText("+0.9");
    radio("stuck shut").first().click();
    assertThat(gauge("coolant")).not().containsText("+0.9");
    undo();
    assertThat(gauge("coolant")).containsText("+0.9");
  }

  @Test
  void anOlderJobSaysOnceWhatMovedAndABuildChangesMoreThanItsCoolers(@TempDir Path folder)
      throws Exception {
    page.navigate("/");
    Browser.ready(page);
    Path old = Path.of("../server/src/test/resources/formats/plough-pickup-2.json");
    String renamed = Files.readString(old).replace("\"Plough pickup\"", "\"An older job\"");
    page.locator("input[type=file]")
        .setInputFiles(Files.writeString(folder.resolve("old.json"), renamed));
    page.waitForURL("**/haul");
    Browser.ready(page);
    assertThat(page.locator("[data-notice]")).containsText("second edition");
    button("I have read it").click();
    assertThat(page.locator("[data-notice]")).hasCount(0);
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    page.reload();
    Browser.ready(page);
    assertThat(page.locator("[data-notice]")).hasCount(0);

    open("4", "heat");
    choose("Restored");
    String before = peak("coolant");
    tab("Other cores").click();
    button("+ power steering").click();
    assertThat(gauge("coolant")).not().containsText(before);
    String warmed = peak("coolant");
    Locator steering = page.locator("[data-piece='steering cooler']");
    steering.focus();
    page.keyboard().press("Shift+ArrowUp");
    assertThat(field("Above lower edge")).not().hasValue("0 mm");
    type("Heat it gives", "4 kW");
    assertThat(gauge("coolant")).not().containsText(warmed);
    radio("elsewhere").click();
    assertThat(gauge("coolant")).containsText(before);

    tab("Radiator").click();
    button("Change the pump").click();
    page.getByLabel("Take Pump 5.0 kg/s, cast wheel").click();
    assertThat(gauge("coolant")).not().containsText(before);
    button("Back to its own").click();
    assertThat(gauge("coolant")).containsText(before);

    tab("Fans").click();
    button("Change its clutch").click();
    page.getByLabel("Take Controlled, quiet").click();
    assertThat(field("Grips from")).hasValue("98 °C");
    type("Grips from", "110");
    type("Grips fully", "118");
    String late = peak("coolant");
    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("driver holds it")).click();
    assertThat(gauge("coolant")).not().containsText(late);

    // What stuck in the gearbox is a fault of the truck as found, and mends like any other.
    choose("As found");
    tab("Faults").click();
    assertThat(radio("stuck shut").last()).isChecked();
    String stuck = peak("pan");
    radio("its bypass works").click();
    assertThat(gauge("pan")).not().containsText(stuck);
  }

  @Test
  void whatDoesNotFitCountsForNothingUntilItIsPutBack() {
    openCopyOf("Hive utility");
    open("4", "heat");
    String before = peak("pan");
    type("From left edge", "1500 mm");
    assertThat(page.locator("[data-clash]")).containsText("Not buildable: oil cooler");
    assertThat(page.locator("[data-clash]")).containsText("1000 mm outside the front opening");
    assertThat(gauge("pan")).containsText("if it fitted");
    assertThat(gauge("pan")).not().containsText(before); // out of the air it takes nothing
    field("From left edge").blur();
    open("j", "sheet");
    assertThat(page.locator("[data-sheet]")).containsText("Not buildable");
    page.keyboard().press("0");
    assertThat(
            page.locator("article .clash")
                .filter(new Locator.FilterOptions().setHasText("not buildable: oil cooler"))
                .first())
        .isVisible();
    page.goBack();
    Browser.ready(page);
    open("4", "heat");
    button("Put it back").click();
    assertThat(page.locator("[data-clash]")).hasCount(0);
    assertThat(field("From left edge")).hasValue("490 mm");
    assertThat(gauge("pan")).not().containsText("if it fitted");
    // Dragged past the edge it stops there.
    BoundingBox box = page.locator("[data-piece='oil cooler']").boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + box.width, box.y + box.height / 2);
    page.mouse().move(box.x + 5 * box.width, box.y + box.height / 2);
    page.mouse().up();
    assertThat(field("From left edge")).hasValue("490 mm");
  }

  @Test
  void holdingALowerGearIsToldAndTried() {
    openCopyOf("Bucket truck");
    choose("Restored");
    assertThat(gauge("feed")).containsText("over its limit");
    open("4", "heat");
    assertThat(page.locator("body")).containsText("Held in gear 1");
    open("3", "haul");
    type("No gear above", "1");
    assertThat(page.locator(".where")).containsText("1st gear");
    assertThat(gauge("feed")).containsText("to spare");
    type("No gear above", "0");
    assertThat(page.getByRole(AriaRole.ALERT).first())
        .containsText("No gear above must be from 1 to 12");
    type("No gear above", "");
    assertThat(gauge("feed")).containsText("over its limit");
    String warm = gauge("coolant").textContent();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("on").setExact(true))
        .click();
    assertThat(gauge("coolant")).not().hasText(warm);
  }

  @Test
  void theMapIsReadByPointingAndMovesTheHaulByAClick() {
    openCopyOf("Hive utility");
    Locator map = page.locator("[data-map]");
    page.waitForSelector("[data-target]");
    BoundingBox box = map.boundingBox();
    page.mouse().move(box.x + box.width * 0.3, box.y + box.height * 0.6);
    assertThat(page.locator("[data-reading]")).containsText("coolant");
    page.mouse().click(box.x + box.width * 0.3, box.y + box.height * 0.6);
    assertThat(field("Grade")).not().hasValue("6 %");
    assertThat(gauge("coolant")).containsText("to spare");
    page.keyboard().press("Control+z");
    assertThat(field("Grade")).hasValue("6 %");
    radio("heat × mass").click();
    assertThat(map).containsText("4000 kg");
    page.locator(".other").click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Restored")).click();
    assertThat(page.locator("[data-against]")).containsText("coolant");
    assertThat(page.locator(".legend")).containsText("better");
    page.mouse().move(box.x + box.width * 0.6, box.y + box.height * 0.5);
    assertThat(page.locator("[data-reading]")).containsText("more headroom");
  }

  @Test
  void switchPointsLinesAndStripsAnswer() {
    openCopyOf("Hive utility");
    page.keyboard().press("7");
    Locator findings = page.locator("[data-findings]");
    assertThat(findings).containsText("take it for too late");
    type("Fan off", "85 °C");
    assertThat(findings).containsText("once on it rests");
    type("Fan off", "109 °C");
    type("Fan on", "111.8 °C");
    assertThat(findings).containsText("over its limit");
    page.getByText("Controllers").click();
    page.getByLabel("Take Fixed switch 97 on, 92 off").click();
    assertThat(field("Fan off")).hasValue("92 °C");
    List<String> cells = page.locator("[data-compare] td").allInnerTexts();
    assertThat(cells).hasSize(6);
    assertThat(cells.get(2)).isEqualTo(cells.get(5)); // at worst, however cold it starts

    page.keyboard().press("Escape"); // out of the number, so that a digit is a key again
    page.keyboard().press("9");
    Locator flow = page.locator("[data-flow]");
    assertThat(flow).containsText("94 %");
    assertThat(flow).containsText("2.6 m");
    page.getByText("Add a hose").click();
    Locator bore = page.getByLabel("Bore", new Page.GetByLabelOptions().setExact(true));
    assertThat(bore).hasCount(1); // the others are cut from hose that has its own
    bore.fill("3/16 in");
    bore.press("Enter");
    assertThat(page.locator("body")).containsText("of the flow as found is left");

    page.keyboard().press("Escape");
    page.keyboard().press("8");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Brackets")).click();
    assertThat(page.locator("[data-flat]")).containsText("156.9 mm");
    type("leg A, length", "50 mm");
    assertThat(page.locator("[data-flat]")).not().containsText("156.9 mm");
    type("bend 1, angle", "0.2");
    assertThat(page.locator("[data-fault]")).containsText("Bend angle must be from");
  }

  @Test
  void theSheetPrintsExportsAndImports(@TempDir Path folder) throws Exception {
    openCopyOf("Hive utility");
    page.keyboard().press("j");
    Locator sheet = page.locator("[data-sheet]");
    assertThat(sheet).containsText("Stacked plate 280×190×32");
    assertThat(sheet).containsText("Never open a hot cap");
    // Of the road, as the strip says it, with the place that is to be watched.
    assertThat(sheet).containsText(Pattern.compile("Long Tallow: 30\\skm from 15:00"));
    assertThat(page.locator("[data-proof]"))
        .containsText(Pattern.compile("Coolant, highest, at 1\\d"));
    assertThat(gauge("coolant")).containsText("±");
    for (String format : List.of("A4", "Letter")) {
      byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(format).setPreferCSSPageSize(false));
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertThat(document.getNumberOfPages()).isBetween(1, 12);
        String text = new PDFTextStripper().getText(document).replace('\u00a0', ' ');
        assertThat(text)
            .contains("Hose cut list", "1078 mm", "156.9 mm", "Prove it on the same road");
        assertThat(text).doesNotContain("Undo");
      }
    }
    Download download = page.waitForDownload(() -> page.getByText("Export as JSON").click());
    Path file = folder.resolve("job.json");
    download.saveAs(file);
    String strip = gauge("coolant").textContent();

    page.keyboard().press("0");
    Browser.ready(page);
    Path broken =
        Files.writeString(folder.resolve("broken.json"), "{\"format\": \"road-breeze-job\"}");
    page.locator("input[type=file]").setInputFiles(broken);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("was not imported");
    page.locator("input[type=file]").setInputFiles(file);
    page.waitForURL("**/haul");
    Browser.ready(page);
    assertThat(gauge("coolant")).hasText(strip);
  }

  @Test
  void theYardIsSearchedArchivedAndARemovedJobComesBack() {
    openCopyOf("Plough pickup");
    open("1", "rig");
    type("Job", "Salt run");
    field("Job").blur();
    assertThat(page.locator(".save")).hasText("Saved");
    page.keyboard().press("0");
    Locator salt =
        page.locator("article").filter(new Locator.FilterOptions().setHasText("Salt run"));
    assertThat(salt).hasCount(1);
    page.getByLabel("Search the yard").fill("salt run");
    assertThat(page.locator("article")).hasCount(1);
    card("Salt run", "Archive");
    assertThat(salt).hasCount(0);
    page.getByRole(AriaRole.SWITCH).click();
    assertThat(salt).hasCount(1);
    card("Salt run", "Back to the yard");
    card("Salt run", "Remove");
    assertThat(salt).hasCount(0);
    button("Undo").click();
    assertThat(salt).hasCount(1);
    page.reload();
    Browser.ready(page);
    assertThat(salt).hasCount(1);
    card("Salt run", "Remove");
    open("p", "parts/oil-coolers"); // leaving the yard ends the time for it
    page.keyboard().press("0");
    Browser.ready(page);
    assertThat(salt).hasCount(0);
  }

  @Test
  void aRatingPassedStandsBeforeEveryVerdictAndAWrongNumberIsLedTo() {
    openCopyOf("Hive utility");
    open("1", "rig");
    type("Rated, trailer", "2900 kg");
    field("Rated, trailer").blur();
    Locator bar = page.locator("[data-rating]").first();
    assertThat(bar).containsText("the trailer weighs 3100 kg, rated 2900 kg: 200 kg over");
    open("j", "sheet");
    assertThat(page.locator("[data-sheet] [data-rating]")).isVisible();
    open("3", "haul");
    type("Trailer mass", "2800 kg");
    assertThat(page.locator("[data-rating]")).hasCount(0);
    // Another road than the yard knows is said to be one's own.
    assertThat(page.locator(".strip")).containsText("Long Tallow");
    type("Grade", "5");
    assertThat(page.locator(".strip")).containsText("own stretch");
    type("Grade", "95");
    field("Grade").blur();
    page.keyboard().press("j"); // with a number refused it has no answers to wait for
    page.waitForURL("**/sheet");
    page.getByText("Go to it").first().click();
    page.waitForURL("**/haul?at=haul.gradePercent");
    assertThat(field("Grade")).isFocused();
    type("Grade", "6");
    assertThat(page.locator(".refused")).hasCount(0);
  }

  @Test
  void anyNumberOfTheStripOpensToItsWorking() {
    openCopyOf("Hive utility");
    for (String fluid : List.of("coolant", "feed", "pan")) {
      gauge(fluid).click();
      Locator working = page.locator("[data-working]");
      assertThat(working).containsText("F = m·g");
      assertThat(working).containsText("entered");
      assertThat(working).containsText("Gillespie");
      page.keyboard().press("Escape");
      assertThat(working).hasCount(0);
    }
  }

  @Test
  void whatTwoWindowsChangeIsKeptOfBothAndWhatClashesIsChosen() {
    openCopyOf("Hive utility");
    Page other = window.newPage();
    other.navigate(page.url());
    Browser.ready(other);
    Locator grade = other.getByLabel("Grade", new Page.GetByLabelOptions().setExact(true));
    Locator speed = other.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true));
    // Different fields of one section: both kept without a word.
    type("Speed", "70");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    grade.fill("5");
    grade.press("Enter");
    assertThat(other.getByRole(AriaRole.STATUS)).hasText("Saved");
    assertThat(speed).hasValue("70 km/h");
    assertThat(grade).hasValue("5 %");
    // The same field: both values are shown, and a person chooses.
    type("Grade", "7");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Changed in two places");
    Locator clash = page.locator("[data-conflict]");
    assertThat(clash).containsText("Grade");
    assertThat(clash).containsText("5.0 %");
    clash.getByText("7.0").click();
    page.getByText("Keep these").click();
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    other.reload();
    Browser.ready(other);
    assertThat(grade).hasValue("7 %");
    assertThat(speed).hasValue("70 km/h");
    // Each adds a row to one list: both rows are there.
    for (Page one : List.of(page, other)) {
      one.getByText("Lines", new Page.GetByTextOptions().setExact(true)).click();
      one.waitForURL("**/lines");
    }
    for (Page one : List.of(page, other)) {
      one.getByText("Add a hose").click();
      assertThat(one.getByRole(AriaRole.STATUS)).hasText("Saved");
    }
    assertThat(other.getByText("Remove", new Page.GetByTextOptions().setExact(true))).hasCount(4);
  }

  @Test
  void noEditIsLostByLeavingNorByReloadingInTheMiddleOfOne() {
    openCopyOf("Hive utility");
    String first = page.url();
    // Typed, and another job is opened before it can have been saved.
    type("Trailer mass", "2345");
    field("Trailer mass").blur();
    page.keyboard().press("0");
    page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tilt-tray").setExact(true))
        .click();
    page.waitForURL("**/haul");
    Browser.ready(page);
    page.navigate(first);
    Browser.ready(page);
    assertThat(field("Trailer mass")).hasValue("2345 kg");
    // Typed and not left, and the page is loaded again.
    field("Grade").fill("4.5");
    page.reload();
    Browser.ready(page);
    assertThat(field("Grade")).hasValue("4.5 %");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
  }

  @Test
  void editsOutliveAServerThatGoesAway() {
    openCopyOf("Hive utility");
    browser.stopServer();
    type("Trailer mass", "2750");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("kept in this browser");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Not saved yet");
    browser.startServer();
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("Saved");
    page.reload();
    Browser.ready(page);
    assertThat(field("Trailer mass")).hasValue("2750 kg");
  }
}
