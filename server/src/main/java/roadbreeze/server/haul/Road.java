package roadbreeze.server.haul;

import java.util.List;

/** The yard's own roads, each by its worst stretch. */
public record Road(Haul haul, String about) {
  public static final List<Road> ALL =
      List.of(
          new Road(
              new Haul("Long Tallow", 6, 75, 38, 600, true), "14 km, steady, on a hot afternoon"),
          new Road(new Haul("Quarry Stair", 9, 40, 38, 600, true), "short, steep, slow"),
          new Road(new Haul("Saltpan Flats", 0.5, 95, 44, 40, true), "level and very hot"),
          new Road(new Haul("Lantern Cutting", 4, 60, -12, 900, false), "winter climb"));
}
