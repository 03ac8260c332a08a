package roadbreeze.core.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.CoolerDrop;
import roadbreeze.core.line.OilCircuit;
import roadbreeze.core.line.OilLines;
import roadbreeze.core.line.OilNetwork;
import roadbreeze.core.line.Resistance;
import roadbreeze.core.line.SharedLines;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.RoadLoad;

/** Puts a truck and a build together into the rig that the balance takes. */
public final class Assembly {
  public static final Name RADIATOR = Name.of(Name.Noun.RADIATOR);
  public static final Name CONDENSER = Name.of(Name.Noun.CONDENSER);
  public static final Name CHARGE_AIR_COOLER = Name.of(Name.Noun.CHARGE_AIR_COOLER);

  /** Electrical over shaft power of a usual alternator. */
  private static final double ALTERNATOR_EFFICIENCY = 0.60;

  /** What a jiggle pin lets by a shut thermostat, share of full opening; our own estimate. */
  private static final double JIGGLE_PIN = 0.03;

  /** Where on the face a core stands that is elsewhere on the truck: well clear of the pack, m. */
  private static final double ELSEWHERE = 2.0;

  /** An opening with less than this share of the face is not a front, but a mistake. */
  private static final double LEAST_OPEN = 0.01;

  private Assembly() {}

  /**
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Rig rig(Setup setup) {
    Truck t = setup.truck();
    Fitting f = setup.fitting();
    Condition condition = f.condition();
    OilNetwork network = network(setup);
    double[] shares = shares(setup, network);
    return new Rig(
        t.powertrain(),
        new RoadLoad(
            t.load().vehicleMass() + t.load().trailerMass(),
            t.load().rollingCoefficient(),
            t.load().dragArea()),
        new Accessories(
            t.accessories().basePower() + fansAtTheBelt(f),
            t.accessories().airConditioningPower(),
            t.accessories().condenserHeat()),
        t.chargeAir(),
        new CoolantLoop(
            t.coolant().fluid(),
            f.swaps().pumpFlowAt4000().orElse(t.coolant().pumpFlowAt4000())
                * condition.coolantFlowShare(),
            thermostat(f.swaps().thermostat(), condition)),
        new OilLoop(
            t.oil().fluid(),
            circuit(setup, f.coolers().isEmpty() ? List.of() : fitted(network, shares)),
            gearboxBypass(setup),
            stages(coolerStages(f, shares), setup.tank(), f.oil().order()),
            t.oil().caseConductance()),
        stack(setup),
        fanSettings(f),
        setup.calibrated().map(c -> c.of(setup)).orElse(Factors.NOMINAL));
  }

  private static Thermostat thermostat(Thermostat stamped, Condition condition) {
    double late = condition.thermostatLate();
    return new Thermostat(
        stamped.startToOpen() + late,
        stamped.fullOpen() + late,
        switch (condition.thermostat()) {
          case NONE -> Double.NaN;
          case STUCK_OPEN -> 1;
          case STUCK_SHUT -> JIGGLE_PIN;
        });
  }

  /** The gearbox's own bypass as it does; pinned or stuck open it acts as if there were none. */
  private static Bypass gearboxBypass(Setup setup) {
    Bypass own = setup.truck().oil().bypass();
    if (setup.fitting().oil().bypassPinned()) {
      return Bypass.NONE;
    }
    return switch (setup.fitting().condition().gearboxBypass()) {
      case NONE -> own;
      case STUCK_SHUT -> own.works() ? Bypass.shutForGood() : own;
      case STUCK_OPEN -> Bypass.NONE;
    };
  }

  /**
   * Pump and lines of a setup.
   *
   * @param hoses whether those to a cooler count
   */
  public static OilCircuit circuit(Setup setup, boolean hoses) {
    OilNetwork network = network(setup);
    return circuit(setup, hoses ? fitted(network, shares(setup, network)) : List.of());
  }

  private static OilCircuit circuit(Setup setup, List<Resistance> fitted) {
    Truck.OilSide oil = setup.truck().oil();
    Truck.FoundLines found = setup.truck().lines();
    return OilCircuit.of(
        oil.flow() * setup.fitting().condition().oilFlowShare(),
        found.line(),
        found.pumpMaxPressure(),
        fitted,
        oil.fluid());
  }

  /** Hoses and filters; of branches as far as each shares the oil. Cores are the balance's own. */
  private static List<Resistance> fitted(OilNetwork network, double[] shares) {
    List<Resistance> fitted = new ArrayList<>(lines(network.inTurn()));
    if (!network.branches().isEmpty()) {
      fitted.add(
          new SharedLines(
              network.branches().stream().map(Assembly::lines).toList(),
              Arrays.stream(shares).boxed().toList()));
    }
    return fitted;
  }

  private static List<Resistance> lines(List<OilNetwork.Piece> pieces) {
    return pieces.stream()
        .filter(p -> p.what() != OilNetwork.What.COOLER)
        .map(OilNetwork.Piece::resistance)
        .toList();
  }

