package roadbreeze.core.circuit;

import java.util.Arrays;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.FinSurface;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.PackFlow;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.stack.Warmth;

/**
 * The pack's air: what flows along each path for the warmth last known, and how warm it is on its
 * way. Reduced to arrays for speed; not thread-safe.
 */
final class AirSide {
  private final Stack stack;
  private final Air air;
  private final Factors factors;
  private double share;
  private PackFlow pack;

  /** Air of the same pack that the first flow starts from. */
  private PackFlow before;

  private final Warmth warmth;
  private final int pathCount;

  /** Layers of each path, front to back. */
  final int[][] layers;

  /** By layer and path: place of the layer in the path, −1 where it is not in it. */
  private final int[][] places;

  /** Area of each path, m². */
  final double[] areas;

  /** Area of each layer that air passes, m². */
  final double[] wetted;

  /** Capacity rate of the air behind the first core of each path, and through that, W/K. */
  final double[] capacity;

  private final double[] frontCapacity;

  /** Air-side conductance of each place of a path, W/K; 0 where heat is set. */
  final double[][] outside;

  /** Air temperature before each place of a path, and after the last, °C. */
  final double[][] temperature;

  /** Heat given to air by each place of a path, W. */
  final double[][] given;

  /** Heat that each layer gives whatever air it gets, NaN where that is worked out, W. */
  private final double[] setHeat;

  private final double[] layerCapacity;

  private final FinSurface[] fins;
  private final double[] openShare;

  /** By fan: the paths it serves. */
  private final boolean[][] servedBy;

  private AirFlow flow;
  private int blown;
  private double rise;
  private double moved;

  /**
   * @param air ambient
   */
  AirSide(Stack stack, Air air, Factors factors) {
    this.stack = stack;
    this.air = air;
    this.factors = factors;
    warmth = Warmth.even(stack, air.temperature());
    pathCount = stack.paths().size();
    int layerCount = stack.layers().size();
    layers = new int[pathCount][];
    areas = new double[pathCount];
    wetted = new double[layerCount];
    capacity = new double[pathCount];
    frontCapacity = new double[pathCount];
    outside = new double[pathCount][];
    temperature = new double[pathCount][];
    given = new double[pathCount][];
    setHeat = new double[layerCount];
    layerCapacity = new double[layerCount];
    Arrays.fill(setHeat, Double.NaN);
    fins = new FinSurface[layerCount];
    openShare = new double[layerCount];
    for (int k = 0; k < layerCount; k++) {
      fins[k] = stack.layers().get(k).fin();
      openShare[k] = 1 - stack.layers().get(k).blockedFraction();
    }
    servedBy = new boolean[stack.fans().size()][pathCount];
    places = new int[layerCount][pathCount];
    for (int[] place : places) {
      Arrays.fill(place, -1);
    }
    for (int p = 0; p < pathCount; p++) {
      layers[p] = stack.layersOf(p);
      for (int i = 0; i < layers[p].length; i++) {
        places[layers[p][i]][p] = i;
      }
      areas[p] = stack.paths().get(p).area();
      for (int fan : stack.paths().get(p).fans()) {
        servedBy[fan][p] = true;
      }
      outside[p] = new double[layers[p].length];
      given[p] = new double[layers[p].length];
      temperature[p] = new double[layers[p].length + 1];
      Arrays.fill(temperature[p], air.temperature());
      for (int layer : layers[p]) {
        wetted[layer] += areas[p];
      }
    }
  }

  /**
   * Takes up what drives the air; its warmth stays as it is.
   *
   * @param speed of the truck, m/s
   * @param fanSpeedRatio of each fan, over its curve's reference speed
   */
  void drive(double speed, double[] fanSpeedRatio) {
    share = stack.recirculationAt(speed);
    if (pack == null) {
      pack = new PackFlow(stack, air, speed, fanSpeedRatio, factors.ofAir());
      if (before != null) {
        pack.startFrom(before);
        before = null;
      }
    } else {
      pack.drive(speed, fanSpeedRatio);
    }
  }

