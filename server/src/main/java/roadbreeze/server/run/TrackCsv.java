package roadbreeze.server.run;

import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import roadbreeze.core.log.Channel;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/**
 * A track as CSV: first the time in seconds since the run began, then each column under its name
 * with its unit in brackets; a column that nobody knew keeps its name. Empty where nothing was
 * recorded.
 */
final class TrackCsv {
  private final Track track;
  private final List<Units.Unit> units = new ArrayList<>();
  private final CSVPrinter printer;

  TrackCsv(Track track, Units.World world, Writer text) throws IOException {
    this.track = track;
    List<String> names = new ArrayList<>(List.of("time (s)"));
    for (Track.TrackColumn c : track.body().columns()) {
      Units.Unit unit = Units.shownIn(c.channel().kind(), world);
      boolean known = c.channel() != Channel.OTHER;
      units.add(known ? unit : new Units.Unit("", List.of(), 1, null));
      String name = known ? Words.of(c.channel().with(), world) : c.name();
      names.add(
          RecordCsv.guarded(
              known && !unit.label().isEmpty() ? name + " (" + unit.label() + ")" : name));
    }
    printer = new CSVPrinter(text, CSVFormat.DEFAULT);
    printer.printRecord(names);
  }

  void row(double time, float[] values) throws IOException {
    printer.print(time + track.offsetS());
    for (int i = 0; i < values.length; i++) {
      // They are kept to seven digits, and no more are given out.
      printer.print(Float.isNaN(values[i]) ? "" : (float) units.get(i).fromSi(values[i]));
    }
    printer.println();
  }
}
