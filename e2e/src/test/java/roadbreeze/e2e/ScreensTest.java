package roadbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOnlyOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonParser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Media;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** All screens of a job: in both unit worlds, by night, on a tablet and by keys alone. */
class ScreensTest {
  private static final Map<String, String> SCREENS = new LinkedHashMap<>();

  static {
    String[] names = {
      "rig", "checks", "haul", "heat", "finder", "settle", "switching", "mounting", "lines"
    };
    for (int i = 0; i < names.length; i++) {
      SCREENS.put(String.valueOf(i + 1), names[i]);
    }
    SCREENS.put("w", "wiring");
    SCREENS.put("o", "order");
    SCREENS.put("y", "bay");
    SCREENS.put("j", "sheet");
    SCREENS.put("v", "proof");
    SCREENS.put("c", "live");
    SCREENS.put("f", "follow-ups");
    // last: they leave the job
    SCREENS.put("n", "customers");
    SCREENS.put("d", "due");
    SCREENS.put("t", "tasks");
    SCREENS.put("p", "parts/oil-coolers");
  }

  /** Of the yard, not of a job, and what they are called. */
  private static final Map<String, String> OF_THE_YARD =
      Map.of("n", "Customers", "d", "Due", "t", "Tasks", "p", "Parts");

  /** A number with a metric unit; names of parts hold sizes without one. */
  private static final Pattern METRIC =
      Pattern.compile(
          "\\d[\\s\\u00a0\\u202f]?(°C|km/h|kg|mm|kPa|kW|m³/s|m/s|L/min|L|N·m)(?![\\w/])");

  private static Browser browser;
  private BrowserContext window;
  private Page page;

  @BeforeAll
  static void start() {
    browser = new Browser("e2e_screens", "demo");
  }

  @AfterAll
  static void stop() {
    browser.close();
  }

  @AfterEach
  void close() {
    window.close();
  }