  /** Starts as warm as another, where its paths are the same. */
  void startFrom(AirSide other) {
    if (!Arrays.deepEquals(layers, other.layers)) {
      return;
    }
    double warmer = air.temperature() - other.air.temperature();
    for (int p = 0; p < pathCount; p++) {
      for (int i = 0; i < temperature[p].length; i++) {
        temperature[p][i] = other.temperature[p][i] + warmer;
      }
      System.arraycopy(other.given[p], 0, given[p], 0, given[p].length);
      for (int i = 0; i < layers[p].length; i++) {
        warmth.core()[p][i] = other.warmth.core()[p][i] + warmer;
      }
      warmth.exit()[p] = other.warmth.exit()[p] + warmer;
    }
    System.arraycopy(other.capacity, 0, capacity, 0, pathCount);
    System.arraycopy(other.frontCapacity, 0, frontCapacity, 0, pathCount);
    rise = other.rise;
    before = other.pack;
  }

  /** The air for the warmth last known: flow, capacity rates and conductances. */
  void blow() {
    for (int f = 0; f < warmth.fan().length; f++) {
      if (stack.fans().get(f).mount() != Fan.Mount.PUSHER) {
        warmth.fan()[f] = behind(f);
      }
    }
    flow = pack.solve(warmth);
    blown++;
    Arrays.fill(layerCapacity, 0);
    for (int p = 0; p < pathCount; p++) {
      double perVelocity = air.density() * areas[p] * Air.SPECIFIC_HEAT;
      capacity[p] = perVelocity * flow.velocity()[p];
      frontCapacity[p] = perVelocity * flow.frontVelocity()[p];
      for (int i = 0; i < layers[p].length; i++) {
        int k = layers[p][i];
        layerCapacity[k] += through(p, i);
        if (Double.isNaN(setHeat[k])) {
          double open = openShare[k];
          double flux = air.density() * flow.velocityAt(p, i) / open;
          outside[p][i] = fins[k].conductance(flux, pack.meanAir(p, i)) * open * areas[p];
        }
      }
    }
  }

  /** How often the air was worked out. */
  int blown() {
    return blown;
  }

  /** The warmth that the last walk found becomes what the next blow takes. */
  void takeFound() {
    takeFound(1);
  }

  /** The same, but only so much of the way there. */
  void takeFound(double share) {
    for (int p = 0; p < pathCount; p++) {
      double[] core = warmth.core()[p];
      for (int i = 0; i < layers[p].length; i++) {
        core[i] += share * (held(meanOf(p, i)) - core[i]);
      }
      double exit = warmth.exit()[p];
      warmth.exit()[p] = exit + share * (held(temperature[p][layers[p].length]) - exit);
    }
  }

  /** Mean temperature of the air in one core of a path, °C. */
  private double meanOf(int path, int place) {
    double stream = through(path, place);
    return temperature[path][place] + (stream > 0 ? given[path][place] / stream / 2 : 0);
  }

  /** How many temperatures the warmth has. */
  int size() {
    int size = pathCount;
    for (int[] path : layers) {
      size += path.length;
    }
    return size;
  }

  /**
   * Writes the warmth that the last blow took, and how far the walk found it off, from a place on.
   */
  void report(double[] taken, double[] off, int from) {
    int n = from;
    for (int p = 0; p < pathCount; p++) {
      for (int i = 0; i < layers[p].length; i++, n++) {
        taken[n] = warmth.core()[p][i];
        off[n] = held(meanOf(p, i)) - taken[n];
      }
      taken[n] = warmth.exit()[p];
      off[n] = held(temperature[p][layers[p].length]) - taken[n];
      n++;
    }
  }

  /** Sets the warmth that the next blow takes. */
  void take(double[] values, int from) {
    int n = from;
    for (int p = 0; p < pathCount; p++) {
      for (int i = 0; i < layers[p].length; i++) {
        warmth.core()[p][i] = held(values[n++]);
      }
      warmth.exit()[p] = held(values[n++]);
    }
  }

  /** No air is colder than ambient nor hotter than any coolant that is asked for. */
  private double held(double t) {
    return Math.max(air.temperature() - 1, Math.min(SteadyBalance.COOLANT_CEILING, t));
  }

  /** All as cold as outside. */
  void cool() {
    for (int p = 0; p < pathCount; p++) {
      Arrays.fill(temperature[p], air.temperature());
      Arrays.fill(given[p], 0);
    }
    rise = 0;
    takeFound();
  }

