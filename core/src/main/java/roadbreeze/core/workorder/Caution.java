package roadbreeze.core.workorder;

/** What can hurt, in the words that stand beside the step. */
public enum Caution {
  HOT_CAP(
      "Never open a hot cap: scalding coolant under pressure. Open only when a hand can rest on the"
          + " radiator hose."),
  SELF_STARTING_FAN(
      "The fan can start by itself with the engine off. Pull its fuse or take the battery lead off"
          + " first."),
  TURNING_FAN("Keep hands, sleeves and tools clear of the fan; do this with the engine stopped."),
  STANDS("Level ground, wheels chocked, truck on stands. Never under a jack alone."),
  BATTERY_OFF("Battery lead off before electrical work and before any welding."),
  BURNS("Oil and exhaust burn: let the truck cool before lines are opened."),
  POISON(
      "Coolant poisons people and animals: catch every drop, keep it covered, dispose of it by local"
          + " rules."),
  REFRIGERANT(
      "Never open a refrigerant line. Move the condenser on its hoses; only licensed people"
          + " disconnect it."),
  SHARP_EDGES("Fins and cut strip are sharp: gloves and eye protection."),
  ZINC_FUMES("Do not weld coated steel: zinc fumes. Grind the coating off well past the weld."),
  SECOND_PERSON("The pack is heavy and easily bent: a second person lifts."),
  RATINGS(
      "Cooling raises no rating: truck, hitch, axle and trailer limits stand as their makers set"
          + " them."),
  MANUAL(
      "The maker's service manual and a licensed mechanic win over this sheet wherever they differ."),
  EMISSIONS(
      "A thermostat other than the maker's may break emissions rules where you live. Check first.");

  private final String text;

  Caution(String text) {
    this.text = text;
  }

  public String text() {
    return text;
  }
}
