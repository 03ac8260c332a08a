package roadbreeze.core.settle;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.RadiatorUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.settle.Dispute.Measure;
import roadbreeze.core.sizing.StandingAir;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;

/** Disputes about coolant and air: fans, thermostat and radiator. */
final class AirDisputes {
  private static final double ROW = 0.020;
  private static final double MORE_AIR = 1.1;

  /** A shroud lets blades stand over the core's edge so far, m. */
  private static final double OVER_EDGE = 0.040;

  /** Rolling resistance past which the ground is rough. */
  private static final double ROUGH = 0.015;

  private final Trial trial;
  private final List<Offer<FanUnit>> catalogue;

  AirDisputes(Trial trial, List<Offer<FanUnit>> catalogue) {
    this.trial = trial;
    this.catalogue = catalogue;
  }

  /**
   * @param ownName catalogue name of the truck's own electric fan, if it has one
   */
  Dispute pusher(Setup setup, Optional<Offer<FanUnit>> own) {
    Offer<FanUnit> fan = own.orElseGet(() -> largest(setup, FanUnit.Type.ELECTRIC));
    FanFit behind = FanFit.over(setup.radiator().outline(), fan.part());
    FanFit front = behind.withPusher(true).withShrouded(false);
    Held puller =
        trial
            .side(AirSays.SIDE_PULLER, setup.with(setup.fitting().withFans(List.of(behind))))
            .effect(AirSays.DRAWS_THROUGH_ALL);
    Held pusher =
        trial
            .side(AirSays.SIDE_PUSHER, setup.with(setup.fitting().withFans(List.of(front))))
            .effect(AirSays.SERVES_ITS_DISC)
            .effect(AirSays.FITS_WITHOUT_ROOM);
    List<Held> sides = List.of(puller, pusher);
    return Dispute.of(
        AirSays.SIDE.with(fan.name()),
        Measure.COOLANT,
        sides,
        Side.best(sides, Measure.COOLANT),
        AirSays.SIDE_WORTH.with(puller.sure(Measure.COOLANT) - pusher.sure(Measure.COOLANT)),
        AirSays.SIDE_OTHERWISE.with());
  }

  /**
   * A fan that was made for the other side of the pack.
   *
   * @param own as for {@link #pusher}
   */
  Dispute otherWay(Setup setup, Optional<Offer<FanUnit>> own) {
    Offer<FanUnit> fan = own.orElseGet(() -> largest(setup, FanUnit.Type.ELECTRIC));
    FanFit turned = FanFit.over(setup.radiator().outline(), fan.part());
    FanFit swapped = turned.withBlows(Blows.BLADES_BACKWARDS);
    Held polarity =
        trial
            .side(AirSays.OTHER_WAY_SWAPPED, setup.with(setup.fitting().withFans(List.of(swapped))))
            .effect(AirSays.SWAPPED_IN_A_MINUTE);
    Held blades =
        trial
            .side(AirSays.OTHER_WAY_TURNED, setup.with(setup.fitting().withFans(List.of(turned))))
            .effect(AirSays.BLADES_COME_OFF);
    return Dispute.of(
        AirSays.OTHER_WAY.with(fan.name()),
        Measure.COOLANT,
        List.of(polarity, blades),
        blades,
        AirSays.OTHER_WAY_WORTH.with(blades.sure(Measure.COOLANT) - polarity.sure(Measure.COOLANT)),
        AirSays.OTHER_WAY_OTHERWISE.with());
  }

  /** The fan of a kind with the most free-air flow that the core has room for. */
  private Offer<FanUnit> largest(Setup setup, FanUnit.Type kind) {
    Rectangle core = setup.radiator().outline();
    return catalogue.stream()
        .filter(o -> o.part().kind() == kind)
        .filter(o -> o.part().diameter() <= core.height() + OVER_EDGE)
        .filter(o -> o.part().diameter() * o.part().count() <= core.width())
        .max(Comparator.comparingDouble(o -> o.part().curve().freeFlow()))
        .orElseThrow(Problem.NO_FAN_FITS::refuse);
  }

  Dispute mainFan(Setup setup) {
    List<Held> sides =
        List.of(
            withFan(AirSays.MAIN_FITTED.with(), setup),
            fanSide(setup, FanUnit.Type.VISCOUS, AirSays.MAIN_VISCOUS, AirSays.VISCOUS_FAILS),
            fanSide(setup, FanUnit.Type.ELECTRIC, AirSays.MAIN_ELECTRIC, AirSays.ELECTRIC_FAILS),
            fanSide(
                setup, FanUnit.Type.CONTROLLED, AirSays.MAIN_CONTROLLED, AirSays.CONTROLLED_FAILS));
    Held best = Side.best(sides, Measure.COOLANT);
    Held least =
        sides.stream()
            .filter(s -> s.sure(Measure.COOLANT) >= best.sure(Measure.COOLANT) - Side.A_DIFFERENCE)
            .min(Comparator.comparingDouble(Held::brake))
            .orElse(best);
    return Dispute.of(
        AirSays.MAIN_FAN.with(),
        Measure.COOLANT,
        sides,
        least,
        least == best
            ? AirSays.MAIN_MOST.with(Side.lead(sides, best, Measure.COOLANT))
            : AirSays.MAIN_LEAST_HUNGRY.with(
                best.sure(Measure.COOLANT) - least.sure(Measure.COOLANT)),
        AirSays.MAIN_OTHERWISE.with());
  }

  private Held fanSide(Setup setup, FanUnit.Type kind, AirSays name, AirSays fails) {
    Offer<FanUnit> fan = largest(setup, kind);
    FanFit fit = FanFit.over(setup.radiator().outline(), fan.part());
    Setup fitted = setup.with(setup.fitting().withFans(List.of(fit)));
    return withFan(name.with(fan.name()), fitted).effect(fails);
  }

