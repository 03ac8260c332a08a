package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.switching.SwitchProposal;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Consumer.Air;
import roadbreeze.core.wiring.Felt;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.School;
import roadbreeze.core.wiring.Surround;
import roadbreeze.core.wiring.WiringCheck;

/** What of a build is fed with current, made the core's. */
public final class WiringMapper {
  /** A ramp is full so far above where it begins, at least, K. */
  private static final double LEAST_RAMP = 1;

  /** Where a controlled clutch grips whose sheet does not say; usual, °C. */
  private static final double USUAL_GRIP = 90;

  /** A fan of a cooler's own whose sheet says nothing draws so much for its air, A·s/m³; usual. */
  private static final double AMPERES_FOR_AIR = 20;

  /** And a fan of the pack. */
  private static final double USUAL_AMPERES = 20;

  /** By what a fan's plate is given where its sheet says nothing, V of a 12 V truck. */
  private static final double PLATE_VOLTS = 13;

  private WiringMapper() {}

  /**
   * Something of a build that is fed.
   *
   * @param sensor where it feels its temperature; null where it feels none
   * @param assumed its current is usual, nobody has given one
   * @param wiring how it is wired, as chosen or as proposed
   */
  public record Fed(
      Consumer consumer,
      DeviceWiring wiring,
      @Nullable FanSensor sensor,
      WiringCheck.Blades blades,
      boolean assumed) {}

  /** All of it, in the order of the build. */
  public static List<Fed> fed(Build build, double system) {
    List<Fed> fed = new ArrayList<>();
    for (int i = 0; i < build.fans().size(); i++) {
      FittedFan fan = build.fans().get(i);
      Name name = FittingMapper.fanName(fan, i);
      if (fan.part().kind() == FanUnit.Type.ELECTRIC) {
        fed.add(fan(fan, name, build, system));
      } else if (fan.part().kind() == FanUnit.Type.CONTROLLED) {
        fed.add(clutch(fan, name, build));
      }
    }
    for (int i = 0; i < build.coolers().size(); i++) {
      FittedCooler cooler = build.coolers().get(i);
      if (cooler.ownFanM3s() != null) {
        fed.add(
            coolerFan(cooler, Name.of(cooler.id(), Name.Noun.OIL_COOLER_FAN, i), build, system));
      }
    }
    for (Inline in : build.lines().inline()) {
      if (in.what() == Inline.What.SENSOR_TEE) {
        fed.add(gauge(in, build));
      }
    }
    for (ExtraDevice extra : build.wiring().extras()) {
      fed.add(extra(extra, build, system));
    }
    return fed;
  }

  public static List<Consumer> consumers(List<Fed> fed) {
    return fed.stream().map(Fed::consumer).toList();
  }

  public static Map<String, WiringCheck.Blades> blades(List<Fed> fed) {
    Map<String, WiringCheck.Blades> blades = new HashMap<>();
    fed.stream()
        .filter(f -> f.consumer().kind() == Consumer.Kind.FAN)
        .forEach(f -> blades.put(f.consumer().id(), f.blades()));
    return blades;
  }

  /** What somebody has chosen of wires and guards. */
  public static Loom.Choices choices(WiringPlan plan) {
    Map<String, Double> areas = new HashMap<>();
    Map<String, Double> lengths = new HashMap<>();
    Map<String, Surround> surrounds = new HashMap<>();
    for (WiringPlan.WireChoice wire : plan.wires()) {
      put(areas, wire.id(), wire.areaMm2() == null ? null : wire.areaMm2() * 1e-6);
      put(lengths, wire.id(), wire.lengthM());
      put(surrounds, wire.id(), wire.surround());
    }
    Map<String, Double> guards = new HashMap<>();
    plan.guards().forEach(g -> guards.put(g.id(), g.amps()));
    return new Loom.Choices(areas, lengths, surrounds, guards);
  }

  private static <T> void put(Map<String, T> to, String id, @Nullable T value) {
    if (value != null) {
      to.put(id, value);
    }
  }

  private static Fed fan(FittedFan fan, Name name, Build build, double system) {
    SwitchPoints points = fan.switchPoints();
    DeviceWiring w = wiring(build, fan.id(), points == null ? School.WITH_KEY : usual(points));
    boolean known = w.amps() != null || fan.part().amps() != null;
    double amps =
        w.amps() != null ? w.amps() : fan.part().amps() != null ? fan.part().amps() : USUAL_AMPERES;
    double volts = fan.part().volts() != null ? fan.part().volts() : PLATE_VOLTS * system / 12;
    int count = fan.part().count();
    return fed(
        name,
        Consumer.Kind.FAN,
        Collections.nCopies(count, new Consumer.Plate(amps / count, volts)),
        Felts.of(points),
        w,
        !known);
  }

