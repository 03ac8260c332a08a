package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.Form;
import roadbreeze.core.bracket.Frame;
import roadbreeze.core.bracket.Hole;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.bracket.Step;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.radiator.RadiatorFit;
import roadbreeze.core.radiator.RadiatorFrame;
import roadbreeze.core.radiator.RadiatorTops;
import roadbreeze.core.radiator.Shell;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.Ears;
import roadbreeze.core.space.Hanging;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Bracket.BracketHole;
import roadbreeze.server.build.Bracket.BracketStep;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.PartMapper;

/**
 * From the holes of what is held to those of the body: what is between, and what is bent for it.
 */
public record Ties(String id, Kind kind, Hanging hanging, List<BodyHole> holes, Channels channels) {
  /** What is held, and by which of its holes. */
  enum Kind {
    /** A cooler by all four, from whatever hole of the body is near. */
    COOLER(Name.Noun.HOLE),
    /** An electric fan by all four, from the radiator's own frame and nothing else. */
    FAN(Name.Noun.RADIATOR_FRAME),
    /** A radiator by its upper two, from where the old one was held. */
    RADIATOR(Name.Noun.RADIATOR_TOP);

    private final Name.Noun from;

    Kind(Name.Noun from) {
      this.from = from;
    }
  }

  /** Strip that is bent where nobody has chosen any, m. */
  static final StripStock USUAL = new StripStock(Metal.STEEL, 25e-3, 3.2e-3, 3.2e-3);

  private static final Channels NO_CHANNELS = new Channels(Map.of());

  /** Strips whose steps differ by less are one form, m. */
  private static final double AS_LONG = 0.2e-3;

