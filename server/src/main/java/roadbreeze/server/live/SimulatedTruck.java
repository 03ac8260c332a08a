package roadbreeze.server.live;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import tools.jackson.databind.json.JsonMapper;

/** Gives the simulated gauge a truck and its road. */
@Component
class SimulatedTruck {
  private static final int CONNECT_MS = 2000;

  /** A road is driven to its beginning meanwhile. */
  private static final int ANSWER_MS = 10_000;

  private final JobService jobs;

  SimulatedTruck(JobService jobs) {
    this.jobs = jobs;
  }

  /**
   * @param rate how fast its time goes
   * @param noise on its temperatures, K
   * @return false if there is no such gauge, or it cannot drive there
   */
  boolean setOut(UUID job, String build, String address, double rate, double noise) {
    JobContent content = jobs.get(job).content();
    content.build(build);
    Map<String, Object> wanted = new LinkedHashMap<>();
    wanted.put("job", content);
    wanted.put("build", build);
    wanted.put("rate", rate);
    wanted.put("noise", noise);
    int colon = address.lastIndexOf(':');
    try (Socket socket = new Socket()) {
      socket.connect(
          new InetSocketAddress(
              address.substring(0, colon), Integer.parseInt(address.substring(colon + 1))),
          CONNECT_MS);
      socket.setSoTimeout(ANSWER_MS);
      Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8);
      BufferedReader in =
          new BufferedReader(
              new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
      String first = in.readLine();
      if (first == null || !first.startsWith(GaugeLines.GREETING)) {
        return false;
      }
      out.write("since - 0\ndrive " + JsonMapper.shared().writeValueAsString(wanted) + "\n");
      out.flush();
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        if (line.startsWith("ok ") || line.startsWith("no ")) {
          return line.startsWith("ok ");
        }
      }
      return false;
    } catch (IOException | IllegalArgumentException e) {
      return false;
    }
  }
}
