package roadbreeze.core.sizing;

import java.util.Comparator;
import java.util.stream.Stream;

/** Where the three fluids stand against their limits. */
public record Margins(Margin coolant, Margin feed, Margin pan) {
  public Margin of(Fluid fluid) {
    return switch (fluid) {
      case COOLANT -> coolant;
      case FEED -> feed;
      case PAN -> pan;
    };
  }

  /** The worst of the three. */
  public Standing standing() {
    return Stream.of(coolant, feed, pan)
        .map(Margin::standing)
        .max(Standing::compareTo)
        .orElseThrow();
  }

  /** The fluid whose limit is nearest in nine cases of ten. */
  public Fluid binding() {
    return Stream.of(Fluid.COOLANT, Fluid.PAN, Fluid.FEED)
        .min(Comparator.comparingDouble(f -> of(f).sureHeadroom()))
        .orElseThrow();
  }

  /** The least headroom of the three as computed, K. */
  public double headroom() {
    return Stream.of(coolant, feed, pan).mapToDouble(Margin::headroom).min().orElseThrow();
  }

  /** The least headroom of the three in nine cases of ten, K. */
  public double sure() {
    return of(binding()).sureHeadroom();
  }
}
