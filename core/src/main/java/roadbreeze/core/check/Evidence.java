package roadbreeze.core.check;

import java.util.List;
import java.util.Map;

/**
 * All that is known of what is wrong.
 *
 * @param complaint what was seen, and what was not; nothing of what nobody was asked
 * @param checked checks that came to a verdict before the work
 */
public record Evidence(
    Map<Symptom, Boolean> complaint, List<Moment> moments, List<Checked> checked) {
  public Evidence {
    complaint = Map.copyOf(complaint);
    moments = List.copyOf(moments);
    checked = List.copyOf(checked);
  }

  public boolean isNone() {
    return complaint.isEmpty() && moments.isEmpty() && checked.isEmpty();
  }

  /**
   * A check that came to a verdict.
   *
   * @param failed it found something wrong
   * @param found faults that it names, with their amounts; none where it only stops the work
   */
  public record Checked(Check check, boolean failed, List<Fault.At> found) {
    public Checked {
      found = List.copyOf(found);
    }

    /** In order. */
    public static Checked passed(Check check) {
      return new Checked(check, false, List.of());
    }
  }
}
