package roadbreeze.server.csv;

import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Which mark a file writes decimals with and which groups thousands. {@code 1,250} alone can be
 * read two ways: the file as a whole decides, or nobody does.
 */
record NumberMarks(boolean pointDecimal, boolean commaDecimal) {
  /** A single mark with three digits after it and one to three before. */
  private static final Pattern COMMA_OPEN = Pattern.compile("[+-]?[1-9]\\d{0,2},\\d{3}");

  private static final Pattern POINT_OPEN = Pattern.compile("[+-]?[1-9]\\d{0,2}\\.\\d{3}");
  private static final Pattern COMMA_LAST = Pattern.compile("[^,]*,\\d*(e.*)?");
  private static final Pattern POINT_LAST = Pattern.compile("[^.]*\\.\\d*(e.*)?");

  /**
   * @param numbers all of a file, without their units
   */
  static NumberMarks of(Stream<String> numbers) {
    boolean[] seen = new boolean[2];
    numbers.forEach(
        text -> {
          if (!POINT_OPEN.matcher(text).matches() && POINT_LAST.matcher(text).matches()) {
            seen[0] = true;
          }
          if (!COMMA_OPEN.matcher(text).matches() && COMMA_LAST.matcher(text).matches()) {
            seen[1] = true;
          }
        });
    return new NumberMarks(seen[0], seen[1]);
  }

  /**
   * @return empty where it can be read two ways
   * @throws NumberFormatException if it is no number
   */
  Optional<Double> parse(String text) {
    boolean open = COMMA_OPEN.matcher(text).matches();
    if (open && pointDecimal == commaDecimal) {
      return Optional.empty();
    }
    boolean comma =
        open
            ? commaDecimal
            : COMMA_LAST.matcher(text).matches()
                || POINT_OPEN.matcher(text).matches() && commaDecimal && !pointDecimal;
    String plain = comma ? text.replace(".", "").replace(',', '.') : text.replace(",", "");
    return Optional.of(Double.parseDouble(plain));
  }
}
