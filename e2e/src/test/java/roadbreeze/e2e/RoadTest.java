package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The haul as a road: looked at, edited, read from files, driven otherwise. */
class RoadTest extends OnACopy {
  RoadTest() {
    super("e2e_road", "Hive utility");
  }

  private void panel(String name) {
    choose("Beside the road", name);
  }

  private double headroom(String fluid) {
    String text = gauge(fluid).locator(".margin").textContent().replace('−', '-');
    return Double.parseDouble(text.replaceAll("[^0-9.+-]", ""));
  }

  @Test
  void theStripTellsTheWorstMomentAndOneCursorGoesThroughAll() {
    assertThat(gauge("coolant")).containsText(Pattern.compile("at\\s1\\d\\.\\d\\skm"));
    assertThat(gauge("pan")).containsText("to spare");
    // The same truck held on its worst stretch is another question.
    choose("What is asked", "held");
    assertThat(gauge("coolant")).containsText("settles at");
    choose("What is asked", "on the road");
    assertThat(gauge("coolant")).not().containsText("settles at");

    Locator moment = page.locator("[data-moment]");
    page.getByText("Worst oil pan").click();
    assertThat(moment).containsText("Tallow Top");
    assertThat(moment).containsText("standing");
    Locator road = page.locator("[data-haul]");
    page.getByLabel("Place on the road").focus();
    page.keyboard().press("Home");
    assertThat(moment).containsText("0.0 km");
    assertThat(moment).containsText("Harrowmere yard");
    page.keyboard().press("End");
    assertThat(moment).containsText("30.0 km");
    BoundingBox box = road.boundingBox();
    page.mouse().click(box.x + box.width * 0.35, box.y + 200);
    assertThat(moment).containsText("3rd gear, locked");
    // One click takes that stretch as the quick question.
    page.getByText("Hold this stretch until it settles").click();
    assertThat(gauge("coolant")).containsText("settles at");
    assertThat(field("Speed")).hasValue("75 km/h");
  }

  @Test
  void aThousandSuchTrucksAreDriven() {
    gauge("coolant").click();
    assertThat(page.locator("[data-on-road]")).containsText("on the road");
    Locator draws = page.locator("[data-draws]");
    draws.getByText("A thousand such trucks").click();
    assertThat(draws)
        .containsText(
            "1000 drawn",
            new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                .setTimeout(90_000));
    assertThat(draws).containsText("keep every limit");
  }

  @Test
  void theDayAndTheDriverMoveTheWorstMoment() {
    double before = headroom("coolant");
    panel("The day");
    type("Hottest, 15 h", "46");
    assertThat(gauge("coolant")).containsText("▲");
    assertThat(headroom("coolant")).isLessThan(before - 3);
    assertThat(gauge("coolant")).containsText("over its limit");
    // Slower and without air conditioning from the foot on.
    panel("The driver");
    page.getByLabel("Place on the road").focus();
    page.keyboard().press("Home");
    page.getByText("From the cursor on …").click();
    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Air conditioning"))
        .click(new Locator.ClickOptions().setForce(true));
    type("No faster than", "45");
    assertThat(gauge("coolant")).not().containsText("over its limit");
    assertThat(page.locator("[data-totals]")).containsText(Pattern.compile("4\\d\\smin"));
    page.reload();
    Browser.ready(page);
    panel("The driver");
    assertThat(field("No faster than")).hasValue("45 km/h");
  }

  @Test
  void theRoadIsEditedByTableGradeHandAndKeys() {
    panel("The road");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Foot of the Tallow"))
        .click();
    type("Grade to the next", "9");
    assertThat(field("Height")).hasValue("604 m");
    page.locator(".points .row").nth(4).press("Enter");
    assertThat(field("Height")).hasValue("694 m");
    // A stop with a dead fan in the middle of the climb.
    page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("A stop here"))
        .click(new Locator.ClickOptions().setForce(true));
    type("Minutes", "9");
    assertThat(page.locator(".points")).containsText("9 min");
    type("Minutes", "2000");
    assertThat(page.locator("body")).containsText("must be from 0 min to 720 min");
    type("Minutes", "4");
    assertThat(page.locator("body")).not().containsText("must be from 0 min");
    Browser.ready(page);
    // Dragged by hand, then by keys, and taken back.
    Locator grip = page.locator(".grip").nth(2);
    grip.hover(); // It waits until the picture has settled: the profile is scaled anew after an
    // edit.
    BoundingBox box = grip.boundingBox();
    page.mouse().down();
    assertThat(field("Height")).hasValue("596 m");
    page.mouse()
        .move(
            box.x + box.width / 2,
            box.y - 20,
            new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
    page.mouse().up();
    assertThat(field("Height")).not().hasValue("596 m");
    String dragged = field("Height").inputValue();
    // Under the hand the scale stands still, so that the point stays there and does not run away.
    org.assertj.core.api.Assertions.assertThat(
            Double.parseDouble(dragged.replaceAll("[^0-9.]", "")))
        .isBetween(650.0, 900.0);
    page.locator(".grip").nth(2).press("ArrowUp");
    assertThat(field("Height")).not().hasValue(dragged);
    page.keyboard().press("Control+z");
    assertThat(field("Height")).hasValue(dragged);
    // There and back is twice as long.
    page.getByText("There and back").click();
    assertThat(page.locator("[data-haul]")).containsText("60 km");
    assertThat(page.locator("[data-totals]")).containsText(Pattern.compile("[67]\\d\\smin"));
    // A point before the one in front of it is said at its field, and nothing is lost.
    type("From the start", "0.5 km");
    assertThat(page.locator("body")).containsText("must lie beyond the one before");
  }