  private void open(int width, int height, String job) {
    window = browser.window(width, height);
    page = window.newPage();
    page.navigate("/");
    Browser.ready(page);
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(job).setExact(true))
        .click();
    page.waitForURL("**/haul");
    Browser.ready(page);
  }

  /** The same on a tablet, with a finger. */
  private void tap(int width, int height, String job) {
    window = browser.touch(width, height);
    page = window.newPage();
    page.navigate("/");
    Browser.ready(page);
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(job).setExact(true)).tap();
    page.waitForURL("**/haul");
    Browser.ready(page);
  }

  private void goTo(String key) {
    page.keyboard().press(key);
    page.waitForURL("**/" + SCREENS.get(key));
    Browser.ready(page);
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  @Test
  void inTheOtherUnitWorldNothingStaysMetric() {
    open(1280, 800, "Tilt-tray");
    page.getByText("°C · km/h").click();
    List<String> left = new ArrayList<>();
    for (String key : SCREENS.keySet()) {
      goTo(key);
      left.addAll(metric(key));
      if (key.equals("4")) {
        for (String tab :
            List.of("Other cores", "Fans", "Radiator", "Faults", "Limits", "Rating")) {
          page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(tab)).click();
          page.waitForTimeout(400);
          left.addAll(metric(tab));
        }
      }
      if (key.equals("6")) {
        for (Locator dispute : page.locator("nav.list button").all()) {
          dispute.click();
          left.addAll(metric("settle"));
        }
      }
    }
    assertThat(left).isEmpty();
  }

  private List<String> metric(String where) {
    List<String> found = new ArrayList<>();
    String text =
        page.locator("main").innerText()
            + " "
            + page.locator("input")
                .evaluateAll("all => all.map(i => i.value).join(' | ')")
                .toString();
    Matcher matcher = METRIC.matcher(text);
    while (matcher.find()) {
      int from = Math.max(0, matcher.start() - 40);
      found.add(where + ": …" + text.substring(from, matcher.end()).replace('\n', ' '));
    }
    return found;
  }

  @ParameterizedTest
  @CsvSource({"1024, 768, Bucket truck", "800, 1180, Plough pickup", "1280, 800, Hive utility"})
  void nothingSticksOutSideways(int width, int height, String job) {
    open(width, height, job);
    for (String key : SCREENS.keySet()) {
      goTo(key);
      assertThat(cut()).as("screen %s at %d×%d", SCREENS.get(key), width, height).isEmpty();
    }
  }

  /** What is wider than its place; empty if nothing is. */
  private String cut() {
    return page.evaluate(
            "() => {"
                + "const w = document.documentElement.clientWidth;"
                + "if (document.documentElement.scrollWidth > w + 1) return 'page ' + document.documentElement.scrollWidth;"
                + "const cut = [...document.querySelectorAll('main button, main label, main h1, main h2, main h3, main td, main th, main p')]"
                + ".filter(e => e.offsetParent && getComputedStyle(e).overflow !== 'auto' && e.scrollWidth > e.clientWidth + 2 && e.clientWidth > 0 && getComputedStyle(e).display !== 'inline')"
                + ".map(e => e.tagName + ' ' + e.innerText.slice(0, 40));"
                + "return cut.join('; ') }")
        .toString();
  }

  /** The page as a printer is given it: as wide as the paper between its margins. */
  @ParameterizedTest
  @CsvSource({"688, Hive utility", "710, Tilt-tray"})
  void everyScreenIsAPageWorthPrinting(int width, String job) {
    open(width, 1000, job);
    String heat = page.url().replace("/haul", "/heat");
    page.getByText("Night").click();
    for (String key : SCREENS.keySet()) {
      goTo(key);
      page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
      page.evaluate("() => window.dispatchEvent(new Event('beforeprint'))");
      String at = SCREENS.get(key);
      assertThat(page.locator("nav.road")).not().isVisible();
      assertThat(page.locator(key.equals("j") ? "[data-sheet]" : ".paper-head"))
          .containsText(OF_THE_YARD.getOrDefault(key, job));
      assertThat(page.locator("main .act:visible")).hasCount(0);
      assertThat(cut()).as("%s on paper", at).isEmpty();
      // Paper is bright, whatever the screen was.
      assertThat(page.locator("main h1, main h2").first()).hasCSS("color", "rgb(29, 32, 34)");
      page.evaluate("() => window.dispatchEvent(new Event('afterprint'))");
      page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
      assertThat(page.locator("html")).hasClass("dark");
    }
    page.navigate(heat);
    Browser.ready(page);
    // Letter or A4, what is drawn is not torn from its heading: three pages at most.
    int pages =
        new String(page.pdf(), StandardCharsets.ISO_8859_1).split("/Type */Page\\b").length - 1;
    assertThat(pages).isBetween(2, 3);
  }

  /**
   * Colours hang on the time of day and layouts on the width: each is seen with one of the other.
   */
  @ParameterizedTest
  @CsvSource({"false, 1280, 800", "true, 820, 1180"})
  void everyScreenIsUsableWithoutSightByDayAndNight(boolean night, int width, int height) {
    open(width, height, "Hive utility");
    if (night) {
      page.getByText("Night").click();
    }
    List<String> found = new ArrayList<>();
    for (String key : SCREENS.keySet()) {
      goTo(key);
      found.addAll(violations(SCREENS.get(key)));
      if (key.equals("4")) {
        for (Locator tab : page.getByRole(AriaRole.TAB).all()) {
          tab.click();
          found.addAll(violations(tab.innerText()));
        }
      }
    }
    page.keyboard().press("0");
    Browser.ready(page);
    found.addAll(violations("yard"));
    assertThat(found).isEmpty();
    page.reload();
    Browser.ready(page);
    assertThat(page.evaluate("() => document.documentElement.classList.contains('dark')"))
        .isEqualTo(night);
  }

  private List<String> violations(String screen) {
    List<String> found = new ArrayList<>();
    AxeRunOnlyOptions rules = new AxeRunOnlyOptions();
    rules.setType("tag");
    rules.setValues(List.of("wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"));
    AxeRunOptions options = new AxeRunOptions();
    options.setRunOnly(rules);
    // Whole lists of what is well would be most of its work.
    options.setResultTypes(List.of("violations"));
    new AxeBuilder(page)
        .options(options)
        .analyze()
        .getViolations()
        .forEach(
            v ->
                v.getNodes()
                    .forEach(
                        n ->
                            found.add(
                                screen
                                    + " "
                                    + v.getId()
                                    + " "
                                    + n.getHtml()
                                    + " "
                                    + n.getFailureSummary())));
    return found;
  }

  @Test
  void aJobIsWorkedByKeysAlone() {
    window = browser.window();
    Browser.held(window);
    page = window.newPage();
    page.navigate("/");
    Browser.ready(page);
    // Tab to the first job of the yard and open it.
    page.waitForSelector("article a[href^='/jobs/'] table");
    for (int i = 0; i < 30 && !focused().startsWith("/jobs/"); i++) {
      page.keyboard().press("Tab");
    }
    assertThat(focused()).startsWith("/jobs/");
    page.keyboard().press("Enter");
    page.waitForURL("**/haul");
    Browser.ready(page);
    for (int i = 0; i < 60 && !label().equals("Grade"); i++) {
      page.keyboard().press("Tab");
    }
    Locator grade = page.getByLabel("Grade", new Page.GetByLabelOptions().setExact(true));
    String before = grade.inputValue();
    String coolant = page.locator("[data-fluid=coolant]").innerText();
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowUp");
    assertThat(page.locator("[data-fluid=coolant]")).not().hasText(coolant);
    // A digit typed into a number is a digit, and a key again once the number is left.
    page.keyboard().press("Control+a");
    page.keyboard().type("3");
    assertThat(page.url()).endsWith("/haul");
    page.keyboard().press("Enter");
    assertThat(grade).hasValue("3 %");
    page.keyboard().press("Escape");
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+z");
    assertThat(grade).hasValue(before);
    page.keyboard().press("4");
    page.waitForURL("**/heat");
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Switch points");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  /** How somebody works the page: everything is reached and pressed in this one way. */
  private enum Hand {
    /** Tab until it is there, then Enter; a switch or a choice by its own keys. */
    KEYS {
      @Override
      void press(Page page, Locator thing) {
        reach(page, thing);
        page.keyboard().press("Enter");
      }

      @Override
      void reach(Page page, Locator thing) {
        thing.waitFor();
        for (int i = 0; i < 250; i++) {
          if ((boolean) thing.evaluate("e => e === document.activeElement")) {
            return;
          }
          page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab never comes to " + thing);
      }
    },
    FINGER {
      @Override
      void press(Page page, Locator thing) {
        thing.tap();
      }

      @Override
      void reach(Page page, Locator thing) {
        thing.tap();
      }
    };

    abstract void press(Page page, Locator thing);

    abstract void reach(Page page, Locator thing);
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void station(Hand hand, String name, String screen) {
    hand.press(
        page,
        page.locator("nav")
            .getByRole(
                AriaRole.LINK,
                new Locator.GetByRoleOptions().setName(Pattern.compile(name + "$"))));
    page.waitForURL("**/" + screen);
    Browser.ready(page);
  }

  private void write(Hand hand, String field, String text) {
    hand.reach(page, page.getByLabel(field, new Page.GetByLabelOptions().setExact(true)));
    page.keyboard().press("Control+a");
    page.keyboard().type(text);
    page.keyboard().press("Enter");
    page.keyboard().press("Escape");
  }

  /** From the truck that drives in to the sheet for the bay, with nothing but keys, or a finger. */
  @ParameterizedTest
  @EnumSource(Hand.class)
  void aJobIsWorkedFromTheYardToTheSheet(Hand hand) {
    window = hand == Hand.FINGER ? browser.touch(1024, 768) : browser.window();
    page = window.newPage();
    page.navigate("/");
    Browser.ready(page);
    hand.press(page, button("New job"));
    hand.press(page, button("Diesel utility or pickup"));
    page.waitForURL("**/rig");
    Browser.ready(page);

    station(hand, "Haul", "haul");
    write(hand, "Grade", "7 %");
    Browser.ready(page);
    assertThat(page.locator("[data-fluid=pan]")).containsText("over its limit");

    station(hand, "Find parts", "finder");
    write(hand, "Spend at most", "300");
    write(hand, "Work at most", "24");
    hand.press(page, button("Search"));
    page.waitForSelector(
        "[data-status=DONE]", new Page.WaitForSelectorOptions().setTimeout(60_000));
    String worst = page.locator("[data-fluid=pan]").innerText();
    hand.press(page, page.getByLabel("Make a plan of number 1"));
    page.waitForURL("**/heat");
    Browser.ready(page);
    assertThat(page.locator("[data-fluid=pan]")).not().hasText(worst);

    Locator cooler = page.locator("[data-piece='oil cooler']");
    String place = cooler.getAttribute("aria-label");
    if (hand == Hand.KEYS) {
      hand.reach(page, cooler);
      page.keyboard().press("ArrowRight");
    } else {
      cooler.tap();
      swipe(cooler, 40, 0);
    }
    assertThat(cooler).not().hasAttribute("aria-label", place);
    hand.press(page, button("Undo"));
    assertThat(cooler).hasAttribute("aria-label", place);

    station(hand, "Settle it", "settle");
    hand.press(page, page.locator("nav.list button").nth(2));
    assertThat(page.locator("[data-answer]")).isVisible();
    for (String[] stop :
        new String[][] {{"Switch points", "switching"}, {"Lines", "lines"}, {"Wiring", "wiring"}}) {
      station(hand, stop[0], stop[1]);
    }
    hand.press(page, page.locator("[data-fluid=coolant]"));
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("°C");
    if (hand == Hand.KEYS) {
      page.keyboard().press("Escape");
    } else {
      page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.BUTTON).first().tap();
    }
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    station(hand, "Work sheet", "sheet");
    assertThat(page.locator("main"))
        .containsText(Pattern.compile("oil cooler", Pattern.CASE_INSENSITIVE));
    hand.reach(page, button("Print"));
  }

  /**
   * Tab goes through the parts of the drawing in their order and out again to the panel beside it.
   */
  @Test
  void theDrawingIsNoTrapForKeys() {
    open(1280, 800, "Bucket truck");
    goTo("4");
    page.locator("[data-piece]").first().focus();
    List<String> met = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      met.add(
          page.evaluate(
                  "() => document.activeElement.dataset.piece"
                      + " ?? document.activeElement.closest('[role=tablist]')?.role"
                      + " ?? document.activeElement.tagName")
              .toString());
      page.keyboard().press("Tab");
    }
    List<String> drawn =
        page.locator("[data-piece]").all().stream().map(p -> p.getAttribute("data-piece")).toList();
    assertThat(met.subList(0, drawn.size())).containsExactlyElementsOf(drawn);
    assertThat(met).contains("tablist");
  }

  @Test
  void noTwoThingsToPressAreCalledTheSame() {
    open(1280, 800, "Tilt-tray");
    List<String> twice = new ArrayList<>();
    for (String key : SCREENS.keySet()) {
      goTo(key);
      Object names =
          page.evaluate(
              "() => [...document.querySelectorAll('button, [role=button], a[href]')]"
                  + ".filter(e => e.checkVisibility())"
                  + ".map(e => e.getAttribute('aria-label') ?? e.innerText?.trim() ?? '')");
      List<String> seen = new ArrayList<>();
      for (Object name : (List<?>) names) {
        if (seen.contains(name.toString())) {
          twice.add(key + ": " + name);
        }
        seen.add(name.toString());
      }
    }
    assertThat(twice).isEmpty();
  }

  /** A finger picks with a tap, moves what it picked, and scrolls everywhere else. */
  @Test
  void aFingerScrollsUntilATapHasPickedAPart() {
    tap(1024, 768, "Hive utility");
    page.locator("nav").getByText("Heat & air").tap();
    page.waitForURL("**/heat");
    Browser.ready(page);
    Locator cooler = page.locator("[data-piece='oil cooler']");
    String place = cooler.getAttribute("aria-label");
    swipe(cooler, 0, -160);
    assertThat(cooler).hasAttribute("aria-label", place);
    assertThat(((Number) page.evaluate("() => window.scrollY")).doubleValue()).isPositive();
    page.evaluate("() => window.scrollTo(0, 0)");
    cooler.tap();
    assertThat(page.locator("[data-hand]")).hasCount(1);
    swipe(cooler, 60, 0);
    assertThat(cooler).not().hasAttribute("aria-label", place);
    page.getByText("Undo").tap();
    assertThat(cooler).hasAttribute("aria-label", place);
  }

  private void swipe(Locator from, int dx, int dy) {
    BoundingBox box = from.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    CDPSession finger = window.newCDPSession(page);
    touch(finger, "touchStart", x, y);
    for (int i = 1; i <= 8; i++) {
      touch(finger, "touchMove", x + dx * i / 8.0, y + dy * i / 8.0);
      page.waitForTimeout(30);
    }
    finger.send(
        "Input.dispatchTouchEvent",
        JsonParser.parseString("{\"type\":\"touchEnd\",\"touchPoints\":[]}").getAsJsonObject());
    page.waitForTimeout(300);
    finger.detach();
  }

  private static void touch(CDPSession finger, String type, double x, double y) {
    finger.send(
        "Input.dispatchTouchEvent",
        JsonParser.parseString(
                "{\"type\":\"" + type + "\",\"touchPoints\":[{\"x\":" + x + ",\"y\":" + y + "}]}")
            .getAsJsonObject());
  }

  /** Room for a finger: 44 px, words in a line of text apart. */
  @Test
  void whatATabletTapsIsLargeEnough() {
    tap(820, 1180, "Hive utility");
    List<String> small = new ArrayList<>();
    for (String key : SCREENS.keySet()) {
      goTo(key);
      Object found =
          page.evaluate(
              "() => [...document.querySelectorAll('button, a.act, a.post, a.shelf, .el-input__wrapper,"
                  + " [role=tab], .toggle, .el-radio-button')]"
                  + ".filter(e => e.checkVisibility() && e.getBoundingClientRect().height < 43.5)"
                  + ".map(e => (e.className || e.tagName) + ' ' + e.innerText?.trim() + ' '"
                  + " + Math.round(e.getBoundingClientRect().height))");
      ((List<?>) found).forEach(f -> small.add(key + ": " + f));
    }
    assertThat(small).isEmpty();
  }

  private String focused() {
    return page.evaluate("() => document.activeElement?.getAttribute('href') ?? ''").toString();
  }

  private String label() {
    return page.evaluate("() => document.activeElement?.labels?.[0]?.innerText ?? ''").toString();
  }
}