  /** What is fitted between the truck's own lines; its hoses, where no cooler is. */
  private static OilNetwork network(Setup setup) {
    Fitting.OilRun oil = setup.fitting().oil();
    // What a block does it does for all of it, not for each cooler once more.
    return OilNetwork.of(
        oil.hoses(),
        oil.filters(),
        oil.coolers().stream()
            .map(
                c ->
                    new CoolerDrop(
                        c.part().channels(),
                        oil.block().isPresent() ? Bypass.NONE : c.part().bypass()))
            .toList(),
        oil.parallel(),
        oil.block());
  }

  /** How branches share hot oil, adding up to 1; none where nothing is side by side. */
  private static double[] shares(Setup setup, OilNetwork network) {
    Truck.OilSide oil = setup.truck().oil();
    double[] flows = network.split(oil.flow(), oil.fluid(), OilCircuit.HOT);
    double sum = Arrays.stream(flows).sum();
    return Arrays.stream(flows).map(f -> f / sum).toArray();
  }

  /** The oil lines of a build, hot and cold. */
  public static OilLines lines(Setup setup) {
    Truck.FoundLines found = setup.truck().lines();
    return OilLines.of(
        found.line(),
        found.pumpMaxPressure(),
        found.coldOil(),
        setup.fitting().coolers().isEmpty() ? OilNetwork.NOTHING : network(setup),
        setup.truck().oil().fluid(),
        setup.truck().oil().flow());
  }

  /** The oil's way past the in-tank cooler, where there is one, and the auxiliary ones. */
  public static List<OilStage> stages(
      List<OilStage> auxiliary, Optional<OilElement.InTank> tank, OilOrder order) {
    List<OilStage> stages = new ArrayList<>(auxiliary);
    if (tank.isPresent() && order != OilOrder.TANK_BYPASSED) {
      stages.add(order == OilOrder.BEFORE_TANK ? stages.size() : 0, OilStage.of(tank.get()));
    }
    return stages;
  }

  /**
   * @param shares of branches side by side; none where the oil is passed on
   */
  private static List<OilStage> coolerStages(Fitting f, double[] shares) {
    List<OilStage.Branch> branches = new ArrayList<>();
    for (CoolerFit c : f.coolers()) {
      double share = shares.length == 0 ? 1 : shares[branches.size()];
      branches.add(
          new OilStage.Branch(new OilElement.PackCooler(c.name().id(), c.part().bypass()), share));
    }
    return shares.length > 0
        ? List.of(new OilStage(branches))
        : branches.stream().map(b -> OilStage.of(b.element())).toList();
  }

  private static Stack stack(Setup setup) {
    Truck t = setup.truck();
    Fitting f = setup.fitting();
    List<Layer> front = new ArrayList<>();
    List<Layer> between = new ArrayList<>();
    List<Layer> behind = new ArrayList<>();
    List<Fan> fans = new ArrayList<>();
    List<Rectangle> shadows = new ArrayList<>();
    f.fans().forEach(fan -> fans.add(fan.fan(t.fanFactor())));
    for (CoolerFit c : f.coolers()) {
      Layer layer = layer(c);
      switch (c.place()) {
        case FRONT -> front.add(layer);
        case BEHIND_CONDENSER -> between.add(layer);
        case BEHIND_RADIATOR -> behind.add(layer);
        case ELSEWHERE -> {
          front.add(layer);
          shadows.add(layer.outline());
        }
      }
      if (c.ownFan().isPresent()) {
        fans.add(
            new Fan(
                c.fanName(),
                FanCurve.fromFreeAirFlow(c.ownFan().get().freeFlow()),
                layer.outline(),
                Fan.Mount.PUSHER));
      }
    }
    for (Solid s : setup.inOpening()) {
      if (s.takesAir()) {
        shadows.add(s.outline().orElseThrow());
      }
    }
    shadows.addAll(f.nose().across());
    f.others().forEach(o -> stand(o, t.front().coreGap(), front, between, behind));
    List<Layer> layers = new ArrayList<>(front);
    layers.addAll(ownCores(setup));
    layers.addAll(between);
    Core radiator = setup.radiator();
    layers.add(
        layer(
            RADIATOR,
            radiator,
            f.condition().radiatorBlocked(),
            new LayerRole.Radiator(radiator.coolantTubes())));
    layers.addAll(behind);
    shadows.addAll(bodywork(t.front().opening(), layers));
    return new Stack(
        layers,
        fans,
        shadows,
        t.front().ramCoefficient() * f.nose().ramShare(),
        f.condition().recirculation(),
        openingLoss(setup));
  }

