package roadbreeze.core.line;

import java.util.List;

/**
 * Hoses and filters of branches whose shares of the oil are known: what the pump has to push for
 * them, each branch's drop weighted by its share.
 *
 * @param branches their lines
 * @param shares of the oil, adding up to 1
 */
public record SharedLines(List<List<Resistance>> branches, List<Double> shares)
    implements Resistance {
  public SharedLines {
    branches = branches.stream().map(List::copyOf).toList();
    shares = List.copyOf(shares);
  }

  @Override
  public double pressureDrop(double volumeFlow, double density, double viscosity) {
    double drop = 0;
    for (int b = 0; b < branches.size(); b++) {
      double share = shares.get(b);
      for (Resistance line : branches.get(b)) {
        drop += share * line.pressureDrop(volumeFlow * share, density, viscosity);
      }
    }
    return drop;
  }

  @Override
  public double volume() {
    return branches.stream().flatMap(List::stream).mapToDouble(Resistance::volume).sum();
  }
}
