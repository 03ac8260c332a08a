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
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes the first tables to sections and one table of parts. It reads whatever shape of them it
 * finds, so that no database that was ever made is left behind. What it writes is shape 2; a later
 * shape brings its own migration, which reads bodies and runs them through {@link JobFormat}.
 */
@Component
class V2__Sections extends BaseJavaMigration {
  private static final JsonMapper JSON = JsonMapper.shared();

  private static final List<String> OF_A_JOB =
      List.of(
          "vehicle",
          "trailer",
          "haul",
          "obstacle",
          "origin",
          "build",
          "build_cooler",
          "build_fan",
          "hose",
          "strip");

  /** Shelves of the catalogue, by the table they had. */
  private static final Map<String, String> SHELVES =
      Map.of(
          "oil_cooler", "oil-coolers",
          "radiator", "radiators",
          "fan", "fans",
          "thermostat", "thermostats",
          "cap", "caps",
          "controller", "controllers");

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    try (Statement sql = db.createStatement()) {
      sql.execute("alter table job rename to old_job");
      sql.execute("alter index job_pkey rename to old_job_pkey");
      sql.execute(
          """
          create table job (id uuid primary key, format integer not null);
          create table job_section (
            job_id uuid not null references job (id) on delete cascade,
            name varchar(40) not null,
            version bigint not null,
            position integer not null,
            saved_at timestamptz not null,
            body jsonb not null,
            primary key (job_id, name)
          );
          create table part (
            shelf varchar(40) not null,
            code varchar(40) not null,
            body jsonb not null,
            primary key (shelf, code)
          );
          """);
    }
    carryJobs(db);
    carryParts(db);
    try (Statement sql = db.createStatement()) {
      for (String table : OF_A_JOB) {
        sql.execute("drop table if exists " + table);
      }
      for (String table : SHELVES.keySet()) {
        sql.execute("drop table if exists " + table);
      }
      // Searches are forgotten after two days anyway; theirs were asked in the old shape.
      sql.execute(
          """
          drop table if exists finder_part;
          drop table if exists finder_run;
          drop table if exists scheduled_tasks;
          drop table old_job;
          create table long_run (
            id uuid primary key,
            kind varchar(40) not null,
            request jsonb not null,
            parts integer not null,
            started_at timestamptz not null,
            cancelled boolean not null,
            failed boolean not null
          );
          create table long_run_part (
            run_id uuid not null references long_run (id) on delete cascade,
            number integer not null,
            share double precision not null,
            tried bigint not null,
            result jsonb,
            done_at timestamptz,
            done_by varchar(120),
            primary key (run_id, number)
          );
          -- The scheduler library's own table.
          create table scheduled_tasks (
            task_name text not null,
            task_instance text not null,
            task_data bytea,
            execution_time timestamptz not null,
            picked boolean not null,
            picked_by text,
            last_success timestamptz,
            last_failure timestamptz,
            consecutive_failures integer,
            last_heartbeat timestamptz,
            version bigint not null,
            priority smallint,
            primary key (task_name, task_instance)
          );
          create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
          create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);
          create index scheduled_tasks_priority on scheduled_tasks (priority desc, execution_time asc);
          """);
    }
  }

  private static void carryJobs(Connection db) throws SQLException {
    for (ObjectNode job : rows(db, "select to_jsonb(t) from old_job t", null)) {
      UUID id = UUID.fromString(job.get("id").asString());
      Map<String, List<ObjectNode>> rows = new LinkedHashMap<>();
      rows.put("job", List.of(job));
      for (String table : OF_A_JOB) {
        if (exists(db, table)) {
          String order =
              List.of("vehicle", "trailer", "haul").contains(table) ? "" : " order by position";
          String query = "select to_jsonb(t) from " + table + " t where job_id = ?" + order;
          rows.put(table, rows(db, query, id));
        }
      }
      int shape = FlatTables.first(rows.get("vehicle").get(0)) ? 0 : 1;
      insert(
          db,
          id,
          JobFormat.upgrade(FlatTables.job(rows), shape, 2),
          job.get("changed_at").asString());
    }
  }

  private static void insert(Connection db, UUID id, ObjectNode content, String savedAt)
      throws SQLException {
    try (PreparedStatement job = db.prepareStatement("insert into job values (?, ?)")) {
      job.setObject(1, id);
      job.setInt(2, 2);
      job.execute();
    }
    Map<String, JsonNode> sections = new LinkedHashMap<>();
    for (String name : List.of("about", "rig", "haul")) {
      sections.put(name, content.get(name));
    }
    for (JsonNode build : content.get("builds")) {
      sections.put("build/" + build.get("id").asString(), build);
    }
    int position = 0;
    for (Map.Entry<String, JsonNode> section : sections.entrySet()) {
      try (PreparedStatement row =
          db.prepareStatement(
              "insert into job_section values (?, ?, 0, ?, ?::timestamptz, ?::jsonb)")) {
        row.setObject(1, id);
        row.setString(2, section.getKey());
        row.setInt(3, section.getKey().startsWith("build/") ? position++ : 0);
        row.setString(4, savedAt);
        row.setString(5, JSON.writeValueAsString(section.getValue()));
        row.execute();
      }
    }
  }

  private static void carryParts(Connection db) throws SQLException {
    for (Map.Entry<String, String> shelf : SHELVES.entrySet()) {
      if (!exists(db, shelf.getKey())) {
        continue;
      }
      for (ObjectNode row : rows(db, "select to_jsonb(t) from " + shelf.getKey() + " t", null)) {
        ObjectNode part = FlatTables.nested(row, List.of());
        if (!part.has("price")) {
          part.put("price", 0); // the first catalogue named none
        }
        try (PreparedStatement insert =
            db.prepareStatement("insert into part values (?, ?, ?::jsonb)")) {
          insert.setString(1, shelf.getValue());
          insert.setString(2, part.get("code").asString());
          insert.setString(3, JSON.writeValueAsString(part));
          insert.execute();
        }
      }
    }
  }

  private static boolean exists(Connection db, String table) throws SQLException {
    try (PreparedStatement query = db.prepareStatement("select to_regclass(?) is not null")) {
      query.setString(1, table);
      try (ResultSet found = query.executeQuery()) {
        found.next();
        return found.getBoolean(1);
      }
    }
  }

  private static List<ObjectNode> rows(Connection db, String query, UUID job) throws SQLException {
    List<ObjectNode> rows = new ArrayList<>();
    try (PreparedStatement statement = db.prepareStatement(query)) {
      if (job != null) {
        statement.setObject(1, job);
      }
      try (ResultSet found = statement.executeQuery()) {
        while (found.next()) {
          rows.add((ObjectNode) JSON.readTree(found.getString(1)));
        }
      }
    }
    return rows;
  }
}
