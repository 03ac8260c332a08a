package roadbreeze.server.row;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Something that stands in a list and is known by its id. */
public interface Row {
  String id();

  /** True if no two rows of a list have one id; rows that are nothing are left to others. */
  static boolean distinct(List<? extends Row> rows) {
    if (rows == null) {
      return true;
    }
    Set<String> ids = new HashSet<>();
    return rows.stream().allMatch(row -> row == null || ids.add(row.id()));
  }
}
