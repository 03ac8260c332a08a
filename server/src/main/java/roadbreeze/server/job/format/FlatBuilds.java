package roadbreeze.server.job.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Shape 0: one fan that belongs to the truck, one cooler at most, everything of a build side by
 * side.
 */
final class FlatBuilds {
  // What the first release took for granted and later ones ask for.
  private static final double CORE_GAP = 12;
  private static final double FAN_TO_CORE = 30;
  private static final double TIP_GAP = 12;
  private static final double COOLER_GAP = 20;
  private static final double CLEAN = 0;

  /** Blades inside their shroud. */
  private static final double BLADES = 0.9;

  private static final double MEDIUM = 4500;

  private FlatBuilds() {}

  static ObjectNode upgrade(ObjectNode old) {
    ObjectNode job = old.deepCopy();
    ObjectNode vehicle = (ObjectNode) job.get("vehicle");
    boolean petrol = vehicle.at("/engine/kind").asString().equals("PETROL");
    boolean medium = vehicle.path("massKg").asDouble() >= MEDIUM;
    vehicle.put("kind", petrol ? "PETROL_UTILITY" : medium ? "MEDIUM_DIESEL" : "DIESEL_UTILITY");
    ObjectNode cooling = (ObjectNode) vehicle.get("cooling");
    JsonNode fan = cooling.remove("fan");
    cooling.put("coreGapMm", CORE_GAP).put("fanToCoreMm", FAN_TO_CORE).put("tipGapMm", TIP_GAP);
    cooling.put("chargeAirFirst", false).put("fanFactor", 1);
    job.putArray("obstacles");
    job.putArray("origins");
    ArrayNode builds = job.putArray("builds");
    for (JsonNode build : old.path("builds")) {
      builds.add(build(build, fan));
    }
    return job;
  }

  private static ObjectNode build(JsonNode old, JsonNode fan) {
    ObjectNode build = ((ObjectNode) old).objectNode();
    build.set("kind", old.get("kind"));
    build.set("name", old.get("name"));
    ObjectNode condition = build.putObject("condition");
    condition.set("finsBlockedPercent", old.get("finsBlockedPercent"));
    condition.put("condenserBlockedPercent", CLEAN);
    condition.set("recirculation", old.get("recirculation"));
    for (String thing : new String[] {"bugScreen", "winch", "plough", "lightBar"}) {
      condition.put(thing, false);
    }
    ObjectNode switching = build.putObject("switching");
    for (String point : new String[] {"thermostatStartC", "thermostatFullC", "fanOnC", "fanOffC"}) {
      switching.set(point, old.get(point));
    }
    build.set("oilOrder", old.get("oilOrder"));
    build.put("parallel", false);
    ArrayNode coolers = build.putArray("coolers");
    if (old.path("cooler") instanceof ObjectNode part) {
      ObjectNode cooler = coolers.addObject();
      cooler.set("part", part.deepCopy().put("price", 0));
      cooler.put("place", "FRONT");
      cooler.set("leftMm", old.get("coolerLeftMm"));
      cooler.set("bottomMm", old.get("coolerBottomMm"));
      cooler.put("gapMm", COOLER_GAP).put("sealed", true).put("ratingFactor", 1);
    }
    build.putArray("fans").add(fan(fan, old.get("fanSpeedPercent")));
    return build;
  }

  private static ObjectNode fan(JsonNode old, JsonNode speed) {
    ObjectNode fan = ((ObjectNode) old).objectNode();
    ObjectNode part = fan.putObject("part");
    double width = old.path("shroudWidthMm").asDouble();
    double height = old.path("shroudHeightMm").asDouble();
    part.put("code", "FOUND").put("name", "Fan as found");
    part.set("kind", old.get("kind"));
    part.put("count", 1).put("diameterMm", Math.min(width, height) * BLADES);
    for (String figure :
        new String[] {
          "freeFlowM3s",
          "shutoffPa",
          "pulleyRatio",
          "referenceRpm",
          "referenceKw",
          "gripsFromC",
          "gripsFullyC"
        }) {
      part.set(figure, old.has(figure) ? old.get(figure) : fan.nullNode());
    }
    part.put("price", 0);
    fan.put("mount", "PULLER");
    fan.set("shrouded", old.get("shrouded"));
    fan.set("leftMm", old.get("shroudLeftMm"));
    fan.set("bottomMm", old.get("shroudBottomMm"));
    fan.put("widthMm", width).put("heightMm", height);
    fan.set("speedPercent", speed);
    return fan;
  }
}
