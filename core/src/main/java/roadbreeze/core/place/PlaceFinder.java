package roadbreeze.core.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.bracket.Support;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.RemotePlace;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.Ears;
import roadbreeze.core.space.Hanging;
import roadbreeze.core.space.Pack;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.core.stack.Rectangle;

/**
 * Every place in a truck's pack where one of its oil coolers clears what stands there by its
 * margins and its plus-minus, has air on both faces and room for its hoses' ends; the best of them
 * by headroom, work and hose.
 *
 * <p>A cooler is not stood before another one: that would warm the second for the sake of the
 * first.
 */
public final class PlaceFinder {
  /**
   * The cooler whose place is asked.
   *
   * @param index of it among the build's
   * @param standOff from an ear's face to the strip, m
   * @param mass of the cooler full of oil, kg
   * @param rubber stiffness of the isolator at each ear, N/m; empty where there is none
   * @param comesFrom where the oil's hose to it starts; empty where that is not measured
   * @param goesTo where the hose from it ends
   * @param remotes places away from the pack
   */
  public record Asked(
      int index,
      Ears ears,
      CoolerPorts ports,
      HoseSize hose,
      StripStock strip,
      double standOff,
      double mass,
      OptionalDouble rubber,
      Optional<Vector3D> comesFrom,
      Optional<Vector3D> goesTo,
      List<Remote> remotes) {}

  /**
   * A place away from the pack.
   *
   * @param setup the truck with the cooler there
   */
  public record Remote(RemotePlace place, Setup setup) {}

  /**
   * What a place away from the pack gives.
   *
   * @param margins empty where the truck has no steady state so
   */
  public record Away(RemoteFit fit, Optional<Margins> margins) {}

  /**
   * What was found.
   *
   * @param now as it stands
   * @param places best first, no two of them alike
   * @param freeShare of all places tried, those that are free (-)
   * @param bought what moving things would buy, most first
   * @param elsewhere what the truck would come to with the cooler away from the pack, blown by a
   *     fan of its own; empty where it has no steady state so
   * @param elsewhereFan that fan: its own, or a usual one
   * @param away the measured places away from the pack: where it fits first, then the cooler
   */
  public record Found(
      Margins now,
      List<Place> places,
      double freeShare,
      List<Place.Bought> bought,
      Optional<Margins> elsewhere,
      OwnFan elsewhereFan,
      List<Away> away) {}

  /** Air needs so much before and behind an open face, m. */
  public static final double AIR = 0.015;

  /** So many of the best by headroom are looked at with brackets and tools. */
  private static final int LOOKED_AT = 24;

  /** So many are shown. */
  public static final int MOST = 8;

  /** Places nearer to each other than this are one, m. */
  private static final double ALIKE = 0.120;

  /** Less is no better, K. */
  private static final double WORTH_MOVING = 0.5;

  /** A fan over less of the cooler than this is not before it (-). */
  private static final double BEFORE = 0.05;

  private final Setup setup;
  private final Asked asked;
  private final Judge judge;
  private final Headroom now;
  private final SteadyBalance start;

  private PlaceFinder(Setup setup, Asked asked, Judge judge) {
    this.setup = setup;
    this.asked = asked;
    this.judge = judge;
    now = judge.of(setup);
    start = new SteadyBalance(Assembly.rig(setup)).quiet();
  }

  /**
   * @throws roadbreeze.core.problem.NotConvergedException if the truck has no steady state to start
   *     from
   */
  public static Found find(Setup setup, Asked asked, Judge judge) {
    return new PlaceFinder(setup, asked, judge).find();
  }

  private Found find() {
    Poses free = new Poses(setup, asked);
    List<Place> places = best(free, List.of());
    CoolerFit own = setup.fitting().coolers().get(asked.index());
    OwnFan fan = own.ownFan().orElse(new OwnFan(OwnFan.USUAL));
    return new Found(
        now.margins(),
        places,
        freeShare(free.layers()),
        bought(places),
        judged(placed(own.elsewhere(fan.in(0)), Set.of())),
        fan,
        away(own));
  }

