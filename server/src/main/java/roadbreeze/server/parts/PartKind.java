package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.problem.Within;

/**
 * The shelves of the catalogue. A kind of part is its record: the components, with their spans and
 * units, make the CSV columns, the shelf on screen, and the description of the file.
 */
public enum PartKind {
  OIL_COOLERS(CoolerPart.class),
  RADIATORS(RadiatorPart.class),
  FANS(FanPart.class),
  THERMOSTATS(ThermostatPart.class),
  CAPS(CapPart.class),
  CONTROLLERS(ControllerPart.class),
  CHARGE_AIR_COOLERS(ChargeAirPart.class),
  COOLANT_PUMPS(PumpPart.class),
  FAN_CLUTCHES(ClutchPart.class),
  FILTERS(FilterPart.class),
  ADAPTERS(AdapterPart.class),
  HOSES(HosePart.class),
  SENSORS(SensorPart.class),
  SENSOR_ADAPTERS(SensorAdapterPart.class),
  BREAKERS(BreakerPart.class),
  HYDRAULIC_COOLERS(HydraulicCoolerPart.class),
  SEALS(SealPart.class),
  SUPPLIES(SupplyPart.class);

  final Class<? extends Record> part;

  PartKind(Class<? extends Record> part) {
    this.part = part;
  }

  /** As in the API's paths and the names of CSV files: {@code oil-coolers}. */
  public String slug() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static PartKind of(String slug) {
    return Arrays.stream(values())
        .filter(k -> k.slug().equals(slug))
        .findFirst()
        .orElseThrow(() -> new UnknownThingException("the catalogue has no shelf " + slug));
  }

  /**
   * A column of a shelf.
   *
   * @param kind of quantity, null for text and choices
   * @param choices empty where it is no choice
   * @param list several numbers in one cell
   */
  public record Column(
      String name,
      @Nullable String kind,
      List<String> choices,
      boolean optional,
      boolean list,
      Double low,
      Double high) {
    static Column of(RecordComponent component) {
      Class<?> type = component.getType();
      Within span = RecordCsv.span(component);
      return new Column(
          component.getName(),
          span == null ? null : span.kind().key(),
          type.isEnum()
              ? Arrays.stream(type.getEnumConstants()).map(Object::toString).toList()
              : List.of(),
          !RecordCsv.needed(component),
          type == List.class,
          span == null ? null : span.min(),
          span == null ? null : span.max());
    }
  }

  /** What a part is known by. */
  static String code(Record part) {
    try {
      return (String) part.getClass().getMethod("code").invoke(part);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("every part has a code", e);
    }
  }

  public List<Column> columns() {
    return Arrays.stream(part.getRecordComponents()).map(Column::of).toList();
  }
}