  /** For each cooler of a build that stands in the pack and each electric fan, by its id. */
  public static Map<String, Ties> of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    List<BodyHole> holes = setup.truck().front().nose().holes();
    Pack pack = Pack.of(setup);
    List<Pack.Piece> cores = pack.standing();
    Channels channels = Channels.of(build, holes);
    Map<String, Ties> ties = new LinkedHashMap<>();
    for (Pack.Piece p : pack.pieces()) {
      for (FittedCooler cooler : build.coolers()) {
        if (cooler.id().equals(p.name().id())) {
          Ears ears = PartMapper.ears(cooler.part()).turned(cooler.turn());
          Hanging hanging = hanging(p.box(), ears, build, setup, cores);
          List<BodyHole> all =
              new ArrayList<>(channels.holes(hanging, cooler.id(), build.mounting()));
          all.addAll(holes);
          ties.put(cooler.id(), new Ties(cooler.id(), Kind.COOLER, hanging, all, channels));
        }
      }
      for (FittedFan fan : build.fans()) {
        if (fan.id().equals(p.name().id()) && !fan.part().kind().onEngine()) {
          Ears frame = RadiatorFrame.ears(p.box());
          List<BodyHole> all = new ArrayList<>(RadiatorFrame.holes(pack, shell(job, build, setup)));
          all.addAll(holes);
          Hanging hanging = hanging(p.box(), frame, build, setup, cores);
          ties.put(fan.id(), new Ties(fan.id(), Kind.FAN, hanging, all, NO_CHANNELS));
        }
      }
    }
    radiator(job, build, setup, pack).ifPresent(t -> ties.put(t.id, t));
    return ties;
  }

  /** Of the radiator that the build has. */
  private static Shell shell(JobContent job, Build build, Setup setup) {
    return build.radiator() == null
        ? job.nose().radiator().own().toCore(setup.radiator().depth() * 1000)
        : build.radiator().shell().toCore(build.radiator().depthMm());
  }

  /** Another radiator, where its upper holes and those of the old one are known. */
  private static Optional<Ties> radiator(JobContent job, Build build, Setup setup, Pack pack) {
    if (build.radiator() == null) {
      return Optional.empty();
    }
    RadiatorFit fit = RadiatorResult.fit(job, build, setup);
    List<BodyHole> old = RadiatorTops.holes(fit);
    Box box = pack.box(Assembly.RADIATOR);
    // What it is held to may lie on its own upper edge: only other cores are kept away from.
    List<Pack.Piece> others =
        pack.standing().stream().filter(p -> p.kind() != Pack.Kind.RADIATOR).toList();
    return RadiatorTops.ears(fit)
        .filter(e -> !old.isEmpty())
        .map(
            e ->
                new Ties(
                    Assembly.RADIATOR.id(),
                    Kind.RADIATOR,
                    new Hanging(box, e, 0, List.of(), others),
                    old,
                    NO_CHANNELS));
  }

  private static Hanging hanging(
      Box box, Ears ears, Build build, Setup setup, List<Pack.Piece> cores) {
    double standOff = Units.mm(build.mounting().standOffMm());
    return new Hanging(box, ears, standOff, setup.standing(), cores);
  }

  /** The strip that a build's brackets are bent from. */
  public static StripStock strip(Build build) {
    return build.mounting().brackets().stream().findFirst().map(Bracket::stock).orElse(USUAL);
  }

  /** A bracket for each ear of a cooler that a usable hole is near; none where it is away. */
  public static List<Bracket> proposed(JobContent job, Build build, String cooler) {
    Ties ties = of(job, build).get(cooler);
    if (ties == null) {
      return List.of();
    }
    List<BodyHole> holes =
        ties.holes.stream().filter(h -> h.name().noun() == ties.kind.from).toList();
    return ties.hanging.proposed(holes, strip(build)).stream()
        .filter(t -> ties.kind != Kind.RADIATOR || t.corner().upper())
        .map(ties::entered)
        .toList();
  }

  Bracket entered(Hanging.Tied tied) {
    String dashed = tied.corner().dashed();
    String called = dashed.replace('-', ' ');
    return entered(
        switch (kind) {
          case COOLER -> "bracket-" + dashed;
          case FAN -> id + "-strap-" + dashed;
          case RADIATOR -> id + "-" + dashed;
        },
        switch (kind) {
          case COOLER ->
              called + (tied.hole().name().noun() == Name.Noun.CROSS_CHANNEL ? " tab" : " bracket");
          case FAN -> called + " strap";
          case RADIATOR -> "radiator, " + called;
        },
        tied.corner(),
        tied.hole(),
        tied.form());
  }

  /** What a bracket is a tab on; null where it goes to the body itself, or to nothing. */
  @Nullable
  CrossChannel channel(Bracket bracket) {
    return bracket.tie() == null || hole(bracket.tie().hole()) == null
        ? null
        : channels.under(bracket.tie()).orElse(null);
  }

  @Nullable
  BodyHole hole(String id) {
    return holes.stream().filter(h -> h.name().id().equals(id)).findFirst().orElse(null);
  }

  /** How far a bracket's last hole is from the body's, its first held at the ear, m. */
  double off(Bracket bracket) {
    roadbreeze.core.bracket.Bracket strip = bracket.toCore();
    BodyHole hole = hole(bracket.tie().hole());
    double best = Double.POSITIVE_INFINITY;
    if (strip.holes().size() < 2) {
      return best;
    }
    // It may be held on either side of the ear, and turned about its screw.
    Vector3D ear = hanging.ears().at(hanging.cooler(), bracket.tie().corner());
    double lift =
        hanging.ears().thickness() / 2 + hanging.standOff() + strip.stock().thickness() / 2;
    for (Vector3D side : List.of(Vector3D.MINUS_K, Vector3D.PLUS_K)) {
      Vector3D from = ear.add(side.scalarMultiply(lift));
      Vector3D to =
          hole.at().add(hole.looks().vector().scalarMultiply(strip.stock().thickness() / 2));
      best = Math.min(best, Math.abs(from.distance(to) - span(strip)));
    }
    return best;
  }

  /**
   * The middle of a bracket where it is screwed on; empty where it does not go from its ear to its
   * hole.
   */
  public List<Vector3D> inPlace(Bracket bracket) {
    BodyHole hole = bracket.tie() == null ? null : hole(bracket.tie().hole());
    if (hole == null) {
      return List.of();
    }
    roadbreeze.core.bracket.Bracket strip = bracket.toCore();
    return hanging.forms(bracket.tie().corner(), hole, bracket.stock()).stream()
        .filter(f -> f.bracket().bentLike(strip, AS_LONG))
        .findFirst()
        .map(f -> f.bracket().middleLine(f.start()))
        .orElse(List.of());
  }

  /** From the first hole of a folded strip to its last, m. */
  private static double span(roadbreeze.core.bracket.Bracket strip) {
    Frame level = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_K);
    List<Vector3D> holes = strip.foldedHoles(level);
    return holes.get(0).distance(holes.get(holes.size() - 1));
  }

  /** A form as a bracket that can be entered. */
  Bracket entered(String bracket, String name, Corner corner, BodyHole hole, Form form) {
    List<BracketStep> steps = new ArrayList<>();
    List<String> legs = new ArrayList<>();
    for (Step step : form.bracket().steps()) {
      String at = "step-" + (steps.size() + 1);
      if (step instanceof Step.Leg leg) {
        legs.add(at);
        steps.add(new BracketStep(at, BracketStep.What.LEG, mm(leg.length()), 0));
      } else if (step instanceof Step.Bend bend) {
        steps.add(new BracketStep(at, BracketStep.What.BEND, 0, degrees(bend.angle())));
      } else if (step instanceof Step.Twist twist) {
        steps.add(
            new BracketStep(
                at, BracketStep.What.TWIST, mm(twist.length()), degrees(twist.angle())));
      }
    }
    List<BracketHole> drilled = new ArrayList<>();
    for (Hole h : form.bracket().holes()) {
      drilled.add(
          new BracketHole(
              "hole-" + (drilled.size() + 1),
              legs.get(h.leg()),
              mm(h.at()),
              mm(h.across()),
              mm(h.diameter()),
              mm(h.slot())));
    }
    StripStock stock = form.bracket().stock();
    return new Bracket(
        bracket,
        name,
        1,
        stock.metal(),
        mm(stock.thickness()),
        mm(stock.width()),
        mm(stock.insideRadius()),
        steps,
        drilled,
        new Bracket.Tie(id, corner, hole.name().id()),
        mm(form.tab()));
  }

  /** To the hundredth of a millimetre: finer than anybody cuts. */
  static double mm(double metres) {
    return Math.round(metres * 1e5) / 100.0;
  }

  private static double degrees(double angle) {
    return Math.round(Math.toDegrees(angle) * 100) / 100.0;
  }
}
