package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/** What is bought to put a radiator in, beside brackets. */
public enum RadiatorBought implements Code {
  HOSE("end WORD", "length SIZE", "bore SIZE"),
  JOINER("end WORD", "piece SIZE", "bore SIZE"),
  CLAMPS("count COUNT", "outside SIZE"),
  FOAM("edge WORD", "thickness SIZE", "length SIZE"),
  SHEET("what WORD", "width SIZE", "height SIZE", "thickness SIZE");

  /** Wall of a coolant hose, m; own default. */
  private static final double HOSE_WALL = 4e-3;

  /** As thick as most core supports are, m; own default. */
  private static final double SHEET_THICKNESS = 1.5e-3;

  private final List<Parameter> parameters;

  RadiatorBought(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** All of it, as far as it is known. */
  public static List<Finding> of(RadiatorFit fit) {
    List<Finding> all = new ArrayList<>();
    for (Shell.End end : Shell.End.values()) {
      fit.hose(end).ifPresent(hose -> hose(end, hose, all));
    }
    for (Foam foam : Foam.of(fit)) {
      all.add(FOAM.with(foam.where(), foam.thickness(), foam.length()));
    }
    for (Plate plate : fit.plates()) {
      all.add(SHEET.with(plate.what(), plate.width(), plate.height(), SHEET_THICKNESS));
    }
    return all;
  }

  private static void hose(Shell.End end, NeckFit hose, List<Finding> to) {
    double bore = hose.other().diameter();
    int clamps =
        switch (hose.way()) {
          case AS_IT_IS -> 0;
          case TRIMMED -> 1;
          case BOUGHT -> 2;
          case JOINED -> 4;
        };
    if (hose.way() == NeckFit.Way.BOUGHT) {
      to.add(HOSE.with(end, hose.length(), bore));
    } else if (hose.way() == NeckFit.Way.JOINED) {
      to.add(JOINER.with(end, hose.piece(), bore));
    }
    if (clamps > 0) {
      to.add(CLAMPS.with(clamps, bore + 2 * HOSE_WALL));
    }
  }
}
