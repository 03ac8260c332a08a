package roadbreeze.server.job.format;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shape 8: nobody measured what is round a radiator, and nobody held another against it. */
final class OldRadiators {
  private static final List<String> OWN =
      List.of(
          "overWidthMm",
          "overHeightMm",
          "pinsApartMm",
          "pinMm",
          "topsApartMm",
          "topsUpMm",
          "topsBackMm",
          "insert",
          "insertDepthMm",
          "upperAcrossMm",
          "upperUpMm",
          "upperBackMm",
          "upperNeckMm",
          "upperLooks",
          "lowerAcrossMm",
          "lowerUpMm",
          "lowerBackMm",
          "lowerNeckMm",
          "lowerLooks",
          "capUpMm",
          "drain",
          "oilPorts",
          "fanApartMm",
          "fanUpMm",
          "connector");
  private static final List<String> SEAT =
      List.of("leftMm", "rightMm", "topMm", "bushingMm", "screwInMm");

  private OldRadiators() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    if (job.get("nose") instanceof ObjectNode nose) {
      ObjectNode seat = nose.putObject("radiator");
      ObjectNode own = seat.putObject("own");
      OWN.forEach(own::putNull);
      SEAT.forEach(seat::putNull);
      for (String hose : List.of("upperHose", "lowerHose")) {
        seat.putObject(hose).putNull("lengthMm").putNull("straightMm").put("spring", false);
      }
      seat.putArray("reach");
    }
    for (JsonNode build : job.path("builds")) {
      if (build.get("mounting") instanceof ObjectNode mounting) {
        ObjectNode radiator = mounting.putObject("radiator");
        radiator.putArray("ticks");
        radiator.putArray("plates");
      }
    }
    return job;
  }
}
