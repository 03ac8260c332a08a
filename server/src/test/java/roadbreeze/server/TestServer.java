package roadbreeze.server;

import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A server of its own on a free port, over a fresh database. */
public final class TestServer implements AutoCloseable {
  private final ConfigurableApplicationContext server;
  private final String url;
  private final String[] more;

  /**
   * @param database its name
   * @param more settings, as {@code --name=value}
   */
  public TestServer(String database, String... more) {
    this(more, TestDatabase.create(database));
  }

  private TestServer(String[] more, String url) {
    this.url = url;
    this.more = more;
    List<String> settings = new ArrayList<>(List.of(more));
    settings.add("--server.port=0");
    settings.add("--spring.datasource.url=" + url);
    settings.add("--spring.datasource.username=" + TestDatabase.USER);
    settings.add("--spring.datasource.password=");
    server = new SpringApplicationBuilder(RoadBreeze.class).run(settings.toArray(new String[0]));
  }

  /** Another one on the same database. */
  public TestServer another() {
    return new TestServer(more, url);
  }

  public <T> T bean(Class<T> type) {
    return server.getBean(type);
  }

  public <T> T bean(String name, Class<T> type) {
    return server.getBean(name, type);
  }

  public int port() {
    return server.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
  }

  @Override
  public void close() {
    server.close();
  }
}
