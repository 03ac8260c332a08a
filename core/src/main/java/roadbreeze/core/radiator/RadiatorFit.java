package roadbreeze.core.radiator;

import static roadbreeze.core.radiator.FitRow.State.ASK;
import static roadbreeze.core.radiator.FitRow.State.FITS;
import static roadbreeze.core.radiator.FitRow.State.MAKE;
import static roadbreeze.core.radiator.FitRow.State.WRONG;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.radiator.FitRow.Shown;
import roadbreeze.core.radiator.FitRow.State;
import roadbreeze.core.radiator.FitRow.What;
import roadbreeze.core.rig.Core;
import roadbreeze.core.route.Coupling;
import roadbreeze.core.shroud.ShroudFit;

/**
 * A radiator held against the truck that it is for. Its core stands where the old one stood: low,
 * on the same middle line, its front where the old front was.
 *
 * @param other what the radiator has
 * @param ownCore of the old radiator, where it stood
 * @param core of the new one, where it stands
 * @param front of both, m behind the grille line
 * @param fanToCore blades to the new core, m
 * @param fanWanted what that must be, m
 * @param oilInTank the oil goes through a cooler in the old radiator's tank
 * @param tank the new one has such a cooler
 */
public record RadiatorFit(
    RadiatorSeat seat,
    Shell other,
    Core ownCore,
    Core core,
    double front,
    double fanToCore,
    double fanWanted,
    boolean oilInTank,
    boolean tank) {

  /** Between a radiator's tank and cut metal, m; own default. */
  private static final double CUT_CLEAR = 0.006;

  /** Deeper cuts into a core support are a body maker's, m; own default. */
  public static final double MOST_CUT = 0.060;

  /** Under the upper bar, m; own default. */
  private static final double UNDER_BAR = 0.005;

  /** Of aluminium between a cold morning and hot coolant: 23.6e-6/K over 110 K. */
  private static final double GROWTH = 23.6e-6 * 110;

  /** Side to side, a radiator that has more rattles, m; own default. */
  private static final double MOST_PLAY = 0.008;

  /** Rubber round a pin, m; own default. */
  private static final double RUBBER = 0.008;

  /** Metal that is left between two holes, m; own default. */
  private static final double WEB = 0.008;

  /** Holes that miss by less meet in their slots, m; own default. */
  private static final double IN_SLOTS = 0.002;

  /** Left under a screw in a blind insert, m. */
  private static final double UNDER_SCREW = 0.001;

  private static final double NO_DEEPER = 1e-4;

  /** Everything that is looked at, in order. */
  public List<FitRow> rows() {
    return List.of(
        width(),
        height(),
        depth(),
        pins(),
        tops(),
        neck(What.UPPER_NECK),
        neck(What.LOWER_NECK),
        cap(),
        drain(),
        oilPorts(),
        insert(),
        fan(),
        connector());
  }

  private FitRow width() {
    Optional<Double> free = both(seat.left(), seat.right()).map(sides -> sides[1] - sides[0]);
    return row(
        What.WIDTH,
        free.map(Shown.SIZE::with),
        size(other.width()),
        () -> {
          double[] gaps = sideGaps().orElseThrow();
          double over = -Math.min(gaps[0], gaps[1]);
          if (over + CUT_CLEAR > MOST_CUT) {
            return say(WRONG, RadiatorSays.TOO_WIDE.with(over, MOST_CUT));
          }
          return over > 0
              ? say(MAKE, RadiatorSays.CUT_SUPPORT.with(cut(gaps[0]), cut(gaps[1])))
              : say(FITS, RadiatorSays.GAPS.with(gaps[0], gaps[1]));
        });
  }

  /** From its tanks to the core support, left and right, m; under 0 it stands into that. */
  public Optional<double[]> sideGaps() {
    return sideGaps(other, core);
  }

  private Optional<double[]> sideGaps(Shell shell, Core at) {
    if (shell.width().isEmpty()) {
      return Optional.empty();
    }
    double middle = at.outline().x() + at.outline().width() / 2;
    double half = shell.width().getAsDouble() / 2;
    return both(seat.left(), seat.right())
        .map(s -> new double[] {middle - half - s[0], s[1] - middle - half});
  }

  private static double cut(double gap) {
    return gap >= 0 ? 0 : -gap + CUT_CLEAR;
  }

  private FitRow height() {
    return row(
        What.HEIGHT,
        size(seat.top()),
        size(other.height()),
        () -> {
          double gap = seat.top().getAsDouble() - topEdge();
          return gap < UNDER_BAR
              ? say(WRONG, RadiatorSays.MEETS_BAR.with(UNDER_BAR - gap))
              : say(FITS, RadiatorSays.UNDER_BAR.with(gap));
        });
  }

  /** Its upper edge in the nose. */
  private double topEdge() {
    return topEdge(other, core);
  }

  /** Tanks stand over and under the core alike. */
  private static double topEdge(Shell shell, Core at) {
    return at.outline().y() + at.outline().height() / 2 + shell.height().getAsDouble() / 2;
  }

  private FitRow depth() {
    double deeper = core.depth() - ownCore.depth();
    return row(
        What.DEPTH,
        Optional.of(Shown.SIZE.with(ownCore.depth())),
        Optional.of(Shown.SIZE.with(core.depth())),
        () ->
            deeper <= NO_DEEPER
                ? say(FITS, RadiatorSays.SAME_DEPTH.with(fanToCore))
                : fanToCore <= 0
                    ? say(WRONG, RadiatorSays.MEETS_FAN.with(deeper, fanToCore, fanWanted))
                    : say(
                        fanToCore < fanWanted ? MAKE : FITS,
                        RadiatorSays.NEARER_FAN.with(deeper, fanToCore, fanWanted)));
  }

  private FitRow pins() {
    return row(
        What.PINS,
        seat.own().pins().isPresent() && seat.bush().isPresent()
            ? Optional.of(
                Shown.TWO.with(seat.own().pins().get().apart(), seat.bush().getAsDouble()))
            : Optional.empty(),
        other.pins().map(p -> Shown.TWO.with(p.apart(), p.diameter())),
        () -> {
          Shell.Pins pins = other.pins().orElseThrow();
          double bush = seat.bush().getAsDouble();
          if (pins.diameter() > bush) {
            return say(MAKE, RadiatorSays.OTHER_BUSHES.with(pins.diameter(), bush));
          }
          double off = off();
          double play = bush - pins.diameter();
          double growth = GROWTH * pins.apart();
          if (off <= play / 2 - growth / 2) {
            double left = play - 2 * off;
            return left > MOST_PLAY
                ? say(MAKE, RadiatorSays.PINS_LOOSE.with(left))
                : say(FITS, RadiatorSays.PINS_FIT.with(left, growth));
          }
          if (off <= IN_SLOTS) {
            return say(MAKE, RadiatorSays.PINS_BIND.with(play, growth));
          }
          return bushHolesMeet()
              ? say(MAKE, RadiatorSays.BUSH_PLATES.with(off))
              : say(MAKE, RadiatorSays.BUSH_HOLES_MOVE.with(off));
        });
  }

  /** How far each pin is from where the old one stood, m. */
  private double off() {
    return Math.abs(other.pins().orElseThrow().apart() - seat.own().pins().orElseThrow().apart())
        / 2;
  }

  private double bushHole() {
    return seat.bush().getAsDouble() + 2 * RUBBER;
  }

  private boolean bushHolesMeet() {
    return off() < bushHole() + WEB;
  }

  private FitRow tops() {
    return row(
        What.TOPS,
        seat.own().tops().map(RadiatorFit::shown),
        other.tops().map(RadiatorFit::shown),
        () -> {
          Shell.Tops old = seat.own().tops().orElseThrow();
          Shell.Tops tops = other.tops().orElseThrow();
          double aside = Math.abs(tops.apart() - old.apart()) / 2;
          double up = tops.up() - old.up() + core.outline().y() - ownCore.outline().y();
          double back = tops.back() - old.back();
          boolean meet =
              aside <= IN_SLOTS && Math.abs(up) <= IN_SLOTS && Math.abs(back) <= IN_SLOTS;
          return meet
              ? say(FITS, RadiatorSays.TOPS_FIT.with())
              : say(MAKE, RadiatorSays.TOP_BRACKETS.with(aside, Math.abs(up), Math.abs(back)));
        });
  }

  private static Finding shown(Shell.Tops tops) {
    return Shown.TWO.with(tops.apart(), tops.up());
  }

  private FitRow neck(What what) {
    Optional<Shell.Neck> own = what == What.UPPER_NECK ? seat.own().upper() : seat.own().lower();
    Optional<Shell.Neck> there = what == What.UPPER_NECK ? other.upper() : other.lower();
    Optional<RadiatorSeat.FoundHose> hose = hose(what);
    return row(
        what,
        hose.isPresent() ? own.map(RadiatorFit::shown) : Optional.empty(),
        there.map(RadiatorFit::shown),
        () -> {
          NeckFit fit = hoseOf(what).orElseThrow();
          boolean asItIs = fit.way() == NeckFit.Way.AS_IT_IS;
          List<Finding> says =
              fit.says(
                  own.orElseThrow(),
                  there.orElseThrow(),
                  hose.orElseThrow(),
                  what == What.LOWER_NECK);
          return new Verdict(asItIs && says.size() == 1 ? FITS : MAKE, says);
        });
  }

  private Optional<RadiatorSeat.FoundHose> hose(What what) {
    return what == What.UPPER_NECK ? seat.upper() : seat.lower();
  }

  /**
   * What becomes of the hose of a neck; empty where something of it is not known.
   *
   * @param what upper or lower neck
   */
  public Optional<NeckFit> hoseOf(What what) {
    Shell.Neck own =
        (what == What.UPPER_NECK ? seat.own().upper() : seat.own().lower()).orElse(null);
    Shell.Neck there = (what == What.UPPER_NECK ? other.upper() : other.lower()).orElse(null);
    if (own == null || there == null) {
      return Optional.empty();
    }
    Vector3D was = own.at(ownCore.outline(), front);
    Vector3D is = there.at(core.outline(), front);
    return hose(what).map(h -> NeckFit.of(own, was, there, is, h));
  }

  private static Finding shown(Shell.Neck neck) {
    return Shown.NECK.with(neck.diameter(), neck.across(), neck.up());
  }

  private FitRow cap() {
    boolean elsewhere = other.capUp().isPresent() && other.capUp().getAsDouble() == 0;
    boolean was = seat.own().capUp().isPresent() && seat.own().capUp().getAsDouble() > 0;
    boolean none = seat.own().capUp().isPresent() && !was;
    return row(
        What.CAP,
        was && seat.cap().isEmpty() && !elsewhere ? Optional.empty() : size(seat.own().capUp()),
        size(other.capUp()),
        () -> {
          if (elsewhere) {
            return was
                ? say(MAKE, RadiatorSays.CAP_ELSEWHERE.with())
                : say(FITS, RadiatorSays.CAP_ELSEWHERE.with());
          }
          double up = other.capUp().getAsDouble();
          if (none) {
            return say(MAKE, RadiatorSays.CAP_COMES.with(up));
          }
          double higher =
              up - seat.own().capUp().getAsDouble() + core.outline().y() - ownCore.outline().y();
          double gap = seat.cap().getAsDouble() - higher;
          return gap < ShroudFit.CAP_TO_BONNET
              ? say(WRONG, RadiatorSays.CAP_MEETS_BONNET.with(gap, ShroudFit.CAP_TO_BONNET))
              : say(FITS, RadiatorSays.CAP_CLEAR.with(gap));
        });
  }

  private FitRow drain() {
    return row(
        What.DRAIN,
        seat.reach().isEmpty()
            ? Optional.empty()
            : Optional.of(Shown.WORD.with(seat.reach().get(0))),
        other.drain().map(Shown.WORD::with),
        () -> {
          Shell.Drain drain = other.drain().orElseThrow();
          if (drain == Shell.Drain.NONE) {
            return say(MAKE, RadiatorSays.NO_DRAIN.with());
          }
          return seat.reach().contains(drain)
              ? say(FITS, RadiatorSays.DRAIN_REACHED.with())
              : say(MAKE, RadiatorSays.DRAIN_OUT_OF_REACH.with());
        });
  }

  private FitRow oilPorts() {
    if (!oilInTank || !tank) {
      RadiatorSays says =
          oilInTank
              ? RadiatorSays.NO_OIL_PORTS
              : tank ? RadiatorSays.OIL_PORTS_UNUSED : RadiatorSays.NO_OIL_COOLER;
      return new FitRow(
          What.OIL_PORTS,
          says == RadiatorSays.NO_OIL_COOLER ? FITS : MAKE,
          seat.own().oilPorts().map(Shown.TEXT::with),
          other.oilPorts().map(Shown.TEXT::with),
          List.of(says.with()));
    }
    return row(
        What.OIL_PORTS,
        seat.own().oilPorts().map(Shown.TEXT::with),
        other.oilPorts().map(Shown.TEXT::with),
        () -> {
          String was = seat.own().oilPorts().orElseThrow();
          String is = other.oilPorts().orElseThrow();
          boolean same =
              like(was, is)
                  || Coupling.named(was).isPresent()
                      && Coupling.named(was).equals(Coupling.named(is));
          return same
              ? say(FITS, RadiatorSays.OIL_PORTS_SAME.with())
              : say(MAKE, RadiatorSays.OIL_PORTS_OTHER.with());
        });
  }

  private FitRow insert() {
    return row(
        What.INSERT,
        seat.screwIn().isEmpty() ? Optional.empty() : seat.own().insert().map(this::goesIn),
        other.insert().map(i -> Shown.THREAD.with(i.thread().name(), i.depth())),
        () -> {
          Shell.Insert insert = other.insert().orElseThrow();
          if (insert.thread() != seat.own().insert().orElseThrow().thread()) {
            return say(MAKE, RadiatorSays.OTHER_THREAD.with());
          }
          double in = seat.screwIn().getAsDouble();
          double over = in - (insert.depth() - UNDER_SCREW);
          if (over > 0) {
            return say(MAKE, RadiatorSays.SCREWS_BOTTOM.with(over));
          }
          return in < insert.thread().diameter()
              ? say(MAKE, RadiatorSays.SCREWS_SHORT.with(insert.thread().diameter()))
              : say(FITS, RadiatorSays.SCREWS_GO.with(-over));
        });
  }

  private Finding goesIn(Shell.Insert own) {
    return Shown.THREAD.with(own.thread().name(), seat.screwIn().getAsDouble());
  }

  private FitRow fan() {
    return row(
        What.FAN,
        seat.own().fan().map(RadiatorFit::shown),
        other.fan().map(RadiatorFit::shown),
        () -> {
          Shell.FanHoles was = seat.own().fan().orElseThrow();
          Shell.FanHoles is = other.fan().orElseThrow();
          double across = Math.abs(is.apart() - was.apart());
          double up = Math.abs(is.up() - was.up());
          return across <= 2 * IN_SLOTS && up <= 2 * IN_SLOTS
              ? say(FITS, RadiatorSays.FAN_SAME.with())
              : say(MAKE, RadiatorSays.FAN_OTHER.with(across / 2, up / 2));
        });
  }

  private static Finding shown(Shell.FanHoles holes) {
    return Shown.TWO.with(holes.apart(), holes.up());
  }

  private FitRow connector() {
    return row(
        What.CONNECTOR,
        seat.own().connector().map(Shown.TEXT::with),
        other.connector().map(Shown.TEXT::with),
        () ->
            like(seat.own().connector().orElseThrow(), other.connector().orElseThrow())
                ? say(FITS, RadiatorSays.PLUG_SAME.with())
                : say(MAKE, RadiatorSays.PLUG_OTHER.with()));
  }

  private static boolean like(String a, String b) {
    return a.strip().toLowerCase(Locale.ROOT).equals(b.strip().toLowerCase(Locale.ROOT));
  }

  /** What is cut, tried and welded in. */
  public List<Plate> plates() {
    List<Plate> plates = new ArrayList<>();
    FitRow width = width();
    if (width.state() == MAKE && other.height().isPresent()) {
      double[] gaps = sideGaps().orElseThrow();
      for (Plate.Side side : Plate.Side.values()) {
        double depth = cut(gaps[side.ordinal()]);
        if (depth > 0) {
          double height = other.height().getAsDouble() + 2 * CUT_CLEAR;
          plates.add(
              Plate.edge(side, new Plate.Notch(depth, topEdge() + CUT_CLEAR - height, height)));
        }
      }
    }
    boolean bushes = pins().says().stream().anyMatch(f -> f.code() == RadiatorSays.BUSH_PLATES);
    for (Plate.Side side : Plate.Side.values()) {
      if (bushes) {
        plates.add(Plate.bush(side, bushHole()));
      }
    }
    return plates;
  }

  /**
   * Foam between the tanks and what is round them, so that air goes through the core and not past
   * it.
   *
   * @param where along which edge
   * @param gap that it closes, m
   * @param thickness that is bought, m: it is pressed by a third
   */
  public record Foam(Edge where, double length, double gap, double thickness) {
    /** Of the radiator, as seen from the front. */
    public enum Edge {
      LEFT,
      RIGHT,
      TOP
    }
  }

  /** A gap that changes by less is closed by the old strips, m. */
  private static final double AS_WIDE = 0.004;

  private static final double PRESSED = 1.4;

  /** Where the old strips do not close it any more; none where sizes are not known. */
  public List<Foam> foam() {
    List<Foam> strips = new ArrayList<>();
    if (other.height().isEmpty()) {
      return strips;
    }
    double height = other.height().getAsDouble();
    double[] gaps = sideGaps().orElse(null);
    double[] were = sideGaps(seat.own(), ownCore).orElse(null);
    if (gaps != null) {
      foam(Foam.Edge.LEFT, height, gaps[0], were == null ? Double.NaN : were[0], strips);
      foam(Foam.Edge.RIGHT, height, gaps[1], were == null ? Double.NaN : were[1], strips);
    }
    if (seat.top().isPresent() && other.width().isPresent()) {
      double bar = seat.top().getAsDouble();
      double was =
          seat.own().height().isPresent() ? bar - topEdge(seat.own(), ownCore) : Double.NaN;
      foam(Foam.Edge.TOP, other.width().getAsDouble(), bar - topEdge(), was, strips);
    }
    return strips;
  }

  /**
   * @param was the gap that the old strip closes, NaN where nobody knows
   */
  private static void foam(Foam.Edge edge, double length, double gap, double was, List<Foam> to) {
    double left = gap < 0 ? CUT_CLEAR : gap;
    if (!(Math.abs(left - was) <= AS_WIDE) && left > 0) {
      to.add(new Foam(edge, length, left, left * PRESSED));
    }
  }

  private record Verdict(State state, List<Finding> says) {}

  private static Verdict say(State state, Finding finding) {
    return new Verdict(state, List.of(finding));
  }

  /** What is not known is asked for; the rest is held against each other. */
  private static FitRow row(
      What what, Optional<Finding> truck, Optional<Finding> part, Supplier<Verdict> held) {
    if (truck.isEmpty() || part.isEmpty()) {
      RadiatorSays ask =
          truck.isPresent()
              ? RadiatorSays.MEASURE_PART
              : part.isPresent() ? RadiatorSays.MEASURE_TRUCK : RadiatorSays.MEASURE_BOTH;
      return new FitRow(what, ASK, truck, part, List.of(ask.with()));
    }
    Verdict verdict = held.get();
    return new FitRow(what, verdict.state(), truck, part, verdict.says());
  }

  private static Optional<Finding> size(OptionalDouble size) {
    return size.isPresent() ? Optional.of(Shown.SIZE.with(size.getAsDouble())) : Optional.empty();
  }

  private static Optional<double[]> both(OptionalDouble one, OptionalDouble other) {
    return one.isPresent() && other.isPresent()
        ? Optional.of(new double[] {one.getAsDouble(), other.getAsDouble()})
        : Optional.empty();
  }
}
