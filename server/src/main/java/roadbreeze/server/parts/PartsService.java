package roadbreeze.server.parts;

import jakarta.persistence.EntityManager;
import jakarta.validation.Validator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.RadiatorPart;

/** The catalogue as it stands, and as CSV. */
@Service
public class PartsService {
  private static final int BATCH = 500;

  private final EntityManager database;
  private final Validator validator;

  PartsService(EntityManager database, Validator validator) {
    this.database = database;
    this.validator = validator;
  }

  /**
   * What an import did. With a problem anywhere nothing is taken over.
   *
   * @param moreProblems beyond those listed
   */
  public record Import(int added, int changed, List<Problem> problems, long moreProblems) {}

  /** What is wrong with a cell, a row or, without either, the file. */
  public record Problem(long row, String column, String value, String message) {}

  @Transactional(readOnly = true)
  public List<Record> all(PartKind kind) {
    return database
        .createQuery("from " + kind.row.getSimpleName() + " order by id", kind.row)
        .getResultList()
        .stream()
        .map(PartRow::part)
        .<Record>map(r -> r)
        .toList();
  }

  public List<CoolerPart> oilCoolers() {
    return all(PartKind.OIL_COOLERS).stream().map(CoolerPart.class::cast).toList();
  }

  public List<RadiatorPart> radiators() {
    return all(PartKind.RADIATORS).stream().map(RadiatorPart.class::cast).toList();
  }

  public List<FanPart> fans() {
    return all(PartKind.FANS).stream().map(FanPart.class::cast).toList();
  }

  public List<ThermostatPart> thermostats() {
    return all(PartKind.THERMOSTATS).stream().map(ThermostatPart.class::cast).toList();
  }

  public String csv(PartKind kind) {
    return new PartCsv(kind.part, validator).write(all(kind));
  }

  /** Adds the file's parts; a part whose code is known already replaces it. */
  @Transactional
  public Import take(PartKind kind, byte[] file) {
    PartCsv.Reading reading = new PartCsv(kind.part, validator).read(file);
    Set<String> known =
        new HashSet<>(
            database
                .createQuery("select id from " + kind.row.getSimpleName(), String.class)
                .getResultList());
    int changed = 0;
    int done = 0;
    for (Record part : reading.parts()) {
      PartRow row = kind.wrap.apply(part);
      if (known.contains(row.id())) {
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
        reading.parts().size() - changed,
        changed,
        reading.problems().stream()
            .map(p -> new Problem(p.row(), p.column(), p.value(), p.message()))
            .toList(),
        reading.moreProblems());
  }
}
