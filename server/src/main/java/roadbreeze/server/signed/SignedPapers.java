package roadbreeze.server.signed;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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
  public record Signing(
      UUID job, SignedPaper.Kind kind, String build, String title, String by, String on) {}

  /**
   * @param snapshot all that the paper is made of
   * @param pages of the paper with its signature on it
   */
  @Transactional
  public SignedPaper keep(Signing signing, String snapshot, Function<SignedPaper, byte[]> pages) {
    SignedPaper paper =
        new SignedPaper(
            UUID.randomUUID(),
            signing.kind(),
            signing.build(),
            signing.title(),
            signing.by(),
            signing.on(),
            Instant.now().truncatedTo(ChronoUnit.MICROS),
            hash(snapshot));
    database.persist(new SignedPaperRow(signing.job(), paper, snapshot, pages.apply(paper)));
    return paper;
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

  static String hash(String snapshot) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(snapshot.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // every Java has it
    }
  }
}