  private List<Away> away(CoolerFit own) {
    return asked.remotes().stream()
        .map(r -> new Away(RemoteFit.of(r.place(), own.part(), asked), judged(r.setup())))
        .sorted(
            Comparator.comparing((Away a) -> !a.fit.fits())
                .thenComparingDouble(
                    a -> -a.margins.map(Margins::sure).orElse(Double.NEGATIVE_INFINITY)))
        .toList();
  }

  private static double freeShare(List<Poses.Layer> layers) {
    int all = layers.stream().mapToInt(l -> l.ground().columns() * l.ground().rows()).sum();
    int free = layers.stream().mapToInt(l -> l.ground().free().cardinality()).sum();
    return all == 0 ? 0 : (double) free / all;
  }

  private Setup placed(CoolerFit fit, Set<String> moved) {
    Fitting f = setup.fitting();
    List<CoolerFit> coolers = new ArrayList<>(f.coolers());
    coolers.set(asked.index(), fit);
    return setup.with(f.withCoolers(coolers).withMoved(moved));
  }

  /** Empty where the truck has no steady state so. */
  private Optional<Margins> margins(Setup trial) {
    try {
      Balance b = start.continuedWith(Assembly.rig(trial)).solve(judge.point());
      return Optional.of(
          new Margins(
              new Margin(b.coolant(), now.coolant().limit(), now.coolant().band()),
              new Margin(b.feed(), now.feed().limit(), now.feed().band()),
              new Margin(b.sump(), now.pan().limit(), now.pan().band())));
    } catch (NotConvergedException e) {
      return Optional.empty();
    }
  }

  /** With bands of its own; empty where the truck has no steady state so. */
  private Optional<Margins> judged(Setup trial) {
    try {
      return Optional.of(judge.of(trial).margins());
    } catch (NotConvergedException e) {
      return Optional.empty();
    }
  }

  private record Worth(Poses.Pose pose, Margins margins) {}

  private List<Place> best(Poses free, List<Solid> moved) {
    Set<String> ids = moved.stream().map(s -> s.name().id()).collect(Collectors.toSet());
    List<Place> places =
        free.handiest().stream()
            .filter(p -> moved.isEmpty() || moved.stream().anyMatch(m -> !keep(m).clear(p.box())))
            .flatMap(p -> margins(placed(p.fit(), ids)).map(m -> new Worth(p, m)).stream())
            .sorted(Comparator.comparingDouble(w -> -w.margins.sure()))
            .limit(LOOKED_AT)
            .map(w -> place(w, moved, ids))
            .sorted(Place.BETTER_FIRST)
            .toList();
    List<Place> apart = new ArrayList<>();
    for (Place p : places) {
      if (apart.size() < MOST && apart.stream().noneMatch(o -> alike(o, p))) {
        apart.add(p);
      }
    }
    return apart;
  }

  static FreeGround.Keep keep(Solid solid) {
    return new FreeGround.Keep(solid.shape(), solid.surelyFromCore());
  }

  private static boolean alike(Place a, Place b) {
    return a.fit().place() == b.fit().place()
        && a.fit().turn().onEnd() == b.fit().turn().onEnd()
        && Math.abs(a.box().x() - b.box().x()) < ALIKE
        && Math.abs(a.box().y() - b.box().y()) < ALIKE;
  }

