package roadbreeze.core.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.Range;

/** The pack with its face cut into cells. Immutable. */
public final class Stack {
  public static final Range RAM_COEFFICIENT = new Range("ram pressure coefficient", 0, 1, "");
  public static final Range RECIRCULATION = new Range("recirculation", 0, 0.3, "");

  /** Grille and under-bonnet exit, velocity heads of face velocity (-). */
  public static final double SYSTEM_LOSS = 4;

  /** Road speed at which ram air has pushed all recirculation away, m/s. */
  private static final double RECIRCULATION_FADES_BY = 50 / 3.6;

  /** Cells narrower than this are drawing noise, m. */
  private static final double SMALLEST_CELL = 1e-5;

  private final List<Layer> layers;
  private final List<Fan> fans;
  private final double ramCoefficient;
  private final double recirculation;
  private final List<Cell> cells;
  private final List<AirPath> paths;
  private final int radiator;

  /**
   * @param layers front to back, the last of them the radiator, the only one
   * @param ramCoefficient ram pressure over dynamic pressure: open grille 0.55, less behind a winch,
   *     plough, light bar or bug screen
   * @param recirculation share of the exit air's rise that comes back at standstill: 0.02 sealed to
   *     0.15 bare
   * @throws BadInputException if the last layer is not the one radiator
   */
  public Stack(List<Layer> layers, List<Fan> fans, double ramCoefficient, double recirculation) {
    this.layers = List.copyOf(layers);
    this.fans = List.copyOf(fans);
    this.ramCoefficient = RAM_COEFFICIENT.require(ramCoefficient);
    this.recirculation = RECIRCULATION.require(recirculation);
    long radiators =
        layers.stream().filter(l -> l.role() instanceof LayerRole.Radiator).count();
    radiator = layers.size() - 1;
    if (radiators != 1 || !(layers.get(radiator).role() instanceof LayerRole.Radiator)) {
      throw new BadInputException(
          "layers", "a pack has one radiator, and it is the layer nearest the engine");
    }
    cells = new ArrayList<>();
    paths = new ArrayList<>();
    cut();
  }

  private void cut() {
    double[] xs = cutLines(Rectangle::x, Rectangle::right);
    double[] ys = cutLines(Rectangle::y, Rectangle::top);
    List<AirPath> kinds = new ArrayList<>();
    List<Double> areas = new ArrayList<>();
    for (int i = 0; i + 1 < xs.length; i++) {
      for (int j = 0; j + 1 < ys.length; j++) {
        double width = xs[i + 1] - xs[i];
        double height = ys[j + 1] - ys[j];
        double cx = xs[i] + width / 2;
        double cy = ys[j] + height / 2;
        List<Integer> through = new ArrayList<>();
        for (int k = 0; k < layers.size(); k++) {
          if (layers.get(k).outline().contains(cx, cy)) {
            through.add(k);
          }
        }
        if (width < SMALLEST_CELL || height < SMALLEST_CELL || through.isEmpty()) {
          continue;
        }
        List<Integer> served = new ArrayList<>();
        for (int k = 0; k < fans.size(); k++) {
          if (fans.get(k).outline().contains(cx, cy)) {
            served.add(k);
          }
        }
        AirPath kind = new AirPath(0, through, served);
        int path = kinds.indexOf(kind);
        if (path < 0) {
          path = kinds.size();
          kinds.add(kind);
          areas.add(0.0);
        }
        areas.set(path, areas.get(path) + width * height);
        cells.add(new Cell(xs[i], ys[j], width, height, path));
      }
    }
    for (int p = 0; p < kinds.size(); p++) {
      paths.add(new AirPath(areas.get(p), kinds.get(p).layers(), kinds.get(p).fans()));
    }
  }

  private double[] cutLines(ToDoubleFunction<Rectangle> low, ToDoubleFunction<Rectangle> high) {
    TreeSet<Double> lines = new TreeSet<>();
    for (Layer layer : layers) {
      lines.add(low.applyAsDouble(layer.outline()));
      lines.add(high.applyAsDouble(layer.outline()));
    }
    for (Fan fan : fans) {
      lines.add(low.applyAsDouble(fan.outline()));
      lines.add(high.applyAsDouble(fan.outline()));
    }
    return lines.stream().mapToDouble(Double::doubleValue).toArray();
  }

  public List<Layer> layers() {
    return layers;
  }

  public List<Fan> fans() {
    return fans;
  }

  public List<Cell> cells() {
    return List.copyOf(cells);
  }

  public List<AirPath> paths() {
    return List.copyOf(paths);
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

  /** Share of the exit air's rise that comes back to the face, fading out by 50 km/h (-). */
  public double recirculationAt(double speed) {
    return recirculation * Math.max(0, 1 - speed / RECIRCULATION_FADES_BY);
  }
}
