package roadbreeze.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: HTTP over the core, data in PostgreSQL, no state of its own. */
@EnableScheduling
@SpringBootApplication
public class RoadBreeze {
  public static void main(String[] args) {
    SpringApplication.run(RoadBreeze.class, args);
  }
}
