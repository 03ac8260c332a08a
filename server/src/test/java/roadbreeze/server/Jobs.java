package roadbreeze.server;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.nose.Move;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Bracket.BracketStep;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.build.FillData;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.LinePlan;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.build.RadiatorPlan;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.build.WorkPlan;
import roadbreeze.server.check.Checks;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.About;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.nose.NoseMeasures;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.nose.NoseSolid;
import roadbreeze.server.nose.RadiatorSeatData;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.ElectricsData;
import roadbreeze.server.rig.FanRoomData;
import roadbreeze.server.rig.FluidsData;
import roadbreeze.server.rig.Mark;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The demo jobs, and copies of them with single numbers changed. */
public final class Jobs {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final List<JobContent> ALL = DemoWorld.jobs();

  public static final JobContent HIVE = ALL.get(0);
  public static final JobContent TILT_TRAY = ALL.get(1);
  public static final JobContent BUCKET = ALL.get(2);
  public static final JobContent PLOUGH = ALL.get(3);

  /** The plan of each. */
  public static final String PLAN = "plan-3";

  public static final String RESTORED = "restored";

  private Jobs() {}

  /** Every job of a server, whole. */
  public static List<Job> all(JobService jobs) {
    return jobs.cards().stream().map(card -> jobs.get(card.id())).toList();
  }

  /**
   * A copy of a job with one place changed.
   *
   * @param path rows by their ids, as in the front end: {@code
   *     builds.plan-3.coolers.cooler-1.gapMm}
   * @param value a number, text, boolean, null, or a record
   */
  public static JobContent with(JobContent job, String path, Object value) {
    JsonNode tree = MAPPER.valueToTree(job);
    int dot = path.lastIndexOf('.');
    JsonNode parent = dot < 0 ? tree : find(tree, path.substring(0, dot));
    String name = path.substring(dot + 1);
    if (!(parent instanceof ObjectNode object)) {
      throw new IllegalArgumentException("the job has no " + path);
    }
    object.set(name, MAPPER.valueToTree(value));
    return MAPPER.treeToValue(tree, JobContent.class);
  }

  /** A job whose senders and switches are called by units of one world, as up to format 14. */
  public static JobContent calledByUnits(JobContent job) {
    String then =
        MAPPER
            .writeValueAsString(job)
            .replaceAll("sender M(\\d+)\"", "sender, $1 mm\"")
            .replaceAll("switch (\\d+)\"", "switch, $1 °C\"");
    return MAPPER.readValue(then, JobContent.class);
  }

  /** A job as it is carried over from a release with the first edition of the physics. */
  public static JobContent carried(JobContent job) {
    return with(held(job), "about.notices", List.of(About.Notice.PHYSICS_2));
  }

  /** As before anybody had said where a hand reaches what is set, and what holds a probe. */
  public static JobContent unheld(JobContent job) {
    JobContent unheld = job;
    for (Build build : job.builds()) {
      List<DeviceWiring> devices =
          build.wiring().devices().stream().filter(d -> d.probe() == null).toList();
      unheld = with(unheld, "builds." + build.id() + ".wiring.devices", devices);
    }
    return unheld;
  }

  /** As before anybody had measured what came out and went in. */
  public static JobContent unfilled(JobContent later) {
    JobContent job = unheld(later);
    JobContent unfilled = job;
    for (Build build : job.builds()) {
      unfilled = with(unfilled, "builds." + build.id() + ".fill", FillData.NOTHING_YET);
    }
    return unfilled;
  }

  /** As before anybody had said how the work is gone about. */
  public static JobContent unordered(JobContent later) {
    JobContent job = unfilled(later);
    JobContent unordered =
        with(
            job,
            "rig.fluids",
            new FluidsData(
                null, null, FluidsData.Level.DIPSTICK, 70, 90, FluidsData.CapPlace.RADIATOR_NECK));
    Map<String, Mark> marks = new TreeMap<>(job.rig().marks());
    List.of("levelFromC", "levelToC").forEach(f -> marks.put("fluids." + f, Mark.DEFAULT));
    unordered = with(unordered, "rig.marks", marks);
    for (Build build : job.builds()) {
      unordered = with(unordered, "builds." + build.id() + ".work", WorkPlan.USUAL);
    }
    return unordered;
  }

