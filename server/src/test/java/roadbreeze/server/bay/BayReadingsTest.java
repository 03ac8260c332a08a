package roadbreeze.server.bay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.SwitchPoints;
import roadbreeze.server.build.ThermostatData;
import roadbreeze.server.order.TaskReading.Goes;
import roadbreeze.server.rig.Mark;

class BayReadingsTest {
  private static final Build PLAN = Jobs.HIVE.build("plan-3");
  private static final double CAP_KPA = 100;

  /** Of the truck itself, or of the record alone. */
  private static final Set<Goes> ELSEWHERE = EnumSet.of(Goes.SHROUD_GAP, Goes.FILTER_FITTED);

  private static Build read(Build build, Goes goes, String thing, double value) {
    return BayReadings.read(build, goes, thing, value, CAP_KPA);
  }

  private static SwitchPoints points(Build build) {
    return build.fans().get(0).switchPoints();
  }

  private static Build switched(double on, double off) {
    SwitchPoints some = points(PLAN).withOnC(on).withOffC(off);
    return PLAN.withFans(
        PLAN.fans().stream()
            .map(f -> f.switchPoints() == null ? f : f.withSwitchPoints(some))
            .toList());
  }

  @ParameterizedTest
  @EnumSource(
      value = Goes.class,
      names = {"COOLANT_.*", "OIL_.*", ".*_IN", "PRESSURE_LOST", "PAN_AT_LEVEL"},
      mode = EnumSource.Mode.MATCH_ANY)
  void fluidsGoToTheFill(Goes goes) {
    Build read = read(PLAN, goes, "", 0.4);
    assertThat(read.fill()).isNotEqualTo(PLAN.fill());
    assertThat(read.withFill(PLAN.fill())).isEqualTo(PLAN);
  }

  @Test
  void whatIsNotOfTheBuildLeavesItAsItIs() {
    for (Goes goes : ELSEWHERE) {
      assertThat(read(PLAN, goes, "", 0.01)).isEqualTo(PLAN);
    }
    assertThat(read(PLAN, Goes.CORE_GAP, "cooler-9", 0.01)).isEqualTo(PLAN);
    assertThat(read(PLAN, Goes.FAN_ON, "fan-9", 90)).isEqualTo(PLAN);
  }

  /** The stamp said 90 and 100: what was read in the pan moves the other only where it must. */
  @ParameterizedTest
  @CsvSource({
    "THERMOSTAT_OPENS, 88, 88, 100",
    "THERMOSTAT_OPENS, 99, 99, 101",
    "THERMOSTAT_FULL, 103, 90, 103",
    "THERMOSTAT_FULL, 89, 87, 89"
  })
  void aThermostatNeverOpensAfterItIsOpen(Goes goes, double read, double start, double full) {
    Build stamped = PLAN.withThermostat(new ThermostatData(90, 100));
    Build now = read(stamped, goes, "", read);
    assertThat(now.thermostat().startC()).isEqualTo(start);
    assertThat(now.thermostat().fullC()).isEqualTo(full);
    assertThat(now.marks()).containsValue(Mark.MEASURED);
  }

  /** On at 98, off at 92: one that is read alone never crosses the other. */
  @ParameterizedTest
  @CsvSource({
    "FAN_ON, 101, 101, 92",
    "FAN_ON, 90, 90, 84",
    "FAN_OFF, 88, 98, 88",
    "FAN_OFF, 99, 105, 99"
  })
  void aFanNeverGoesOffWhereItIsNotOnYet(Goes goes, double read, double on, double off) {
    Build now = read(switched(98, 92), goes, "", read);
    assertThat(points(now).onC()).isEqualTo(on);
    assertThat(points(now).offC()).isEqualTo(off);
  }

  @Test
  void aCapHoldsNoMoreThanItsStamp() {
    assertThat(read(PLAN, Goes.CAP_HOLDS, "", 80_000).condition().capPercent()).isEqualTo(80);
    assertThat(read(PLAN, Goes.CAP_HOLDS, "", 130_000).condition().capPercent()).isEqualTo(100);
  }

  @Test
  void aCurrentIsTheNamedFansOrTheOnlyOnes() {
    Build one =
        PLAN.withFans(PLAN.fans().stream().map(f -> f.withPart(f.part().withAmps(20.0))).toList());
    String id = one.fans().get(0).id();
    assertThat(read(one, Goes.FAN_CURRENT, id, 17.5).fans().get(0).part().amps()).isEqualTo(17.5);
    assertThat(read(one, Goes.WIRE_CURRENT, "", 16).marks())
        .containsEntry("fans." + id + ".part.amps", Mark.MEASURED);
    assertThat(read(one, Goes.FAN_CURRENT, "fan-9", 16)).isEqualTo(one);
  }
}
