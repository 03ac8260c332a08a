package roadbreeze.server.buying;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is bought. */
public enum CutListed implements Code {
  HOSE("name TEXT"),
  CHANNEL("metal TEXT", "web SIZE", "leg SIZE", "thickness SIZE"),
  STRIP("metal TEXT", "width SIZE", "thickness SIZE"),
  CLAMPS("count COUNT", "kind WORD", "outside SIZE"),
  ELBOWS("count COUNT", "bore SIZE"),
  ADAPTER("count COUNT", "fitting TEXT", "bore SIZE"),
  CLIPS("count COUNT", "outside SIZE"),
  SLEEVE("length SIZE", "outside SIZE", "hose NAME", "thing NAME"),
  HEAT_WRAP("length SIZE", "outside SIZE", "hose NAME", "thing NAME"),
  GROMMET("outside SIZE", "hose NAME", "thing NAME"),
  CAPS("count COUNT", "fitting TEXT"),
  PAINT("area AREA"),
  SCREW("count COUNT", "thread TEXT", "length SIZE"),
  PART("count COUNT", "name TEXT"),
  HARDWARE("count COUNT", "what WORD", "thread TEXT"),
  STOCK_UNKNOWN("hose NAME");

  private final List<Parameter> parameters;

  CutListed(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
