package roadbreeze.server.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.server.csv.CsvFault;
import roadbreeze.server.csv.RecordCsv;

class PartCsvTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();
  private static final String COOLER =
      "code,name,family,width_mm,height_mm,depth_mm,fins_per_inch,tube_pitch_mm,passes,"
          + "port_bore_mm,ports,bypass_opens_c,price\n";
  private static final String FAN =
      "code,name,kind,count,diameter_mm,free_flow_m3s,shutoff_pa,curve_m3s,curve_pa,volts,amps,"
          + "pulley_ratio,reference_rpm,reference_kw,grips_from_c,grips_fully_c,price\n";

  private static RecordCsv.Reading read(Class<? extends Record> type, String text) {
    return new RecordCsv(type, VALIDATOR, PartKind::code)
        .read(text.getBytes(StandardCharsets.UTF_8));
  }

  private static CoolerPart cooler(String row) {
    RecordCsv.Reading reading = read(CoolerPart.class, COOLER + row);
    assertThat(reading.problems()).isEmpty();
    return (CoolerPart) reading.records().get(0);
  }

  @ParameterizedTest
  @EnumSource(PartKind.class)
  void theShippedShelvesAreReadWholeAndWrittenBackAlike(PartKind kind) throws IOException {
    String file =
        new ClassPathResource("catalogue/" + kind.slug() + ".csv")
            .getContentAsString(StandardCharsets.UTF_8);
    RecordCsv.Reading reading = read(kind.part, file);
    assertThat(reading.problems()).isEmpty();
    assertThat(reading.records()).hasSizeGreaterThanOrEqualTo(8).doesNotHaveDuplicates();
    String written = new RecordCsv(kind.part, VALIDATOR, PartKind::code).write(reading.records());
    assertThat(read(kind.part, written).records()).isEqualTo(reading.records());
    assertThat(written.lines().findFirst()).isEqualTo(file.lines().findFirst());
  }

  @ParameterizedTest
  @ValueSource(strings = {"=1+2", "+A1", "-A1", "@SUM(A1)", "plain", "'=quoted", "a = b"})
  void noCellOfAnExportIsAFormulaAndItsTextComesBack(String name) {
    PumpPart part = new PumpPart("P-1", name, 3, 70);
    String written = new RecordCsv(PumpPart.class, VALIDATOR, PartKind::code).write(List.of(part));
    String cell = written.lines().toList().get(1).split(",")[1].replace("\"", "");
    assertThat(cell).doesNotStartWith("=").doesNotStartWith("+").doesNotStartWith("-");
    assertThat(cell).doesNotStartWith("@");
    List<Record> back = List.copyOf(read(PumpPart.class, written).records());
    // A quote that a person wrote before a sign is taken for one of ours.
    assertThat(back).containsExactly(new PumpPart("P-1", name.replace("'=", "="), 3, 70));
  }

  @ParameterizedTest
  @CsvSource({
    "280, 280",
    "11 in, 279.4",
    "28cm, 280",
    "0.28 m, 280",
    "280 mm, 280",
    "2.8e2, 280",
    "280.5, 280.5"
  })
  void aCellMayBringItsUnit(String width, double millimetres) {
    CoolerPart part =
        cooler("A,plate,STACKED_PLATE," + width + ",190,32,14,10.5,1,9.5,3/8 in barb,,165");
    assertThat(part.widthMm()).isCloseTo(millimetres, within(1e-9));
    assertThat(part.bypassOpensC()).isNull();
  }

  @Test
  void kindsAreReadAsPeopleWriteThem() {
    for (String family : List.of("STACKED_PLATE", "stacked plate", "Stacked-Plate")) {
      assertThat(cooler("A,plate," + family + ",280,190,32,14,10.5,1,9.5,barb,71 C,1").family())
          .isEqualTo(CoolerPart.Family.STACKED_PLATE);
    }
    assertThat(cooler("A,plate,plate-fin,280,190,32,14,10.5,1,9.5,barb,160 °F,1").bypassOpensC())
        .isCloseTo(71.11, within(0.01));
    RecordCsv.Trouble problem =
        read(CoolerPart.class, COOLER + "A,x,honeycomb,280,190,32,14,10.5,1,9.5,barb,,1")
            .problems()
            .get(0);
    assertThat(problem.column()).isEqualTo("family");
    assertThat(problem.finding().code()).isEqualTo(CsvFault.NOT_A_CHOICE);
  }

  @Test
  void columnsMayStandInAnyOrderWithOtherUnitsAndSpaces() {
    String file =
        "Price;Ports;Port bore in;Passes;Tube pitch mm;Fins per inch;Depth in;Height in;Width in;"
            + "Family;Name;Code\n"
            + "165;3/8 in barb;0,375;1;10,5;14;1,25;7,5;11;PLATE_FIN;plate;A\n";
    RecordCsv.Reading reading = read(CoolerPart.class, file);
    assertThat(reading.problems()).isEmpty();
    CoolerPart part = (CoolerPart) reading.records().get(0);
    assertThat(part.widthMm()).isCloseTo(279.4, within(1e-9));
    assertThat(part.portBoreMm()).isCloseTo(9.525, within(1e-9));
    assertThat(part.depthMm()).isCloseTo(31.75, within(1e-9));
  }

  @Test
  void aFansCurveIsAListAndMayBeMissing() {
    RecordCsv.Reading reading =
        read(
            FanPart.class,
            FAN
                + "A,fan,ELECTRIC,1,400,0.9,,0 0.4 0.8,210|160|40,12,14,,,,,,90\n"
                + "B,fan,electric,2,300,1900 cfm,180,,,12,2e1,,,,,,120\n");
    assertThat(reading.problems()).isEmpty();
    FanPart points = (FanPart) reading.records().get(0);
    assertThat(points.curveM3s()).containsExactly(0.0, 0.4, 0.8);
    assertThat(points.curvePa()).containsExactly(210.0, 160.0, 40.0);
    FanPart figure = (FanPart) reading.records().get(1);
    assertThat(figure.freeFlowM3s()).isCloseTo(0.8967, within(1e-4));
    assertThat(figure.curveM3s()).isNull();
    assertThat(figure.amps()).isEqualTo(20);
  }

  @ParameterizedTest
  @CsvSource({
    "1.5, csvFault.notANumber",
    "two, csvFault.notANumber",
    "0, refusal.outOfSpan",
    "'', csvFault.emptyCell"
  })
  void countsAreWholeAndInRange(String passes, String why) {
    RecordCsv.Trouble problem =
        read(CoolerPart.class, COOLER + "A,x,PLATE_FIN,280,190,32,14,10.5," + passes + ",9.5,b,,1")
            .problems()
            .get(0);
    assertThat(problem.row()).isEqualTo(2);
    assertThat(problem.column()).isEqualTo("passes");
    assertThat(problem.finding().code().key()).isEqualTo(why);
  }

  @Test
  void everyBadRowIsCountedAndTheFirstFiftyAreNamed() {
    StringBuilder file = new StringBuilder("code,name,cap_kpa,price\n");
    for (int i = 0; i < 80; i++) {
      file.append("C").append(i).append(",cap,hot,1\n");
    }
    file.append("GOOD,cap,90,1\n");
    RecordCsv.Reading reading = read(CapPart.class, file.toString());
    assertThat(reading.records()).isEmpty();
    assertThat(reading.problems()).hasSize(50);
    assertThat(reading.moreProblems()).isEqualTo(30);
    assertThat(reading.problems().get(49).row()).isEqualTo(51);
  }

  @Test
  void aHeaderIsNamedTwiceOrCutShortAndBlankLinesDoNotCount() {
    assertThat(
            read(CapPart.class, "code,name,cap_kpa,cap_psi,price\n")
                .problems()
                .get(0)
                .finding()
                .code())
        .isEqualTo(CsvFault.COLUMN_TWICE);
    assertThat(read(CapPart.class, "code,name,cap_kpa,price\n\n\nA,cap,90,1\n\n").records())
        .containsExactly(new CapPart("A", "cap", 90, 1));
    assertThat(read(CapPart.class, "code,name,cap_kpa,price\nA,cap\n").problems())
        .extracting(RecordCsv.Trouble::column)
        .containsExactly("cap_kpa", "price");
    // A name may hold what separates cells, if it is quoted.
    assertThat(
            read(CapPart.class, "code,name,cap_kpa,price\nA,\"cap, \"\"tall\"\"\",90,1\n")
                .records())
        .containsExactly(new CapPart("A", "cap, \"tall\"", 90, 1));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // Another price tells which mark is the decimal one.
        "A,cap,90,\"1,250\"/B,cap,89.6,12.50 | 1250",
        "A;cap;90;1.250/B;cap;89,6;12,50 | 1250",
        "A;cap;90;1,250/B;cap;89,6;12,5 | 1.25",
        "A,cap,90,\"1,250.50\"/B,cap,90,12 | 1250.5",
        "A;cap;90;1.250,50/B;cap;90;12 | 1250.5",
        "A,cap,90,1250/B,cap,90,12 | 1250"
      })
  void marksOfThousandsAndDecimalsAreThoseOfTheFile(String rows, double price) {
    String separator = rows.contains(";") ? ";" : ",";
    String header = String.join(separator, "code", "name", "cap_kpa", "price");
    RecordCsv.Reading reading = read(CapPart.class, header + "\n" + rows.replace('/', '\n'));
    assertThat(reading.problems()).isEmpty();
    assertThat(((CapPart) reading.records().get(0)).price()).isEqualTo(price);
  }

  @ParameterizedTest
  @ValueSource(strings = {"A,cap,90,\"1,250\"/B,cap,90,12", "A;cap;90;1,250/B;cap;89,6;2.5"})
  void aMarkThatCanBeReadTwoWaysIsRefusedWithItsRow(String rows) {
    String separator = rows.contains(";") ? ";" : ",";
    String header = String.join(separator, "code", "name", "cap_kpa", "price");
    RecordCsv.Reading reading = read(CapPart.class, header + "\n" + rows.replace('/', '\n'));
    RecordCsv.Trouble problem = reading.problems().get(0);
    assertThat(problem.finding().code()).isEqualTo(CsvFault.TWO_READINGS);
    assertThat(problem.row()).isEqualTo(2);
    assertThat(problem.column()).isEqualTo("price");
  }
}
