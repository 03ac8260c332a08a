package roadbreeze.server.job;

import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapsId;
import jakarta.persistence.OneToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.line.Hose;
import roadbreeze.server.line.LinePlan;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.BuildRow;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.Obstacle;
import roadbreeze.server.rig.Origin;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/**
 * A job's rows. Vehicle, trailer and haul have tables of their own that share the job's key; builds
 * with their coolers and fans, obstacles, hoses and strips are ordered rows below it.
 */
@Entity
@Table(name = "job")
class JobEntity {
  @Id private UUID id;

  @Version private long version;

  private String name;
  private String complaint;
  private Instant changedAt;

  @OneToOne(mappedBy = "job", cascade = CascadeType.ALL, orphanRemoval = true, optional = false)
  private VehicleRow vehicle;

  @OneToOne(mappedBy = "job", cascade = CascadeType.ALL, orphanRemoval = true, optional = false)
  private TrailerRow trailer;

  @OneToOne(mappedBy = "job", cascade = CascadeType.ALL, orphanRemoval = true, optional = false)
  private HaulRow haul;

  @Embedded private LinePlan lines;

  @Embedded private AirTraverse traverse;

  @ElementCollection
  @CollectionTable(name = "obstacle", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<Obstacle> obstacles = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "origin", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<Origin> origins = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "build", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<BuildRow> builds = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "build_cooler", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<CoolerRow> coolers = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "build_fan", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<FanRow> fans = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "hose", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<Hose> hoses = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "strip", joinColumns = @JoinColumn(name = "job_id"))
  @OrderColumn(name = "position")
  private List<MountingStrip> strips = new ArrayList<>();

  protected JobEntity() {}

  JobEntity(UUID id) {
    this.id = id;
    vehicle = new VehicleRow(this);
    trailer = new TrailerRow(this);
    haul = new HaulRow(this);
  }

  void write(JobContent content) {
    name = content.name();
    complaint = content.complaint();
    vehicle.data = content.vehicle();
    trailer.data = content.trailer();
    haul.data = content.haul();
    lines = content.linePlan();
    traverse = content.traverse();
    replace(obstacles, content.obstacles());
    replace(origins, content.origins());
    replace(builds, content.builds().stream().map(BuildRow::of).toList());
    replace(coolers, rows(content.builds(), Build::coolers, CoolerRow::new));
    replace(fans, rows(content.builds(), Build::fans, FanRow::new));
    replace(hoses, content.hoses());
    replace(strips, content.strips());
    // PostgreSQL keeps microseconds; also makes every save touch the job's own row and version.
    changedAt = Instant.now().truncatedTo(ChronoUnit.MICROS);
  }

  /** What every build carries, as rows that name their build. */
  private static <T, R> List<R> rows(
      List<Build> builds, Function<Build, List<T>> carried, BiFunction<Integer, T, R> row) {
    List<R> rows = new ArrayList<>();
    for (int i = 0; i < builds.size(); i++) {
      for (T thing : carried.apply(builds.get(i))) {
        rows.add(row.apply(i, thing));
      }
    }
    return rows;
  }

  private List<Build> wholeBuilds() {
    List<Build> whole = new ArrayList<>();
    for (int i = 0; i < builds.size(); i++) {
      int build = i;
      whole.add(
          builds
              .get(i)
              .with(
                  coolers.stream().filter(c -> c.build() == build).map(CoolerRow::data).toList(),
                  fans.stream().filter(f -> f.build() == build).map(FanRow::data).toList()));
    }
    return whole;
  }

  private static <T> void replace(List<T> rows, List<T> wanted) {
    if (!rows.equals(wanted)) {
      rows.clear();
      rows.addAll(wanted);
    }
  }

  Job toJob() {
    return new Job(
        id,
        version,
        changedAt,
        new JobContent(
            name,
            complaint,
            vehicle.data,
            trailer.data,
            haul.data,
            List.copyOf(obstacles),
            List.copyOf(origins),
            traverse,
            wholeBuilds(),
            lines,
            List.copyOf(hoses),
            List.copyOf(strips)));
  }

  long version() {
    return version;
  }
}

/** An oil cooler of one build. */
@Embeddable
record CoolerRow(int build, @Embedded FittedCooler data) {}

/** A fan of one build. */
@Embeddable
record FanRow(int build, @Embedded FittedFan data) {}

@Entity
@Table(name = "vehicle")
class VehicleRow {
  @Id private UUID jobId;

  @MapsId
  @OneToOne(optional = false)
  @JoinColumn(name = "job_id")
  private JobEntity job;

  @Embedded Vehicle data;

  protected VehicleRow() {}

  VehicleRow(JobEntity job) {
    this.job = job;
  }
}

@Entity
@Table(name = "trailer")
class TrailerRow {
  @Id private UUID jobId;

  @MapsId
  @OneToOne(optional = false)
  @JoinColumn(name = "job_id")
  private JobEntity job;

  @Embedded Trailer data;

  protected TrailerRow() {}

  TrailerRow(JobEntity job) {
    this.job = job;
  }
}

@Entity
@Table(name = "haul")
class HaulRow {
  @Id private UUID jobId;

  @MapsId
  @OneToOne(optional = false)
  @JoinColumn(name = "job_id")
  private JobEntity job;

  @Embedded Haul data;

  protected HaulRow() {}

  HaulRow(JobEntity job) {
    this.job = job;
  }
}
