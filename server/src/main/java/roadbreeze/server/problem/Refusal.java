package roadbreeze.server.problem;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;

/** What can be wrong with a field, a file or a request, apart from physics. */
public enum Refusal implements Code {
  OUT_OF_SPAN("field WORD", "value AMOUNT", "low AMOUNT", "high AMOUNT"),
  NOT_A_NUMBER("field WORD", "low AMOUNT", "high AMOUNT"),
  EMPTY("field WORD"),
  MISSING("field WORD"),
  TOO_LONG("field WORD", "most COUNT"),
  TOO_MANY("field WORD", "least COUNT", "most COUNT"),
  NOT_USABLE("field WORD"),
  STRANGE_SIGNS("field WORD"),
  NO_SUCH_BUILD,
  NOT_IN_CIRCUIT,
  NO_SUCH_CHANNEL,
  NO_SUCH_COOLER,
  NO_PHOTO,
  TOO_MANY_PHOTOS("most COUNT"),
  SAME_ID("id TEXT"),
  LAST_BUILD,
  BOX_OR_TUBE,
  AXIS_FALLS("axis WORD"),
  NO_ROAD,
  ROAD_TURNS_BACK,
  ROAD_TOO_STEEP,
  ROAD_TOO_FAR("most DISTANCE"),
  NOT_GPX,
  NO_ROWS_OF_NUMBERS,
  PACKED,
  NOT_TEXT,
  TOO_MANY_TRACKS("most COUNT"),
  CLOCKS_DIFFER,
  GPX_WITHOUT_TIMES,
  CALIBRATION_OF_TWO,
  TOO_LITTLE_TO_CALIBRATE,
  CALIBRATION_BROKEN,
  ROAD_TOO_LONG("takes TIME", "most TIME"),
  SEARCH_TOO_LARGE("sets COUNT", "most COUNT"),
  SAVED_ELSEWHERE,
  GONE_ELSEWHERE,
  NOT_HERE,
  NOT_READABLE,
  TOO_LARGE("megabytes COUNT"),
  NOT_A_JOB,
  NOT_A_LAYOUT,
  NEWER_FORMAT("version COUNT"),
  NOT_TASKS,
  TASK_UNREADABLE("where TEXT"),
  TASKS_DO_NOT_FIT("faults FINDINGS"),
  ORDER_IS_SIGNED,
  EVENT_NOT_WHOLE,
  NO_ORDER("steps TEXT"),
  WORK_IS_OPEN("what TEXT"),
  NOT_A_RUN,
  RUN_OF_ANOTHER_JOB,
  WHOSE_IS_IT,
  ERASE_BY_NAME,
  RECORDS_ALREADY,
  NO_GAUGE_ADDRESS,
  GAUGE_AWAY,
  NEVER_DUE,
  WHY_PUT_OFF,
  PUT_OFF_TO_WHEN,
  DONE_TOMORROW,
  NO_TRUCK_READS("what TEXT"),
  ODOMETER_BACKWARDS("read DISTANCE"),
  TOO_MANY_FOLLOW_UPS("most COUNT"),
  SIGN_IN,
  NOT_YOURS,
  WRONG_PASSWORD,
  WRONG_CODE,
  TRIED_TOO_OFTEN,
  SAME_NAME("name TEXT"),
  LAST_OWNER,
  DATABASE_AWAY,
  DATABASE_FULL,
  DATABASE_BUSY,
  TOO_MANY_QUESTIONS,
  OUR_SIDE;

  private final List<Parameter> parameters;

  Refusal(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** The fault that a constraint of our own names as its message. */
  static Optional<Refusal> named(String message) {
    return Arrays.stream(values()).filter(f -> f.name().equals(message)).findFirst();
  }

  /** As a refusal of the request. */
  public RefusedRequestException refuse(Object... values) {
    return new RefusedRequestException(with(values));
  }
}
