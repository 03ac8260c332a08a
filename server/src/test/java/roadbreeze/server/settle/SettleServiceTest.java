package roadbreeze.server.settle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestDatabase;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.sizing.BuildRequest;

/** Each dispute on trucks that should turn it one way and the other. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE)
class SettleServiceTest {
  private static final int RESTORED = 1;
  private static final int PLAN = 2;

  @Autowired private SettleService settle;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry registry) {
    String url = TestDatabase.create("settle_test");
    registry.add("spring.datasource.url", () -> url);
    registry.add("spring.datasource.username", () -> TestDatabase.USER);
    registry.add("spring.datasource.password", () -> "");
  }

  private Dispute about(String question, JobContent job, int build) {
    return settle.all(new BuildRequest(job, build)).stream()
        .filter(d -> d.question().startsWith(question))
        .findFirst()
        .orElseThrow();
  }

  private static String chosen(Dispute dispute) {
    return dispute.schools().get(dispute.recommended()).name();
  }

  private static double sure(Dispute dispute, int school) {
    return dispute.schools().get(school).sureHeadroomK();
  }

  private static double sureCoolant(Dispute dispute, int school) {
    var gauge = dispute.schools().get(school).coolant();
    return gauge.limitC() - gauge.nineInTenC();
  }

  private static double number(String text, String pattern) {
    Matcher matcher = Pattern.compile(pattern).matcher(text);
    assertThat(matcher.find()).as(text).isTrue();
    return Double.parseDouble(matcher.group(1));
  }

  @Test
  void anOrderThatKeepsTheOilWarmForNothingIsTaken() {
    // With a thermal bypass and no tank the gearbox warms itself; the tank's coolant, with the
    // thermostat hardly open, has been chilled by the radiator and would cool it.
    JobContent easy = Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 3), "haul.ambientC", 20);
    JobContent guarded =
        Jobs.with(
            Jobs.with(easy, "builds.2.coolers.0.part.bypassOpensC", 80),
            "vehicle.limits.overcooledPanC",
            40);
    Dispute dispute = about("The oil cooler inside the radiator", guarded, PLAN);
    assertThat(chosen(dispute)).isEqualTo("Bypass it");
    assertThat(dispute.reason()).startsWith("It keeps the oil warm on a cold morning");
    double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
    assertThat(sure(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
    assertThat(dispute.schools().get(0).effects().get(0)).endsWith("too cold for the gearbox");
    assertThat(dispute.schools().get(2).effects().get(0)).doesNotContain("too cold");
  }

  @Test
  void theTankIsBypassedWhereItCostsTheOilHeadroom() {
    // A cooler road and a strict pan: the oil binds, and the coolant's tank warms it on the climb.
    JobContent strict =
        Jobs.with(Jobs.with(Jobs.HIVE, "haul.ambientC", 25), "vehicle.limits.panC", 80);
    Dispute dispute = about("The oil cooler inside the radiator", strict, PLAN);
    assertThat(chosen(dispute)).isEqualTo("Bypass it");
    assertThat(number(dispute.reason(), "costs (\\d+\\.\\d) K"))
        .isCloseTo(sure(dispute, 2) - sure(dispute, 0), within(0.06));
    assertThat(dispute.schools().get(2).effects().toString())
        .contains("cannot mix coolant and oil");
    assertThat(dispute.schools().get(0).effects().toString()).contains("the tank heats the oil");
  }

  @Test
  void amongEqualsTheMakersOrderStays() {
    Dispute dispute = about("The oil cooler inside the radiator", Jobs.HIVE, PLAN);
    double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
    assertThat(best - sure(dispute, 0)).isLessThan(1);
    assertThat(chosen(dispute)).isEqualTo("Keep it, auxiliary after it");
  }

  @Test
  void tightIsUsualAndAnotherPlaceMustEarnItsWork() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET)) {
      Dispute dispute = about("Against the condenser or apart", job, PLAN);
      double best = Math.max(sure(dispute, 0), Math.max(sure(dispute, 1), sure(dispute, 2)));
      double gain = best - sure(dispute, 0);
      assertThat(dispute.recommended() == 0).as("tight").isEqualTo(gain <= 1);
      assertThat(sure(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
      assertThat(number(dispute.reason(), "(\\d+\\.\\d) K")).isCloseTo(gain, within(0.06));
    }
    // The open gap cools less than the seal and costs the radiator less.
    Dispute hive = about("Against the condenser or apart", Jobs.HIVE, PLAN);
    assertThat(hive.schools().get(1).pan().peakC())
        .isGreaterThan(hive.schools().get(0).pan().peakC());
    assertThat(hive.schools().get(2).effects().toString()).contains("its own fan");
  }

  @Test
  void aShroudedPullerBeatsTheSameFanInFront() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.PLOUGH)) {
      Dispute dispute = about("Fan in front or behind", job, RESTORED);
      assertThat(chosen(dispute)).isEqualTo("Puller with its shroud");
      assertThat(number(dispute.reason(), "worth (\\d+\\.\\d) K"))
          .isCloseTo(sureCoolant(dispute, 0) - sureCoolant(dispute, 1), within(0.06));
    }
  }

  @Test
  void aColderThermostatOnlyHelpsWhereItNeverOpensWide() {
    Dispute climb = about("Thermostat", Jobs.HIVE, PLAN);
    assertThat(climb.recommended()).isZero();
    assertThat(climb.reason()).startsWith("Once wide open both end at the same");
    assertThat(climb.schools().get(0).effects().get(0))
        .isEqualTo("open 100 % as the climb settles");
    JobContent easy = Jobs.with(Jobs.with(Jobs.HIVE, "haul.gradePercent", 1), "haul.ambientC", 10);
    Dispute level = about("Thermostat", easy, PLAN);
    assertThat(level.recommended()).isEqualTo(1);
    assertThat(number(level.reason(), "worth (\\d+\\.\\d) K")).isBetween(6.0, 8.5);
    // The heater pays for it on a cold morning.
    assertThat(number(level.schools().get(1).effects().toString(), "coolant of (\\d+)"))
        .isLessThan(number(level.schools().get(0).effects().toString(), "coolant of (\\d+)"));
  }

  @Test
  void theMainFanIsTheOneWithHeadroomOrTheLeastHungryAmongEquals() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET, Jobs.PLOUGH)) {
      Dispute dispute = about("Main fan", job, RESTORED);
      assertThat(dispute.schools()).hasSize(3);
      double best = -1e9;
      for (int i = 0; i < 3; i++) {
        best = Math.max(best, sureCoolant(dispute, i));
      }
      assertThat(sureCoolant(dispute, dispute.recommended())).isGreaterThanOrEqualTo(best - 1);
    }
    // Standing at idle, the fan that does not hang on the engine moves the most.
    Dispute bucket = about("Main fan", Jobs.BUCKET, RESTORED);
    double electric = number(bucket.schools().get(1).effects().get(0), "moves (\\d+\\.\\d+)");
    assertThat(electric)
        .isGreaterThan(number(bucket.schools().get(0).effects().get(0), "moves (\\d+\\.\\d+)"));
  }

  @Test
  void aRowMoreIsNoGainWhereItsTubesRunLaminar() {
    // 60 mm take a third row: the same coolant through half as many tubes again.
    Dispute usual = about("Radiator: more rows", Jobs.HIVE, RESTORED);
    assertThat(usual.schools().get(1).effects().toString())
        .contains("coolant at Reynolds 2")
        .contains("not fully turbulent");
    assertThat(chosen(usual)).contains("more air");
    JobContent pumped = Jobs.with(Jobs.HIVE, "vehicle.cooling.pumpKgsAt4000", 8);
    assertThat(rowGain(pumped)).isGreaterThan(rowGain(Jobs.HIVE) + 2);
    Dispute dispute = about("Radiator: more rows", pumped, RESTORED);
    assertThat(dispute.schools().get(1).effects().toString()).doesNotContain("not fully turbulent");
    assertThat(number(dispute.reason(), "rows are worth (-?\\d+\\.\\d) K"))
        .isCloseTo(rowGain(pumped), within(0.06));
  }

  private double rowGain(JobContent job) {
    Dispute dispute = about("Radiator: more rows", job, RESTORED);
    return sureCoolant(dispute, 1) - sureCoolant(dispute, 0);
  }

  @Test
  void metalIsDecidedByTheGroundWhereTheNumbersAreAlike() {
    JobContent sealed = Jobs.with(Jobs.BUCKET, "vehicle.rollingCoefficient", 0.010);
    Dispute smooth = about("Radiator metal", sealed, RESTORED);
    Dispute rough = about("Radiator metal", Jobs.BUCKET, RESTORED);
    assertThat(Math.abs(sureCoolant(smooth, 0) - sureCoolant(smooth, 1))).isLessThan(3);
    double apart = sureCoolant(rough, 0) - sureCoolant(rough, 1);
    assertThat(chosen(rough)).isEqualTo(apart > 1 ? "Aluminium" : "Copper-brass");
    assertThat(rough.reason()).contains(Math.abs(apart) > 1 ? "K apart on this" : "can be mended");
    assertThat(rough.otherwise()).contains("sealed roads");
    assertThat(smooth.otherwise()).contains("Far from a dealer");
  }

  @Test
  void coldMorningsWithoutABypassTurnTheCoreType() {
    JobContent mild = Jobs.with(Jobs.HIVE, "linePlan.coldC", 20);
    JobContent bitter = Jobs.with(Jobs.HIVE, "linePlan.coldC", -35);
    Dispute cold = about("Core type", bitter, PLAN);
    assertThat(chosen(cold)).startsWith("Tube-and-fin");
    Dispute warm = about("Core type", mild, PLAN);
    assertThat(cold.schools())
        .extracting(Dispute.School::name)
        .containsExactly("Tube-and-fin, 4 passes", "Plate-fin", "Stacked plate");
    // Where oil is short, plates are worth their drop.
    JobContent oilShort = Jobs.with(mild, "vehicle.limits.panC", 85);
    Dispute plates = about("Core type", oilShort, PLAN);
    assertThat(chosen(plates)).doesNotStartWith("Tube");
    assertThat(number(plates.reason(), "worth (\\d+\\.\\d) K"))
        .isCloseTo(sure(plates, plates.recommended()) - sure(plates, 0), within(0.06));
    double left = number(warm.schools().get(1).effects().get(0), "; (\\d+) % of the flow");
    assertThat(left)
        .isGreaterThan(number(cold.schools().get(1).effects().get(0), "; (\\d+) % of the flow"));
  }

  @Test
  void theFilterGoesBehindACoolerThatMayShed() {
    Dispute fresh = about("Filter before or after", Jobs.HIVE, PLAN);
    double before = number(fresh.schools().get(0).effects().get(0), "°C: (\\d+\\.\\d) kPa");
    double after = number(fresh.schools().get(1).effects().get(0), "°C: (\\d+\\.\\d) kPa");
    assertThat(after).as("colder oil is thicker").isGreaterThan(before);
    assertThat(fresh.recommended()).isEqualTo(after - before > 5 ? 0 : 1);
    // A cooler that was on the truck already has old dirt in it.
    JobContent used = Jobs.with(Jobs.HIVE, "builds.2.coolers.0.part.code", "AS-FITTED");
    assertThat(about("Filter before or after", used, PLAN).recommended()).isOne();
  }

  @Test
  void aBuildWithoutACoolerIsDisputedWithAMiddlingOneOfTheCatalogue() {
    Dispute bare = about("Core type", Jobs.HIVE, RESTORED);
    assertThat(bare.schools()).allMatch(s -> s.problem() == null);
    JobContent shallow = Jobs.with(Jobs.HIVE, "vehicle.cooling.openingDepthMm", 30);
    assertThatThrownBy(() -> settle.all(new BuildRequest(shallow, RESTORED)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("no cooler of the catalogue goes in this opening");
    assertThatThrownBy(() -> settle.all(new BuildRequest(Jobs.HIVE, 4)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("no build 4");
  }

  @Test
  void aTruckWithoutASteadyStateIsStillAnswered() {
    JobContent still = Jobs.with(Jobs.HIVE, "builds.1.fans.0.speedPercent", 0);
    JobContent crawling =
        Jobs.with(Jobs.with(still, "haul.speedKmh", 5), "vehicle.cooling.ramCoefficient", 0);
    for (Dispute dispute : settle.all(new BuildRequest(crawling, RESTORED))) {
      List<String> standing =
          dispute.schools().stream()
              .filter(s -> s.problem() == null)
              .map(Dispute.School::name)
              .toList();
      if (standing.isEmpty()) {
        assertThat(dispute.reason()).startsWith("None of them finds a steady state");
      } else if (standing.size() < dispute.schools().size()) {
        assertThat(dispute.reason()).startsWith("Of these only").contains(standing);
        assertThat(standing).contains(chosen(dispute));
      }
      assertThat(dispute.schools().toString()).doesNotContain("NaN");
    }
    Dispute thermostat = about("Thermostat", crawling, RESTORED);
    assertThat(thermostat.reason()).startsWith("None of them");
    Dispute fans = about("Main fan", crawling, RESTORED);
    assertThat(fans.schools()).anyMatch(s -> s.problem() == null);
  }
}
