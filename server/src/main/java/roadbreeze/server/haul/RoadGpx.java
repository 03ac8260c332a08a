package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import roadbreeze.server.problem.Refusal;

/** GPX 1.0 and 1.1, tracks and routes. Read without anything that a file would have fetched. */
public final class RoadGpx {
  private static final double EARTH_RADIUS = 6_371_008.8;
  private static final double METRES_PER_DEGREE = Math.toRadians(EARTH_RADIUS);
  private static final int MOST_FIXES = 1_000_000;

  private RoadGpx() {}

  /**
   * One place as recorded.
   *
   * @param elevation m, not a number where the file has none
   */
  public record Fix(double latitude, double longitude, double elevation, @Nullable Instant time) {
    /** Along a great circle, m. */
    public double distanceTo(Fix other) {
      double phi = Math.toRadians(latitude);
      double phiOther = Math.toRadians(other.latitude);
      double a =
          square(Math.sin((phiOther - phi) / 2))
              + Math.cos(phi)
                  * Math.cos(phiOther)
                  * square(Math.sin(Math.toRadians(other.longitude - longitude) / 2));
      return 2 * EARTH_RADIUS * Math.asin(Math.min(1, Math.sqrt(a)));
    }

    private static double square(double x) {
      return x * x;
    }
  }

  /**
   * All tracks and routes, each with its fixes in order.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no GPX
   */
  public static List<List<Fix>> read(byte[] file) {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    // No document type and nothing from outside: a file of a stranger asks for neither.
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      return tracks(xml);
    } catch (XMLStreamException | NumberFormatException | DateTimeException e) {
      throw Refusal.NOT_GPX.refuse();
    }
  }

  private static List<List<Fix>> tracks(XMLStreamReader xml) throws XMLStreamException {
    List<List<Fix>> tracks = new ArrayList<>();
    boolean gpx = false;
    int fixes = 0;
    while (xml.hasNext()) {
      if (xml.next() != XMLStreamConstants.START_ELEMENT) {
        continue;
      }
      switch (xml.getLocalName()) {
        case "gpx" -> gpx = true;
        case "trk", "rte" -> tracks.add(new ArrayList<>());
        case "trkpt", "rtept" -> {
          if (!gpx || tracks.isEmpty() || ++fixes > MOST_FIXES) {
            throw Refusal.NOT_GPX.refuse();
          }
          tracks.get(tracks.size() - 1).add(fix(xml));
        }
        default -> {
          // Names, links and whatever else a device writes.
        }
      }
    }
    if (!gpx) {
      throw Refusal.NOT_GPX.refuse();
    }
    return tracks.stream().filter(t -> t.size() > 1).toList();
  }

  private static Fix fix(XMLStreamReader xml) throws XMLStreamException {
    String point = xml.getLocalName();
    double latitude = number(xml.getAttributeValue(null, "lat"), 90);
    double longitude = number(xml.getAttributeValue(null, "lon"), 180);
    double elevation = Double.NaN;
    Instant time = null;
    int depth = 1;
    while (depth > 0) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
      } else if (event == XMLStreamConstants.START_ELEMENT) {
        depth++;
        if (depth == 2 && xml.getLocalName().equals("ele")) {
          elevation = Double.parseDouble(xml.getElementText().trim());
          depth--;
        } else if (depth == 2 && xml.getLocalName().equals("time")) {
          time = time(xml.getElementText().trim());
          depth--;
        } else if (xml.getLocalName().equals(point)) {
          throw new XMLStreamException("a point inside a point");
        }
      }
    }
    return new Fix(latitude, longitude, elevation, time);
  }

  private static double number(@Nullable String text, double most) throws XMLStreamException {
    double value = text == null ? Double.NaN : Double.parseDouble(text.trim());
    if (!(Math.abs(value) <= most)) {
      throw new XMLStreamException("no such place on earth");
    }
    return value;
  }

  /** Null for what some devices write in its place. */
  private static @Nullable Instant time(String text) {
    try {
      return Instant.parse(text);
    } catch (DateTimeException e) {
      return null;
    }
  }

  /**
   * A road as a track. It lies nowhere on earth, so it is drawn due north from where the meridian
   * of Greenwich crosses the equator, with its own lengths and heights.
   */
  static String write(String name, List<RoadPoint> points) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("gpx");
      xml.writeDefaultNamespace("http://www.topografix.com/GPX/1/1");
      xml.writeAttribute("version", "1.1");
      xml.writeAttribute("creator", "Road Breeze");
      xml.writeStartElement("trk");
      element(xml, "name", name);
      xml.writeStartElement("trkseg");
      for (RoadPoint point : points) {
        xml.writeStartElement("trkpt");
        double north = point.distanceKm() * 1000 / METRES_PER_DEGREE;
        xml.writeAttribute("lat", String.format(Locale.ROOT, "%.7f", north));
        xml.writeAttribute("lon", "0");
        element(xml, "ele", String.format(Locale.ROOT, "%.1f", point.elevationM()));
        if (!point.place().isEmpty()) {
          element(xml, "name", point.place());
        }
        xml.writeEndElement();
      }
      xml.writeEndDocument();
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("a text in memory can be written", e);
    }
    return text.toString();
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }
}
