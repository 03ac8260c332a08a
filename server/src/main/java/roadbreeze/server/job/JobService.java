package roadbreeze.server.job;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.build.Build;
import roadbreeze.server.check.Checks;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.message.FieldLabel;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.StaleVersionException;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.rig.RigSection;
import tools.jackson.databind.json.JsonMapper;

/**
 * Jobs in the database, section by section. A save names the version it started from; a stale one
 * changes nothing and answers with the section as it stands.
 */
@Service
public class JobService {
  private static final String ABOUT = "about";
  private static final String RIG = "rig";
  private static final String NOSE = "nose";
  private static final String HAUL = "haul";
  private static final String CHECKS = "checks";
  private static final String BUILD = "build/";
  private static final int MOST_BUILDS = 12;

  private final JobRepository jobs;
  private final SectionRepository sections;
  private final EntityManager database;
  private final JsonMapper json;

  JobService(
      JobRepository jobs, SectionRepository sections, EntityManager database, JsonMapper json) {
    this.jobs = jobs;
    this.sections = sections;
    this.database = database;
    this.json = json;
  }

  /** All jobs by name, as the yard lists them. */
  @Transactional(readOnly = true)
  public List<JobCard> cards() {
    Map<UUID, List<SectionRepository.OfCard>> rows = new LinkedHashMap<>();
    for (SectionRepository.OfCard row : sections.cards()) {
      rows.computeIfAbsent(row.getJobId(), id -> new ArrayList<>()).add(row);
    }
    return rows.values().stream()
        .map(this::card)
        .sorted(Comparator.comparing(card -> card.about().body().name()))
        .toList();
  }

  @Transactional(readOnly = true)
  public JobEdition edition(UUID id) {
    return new JobEdition(id, sections.stamps(id));
  }

  @Transactional(readOnly = true)
  public Job get(UUID id) {
    List<SectionRow> rows = sections.findByKeyJobIdOrderByPosition(id);
    if (rows.isEmpty()) {
      throw new UnknownThingException("there is no job " + id);
    }
    return job(rows);
  }

  @Transactional
  public Job create(JobContent content) {
    UUID id = jobs.save(new JobRow(UUID.randomUUID())).id();
    Instant now = now();
    add(id, ABOUT, 0, content.about(), now);
    add(id, RIG, 0, content.rig(), now);
    add(id, NOSE, 0, content.nose(), now);
    add(id, HAUL, 0, content.haul(), now);
    add(id, CHECKS, 0, content.checks(), now);
    for (int i = 0; i < content.builds().size(); i++) {
      add(id, BUILD + content.builds().get(i).id(), i, content.builds().get(i), now);
    }
    sections.flush();
    return get(id);
  }

  @Transactional
  public Job.Section<About> save(UUID job, long version, About body) {
    return save(job, ABOUT, version, body, About.class);
  }

  @Transactional
  public Job.Section<RigSection> save(UUID job, long version, RigSection body) {
    return save(job, RIG, version, body, RigSection.class);
  }

  @Transactional
  public Job.Section<NoseSection> save(UUID job, long version, NoseSection body) {
    return save(job, NOSE, version, body, NoseSection.class);
  }

  @Transactional
  public Job.Section<Haul> save(UUID job, long version, Haul body) {
    return save(job, HAUL, version, body, Haul.class);
  }

  @Transactional
  public Job.Section<Checks> save(UUID job, long version, Checks body) {
    return save(job, CHECKS, version, body, Checks.class);
  }

  @Transactional
  public Job.Section<Build> save(UUID job, long version, Build body) {
    return save(job, BUILD + body.id(), version, body, Build.class);
  }

  /**
   * Changes a build as it stands, whoever saved it last; does nothing where it is gone.
   *
   * @param change of the build; the very same one where there is nothing to change
   */
  @Transactional
  public void changeBuild(UUID job, String id, UnaryOperator<Build> change) {
    change(job, BUILD + id, Build.class, change);
  }

  /** Changes the rig likewise. */
  @Transactional
  public void changeRig(UUID job, UnaryOperator<RigSection> change) {
    change(job, RIG, RigSection.class, change);
  }

  private <T> void change(UUID job, String name, Class<T> type, UnaryOperator<T> change) {
    SectionRow row =
        database.find(
            SectionRow.class, new SectionRow.Key(job, name), LockModeType.PESSIMISTIC_WRITE);
    if (row != null) {
      T before = section(row, type).body();
      T after = change.apply(before);
      if (!after.equals(before)) {
        row.write(json.writeValueAsString(after), now());
      }
    }
  }

  /** Puts a build after the others. */
  @Transactional
  public Job.Section<Build> add(UUID job, Build build) {
    lock(job);
    List<SectionRow> builds = builds(job);
    if (builds.size() >= MOST_BUILDS) {
      throw Refusal.TOO_MANY.refuse(FieldLabel.of("builds"), 1, MOST_BUILDS);
    }
    if (builds.stream().anyMatch(row -> row.name().equals(BUILD + build.id()))) {
      throw Refusal.SAME_ID.refuse(build.id());
    }
    int last = builds.stream().mapToInt(SectionRow::position).max().orElse(-1);
    SectionRow row = add(job, BUILD + build.id(), last + 1, build, now());
    sections.flush();
    return section(row, Build.class);
  }

