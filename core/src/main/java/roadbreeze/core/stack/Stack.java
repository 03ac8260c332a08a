package roadbreeze.core.stack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** The pack with its face cut into cells. Immutable. */
public final class Stack {
  public static final Range RAM_COEFFICIENT = new Range(Quantity.RAM_COEFFICIENT, 0, 1);
  public static final Range OPENING_LOSS = new Range(Quantity.OPENING_LOSS, 0, 1e4);
  public static final Range RECIRCULATION = new Range(Quantity.RECIRCULATION, 0, 0.3);

  /** Grille and under-bonnet exit, velocity heads of face velocity (-). */
  public static final double SYSTEM_LOSS = 4;

  /** Road speed at which ram air has pushed all recirculation away, m/s. */
  private static final double RECIRCULATION_FADES_BY = 50 / 3.6;

  /** Cells narrower than this are drawing noise, m. */
  private static final double SMALLEST_CELL = 1e-5;

  private static final int NO_PATH = -1;

  private final List<Layer> layers;
  private final List<Fan> fans;
  private final double ramCoefficient;
  private final double recirculation;
  private final double openingLoss;
  private final List<AirPath> paths;
  private final List<Rectangle> shadows;

  // Where the face is cut, and the path that each cell between belongs to.
  private double[] xs;
  private double[] ys;
  private int[][] pathAt;

  private int[][] layersOf;
  private int[][] fansOf;
  private boolean[] apart;
  private double[] warmer;
  private final int radiator;

  /**
   * @param layers front to back, exactly one of them the radiator
   * @param shadows parts of the face that ram air does not reach: behind a brace, a horn or a
   *     winch, or away from the front
   * @param ramCoefficient ram pressure over dynamic pressure: open grille 0.55, less behind a
   *     winch, plough, light bar or bug screen
   * @param recirculation share of the exit air's rise that comes back at standstill: 0.02 sealed to
   *     0.15 bare
   * @param openingLoss of a front opening smaller than the face, velocity heads of face velocity
   * @throws BadInputException if there is not exactly one radiator
   */
  public Stack(
      List<Layer> layers,
      List<Fan> fans,
      List<Rectangle> shadows,
      double ramCoefficient,
      double recirculation,
      double openingLoss) {
    this.layers = List.copyOf(layers);
    this.fans = List.copyOf(fans);
    this.shadows = List.copyOf(shadows);
    this.ramCoefficient = RAM_COEFFICIENT.require(ramCoefficient);
    this.recirculation = RECIRCULATION.require(recirculation);
    this.openingLoss = OPENING_LOSS.require(openingLoss);
    int found = -1;
    for (int k = 0; k < layers.size(); k++) {
      if (layers.get(k).role() instanceof LayerRole.Radiator) {
        if (found >= 0) {
          throw Problem.SEVERAL_RADIATORS.refuse();
        }
        found = k;
      }
    }
    if (found < 0) {
      throw Problem.NO_RADIATOR.refuse();
    }
    radiator = found;
    paths = new ArrayList<>();
    cut();
  }

  /** A pack that nothing shadows, behind an opening as large as its face. */
  public Stack(List<Layer> layers, List<Fan> fans, double ramCoefficient, double recirculation) {
    this(layers, fans, List.of(), ramCoefficient, recirculation, 0);
  }

  /**
   * A path is told by which layers, fans and shadows hold it: one bit for each layer, then for each
   * fan, then one for any shadow. A long has room for many times the parts of any nose.
   */
  private void cut() {
    xs = cutLines(Rectangle::x, Rectangle::right);
    ys = cutLines(Rectangle::y, Rectangle::top);
    long[][] through = new long[xs.length - 1][ys.length - 1];
    int bit = 0;
    for (Layer layer : layers) {
      mark(layer.outline(), 1L << bit++, through);
    }
    long inAnyLayer = (1L << bit) - 1;
    for (Fan fan : fans) {
      mark(fan.outline(), 1L << bit++, through);
    }
    long shadow = 1L << bit;
    for (Rectangle s : shadows) {
      mark(s, shadow, through);
    }
    Map<Long, Integer> known = new HashMap<>();
    List<Double> areas = new ArrayList<>();
    pathAt = new int[through.length][ys.length - 1];
    long last = 0;
    int path = NO_PATH;
    for (int i = 0; i < through.length; i++) {
      for (int j = 0; j < through[i].length; j++) {
        double width = xs[i + 1] - xs[i];
        double height = ys[j + 1] - ys[j];
        if (width < SMALLEST_CELL || height < SMALLEST_CELL || (through[i][j] & inAnyLayer) == 0) {
          pathAt[i][j] = NO_PATH;
          continue;
        }
        if (through[i][j] != last) {
          last = through[i][j];
          path = known.computeIfAbsent(last, key -> known.size());
          if (path == areas.size()) {
            areas.add(0.0);
          }
        }
        areas.set(path, areas.get(path) + width * height);
        pathAt[i][j] = path;
      }
    }
    // Plain arrays beside the paths: a search asks for them a hundred thousand times.
    layersOf = new int[known.size()][];
    fansOf = new int[known.size()][];
    apart = new boolean[known.size()];
    warmer = new double[known.size()];
    AirPath[] made = new AirPath[known.size()];
    known.forEach(
        (held, p) -> {
          layersOf[p] = bits(held, 0, layers.size());
          fansOf[p] = bits(held, layers.size(), layers.size() + fans.size());
          boolean ram = (held & shadow) == 0;
          apart[p] = !ram && (held >> radiator & 1) == 0;
          if (apart[p] && layers.get(layersOf[p][0]).role() instanceof LayerRole.OilCooler cooler) {
            warmer[p] = cooler.warmer();
          }
          made[p] = new AirPath(areas.get(p), list(layersOf[p]), list(fansOf[p]), ram);
        });
    paths.addAll(List.of(made));
  }

