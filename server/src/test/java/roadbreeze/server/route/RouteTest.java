package roadbreeze.server.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.route.CoolerPorts.Side;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.parts.HosePart;
import roadbreeze.server.row.Row;

class RouteTest {
  private static final String LINES = "builds.plan-3.lines";
  private static final String HOSES = LINES + ".hoses";
  private static final String FEED = HOSES + ".hose-1";

  private static RouteResult of(JobContent job) {
    return RouteResult.of(new Routes(job, job.build(Jobs.PLAN)));
  }

  private static List<String> faults(JobContent job) {
    return of(job).faults().stream().map(f -> f.code().replace("wayFault.", "")).toList();
  }

  private static Laying all(JobContent job) {
    return Laying.all(job, job.build(Jobs.PLAN));
  }

  /** The hive utility with its ports and no hose drawn. */
  private static JobContent bare() {
    JobContent job = Jobs.with(Jobs.unrouted(Jobs.HIVE), "nose", Jobs.HIVE.nose());
    return Jobs.with(job, "builds.plan-3.coolers", Jobs.HIVE.build(Jobs.PLAN).coolers());
  }

  @Test
  void theDemosHosesAreJoinedClearAndHeld() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.BUCKET)) {
      RouteResult result = of(job);
      assertThat(result.faults()).isEmpty();
      assertThat(result.hoses())
          .hasSize(2)
          .allSatisfy(h -> assertThat(h.troubles()).noneMatch(RouteResult.RouteTrouble::serious));
    }
  }

  /** What the oil loses, the cut list and the drawing speak of one length. */
  @Test
  void aDrawnHoseIsAsLongAsItIsDrawn() {
    double drawn = of(Jobs.HIVE).hoses().get(0).fittedMm();
    LineResult lines = LineResult.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN));
    assertThat(lines.cuts().get(0).fittedMm()).isCloseTo(drawn, within(1e-6));
    JobContent thought = Jobs.with(Jobs.HIVE, FEED + ".lengthM", 5);
    assertThat(LineResult.of(thought, thought.build(Jobs.PLAN)).hot().plannedFlowLpm())
        .isEqualTo(lines.hot().plannedFlowLpm());
    JobContent moved = Jobs.with(Jobs.HIVE, "nose.ports.tank-out.upMm", 5);
    assertThat(of(moved).hoses().get(0).fittedMm()).isNotCloseTo(drawn, within(20.0));
    // Its port gone it is as long as it was thought, and that is said.
    JobContent gone = Jobs.with(Jobs.HIVE, "nose.ports.tank-out.id", "elsewhere");
    assertThat(LineResult.of(gone, gone.build(Jobs.PLAN)).cuts().get(0).fittedMm())
        .isEqualTo(Jobs.HIVE.build(Jobs.PLAN).lines().hoses().get(0).lengthM() * 1000);
    assertThat(faults(gone)).contains("portGone", "notJoined");
  }

  @Test
  void hosesAreLaidWhereNoneIsDrawnAndStayWhereTheyAre() {
    assertThat(faults(bare())).containsExactly("notJoined", "notJoined");
    Laying laid = all(bare());
    assertThat(laid.blocked()).isEmpty();
    assertThat(laid.hoses()).extracting(Row::id).containsExactly("hose-1", "hose-2");
    JobContent job = Jobs.with(bare(), HOSES, laid.hoses());
    assertThat(faults(job)).isEmpty();
    assertThat(of(job).hoses())
        .allSatisfy(h -> assertThat(h.troubles()).noneMatch(RouteResult.RouteTrouble::serious));
    assertThat(all(job).hoses()).isEqualTo(laid.hoses());
  }

  @Test
  void whereNoHoseGoesWhatBarsItIsNamedAndTheHoseStaysAsItWas() {
    // A plate right before the tank's outlet, which looks back.
    JobContent shut = Jobs.with(Jobs.HIVE, "nose.solids.battery.box.leftMm", -120);
    shut = Jobs.with(shut, "nose.solids.battery.box.bottomMm", -50);
    shut = Jobs.with(shut, "nose.solids.battery.box.widthMm", 300);
    shut = Jobs.with(shut, "nose.solids.battery.box.heightMm", 400);
    shut = Jobs.with(shut, "nose.solids.battery.box.frontMm", 222);
    Laying laying = Laying.one(shut, shut.build(Jobs.PLAN), "hose-1");
    assertThat(laying.blocked().get("hose-1")).extracting(n -> n.id()).contains("battery");
    assertThat(laying.hoses()).isEqualTo(shut.build(Jobs.PLAN).lines().hoses());
  }

  @Test
  void wrongJointsAreRefusedWithTheirReason() {
    HoseEnd tankOut = HoseEnd.bare("tank-out", null);
    HoseEnd tankIn = HoseEnd.bare("tank-in", null);
    HoseEnd inlet = HoseEnd.bare("cooler-1", Side.IN);
    JobContent back = Jobs.with(Jobs.HIVE, FEED + ".from", inlet);
    assertThat(faults(Jobs.with(back, FEED + ".to", tankOut))).contains("backwards");
    assertThat(faults(Jobs.with(Jobs.HIVE, FEED + ".from", tankIn)))
        .containsExactly("joinsNothingNeeded", "notJoined");
    Hose feed = Jobs.HIVE.build(Jobs.PLAN).lines().hoses().get(0);
    Hose back2 = Jobs.HIVE.build(Jobs.PLAN).lines().hoses().get(1);
    Hose twice = feed.withId("hose-3");
    assertThat(faults(Jobs.with(Jobs.HIVE, HOSES, List.of(feed, back2, twice))))
        .containsExactly("takenTwice");
    assertThat(faults(Jobs.with(Jobs.HIVE, "nose.ports", List.of())))
        .contains("portUnknown", "portGone");
    // Past the tank its own two ports are capped or joined.
    JobContent past = Jobs.with(Jobs.HIVE, "builds.plan-3.oilOrder", "TANK_BYPASSED");
    assertThat(faults(past)).contains("tankOpen", "joinsNothingNeeded");
    assertThat(faults(Jobs.with(past, LINES + ".tankCapped", true))).doesNotContain("tankOpen");
    Hose loop = feed.withFrom(tankIn).withTo(tankOut);
    assertThat(faults(Jobs.with(past, HOSES, List.of(loop)))).doesNotContain("tankOpen");
  }

  @Test
  void ratingsAreAskedForAndHeld() {
    assertThat(stocked(2100.0, 150.0, HosePart.Carries.GEARBOX_OIL)).isEmpty();
    assertThat(stocked(null, 150.0, HosePart.Carries.GEARBOX_OIL))
        .containsExactly("noPressureRating");
    assertThat(stocked(2100.0, null, HosePart.Carries.GEARBOX_OIL)).containsExactly("noHeatRating");
    assertThat(stocked(400.0, 125.0, HosePart.Carries.COOLANT))
        .containsExactly("notForOil", "pressureOver", "heatOver");
  }

  private static List<String> stocked(Double kpa, Double celsius, HosePart.Carries carries) {
    HosePart stock = new HosePart("H", "hose", carries, 9.5, 17, 57.0, kpa, celsius, null, 10);
    return faults(Jobs.with(Jobs.HIVE, FEED + ".stock", stock));
  }

  /**
   * Two coolers side by side are fed from one port each way, one after the other from each other.
   */
  @Test
  void eachOrderAsksForItsOwnHoses() {
    JobContent two =
        Jobs.with(
            Jobs.HIVE,
            "builds.plan-3.coolers",
            List.of(Jobs.HIVE.build(Jobs.PLAN).coolers().get(0), second(Jobs.HIVE)));
    assertThat(new Routes(two, two.build(Jobs.PLAN)).needed()).hasSize(3);
    JobContent beside = Jobs.with(two, "builds.plan-3.parallel", true);
    assertThat(new Routes(beside, beside.build(Jobs.PLAN)).needed())
        .hasSize(4)
        .filteredOn(
            r -> r.from().equals(new Routes(two, two.build(Jobs.PLAN)).needed().get(0).from()))
        .hasSize(2);
  }

  private static Object second(JobContent job) {
    JobContent other = Jobs.with(job, "builds.plan-3.coolers.cooler-1.leftMm", 430);
    other = Jobs.with(other, "builds.plan-3.coolers.cooler-1.id", "cooler-2");
    return other.build(Jobs.PLAN).coolers().get(0);
  }

  @Test
  void whatMendsAHoseIsWhatItIsLike() {
    JobContent loose = Jobs.with(Jobs.HIVE, FEED + ".clips", List.of());
    RouteResult.HoseRoute route = of(loose).hoses().get(0);
    assertThat(route.troubles())
        .extracting(t -> t.said().code())
        .containsExactly("routeFault.hangsFree");
    RouteResult.Mendable mend =
        RouteResult.mends(new Routes(loose, loose.build(Jobs.PLAN)), "hose-1").get(0);
    assertThat(mend.trouble()).isEqualTo(route.troubles().get(0));
    Hose mended = mend.mends().get(0).hose();
    assertThat(mended.clips()).isNotEmpty();
    assertThat(of(Jobs.with(loose, FEED + ".clips", mended.clips())).hoses().get(0).troubles())
        .isEmpty();
    // An elbow that would turn a hose on or back is none.
    JobContent on = Jobs.with(Jobs.HIVE, FEED + ".from.elbow", Direction.FORWARD);
    JobContent none = Jobs.with(Jobs.HIVE, FEED + ".from.elbow", null);
    assertThat(of(on).hoses().get(0).line()).isEqualTo(of(none).hoses().get(0).line());
  }
}