  private static Fed coolerFan(FittedCooler cooler, Name name, Build build, double system) {
    SwitchPoints points = cooler.ownFanSwitch();
    DeviceWiring w =
        wiring(build, cooler.id(), points == null ? School.WITH_KEY : School.CONTROLLER);
    double amps = w.amps() != null ? w.amps() : AMPERES_FOR_AIR * cooler.ownFanM3s();
    return fed(
        name,
        Consumer.Kind.COOLER_FAN,
        List.of(new Consumer.Plate(amps, PLATE_VOLTS * system / 12)),
        Felts.of(points),
        w,
        w.amps() == null);
  }

  private static Fed clutch(FittedFan fan, Name name, Build build) {
    DeviceWiring w = wiring(build, fan.id(), School.CLUTCH_DUTY).withSchool(School.CLUTCH_DUTY);
    double from = fan.part().gripsFromC() == null ? USUAL_GRIP : fan.part().gripsFromC();
    DeviceWiring full =
        w.fullC() == null && fan.part().gripsFullyC() != null
            ? w.withFullC(fan.part().gripsFullyC())
            : w;
    return fed(
        name,
        Consumer.Kind.CLUTCH,
        List.of(),
        new Felts(FanSensor.HOSE_ADAPTER, from, true),
        full.withDriver(w.driver() || fan.held()),
        false);
  }

  private static Fed gauge(Inline in, Build build) {
    return fed(
        Name.of(in.id(), Name.Noun.OIL_GAUGE, 0),
        Consumer.Kind.GAUGE,
        List.of(),
        new Felts(FanSensor.OIL_FEED, 0, false),
        wiring(build, in.id(), School.WITH_KEY),
        false);
  }

  private static Fed extra(ExtraDevice extra, Build build, double system) {
    Name name = Name.given(extra.id(), Name.Noun.WIRED_EXTRA, extra.name());
    Consumer.Kind kind = Consumer.Kind.valueOf(extra.what().name());
    List<Consumer.Plate> plates =
        kind == Consumer.Kind.PUMP
            ? List.of(new Consumer.Plate(extra.amps(), PLATE_VOLTS * system / 12))
            : List.of();
    DeviceWiring w =
        wiring(
            build,
            extra.id(),
            kind == Consumer.Kind.PUMP ? School.WITH_KEY : School.THERMAL_SWITCH);
    return fed(name, kind, plates, new Felts(extra.sensor(), extra.onC(), false), w, false);
  }

  private static DeviceWiring wiring(Build build, String id, School school) {
    return build.wiring().of(id).orElseGet(() -> DeviceWiring.usual(id, school));
  }

  /** By what feels it: the engine's own sensor is read by its computer. */
  private static School usual(SwitchPoints points) {
    return switch (points.sensor()) {
      case CYLINDER_HEAD -> School.COMPUTER_LOW;
      case DRIVER -> School.DRIVER_SWITCH;
      default -> School.CONTROLLER;
    };
  }

  /**
   * What lets a thing run by itself.
   *
   * @param sensor null where it feels nothing
   * @param on °C; nothing to what is no switch
   * @param withAir it runs with the air conditioning too
   */
  private record Felts(@Nullable FanSensor sensor, double on, boolean withAir) {
    static Felts of(@Nullable SwitchPoints points) {
      return points == null
          ? new Felts(null, 0, false)
          : new Felts(points.sensor(), points.onC(), points.withAirConditioning());
    }
  }

  private static Fed fed(
      Name name,
      Consumer.Kind kind,
      List<Consumer.Plate> plates,
      Felts felts,
      DeviceWiring w,
      boolean assumed) {
    FanSensor sensor = felts.sensor();
    double on = felts.on();
    Consumer consumer =
        new Consumer(
            name,
            kind,
            plates,
            w.school(),
            sensor != null && sensor.inOil() ? Felt.OIL : Felt.COOLANT,
            on,
            w.fullC() == null
                ? on + SwitchProposal.NEXT_STAGE
                : Math.max(on + LEAST_RAMP, w.fullC()),
            w.keyed() || w.school() == School.COMPUTER_PULSED,
            felts.withAir() ? w.air() : Air.NONE,
            w.by(),
            w.driver(),
            w.withoutEarth(),
            sensor != null && inRubber(sensor),
            w.swapped(),
            w.earth(),
            w.delayS(),
            w.adjusterAt(),
            w.switchAt());
    return new Fed(
        consumer, w, sensor, new WiringCheck.Blades(w.otherSide(), w.bladesTurned()), assumed);
  }

  /** Its thread has no metal of the engine or the body round it. */
  private static boolean inRubber(FanSensor sensor) {
    return switch (sensor) {
      case HOSE_ADAPTER, ON_HOSE, RETURN_HOSE, OIL_FEED -> true;
      case CYLINDER_HEAD, IN_FINS, GEARBOX, DRIVER -> false;
    };
  }
}