  /** The bodywork round the front opening, as far as any core reaches behind it: no ram air. */
  private static List<Rectangle> bodywork(Rectangle opening, List<Layer> layers) {
    double left = opening.x();
    double right = opening.right();
    double bottom = opening.y();
    double top = opening.top();
    for (Layer layer : layers) {
      if (layer.outline().x() < ELSEWHERE) {
        left = Math.min(left, layer.outline().x());
        right = Math.max(right, layer.outline().right());
        bottom = Math.min(bottom, layer.outline().y());
        top = Math.max(top, layer.outline().top());
      }
    }
    List<Rectangle> round = new ArrayList<>();
    strip(left, bottom, opening.x() - left, top - bottom, round);
    strip(opening.right(), bottom, right - opening.right(), top - bottom, round);
    strip(left, bottom, right - left, opening.y() - bottom, round);
    strip(left, opening.top(), right - left, top - opening.top(), round);
    return round;
  }

  private static void strip(double x, double y, double width, double height, List<Rectangle> to) {
    if (width > Rectangle.SIZE.low() && height > Rectangle.SIZE.low()) {
      to.add(new Rectangle(x, y, width, height));
    }
  }

  /**
   * Share of a core's face that the opening lets air to, over 1 where it is larger (-).
   *
   * @param standing what stands in it
   */
  public static double openShare(Rectangle opening, List<Rectangle> standing, Rectangle face) {
    double free = opening.area();
    for (Rectangle o : standing) {
      free -= opening.overlap(o);
    }
    return Math.max(LEAST_OPEN, free / face.area());
  }

  /**
   * Air that came through a smaller opening spreads over the face and loses what it had more of
   * speed (Borda and Carnot), in velocity heads of the face.
   */
  private static double openingLoss(Setup setup) {
    List<Rectangle> standing = new ArrayList<>(setup.fitting().nose().across());
    setup.inOpening().forEach(s -> standing.add(s.outline().orElseThrow()));
    double open =
        Math.min(
            1, openShare(setup.truck().front().opening(), standing, setup.radiator().outline()));
    return (1 / open - 1) * (1 / open - 1);
  }

  /** Puts another cooler among the layers at its place; elsewhere it is out of the pack's air. */
  private static void stand(
      OtherCooler o, double gap, List<Layer> front, List<Layer> between, List<Layer> behind) {
    List<Layer> there =
        switch (o.place()) {
          case FRONT -> front;
          case BEHIND_CONDENSER -> between;
          case BEHIND_RADIATOR -> behind;
          case ELSEWHERE -> new ArrayList<>();
        };
    Layer layer =
        new Layer(
            o.name(),
            o.core().outline(),
            o.core().fin(),
            0,
            o.gives(),
            o.place() == CoolerFit.Place.FRONT ? gap : 0);
    there.add(o.behindOil() ? there.size() : 0, layer);
  }

  private static List<Layer> ownCores(Setup setup) {
    Truck.Cores cores = setup.truck().cores();
    Condition condition = setup.fitting().condition();
    List<Layer> own = new ArrayList<>();
    cores
        .condenser()
        .ifPresent(
            c ->
                own.add(
                    layer(CONDENSER, c, condition.condenserBlocked(), new LayerRole.Condenser())));
    setup
        .chargeAirCooler()
        .ifPresent(
            c ->
                own.add(
                    cores.chargeAirFirst() ? 0 : own.size(),
                    layer(
                        CHARGE_AIR_COOLER,
                        c,
                        condition.chargeAirBlocked(),
                        new LayerRole.ChargeAirCooler())));
    return own;
  }

  private static Layer layer(Name name, Core core, double blocked, LayerRole role) {
    return new Layer(name, core.outline(), core.fin(), blocked, role);
  }

  /** A cooler as a layer of the pack. */
  public static Layer layer(CoolerFit c) {
    Rectangle place = c.outline();
    if (c.place() == CoolerFit.Place.ELSEWHERE) {
      place = new Rectangle(ELSEWHERE, 0, place.width(), place.height());
    }
    boolean leaks = c.place() == CoolerFit.Place.FRONT && !c.sealed();
    return new Layer(
        c.name(),
        place,
        c.part().fin(),
        0,
        new LayerRole.OilCooler(
            c.part().channels(), c.ratingFactor(), c.ownFan().map(OwnFan::warmer).orElse(0.0)),
        leaks ? c.gap() : 0);
  }

  private static List<FanSetting> fanSettings(Fitting f) {
    List<FanSetting> settings = new ArrayList<>();
    for (FanFit fan : f.fans()) {
      settings.add(
          new FanSetting(
              fan.part().drive(f.condition().sensorOffset(), fan.held()), fan.serving()));
    }
    for (CoolerFit c : f.coolers()) {
      if (c.ownFan().isPresent()) {
        settings.add(new FanSetting(FanUnit.electric(), 1));
      }
    }
    return settings;
  }

  /** What electric fans of known current take from the engine through the alternator, W. */
  private static double fansAtTheBelt(Fitting f) {
    double power = 0;
    for (FanFit fan : f.fans()) {
      if (fan.part().kind() == FanUnit.Type.ELECTRIC && fan.part().electricalPower().isPresent()) {
        // Power grows with the cube of speed, as the fan laws have it.
        power += fan.part().electricalPower().getAsDouble() * Math.pow(fan.speedShare(), 3);
      }
    }
    return power / ALTERNATOR_EFFICIENCY;
  }
}