  @Test
  void theToolSaysWhatKeepsTheLimitAndTheCardSaysItToTheDriver() {
    panel("The day");
    type("Hottest, 15 h", "43");
    assertThat(gauge("coolant")).containsText("over its limit");
    panel("The driver");
    Locator slower =
        page.locator("[data-choices] li")
            .filter(
                new Locator.FilterOptions()
                    .setHasText(Pattern.compile("No faster", Pattern.CASE_INSENSITIVE)));
    assertThat(slower).containsText("keeps every limit");
    slower.getByText("Do it").click();
    assertThat(gauge("coolant")).not().containsText("over its limit");
    assertThat(page.locator("[data-drive-card]")).containsText("no faster than");
    assertThat(page.locator("[data-drive-card]")).containsText("speed as the road");
  }

  @Test
  void aColdMorningSaysWhichWayOfTheOilWarmsIt() {
    panel("Cold start");
    Locator ways = page.locator("[data-cold] li");
    assertThat(ways).hasCount(9);
    assertThat(page.locator("[data-cold] .own")).containsText("no bypass");
    String before = ways.first().textContent();
    type("The morning is", "5");
    assertThat(ways.first()).not().hasText(before);
    type("The morning is", "53");
    assertThat(page.locator(".cold")).containsText("must be from");
    Download totals =
        page.waitForDownload(() -> page.locator(".totals").getByText("Table as CSV").click());
    assertThat(totals.suggestedFilename()).endsWith("Long Tallow.csv");
  }

  @Test
  void whatIsFoundIsDrivenOverTheRoad() {
    page.keyboard().press("5");
    page.waitForURL("**/finder");
    page.getByText("Search", new Page.GetByTextOptions().setExact(true)).click();
    page.waitForSelector(
        "[data-status=DONE]", new Page.WaitForSelectorOptions().setTimeout(90_000));
    assertThat(page.locator("[data-question]")).containsText("Long Tallow from end to end");
    String room = page.locator("[data-pick] .room").first().textContent();
    page.getByLabel("Make a plan of number 1").click();
    page.waitForURL("**/heat");
    Browser.ready(page);
    assertThat(page.locator(".gauge .margin").filter(new Locator.FilterOptions().setHasText(room)))
        .hasCount(1);
    // Held until it settles it is another question.
    page.keyboard().press("5");
    choose("What is asked", "held");
    assertThat(page.getByText("have changed since")).isVisible();
  }