  /** As before anything was known of a truck's electrics. */
  public static JobContent unwired(JobContent later) {
    JobContent job = unordered(later);
    JobContent unwired = with(job, "rig.electrics", new ElectricsData(12, null, 70, 30, null));
    Map<String, Mark> marks = new TreeMap<>(job.rig().marks());
    List.of("volts", "batteryAh", "loadA").forEach(f -> marks.put("electrics." + f, Mark.DEFAULT));
    unwired = with(unwired, "rig.marks", marks);
    for (Build build : job.builds()) {
      unwired = with(unwired, "builds." + build.id() + ".wiring", WiringPlan.PROPOSED);
    }
    return unwired;
  }

  /** As before anybody measured round a radiator or put another in, and coolers had a rating. */
  public static JobContent unmeasured(JobContent later) {
    JobContent job = unwired(later);
    JobContent own =
        with(job, "builds", job.builds().stream().filter(b -> b.radiator() == null).toList());
    for (Build build : own.builds()) {
      for (FittedCooler cooler : build.coolers()) {
        String part = "builds." + build.id() + ".coolers." + cooler.id() + ".part.ratedKpa";
        own = with(own, part, null);
      }
    }
    return with(own, "nose.radiator", RadiatorSeatData.UNKNOWN);
  }

  /** As before anybody measured round a fan, and hoses were pushed straight on their ports. */
  public static JobContent unseated(JobContent job) {
    JobContent before = unplanned(unmeasured(job));
    JobContent unseated =
        with(
            before,
            "rig.vehicle.cooling.fanRoom",
            new FanRoomData(
                null, null, null, null, null, null, null, null, null, null, null, null, null));
    for (Build build : before.builds()) {
      List<Hose> bare =
          build.lines().hoses().stream()
              .map(h -> h.drawn() ? h.withFrom(bare(h.from())).withTo(bare(h.to())) : h)
              .toList();
      LinePlan lines = build.lines().withHoses(bare).withInline(List.of());
      unseated = with(unseated, "builds." + build.id() + ".lines", lines);
    }
    return unseated;
  }

  /** Before the last two demo trucks had plans, and holes for them. */
  private static JobContent unplanned(JobContent job) {
    boolean later =
        job.about().name().equals("Tilt-tray") || job.about().name().equals("Plough pickup");
    if (!later) {
      return job;
    }
    JobContent bare =
        with(job, "builds", job.builds().stream().filter(b -> !b.id().equals(PLAN)).toList());
    List<String> drilled = List.of("upper-second", "upper-third", "upper-fourth");
    return with(
        bare,
        "nose.holes",
        job.nose().holes().stream().filter(h -> !drilled.contains(h.id())).toList());
  }

  private static Hose.HoseEnd bare(Hose.HoseEnd end) {
    return end.withAdapter(null);
  }

  /** As before hoses were drawn: two of them in every build, as long as they were thought. */
  public static JobContent unrouted(JobContent job) {
    JobContent unrouted = with(unseated(job), "nose.ports", List.of());
    for (Build build : unrouted.builds()) {
      String path = "builds." + build.id();
      unrouted = with(unrouted, path + ".lines", TWO_HOSES);
      for (FittedCooler cooler : build.coolers()) {
        unrouted = with(unrouted, path + ".coolers." + cooler.id() + ".part.portsLook", null);
      }
    }
    return unrouted;
  }

  private static final LinePlan TWO_HOSES =
      new LinePlan(
          80,
          LinePlan.Joining.BACK_TO_STOCK,
          LinePlan.Clamps.CONSTANT_TENSION,
          false,
          List.of(
              Hose.thought("hose-1", "tank outlet to cooler", 0.9, 9.5, 1, 2),
              Hose.thought("hose-2", "cooler to gearbox return", 1.1, 9.5, 1, 2)),
          List.of());

  /** As before noses stood in space: outlines in the opening, through the whole of its depth. */
  public static JobContent flat(JobContent job) {
    double depth = job.rig().vehicle().cooling().openingDepthMm();
    List<NoseSolid> outlines =
        job.nose().solids().stream()
            .filter(s -> s.id().startsWith("obstacle-"))
            .map(s -> outline(s, depth))
            .toList();
    JobContent flat =
        with(
            unrouted(job),
            "nose",
            new NoseSection(
                NoseMeasures.NONE,
                List.of(),
                outlines,
                List.of(),
                List.of(),
                List.of(),
                RadiatorSeatData.UNKNOWN,
                List.of()));
    for (Build build : flat.builds()) {
      flat = with(flat, "builds." + build.id() + ".mounting", TWO_STRIPS);
    }
    return flat;
  }

  /** What every demo build hung on before brackets were bent step by step. */
  private static final MountPlan TWO_STRIPS =
      new MountPlan(
          List.of(
              strip("strip-1", "upper strip", 45, 24.31),
              strip("strip-2", "lower strip", 30, 21.43)),
          List.of(),
          null,
          0,
          false,
          RadiatorPlan.NONE);