  /** Mixed air behind the paths of a fan, °C. */
  private double behind(int fan) {
    double stream = 0;
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      if (servedBy[fan][p]) {
        stream += capacity[p];
        sum += capacity[p] * warmth.exit()[p];
      }
    }
    return stream > 0 ? sum / stream : air.temperature();
  }

  /** Capacity rate of the air through one core of a path, W/K. */
  double through(int path, int place) {
    return place == 0 ? frontCapacity[path] : capacity[path];
  }

  /** Place of a layer in a path, −1 where it is not in it. */
  int placeOf(int path, int layer) {
    return places[layer][path];
  }

  void setHeat(int layer, double heat) {
    setHeat[layer] = heat;
  }

  /** Heat of one cell group of a core whose heat is worked out, W. */
  interface Cell {
    double heat(int path, int place);
  }

  /**
   * Air temperatures along every path, front to back, with the oil coolers' heats as they stand.
   *
   * @param radiator what it gives
   * @return heat the radiator gives, W
   */
  double walk(Cell radiator) {
    double heat = 0;
    moved = 0;
    double toPack = 0;
    for (int p = 0; p < pathCount; p++) {
      double t = air.temperature() + (stack.apart(p) ? stack.warmer(p) : rise);
      int[] through = layers[p];
      for (int i = 0; i < through.length; i++) {
        temperature[p][i] = t;
        int k = through[i];
        if (!Double.isNaN(setHeat[k])) {
          // With no air it gives none.
          given[p][i] = layerCapacity[k] > 0 ? setHeat[k] * through(p, i) / layerCapacity[k] : 0;
        } else if (k == stack.radiator()) {
          given[p][i] = radiator.heat(p, i);
          heat += given[p][i];
        }
        t += capacity[p] > 0 ? given[p][i] / capacity[p] : 0;
        toPack += stack.apart(p) ? 0 : given[p][i];
      }
      moved = Math.max(moved, Math.abs(t - temperature[p][through.length]));
      temperature[p][through.length] = t;
    }
    if (share > 0) {
      double stream = packCapacity();
      double next = stream > 0 ? Math.max(0, share / (1 - share) * toPack / stream) : 0;
      moved = Math.max(moved, Math.abs(next - rise));
      rise = next;
    }
    return heat;
  }

  /** How far the air behind the pack has moved in the last walk, K. */
  double moved() {
    return moved;
  }

  /** Warmth of the air at the face where recirculated air mixes in, K. */
  double rise() {
    return rise;
  }

  /** Capacity rate of all air that passes the pack, W/K. */
  double packCapacity() {
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      sum += stack.apart(p) ? 0 : capacity[p];
    }
    return sum;
  }

  /** What the cells of a core would give together with the air as it stands, W. */
  double sum(int layer, Cell core) {
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      int place = places[layer][p];
      sum += place >= 0 ? core.heat(p, place) : 0;
    }
    return sum;
  }

  /** Mean air side of a core per m² of its face, W/(m²·K). */
  double outsideOf(int layer) {
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      int place = places[layer][p];
      sum += place >= 0 ? outside[p][place] : 0;
    }
    return sum / wetted[layer];
  }

  /** Mean temperature of the air in a core, by flow over its cells, °C. */
  double meanIn(int layer) {
    double stream = 0;
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      int place = places[layer][p];
      if (place >= 0) {
        double c = through(p, place);
        stream += c;
        sum += c * temperature[p][place] + given[p][place] / 2;
      }
    }
    return stream > 0 ? sum / stream : air.temperature();
  }

  /** Mixed air behind the radiator, where a bimetal clutch feels it, NaN without air, °C. */
  double behindRadiator() {
    double stream = 0;
    double sum = 0;
    for (int p = 0; p < pathCount; p++) {
      int place = places[stack.radiator()][p];
      if (place >= 0) {
        stream += capacity[p];
        sum += capacity[p] * temperature[p][place + 1];
      }
    }
    return stream > 0 ? sum / stream : Double.NaN;
  }

  AirFlow flow() {
    return flow;
  }

  boolean isCooler(int layer) {
    return stack.layers().get(layer).role() instanceof LayerRole.OilCooler;
  }
}
