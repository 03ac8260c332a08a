package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.radiator.FitRow.State;
import roadbreeze.core.radiator.FitRow.What;

/** A thing of the old radiator, and what becomes of it. */
public record CarriedOver(Item item, Fate fate) {
  /** What is forgotten on the old one. */
  public enum Item implements Code {
    BUSHINGS(What.PINS),
    TOP_BRACKETS(What.TOPS),
    SPEED_NUTS(What.INSERT),
    SIDE_SEALS(What.WIDTH),
    TOP_SEAL(What.HEIGHT),
    UPPER_HOSE(What.UPPER_NECK),
    LOWER_HOSE(What.LOWER_NECK),
    CAP(What.CAP),
    OVERFLOW_HOSE(What.CAP),
    OIL_FITTINGS(What.OIL_PORTS),
    SHROUD(What.FAN),
    FAN_PLUG(What.CONNECTOR);

    private final What hangsOn;

    Item(What hangsOn) {
      this.hangsOn = hangsOn;
    }

    /** It is the seal along an edge. */
    private boolean closes(Foam.Edge edge) {
      return edge == Foam.Edge.TOP ? this == TOP_SEAL : this == SIDE_SEALS;
    }
  }

  /** What becomes of it. */
  public enum Fate implements Code {
    /** Moved first, on the bench. */
    CARRIES,
    /** Another is bought or made. */
    ANOTHER,
    /** The new one has no place for it. */
    NOT_NEEDED,
    /** Seen only when both lie on the bench. */
    LOOK
  }

  /** Said where the new one has no place for it. */
  private static final Set<Code> NO_PLACE =
      Set.of(
          RadiatorSays.CAP_ELSEWHERE,
          RadiatorSays.NO_OIL_COOLER,
          RadiatorSays.NO_OIL_PORTS,
          RadiatorSays.OIL_PORTS_UNUSED);

  /** Said where work is done, but with the old one. */
  private static final Set<Code> STAYS =
      Set.of(
          NeckFit.Says.TRIMMED,
          RadiatorSays.BUSHINGS_MOVE,
          RadiatorSays.BUSHING_PLATES,
          RadiatorSays.PINS_LOOSE);

  /**
   * @param fit a radiator that is held against its truck
   */
  public static List<CarriedOver> of(RadiatorFit fit) {
    List<CarriedOver> all = new ArrayList<>();
    List<Foam> foam = Foam.of(fit);
    for (FitRow row : fit.rows()) {
      for (Item item : Item.values()) {
        if (item.hangsOn == row.what()) {
          boolean another = foam.stream().anyMatch(f -> item.closes(f.where()));
          all.add(new CarriedOver(item, another ? Fate.ANOTHER : fate(row)));
        }
      }
    }
    return all;
  }

  private static Fate fate(FitRow row) {
    if (says(row, NO_PLACE)) {
      return Fate.NOT_NEEDED;
    }
    if (row.state() == State.FITS || says(row, STAYS)) {
      return Fate.CARRIES;
    }
    return row.state() == State.MAKE ? Fate.ANOTHER : Fate.LOOK;
  }

  private static boolean says(FitRow row, Set<Code> any) {
    return row.says().stream().anyMatch(f -> any.contains(f.code()));
  }
}