  /** Sets a bit in all cells whose middle a rectangle holds. */
  private void mark(Rectangle r, long bit, long[][] through) {
    int right = Arrays.binarySearch(xs, r.right());
    int top = Arrays.binarySearch(ys, r.top());
    int bottom = Arrays.binarySearch(ys, r.y());
    for (int i = Arrays.binarySearch(xs, r.x()); i < right; i++) {
      for (int j = bottom; j < top; j++) {
        through[i][j] |= bit;
      }
    }
  }

  /** Bits set in a span, counted from its start. */
  private static int[] bits(long held, int from, int to) {
    return IntStream.range(from, to).filter(b -> (held >> b & 1) != 0).map(b -> b - from).toArray();
  }

  private static List<Integer> list(int[] values) {
    List<Integer> list = new ArrayList<>(values.length);
    for (int value : values) {
      list.add(value);
    }
    return list;
  }

  private double[] cutLines(ToDoubleFunction<Rectangle> low, ToDoubleFunction<Rectangle> high) {
    double[] lines = new double[2 * (layers.size() + fans.size() + shadows.size())];
    int n = 0;
    for (Layer layer : layers) {
      lines[n++] = low.applyAsDouble(layer.outline());
      lines[n++] = high.applyAsDouble(layer.outline());
    }
    for (Fan fan : fans) {
      lines[n++] = low.applyAsDouble(fan.outline());
      lines[n++] = high.applyAsDouble(fan.outline());
    }
    for (Rectangle shadow : shadows) {
      lines[n++] = low.applyAsDouble(shadow);
      lines[n++] = high.applyAsDouble(shadow);
    }
    return Arrays.stream(lines).sorted().distinct().toArray();
  }

  /** The same fans, shadows and front with other cores. */
  public Stack withLayers(List<Layer> newLayers) {
    return new Stack(newLayers, fans, shadows, ramCoefficient, recirculation, openingLoss);
  }

  public List<Layer> layers() {
    return layers;
  }

  public List<Fan> fans() {
    return fans;
  }

  /** The face as it is cut, made anew each time. */
  public List<Cell> cells() {
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < pathAt.length; i++) {
      for (int j = 0; j < pathAt[i].length; j++) {
        if (pathAt[i][j] != NO_PATH) {
          cells.add(new Cell(xs[i], ys[j], xs[i + 1] - xs[i], ys[j + 1] - ys[j], pathAt[i][j]));
        }
      }
    }
    return cells;
  }

  public List<AirPath> paths() {
    return Collections.unmodifiableList(paths);
  }

  /**
   * True for air that never meets the radiator or the ram air: a core with its own fan elsewhere.
   */
  public boolean apart(int path) {
    return apart[path];
  }

  /** How much warmer than ambient the air is that comes to a path apart, K. */
  public double warmer(int path) {
    return warmer[path];
  }

  /** Indices of a path's layers, front to back; not to be changed. */
  public int[] layersOf(int path) {
    return layersOf[path];
  }

  /** Indices of a path's fans; not to be changed. */
  int[] fansOf(int path) {
    return fansOf[path];
  }

  /** Index of the layer with an id. */
  public int indexOf(String layerId) {
    for (int k = 0; k < layers.size(); k++) {
      if (layers.get(k).name().id().equals(layerId)) {
        return k;
      }
    }
    throw new IllegalArgumentException("no layer has the id " + layerId);
  }

  /** Index of the radiator among the layers. */
  public int radiator() {
    return radiator;
  }

  /** Face that takes part in the air flow through one layer, m². */
  public double wettedArea(int layer) {
    return paths.stream().filter(p -> p.layers().contains(layer)).mapToDouble(AirPath::area).sum();
  }

  /** Ram pressure over dynamic pressure (-). */
  public double ramCoefficient() {
    return ramCoefficient;
  }

  /** Ram pressure at a road speed, Pa. */
  double ramPressure(double speed, double density, double factor) {
    return ramCoefficient * factor * density * speed * speed / 2;
  }

  /** Of a front opening smaller than the face, velocity heads of face velocity (-). */
  public double openingLoss() {
    return openingLoss;
  }

  /** Share of the exit air's rise that comes back to the face, fading out by 50 km/h (-). */
  public double recirculationAt(double speed) {
    return recirculation * Math.max(0, 1 - speed / RECIRCULATION_FADES_BY);
  }
}