  private Place place(Worth worth, List<Solid> moved, Set<String> ids) {
    CoolerFit fit = worth.pose.fit();
    Box box = worth.pose.box();
    Setup trial = placed(fit, ids);
    Pack pack = Pack.of(trial);
    List<Pack.Piece> cores = pack.standing();
    Hanging hanging =
        new Hanging(
            box, asked.ears().turned(fit.turn()), asked.standOff(), trial.standing(), cores);
    ToolAccess tools = new ToolAccess(trial.standing(), cores);
    List<BodyHole> within =
        setup.truck().front().nose().holes().stream()
            .filter(h -> tools.of(h.at(), h.looks(), h.thread()).tool() != ToolAccess.Tool.NONE)
            .toList();
    List<Hanging.Tied> tied =
        hanging.proposed(within, asked.strip()).stream()
            .filter(t -> reached(tools, hanging, t))
            .toList();
    int toDrill = Corner.values().length - tied.size();
    Rectangle face = fit.outline();
    return new Place(
        fit,
        worth.pose.swapped(),
        box,
        worth.margins,
        shadow(face, trial.radiator().outline()),
        trial.truck().cores().condenser().stream()
            .mapToDouble(c -> shadow(face, c.outline()))
            .findFirst(),
        fans(face),
        tied.size(),
        toDrill,
        frequency(tied),
        worth.pose.hoses(),
        sprayed(box),
        moved,
        Place.time(tied.size(), toDrill, moved));
  }

  /** A tool gets on the screw at the cooler's ear, from before it or behind. */
  private static boolean reached(ToolAccess tools, Hanging hanging, Hanging.Tied tied) {
    Vector3D ear = hanging.ears().at(hanging.cooler(), tied.corner());
    ScrewThread through = ScrewThread.through(hanging.ears().hole());
    return Stream.of(Direction.FORWARD, Direction.BACKWARD)
        .anyMatch(d -> tools.of(ear, d, through).tool() != ToolAccess.Tool.NONE);
  }

  private OptionalDouble frequency(List<Hanging.Tied> tied) {
    List<Support> supports =
        tied.stream()
            .map(t -> t.form().bracket())
            .<Support>map(b -> new Support.Strip(b.stock(), b.reach(), asked.rubber()))
            .toList();
    return supports.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(Holding.of(asked.mass(), supports, false).frequency());
  }

  private static double shadow(Rectangle face, Rectangle behind) {
    return face.overlap(behind) / behind.area();
  }

  private List<Place.BeforeFan> fans(Rectangle face) {
    return setup.fitting().fans().stream()
        .map(
            f ->
                new Place.BeforeFan(
                    f.name(),
                    face.overlap(f.outline()) / face.area(),
                    f.part().kind() != FanUnit.Type.ELECTRIC || f.switched().isEmpty()))
        .filter(b -> b.share() >= BEFORE)
        .sorted(Comparator.comparingDouble(b -> -b.share()))
        .toList();
  }

  /** It hangs lower than the bumper, where stones and spray come. */
  private boolean sprayed(Box box) {
    return setup.bumperLow().isPresent() && box.y() < setup.bumperLow().getAsDouble();
  }

  private List<Place.Bought> bought(List<Place> free) {
    List<Solid> movable = setup.standing().stream().filter(Solid::movable).toList();
    double best =
        free.stream().mapToDouble(p -> p.margins().sure()).max().orElse(now.margins().sure());
    List<List<Solid>> sets =
        Stream.concat(
                movable.stream().map(List::of),
                movable.size() > 1 ? Stream.of(movable) : Stream.empty())
            .toList();
    List<Place.Bought> bought = new ArrayList<>();
    for (List<Solid> moved : sets) {
      Set<String> ids = moved.stream().map(s -> s.name().id()).collect(Collectors.toSet());
      CoolerFit own = setup.fitting().coolers().get(asked.index());
      List<Place> places = best(new Poses(placed(own, ids), asked), moved);
      places.stream()
          .filter(p -> free.isEmpty() || p.margins().sure() > best + WORTH_MOVING)
          .findFirst()
          .ifPresent(p -> bought.add(new Place.Bought(p, p.margins().sure() - best)));
    }
    bought.sort(Comparator.comparingDouble(b -> -b.kelvin()));
    return bought;
  }
}
