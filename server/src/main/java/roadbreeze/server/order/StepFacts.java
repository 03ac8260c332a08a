package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fill.FillStage;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.fill.Filling;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.mounting.FlatBracket;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.mounting.ScrewStack;
import roadbreeze.server.rig.FluidsData;
import roadbreeze.server.route.Joints;
import roadbreeze.server.wiring.Guards;

/** What the earlier stations have for each step; worked out once for all steps of a build. */
final class StepFacts {
  private static final Set<FanUnit.Type> SWITCHED =
      EnumSet.of(FanUnit.Type.ELECTRIC, FanUnit.Type.CONTROLLED);

  private final JobContent job;
  private final Build build;
  private final Setup setup;
  private final LineResult lines;
  private final MountingResult mounting;
  private final List<FlatBracket> flats;
  private final Map<String, Guards> guards;
  private final StepDrawings drawings;
  private final Filling filling;

  StepFacts(JobContent job, Build build) {
    this.job = job;
    this.build = build;
    setup = job.setup(build);
    lines = LineResult.of(job, build);
    mounting = MountingResult.of(job, build);
    flats = MountingResult.inUse(job, build).stream().map(FlatBracket::of).toList();
    guards = Guards.of(job, build);
    drawings = new StepDrawings(job, build);
    filling = new Filling(job, build);
  }

  /** Joints of hoses, with what must wait for their clamps. */
  List<Joints.JointRow> joints() {
    return lines.joints();
  }

  /**
   * @param step id; of a task that is done to several things with the one behind its ~
   */
  List<Finding> of(TaskData task, String step) {
    int thing = step.indexOf('~');
    Predicate<String> concerns =
        thing < 0 ? id -> true : id -> id.equals(step.substring(thing + 1));
    List<Finding> facts = new ArrayList<>();
    for (TaskData.Shows shows : task.shows()) {
      add(shows, concerns, facts);
    }
    return facts;
  }

  /** Of a task that fills, bleeds, looks for leaks or sets a level. */
  List<FillStage> stages(TaskData task) {
    List<FillStage> stages = new ArrayList<>();
    for (TaskData.Shows shows : task.shows()) {
      switch (shows) {
        case FILL -> stages.addAll(filling.fill());
        case BLEED -> stages.addAll(filling.bleed());
        case PRESSED -> stages.addAll(filling.check());
        case OIL_LEVEL -> stages.addAll(filling.level());
        default -> {} // no stages
      }
    }
    return stages;
  }

  List<OrderResult.StepDrawing> drawings(TaskData task, String step) {
    return drawings.of(task, step);
  }

  private void add(TaskData.Shows shows, Predicate<String> concerns, List<Finding> facts) {
    switch (shows) {
      case PARTS -> facts.addAll(NewParts.of(job, build));
      case PLACE -> places(concerns, facts);
      case FLAT, HOLES, BENDS -> brackets(shows, concerns, facts);
      case STACK -> screws(concerns, facts);
      case HOSE -> hoses(concerns, facts);
      case JOINTS -> joints(concerns, facts);
      case OIL -> oil(facts);
      case LEVEL -> {
        FluidsData f = job.rig().fluids();
        facts.add(StepFact.LEVEL_WINDOW.with(f.levelFromC(), f.levelToC()));
      }
      case COOLANT -> coolant(facts);
      case RADIATOR -> radiator(facts);
      case THERMOSTAT ->
          facts.add(
              StepFact.THERMOSTAT.with(build.thermostat().startC(), build.thermostat().fullC()));
      case CAP -> facts.add(StepFact.CAP.with(job.rig().vehicle().cooling().capKpa() * 1000));
      case FAN -> fans(concerns, facts);
      case WIRES, BOX -> fuses(concerns, facts);
      case SWITCH_POINTS -> switches(facts);
      default -> {} // shown by the bench that has it
    }
  }

  private void places(Predicate<String> concerns, List<Finding> facts) {
    for (FittedCooler c : build.coolers()) {
      if (concerns.test(c.id())) {
        facts.add(
            c.remotePlace() != null
                ? StepFact.COOLER_AWAY.with()
                : StepFact.COOLER_AT.with(
                    Units.mm(c.leftMm()), Units.mm(c.bottomMm()), Units.mm(c.gapMm())));
      }
    }
  }

