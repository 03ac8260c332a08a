package roadbreeze.server.problem;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What can be wrong with a field, a file or a request, apart from physics. */
public enum Fault implements Code {
  OUT_OF_SPAN("field WORD", "value AMOUNT", "low AMOUNT", "high AMOUNT"),
  NOT_A_NUMBER("field WORD", "low AMOUNT", "high AMOUNT"),
  EMPTY("field WORD"),
  MISSING("field WORD"),
  TOO_LONG("field WORD", "most COUNT"),
  TOO_MANY("field WORD", "least COUNT", "most COUNT"),
  NOT_USABLE("field WORD"),
  STRANGE_SIGNS("field WORD"),
  NO_SUCH_BUILD,
  SAME_ID("id TEXT"),
  LAST_BUILD,
  AXIS_FALLS("axis WORD"),
  ROAD_TURNS_BACK("point COUNT", "distance LENGTH"),
  ROAD_TOO_LONG("takes TIME", "most TIME"),
  SEARCH_TOO_LARGE("sets COUNT", "most COUNT"),
  SAVED_ELSEWHERE,
  GONE_ELSEWHERE,
  NOT_HERE,
  NOT_READABLE,
  TOO_LARGE("megabytes COUNT"),
  NOT_A_JOB,
  NEWER_FORMAT("version COUNT"),
  DATABASE_AWAY,
  DATABASE_FULL,
  DATABASE_BUSY,
  TOO_MANY_QUESTIONS,
  OUR_SIDE;

  private final List<Parameter> parameters;

  Fault(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** As a refusal of the request. */
  public RefusedRequestException refuse(Object... values) {
    return new RefusedRequestException(with(values));
  }
}
