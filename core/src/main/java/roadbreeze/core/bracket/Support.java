package roadbreeze.core.bracket;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/** What holds a core at one place of the body, or across from one to another. */
public sealed interface Support {
  /** N/m. */
  double stiffness();

  /** The worst in it under a load from the core, Pa. */
  double stress(double load);

  /** What of it yields first, Pa. */
  double yield();

  /** Its longest strip between the holes, m. */
  double reach();

  /** Its thinnest strip, m. */
  double thickness();

  Support thicker(double thickness);

  Support shorter(double share);

  /**
   * A strip alone: a straight cantilever of its developed reach (Euler and Bernoulli).
   *
   * @param reach between its holes, m
   * @param isolator stiffness of its rubber, N/m, empty where metal is on metal
   */
  record Strip(StripStock stock, double reach, OptionalDouble isolator) implements Support {
    private static final Range STIFFNESS = new Range(Quantity.ISOLATOR_STIFFNESS, 1e3, 1e8);

    public Strip {
      new Range(Quantity.STRIP_LEG, 1e-3, 3).require(reach);
      isolator.ifPresent(STIFFNESS::require);
    }

    @Override
    public double stiffness() {
      double strip =
          3 * stock.metal().elasticity() * stock.secondMoment() / (reach * reach * reach);
      return isolator.isEmpty() ? strip : 1 / (1 / strip + 1 / isolator.getAsDouble());
    }

    /** At its root. */
    @Override
    public double stress(double load) {
      return load * reach * stock.thickness() / 2 / stock.secondMoment();
    }

    @Override
    public double yield() {
      return stock.metal().yield();
    }

    @Override
    public double thickness() {
      return stock.thickness();
    }

    @Override
    public Strip thicker(double thickness) {
      return new Strip(
          new StripStock(stock.metal(), stock.width(), thickness, stock.insideRadius()),
          reach,
          isolator);
    }

    @Override
    public Strip shorter(double share) {
      return new Strip(stock, reach * share, isolator);
    }
  }

  /**
   * A tab on a channel.
   *
   * @param at from the channel's first screw, m
   * @param lever from the middle of the web to the core's hole, square to the channel, m; up
   *     positive
   */
  record Tab(double at, double lever, Strip strip) {}

  /**
   * A channel across with tabs on it. It rests on a screw at each end, which lets it bend and keeps
   * it from turning; a tab that stands off its middle twists it (Saint-Venant).
   *
   * @param span between its screws, m
   * @param tabs at least one
   */
  record Channel(ChannelStock section, double span, List<Tab> tabs) implements Support {
    private static final double SYMMETRIC = 1e-12;

    public Channel {
      tabs = List.copyOf(tabs);
    }

    @Override
    public double stiffness() {
      double all = 0;
      for (double force : forces()) {
        all += force;
      }
      return all;
    }

    /** Of the tabs and, after von Mises, of the channel at each tab. */
    @Override
    public double stress(double load) {
      double[] forces = forces();
      double whole = stiffness();
      double worst = 0;
      for (int i = 0; i < forces.length; i++) {
        forces[i] *= load / whole;
        worst = Math.max(worst, Math.abs(tabs.get(i).strip.stress(forces[i])));
      }
      for (Tab here : tabs) {
        double bent = 0;
        double before = 0;
        double after = 0;
        for (int i = 0; i < forces.length; i++) {
          Tab other = tabs.get(i);
          bent += forces[i] * touch(here.at, other.at) * span;
          double turn = forces[i] * other.lever;
          double held = turn * (1 - other.at / span);
          before += other.at < here.at ? held - turn : held;
          after += other.at <= here.at ? held - turn : held;
        }
        double normal = bent * section.farthest() / section.secondMoment();
        double turned = Math.max(Math.abs(before), Math.abs(after));
        double shear = turned * section.thickness() / section.torsion();
        worst = Math.max(worst, Math.sqrt(normal * normal + 3 * shear * shear));
      }
      return worst;
    }

    /** What each tab takes when all of its core's holes are moved by a metre, N. */
    private double[] forces() {
      int n = tabs.size();
      RealMatrix gives = new Array2DRowRealMatrix(n, n);
      double bends = section.metal().elasticity() * section.secondMoment();
      double twists = section.metal().rigidity() * section.torsion();
      for (int i = 0; i < n; i++) {
        for (int j = 0; j < n; j++) {
          Tab a = tabs.get(i);
          Tab b = tabs.get(j);
          double twist = a.lever * b.lever * touch(a.at, b.at) * span / twists;
          double own = i == j ? 1 / a.strip.stiffness() : 0;
          gives.setEntry(i, j, bend(a.at, b.at) / bends + twist + own);
        }
      }
      return new CholeskyDecomposition(gives, SYMMETRIC, Double.MIN_NORMAL)
          .getSolver()
          .solve(new ArrayRealVector(n, 1.0))
          .toArray();
    }

    /** Of a beam on two supports: at a place under a load of one at another, over its span (-). */
    private double touch(double a, double b) {
      return Math.min(a, b) / span * (1 - Math.max(a, b) / span);
    }

    /** How far such a beam sinks at a place under a load of one at another, times EI, m³. */
    private double bend(double a, double b) {
      double near = Math.min(a, b);
      double far = span - Math.max(a, b);
      return near * far * (span * span - near * near - far * far) / (6 * span);
    }

    @Override
    public double yield() {
      return Math.min(
          section.metal().yield(),
          tabs.stream().mapToDouble(t -> t.strip.yield()).min().orElseThrow());
    }

    @Override
    public double reach() {
      return tabs.stream().mapToDouble(t -> t.strip.reach()).max().orElseThrow();
    }

    @Override
    public double thickness() {
      return tabs.stream().mapToDouble(t -> t.strip.thickness()).min().orElseThrow();
    }

    @Override
    public Channel thicker(double thickness) {
      return new Channel(
          section,
          span,
          tabs.stream().map(t -> new Tab(t.at, t.lever, t.strip.thicker(thickness))).toList());
    }

    @Override
    public Channel shorter(double share) {
      return new Channel(
          section,
          span,
          tabs.stream().map(t -> new Tab(t.at, t.lever * share, t.strip.shorter(share))).toList());
    }

    Channel with(ChannelStock other) {
      return new Channel(other, span, tabs);
    }
  }
}
