package roadbreeze.server.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A fluid against its limit, in words for whoever drives the truck. */
public record PaperGauge(String fluid, String peak, String says) {
  /**
   * @param margins empty where it cannot be computed as it is entered
   */
  public static List<PaperGauge> of(Optional<Margins> margins, Units.World world) {
    List<PaperGauge> gauges = new ArrayList<>();
    for (Fluid fluid : Fluid.values()) {
      margins
          .map(m -> m.of(fluid))
          .ifPresent(
              m ->
                  gauges.add(
                      new PaperGauge(
                          Words.of(fluid.with(), world),
                          Units.format(m.peak(), Kind.TEMPERATURE, world, 0),
                          Words.of(says(m), world))));
    }
    return gauges;
  }

  /** What binds first. */
  public static String worst(Optional<Margins> margins, Units.World world) {
    return margins
        .map(
            m ->
                Words.of(m.binding().with(), world)
                    + ": "
                    + Words.of(says(m.of(m.binding())), world))
        .orElseGet(() -> Words.of(HeadroomSays.NOT_COMPUTED.with(), world));
  }

  /** Headroom and how sure it is. */
  private static Finding says(Margin m) {
    return switch (m.standing()) {
      case HOLDS -> HeadroomSays.HOLDS.with(m.headroom(), m.limit(), m.sureHeadroom());
      case MARGINAL -> HeadroomSays.MARGINAL.with(m.headroom(), m.limit());
      case OVER -> HeadroomSays.OVER.with(-m.headroom(), m.limit());
    };
  }
}