  @Test
  void aBandIsDraggedAndTheProposalIsTaken() {
    page.keyboard().press("7");
    page.waitForURL("**/switching");
    assertThat(page.locator("[data-findings]")).containsText("take it for too late");
    // Down into the thermostat's band by keys: the fan would not rest.
    Locator off = page.locator("[data-grip='fan-1 off']");
    for (int i = 0; i < 12; i++) {
      off.press("ArrowDown");
    }
    assertThat(page.locator("[data-findings]")).containsText("once on it rests");
    assertThat(field("Fan off")).hasValue("88 °C");
    Locator on = page.locator("[data-grip='fan-1 on']");
    BoundingBox box = on.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse()
        .move(
            box.x + box.width / 2,
            box.y + 30,
            new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
    page.mouse().up();
    assertThat(field("Fan on")).not().hasValue("104 °C");
    for (String sensor : List.of("return hose", "engine's own")) {
      // A list that is still closing would take the click for its own.
      assertThat(page.locator(".el-select-dropdown:visible")).hasCount(0);
      page.locator(".el-select").first().click();
      page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(sensor)).click();
      assertThat(page.locator("[data-duty]")).containsText("start");
    }
    // A setting that mends what is found is one click away.
    type("Fan on", "101");
    type("Fan off", "94");
    Locator found = page.locator("[data-findings]");
    assertThat(found).containsText("lies inside the thermostat’s band");
    found
        .locator("li")
        .filter(new Locator.FilterOptions().setHasText("lies inside"))
        .locator("[data-mend]")
        .click();
    assertThat(field("Fan off")).hasValue("100 °C");
    assertThat(found).not().containsText("lies inside the thermostat’s band");
    assertThat(page.locator("[data-device=warning]")).isVisible();
    // On a mild day something is quieter, and one click sets it.
    page.navigate(page.url().replace("switching", "haul"));
    Browser.ready(page);
    panel("The day");
    type("Hottest, 15 h", "22");
    type("Coldest, 3 h", "10");
    page.navigate(page.url().replace("haul", "switching"));
    Browser.ready(page);
    Locator set = page.locator("[data-proposal]").getByText("Set these");
    set.click();
    assertThat(set).isDisabled();
    assertThat(page.locator("[data-findings]")).not().containsText("once on it rests");
  }

  @Test
  void aFanOfAnOilCoolersOwnIsSwitchedByItsOil() {
    page.keyboard().press("4");
    page.waitForURL("**/heat");
    page.getByText("Oil coolers", new Page.GetByTextOptions().setExact(true)).click();
    choose("Place in depth", "elsewhere");
    assertThat(field("Its own fan, free air")).isVisible();
    page.keyboard().press("7");
    page.waitForURL("**/switching");
    page.getByLabel("oil cooler’s own fan has a switch").click();
    Locator duty = page.locator("[data-duty$='-fan']");
    assertThat(duty).containsText("on after");
    // Past the pan's limit it waits for too long; what mends it is one click away.
    Locator on = page.locator("[data-grip$='-fan on']");
    for (int i = 0; i < 4; i++) {
      on.press("Shift+ArrowUp");
    }
    Locator waits =
        page.locator("[data-findings] li")
            .filter(new Locator.FilterOptions().setHasText("may come to 107 °C at most"));
    assertThat(waits).containsText("pan");
    waits.locator("[data-mend]").click();
    assertThat(waits).isHidden();
    page.keyboard().press("j");
    assertThat(page.locator("[data-sheet]"))
        .containsText(Pattern.compile("own fan on \\d+\\s°C, off \\d+\\s°C,\\s+gearbox pan"));
  }

  @Test
  void roadsComeFromFilesAndGoIntoThem() throws Exception {
    panel("The road");
    String track =
        IntStream.range(0, 600)
            .mapToObj(
                i ->
                    String.format(
                        Locale.ROOT,
                        "<trkpt lat='%.6f' lon='7'><ele>%.1f</ele></trkpt>",
                        i * 2e-4,
                        300 + (i > 200 ? (i - 200) * 1.3 : 0) + 2 * Math.sin(i)))
            .collect(Collectors.joining("", "<gpx><trk><trkseg>", "</trkseg></trk></gpx>"));
    Locator input = page.getByLabel("Road from a GPX or CSV file");
    input.setInputFiles(file("Mill lane.gpx", track));
    assertThat(page.locator(".strip")).containsText("Mill lane · 13 km");
    assertThat(page.getByText("of climbing as recorded")).isVisible();
    assertThat(page.locator("[data-raw]")).isVisible();
    input.setInputFiles(
        file("x.gpx", "<!DOCTYPE g [<!ENTITY e SYSTEM 'file:///etc/hostname'>]><gpx>&e;</gpx>"));
    assertThat(page.getByText("this is no GPX file with a track")).isVisible();
    input.setInputFiles(file("x.csv", "0,600\n1,650\n"));
    assertThat(page.getByText("The road was not taken.")).isVisible();
    assertThat(page.locator(".strip")).containsText("Mill lane");
    Download csv = page.waitForDownload(() -> page.getByText("CSV out").click());
    String text = Files.readString(csv.path());
    assertThat(text).startsWith("distance_km,elevation_m,speed_kmh");
    input.setInputFiles(file("Again.csv", text));
    assertThat(page.locator(".strip")).containsText("Again · 13 km");
    Download gpx = page.waitForDownload(() -> page.getByText("GPX out").click());
    assertThat(Files.readString(gpx.path())).contains("<trkpt").contains("Again");
  }

  private static FilePayload file(String name, String text) {
    return new FilePayload(name, "", text.getBytes(StandardCharsets.UTF_8));
  }
}
