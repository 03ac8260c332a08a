package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Reach;
import roadbreeze.core.vehicle.RoadLoad;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Build;

/** Translates the rating on a box into what it means on this truck. */
final class RatingReader {
  /** Oil over air at which boxes that do not say are taken to be rated, K. */
  private static final double USUAL_DIFFERENCE = 55;

  private static final double HEAVIEST = 40_000;
  private static final double MASS_STEP = 5;

  private RatingReader() {}

  static RatingResult read(RatingRequest request, double boiling) {
    if ((request.heatKw() == null) == (request.massKg() == null)) {
      throw new BadInputException(
          "heatKw", "a box names either a heat or a mass: give one of them");
    }
    JobContent job = request.job();
    Build build = SizingService.build(job, request.build());
    Rig rig = Assessor.rig(job, build);
    OperatingPoint point = job.haul().toCore();
    Balance b = new SteadyBalance(rig).solve(point);
    Limits limits = job.vehicle().limits().toCore();
    Balance.HeatFlows h = b.heat();
    double input = h.converter() + h.gearbox();
    double caseAtLimit =
        rig.oilLoop().caseConductance()
            * (limits.pan() - point.ambient() - rig.oilLoop().caseAirRise());
    double needed = Math.max(0, input - caseAtLimit) / 1000;
    double fitted = h.coolers().values().stream().mapToDouble(x -> x).sum() / 1000;
    List<String> reading = new ArrayList<>();
    reading.add(
        text(
            "Here %.1f kW go into the oil; %.1f kW of it must leave through coolers to hold the pan at"
                + " %.0f °C.",
            input / 1000, needed, limits.pan()));
    Double heldMass = massHeld(rig, point, limits, limits.coolantUnder(boiling));
    if (request.heatKw() != null) {
      return heat(request, point, limits, h, input, needed, fitted, heldMass, reading);
    }
    return mass(request, rig, point, needed, fitted, heldMass, reading);
  }

  private static RatingResult heat(
      RatingRequest request,
      OperatingPoint point,
      Limits limits,
      Balance.HeatFlows h,
      double input,
      double needed,
      double fitted,
      Double heldMass,
      List<String> reading) {
    double rated = request.differenceK() == null ? USUAL_DIFFERENCE : request.differenceK();
    if (request.differenceK() == null) {
      reading.add(
          text(
              "The box does not say at which temperatures: taken at oil %.0f K over air, as is usual."
                  + " Some are rated at twice that, and then hold half.",
              rated));
    }
    // With the pan at its limit the oil reaches the cooler warmer by what the converter adds.
    double difference = limits.pan() - point.ambient();
    double here = request.heatKw() * difference / rated;
    boolean enough = here >= needed;
    reading.add(
        text(
            "With the pan at its limit the oil is %.0f K over the air here, so the claim of %.1f kW"
                + " comes to %.1f kW.",
            difference, request.heatKw(), here));
    reading.add(
        enough
            ? text(
                "That is %.1f kW more than needed, if the air and oil flow of the rating are met.",
                here - needed)
            : text("That is %.1f kW short.", needed - here));
    if (fitted > 0) {
      reading.add(
          text(
              "The fitted cooler, worked out on this pack, takes %.1f kW as the pan settles.",
              fitted));
    }
    return new RatingResult(needed, here, fitted, heldMass, enough, reading);
  }

  private static RatingResult mass(
      RatingRequest request,
      Rig rig,
      OperatingPoint point,
      double needed,
      double fitted,
      Double heldMass,
      List<String> reading) {
    reading.add(
        text(
            "A mass says nothing of heat: %.0f kg on the level and %.0f kg up this road are different"
                + " things.",
            request.massKg(), request.massKg()));
    try {
      Balance claimed = new SteadyBalance(rig.withMass(request.massKg())).solve(point);
      reading.add(
          text(
              "At %.0f kg this truck puts %.1f kW into its oil here.",
              request.massKg(), (claimed.heat().converter() + claimed.heat().gearbox()) / 1000));
    } catch (NotConvergedException | BadInputException e) {
      reading.add(
          text("At %.0f kg there is no steady climb here: %s.", request.massKg(), e.getMessage()));
    }
    Boolean enough = heldMass == null ? null : Boolean.valueOf(heldMass >= request.massKg());
    reading.add(
        heldMass == null
            ? "This build reaches no limit with all the mass it can pull here."
            : text(
                "This build reaches its first limit here at %.0f kg together%s.",
                heldMass, heldMass >= request.massKg() ? "" : ", under what the box claims"));
    return new RatingResult(needed, null, fitted, heldMass, enough, reading);
  }

  /** Combined mass at which the first limit is reached, kg; null where none is. */
  private static Double massHeld(
      Rig rig, OperatingPoint point, Limits limits, double coolantLimit) {
    double least = RoadLoad.MASS.low();
    double most =
        Reach.most(
            least,
            HEAVIEST,
            MASS_STEP,
            mass -> Reach.holds(rig.withMass(mass), point, limits, coolantLimit));
    return Double.isNaN(most)
        ? Double.valueOf(least)
        : most < HEAVIEST ? Double.valueOf(most) : null;
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
