package roadbreeze.server.signed;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.file.Sha256;
import roadbreeze.server.problem.UnknownThingException;

/** Keeps papers as they were signed, and gives them out again. */
@Service
public class SignedPapers {
  private final EntityManager database;

  SignedPapers(EntityManager database) {
    this.database = database;
  }

  /**
   * What is being signed.
   *
   * @param on device and account
   */
  public record Signing(SignedPaper.Kind kind, String build, String title, String by, String on) {}

  /**
   * A paper as it is signed now, for its pages to show; it is not kept yet.
   *
   * @param snapshot all that it is made of
   */
  public SignedPaper sign(Signing signing, String snapshot) {
    return new SignedPaper(
        UUID.randomUUID(),
        signing.kind(),
        signing.build(),
        signing.title(),
        signing.by(),
        signing.on(),
        Instant.now().truncatedTo(ChronoUnit.MICROS),
        Sha256.of(snapshot));
  }

  /** Keeps a paper for good. */
  @Transactional
  public void keep(UUID job, SignedPaper paper, String snapshot, byte[] pages) {
    database.persist(new SignedPaperRow(job, paper, snapshot, pages));
  }

  /** Of a job, the newest first. */
  @Transactional(readOnly = true)
  public List<SignedPaper> of(UUID job) {
    return database
        .createQuery(
            "select p from SignedPaperRow p where p.jobId = :job order by p.signedAt desc",
            SignedPaperRow.class)
        .setParameter("job", job)
        .getResultStream()
        .map(SignedPaperRow::paper)
        .toList();
  }

  /**
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional(readOnly = true)
  public byte[] pages(UUID id) {
    return row(id).pdf();
  }

  /**
   * All that a paper was made of; its hash is that of these very signs.
   *
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional(readOnly = true)
  public String snapshot(UUID id) {
    return row(id).snapshot();
  }

  private SignedPaperRow row(UUID id) {
    SignedPaperRow row = database.find(SignedPaperRow.class, id);
    if (row == null) {
      throw new UnknownThingException("signed paper " + id);
    }
    return row;
  }
}