  private Held withFan(Finding name, Setup setup) {
    Held side = trial.side(name, setup);
    if (side.stands()) {
      OperatingPoint point = trial.judge().point();
      side.effect(
          AirSays.MOVES_AT_IDLE, StandingAir.idling(setup, point.ambient(), point.altitude()));
      side.effect(AirSays.ENGINE_GIVES, side.brake());
    }
    return side;
  }

  Dispute rows(Setup setup) {
    Core r = setup.radiator();
    Held asIs = trial.side(AirSays.ROWS_AS_IT_IS, setup);
    Held deeper =
        trial.side(
            AirSays.ROWS_DEEPER.with(r.depth() + ROW),
            setup.with(setup.fitting().with(like(setup, r.depth() + ROW, r.metal()))));
    Held moreAir = trial.side(AirSays.ROWS_MORE_AIR.with(r.depth()), withMoreAir(setup));
    List<Held> sides = List.of(asIs, deeper, moreAir);
    for (Held s : sides) {
      if (s.stands()) {
        Rig rig = Assembly.rig(s.setup);
        s.effect(OilSays.AIR_THROUGH_FACE, s.airflow(rig));
        coolantInTubes(s, rig);
      }
    }
    moreAir.effect(AirSays.MORE_AIR_BY);
    deeper.effect(AirSays.NEARER_FAN, ROW);
    Held best = Side.best(List.of(deeper, moreAir), Measure.COOLANT);
    double now = asIs.sure(Measure.COOLANT);
    double rowGain = deeper.sure(Measure.COOLANT) - now;
    boolean worth = best.sure(Measure.COOLANT) > now + Side.A_DIFFERENCE;
    Finding reason =
        worth
            ? (rowGain < 0 ? AirSays.ROWS_COST : AirSays.ROWS_WORTH)
                .with(Math.abs(rowGain), moreAir.sure(Measure.COOLANT) - now)
            : AirSays.ROWS_NEITHER.with(Math.max(0, best.sure(Measure.COOLANT) - now));
    return Dispute.of(
        AirSays.ROWS.with(),
        Measure.COOLANT,
        sides,
        worth ? best : asIs,
        reason,
        AirSays.ROWS_OTHERWISE.with());
  }

  private static void coolantInTubes(Held side, Rig rig) {
    RadiatorTubes tubes =
        ((LayerRole.Radiator) rig.stack().layers().get(rig.stack().radiator()).role()).tubes();
    Coolant coolant = rig.coolantLoop().coolant();
    double flow = side.balance().radiatorFlow();
    double hot = side.balance().coolant();
    side.effect(
        tubes.turbulent(flow, coolant, hot) ? AirSays.COOLANT_TURBULENT : AirSays.COOLANT_LAMINAR,
        tubes.reynolds(flow, coolant, hot),
        tubes.rows());
  }

  /** Fan pressure and flow up by a tenth each, seals and flaps made good. */
  private static Setup withMoreAir(Setup setup) {
    Fitting f = setup.fitting();
    Condition sealed =
        f.condition().withRecirculation(Math.min(Condition.SEALED, f.condition().recirculation()));
    return setup.with(
        f.with(sealed)
            .withFans(
                f.fans().stream()
                    .map(fan -> fan.withPart(fan.part().withCurve(stronger(fan.part().curve()))))
                    .toList()));
  }

  private static FanCurve stronger(FanCurve c) {
    return new FanCurve(
        c.estimated() ? c.shutoffPressure() : c.shutoffPressure() * MORE_AIR,
        c.freeFlow() * MORE_AIR,
        c.estimated());
  }

  private static OptionalDouble tank(Setup setup) {
    return setup.tank().map(t -> OptionalDouble.of(t.conductance())).orElse(OptionalDouble.empty());
  }

  /** The radiator in another depth or metal, with the tank it has. */
  private static RadiatorUnit like(Setup setup, double depth, FinMetal metal) {
    Core r = setup.radiator();
    return new RadiatorUnit(
        r.outline().width(),
        r.outline().height(),
        depth,
        r.finsPerInch(),
        metal,
        metal == r.metal() ? r.tubes() : RadiatorTubes.Surface.usualOf(metal),
        tank(setup));
  }

  Dispute metal(Setup setup) {
    double depth = setup.radiator().depth();
    Held aluminium =
        trial
            .side(
                AirSays.METAL_ALUMINIUM,
                setup.with(setup.fitting().with(like(setup, depth, FinMetal.ALUMINIUM))))
            .effect(AirSays.ALUMINIUM_IS);
    Held copper =
        trial
            .side(
                AirSays.METAL_COPPER,
                setup.with(setup.fitting().with(like(setup, depth, FinMetal.COPPER))))
            .effect(AirSays.COPPER_IS);
    List<Held> sides = List.of(aluminium, copper);
    double apart = Math.abs(aluminium.sure(Measure.COOLANT) - copper.sure(Measure.COOLANT));
    boolean rough = setup.truck().load().rollingCoefficient() > ROUGH;
    boolean decides = apart > Side.A_DIFFERENCE;
    return Dispute.of(
        AirSays.METAL.with(),
        Measure.COOLANT,
        sides,
        decides ? Side.best(sides, Measure.COOLANT) : rough ? copper : aluminium,
        (decides ? AirSays.METAL_APART : rough ? AirSays.METAL_ALIKE_ROUGH : AirSays.METAL_ALIKE)
            .with(apart),
        (rough ? AirSays.METAL_OTHERWISE_ROUGH : AirSays.METAL_OTHERWISE).with());
  }
}
