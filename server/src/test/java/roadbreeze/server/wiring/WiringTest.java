package roadbreeze.server.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.wiring.AdjusterPlace;
import roadbreeze.core.wiring.Defect;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Key;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Probe;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.School;
import roadbreeze.core.wiring.SwitchPlace;
import roadbreeze.core.wiring.WiringFault;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.build.WiringPlan.BoxPlace;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.Need;
import roadbreeze.server.parts.SensorAdapterPart;
import roadbreeze.server.parts.SensorAdapterPart.Earthing;
import roadbreeze.server.parts.SensorPart;
import roadbreeze.server.parts.SupplyPart.What;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.wiring.BenchRequest.AskedProbe;
import roadbreeze.server.wiring.BenchRequest.BrokenThing;
import roadbreeze.server.wiring.WiringRequest.AskedSituation;

class WiringTest {
  private static final AskedSituation HOT = new AskedSituation(Key.RUNNING, 110, 20, false, false);

  private static WiringResult circuit(JobContent job) {
    return WiringResult.of(new WiringRequest(job, Jobs.PLAN, HOT, null));
  }

  private static double wire(WiringResult r, String id) {
    return r.wires().stream().filter(w -> w.id().equals(id)).findFirst().orElseThrow().lengthM();
  }

  @Test
  void everyWireIsDrawnSquareFromTerminalToTerminal() {
    WiringResult r = circuit(Jobs.HIVE);
    Set<String> drawn =
        r.diagram().ways().stream().map(CircuitDiagram.DrawnWire::id).collect(Collectors.toSet());
    assertThat(r.wires()).allMatch(w -> drawn.contains(w.id()));
    for (CircuitDiagram.DrawnWire w : r.diagram().ways()) {
      for (int i = 1; i < w.points().size(); i++) {
        CircuitDiagram.DrawnDot a = w.points().get(i - 1);
        CircuitDiagram.DrawnDot b = w.points().get(i);
        assertThat(a.x() == b.x() || a.y() == b.y()).isTrue();
      }
      // Current flows down the page.
      assertThat(w.points().get(w.points().size() - 1).y()).isGreaterThan(w.points().get(0).y());
    }
  }

  @Test
  void aFanOfTheDemoRunsWhenItIsHotAndIsWiredForWhatItDraws() {
    WiringResult r = circuit(Jobs.HIVE);
    // 22 A by its plate at 13 V: a little more while the alternator charges.
    assertThat(r.standing().amps().get("fan-1-motor-1")).isBetween(22.0, 24.5);
    assertThat(r.states())
        .filteredOn(s -> s.situation().key() == Key.OFF)
        .allMatch(s -> s.speeds().get("fan-1") < 0.01);
    assertThat(r.findings()).noneMatch(f -> f.weight() == WiringFault.Weight.BAD);
    JobContent unread = Jobs.with(Jobs.HIVE, "rig.electrics.alternatorA", null);
    assertThat(circuit(unread).findings())
        .anyMatch(f -> f.said().code().equals("wiringFault.alternatorUnknown"));
  }

