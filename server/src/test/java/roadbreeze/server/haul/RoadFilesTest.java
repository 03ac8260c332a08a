package roadbreeze.server.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.vehicle.Surface;
import roadbreeze.server.csv.CellProblem;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.message.Said;
import roadbreeze.server.problem.RefusedRequestException;

/** Roads in and out of files, broken ones among them. */
class RoadFilesTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();
  private static final String OPEN = "<gpx xmlns='http://www.topografix.com/GPX/1/1'>";

  private static RoadReading csv(String text) {
    return RoadReading.csv(text.getBytes(StandardCharsets.UTF_8), VALIDATOR);
  }

  private static RoadReading gpx(String text) {
    return RoadReading.gpx(text.getBytes(StandardCharsets.UTF_8));
  }

  /** A climb of 6 % to the north, a fix every 20 m and every two seconds. */
  private static String track(int fixes, boolean heights, boolean times) {
    return IntStream.range(0, fixes)
        .mapToObj(
            i ->
                String.format(
                    Locale.ROOT,
                    "<trkpt lat='%.7f' lon='8'>%s%s</trkpt>",
                    i * 20 / 111_194.9266,
                    heights ? "<ele>" + (600 + 1.2 * i) + "</ele>" : "",
                    times ? "<time>" + at(i * 2) + "</time>" : ""))
        .collect(Collectors.joining("", "<trk><name>n</name><trkseg>", "</trkseg></trk>"));
  }

  private static String at(int seconds) {
    return java.time.Instant.parse("2026-05-01T08:00:00Z").plusSeconds(seconds).toString();
  }

  private static List<String> codes(List<Said> said) {
    return said.stream().map(Said::code).toList();
  }

  @Test
  void whatIsWrittenAsCsvIsReadAgain() {
    for (Road road : Road.all()) {
      List<RoadPoint> points = road.haul().journey().points();
      String text = new RecordCsv(RoadRow.class, VALIDATOR, null).write(RoadRow.of(points));
      RoadReading read = csv(text);
      assertThat(read.problems()).isEmpty();
      assertThat(read.points()).isEqualTo(points);
    }
  }

  @Test
  void otherUnitsAndMissingColumnsAreTaken() {
    RoadReading read = csv("distance_mi;elevation_ft\n0;1000\n2;1500 ft\n");
    assertThat(read.points().get(1).distanceKm()).isCloseTo(3.218688, within(1e-6));
    assertThat(read.points().get(1).elevationM()).isCloseTo(457.2, within(1e-6));
    assertThat(read.points().get(0).speedKmh()).isEqualTo(RoadRow.USUAL_SPEED);
    assertThat(read.points().get(0).surface()).isEqualTo(Surface.ASPHALT);
  }

  @Test
  void aFileWithoutAHeaderSaysWhichColumnsThereAre() {
    RoadReading read = csv("0,600\n1,650\n");
    assertThat(read.points()).isEmpty();
    assertThat(read.problems())
        .extracting(p -> p.said().code())
        .contains("csvFault.noSuchColumn", "csvFault.columnMissing");
  }

  @Test
  void aWrongCellIsNamed() {
    RoadReading read = csv("distance_km,elevation_m,surface\n0,600,asphalt\n1,high,mud\n");
    assertThat(read.problems())
        .extracting(CellProblem::row, CellProblem::column)
        .contains(
            org.assertj.core.groups.Tuple.tuple(3L, "elevation_m"),
            org.assertj.core.groups.Tuple.tuple(3L, "surface"));
  }

  @Test
  void aLongOrBackwardFileIsSmoothed() {
    String rows =
        IntStream.range(0, 2000)
            .mapToObj(i -> (40 - i * 0.02) + "," + (600 + (2000 - i) * 0.5) + "," + 45)
            .collect(Collectors.joining("\n", "distance_km,elevation_m,speed_kmh\n", "\n"));
    RoadReading read = csv(rows);
    assertThat(codes(read.remarks())).contains("roadRemark.smoothed", "roadRemark.turned");
    assertThat(read.points()).hasSizeLessThanOrEqualTo(150);
    assertThat(read.points().get(0).speedKmh()).isEqualTo(45);
    assertThat(read.raw()).hasSize(1000);
  }

  @Test
  void aTrackGivesItsRoadAndTheSpeedThatWasDriven() {
    RoadReading read = gpx(OPEN + track(500, true, true) + "</gpx>");
    RoadPoint last = read.points().get(read.points().size() - 1);
    assertThat(last.distanceKm()).isCloseTo(9.98, within(0.02));
    assertThat(last.elevationM()).isCloseTo(600 + 1.2 * 499, within(2.0));
    // 20 m in two seconds: 36 km/h, in fives.
    assertThat(read.points().get(0).speedKmh()).isEqualTo(35);
    assertThat(codes(read.remarks())).contains("roadRemark.speedsRecorded");
  }

  @Test
  void ofTwoTracksTheLongerIsTakenAndRoutesCountToo() {
    String route =
        "<rte><rtept lat='0' lon='9'><ele>5</ele></rtept><rtept lat='0' lon='9.001'><ele>6</ele>"
            + "</rtept></rte>";
    RoadReading read = gpx(OPEN + track(100, true, false) + route + "</gpx>");
    assertThat(codes(read.remarks()))
        .contains("roadRemark.tracks", "roadRemark.speedUsual", "roadRemark.smoothed");
    assertThat(read.points().get(read.points().size() - 1).distanceKm()).isGreaterThan(1.9);
  }

  @Test
  void whatIsWrittenAsGpxIsTheSameRoad() {
    List<RoadPoint> points = Road.all().get(0).haul().journey().points();
    RoadReading read = gpx(RoadGpx.write("Long <Tallow> & back", points));
    RoadPoint last = read.points().get(read.points().size() - 1);
    RoadPoint own = points.get(points.size() - 1);
    assertThat(last.distanceKm()).isCloseTo(own.distanceKm(), within(0.01));
    assertThat(last.elevationM()).isCloseTo(own.elevationM(), within(2.0));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "not xml",
        "<gpx>",
        "<kml></kml>",
        "<gpx><trk><trkseg><trkpt lat='95' lon='0'/></trkseg></trk></gpx>",
        "<gpx><trk><trkseg><trkpt lat='5'/></trkseg></trk></gpx>",
        "<gpx><trk><trkseg><trkpt lat='1' lon='1'><ele>high</ele></trkpt></trkseg></trk></gpx>",
        "<!DOCTYPE gpx [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><gpx><trk><trkseg>"
            + "<trkpt lat='1' lon='1'><ele>&x;</ele></trkpt></trkseg></trk></gpx>",
        "<!DOCTYPE gpx [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;'>]>"
            + "<gpx><name>&b;</name></gpx>"
      })
  void hostileOrBrokenXmlIsRefused(String text) {
    assertThatThrownBy(() -> gpx(text))
        .isInstanceOf(RefusedRequestException.class)
        .hasMessageContaining("refusal.notGpx");
  }

  @Test
  void aTrackWithoutHeightsIsRefusedInWords() {
    assertThatThrownBy(() -> gpx(OPEN + track(50, false, true) + "</gpx>"))
        .hasMessageContaining("problem.noHeights");
  }

  @Test
  void aHundredThousandFixesAreRead() {
    String fixes =
        IntStream.range(0, 100_000)
            .mapToObj(
                i ->
                    String.format(
                        Locale.ROOT,
                        "<trkpt lat='%.7f' lon='8'><ele>%.1f</ele></trkpt>",
                        i * 5 / 111_194.9266,
                        600 + 40 * Math.sin(i / 500.0)))
            .collect(Collectors.joining("", "<trk><trkseg>", "</trkseg></trk>"));
    RoadReading read = gpx(OPEN + fixes + "</gpx>");
    assertThat(read.points()).hasSizeBetween(50, 150);
  }
}
