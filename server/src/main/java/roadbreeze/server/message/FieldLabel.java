package roadbreeze.server.message;

import roadbreeze.core.explain.Code;

/** The word for a field of a job or of a part, by the name of its property. */
public record FieldLabel(String name) implements Code {
  /** Of the last property in a path such as {@code rig.vehicle.gearRatios[2]}. */
  public static FieldLabel of(String path) {
    String bare = path.replaceAll("\\[[^]]*]", "");
    return new FieldLabel(bare.substring(bare.lastIndexOf('.') + 1));
  }

  @Override
  public String key() {
    return "field." + name;
  }
}
