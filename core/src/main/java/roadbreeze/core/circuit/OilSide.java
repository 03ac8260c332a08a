package roadbreeze.core.circuit;

import java.util.Arrays;
import java.util.List;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;

/**
 * The transmission fluid's way round: flow, feed and what in-tank cooler and auxiliary coolers take
 * from it. What depends weakly on its own result (mean temperatures, wall, flow) is taken from the
 * round before, so that rounds settle. Reduced to arrays for speed; not thread-safe.
 */
final class OilSide {
  /** A bypass that moves by more has not come to rest, share of its travel. */
  private static final double TURNED = 1e-3;

  /** Temperature of the coolant that an in-tank cooler stands in. */
  interface Sink {
    /**
     * @param oil that enters, °C
     * @param exchanged heat per kelvin between the two, W/K
     * @return °C
     */
    double temperature(double oil, double exchanged);
  }

  /** One element of the way in one branch of its stage. */
  private static final class Element {
    final double share;
    final OilElement.InTank tank;
    final int layer;
    final Bypass bypass;
    final OilChannels channels;
    final CoreCells cells;

    /** Share of the branch's oil that goes through the core, and what its drop leaves of it. */
    double coreShare = 1;

    double heat;

    /** Conductance of the core's inside, and the oil that it was worked out for. */
    double inside;

    double insideFlow = Double.NaN;
    double insideOil = Double.NaN;

    /** How its heat grows with the oil that enters, W/K. */
    double perKelvin;

    Element(double share, OilElement.InTank tank) {
      this.share = share;
      this.tank = tank;
      layer = -1;
      bypass = Bypass.NONE;
      channels = null;
      cells = null;
    }

    Element(double share, int layer, Bypass bypass, OilChannels channels, CoreCells cells) {
      this.share = share;
      tank = null;
      this.layer = layer;
      this.bypass = bypass;
      this.channels = channels;
      this.cells = cells;
    }
  }

  private final OilLoop loop;
  private final TransmissionFluid fluid;
  private final AirSide air;
  private final double coreFactor;
  private final double flowFactor;
  private final Element[][] stages;
  private final double[] heatOfLayer;

  private double circuitFlow = Double.NaN;
  private double pumpedAt = Double.NaN;
  private boolean bypassesRest;
  private double flow;
  private double sentShare;
  private double sentSlope;
  private double capacity;
  private double feed;
  private double tankHeat;
  private double coolerHeat;
  private double perKelvin;
  private double moved;

  OilSide(Rig rig, AirSide air, Factors factors) {
    loop = rig.oilLoop();
    fluid = loop.fluid();
    this.air = air;
    coreFactor = factors.get(Factor.CORE_CONDUCTANCE);
    flowFactor = factors.get(Factor.OIL_FLOW);
    Stack stack = rig.stack();
    heatOfLayer = new double[stack.layers().size()];
    stages = new Element[loop.stages().size()][];
    for (int s = 0; s < stages.length; s++) {
      List<OilStage.Branch> branches = loop.stages().get(s).branches();
      stages[s] = new Element[branches.size()];
      for (int b = 0; b < stages[s].length; b++) {
        double share = branches.get(b).flowShare();
        OilElement element = branches.get(b).element();
        if (element instanceof OilElement.PackCooler cooler) {
          int layer = stack.indexOf(cooler.layer());
          LayerRole.OilCooler role = (LayerRole.OilCooler) stack.layers().get(layer).role();
          CoreCells cells = new CoreCells(air, layer, role.conductanceFactor() * coreFactor);
          stages[s][b] = new Element(share, layer, cooler.bypass(), role.channels(), cells);
        } else {
          stages[s][b] = new Element(share, (OilElement.InTank) element);
        }
      }
    }
  }

  /** Starts from the flow and heats of another, where its way is the same. */
  void startFrom(OilSide other) {
    circuitFlow = other.circuitFlow;
    if (loop == other.loop) {
      pumpedAt = other.pumpedAt;
      bypassesRest = other.bypassesRest;
    }
    if (stages.length != other.stages.length) {
      return;
    }
    for (int s = 0; s < stages.length; s++) {
      for (int b = 0; b < Math.min(stages[s].length, other.stages[s].length); b++) {
        stages[s][b].heat = other.stages[s][b].heat;
        stages[s][b].coreShare = other.stages[s][b].coreShare;
      }
    }
  }

  /** Forgets the rounds before. */
  void forget() {
    circuitFlow = Double.NaN;
    pumpedAt = Double.NaN;
    for (Element[] stage : stages) {
      for (Element e : stage) {
        e.heat = 0;
        e.coreShare = 1;
      }
    }
  }

  /**
   * Takes up what the pump moves at a sump temperature, and the feed that the slip heats.
   *
   * @param care the flow stays where the sump has moved less than its oil may
   */
  void pump(double sump, double engineRpm, double converterHeat, Care care) {
    double known = TransmissionFluid.held(sump);
    sentShare = loop.bypass().coreShare(sump);
    sentSlope = loop.bypass().slope(sump);
    if (!(Math.abs(known - pumpedAt) <= care.sameOil() && bypassesRest)) {
      circuitFlow = loop.circuit().flow(fluid, known, q -> coresDrop(q, known), circuitFlow);
      pumpedAt = known;
    }
    flow = flowFactor * OilLoop.pumpShare(engineRpm) * circuitFlow;
    capacity = flow * fluid.density(known) * fluid.specificHeat(known);
    feed = sump + converterHeat / capacity;
  }

