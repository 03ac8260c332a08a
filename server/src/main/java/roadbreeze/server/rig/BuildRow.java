package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.List;

/** A build without its lists, which are rows of their own. */
@Embeddable
public record BuildRow(
    @Enumerated(EnumType.STRING) Build.Kind kind,
    String name,
    @Embedded Condition condition,
    @Embedded SwitchPoints switching,
    @Embedded RadiatorPart radiator,
    @Enumerated(EnumType.STRING) Build.OilOrder oilOrder,
    boolean parallel) {

  public static BuildRow of(Build b) {
    return new BuildRow(
        b.kind(), b.name(), b.condition(), b.switching(), b.radiator(), b.oilOrder(), b.parallel());
  }

  public Build with(List<FittedCooler> coolers, List<FittedFan> fans) {
    return new Build(kind, name, condition, switching, radiator, oilOrder, parallel, coolers, fans);
  }
}
