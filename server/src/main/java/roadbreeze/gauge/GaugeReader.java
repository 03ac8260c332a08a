package roadbreeze.gauge;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.problem.RefusedRequestException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** One who reads the gauge, and what is asked of it. */
final class GaugeReader {
  /** A longer line is no line of this protocol. */
  private static final int LONGEST = 4_000_000;

  private final Socket socket;
  private final SimulatedDrive drive;
  private final long cuts;
  private String known = "";
  private long last;
  private boolean told;
  private boolean endTold;

  GaugeReader(Socket socket, SimulatedDrive drive) {
    this.socket = socket;
    this.drive = drive;
    cuts = drive.cuts();
  }

  void serve() {
    try (socket;
        BufferedReader in = new BufferedReader(reader());
        BufferedWriter out =
            new BufferedWriter(
                new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8))) {
      say(out, "gauge 1 simulated");
      since(line(in));
      Thread asked = new Thread(() -> listen(in, out), "gauge-asked");
      asked.setDaemon(true);
      asked.start();
      while (!socket.isClosed() && asked.isAlive()) {
        SimulatedDrive.News news = drive.after(known, last);
        if (news.cuts() != cuts) {
          return;
        }
        tell(out, news);
      }
    } catch (IOException e) {
      // the reader has gone
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private InputStreamReader reader() throws IOException {
    return new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8);
  }

  private void since(String line) {
    String[] words = line == null ? new String[0] : line.split(" ");
    if (words.length == 3 && words[0].equals("since")) {
      known = words[1].equals("-") ? "" : words[1];
      last = (long) number(words[2], 0);
    }
  }

  private void tell(BufferedWriter out, SimulatedDrive.News news) throws IOException {
    if (news.id().isEmpty()) {
      say(out, "idle");
      return;
    }
    if (!news.id().equals(known) || !told) {
      if (!news.id().equals(known)) {
        last = 0;
      }
      known = news.id();
      told = true;
      endTold = false;
      say(out, String.format(Locale.ROOT, "drive %s %.1f", known, news.seconds()));
      say(out, "channels " + String.join(" ", SimulatedDrive.CHANNELS));
    }
    for (GaugeRow row : news.rows()) {
      if (row.number() > last) {
        write(out, row.line());
        last = row.number();
      }
    }
    if (news.ended() && !endTold) {
      write(out, "end");
      endTold = true;
    } else if (news.rows().isEmpty()) {
      write(out, "alive");
    }
    synchronized (out) {
      out.flush();
    }
  }

  private static void write(BufferedWriter out, String line) throws IOException {
    synchronized (out) {
      out.write(line);
      out.write('\n');
    }
  }

  private static void say(BufferedWriter out, String line) throws IOException {
    synchronized (out) {
      write(out, line);
      out.flush();
    }
  }

  /** A line; null at the end, or where it is too long to be one. */
  private static String line(BufferedReader in) throws IOException {
    StringBuilder line = new StringBuilder();
    int c = in.read();
    while (c >= 0 && c != '\n') {
      line.append((char) c);
      if (line.length() > LONGEST) {
        return null;
      }
      c = in.read();
    }
    return c < 0 && line.isEmpty() ? null : line.toString().strip();
  }

  private void listen(BufferedReader in, BufferedWriter out) {
    try {
      for (String line = line(in); line != null; line = line(in)) {
        say(out, answer(line));
      }
      socket.close();
    } catch (IOException e) {
      // the reader has gone
    }
  }

  private String answer(String line) {
    int blank = line.indexOf(' ');
    String what = blank < 0 ? line : line.substring(0, blank);
    String rest = blank < 0 ? "" : line.substring(blank + 1);
    return switch (what) {
      case "drive" -> begin(rest);
      case "rate" -> {
        drive.rate(number(rest, 1));
        yield "ok rate";
      }
      case "hold" -> {
        drive.hold(true);
        yield "ok hold";
      }
      case "go" -> {
        drive.hold(false);
        yield "ok go";
      }
      case "wheel" -> wheel(rest);
      case "fault" -> fault(rest.split(" "));
      default -> "no such word " + what;
    };
  }

  private String begin(String json) {
    try {
      return "ok drive "
          + drive.begin(JsonMapper.shared().readValue(json, SimulatedDrive.Wanted.class));
    } catch (JacksonException e) {
      return "no job that can be read";
    } catch (RefusedException | RefusedRequestException e) {
      return "no it cannot drive there";
    } catch (RuntimeException e) {
      return "no job that can be driven"; // what a person would have been told at its field
    }
  }

  private String wheel(String asked) {
    String wrong = "";
    for (String one : asked.split(" ")) {
      int equals = one.indexOf('=');
      if (equals > 0) {
        wrong += drive.wheel(one.substring(0, equals), number(one.substring(equals + 1), 0));
      }
    }
    return wrong.isEmpty() ? "ok wheel" : "no " + wrong;
  }

  private String fault(String[] words) {
    double much = words.length > 1 ? number(words[1], 0) : 0;
    Faults faults = drive.faults();
    switch (words[0]) {
      case "noise" -> faults.noise(Math.max(0, Math.min(20, much)));
      case "dropout" -> faults.dropout(Math.max(0, Math.min(1, much)));
      case "units" -> faults.fahrenheit();
      case "stuck" -> {
        int channel = words.length > 1 ? channel(words[1]) : -1;
        if (channel < 0) {
          return "no such channel";
        }
        faults.stuck(channel);
      }
      case "core" -> drive.cores(Math.max(0.05, Math.min(1, much)));
      case "cut" -> drive.cut();
      case "none" -> {
        faults.none();
        drive.cores(1);
      }
      default -> {
        return "no such fault " + words[0];
      }
    }
    return "ok fault";
  }

  private static int channel(String name) {
    for (int i = 0; i < SimulatedDrive.CHANNELS.size(); i++) {
      if (SimulatedDrive.CHANNELS.get(i).startsWith(name + ":")) {
        return i;
      }
    }
    return -1;
  }

  private static double number(String text, double otherwise) {
    try {
      double value = Double.parseDouble(text);
      return Double.isFinite(value) ? value : otherwise;
    } catch (NumberFormatException e) {
      return otherwise;
    }
  }
}
