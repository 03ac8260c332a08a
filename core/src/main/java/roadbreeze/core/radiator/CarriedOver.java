package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.radiator.FitRow.State;
import roadbreeze.core.radiator.FitRow.What;

/** A thing of the old radiator, and what becomes of it. */
public record CarriedOver(Item item, Fate fate) {
  /** What is forgotten on the old one. */
  public enum Item implements Code {
    RUBBERS(What.PINS),
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
    private boolean closes(RadiatorFit.Foam.Edge edge) {
      return edge == RadiatorFit.Foam.Edge.TOP ? this == TOP_SEAL : this == SIDE_SEALS;
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

  /**
   * @param fit a radiator that is held against its truck
   */
  public static List<CarriedOver> of(RadiatorFit fit) {
    List<CarriedOver> all = new ArrayList<>();
    for (FitRow row : fit.rows()) {
      for (Item item : Item.values()) {
        if (item.hangsOn == row.what()) {
          boolean another = fit.foam().stream().anyMatch(f -> item.closes(f.where()));
          all.add(new CarriedOver(item, another ? Fate.ANOTHER : fate(row)));
        }
      }
    }
    return all;
  }

  private static Fate fate(FitRow row) {
    boolean none =
        row.says().stream()
            .anyMatch(
                f ->
                    f.code() == RadiatorSays.CAP_ELSEWHERE
                        || f.code() == RadiatorSays.NO_OIL_COOLER
                        || f.code() == RadiatorSays.NO_OIL_PORTS
                        || f.code() == RadiatorSays.OIL_PORTS_UNUSED);
    if (none) {
      return Fate.NOT_NEEDED;
    }
    boolean stays =
        row.says().stream()
            .anyMatch(
                f ->
                    f.code() == NeckFit.Says.TRIMMED
                        || f.code() == RadiatorSays.BUSH_HOLES_MOVE
                        || f.code() == RadiatorSays.BUSH_PLATES
                        || f.code() == RadiatorSays.PINS_LOOSE);
    if (row.state() == State.FITS || stays) {
      return Fate.CARRIES;
    }
    return row.state() == State.MAKE ? Fate.ANOTHER : Fate.LOOK;
  }
}
