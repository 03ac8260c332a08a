package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.List;

/**
 * A state that may come and go several times, each time by the same steps: engine cold, battery
 * off.
 *
 * @param most times that it is opened
 * @param opens ids of the steps that make it
 * @param closes ids of the steps that end it again; where there are none, whatever does not bear it
 *     ends it
 * @param atFirst it holds at the beginning
 */
public record Toggle(
    String state, int most, List<String> opens, List<String> closes, boolean atFirst) {
  public Toggle {
    opens = List.copyOf(opens);
    closes = List.copyOf(closes);
  }

  List<String> all() {
    List<String> all = new ArrayList<>(opens);
    all.addAll(closes);
    return all;
  }

  /** Which time of these steps an id is, from 1; 0 where it is none of them. */
  int time(List<String> ids, String id) {
    int point = id.indexOf('.');
    String first = point < 0 ? id : id.substring(0, point);
    if (!ids.contains(first)) {
      return 0;
    }
    return point < 0 ? 1 : Integer.parseInt(id.substring(point + 1));
  }

  /** Id of the same step one time earlier. */
  String earlier(String id) {
    int point = id.indexOf('.');
    return again(id.substring(0, point), Integer.parseInt(id.substring(point + 1)) - 1);
  }

  /**
   * Id of a step when it is done again.
   *
   * @param time from 1
   */
  public static String again(String id, int time) {
    return time == 1 ? id : id + "." + time;
  }
}
