package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.stack.Rectangle;

/**
 * The cooling pack of a build in the frame of the nose. Coolers elsewhere are not in it.
 *
 * @param front of the first of the truck's own cores, m behind the grille line
 * @param back of the radiator
 */
public record Pack(List<Piece> pieces, double front, double back) {
  /** What a part of the pack is. */
  public enum Kind {
    RADIATOR,
    CONDENSER,
    CHARGE_AIR_COOLER,
    OIL_COOLER,
    OTHER_COOLER,
    FAN
  }

  /** A part where it stands. */
  public record Piece(Name name, Kind kind, Box box) {}

  /** Depth of a fan with its motor or its hub, m. */
  private static final double FAN_DEPTH = Clearance.PUSHER_DEPTH;

  /** What stands in it beside its fans. */
  public List<Piece> standing() {
    return pieces.stream().filter(p -> p.kind() != Kind.FAN).toList();
  }

  public Box box(Name name) {
    return pieces.stream()
        .filter(p -> p.name().id().equals(name.id()))
        .findFirst()
        .orElseThrow()
        .box();
  }

  public static Pack of(Setup setup) {
    Truck.FrontEnd nose = setup.truck().front();
    List<Piece> pieces = new ArrayList<>();
    double z = nose.depth();
    for (Piece own : ownCores(setup)) {
      pieces.add(new Piece(own.name(), own.kind(), at(own.box(), z)));
      z += own.box().depth() + nose.coreGap();
    }
    List<Standing> between = standing(setup, CoolerFit.Place.BEHIND_CONDENSER);
    for (Standing s : between) {
      pieces.add(s.at(z - nose.coreGap() / 2 - s.depth / 2));
    }
    Core radiator = setup.radiator();
    Box box = box(radiator.outline(), z, radiator.depth());
    pieces.add(new Piece(Name.of(Name.Noun.RADIATOR), Kind.RADIATOR, box));
    for (Standing s : standing(setup, CoolerFit.Place.BEHIND_RADIATOR)) {
      pieces.add(s.at(box.back() + Clearance.CORE_TO_CORE));
    }
    before(standing(setup, CoolerFit.Place.FRONT), nose.depth(), pieces);
    for (FanFit fan : setup.fitting().fans()) {
      double front =
          fan.pusher()
              ? nose.depth() - FAN_DEPTH
              : box.back() + setup.fanToCore() - fan.seat().spacer();
      pieces.add(new Piece(fan.name(), Kind.FAN, box(fan.outline(), front, FAN_DEPTH)));
    }
    return new Pack(List.copyOf(pieces), nose.depth(), box.back());
  }

  /** What stands before the pack, nearest first; those that overlap stand one before the other. */
  private static void before(List<Standing> front, double face, List<Piece> to) {
    double ahead = 0;
    for (int i = 0; i < front.size(); i++) {
      Standing s = front.get(i);
      boolean clash =
          front.subList(0, i).stream().anyMatch(o -> Clearance.gap(o.outline, s.outline) < 0);
      ahead = (clash ? ahead : 0) + s.gap + s.depth;
      to.add(s.at(face - ahead));
    }
  }

  private static List<Piece> ownCores(Setup setup) {
    List<Piece> cores = new ArrayList<>();
    setup
        .truck()
        .cores()
        .condenser()
        .ifPresent(c -> cores.add(own(Name.Noun.CONDENSER, Kind.CONDENSER, c)));
    int first = setup.truck().cores().chargeAirFirst() ? 0 : cores.size();
    setup
        .chargeAirCooler()
        .ifPresent(
            c -> cores.add(first, own(Name.Noun.CHARGE_AIR_COOLER, Kind.CHARGE_AIR_COOLER, c)));
    return cores;
  }

  private static Piece own(Name.Noun noun, Kind kind, Core core) {
    return new Piece(Name.of(noun), kind, box(core.outline(), 0, core.depth()));
  }

  private record Standing(Name name, Kind kind, Rectangle outline, double depth, double gap) {
    Piece at(double z) {
      return new Piece(name, kind, box(outline, z, depth));
    }
  }

  /** What a build hangs at one place in depth, nearest to the cores first. */
  private static List<Standing> standing(Setup setup, CoolerFit.Place place) {
    List<Standing> standing = new ArrayList<>();
    double coreGap = setup.truck().front().coreGap();
    List<OtherCooler> others = setup.fitting().others();
    others(others, place, true, coreGap, standing);
    for (CoolerFit c : setup.fitting().coolers()) {
      if (c.place() == place) {
        standing.add(
            new Standing(c.name(), Kind.OIL_COOLER, c.outline(), c.part().depth(), c.gap()));
      }
    }
    others(others, place, false, coreGap, standing);
    return standing;
  }

  private static void others(
      List<OtherCooler> all,
      CoolerFit.Place place,
      boolean behindOil,
      double gap,
      List<Standing> to) {
    for (OtherCooler o : all) {
      if (o.place() == place && o.behindOil() == behindOil) {
        to.add(
            new Standing(o.name(), Kind.OTHER_COOLER, o.core().outline(), o.core().depth(), gap));
      }
    }
  }

  private static Box box(Rectangle outline, double z, double depth) {
    return new Box(outline.x(), outline.y(), z, outline.width(), outline.height(), depth);
  }

  private static Box at(Box box, double z) {
    return new Box(box.x(), box.y(), z, box.width(), box.height(), box.depth());
  }
}
