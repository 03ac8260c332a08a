package roadbreeze.core.roadlog;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What a calibration says beside its numbers. */
public enum CalibrationSays implements Code {
  FITS("before DIFFERENCE", "after DIFFERENCE", "readings COUNT"),
  /** The drives say nothing of it that was not known. */
  NOT_TOLD("factor WORD", "spread PERCENT"),
  /** Only together are they known. */
  NOT_APART("factor WORD", "other WORD", "correlation RATIO"),
  /** So far from what trucks are that something else is wrong. */
  FAR_OFF("factor WORD", "value RATIO", "spread PERCENT"),
  CHECKED("run TEXT", "before DIFFERENCE", "after DIFFERENCE"),
  NOT_CHECKED,
  WORSE_ELSEWHERE,
  /** Less now than at the last one, by more than both are unsure by. */
  DRIFTED("factor WORD", "change PERCENT", "spread PERCENT");

  private final List<Parameter> parameters;

  CalibrationSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
