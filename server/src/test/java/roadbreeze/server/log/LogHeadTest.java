package roadbreeze.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.log.Channel;
import roadbreeze.server.log.LogTime.Form;
import roadbreeze.server.message.Units.World;
import roadbreeze.server.problem.RefusedRequestException;

/** Files as loggers write them, each in its own way. */
class LogHeadTest {
  /** What was read. */
  private record Rows(List<Double> times, List<double[]> values, LogRows.LogRead read) {}

  private static LogPlan plan(String file, World world) {
    return LogHead.of(file).plan(world);
  }

  private static Rows read(String file, LogPlan plan) throws IOException {
    List<Double> times = new ArrayList<>();
    List<double[]> values = new ArrayList<>();
    LogRows.LogRead read =
        LogRows.of(
            new StringReader(file),
            plan,
            (t, v) -> {
              times.add(t);
              values.add(v.clone());
            });
    return new Rows(times, values, read);
  }

  private static List<Channel> channels(LogPlan plan) {
    return plan.columns().stream().map(LogPlan.LogColumn::channel).toList();
  }

  @Test
  void commasPointsAndUnitsInBrackets() throws IOException {
    String file =
        """
        Time (sec),Engine RPM (rpm),Coolant Temp (°F),Vehicle Speed (mph),Fuel trim (%)
        0.0,800,194,0,1.5
        0.5,1500,195.8,10.5,2
        1.0,2100,197.6,21,-1
        """;
    LogPlan plan = plan(file, World.METRIC);
    assertThat(channels(plan))
        .containsExactly(null, Channel.RPM, Channel.COOLANT, Channel.SPEED, Channel.OTHER);
    assertThat(plan.time()).isEqualTo(Form.SECONDS);
    assertThat(plan.columns()).noneMatch(LogPlan.LogColumn::guessed);
    Rows rows = read(file, plan);
    assertThat(rows.times).containsExactly(0.0, 0.5, 1.0);
    assertThat(rows.values.get(1)[1]).isCloseTo(91, within(1e-9));
    assertThat(rows.values.get(2)[2]).isCloseTo(21 * 0.44704, within(1e-9));
    assertThat(rows.values.get(2)[3]).isEqualTo(-1);
  }

  @Test
  void semicolonsDecimalCommasAndALineOfUnits() throws IOException {
    String file =
        """
        Recorder 3, box 12
        driver;somebody;;
        Datum Time;ECT;TFT;GPS speed
        dd.mm.yyyy hh:mm:ss;°C;°C;km/h
        28.11.2026 09:59:59,500;90,5;71,25;36
        28.11.2026 10:00:00,000;90,6;71,50;72
        28.11.2026 10:00:00,500;90,7;71,75;72
        """;
    LogPlan plan = plan(file, World.IMPERIAL);
    assertThat(plan.separator()).isEqualTo(";");
    assertThat(plan.decimalComma()).isTrue();
    assertThat(plan.time()).isEqualTo(Form.STAMP_DAY_FIRST);
    Rows rows = read(file, plan);
    assertThat(rows.times).containsExactly(0.0, 0.5, 1.0);
    assertThat(rows.values.get(1)).containsExactly(90.6, 71.5, 20);
    assertThat(rows.read.time().began()).isEqualTo("2026-11-28T09:59:59.500Z");
  }

  /** Commas part nothing where each of them stands before decimals. */
  @Test
  void decimalCommasPartNoFields() {
    String file =
        """
        Time (s);ECT (°C);trans temp;Speed (km/h)
        0,0;88,00;190,0;50,0
        0,5;88,02;190,0;51,0
        1,0;88,04;190,0;52,0
        1,5;88,07;190,0;53,0
        """;
    LogPlan plan = plan(file, World.METRIC);
    assertThat(plan.separator()).isEqualTo(";");
    assertThat(channels(plan)).containsExactly(null, Channel.COOLANT, Channel.PAN, Channel.SPEED);
    assertThat(plan.columns().get(2).guessed()).isTrue();
  }

