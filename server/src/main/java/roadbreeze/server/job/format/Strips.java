package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Strips of shape 5 as brackets that are bent step by step; holes were not known of them. */
final class Strips {
  private Strips() {}

  static void upgrade(ObjectNode build) {
    ObjectNode mounting = build.objectNode();
    ArrayNode brackets = mounting.putArray("brackets");
    mounting.put("standOffMm", 0).put("roughGround", false);
    for (JsonNode strip : build.path("strips")) {
      brackets.add(bracket(strip));
    }
    build.remove("strips");
    build.set("mounting", mounting);
  }

  /** What is no strip at all is left to be refused. */
  private static JsonNode bracket(JsonNode strip) {
    if (!(strip instanceof ObjectNode old)) {
      return strip;
    }
    ObjectNode bracket = old.objectNode();
    for (String kept :
        new String[] {"id", "name", "quantity", "thicknessMm", "widthMm", "insideRadiusMm"}) {
      bracket.set(kept, strip.get(kept));
    }
    bracket.put("metal", "STEEL").put("tabMm", 0).putArray("holes");
    ArrayNode steps = bracket.putArray("steps");
    double left = strip.path("leftLegMm").asDouble(0);
    double right = strip.path("rightLegMm").asDouble(0);
    double offset = strip.path("offsetMm").asDouble(0);
    if (offset > 0) {
      double degrees = strip.path("offsetDegrees").asDouble(0);
      step(steps, "LEG", left, 0);
      step(steps, "BEND", 0, degrees);
      step(steps, "LEG", straight(strip, offset, Math.toRadians(degrees)), 0);
      step(steps, "BEND", 0, -degrees);
      step(steps, "LEG", right, 0);
    } else {
      step(steps, "LEG", left + right, 0);
    }
    double tab = strip.path("tabMm").asDouble(0);
    if (tab > 0) {
      step(steps, "BEND", 0, strip.path("tabDegrees").asDouble(0));
      step(steps, "LEG", tab, 0);
    }
    return bracket;
  }

  /** Between the bends of a joggle; what could not be bent has none. */
  private static double straight(JsonNode strip, double offset, double angle) {
    double reach =
        2 * strip.path("insideRadiusMm").asDouble(0) + strip.path("thicknessMm").asDouble(0);
    double straight = (offset - reach * (1 - Math.cos(angle))) / Math.sin(angle);
    return straight > 0 ? Math.round(straight * 100) / 100.0 : 0;
  }

  private static void step(ArrayNode steps, String kind, double length, double degrees) {
    steps
        .addObject()
        .put("id", "step-" + steps.size())
        .put("kind", kind)
        .put("lengthMm", length)
        .put("degrees", degrees);
  }
}
