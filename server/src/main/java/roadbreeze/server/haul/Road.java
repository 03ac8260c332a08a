package roadbreeze.server.haul;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import jakarta.validation.ValidatorFactory;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.server.csv.RecordCsv;

/** A road of the yard's own, on a usual day, with its worst stretch. */
public record Road(Haul haul, String about) {
  /** Read once, when first asked for. */
  private static final class Shipped {
    static final List<Road> ALL = read();

    private static List<Road> read() {
      try (ValidatorFactory factory = Validation.buildDefaultValidatorFactory()) {
        Validator validator = factory.getValidator();
        return List.of(
            new Road(
                new Haul("Long Tallow", 6, 75, 38, 600, true)
                    .on(
                        journey(
                            validator,
                            "long-tallow",
                            "Long Tallow",
                            22,
                            38,
                            15,
                            Journey.StartWarmth.WARM)),
                "14 km, steady, on a hot afternoon"),
            new Road(
                new Haul("Quarry Stair", 9, 40, 38, 600, true)
                    .on(
                        journey(
                            validator,
                            "quarry-stair",
                            "Quarry Stair",
                            22,
                            38,
                            14,
                            Journey.StartWarmth.WARM)),
                "short, steep, slow"),
            new Road(
                new Haul("Saltpan Flats", 0.5, 95, 44, 40, true)
                    .on(
                        journey(
                            validator,
                            "saltpan-flats",
                            "Saltpan Flats",
                            27,
                            45,
                            13,
                            Journey.StartWarmth.WARM)),
                "level and very hot"),
            new Road(
                new Haul("Lantern Cutting", 4, 60, -12, 900, false)
                    .on(journey(validator, "lantern-cutting", "Lantern Cutting", -18, -8, 7, null)),
                "winter climb"));
      }
    }

    private static Journey journey(
        Validator validator,
        String file,
        String name,
        double coldest,
        double hottest,
        double departure,
        Journey.StartWarmth start) {
      try (InputStream in = new ClassPathResource("roads/" + file + ".csv").getInputStream()) {
        RecordCsv.Reading read =
            new RecordCsv(RoadRow.class, validator, null).read(in.readAllBytes());
        List<RoadRow> rows = read.records().stream().map(RoadRow.class::cast).toList();
        return new Journey(
            name, RoadRow.points(rows), coldest, hottest, departure, start, List.of());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  public static List<Road> all() {
    return Shipped.ALL;
  }

  /** The haul on the road of a name as it ships; as it stands where there is none. */
  public static Haul shipped(Haul haul) {
    return all().stream()
        .filter(r -> r.haul().road().equals(haul.road()))
        .findFirst()
        .map(r -> haul.on(r.haul().journey()))
        .orElse(haul);
  }
}
