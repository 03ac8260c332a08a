package roadbreeze.server.book;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.book.BookEntry.BookEdit;
import roadbreeze.server.book.BookEntry.BookNew;
import roadbreeze.server.book.BookEntry.Sort;
import roadbreeze.server.job.JobService;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.StaleVersionException;
import roadbreeze.server.problem.UnknownThingException;

/** Keeps customers, trucks and trailers, and which job is about which. */
@Service
class Book {
  private final EntityManager database;
  private final JobService jobs;

  Book(EntityManager database, JobService jobs) {
    this.database = database;
    this.jobs = jobs;
  }

  /**
   * Where a job belongs.
   *
   * @param truck it is about; null where nobody has said so
   */
  record JobEntry(UUID job, @Nullable UUID truck, @Nullable UUID trailer, JobState state) {}

  /** All of it. */
  record WholeBook(List<BookEntry> entries, List<JobEntry> jobs) {}

  @Transactional(readOnly = true)
  public WholeBook all() {
    return new WholeBook(entries(), states());
  }

  private List<BookEntry> entries() {
    return database
        .createQuery("from BookRow", BookRow.class)
        .getResultStream()
        .map(BookRow::entry)
        .sorted(Comparator.comparing(e -> e.data().name()))
        .toList();
  }

  /** How far each job has come, by what its features keep: one question for all of the yard. */
  private List<JobEntry> states() {
    List<Tuple> rows =
        database
            .createNativeQuery(
                """
                select j.id as job, e.truck_id as truck, e.trailer_id as trailer,
                  exists (select 1 from job_section s where s.job_id = j.id and s.name = 'checks'
                    and jsonb_array_length(s.body -> 'readings') > 0) as checked,
                  (select count(*) from job_section s
                    where s.job_id = j.id and s.name like 'build/%') as builds,
                  exists (select 1 from signed_paper p
                    where p.job_id = j.id and p.kind = 'ESTIMATE') as accepted,
                  exists (select 1 from bay_order o
                    where o.job_id = j.id and o.signed_at is null) as working,
                  (select max(p.signed_at) from signed_paper p
                    where p.job_id = j.id and p.kind = 'WORK_ORDER') as done,
                  (select max(coalesce(r.began_at, r.made_at)) from run r
                    where r.job_id = j.id and r.body ->> 'sort' = 'AFTER') as driven
                from job j left join job_entry e on e.job_id = j.id""",
                Tuple.class)
            .getResultList();
    List<JobEntry> all = new ArrayList<>();
    for (Tuple row : rows) {
      all.add(
          new JobEntry(
              row.get("job", UUID.class),
              row.get("truck", UUID.class),
              row.get("trailer", UUID.class),
              state(row)));
    }
    return all;
  }

  /** Two builds every truck has: as it came, and restored. */
  private static final int FIRST_BUILDS = 2;

  private static JobState state(Tuple row) {
    boolean driven = row.get("driven") != null;
    if (row.get("working", Boolean.class)) {
      return JobState.IN_WORK;
    }
    if (row.get("done") != null) {
      return driven ? JobState.PROVEN : JobState.DONE;
    }
    if (driven) {
      return JobState.PROVEN; // work that was done elsewhere, or before it was signed here
    }
    if (row.get("accepted", Boolean.class)) {
      return JobState.ACCEPTED;
    }
    if (row.get("builds", Number.class).intValue() > FIRST_BUILDS) {
      return JobState.PLANNED;
    }
    return row.get("checked", Boolean.class) ? JobState.CHECKED : JobState.INTAKE;
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if a truck or trailer has no customer
   */
  @Transactional
  public BookEntry add(BookNew made) {
    UUID owner = made.sort() == Sort.CUSTOMER ? null : made.owner();
    if (made.sort() != Sort.CUSTOMER && (owner == null || row(owner).sort() != Sort.CUSTOMER)) {
      throw Refusal.WHOSE_IS_IT.refuse();
    }
    BookRow row = new BookRow(made.sort(), owner, made.data());
    database.persist(row);
    database.flush();
    return row.entry();
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   */
  @Transactional
  public BookEntry save(UUID id, BookEdit edit) {
    BookRow row = row(id);
    if (row.entry().version() != edit.version()) {
      throw new StaleVersionException(row.entry());
    }
    row.write(edit.data());
    database.flush(); // the answer carries the new version
    return row.entry();
  }

  /**
   * Takes a truck or trailer out of the book; jobs that are about it stay.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is a customer
   */
  @Transactional
  public void remove(UUID id) {
    BookRow row = row(id);
    if (row.sort() == Sort.CUSTOMER) {
      throw Refusal.ERASE_BY_NAME.refuse();
    }
    database.remove(row);
  }

  /** A job is about a truck, and tows a trailer. */
  @Transactional
  public void put(UUID job, @Nullable UUID truck, @Nullable UUID trailer) {
    jobs.get(job);
    require(truck, Sort.TRUCK);
    require(trailer, Sort.TRAILER);
    JobEntryRow row = database.find(JobEntryRow.class, job);
    if (row == null) {
      row = new JobEntryRow(job);
      row.write(truck, trailer);
      database.persist(row);
    } else {
      row.write(truck, trailer);
    }
  }

  private void require(@Nullable UUID id, Sort sort) {
    if (id != null && row(id).sort() != sort) {
      throw new UnknownThingException("there is no such " + sort.name().toLowerCase());
    }
  }

  BookEntry entry(UUID id) {
    return row(id).entry();
  }

  /** A customer with what is theirs. */
  @Transactional(readOnly = true)
  public List<BookEntry> of(UUID customer) {
    return entries().stream()
        .filter(e -> e.id().equals(customer) || customer.equals(e.owner()))
        .toList();
  }

  /** Jobs about any of these. */
  @Transactional(readOnly = true)
  public List<UUID> jobsOf(List<UUID> entries) {
    return entries.isEmpty()
        ? List.of()
        : database
            .createQuery(
                "select jobId from JobEntryRow where truckId in :ids or trailerId in :ids",
                UUID.class)
            .setParameter("ids", entries)
            .getResultList();
  }

  /**
   * Takes out a customer with trucks, trailers and all jobs about these: drives, photographs and
   * signed papers too. What was searched for them is forgotten as well.
   *
   * @param name of the customer, typed by who wants it
   * @throws roadbreeze.server.problem.RefusedRequestException if that is not the name
   */
  @Transactional
  public void erase(UUID customer, String name) {
    BookRow row = row(customer);
    if (row.sort() != Sort.CUSTOMER || !row.entry().data().name().equals(name.strip())) {
      throw Refusal.ERASE_BY_NAME.refuse();
    }
    List<UUID> trucks =
        of(customer).stream().filter(e -> e.sort() == Sort.TRUCK).map(BookEntry::id).toList();
    for (UUID job : jobsOf(trucks)) {
      String called = jobs.get(job).about().body().name();
      database
          .createNativeQuery("delete from long_run where request #>> '{job,about,name}' = :name")
          .setParameter("name", called)
          .executeUpdate();
      jobs.delete(job);
    }
    database.flush();
    database.remove(row);
  }

  private BookRow row(UUID id) {
    BookRow row = database.find(BookRow.class, id);
    if (row == null) {
      throw new UnknownThingException("the book has no entry " + id);
    }
    return row;
  }
}
