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
import roadbreeze.core.wiring.Defect;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Key;
import roadbreeze.core.wiring.Probe;
import roadbreeze.core.wiring.WiringFault;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.Need;
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
}
