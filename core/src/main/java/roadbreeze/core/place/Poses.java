package roadbreeze.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Zone;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.Ears;
import roadbreeze.core.space.Hanging;
import roadbreeze.core.space.Pack;
import roadbreeze.core.stack.Rectangle;

/** Where a cooler can stand in a truck, whatever it would be worth there. */
final class Poses {
  /** Gaps to the core behind that are tried: foamed round, or open, m. */
  private static final double[] SEALED = {0.005, 0.015, 0.030};

  private static final double[] OPEN = {0.015, 0.025, 0.040};

  /** Of the free places the handiest in each square of so many steps is taken. */
  private static final int SQUARE = 16;

  /** A shorter way than this out of a port is no way, m. */
  private static final double MOUTH = 0.060;

  /** A hose is longer than along the axes by so much, for its bends (-). */
  private static final double ROUND_CORNERS = 1.05;

  /** Oil that goes in at the top leaves air in the cooler: as bad as so much hose, m. */
  private static final double TRAPS_AIR = 1;

  /**
   * A free place.
   *
   * @param swapped the oil goes through from its other port than now
   * @param hoses roughly, m; empty where their other ends are not measured
   */
  record Pose(CoolerFit fit, boolean swapped, Box box, OptionalDouble hoses) {}

  /** A way to stand in depth, with the ground that this leaves free. */
  record Layer(CoolerFit fit, Box box, FreeGround ground) {}

  private final Setup setup;
  private final PlaceFinder.Asked asked;
  private final CoolerFit cooler;
  private final List<Zone> zones;
  private final List<Layer> layers = new ArrayList<>();

  /**
   * @param setup without what is moved for it
   */
  Poses(Setup setup, PlaceFinder.Asked asked) {
    this.setup = setup;
    this.asked = asked;
    cooler = setup.fitting().coolers().get(asked.index());
    Pack pack = Pack.of(setup);
    zones =
        Zone.of(
            setup,
            new Pack(
                pack.pieces().stream().filter(p -> !p.name().equals(cooler.name())).toList(),
                pack.front(),
                pack.back()));
    for (Turn turn : List.of(Turn.AS_DRAWN, Turn.QUARTER_LEFT)) {
      before(turn);
      between(turn, pack);
      behind(turn, pack);
    }
  }

  List<Layer> layers() {
    return layers;
  }

  /** In front of everything, behind the grille with air before it. */
  private void before(Turn turn) {
    Truck.FrontEnd front = setup.truck().front();
    for (double gap : cooler.sealed() ? SEALED : OPEN) {
      double z = front.depth() - gap - cooler.part().depth();
      if (z >= PlaceFinder.AIR) {
        add(CoolerFit.Place.FRONT, turn, gap, z, front.opening());
      }
    }
  }

  /** Between the truck's own cores, in the middle of their gap. */
  private void between(Turn turn, Pack pack) {
    double gap = setup.truck().front().coreGap();
    double depth = cooler.part().depth();
    boolean ownCores =
        setup.truck().cores().condenser().isPresent() || setup.chargeAirCooler().isPresent();
    double beside = cooler.sealed() ? Clearance.CORE_TO_CORE : PlaceFinder.AIR;
    if (ownCores && gap >= depth + 2 * beside) {
      double z = pack.box(Assembly.RADIATOR).z() - (gap + depth) / 2;
      Rectangle room = setup.radiator().outline();
      add(CoolerFit.Place.BEHIND_CONDENSER, turn, cooler.gap(), z, room);
    }
  }

  /** Between radiator and fan. */
  private void behind(Turn turn, Pack pack) {
    double fan = Clearance.fanToCore(setup.fitting().fanOnEngine());
    double room = setup.fanToCore() - setup.fitting().seat().spacer();
    // It hangs close to the radiator there, which leaves no air between unless that is closed
    // round.
    if (cooler.sealed() && room >= Clearance.CORE_TO_CORE + cooler.part().depth() + fan) {
      double z = pack.back() + Clearance.CORE_TO_CORE;
      Rectangle face = setup.radiator().outline();
      add(CoolerFit.Place.BEHIND_RADIATOR, turn, cooler.gap(), z, face);
    }
  }

  private void add(CoolerFit.Place place, Turn turn, double gap, double z, Rectangle room) {
    CoolerFit fit = cooler.standing(place, turn, room.x(), room.y(), gap);
    Rectangle face = fit.outline();
    Box box = new Box(face.x(), face.y(), z, face.width(), face.height(), fit.part().depth());
    layers.add(new Layer(fit, box, FreeGround.of(room, box, keeps(place, box))));
  }

