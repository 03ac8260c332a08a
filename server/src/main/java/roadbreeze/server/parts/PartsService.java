package roadbreeze.server.parts;

import jakarta.persistence.EntityManager;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Validator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.csv.CellProblem;
import roadbreeze.server.csv.RecordCsv;
import roadbreeze.server.problem.UnknownThingException;
import tools.jackson.databind.json.JsonMapper;

/** The catalogue as it stands, and as CSV. */
@Service
public class PartsService {
  private static final int BATCH = 500;

  private final EntityManager database;
  private final Validator validator;
  private final JsonMapper json;

  PartsService(EntityManager database, Validator validator, JsonMapper json) {
    this.json = json;
    this.database = database;
    this.validator = validator;
  }

  /**
   * What an import did. With a problem anywhere nothing is taken over.
   *
   * @param moreProblems beyond those listed
   */
  public record Import(int added, int changed, List<CellProblem> problems, long moreProblems) {}

  @Transactional(readOnly = true)
  public List<Record> all(PartKind kind) {
    return database
        .createQuery("from PartRow where key.shelf = :shelf order by key.code", PartRow.class)
        .setParameter("shelf", kind.slug())
        .getResultList()
        .stream()
        .<Record>map(row -> json.readValue(row.body(), kind.part))
        .toList();
  }

  public <P extends Record> List<P> all(PartKind kind, Class<P> type) {
    return all(kind).stream().map(type::cast).toList();
  }

  /** What small things cost now. */
  @Transactional(readOnly = true)
  public Prices prices() {
    return new Prices(
        all(PartKind.SUPPLIES, SupplyPart.class),
        all(PartKind.BREAKERS, BreakerPart.class),
        all(PartKind.CONTROLLERS, ControllerPart.class));
  }

  /**
   * Puts a part on its shelf, in place of the one with its code.
   *
   * @throws ConstraintViolationException if a column is missing or outside its span
   */
  @Transactional
  public void put(PartKind kind, Record part) {
    Set<ConstraintViolation<Record>> broken = validator.validate(part);
    if (!broken.isEmpty()) {
      throw new ConstraintViolationException(broken);
    }
    database.merge(new PartRow(kind.slug(), PartKind.code(part), json.writeValueAsString(part)));
  }

  /** Takes a part off its shelf; builds that have it keep it. */
  @Transactional
  public void remove(PartKind kind, String code) {
    PartRow row = database.find(PartRow.class, new PartRow.Key(kind.slug(), code));
    if (row == null) {
      throw new UnknownThingException("the shelf has no part " + code);
    }
    database.remove(row);
  }

  public String csv(PartKind kind) {
    return new RecordCsv(kind.part, validator, PartKind::code).write(all(kind));
  }

  /** Adds the file's parts; a part whose code is known already replaces it. */
  @Transactional
  public Import take(PartKind kind, byte[] file) {
    RecordCsv.Reading reading = new RecordCsv(kind.part, validator, PartKind::code).read(file);
    Set<String> known =
        new HashSet<>(
            database
                .createQuery("select key.code from PartRow where key.shelf = :shelf", String.class)
                .setParameter("shelf", kind.slug())
                .getResultList());
    int changed = 0;
    int done = 0;
    for (Record part : reading.records()) {
      String code = PartKind.code(part);
      PartRow row = new PartRow(kind.slug(), code, json.writeValueAsString(part));
      if (known.contains(code)) {
        database.merge(row);
        changed++;
      } else {
        database.persist(row);
      }
      if (++done % BATCH == 0) {
        database.flush();
        database.clear();
      }
    }
    return new Import(
        reading.records().size() - changed,
        changed,
        CellProblem.of(reading),
        reading.moreProblems());
  }
}
