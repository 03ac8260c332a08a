package roadbreeze.server.live;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Reads a gauge for as long as it is wanted, and comes again when it has lost it: what it missed
 * meanwhile it asks for.
 */
final class GaugeLink implements Runnable {
  private static final Logger LOG = LoggerFactory.getLogger(GaugeLink.class);

  private static final int CONNECT_MS = 2000;

  /** A gauge says something each second. */
  private static final int SILENT_MS = 4000;

  private static final int AGAIN_MS = 500;

  /** A longer line is no line of a gauge. */
  private static final int LONGEST = 4096;

  private final String host;
  private final int port;
  private final Hears hears;
  private volatile boolean wanted = true;
  private volatile Socket socket;
  private Writer out;

  /** Who is told. */
  interface Hears {
    void connected(String name);

    /**
     * A drive.
     *
     * @param id that no other has
     * @param seconds that it lasts already
     */
    void drives(String id, double seconds);

    void channels(List<GaugeLines.GaugeColumn> columns);

    void row(GaugeLines.Row row);

    /** It is there, and says no more than that. */
    void alive(boolean idle);

    void ended();

    void lost();

    /** After which row of which drive it wants to hear: what {@code since} asks. */
    String since();
  }

  /**
   * @param address host and port
   */
  GaugeLink(String address, Hears hears) {
    int colon = address.lastIndexOf(':');
    host = address.substring(0, colon);
    port = Integer.parseInt(address.substring(colon + 1));
    this.hears = hears;
  }

  @Override
  public void run() {
    while (wanted) {
      try (Socket connected = new Socket()) {
        connected.connect(new InetSocketAddress(host, port), CONNECT_MS);
        connected.setSoTimeout(SILENT_MS);
        connected.setTcpNoDelay(true);
        socket = connected;
        listen(connected);
      } catch (IOException e) {
        // it is tried again
      } catch (RuntimeException e) {
        LOG.warn("a gauge is read anew", e);
      }
      socket = null;
      hears.lost();
      pause();
    }
  }

  private static void pause() {
    try {
      Thread.sleep(AGAIN_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void listen(Socket connected) throws IOException {
    BufferedReader in =
        new BufferedReader(
            new InputStreamReader(connected.getInputStream(), StandardCharsets.UTF_8));
    String first = line(in);
    if (first == null || !first.startsWith(GaugeLines.GREETING)) {
      return;
    }
    synchronized (this) {
      out = new OutputStreamWriter(connected.getOutputStream(), StandardCharsets.UTF_8);
    }
    hears.connected(first.substring(GaugeLines.GREETING.length()));
    ask("since " + hears.since());
    List<GaugeLines.GaugeColumn> columns = List.of();
    for (String line = line(in); wanted && line != null; line = line(in)) {
      int blank = line.indexOf(' ');
      switch (blank < 0 ? line : line.substring(0, blank)) {
        case "drive" -> drives(line);
        case "channels" -> {
          columns = GaugeLines.columns(line).orElse(List.of());
          hears.channels(columns);
        }
        case "at" -> {
          Optional<GaugeLines.Row> row = GaugeLines.row(line, columns);
          if (row.isPresent()) {
            hears.row(row.get());
          }
        }
        case "alive" -> hears.alive(false);
        case "idle" -> hears.alive(true);
        case "end" -> hears.ended();
        default -> {
          // an answer, or what a later gauge says
        }
      }
    }
  }

  private void drives(String line) {
    String[] words = line.split(" ");
    try {
      hears.drives(words[1], Double.parseDouble(words[2]));
    } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
      // no drive that can be read
    }
  }

  /** A line; null at the end, or where it is too long to be one. */
  private static String line(BufferedReader in) throws IOException {
    StringBuilder line = new StringBuilder();
    int c = in.read();
    while (c >= 0 && c != '\n') {
      line.append((char) c);
      if (line.length() > LONGEST) {
        throw new IOException("no line of a gauge");
      }
      c = in.read();
    }
    return c < 0 ? null : line.toString().strip();
  }

  /** Asks something of the gauge; false if it cannot be reached now. */
  synchronized boolean ask(String line) {
    if (out == null || socket == null) {
      return false;
    }
    try {
      out.write(line + "\n");
      out.flush();
      return true;
    } catch (IOException e) {
      return false;
    }
  }

  void stop() {
    wanted = false;
    Socket open = socket;
    if (open != null) {
      try {
        open.close();
      } catch (IOException e) {
        // it is closed all the same
      }
    }
  }
}