  private static Bracket strip(String id, String name, double degrees, double straight) {
    return new Bracket(
        id,
        name,
        1,
        Metal.STEEL,
        3.2,
        25,
        3.2,
        List.of(
            new BracketStep("step-1", BracketStep.What.LEG, 60, 0),
            new BracketStep("step-2", BracketStep.What.BEND, 0, degrees),
            new BracketStep("step-3", BracketStep.What.LEG, straight, 0),
            new BracketStep("step-4", BracketStep.What.BEND, 0, -degrees),
            new BracketStep("step-5", BracketStep.What.LEG, 240, 0),
            new BracketStep("step-6", BracketStep.What.BEND, 0, 90),
            new BracketStep("step-7", BracketStep.What.LEG, 25, 0)),
        List.of(),
        null,
        0);
  }

  private static NoseSolid outline(NoseSolid s, double depth) {
    NoseSolid.NoseBox b = s.box();
    return new NoseSolid(
        s.id(),
        s.name(),
        s.what(),
        new NoseSolid.NoseBox(b.leftMm(), b.bottomMm(), 0, b.widthMm(), b.heightMm(), depth),
        null,
        null,
        s.nature(),
        s.takesAir(),
        s.movable() ? new NoseSolid.NoseMove(15, Move.Needs.NOTHING) : null,
        5);
  }

  /** As before hauls were roads and anything was checked: only the worst stretch. */
  public static JobContent held(JobContent job) {
    JobContent unwarned = with(flat(job), "rig.vehicle.limits.warningC", null);
    return with(with(unwarned, "haul.journey", null), "checks", Checks.NONE);
  }

  /** A demo job with the numbers it had before the second edition of the physics. */
  public static JobContent before(JobContent job) {
    return carried(numbersBefore(job));
  }

  private static JobContent numbersBefore(JobContent job) {
    if (job == HIVE) {
      JobContent slow = with(job, "rig.vehicle.cooling.pumpKgsAt4000", 3);
      return with(fans(slow, 2.4, 330, null), "builds.found.fans.fan-1.speedPercent", 55);
    }
    if (job == TILT_TRAY) {
      List<Integer> torque = List.of(430, 540, 560, 540, 490, 420);
      JobContent weak = with(job, "rig.vehicle.engine.torqueNm", torque);
      return with(fans(weak, 3.6, 560, null), "builds.found.fans.fan-1.speedPercent", 75);
    }
    if (job == PLOUGH) {
      return fans(job, 2.6, 420, 3000);
    }
    JobContent flat = with(job, "haul.gradePercent", 8);
    for (Build build : flat.builds()) {
      flat = with(flat, "builds." + build.id() + ".otherCoolers", List.of());
    }
    return with(with(flat, "haul.speedKmh", 28), "rig.vehicle.rollingCoefficient", 0.02);
  }

  private static JobContent fans(JobContent job, double flow, double pressure, Integer rpm) {
    JobContent changed = job;
    for (Build build : job.builds()) {
      String part = "builds." + build.id() + ".fans.fan-1.part.";
      changed = with(with(changed, part + "freeFlowM3s", flow), part + "shutoffPa", pressure);
      changed = rpm == null ? changed : with(changed, part + "referenceRpm", rpm);
    }
    return changed;
  }

  /** A traverse of the main fan of the restored truck, as a person who noted nothing else. */
  public static AirTraverse traverse(
      JobContent job, AirTraverse.Where where, double reading, Double factor) {
    FittedFan fan = job.build(RESTORED).fans().get(0);
    return new AirTraverse(
        "traverse-1",
        where,
        RESTORED,
        fan.id(),
        fan.part(),
        null,
        null,
        false,
        3,
        Collections.nCopies(9, reading),
        factor);
  }

  /** What stands at a place. */
  public static JsonNode at(JobContent job, String path) {
    return find(MAPPER.valueToTree(job), path);
  }

  /** What stands at a place of a tree, rows by their ids. */
  public static JsonNode find(JsonNode tree, String path) {
    JsonNode at = tree;
    for (String step : path.split("\\.")) {
      JsonNode list = at;
      at =
          list instanceof ArrayNode
              ? list.valueStream()
                  .filter(row -> row.path("id").asString("").equals(step))
                  .findFirst()
                  .orElse(tools.jackson.databind.node.MissingNode.getInstance())
              : list.path(step);
    }
    return at;
  }
}
