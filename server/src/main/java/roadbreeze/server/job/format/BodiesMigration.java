package roadbreeze.server.job.format;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Takes the bodies of jobs from one shape to the next. */
abstract class BodiesMigration extends BaseJavaMigration {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final int from;

  /**
   * @param from shape of the jobs that are taken to the next one
   */
  BodiesMigration(int from) {
    this.from = from;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    for (UUID id : jobs(db, from)) {
      Map<String, JsonNode> sections = sections(db, id);
      for (Map.Entry<String, JsonNode> section : upgraded(sections, from).entrySet()) {
        save(db, id, section.getKey(), section.getValue());
      }
    }
    try (Statement sql = db.createStatement()) {
      // Searches are forgotten after two days anyway; theirs were asked in the old shape.
      sql.execute("update job set format = " + (from + 1) + "; delete from long_run;");
    }
  }

  private static List<UUID> jobs(Connection db, int shape) throws SQLException {
    List<UUID> jobs = new ArrayList<>();
    try (PreparedStatement query = db.prepareStatement("select id from job where format = ?")) {
      query.setInt(1, shape);
      try (ResultSet found = query.executeQuery()) {
        while (found.next()) {
          jobs.add(found.getObject(1, UUID.class));
        }
      }
    }
    return jobs;
  }

  private static Map<String, JsonNode> sections(Connection db, UUID id) throws SQLException {
    Map<String, JsonNode> sections = new LinkedHashMap<>();
    String query = "select name, body from job_section where job_id = ? order by position";
    try (PreparedStatement statement = db.prepareStatement(query)) {
      statement.setObject(1, id);
      try (ResultSet found = statement.executeQuery()) {
        while (found.next()) {
          sections.put(found.getString(1), JSON.readTree(found.getString(2)));
        }
      }
    }
    return sections;
  }

  private static Map<String, JsonNode> upgraded(Map<String, JsonNode> sections, int from) {
    ObjectNode job = JSON.createObjectNode();
    List<String> builds = new ArrayList<>();
    ArrayNode bodies = job.putArray("builds");
    sections.forEach(
        (name, body) -> {
          if (name.startsWith("build/")) {
            builds.add(name);
            bodies.add(body);
          } else {
            job.set(name, body);
          }
        });
    ObjectNode now = JobFormat.upgrade(job, from, from + 1);
    Map<String, JsonNode> upgraded = new LinkedHashMap<>();
    for (String name : sections.keySet()) {
      int build = builds.indexOf(name);
      upgraded.put(name, build < 0 ? now.get(name) : now.get("builds").get(build));
    }
    now.propertyNames().stream()
        .filter(name -> !name.equals("builds") && !upgraded.containsKey(name))
        .forEach(name -> upgraded.put(name, now.get(name)));
    return upgraded;
  }

  /**
   * As a save by somebody else: who still has the old shape on screen is told. What is new is put
   * there.
   */
  private static void save(Connection db, UUID id, String name, JsonNode body) throws SQLException {
    String save =
        "insert into job_section (job_id, name, version, position, saved_at, body)"
            + " values (?, ?, 0, 0, now(), ?::jsonb) on conflict (job_id, name)"
            + " do update set body = excluded.body, version = job_section.version + 1";
    try (PreparedStatement statement = db.prepareStatement(save)) {
      statement.setObject(1, id);
      statement.setString(2, name);
      statement.setString(3, JSON.writeValueAsString(body));
      statement.execute();
    }
  }
}
