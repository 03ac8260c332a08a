package roadbreeze.server.finder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.server.Jobs;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.sizing.Assessor;

class WayOutTest {
  private static final int PLAN = 2;
  private static final double COOLANT_LIMIT = 112;

  private static List<String> ways(JobContent job) {
    return WayOut.of(job, job.builds().get(PLAN), COOLANT_LIMIT).stream()
        .map(WayOut::text)
        .toList();
  }

  private static Balance solve(JobContent job) {
    return new SteadyBalance(Assessor.rig(job, job.builds().get(PLAN))).solve(job.haul().toCore());
  }

  private static double number(List<String> ways, String pattern) {
    for (String way : ways) {
      Matcher matcher = Pattern.compile(pattern).matcher(way);
      if (matcher.find()) {
        return Double.parseDouble(matcher.group(1));
      }
    }
    throw new AssertionError("no way like " + pattern + " among " + ways);
  }

  @Test
  void eachWayOutHoldsWhenTakenAndALittleMoreDoesNot() {
    JobContent hot = Jobs.with(Jobs.HIVE, "haul.ambientC", 45);
    assertThat(solve(hot).coolant()).isGreaterThan(COOLANT_LIMIT);
    List<String> ways = ways(hot);
    assertThat(ways).allMatch(w -> w.contains(" instead of "));

    double trailer = number(ways, "^a trailer of (\\d+) kg");
    assertThat(solve(Jobs.with(hot, "trailer.massKg", trailer - 1)).coolant())
        .isLessThanOrEqualTo(COOLANT_LIMIT);
    assertThat(solve(Jobs.with(hot, "trailer.massKg", trailer + 15)).coolant())
        .isGreaterThan(COOLANT_LIMIT);

    double ambient = number(ways, "^air of (\\d+) °C");
    assertThat(solve(Jobs.with(hot, "haul.ambientC", ambient - 0.5)).coolant())
        .isLessThanOrEqualTo(COOLANT_LIMIT);
    assertThat(solve(Jobs.with(hot, "haul.ambientC", ambient + 0.7)).coolant())
        .isGreaterThan(COOLANT_LIMIT);
  }

  @Test
  void onTheSlippingClimbALowerGearIsAWayOutOfTheSlip() {
    JobContent stair = Jobs.HIVE.withHaul(Road.ALL.get(1).haul());
    JobContent night = Jobs.with(stair, "haul.ambientC", 30);
    Balance now = solve(night);
    assertThat(now.driveline().locked()).isFalse();
    List<String> ways = ways(night);
    assertThat(ways).anyMatch(way -> way.contains("gear"));
    for (String way : ways.stream().filter(w -> w.contains("held in gear")).toList()) {
      int gear = Integer.parseInt(way.replaceAll(".*held in gear (\\d).*", "$1"));
      assertThat(gear).isBetween(1, now.driveline().gear());
    }
  }

  @Test
  void aHopelessHaulHasNone() {
    JobContent hopeless =
        Jobs.with(
            Jobs.with(Jobs.with(Jobs.HIVE, "haul.ambientC", 50), "haul.gradePercent", 9),
            "builds.2.fans.0.speedPercent",
            0);
    assertThat(ways(hopeless)).isEmpty();
  }
}