  /** What is sent past a core does not load it. */
  private double coresDrop(double circuit, double temperature) {
    double drop = 0;
    for (Element[] stage : stages) {
      for (Element e : stage) {
        if (e.channels != null) {
          double through = circuit * sentShare * e.share * e.coreShare;
          drop += through > 0 ? e.share * e.channels.pressureDrop(through, fluid, temperature) : 0;
        }
      }
    }
    return drop;
  }

  /**
   * Sends the oil through its stages.
   *
   * @param tankFlow coolant past an in-tank cooler at its place, kg/s
   * @param step share of the way to its new heat that each cooler goes; 1 but where coolers that
   *     share air swing
   * @param care a core's conductance stays where what flows in it has moved less
   * @return heat they take from it, W
   */
  double pass(Sink sink, double tankFlow, double pumpFlowAt4000, double step, Care care) {
    Arrays.fill(heatOfLayer, 0);
    tankHeat = 0;
    coolerHeat = 0;
    perKelvin = 0;
    moved = 0;
    if (sentShare <= 0) {
      return 0;
    }
    bypassesRest = true;
    double stream = capacity * sentShare;
    double oil = feed;
    double warmer = 1;
    double felt = 0;
    for (Element[] stage : stages) {
      double taken = 0;
      for (Element e : stage) {
        double before = e.heat;
        if (e.tank != null) {
          double own = stream * e.share;
          double ua = e.tank.conductance(tankFlow, pumpFlowAt4000);
          double exchanged = Effectiveness.againstSink(ua / own) * own;
          double at = sink.temperature(oil, exchanged);
          e.heat = exchanged * (oil - at);
          e.perKelvin = exchanged * (1 - (sink.temperature(oil + 1, exchanged) - at));
          tankHeat += e.heat;
        } else {
          e.heat = cooler(e, oil, stream * e.share, step, care);
          coolerHeat += e.heat;
        }
        moved = Math.max(moved, Math.abs(e.heat - before) / stream);
        taken += e.heat;
        felt += e.perKelvin * warmer;
      }
      oil -= taken / stream;
      warmer -= felt / stream;
      perKelvin += felt;
      felt = 0;
    }
    return tankHeat + coolerHeat;
  }

  private double cooler(Element e, double oil, double branchStream, double step, Care care) {
    int k = e.layer;
    double branchFlow = flow * sentShare * e.share;
    double shareBefore = e.coreShare;
    double known = TransmissionFluid.held(oil);
    double wanted =
        e.bypass.coreShare(oil, branchFlow, q -> e.channels.pressureDrop(q, fluid, known));
    e.coreShare += step * (wanted - e.coreShare);
    bypassesRest &= e.coreShare == shareBefore;
    double turned = Math.abs(e.coreShare - shareBefore);
    if (turned > TURNED) {
      moved = Math.max(moved, turned); // where nothing is warm yet the flow alone tells of it
    }
    double stream = branchStream * e.coreShare;
    if (stream > 0) {
      double mean = TransmissionFluid.held(oil - e.heat / stream / 2);
      takeInside(e, branchFlow * e.coreShare, mean, care);
      e.cells.take(e.inside, stream, care);
    }
    double heat = 0;
    e.perKelvin = 0;
    for (int p = 0; p < air.areas.length; p++) {
      int place = air.placeOf(p, k);
      if (place >= 0) {
        double q = 0;
        if (stream > 0) {
          double each = e.cells.perKelvin(p);
          e.perKelvin += each;
          q = each * (oil - air.temperature[p][place]);
        }
        air.given[p][place] += step * (q - air.given[p][place]);
        heat += air.given[p][place];
      }
    }
    heatOfLayer[k] += heat;
    return heat;
  }

  private void takeInside(Element e, double flowOfCore, double mean, Care care) {
    boolean same =
        care.sameStream() > 0
            && Math.abs(mean - e.insideOil) <= care.sameOil()
            && Math.abs(flowOfCore - e.insideFlow) <= care.sameStream() * e.insideFlow;
    if (!same) {
      e.inside =
          e.channels.conductanceAgainst(
              flowOfCore, fluid, mean, air.outsideOf(e.layer), air.meanIn(e.layer));
      e.insideOil = mean;
      e.insideFlow = flowOfCore;
    }
  }

  /** How far the oil behind any element has moved in the last pass, K. */
  double moved() {
    return moved;
  }

  /** m³/s */
  double flow() {
    return flow;
  }

  /** °C */
  double feed() {
    return feed;
  }

  /** From oil to coolant, W. */
  double tankHeat() {
    return tankHeat;
  }

  /** What the coolers take together, W. */
  double coolerHeat() {
    return coolerHeat;
  }

  /** How what all take grows with the oil that leaves for them, W/K. */
  double perKelvin() {
    double more = sentShare > 0 ? (tankHeat + coolerHeat) * sentSlope / sentShare : 0;
    return perKelvin + Math.max(0, more);
  }

  /** What one cooler takes, W. */
  double heatOf(int layer) {
    return heatOfLayer[layer];
  }
}