  @Test
  void whatNoHeaderSaysIsGuessedByItsNumbers() throws IOException {
    String file =
        """
        ms\tcoolant\ttrans temp\tspeed\tbaro\tvbat
        120000\t201\t188\t55\t29.1\t13800
        120100\t202\t189\t55\t29.1\t13810
        120200\t203\t190\t56\t29.1\t13820
        """;
    LogPlan plan = plan(file, World.IMPERIAL);
    assertThat(plan.time()).isEqualTo(Form.MILLISECONDS);
    assertThat(plan.columns().stream().skip(1)).allMatch(LogPlan.LogColumn::guessed);
    assertThat(plan.columns())
        .extracting(LogPlan.LogColumn::unit)
        .containsExactly("", "°F", "°F", "mph", "inHg", "mV");
    Rows rows = read(file, plan);
    assertThat(rows.times).containsExactly(0.0, 0.1, 0.2);
    assertThat(rows.values.get(0)[4]).isCloseTo(13.8, within(1e-9));
    assertThat(
            plan(file.replace("55", "88").replace("56", "89"), World.METRIC)
                .columns()
                .get(3)
                .unit())
        .isEqualTo("km/h");
  }

  @Test
  void aDateBesideAClockAndAnUnderscoredUnit() throws IOException {
    String file =
        """
        date,clock,pan_degC,fan,speed_kmh,speed_kmh
        2026-11-28,23:59:59,80,off,50,1
        2026-11-28,23:59:60,80,off,50,1
        2026-11-29,00:00:01,81,on,n/a,1
        2026-11-29,00:00:02,81,on,51,1
        2026-11-29,00:00:03,81,on,51,1
        """;
    LogPlan plan = plan(file, World.METRIC);
    assertThat(plan.timeColumns()).containsExactly(0, 1);
    assertThat(channels(plan))
        .containsExactly(null, null, Channel.PAN, Channel.FAN, Channel.SPEED, Channel.OTHER);
    Rows rows = read(file, plan);
    assertThat(rows.times).containsExactly(0.0, 2.0, 3.0, 4.0);
    assertThat(rows.read.broken()).containsEntry(LogRows.Fault.NO_TIME, 1L);
    assertThat(rows.values.get(1)[1]).isEqualTo(1);
    assertThat(rows.values.get(1)[2]).isNaN();
  }

  @Test
  void withoutANameOrATime() throws IOException {
    Rows rows = read("1;2\n3;4\n5;6\n7;8\n", plan("1;2\n3;4\n5;6\n7;8\n", World.METRIC));
    assertThat(rows.times).containsExactly(0.0, 2.0, 4.0, 6.0); // its first column rises
    String still = "temp,x\n9,2\n9,4\n8,6\n9,8\n";
    LogPlan plan = plan(still, World.METRIC);
    assertThat(plan.time()).isEqualTo(Form.RATE);
    assertThat(read(still, plan.withEvery(0.25)).times).containsExactly(0.0, 0.25, 0.5, 0.75);
  }

  @Test
  void brokenRowsAreCountedAndShown() throws IOException {
    String file =
        """
        time,coolant (°C),speed (km/h)
        0,90,10
        1,91,10
        oops
        0.5,92,10
        2,=HYPERLINK(1),10
        3,93,11
        """;
    Rows rows = read(file, plan(file, World.METRIC));
    assertThat(rows.times).containsExactly(0.0, 1.0, 2.0, 3.0);
    assertThat(rows.values.get(2)[0]).isNaN();
    assertThat(rows.read.broken())
        .containsEntry(LogRows.Fault.NO_TIME, 1L)
        .containsEntry(LogRows.Fault.TIME_FALLS, 1L)
        .containsEntry(LogRows.Fault.NO_NUMBER, 1L);
    assertThat(rows.read.shown()).extracting(LogRows.BrokenRow::line).containsExactly(4L, 5L, 6L);
  }

  @Test
  void aClockGoesPastMidnight() throws IOException {
    String file = "clock;coolant [°C]\n23:59:58;80\n23:59:59;80\n00:00:00;81\n00:00:01;82\n";
    Rows rows = read(file, plan(file, World.METRIC));
    assertThat(rows.times).containsExactly(0.0, 1.0, 2.0, 3.0);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"PK\u0003\u0004 packed", "7z packed", "a\u0000b", "nothing\nof use\n", ""})
  void whatIsNoLogIsRefusedInWords(String file) {
    assertThatThrownBy(() -> LogHead.of(LogText.head(file.getBytes(StandardCharsets.ISO_8859_1))))
        .isInstanceOf(RefusedRequestException.class);
  }
}
