package roadbreeze.server.wiring;

import java.util.List;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.Spot;
import roadbreeze.core.wiring.Surround;
import roadbreeze.core.wiring.WireEnd;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.Need;
import roadbreeze.server.parts.Needs;
import roadbreeze.server.parts.SupplyPart.What;

/** What is bought for the loom of a build and its circuit. */
public final class LoomNeeds {
  /** Bought over what is cut (-); own default. */
  private static final double SPARE = 1.1;

  private LoomNeeds() {}

  public static List<Need> of(JobContent job, Build build) {
    return of(WiredBuild.of(job, build), build);
  }

  static List<Need> of(WiredBuild wired, Build build) {
    Formboard board = Formboard.of(wired.loom());
    Needs needs = new Needs();
    for (Formboard.Made m : board.wires()) {
      double area = m.conductor().wire().area();
      Run.Colour colour = build.wiring().colour(m.run());
      needs.add(
          What.WIRE,
          area * 1e6,
          SPARE * m.cut(),
          metres -> LoomSaid.WIRE.with(metres, WireLabel.size(area), colour));
    }
    for (Formboard.Made m : board.wires()) {
      double area = m.conductor().wire().area();
      String size = WireLabel.size(area);
      for (WireEnd end : List.of(m.from(), m.to())) {
        needs.add(What.TERMINAL, area * 1e6, 1, n -> LoomSaid.TERMINAL.with(n, end.kind(), size));
        if (end.sealed()) {
          needs.add(What.WIRE_SEAL, area * 1e6, 1, n -> LoomSaid.SEAL.with(n, size));
        }
      }
    }
    if (wired.scheme().parts().stream().anyMatch(p -> p.spot().kind() == Spot.Kind.BOX)) {
      needs.add(What.RELAY_BOX, 0, 1, n -> LoomSaid.BOX.with());
    }
    for (Scheme.Placed p : wired.scheme().parts()) {
      part(p, wired, needs);
    }
    for (WiringMapper.Fed f : wired.fed()) {
      DeviceWiring w = f.wiring();
      if (w.probe() != null) {
        needs.part(w.probe().price(), 1, n -> LoomSaid.PART.with(n, w.probe().name()));
      }
      if (w.adapter() != null) {
        needs.part(w.adapter().price(), 1, n -> LoomSaid.PART.with(n, w.adapter().name()));
        if (build.lines().sitting(f.consumer().id()).isEmpty()) {
          // Its two ends; those of a tee in an oil hose are counted with that.
          double bore = w.adapter().boreMm();
          needs.add(What.CONSTANT_TENSION, bore, 2, n -> LoomSaid.CLAMPS.with(n, Units.mm(bore)));
        }
      }
    }
    for (Formboard.Bundle b : board.bundles()) {
      double sleeve = Math.ceil(b.diameter() * 1000 / 2 + 0.5) * 2;
      double size = sleeve / 1000;
      boolean hot = b.surround() == Surround.EXHAUST;
      needs.add(
          hot ? What.HEAT_WRAP : What.SLEEVE,
          sleeve,
          SPARE * b.length(),
          m -> (hot ? LoomSaid.HEAT_SLEEVE : LoomSaid.SLEEVE).with(m, size));
      needs.add(What.CLIP, sleeve, b.clips(), n -> LoomSaid.CLIP.with(n, size));
      if (b.grommet()) {
        needs.add(What.GROMMET, sleeve, 1, n -> LoomSaid.GROMMET.with(n, size));
      }
    }
    return needs.all();
  }

  private static void part(Scheme.Placed placed, WiredBuild wired, Needs needs) {
    Part part = placed.part();
    if (part instanceof Part.Guard g) {
      double amps = wired.loom().guards().get(g.id());
      What what = g.kind() == Part.Guard.Kind.FUSE ? What.FUSE : What.BREAKER;
      needs.add(what, amps, 1, n -> LoomSaid.GUARD.with(n, g.kind(), amps));
    } else if (part instanceof Part.Relay r) {
      LoomSaid which = r.changeOver() ? LoomSaid.CHANGE_OVER : LoomSaid.RELAY;
      needs.add(What.RELAY, wired.states().most(r.id()), 1, which::with);
    } else if (part instanceof Part.Controller) {
      needs.add(What.CONTROLLER, 0, 1, LoomSaid.CONTROLLER::with);
    } else if (part instanceof Part.Module m) {
      needs.add(What.DUTY_CONTROLLER, wired.states().most(m.id()), 1, LoomSaid.MODULE::with);
    } else if (part instanceof Part.Diode) {
      needs.add(What.DIODE, 0, 1, LoomSaid.DIODE::with);
    } else if (part instanceof Part.Contact c && c.kind().bought()) {
      boolean driver = c.kind() == Part.Contact.Kind.DRIVER_SWITCH;
      if (!driver && wired.probed(placed.device())) {
        return; // it is the part that was chosen
      }
      needs.add(
          driver ? What.DRIVER_SWITCH : What.THERMAL_SWITCH,
          0,
          1,
          n -> LoomSaid.CONTACT.with(n, c.kind()));
    } else if (part instanceof Part.Load l
        && l.kind() != Part.Load.Kind.CLUTCH_COIL
        && !(l.kind() == Part.Load.Kind.SENDER && wired.probed(placed.device()))) {
      What what =
          switch (l.kind()) {
            case LAMP -> What.LAMP;
            case DROPPING_RESISTOR -> What.RESISTOR;
            case GAUGE -> What.GAUGE;
            case SENDER -> What.SENDER;
            case CLUTCH_COIL -> throw new IllegalStateException("it is its fan's");
          };
      needs.add(what, 0, 1, n -> LoomSaid.LOAD.with(n, l.kind()));
    }
  }
}
