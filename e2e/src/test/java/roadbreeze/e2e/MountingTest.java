package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.geom.Point2D;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** The front end in space, as a fabricator measures it and looks where a cooler can sit. */
class MountingTest extends OnACopy {
  MountingTest() {
    super("e2e_mounting", "Hive utility");
  }

  private void mounting() {
    page.keyboard().press("8");
    assertThat(page.locator("[data-view=front]")).isVisible();
    assertThat(thing("front", "piece/cooler-1")).isVisible();
  }

  private Locator view(String name) {
    return page.locator("[data-view=" + name + "]");
  }

  private Locator thing(String view, String key) {
    return view(view).locator("[data-thing='" + key + "']");
  }

  private Locator near(String name) {
    return page.locator("[data-near] button").filter(new Locator.FilterOptions().setHasText(name));
  }

  private void button(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private void toggle(String name) {
    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName(name)).press("Space");
  }

  private void pickOne(String field, String choice) {
    page.locator(".pick")
        .filter(new Locator.FilterOptions().setHasText(field))
        .locator(".el-select")
        .click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(choice).setExact(true))
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
  void aPlaceIsFoundTriedAndTakenWithBracketsAndHoses() {
    mounting();
    page.locator("[data-find=cooler-1]").click();
    assertThat(page.locator(".places")).hasAttribute("data-ready", "true");
    assertThat(page.locator(".places [data-now]")).containsText("Now");
    assertThat(page.locator("[data-elsewhere]")).containsText("on a fan of its own");
    BoundingBox before = thing("front", "piece/cooler-1").boundingBox();
    Locator first = page.locator("[data-place=place-0]");
    assertThat(first).containsText("no hole to drill");
    first.click();
    // It stands there in the views, but not yet in the plan.
    assertThat(first).hasAttribute("aria-pressed", "true");
    BoundingBox tried = thing("front", "piece/cooler-1").boundingBox();
    assertThat(Math.hypot(tried.x - before.x, tried.y - before.y)).isGreaterThan(5);
    assertThat(page.locator(".places .more")).containsText("before the main fan");
    assertThat(page.locator(".places .more")).containsText("of the radiator");
    page.locator("[data-stand]").click();
    assertThat(page.locator("[data-stood]"))
        .containsText(Pattern.compile("on 4 brackets, with [12]\\.[0-9]+\\sm of hose"));
    button("Measure list");
    assertThat(view("front").locator("[data-thing^='strip/']")).hasCount(4);
    button("Undo");
    assertThat(page.locator("[data-find=cooler-1]")).isVisible();
    page.waitForCondition(
        () -> Math.abs(thing("front", "piece/cooler-1").boundingBox().x - before.x) < 1);
  }

