package roadbreeze.server.parts;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills empty shelves with the parts that ship with the application. */
@Component
class CatalogueSeed implements ApplicationRunner {
  /** Any number that nothing else in the database locks on. */
  private static final long LOCK = 4_711_001;

  private final PartsService parts;
  private final EntityManager database;

  CatalogueSeed(PartsService parts, EntityManager database) {
    this.parts = parts;
    this.database = database;
  }

  @Override
  @Transactional
  public void run(ApplicationArguments args) throws IOException {
    // Two servers that start at once on one database must not both fill it.
    database
        .createNativeQuery("select 1 from (select pg_advisory_xact_lock(:key)) as held")
        .setParameter("key", LOCK)
        .getSingleResult();
    for (PartKind kind : PartKind.values()) {
      if (parts.all(kind).isEmpty()) {
        byte[] file =
            new ClassPathResource("catalogue/" + kind.slug() + ".csv").getContentAsByteArray();
        PartsService.Import done = parts.take(kind, file);
        if (!done.problems().isEmpty()) {
          throw new IllegalStateException(
              "the shipped " + kind.slug() + ".csv is wrong: " + done.problems());
        }
      }
    }
  }
}
