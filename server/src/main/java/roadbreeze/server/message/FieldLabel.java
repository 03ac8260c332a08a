package roadbreeze.server.message;

import roadbreeze.core.explain.Code;

/** The word for a field of a job or of a part, by the name of its property. */
public record FieldLabel(String name) implements Code {
  /**
   * Of the last property in a path such as {@code rig.vehicle.gearRatios[2]}; one that has no words
   * is nobody's here, and is not said back.
   */
  public static FieldLabel of(String path) {
    String bare = path.replaceAll("\\[[^]]*]", "");
    String name = bare.substring(bare.lastIndexOf('.') + 1);
    return new FieldLabel(Words.entries().containsKey("field." + name) ? name : "body");
  }

  @Override
  public String key() {
    return "field." + name;
  }
}