  /** What a cooler keeps from at one depth. */
  private List<FreeGround.Keep> keeps(CoolerFit.Place place, Box box) {
    List<FreeGround.Keep> keeps = new ArrayList<>();
    for (Solid s : setup.standing()) {
      keeps.add(PlaceFinder.keep(s));
    }
    Fitting f = setup.fitting();
    for (CoolerFit c : f.coolers()) {
      if (c.place() == place && !c.name().equals(cooler.name())) {
        keeps.add(beside(c.outline(), box, Clearance.CORE_TO_CORE));
      }
    }
    for (OtherCooler o : f.others()) {
      if (o.place() == place) {
        keeps.add(beside(o.core().outline(), box, Clearance.CORE_TO_CORE));
      }
    }
    for (FanFit fan : f.fans()) {
      if (fan.pusher() && place == CoolerFit.Place.FRONT) {
        keeps.add(beside(fan.outline(), box, Clearance.CORE_TO_METAL));
      }
    }
    return keeps;
  }

  /** An outline that a box is beside whatever its depth. */
  private static FreeGround.Keep beside(Rectangle o, Box box, double distance) {
    Box there = new Box(o.x(), o.y(), box.z(), o.width(), o.height(), box.depth());
    return new FreeGround.Keep(there, distance);
  }

  /** In each square of free ground the place that is handiest to its holes and hoses. */
  List<Pose> handiest() {
    List<Pose> poses = new ArrayList<>();
    for (Layer layer : layers) {
      for (int row = 0; row < layer.ground.rows(); row += SQUARE) {
        for (int column = 0; column < layer.ground.columns(); column += SQUARE) {
          handiest(layer, column, row).flatMap(b -> piped(layer.fit, b)).ifPresent(poses::add);
        }
      }
    }
    return poses;
  }

  private Optional<Box> handiest(Layer layer, int column, int row) {
    FreeGround ground = layer.ground;
    Ears ears = asked.ears().turned(layer.fit.turn());
    Box best = null;
    double least = Double.POSITIVE_INFINITY;
    for (int r = row; r < Math.min(row + SQUARE, ground.rows()); r++) {
      for (int c = column; c < Math.min(column + SQUARE, ground.columns()); c++) {
        if (ground.isFree(c, r)) {
          Box box = ground.at(layer.box, c, r);
          double handy = toHoles(ears, box) + toLines(box.middle(), box.middle()).orElse(0);
          if (handy < least) {
            least = handy;
            best = box;
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** From each ear to the hole nearest to it, m. */
  private double toHoles(Ears ears, Box box) {
    double sum = 0;
    for (Corner corner : Corner.values()) {
      Vector3D ear = ears.at(box, corner);
      double least = Hanging.REACH;
      for (BodyHole hole : setup.truck().front().nose().holes()) {
        least = Math.min(least, hole.at().distance(ear));
      }
      sum += least;
    }
    return sum;
  }

  private OptionalDouble toLines(Vector3D in, Vector3D out) {
    return asked.comesFrom().isEmpty() || asked.goesTo().isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(
            ROUND_CORNERS
                * (Vector3D.distance1(asked.comesFrom().get(), in)
                    + Vector3D.distance1(asked.goesTo().get(), out)));
  }

  /**
   * Turned and passed through so that air rises out of it and its hoses are shortest; empty where
   * no hose gets out of a port.
   */
  private Optional<Pose> piped(CoolerFit layer, Box box) {
    Turn other = layer.turn().onEnd() ? Turn.QUARTER_RIGHT : Turn.UPSIDE_DOWN;
    Pose best = null;
    double least = Double.POSITIVE_INFINITY;
    for (Turn turn : List.of(layer.turn(), other)) {
      for (boolean swapped : new boolean[] {false, true}) {
        CoolerFit fit = layer.standing(layer.place(), turn, box.x(), box.y(), layer.gap());
        CoolerPorts ports = new CoolerPorts(asked.ports().look(), asked.ports().other() != swapped);
        Port in = ports.port(fit, box, CoolerPorts.Side.IN);
        Port out = ports.port(fit, box, CoolerPorts.Side.OUT);
        if (!open(in) || !open(out)) {
          continue;
        }
        OptionalDouble hoses = toLines(in.at(), out.at());
        double trouble = hoses.orElse(0) + (in.at().getY() > out.at().getY() ? TRAPS_AIR : 0);
        if (trouble < least) {
          least = trouble;
          best = new Pose(fit, swapped, box, hoses);
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** A hose gets out of a port, straight or by an elbow. */
  private boolean open(Port port) {
    return port.withElbows().stream().anyMatch(this::leaves);
  }

  private boolean leaves(Port port) {
    Vector3D way = port.looks().vector();
    double radius = asked.hose().outside() / 2;
    Tube mouth =
        new Tube(
            List.of(
                port.at().add(way.scalarMultiply(radius)),
                port.at().add(way.scalarMultiply(MOUTH))),
            radius);
    return zones.stream().noneMatch(z -> Gap.nearer(mouth, z.shape(), z.wanted()));
  }
}
