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
import roadbreeze.core.explain.Finding;
import roadbreeze.core.radiator.FitRow.Shown;
import roadbreeze.core.radiator.FitRow.State;
import roadbreeze.core.radiator.FitRow.What;
import roadbreeze.core.rig.Core;
import roadbreeze.core.route.Coupling;
import roadbreeze.core.shroud.ShroudFit;
import roadbreeze.core.stack.Rectangle;

/**
 * A radiator held against the truck that it is for. Its core stands where the old one stood: low,
 * on the same middle line, its front where the old front was.
 *
 * @param other what the radiator has
 * @param ownCore of the old radiator, where it stood
 * @param core of the new one, where it stands
 * @param front of both, m behind the grille line
 * @param fan the main fan before the new core; empty where none stands behind it
 * @param oilInTank the oil goes through a cooler in the old radiator's tank
 * @param tank the new one has such a cooler
 */
public record RadiatorFit(
    RadiatorSeat seat,
    Shell other,
    Core ownCore,
    Core core,
    double front,
    Optional<ShroudFit> fan,
    boolean oilInTank,
    boolean tank) {

  /** Between a radiator's tank and cut metal, m; own default. */
  static final double CUT_CLEAR = 0.006;

  /** Deeper cuts into a core support are a body maker's, m; own default. */
  private static final double MOST_CUT = 0.060;

  /** Under the upper bar, m; own default. */
  private static final double UNDER_BAR = 0.005;

  /** Of aluminium between a cold morning and hot coolant: 23.6e-6/K over 110 K. */
  private static final double GROWTH = 23.6e-6 * 110;

  /** Side to side, a radiator that has more rattles, m; own default. */
  private static final double MOST_PLAY = 0.008;

  /** A bushing's wall, m; own default. */
  private static final double WALL = 0.008;

  /** Metal that is left between two holes, m; own default. */
  private static final double WEB = 0.008;

  /** Holes that miss by less meet in their slots, m; own default. */
  private static final double IN_SLOTS = 0.002;

  /** Left under a screw in a blind insert, m; own default. */
  private static final double UNDER_SCREW = 0.001;

  /** Cores whose depths differ by less are one depth, m. */
  private static final double NO_DEEPER = 1e-4;

  /** Everything that is looked at, in order. */
  public List<FitRow> rows() {
    return List.of(
        width(),
        height(),
        depth(),
        pins(),
        tops(),
        neck(What.UPPER_NECK, Shell.End.UPPER),
        neck(What.LOWER_NECK, Shell.End.LOWER),
        cap(),
        drain(),
        oilPorts(),
        insert(),
        fanHoles(),
        connector());
  }

  private FitRow width() {
    Optional<Finding> free =
        seat.left().isPresent() && seat.right().isPresent()
            ? Optional.of(Shown.SIZE.with(seat.right().getAsDouble() - seat.left().getAsDouble()))
            : Optional.empty();
    return row(
        What.WIDTH,
        free,
        size(other.width()),
        () -> {
          double left = gap(Foam.Edge.LEFT).orElseThrow();
          double right = gap(Foam.Edge.RIGHT).orElseThrow();
          double over = -Math.min(left, right);
          if (over + CUT_CLEAR > MOST_CUT) {
            return say(WRONG, RadiatorSays.TOO_WIDE.with(over, MOST_CUT));
          }
          return over > 0
              ? say(MAKE, RadiatorSays.CUT_SUPPORT.with(cut(left), cut(right)))
              : say(FITS, RadiatorSays.GAPS.with(left, right));
        });
  }

  /** From its tanks to what is round it, m; under 0 it stands into that, empty where unknown. */
  OptionalDouble gap(Foam.Edge edge) {
    return gap(edge, other, core);
  }

  /** The same of the old radiator. */
  OptionalDouble gapBefore(Foam.Edge edge) {
    return gap(edge, seat.own(), ownCore);
  }

  private OptionalDouble gap(Foam.Edge edge, Shell shell, Core at) {
    boolean top = edge == Foam.Edge.TOP;
    OptionalDouble size = top ? shell.height() : shell.width();
    OptionalDouble round = top ? seat.top() : edge == Foam.Edge.LEFT ? seat.left() : seat.right();
    if (size.isEmpty() || round.isEmpty()) {
      return OptionalDouble.empty();
    }
    // Tanks stand out of the core alike on both sides of its middle.
    Rectangle core = at.outline();
    double middle = top ? core.y() + core.height() / 2 : core.x() + core.width() / 2;
    double away = Math.abs(round.getAsDouble() - middle);
    return OptionalDouble.of(away - size.getAsDouble() / 2);
  }

  /** How deep the core support is cut for it, m. */
  private static double cut(double gap) {
    return gap >= 0 ? 0 : -gap + CUT_CLEAR;
  }

  private FitRow height() {
    return row(
        What.HEIGHT,
        size(seat.top()),
        size(other.height()),
        () -> {
          double gap = gap(Foam.Edge.TOP).orElseThrow();
          return gap < UNDER_BAR
              ? say(WRONG, RadiatorSays.MEETS_BAR.with(UNDER_BAR - gap))
              : say(FITS, RadiatorSays.UNDER_BAR.with(gap));
        });
  }

  private FitRow depth() {
    return row(
        What.DEPTH,
        Optional.of(Shown.SIZE.with(ownCore.depth())),
        Optional.of(Shown.SIZE.with(core.depth())),
        () ->
            fan.map(f -> depth(f.toCore(), f.toCoreWanted()))
                .orElseGet(() -> say(FITS, RadiatorSays.NO_FAN_BEHIND.with())));
  }

  /**
   * @param gap blades to the new core, m
   */
  private Verdict depth(double gap, double wanted) {
    double deeper = core.depth() - ownCore.depth();
    if (deeper <= NO_DEEPER) {
      return say(FITS, RadiatorSays.SAME_DEPTH.with(gap));
    }
    return gap <= 0
        ? say(WRONG, RadiatorSays.MEETS_FAN.with(deeper))
        : say(gap < wanted ? MAKE : FITS, RadiatorSays.NEARER_FAN.with(deeper, gap, wanted));
  }

  private FitRow pins() {
    return row(
        What.PINS,
        seat.own().pins().isPresent() && seat.bushing().isPresent()
            ? Optional.of(
                Shown.TWO.with(seat.own().pins().get().apart(), seat.bushing().getAsDouble()))
            : Optional.empty(),
        other.pins().map(p -> Shown.TWO.with(p.apart(), p.diameter())),
        () -> {
          Shell.Pins pins = other.pins().orElseThrow();
          double bushing = seat.bushing().getAsDouble();
          if (pins.diameter() > bushing) {
            return say(MAKE, RadiatorSays.OTHER_BUSHINGS.with(pins.diameter(), bushing));
          }
          double off = off();
          double play = bushing - pins.diameter();
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
          return bushingHolesMeet()
              ? say(MAKE, RadiatorSays.BUSHING_PLATES.with(off))
              : say(MAKE, RadiatorSays.BUSHINGS_MOVE.with(off));
        });
  }

  /** How far each pin is from where the old one stood, m. */
  private double off() {
    return Math.abs(other.pins().orElseThrow().apart() - seat.own().pins().orElseThrow().apart())
        / 2;
  }

  private double bushingHole() {
    return seat.bushing().getAsDouble() + 2 * WALL;
  }

  private boolean bushingHolesMeet() {
    return off() < bushingHole() + WEB;
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

  private FitRow neck(What what, Shell.End end) {
    Optional<Finding> own = seat.own().neck(end).map(RadiatorFit::shown);
    return row(
        what,
        seat.hose(end).isPresent() ? own : Optional.empty(),
        other.neck(end).map(RadiatorFit::shown),
        () -> {
          NeckFit fit = hose(end).orElseThrow();
          List<Finding> says = fit.says(end == Shell.End.LOWER);
          boolean asItIs = fit.way() == NeckFit.Way.AS_IT_IS && says.size() == 1;
          return new Verdict(asItIs ? FITS : MAKE, says);
        });
  }

  /** What becomes of the hose at an end; empty where something of it is not known. */
  public Optional<NeckFit> hose(Shell.End end) {
    Optional<Shell.Neck> own = seat.own().neck(end);
    Optional<Shell.Neck> there = other.neck(end);
    Optional<RadiatorSeat.FoundHose> hose = seat.hose(end);
    return own.isEmpty() || there.isEmpty() || hose.isEmpty()
        ? Optional.empty()
        : Optional.of(
            NeckFit.of(
                own.get(),
                own.get().at(ownCore.outline(), front),
                there.get(),
                there.get().at(core.outline(), front),
                hose.get()));
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
            : Optional.of(Shown.WORDS.with(seat.reach().stream().map(Shown.WORD::with).toList())),
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

  private FitRow fanHoles() {
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
    boolean cuts = says(width(), RadiatorSays.CUT_SUPPORT) && other.height().isPresent();
    boolean bushings = says(pins(), RadiatorSays.BUSHING_PLATES);
    for (Plate.Side side : Plate.Side.values()) {
      double depth = cuts ? cut(gap(side.edge()).orElseThrow()) : 0;
      if (depth > 0) {
        double height = other.height().getAsDouble() + 2 * CUT_CLEAR;
        double middle = core.outline().y() + core.outline().height() / 2;
        plates.add(Plate.edge(side, new Plate.Notch(depth, middle - height / 2, height)));
      }
    }
    for (Plate.Side side : Plate.Side.values()) {
      if (bushings) {
        plates.add(Plate.bushing(side, bushingHole()));
      }
    }
    return plates;
  }

  private static boolean says(FitRow row, RadiatorSays what) {
    return row.says().stream().anyMatch(f -> f.code() == what);
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
}