  @Test
  void allDemoRigsHaveCircuits() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH)) {
      WiringResult r = circuit(job);
      assertThat(r.devices()).as(job.about().name()).isNotEmpty();
      assertThat(r.findings()).noneMatch(f -> f.weight() == WiringFault.Weight.BAD);
    }
  }

  /** What is laid goes round what stands there, and a wire is as long as its bundle. */
  @Test
  void theLoomIsLaidClearOfTheFrontEnd() {
    LoomWay.LaidLoom laid = LoomWay.laid(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN));
    assertThat(laid.ways()).hasSizeGreaterThan(4);
    JobContent job = Jobs.with(Jobs.HIVE, "builds." + Jobs.PLAN + ".wiring.ways", laid.ways());
    for (LoomWay.WaySaid way : LoomWay.all(job, job.build(Jobs.PLAN))) {
      if (way.laid() && way.id().equals("box>device/fan-1")) {
        assertThat(way.near()).allMatch(n -> n.gapMm() > 0);
        assertThat(wire(circuit(job), "fan-1-relay:87>fan-1-motor-1:+"))
            .isCloseTo(way.lengthM(), within(1e-9));
      }
    }
    JobContent measured =
        Jobs.with(
            job,
            "builds." + Jobs.PLAN + ".wiring.wires",
            List.of(
                new WiringPlan.WireChoice(
                    "fan-1-relay:87>fan-1-motor-1:+", null, 2.5, null, null)));
    assertThat(wire(circuit(measured), "fan-1-relay:87>fan-1-motor-1:+")).isEqualTo(2.5);
  }

  @Test
  void papersCarryTheCircuitOnBothSizesAndInBothWorlds() throws IOException {
    for (PdfDrawing.Paper paper : PdfDrawing.Paper.values()) {
      for (Units.World world : Units.World.values()) {
        var asked = new WiringDrawings.CircuitPaper(Jobs.HIVE, Jobs.PLAN, world, paper);
        try (PDDocument pdf = Loader.loadPDF(asked.circuit())) {
          assertThat(pdf.getNumberOfPages()).isEqualTo(2);
          assertThat(new PDFTextStripper().getText(pdf))
              .contains("battery's post", "engine computer's output", "main fan", "Hive utility")
              .contains(world == Units.World.METRIC ? "on at 104" : "on at 219");
        }
        try (PDDocument pdf = Loader.loadPDF(asked.labels())) {
          assertThat(new PDFTextStripper().getText(pdf))
              .contains("The fan may start by itself", "R1", "mm² red");
        }
      }
    }
  }

  @Test
  void aDrillHidesOneDefectAndKnowsTheShortestWay() {
    Probe.Tool ear = Probe.Tool.EAR;
    for (long seed = 0; seed < 12; seed++) {
      var asked =
          new BenchRequest.Drill(
              Jobs.HIVE, Jobs.PLAN, seed, List.of(new AskedProbe(ear, "fan-1-relay", HOT)), null);
      BenchResult.DrillResult open = BenchResult.of(asked);
      assertThat(open.defect()).isNull();
      assertThat(open.signs()).isNotEmpty();
      assertThat(open.readings()).hasSize(1);
      BrokenThing any = new BrokenThing(Defect.Kind.GUARD_OPEN, "fan-1-fuse");
      BenchResult.DrillResult told =
          BenchResult.of(new BenchRequest.Drill(Jobs.HIVE, Jobs.PLAN, seed, List.of(), any));
      assertThat(told.best()).isLessThanOrEqualTo(5);
      assertThat(
              BenchResult.of(
                      new BenchRequest.Drill(Jobs.HIVE, Jobs.PLAN, seed, List.of(), told.defect()))
                  .right())
          .isTrue();
    }
    BrokenThing gone = new BrokenThing(Defect.Kind.WIRE_BROKEN, "no-such>wire");
    assertThatThrownBy(() -> BenchResult.of(new BenchRequest(Jobs.HIVE, Jobs.PLAN, gone)))
        .isInstanceOf(RefusedRequestException.class);
  }

  @Test
  void whatIsOrderedIsWhatIsMade() {
    WiredBuild wired = WiredBuild.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN));
    List<Formboard.Made> made = Formboard.of(wired.loom()).wires();
    List<Need> needs = LoomNeeds.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN));
    double cut = made.stream().mapToDouble(Formboard.Made::cut).sum();
    assertThat(quantity(needs, What.WIRE)).isCloseTo(1.1 * cut, within(1e-9));
    assertThat(quantity(needs, What.TERMINAL)).isEqualTo(2.0 * made.size());
  }

  private static double quantity(List<Need> needs, What what) {
    return needs.stream().filter(n -> n.what() == what).mapToDouble(Need::quantity).sum();
  }

  private static final String FAN = "builds.plan-3.fans.fan-1.switchPoints.sensor";
  private static final String DEVICE = "builds.plan-3.wiring.devices.fan-1.";

  private static List<String> faults(JobContent job) {
    return WiredBuild.of(job, job.build(Jobs.PLAN)).seatFaults().stream()
        .map(f -> f.code().name())
        .toList();
  }

  private static SensorAdapterPart adapter(double bore, String thread, Earthing earthing) {
    return new SensorAdapterPart("A", "adapter", bore, 45, thread, earthing, 20);
  }

  /** A thermal switch of one wire, screwed into an adapter in the hose from the engine. */
  private static JobContent inHose(Double at) {
    JobContent job = Jobs.with(Jobs.HIVE, FAN, FanSensor.HOSE_ADAPTER);
    job = Jobs.with(job, DEVICE + "school", School.THERMAL_SWITCH);
    job = Jobs.with(job, DEVICE + "oneWire", true);
    SensorPart probe =
        new SensorPart("P", "probe", SensorPart.Measures.COOLANT, "M14×1.5", -40.0, 140.0, at, 16);
    return Jobs.with(job, DEVICE + "probe", probe);
  }

  @Test
  void anAdapterIsChosenByBoreAndThread() {
    JobContent job = inHose(104.0);
    JobContent unmeasured = Jobs.with(job, "nose.radiator.own.upperNeckMm", null);
    assertThat(faults(unmeasured)).contains("BORE_UNKNOWN");
    assertThat(faults(inHose(null))).contains("PROBE_NO_SWITCH");
    assertThat(faults(inHose(92.0))).contains("PROBE_SWITCHES_AT");
    assertThat(faults(job)).noneMatch(f -> f.startsWith("PROBE_S") || f.startsWith("PROBE_N"));
    assertThat(faults(job)).contains("ADAPTER_WANTED");
    List<SensorAdapterPart> shelf =
        List.of(
            adapter(35, "M14×1.5", Earthing.SCREW),
            adapter(38, "3/8 in pipe thread", Earthing.SCREW),
            adapter(38, "M14×1.5", Earthing.SCREW));
    for (SensorAdapterPart a : shelf.subList(0, 2)) {
      String wrong = a.boreMm() == 35 ? "ADAPTER_BORE" : "ADAPTER_THREAD";
      assertThat(faults(Jobs.with(job, DEVICE + "adapter", a))).contains(wrong);
    }
    List<DeviceWiring> chosen = new ProbeSeats(job, job.build(Jobs.PLAN)).chosen(List.of(), shelf);
    assertThat(chosen).extracting(DeviceWiring::adapter).contains(shelf.get(2));
    JobContent held = Jobs.with(job, DEVICE + "adapter", shelf.get(2));
    assertThat(faults(held))
        .contains("HOSE_CUT", "ADAPTER_NO_ROOM")
        .doesNotContain("ADAPTER_BORE", "ADAPTER_THREAD");
    // In rubber a switch of one wire has its earth by the adapter's screw alone.
    assertThat(earthless(held)).isFalse();
    SensorAdapterPart bare = adapter(38, "M14×1.5", Earthing.NONE);
    assertThat(earthless(Jobs.with(job, DEVICE + "adapter", bare))).isTrue();
    // What is chosen is paid for, and no other switch.
    List<Need> needs = LoomNeeds.of(held, held.build(Jobs.PLAN));
    assertThat(needs).filteredOn(n -> n.each() != null).extracting(Need::each).contains(16.0, 20.0);
    assertThat(quantity(needs, What.THERMAL_SWITCH)).isZero();
  }

  private static boolean earthless(JobContent job) {
    return WiredBuild.of(job, job.build(Jobs.PLAN)).found().stream()
        .anyMatch(f -> f.finding().code() == WiringFault.NO_EARTH_IN_RUBBER);
  }

  @Test
  void whatIsSetAndSwitchedIsReached() {
    JobContent job = Jobs.with(Jobs.HIVE, FAN, FanSensor.ON_HOSE);
    job = Jobs.with(job, DEVICE + "school", School.CONTROLLER);
    JobContent open = Jobs.with(job, "builds.plan-3.wiring.box", box(900, 500, 250));
    assertThat(faults(open)).noneMatch(f -> f.startsWith("ADJUSTER"));
    // Between the radiator and its fan.
    JobContent buried = Jobs.with(job, "builds.plan-3.wiring.box", box(400, 300, 120));
    assertThat(faults(buried)).contains("ADJUSTER_BURIED");
    assertThat(faults(Jobs.with(buried, DEVICE + "adjusterAt", AdjusterPlace.CAB)))
        .noneMatch(f -> f.startsWith("ADJUSTER"));
    JobContent away = Jobs.with(job, DEVICE + "switchAt", SwitchPlace.UNDER_BONNET);
    assertThat(WiredBuild.of(away, away.build(Jobs.PLAN)).found())
        .anyMatch(f -> f.finding().code() == WiringFault.SWITCH_AWAY);
  }

  private static BoxPlace box(double across, double up, double back) {
    return new BoxPlace(across, up, back, WiringPlan.Opening.DOWN, true);
  }

  /** Each wire stands on each terminal that it is put on, and nowhere else. */
  @Test
  void everyWireIsOnItsTerminals() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH)) {
      Build build = job.build(Jobs.PLAN);
      WiredBuild wired = WiredBuild.of(job, build);
      List<String> written = words(PinoutSheet.of(job, build, "", WORLD));
      for (Run run : wired.scheme().runs()) {
        String wire = WireLabel.named(run.id(), wired, build.wiring(), WORLD);
        long ends =
            List.of(run.from(), run.to()).stream()
                .map(node -> wired.scheme().at(node).part())
                .filter(
                    part ->
                        part instanceof Part.Guard
                            || part instanceof Part.Relay
                            || part instanceof Part.Contact
                            || part instanceof Part.Motor
                            || part instanceof Part.Load)
                .count();
        assertThat(written.stream().filter(wire::equals)).as(wire).hasSize((int) ends);
      }
    }
    // Of one thing alone.
    List<String> fan = words(PinoutSheet.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN), "fan-1", WORLD));
    assertThat(fan).contains("relay, main fan").doesNotContain("gauge");
  }

  private static final Units.World WORLD = Units.World.METRIC;

  private static List<String> words(Drawing drawing) {
    return drawing.marks().stream()
        .filter(Drawing.Words.class::isInstance)
        .map(m -> ((Drawing.Words) m).text())
        .toList();
  }
}