  /** Takes a build away, unless somebody has changed it since. */
  @Transactional
  public void remove(UUID job, String build, long version) {
    lock(job);
    SectionRow row = sections.findById(new SectionRow.Key(job, BUILD + build)).orElse(null);
    if (row == null) {
      return; // somebody else did already
    }
    if (row.version() != version) {
      throw new StaleVersionException(section(row, Build.class));
    }
    if (builds(job).size() == 1) {
      throw Refusal.LAST_BUILD.refuse();
    }
    sections.delete(row);
    sections.flush();
  }

  @Transactional
  public void delete(UUID id) {
    if (!jobs.existsById(id)) {
      throw new UnknownThingException("there is no job " + id);
    }
    sections.deleteByKeyJobId(id);
    jobs.deleteById(id);
  }

  /** Builds are counted by whoever holds the job. */
  private void lock(UUID job) {
    if (database.find(JobRow.class, job, LockModeType.PESSIMISTIC_WRITE) == null) {
      throw new UnknownThingException("there is no job " + job);
    }
  }

  private List<SectionRow> builds(UUID job) {
    return sections.findByKeyJobIdOrderByPosition(job).stream()
        .filter(row -> row.name().startsWith(BUILD))
        .toList();
  }

  private SectionRow add(UUID job, String name, int position, Object body, Instant at) {
    SectionRow row = new SectionRow(job, name, position);
    row.write(json.writeValueAsString(body), at);
    database.persist(row);
    return row;
  }

  /**
   * @throws StaleVersionException with the section as it stands, or with nothing if it is gone
   */
  private <T> Job.Section<T> save(UUID job, String name, long version, T body, Class<T> type) {
    SectionRow row = sections.findById(new SectionRow.Key(job, name)).orElse(null);
    if (row == null) {
      if (!jobs.existsById(job)) {
        throw new UnknownThingException("there is no job " + job);
      }
      throw new StaleVersionException(null);
    }
    if (row.version() != version) {
      throw new StaleVersionException(section(row, type));
    }
    row.write(json.writeValueAsString(body), now());
    sections.flush();
    return section(row, type);
  }

  private Job job(List<SectionRow> rows) {
    Job.Section<About> about = null;
    Job.Section<RigSection> rig = null;
    Job.Section<NoseSection> nose = null;
    Job.Section<Haul> haul = null;
    Job.Section<Checks> checks = null;
    List<Job.Section<Build>> builds = new ArrayList<>();
    Instant changed = Instant.EPOCH;
    for (SectionRow row : rows) {
      changed = row.savedAt().isAfter(changed) ? row.savedAt() : changed;
      switch (row.name()) {
        case ABOUT -> about = section(row, About.class);
        case RIG -> rig = section(row, RigSection.class);
        case NOSE -> nose = section(row, NoseSection.class);
        case HAUL -> haul = section(row, Haul.class);
        case CHECKS -> checks = section(row, Checks.class);
        default -> builds.add(section(row, Build.class));
      }
    }
    builds.sort(inOrder(about.body(), b -> b.body().id()));
    return new Job(rows.get(0).jobId(), changed, about, rig, nose, haul, checks, builds);
  }

  private JobCard card(List<SectionRepository.OfCard> rows) {
    Job.Section<About> about = null;
    CardOfRig rig = null;
    JobCard.Stretch stretch = null;
    List<JobCard.BuildName> builds = new ArrayList<>();
    Instant changed = Instant.EPOCH;
    for (SectionRepository.OfCard row : rows) {
      changed = row.getSavedAt().isAfter(changed) ? row.getSavedAt() : changed;
      switch (row.getName()) {
        case ABOUT ->
            about = new Job.Section<>(row.getVersion(), json.readValue(row.getBody(), About.class));
        case RIG -> rig = json.readValue(row.getBody(), CardOfRig.class);
        case HAUL -> stretch = json.readValue(row.getBody(), JobCard.Stretch.class);
        default -> builds.add(json.readValue(row.getBody(), JobCard.BuildName.class));
      }
    }
    builds.sort(inOrder(about.body(), JobCard.BuildName::id));
    return new JobCard(
        rows.get(0).getJobId(), changed, about, rig.truck(), rig.trailer(), stretch, builds);
  }

  private record CardOfRig(String truck, String trailer) {}

  private static <T> Comparator<T> inOrder(About about, Function<T, String> id) {
    List<String> order = about.order() == null ? List.of() : about.order();
    return Comparator.comparingInt(build -> place(order, id.apply(build)));
  }

  /** Those that no order names yet stand last, as they came. */
  private static int place(List<String> order, String build) {
    int at = order.indexOf(build);
    return at < 0 ? order.size() : at;
  }

  private <T> Job.Section<T> section(SectionRow row, Class<T> type) {
    return new Job.Section<>(row.version(), json.readValue(row.body(), type));
  }

  /** PostgreSQL keeps microseconds. */
  private static Instant now() {
    return Instant.now().truncatedTo(ChronoUnit.MICROS);
  }
}