  /** Measured on the list, it is one of the places that are looked at; too small a one says why. */
  @Test
  void aPlaceAwayFromThePackIsMeasuredLookedAtAndTaken() {
    mounting();
    page.locator("[data-add-remote]").click();
    Locator remote = page.locator("[data-remote-places]");
    type("Name", "under the bed");
    type("Along the air", "150 mm");
    assertThat(remote).containsText("500 mm × 350 mm × 150 mm");
    type("Way of one hose", "30 m");
    assertThat(remote).containsText("Way of one hose must be from");
    type("Way of one hose", "2.2 m");
    page.locator("[data-find=cooler-1]").click();
    Locator away = page.locator("[data-away]");
    assertThat(away)
        .containsText(Pattern.compile("193\\smm along the air is wanted .* 140\\smm is sure"));
    assertThat(away.locator("[data-hang-away]")).hasCount(0);
    button("Measure list");
    remote
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("under the bed"))
        .click();
    type("Along the air", "250 mm");
    page.locator("[data-find=cooler-1]").click();
    assertThat(away).containsText("4.40 m of hose");
    away.locator("[data-hang-away]").click();
    assertThat(page.locator("[data-stood]")).containsText("It hangs there, with 4.40 m of hose");
    button("Measure list");
    assertThat(thing("front", "piece/cooler-1")).hasCount(0);
    // It can be asked back from there.
    assertThat(page.locator("[data-find=cooler-1]")).isVisible();
    button("Undo");
    assertThat(thing("front", "piece/cooler-1")).isVisible();
  }

  @Test
  void aRadiatorIsHeldAgainstTheTruckTickedAndPutBack() throws Exception {
    mounting();
    button("Radiator");
    assertThat(page.locator("[data-own]")).containsText("keeps the truck’s own radiator");
    pickOne("Radiator of Plan A", "Aluminium 800×580×40, 2 rows, plastic tanks");
    Locator verdict = page.locator("[data-verdict]");
    // 580 mm do not go under a bar at 540.
    assertThat(verdict).containsText("Does not go in like this");
    Locator height = page.locator("[data-row=HEIGHT]");
    assertThat(height).containsText("too high under the upper bar");
    pickOne("Radiator of Plan A", "Aluminium 760×520×56, 3 rows, plastic tanks");
    assertThat(verdict).containsText("Goes in");
    assertThat(height).containsText("20 mm is left under the upper bar");
    // A narrower support has to be cut, and a plate makes good what the cut took.
    type("Support, right edge", "790 mm");
    assertThat(page.locator("[data-row=WIDTH]"))
        .containsText(Pattern.compile("cut 0\\smm left, 10\\smm right"));
    Locator plate = page.locator("[data-plate=SUPPORT_EDGE-RIGHT]");
    assertThat(plate).containsText("cut out 10 mm deep");
    plate.scrollIntoViewIfNeeded();
    plate.getByText("welded").click(new Locator.ClickOptions().setForce(true));
    assertThat(page.locator("[data-plates] [role=alert]")).containsText("First tacked");
    plate.getByText("tacked").click(new Locator.ClickOptions().setForce(true));
    assertThat(plate.locator(".is-active")).hasText("tacked");
    plate.getByText("tried").click(new Locator.ClickOptions().setForce(true));
    assertThat(plate.locator(".is-active")).hasText("tried");
    Download sheets =
        page.waitForDownload(
            () ->
                page.locator("[data-plates]")
                    .getByText("PDF A4", new Locator.GetByTextOptions().setExact(true))
                    .click());
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(sheets.path()))) {
      assertThat(pdf.getNumberOfPages()).isPositive();
    }
    // A pin that nobody has measured is asked for, never guessed.
    type("Pins apart", "");
    assertThat(page.locator("[data-row=PINS]")).containsText("not measured on this truck");
    assertThat(verdict).containsText("Not known yet");
    button("Undo");
    assertThat(verdict).containsText("Goes in");
    toggle("height over the tanks: held against the part in hand");
    assertThat(page.locator("[data-order] header")).containsText("12 not yet held");
    assertThat(page.locator("[data-carried]")).containsText("rubber mounts");
    page.keyboard().press("9");
    button("Cut and buy");
    assertThat(page.locator("[data-cut-list]")).containsText("sheet");
  }

  @Test
  void aFanIsMeasuredRoundMendedAndStrapped() {
    mounting();
    button("Fan and shroud");
    assertThat(page.locator("[data-clear]")).containsText("Nothing is too near");
    type("Tip gap right", "1 mm");
    Locator wrong = page.locator("[data-findings] li");
    assertThat(wrong).hasCount(1);
    assertThat(wrong).containsText("is left at the tips");
    type("Blades to core", "12 mm");
    assertThat(wrong).hasCount(2);
    // No spacer takes blades away from a core, but the shroud can be centred.
    Locator mend = page.locator("[data-mend]");
    assertThat(mend).containsText(Pattern.compile("the shroud .*\\smm to the right"));
    assertThat(page.locator(".fan-bench")).containsText("Still wrong then: blades stand");
    mend.click();
    assertThat(wrong).hasCount(1);
    assertThat(mend).hasCount(0);
    type("Blades to core", "30 mm");
    assertThat(page.locator("[data-clear]")).isVisible();
    page.locator("[data-strap]").click();
    assertThat(page.locator(".strip").filter(new Locator.FilterOptions().setHasText("strap")))
        .hasCount(2);
    page.locator(".strip")
        .filter(new Locator.FilterOptions().setHasText("upper left strap"))
        .click();
    assertThat(page.locator("[data-tie]")).containsText("radiator’s frame, upper left");
    assertThat(page.locator("[data-form][aria-pressed=true]")).containsText("the ear");
  }

  /** Rendered by a known camera: what is clicked is where it was put, within the error stated. */
  @Test
  void holesAreClickedOnAPhotographInsteadOfMeasured() {
    mounting();
    button("Photograph");
    RenderedPhoto front = new RenderedPhoto(-20, -20, 800, 560);
    Locator file = page.locator(".photo-bench input[type=file]");
    file.setInputFiles(
        new FilePayload("front.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.locator(".photo-bench [role=alert]")).containsText("that is no photograph");
    file.setInputFiles(
        new FilePayload(
            "front.png",
            "image/png",
            front.png(new double[] {620, 120, 0}, new double[] {120, 440, 40})));
    assertThat(page.locator("[data-ask]")).containsText("upper left mark");
    for (Point2D mark : RenderedPhoto.marks()) {
      press(mark);
    }
    press(front.lowerLeft());
    assertThat(page.locator("[data-ask]")).containsText("lower right corner");
    press(front.lowerRight());
    assertThat(page.locator("[data-scale]"))
        .containsText(Pattern.compile("(79[0-9]|80[0-9]|810)\\smm"));
    press(RenderedPhoto.px(620, 120, 0));
    Locator a = page.locator("[data-measured=A]");
    assertThat(a).containsText("±");
    assertWithin(a.innerText(), 620, 120);
    press(RenderedPhoto.px(120, 440, 40));
    Locator b = page.locator("[data-measured=B]");
    b.getByLabel("Its depth").fill("40 mm");
    b.getByLabel("Its depth").press("Enter");
    page.waitForCondition(() -> within(b.innerText(), 120, 440));
    choose("How it is shown", "true scale");
    assertThat(page.locator("[data-true-plane]")).isVisible();
    page.locator(".photo-bench .side").getByText("Stacked plate").click();
    assertThat(page.locator("[data-laid-over]")).isVisible();
    a.getByText("Hole", new Locator.GetByTextOptions().setExact(true)).click();
    // It stands on the front end, as well known as the photograph has it.
    assertThat(field("Name")).hasValue("hole A of front");
    assertThat(view("front").locator("[data-thing^='hole/hole-']")).isVisible();
  }

  private void press(Point2D px) {
    page.evaluate(
        """
        ([x, y]) => {
          const svg = document.querySelector('[data-photo]')
          const at = new DOMPoint(x, y).matrixTransform(svg.getScreenCTM())
          for (const t of ['pointerdown', 'pointerup'])
            svg.dispatchEvent(
              new PointerEvent(t, { clientX: at.x, clientY: at.y, bubbles: true, pointerId: 1 }))
        }""",
        List.of(px.getX(), px.getY()));
    page.waitForTimeout(120);
  }

  private static void assertWithin(String told, double across, double up) {
    assertThat(within(told, across, up)).as(told).isTrue();
  }

  private static boolean within(String told, double across, double up) {
    Matcher m = Pattern.compile("(?U)(\\d+)\\smm across, (\\d+)\\smm up ±\\s(\\d+)").matcher(told);
    return m.find()
        && Math.abs(Double.parseDouble(m.group(1)) - across) <= Double.parseDouble(m.group(3))
        && Math.abs(Double.parseDouble(m.group(2)) - up) <= Double.parseDouble(m.group(3));
  }

  @Test
  void aCoolerIsMovedInEveryViewAndTheGapsFollow() {
    mounting();
    thing("front", "piece/cooler-1").click();
    assertThat(near("latch brace")).containsText(Pattern.compile("40\\smm.*clear"));
    // Still in hand, hard against the brace: the gap is said before it is let go.
    drag(thing("front", "piece/cooler-1"), 30, 0);
    assertThat(near("latch brace")).containsText("too near");
    assertThat(view("front").locator(".gap.SHORT").first()).isVisible();
    page.mouse().up();
    button("Undo");
    assertThat(near("latch brace")).containsText(Pattern.compile("40\\smm"));
    assertThat(field("From left edge")).hasValue("50 mm");
    // A number on the drawing is typed over.
    page.locator("[data-dim='0-low']").click();
    page.locator(".typing input").fill("60 mm");
    page.locator(".typing input").press("Enter");
    assertThat(field("From left edge")).hasValue("60 mm");
    assertThat(near("latch brace")).containsText(Pattern.compile("30\\smm"));
    thing("front", "piece/cooler-1").focus();
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("Shift+ArrowUp");
    assertThat(field("From left edge")).hasValue("55 mm");
    assertThat(field("Above lower edge")).hasValue("275 mm");
    // In depth from the side, which was drawn small and moves as well.
    page.locator("[data-view-button=side]").click();
    assertThat(page.locator("[data-large=side]")).isVisible();
    thing("side", "piece/cooler-1").focus();
    page.keyboard().press("ArrowLeft");
    assertThat(field("Gap behind")).hasValue("25 mm");
    BoundingBox before = thing("front", "piece/cooler-1").boundingBox();
    drag(thing("front", "piece/cooler-1"), 0, 24);
    page.mouse().up();
    assertThat(field("Above lower edge")).not().hasValue("275 mm");
    // It went where the hand went, but for an edge that it caught; the answer that says so is the
    // last of several.
    page.waitForCondition(
        () -> {
          double went = thing("front", "piece/cooler-1").boundingBox().y - before.y;
          return Math.abs(went - 24) <= 2.5;
        });
  }

  @Test
  void aThingIsWhatItIsAndMayBeMovedAway() {
    mounting();
    thing("front", "solid/obstacle-2").click();
    Locator panel = page.locator("[data-thing-panel]");
    assertThat(panel).containsText("moved away in Plan A");
    type("Width", "0 mm");
    assertThat(panel).containsText(Pattern.compile("Width must be from 1\\smm"));
    type("Width", "3 1/2 in");
    assertThat(field("Width")).hasValue("88.9 mm");
    type("Across", "335 mm");
    type("Up", "300 mm");
    assertThat(near("oil cooler")).containsText("too near");
    toggle("moved away in Plan A");
    assertThat(near("oil cooler")).hasCount(0);
    toggle("moved away in Plan A");
    type("Known to ±", "60 mm");
    type("Across", "370 mm");
    assertThat(near("oil cooler")).containsText("measure it");
    pickOne("What it is", "sensor or radar");
    assertThat(panel).containsText("maker’s procedure");
    // A condenser line is known for what it is.
    page.keyboard().press("Escape");
    thing("front", "solid/ac-line-upper").focus();
    assertThat(panel).containsText("never opened here");
    button("Add a thing");
    button("hole");
    type("Thread left", "18 mm");
    assertThat(field("Thread left")).hasValue("18 mm");
  }

  @Test
  void aLayoutGoesOutAndComesInAndWhatIsNoneIsSaid() throws Exception {
    mounting();
    Download out =
        page.waitForDownload(
            () -> page.getByText("Layout out", new Page.GetByTextOptions().setExact(true)).click());
    String layout = Files.readString(out.path());
    assertThat(layout).contains("road-breeze-nose", "latch brace");
    Locator in = page.locator("[data-layout-in]");
    in.setInputFiles(json(layout.replace("latch brace", "stay of the latch")));
    thing("front", "solid/obstacle-1").click();
    assertThat(field("Name")).hasValue("stay of the latch");
    button("Measure list");
    in.setInputFiles(json("{\"format\": \"road-breeze-nose\""));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("it has been cut off");
    in.setInputFiles(json(layout.replace("\"widthMm\":34.0", "\"widthMm\":-34.0")));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Width must be from");
    in.setInputFiles(json(layout + " ".repeat(1_000_001)));
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("larger than any layout of a front end");
    // Nothing was lost of what is there.
    assertThat(thing("front", "solid/obstacle-1")).isVisible();
  }

  private static FilePayload json(String text) {
    return new FilePayload(
        "front end.json", "application/json", text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aNewTruckHasAUsableFrontAfterEightMeasures() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Yard")).first().click();
    page.getByText("New job").click();
    page.getByText("Diesel utility or pickup").click();
    page.waitForURL("**/rig");
    page.keyboard().press("8");
    Locator side = page.locator(".panel.side");
    assertThat(side).containsText("23 still open");
    button("Draw a front end from these");
    assertThat(thing("front", "solid/bumper")).isVisible();
    assertThat(side).containsText("still open");
    String before = side.locator("[data-looked=BUMPER]").innerText();
    type("Bumper’s upper edge", "-60 mm");
    type("Bumper before the grille", "300 mm");
    button("Draw anew what is guessed");
    // Each measure narrows what is guessed, and the bumper stands where it was measured.
    assertThat(side.locator("[data-looked=BUMPER]")).not().hasText(before);
    side.locator("[data-looked=BUMPER]").getByRole(AriaRole.BUTTON).click();
    assertThat(field("Back")).hasValue(Pattern.compile(".300\\smm"));
    button("Measure list");
    side.locator("[data-looked=WINCH]").getByText("not there").click();
    assertThat(side.locator("[data-looked=WINCH]")).containsText("not there");
    assertThat(side.locator("[data-looked=WINCH]")).containsText("it is");
  }

  @Test
  void aChannelAcrossIsProposedWithItsTabsWeldedAndTakenOut() throws Exception {
    page.keyboard().press("8");
    button("Brackets");
    page.locator("[data-across]").click();
    page.locator("[data-take-across]")
        .filter(new Locator.FilterOptions().setHasText("All four ears"))
        .click();
    Locator bench = page.locator("[data-channel-bench]");
    assertThat(bench.locator(".cut").first()).containsText("mm");
    assertThat(bench.locator(".tabs li")).hasCount(2);
    assertThat(bench.locator("[data-channel-drawing] .drill")).hasCount(4);
    assertThat(bench.locator("[data-stacks]")).containsText("at its first end");
    assertThat(page.locator("[data-misfit]")).hasCount(0);
    assertThat(bench.locator("[data-shades]")).containsText("%");
    Download dxf = page.waitForDownload(() -> button("DXF"));
    assertThat(Files.readString(dxf.path())).contains("AC1009", "DRILL");
    bench.locator("label").filter(new Locator.FilterOptions().setHasText("welded on")).click();
    assertThat(bench.locator("[data-channel-drawing] .drill")).hasCount(2);
    assertThat(bench).containsText("Tack the tabs");
    // What cannot be is said at its place.
    type("Thickness", "7.5 mm");
    assertThat(bench.locator("[data-fault]")).containsText("Thickness of the channel must be");
    type("Thickness", "2 mm");
    pickOne("To the hole", "left post, stud, M6");
    assertThat(bench.locator("[data-fault]")).containsText("begins and ends at the same hole");
    button("Undo");
    assertThat(bench.locator("[data-fault]")).hasCount(0);
    // A tab is a bracket like any other, and knows what it is on.
    bench
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("upper left tab"))
        .click();
    assertThat(page.locator("[data-tie]")).containsText("on channel 1");
    assertThat(page.locator("[data-stacks] .stack")).hasCount(1);
    page.locator("[data-channel]").click();
    button("Remove");
    assertThat(page.locator(".panel.bench")).containsText("No bracket yet");
  }

  @Test
  void bracketsAreProposedBentByHandAndHeldToTheRoad() throws Exception {
    page.keyboard().press("8");
    button("Brackets");
    assertThat(page.locator("[data-flat]")).isVisible();
    Download dxf = page.waitForDownload(() -> button("DXF"));
    assertThat(dxf.suggestedFilename()).isEqualTo("upper left bracket.dxf");
    assertThat(Files.readString(dxf.path())).contains("AC1009", "BEND_UP", "DRILL");
    Download sheets = page.waitForDownload(() -> button("All, A4"));
    try (PDDocument pdf = Loader.loadPDF(sheets.path().toFile())) {
      // Four brackets, two of them longer than a sheet.
      assertThat(pdf.getNumberOfPages()).isBetween(5, 7);
    }
    assertThat(page.locator("[data-stacks]")).containsText(Pattern.compile("M6 × 20.*M6 nut"));
    Locator held = page.locator("[data-held]");
    assertThat(held).containsText("Hz");
    assertThat(page.locator("[data-tie]")).containsText("joggle");
    // Another form between the same holes.
    String cut = page.locator("[data-flat] .cut").innerText();
    page.locator("[data-form=Z]").first().click();
    assertThat(page.locator("[data-flat] .cut")).not().hasText(cut);
    assertThat(page.locator("[data-order] li")).hasCount(2);
    assertThat(page.locator("[data-order]")).containsText("bend 1 to 92°");
    // Thinner strip shakes, and what mends it is said.
    String firm = held.innerText();
    type("Thickness", "1.5 mm");
    assertThat(held).not().hasText(firm);
    type("Rubber", "20 N/mm");
    assertThat(held).containsText("the core shakes on its brackets");
    // By hand: what cannot be is said at its place and nothing is lost.
    button("Add a bracket");
    type("leg A, length", "60 mm");
    assertThat(page.locator("[data-fault]")).containsText("hole 2 is not in the strip");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("A bend after leg A"))
        .click();
    type("leg A, length", "20 mm");
    type("bend 1, angle", "0");
    assertThat(page.locator("[data-fault]").first()).containsText("Bend angle must be from");
    type("bend 1, angle", "90");
    assertThat(
            page.locator("[data-fault]").filter(new Locator.FilterOptions().setHasText("bend 1")))
        .containsText("is drawn oval");
    type("Inside radius", "-3 mm");
    assertThat(page.locator(".panel.bench")).containsText("Inside radius must be from");
    type("Inside radius", "3.2 mm");
    // Tied to a hole that is then taken away.
    pickOne("To the hole", "left post, stud, M6");
    page.locator("[data-form]").first().click();
    button("Front end");
    thing("front", "hole/post-left").focus();
    button("Remove left post, stud");
    button("Brackets");
    assertThat(page.locator("[data-misfit]").first()).containsText("no longer there");
  }
}
