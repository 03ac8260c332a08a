package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.wiring.AdjusterPlace;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.School;
import roadbreeze.core.wiring.SwitchPlace;
import roadbreeze.server.parts.SensorAdapterPart;
import roadbreeze.server.parts.SensorPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * How one thing is switched and wired.
 *
 * @param id of the fan, cooler, tee or extra
 * @param fullC where its second speed comes or its ramp ends, null takes what is usual above on
 * @param keyed it stops with the key
 * @param air which wire of the air conditioning lets it run, where it runs with that at all
 * @param by how that wire meets the others
 * @param driver the driver has a switch for it
 * @param oneWire its switch or sender has no earth but its thread
 * @param swapped its motor's wires are swapped
 * @param otherSide it stands on the other side of the pack than it was made for
 * @param bladesTurned its blades were put on back to front
 * @param delayS after its trigger
 * @param amps that it draws in all, null takes its sheet's
 * @param adjusterAt where its controller is set, where it has one
 * @param switchAt where the driver's switch is, where there is one
 * @param probe what feels its temperature, null where that is not chosen
 * @param adapter what holds the probe in a hose, likewise
 */
@RecordBuilder
public record DeviceWiring(
    @Id String id,
    @NotNull School school,
    @Nullable @Within(min = 30, max = 150, kind = Kind.TEMPERATURE) Double fullC,
    boolean keyed,
    @NotNull Consumer.Air air,
    @NotNull Consumer.Joined by,
    boolean driver,
    boolean oneWire,
    boolean swapped,
    boolean otherSide,
    boolean bladesTurned,
    @NotNull Part.Ground earth,
    @Within(min = 0, max = 60, kind = Kind.DURATION) double delayS,
    @Nullable @Within(min = 0.2, max = 200, kind = Kind.CURRENT) Double amps,
    @NotNull AdjusterPlace adjusterAt,
    @NotNull SwitchPlace switchAt,
    @Nullable @Valid SensorPart probe,
    @Nullable @Valid SensorAdapterPart adapter)
    implements Row, DeviceWiringBuilder.With {

  /** As a thing is wired by a school where nobody has chosen otherwise. */
  static DeviceWiring usual(String id, School school) {
    return new DeviceWiring(
        id,
        school,
        null,
        true,
        Consumer.Air.REQUEST,
        Consumer.Joined.RELAY,
        false,
        school == School.THERMAL_SWITCH,
        false,
        false,
        false,
        Part.Ground.BODY,
        0,
        null,
        AdjusterPlace.BOX,
        SwitchPlace.DASH,
        null,
        null);
  }

  /** Its sensor has no earth: one wire, and an adapter without a screw for another. */
  boolean withoutEarth() {
    return oneWire && (adapter == null || !adapter.earthed());
  }
}
