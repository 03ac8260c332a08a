package roadbreeze.server;

import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A server of its own on a free port, over a fresh database. */
public final class TestServer implements AutoCloseable {
  private final ConfigurableApplicationContext server;

  /**
   * @param database its name
   */
  public TestServer(String database) {
    server =
        new SpringApplicationBuilder(RoadBreeze.class)
            .run(
                "--server.port=0",
                "--spring.datasource.url=" + TestDatabase.create(database),
                "--spring.datasource.username=" + TestDatabase.USER,
                "--spring.datasource.password=");
  }

  public int port() {
    return server.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
  }

  @Override
  public void close() {
    server.close();
  }
}
