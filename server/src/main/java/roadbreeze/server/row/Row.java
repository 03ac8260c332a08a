package roadbreeze.server.row;

import java.util.List;

/** Something that stands in a list and is known by its id. */
public interface Row {
  String id();

  /** True if no two rows of a list have one id. */
  static boolean distinct(List<? extends Row> rows) {
    return rows == null || rows.stream().map(Row::id).distinct().count() == rows.size();
  }
}
