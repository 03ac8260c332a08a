package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * One build of the truck, side by side with the others.
 *
 * @param radiator that replaces the truck's own, null where that stays
 * @param parallel several oil coolers share the oil instead of passing it on
 * @param coolers auxiliary oil coolers in the order the oil reaches them
 */
public record Build(
    @NotNull Kind kind,
    @NotBlank @Size(max = 40) String name,
    @NotNull @Valid Condition condition,
    @NotNull @Valid SwitchPoints switching,
    @Nullable @Valid RadiatorPart radiator,
    @NotNull OilOrder oilOrder,
    boolean parallel,
    @NotNull @Size(max = 3) List<@NotNull @Valid FittedCooler> coolers,
    @NotNull @Size(min = 1, max = 4) List<@NotNull @Valid FittedFan> fans) {

  /** What a build is for. */
  public enum Kind {
    AS_FOUND,
    RESTORED,
    PLAN
  }

  /** The oil's way past the in-tank cooler and the fitted ones. */
  public enum OilOrder {
    AFTER_TANK,
    BEFORE_TANK,
    TANK_BYPASSED
  }

  public Build {
    coolers = coolers == null ? null : List.copyOf(coolers);
    fans = fans == null ? null : List.copyOf(fans);
  }

  public Build withCoolers(List<FittedCooler> newCoolers) {
    return new Build(
        kind, name, condition, switching, radiator, oilOrder, parallel, newCoolers, fans);
  }

  public Build withFans(List<FittedFan> newFans) {
    return new Build(
        kind, name, condition, switching, radiator, oilOrder, parallel, coolers, newFans);
  }

  public Build withOilOrder(OilOrder newOrder) {
    return new Build(kind, name, condition, switching, radiator, newOrder, parallel, coolers, fans);
  }

  public Build withParallel(boolean newParallel) {
    return new Build(
        kind, name, condition, switching, radiator, oilOrder, newParallel, coolers, fans);
  }

  public Build withRadiator(RadiatorPart newRadiator) {
    return new Build(
        kind, name, condition, switching, newRadiator, oilOrder, parallel, coolers, fans);
  }

  public Build withSwitching(SwitchPoints newSwitching) {
    return new Build(
        kind, name, condition, newSwitching, radiator, oilOrder, parallel, coolers, fans);
  }

  public Build named(Kind newKind, String newName) {
    return new Build(
        newKind, newName, condition, switching, radiator, oilOrder, parallel, coolers, fans);
  }
}