  private void brackets(TaskData.Shows shows, Predicate<String> concerns, List<Finding> facts) {
    for (FlatBracket b : flats) {
      if (!concerns.test(b.id())) {
        continue;
      }
      if (shows == TaskData.Shows.FLAT) {
        facts.add(StepFact.FLAT.with(Units.mm(b.flatMm()), b.quantity()));
      }
      for (int i = 0; i < b.bends().size() && shows == TaskData.Shows.BENDS; i++) {
        FlatBracket.BendMark bend = b.bends().get(i);
        double angle = Math.toRadians(bend.degrees());
        facts.add(StepFact.BEND.with(i + 1, Units.mm(bend.centreMm()), angle));
      }
      for (int i = 0; i < b.holes().size() && shows == TaskData.Shows.HOLES; i++) {
        FlatBracket.DrillMark h = b.holes().get(i);
        facts.add(
            StepFact.HOLE.with(
                Units.mm(h.alongMm()), Units.mm(h.acrossMm()), Units.mm(h.diameterMm())));
      }
    }
  }

  /** At a cooler's ears where the step is about the cooler, else at the other ends. */
  private void screws(Predicate<String> concerns, List<Finding> facts) {
    for (ScrewStack s : mounting.stacks()) {
      Optional<Bracket> piece =
          build.mounting().brackets().stream().filter(b -> b.id().equals(s.piece())).findFirst();
      boolean ear = s.end() == ScrewStack.End.EAR;
      String held = piece.map(Bracket::tie).map(Bracket.Tie::cooler).orElse("");
      if (concerns.test(ear ? held : s.piece())) {
        String name = piece.map(Bracket::name).orElse(s.piece());
        facts.add(
            s.screwMm() == null
                ? StepFact.SCREW_ON_STUD.with(name, s.thread().name(), s.torqueNm())
                : StepFact.SCREW.with(
                    name, s.thread().name(), Units.mm(s.screwMm()), s.torqueNm()));
      }
    }
  }

  private void hoses(Predicate<String> concerns, List<Finding> facts) {
    for (LineResult.Cut c : lines.cuts()) {
      if (concerns.test(c.hose())) {
        facts.add(
            StepFact.HOSE.with(Units.mm(c.boreMm()), Units.mm(c.cutMm()), Units.mm(c.fittedMm())));
      }
    }
  }

  private void joints(Predicate<String> concerns, List<Finding> facts) {
    for (Joints.JointRow j : lines.joints()) {
      if (concerns.test(j.hose())) {
        String port = Words.of(j.port().toCore());
        if (j.torqueNm() != null) {
          facts.add(StepFact.JOINT.with(j.hoseName(), port, j.torqueNm()));
        }
        if (j.clamp() != null && j.clamp().before() != null) {
          facts.add(StepFact.TIGHT_BEFORE.with(port, Words.of(j.clamp().before().toCore())));
        }
      }
    }
    facts.add(StepFact.CLAMPS.with(build.lines().clamps()));
  }

  private void oil(List<Finding> facts) {
    FluidsData fluids = job.rig().fluids();
    facts.add(StepFact.OIL.with(lines.addedVolumeL() / 1000));
    if (fluids.oilL() != null) {
      facts.add(StepFact.OIL_IN_ALL.with(fluids.oilL() / 1000));
    }
  }

  private void coolant(List<Finding> facts) {
    var coolant = setup.truck().coolant().fluid();
    facts.add(
        StepFact.COOLANT.with(
            coolant.glycolFraction(),
            coolant.freezingPoint(),
            setup.boilingPoint(job.point().altitude())));
    if (job.rig().fluids().coolantL() != null) {
      facts.add(StepFact.COOLANT_IN_ALL.with(job.rig().fluids().coolantL() / 1000));
    }
  }

  private void radiator(List<Finding> facts) {
    if (build.radiator() != null) {
      facts.add(StepFact.PART.with(build.radiator().name(), build.radiator().code()));
      int open = build.mounting().radiator().open();
      if (open > 0) {
        facts.add(StepFact.ORDER_OPEN.with(open));
      }
    }
  }

  private void fans(Predicate<String> concerns, List<Finding> facts) {
    for (FittedFan f : build.fans()) {
      if (concerns.test(f.id()) && f.part().amps() != null) {
        facts.add(StepFact.FAN.with(f.part().name(), f.part().amps()));
      }
    }
  }

  private void fuses(Predicate<String> concerns, List<Finding> facts) {
    for (FittedFan f : build.fans()) {
      Guards guard = guards.get(f.id());
      if (guard != null && concerns.test(f.id())) {
        facts.add(StepFact.FUSE.with(f.part().name(), guard.amps()));
      }
    }
  }

  private void switches(List<Finding> facts) {
    for (FittedFan f : build.fans()) {
      boolean switched = SWITCHED.contains(f.part().kind());
      if (switched && f.switchPoints() != null) {
        facts.add(
            StepFact.SWITCHES.with(
                f.part().name(), f.switchPoints().onC(), f.switchPoints().offC()));
      }
    }
  }
}
