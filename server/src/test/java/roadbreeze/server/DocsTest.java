package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class DocsTest {
  private static final Path ROOT = Path.of("..");
  private static final Pattern PATH =
      Pattern.compile("`((?:core|server|web|words|docs|bench|e2e)/[\\w./-]+\\.\\w+)`");
  private static final Pattern TEST = Pattern.compile("`(\\w+Test)`");

  @Test
  void theFilesThatTheArchitectureNamesAreThere() throws IOException {
    List<String> paths = named(PATH, "docs/architecture.md");

    assertThat(paths).hasSizeGreaterThan(20);
    assertThat(paths).allSatisfy(p -> assertThat(ROOT.resolve(longer(p))).exists());
  }

  @Test
  void theTestsThatTheMethodNamesAreThere() throws IOException {
    List<String> tests = named(TEST, "docs/method.md");

    assertThat(tests).isNotEmpty();
    assertThat(tests).allSatisfy(t -> assertThat(testFiles()).contains(t + ".java"));
  }

  private static List<String> named(Pattern what, String file) throws IOException {
    return what.matcher(Files.readString(ROOT.resolve(file)))
        .results()
        .map((MatchResult m) -> m.group(1))
        .distinct()
        .toList();
  }

  /** The document's own shortening of paths, undone. */
  private static String longer(String path) {
    return path.replaceFirst("^server/resources/", "server/src/main/resources/")
        .replaceFirst("^(core|server)/(?!src/)", "$1/src/main/java/roadbreeze/$1/")
        .replaceFirst("^web/(?!src/|openapi|eslint)", "web/src/");
  }

  private static List<String> testFiles() throws IOException {
    try (var files = Files.walk(ROOT)) {
      return files
          .filter(p -> p.toString().contains("src/test/java"))
          .map(p -> p.getFileName().toString())
          .toList();
    }
  }
}
