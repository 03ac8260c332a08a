package roadbreeze.server.csv;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What can be wrong with a file of parts. */
public enum CsvFault implements Code {
  EMPTY_FILE,
  NOT_CSV,
  TOO_MANY_ROWS("most COUNT"),
  NO_SUCH_COLUMN("columns TEXT"),
  COLUMN_TWICE,
  COLUMN_MISSING,
  EMPTY_CELL,
  NOT_A_NUMBER,
  TWO_READINGS,
  UNIT_NOT_HERE("unit TEXT"),
  NOT_A_CHOICE("choices TEXT"),
  CODE_TWICE("row COUNT");

  private final List<Parameter> parameters;

  CsvFault(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
