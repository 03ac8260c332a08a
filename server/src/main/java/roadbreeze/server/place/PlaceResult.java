package roadbreeze.server.place;

import java.util.List;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.nose.RemotePlace;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.place.Place;
import roadbreeze.core.place.PlaceFinder;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.mounting.CoolerMass;
import roadbreeze.server.mounting.Ties;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseSolid.NoseBox;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.route.Routes;

/**
 * Where a cooler could stand; headrooms are of the worst stretch, held, as nine cases in ten keep
 * them, K.
 *
 * @param nowK as it stands now
 * @param freeShare of all places in the pack those that are free of everything (-)
 * @param places best first
 * @param bought places that are better still once something is moved
 * @param elsewhereK with the cooler away from the pack on a fan of its own, null without a steady
 *     state
 * @param elsewhereFanM3s that fan's free flow
 * @param away measured places away from the pack
 */
record PlaceResult(
    double nowK,
    double freeShare,
    List<Spot> places,
    List<Moved> bought,
    Double elsewhereK,
    double elsewhereFanM3s,
    List<Away> away) {

  /**
   * A place.
   *
   * @param cooler as it stands there
   * @param binding whose limit is nearest
   * @param condenserShadow share of the condenser's face behind it, null without one
   * @param toDrill holes that must be made
   * @param frequencyHz of it on those brackets, null on none
   * @param leastHz that a road asks for
   * @param hosesMm both hoses together, roughly; null where the other ends are not measured
   * @param sprayed it hangs under the bumper
   * @param minutes for brackets, holes and what is moved
   */
  record Spot(
      FittedCooler cooler,
      NoseBox box,
      double headroomK,
      Fluid binding,
      double radiatorShadow,
      Double condenserShadow,
      List<BeforeFan> fans,
      int brackets,
      int toDrill,
      Double frequencyHz,
      double leastHz,
      Double hosesMm,
      boolean sprayed,
      double minutes) {
    static Spot of(FittedCooler own, Place p) {
      return new Spot(
          (own.place() == CoolerFit.Place.ELSEWHERE ? own.withOwnFan(null) : own)
              .withPlace(p.fit().place())
              .withRemotePlace(null)
              .withTurn(p.fit().turn())
              .withPortsSwapped(own.portsSwapped() != p.swapped())
              .withLeftMm(NoseMapper.mm(p.box().x()))
              .withBottomMm(NoseMapper.mm(p.box().y()))
              .withGapMm(NoseMapper.mm(p.fit().gap())),
          NoseMapper.box(p.box()),
          p.margins().sure(),
          p.margins().binding(),
          p.radiatorShadow(),
          p.condenserShadow().isPresent() ? p.condenserShadow().getAsDouble() : null,
          p.fans().stream()
              .map(f -> new BeforeFan(Said.PartName.of(f.fan()), f.share(), f.always()))
              .toList(),
          p.brackets(),
          p.toDrill(),
          p.frequency().isPresent() ? p.frequency().getAsDouble() : null,
          Holding.LEAST_FREQUENCY,
          p.hoses().isPresent() ? p.hoses().getAsDouble() * 1000 : null,
          p.sprayed(),
          p.time() / 60);
    }
  }

  /**
   * A fan that draws through it.
   *
   * @param share of the cooler's face that stands before it (-)
   * @param always it turns whenever the engine does; else a switch decides
   */
  record BeforeFan(Said.PartName fan, double share, boolean always) {}

  /**
   * A better place, for which something has to go elsewhere.
   *
   * @param kelvin more than the best that is free
   */
  record Moved(List<Said.PartName> things, double kelvin, Spot place) {}

  /**
   * A place away from the pack.
   *
   * @param lacks what it has too little of
   * @param headroomK null without a steady state
   * @param hosesMm both together
   * @param minutes for brackets, holes and wiring
   */
  record Away(
      FittedCooler cooler,
      String name,
      List<Said> lacks,
      Double headroomK,
      int toDrill,
      double hosesMm,
      boolean sprayed,
      double warmerK,
      double minutes) {
    static Away of(FittedCooler there, PlaceFinder.Away a) {
      RemotePlace place = a.fit().place();
      return new Away(
          there.withTurn(a.fit().turn()),
          place.name().given(),
          Said.of(a.fit().lacks()),
          a.margins().map(Margins::sure).orElse(null),
          a.fit().toDrill(),
          2 * place.hose() * 1000,
          place.sprayed(),
          place.warmer(),
          a.fit().time() / 60);
    }
  }

  /** As it hangs in a place away from the pack, blown by its own fan or a usual one. */
  private static FittedCooler there(FittedCooler cooler, String place) {
    Double fan = cooler.ownFanM3s() == null ? Double.valueOf(OwnFan.USUAL) : cooler.ownFanM3s();
    return cooler.withPlace(CoolerFit.Place.ELSEWHERE).withRemotePlace(place).withOwnFan(fan);
  }

  private static Setup away(JobContent job, Build build, FittedCooler cooler, String place) {
    return job.setup(StoodCooler.of(job, build, there(cooler, place), List.of()).build());
  }

  static PlaceResult of(JobContent job, Build build, FittedCooler cooler) {
    Setup setup = job.setup(build);
    Routes routes = new Routes(job, build);
    PlaceFinder.Asked asked =
        new PlaceFinder.Asked(
            build.coolers().indexOf(cooler),
            PartMapper.ears(cooler.part()),
            PartMapper.ports(cooler.part(), cooler.portsSwapped()),
            HoseSize.usual(Units.mm(cooler.part().portBoreMm())),
            Ties.strip(build),
            Units.mm(build.mounting().standOffMm()),
            CoolerMass.of(cooler.part()).full(),
            build.mounting().rubber(),
            routes.otherEnd(cooler.id(), CoolerPorts.Side.IN),
            routes.otherEnd(cooler.id(), CoolerPorts.Side.OUT),
            job.nose().remotePlaces().stream()
                .map(p -> new PlaceFinder.Remote(p.toCore(), away(job, build, cooler, p.id())))
                .toList());
    PlaceFinder.Found found = PlaceFinder.find(setup, asked, job.judge(build));
    return new PlaceResult(
        found.now().sure(),
        found.freeShare(),
        found.places().stream().map(p -> Spot.of(cooler, p)).toList(),
        found.bought().stream()
            .map(
                b ->
                    new Moved(
                        b.place().moved().stream().map(Solid::name).map(Said.PartName::of).toList(),
                        b.kelvin(),
                        Spot.of(cooler, b.place())))
            .toList(),
        found.elsewhere().map(Margins::sure).orElse(null),
        found.elsewhereFan().freeFlow(),
        found.away().stream()
            .map(a -> Away.of(there(cooler, a.fit().place().name().id()), a))
            .toList());
  }
}
