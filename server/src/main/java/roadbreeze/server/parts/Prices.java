package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import roadbreeze.server.message.Said;

/** What small things cost, as the shelves have it when they are asked. */
public final class Prices {
  /** No more than this is left of a length that is the same on both sides. */
  private static final double NOTHING = 1e-9;

  private record Priced(SupplyPart.What what, double upTo, double price) {}

  /**
   * A line to order.
   *
   * @param price of all of it in the yard's money, null where no shelf has one
   */
  public record PricedLine(Said said, @Nullable Double price) {}

  /**
   * Lines together.
   *
   * @param price of those that have one
   * @param unpriced how many have none
   */
  public record Sum(double price, int unpriced, int lines) {}

  private final List<Priced> shelf = new ArrayList<>();

  public Prices(
      List<SupplyPart> supplies, List<BreakerPart> breakers, List<ControllerPart> controllers) {
    supplies.forEach(s -> shelf.add(new Priced(s.what(), s.upTo(), s.price())));
    breakers.forEach(
        b -> shelf.add(new Priced(SupplyPart.What.valueOf(b.kind().name()), b.amps(), b.price())));
    for (ControllerPart c : controllers) {
      SupplyPart.What what =
          switch (c.kind()) {
            case FIXED_SWITCH -> SupplyPart.What.THERMAL_SWITCH;
            case ADJUSTABLE, TWO_SPEED -> SupplyPart.What.CONTROLLER;
            case DUTY -> SupplyPart.What.DUTY_CONTROLLER;
            case OVERRIDE -> SupplyPart.What.DRIVER_SWITCH;
          };
      shelf.add(new Priced(what, c.amps(), c.price()));
    }
  }

  /** Of the smallest that serves, and of several such the cheapest. */
  public OptionalDouble of(Need need) {
    if (need.each() != null) {
      return OptionalDouble.of(need.each() * need.quantity());
    }
    return shelf.stream()
        .filter(p -> p.what() == need.what() && p.upTo() >= need.size() - NOTHING)
        .min(Comparator.comparingDouble(Priced::upTo).thenComparingDouble(Priced::price))
        .map(p -> OptionalDouble.of(p.price() * need.quantity()))
        .orElse(OptionalDouble.empty());
  }

  public List<PricedLine> lines(List<Need> needs) {
    return needs.stream().map(this::line).toList();
  }

  public PricedLine line(Need need) {
    OptionalDouble price = of(need);
    return new PricedLine(Said.of(need.said()), price.isPresent() ? price.getAsDouble() : null);
  }

  /** What is needed over what is there already. */
  public Sum beyond(List<Need> needs, List<Need> there) {
    Map<List<Object>, Double> had = new LinkedHashMap<>();
    there.forEach(n -> had.merge(key(n), n.quantity(), Double::sum));
    double price = 0;
    int unpriced = 0;
    int lines = 0;
    for (Need n : needs) {
      double have = had.getOrDefault(key(n), 0.0);
      double more = n.quantity() - have;
      had.put(key(n), Math.max(0, -more));
      if (more > NOTHING) {
        OptionalDouble each = of(new Need(n.said(), n.what(), n.size(), more, n.each()));
        price += each.orElse(0);
        unpriced += each.isPresent() ? 0 : 1;
        lines++;
      }
    }
    return new Sum(price, unpriced, lines);
  }

  /** By what two needs are of one thing. */
  private static List<Object> key(Need n) {
    return n.each() == null
        ? List.of(n.what(), Math.rint(n.size() * 100))
        : List.of(n.said().arguments().get("name"), n.each());
  }
}
