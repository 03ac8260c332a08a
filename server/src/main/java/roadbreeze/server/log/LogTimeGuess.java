package roadbreeze.server.log;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import roadbreeze.server.log.LogTime.Form;
import roadbreeze.server.message.Units;

/** Which column of a log has its time, and how it is written. */
record LogTimeGuess(Form form, List<Integer> columns) {
  private static final Pattern NAMED =
      Pattern.compile("(?i).*(time|date|clock|elapsed|stamp|second|\\bsec\\b|^t$|^ms$|^s$).*");

  private static final Pattern MILLISECONDS = Pattern.compile("(?i).*(milli|\\bms\\b|_ms|\\[ms).*");

  /** Since 1970, of drives of this century. */
  private static final double EPOCH = 9e8;

  private static final double EPOCH_MILLISECONDS = 9e11;

  static LogTimeGuess of(LogHead head, Units.World world) {
    for (int i = 0; i + 1 < head.wide(); i++) {
      Form both = stamp(head.columns(i, i + 1), world);
      if (both != null) {
        return new LogTimeGuess(both, List.of(i, i + 1));
      }
    }
    for (int i = 0; i < head.wide(); i++) {
      Form written = stamp(head.column(i), world);
      if (written == null && rises(head.column(i), Form.CLOCK, head.decimalComma())) {
        written = Form.CLOCK;
      }
      if (written != null) {
        return new LogTimeGuess(written, List.of(i));
      }
    }
    for (int i = 0; i < head.wide(); i++) {
      String name = head.names().get(i);
      boolean named = NAMED.matcher(name).matches();
      if ((named || i == 0 && unnamed(name))
          && rises(head.column(i), Form.SECONDS, head.decimalComma())) {
        return new LogTimeGuess(number(name, head.numbers(i)), List.of(i));
      }
    }
    return new LogTimeGuess(Form.RATE, List.of());
  }

  private static boolean unnamed(String name) {
    return name.toLowerCase(Locale.ROOT).startsWith("column ");
  }

  private static Form number(String name, double[] rising) {
    double first = rising.length == 0 ? 0 : rising[0];
    if (first > EPOCH_MILLISECONDS) {
      return Form.EPOCH_MILLISECONDS;
    }
    if (first > EPOCH) {
      return Form.EPOCH_SECONDS;
    }
    return MILLISECONDS.matcher(name).matches() ? Form.MILLISECONDS : Form.SECONDS;
  }

  /** Of dates that can be read two ways the reader's world decides; null where it is no date. */
  private static Form stamp(List<String> texts, Units.World world) {
    if (rises(texts, Form.STAMP, false)) {
      return Form.STAMP;
    }
    boolean day = rises(texts, Form.STAMP_DAY_FIRST, false);
    boolean month = rises(texts, Form.STAMP_MONTH_FIRST, false);
    if (day && month) {
      return world == Units.World.METRIC ? Form.STAMP_DAY_FIRST : Form.STAMP_MONTH_FIRST;
    }
    return day ? Form.STAMP_DAY_FIRST : month ? Form.STAMP_MONTH_FIRST : null;
  }

  /** Most of them can be read and none of those is before another: a few rows may be broken. */
  private static boolean rises(List<String> texts, Form form, boolean decimalComma) {
    LogTime.Reader reader = new LogTime.Reader(form);
    double last = Double.NEGATIVE_INFINITY;
    int wrong = 0;
    for (String text : texts) {
      double at = reader.read(text, decimalComma);
      if (Double.isNaN(at) || at < last) {
        wrong++;
      } else {
        last = at;
      }
    }
    return texts.size() > 1 && wrong * 3 <= texts.size() && last > Double.NEGATIVE_INFINITY;
  }
}
