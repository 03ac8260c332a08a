package roadbreeze.server.job.format;

import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The first migration was edited while the program was young. A database that has run another
 * edition of it is taken as it is: {@link V2__Sections} reads them all. Since then migrations stay
 * as they are and their checksums count.
 */
@Configuration
class OldDatabases {
  @Bean
  FlywayMigrationStrategy acceptFirstTables() {
    return flyway -> {
      if (onlyFirstTables(flyway)) {
        flyway.repair();
      }
      flyway.migrate();
    };
  }

  private static boolean onlyFirstTables(Flyway flyway) {
    MigrationInfo[] applied = flyway.info().applied();
    return applied.length > 0
        && Arrays.stream(applied).allMatch(m -> m.getVersion().getVersion().equals("1"));
  }
}
