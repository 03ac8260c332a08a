package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.server.problem.Within;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A job as a file, to be imported elsewhere.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion 1
 */
public record JobFile(
    @NotNull @Pattern(regexp = FORMAT, message = "must be " + FORMAT) String format,
    @Within(min = 1, max = 1) int formatVersion,
    @NotNull @Valid JobContent job) {
  public static final String FORMAT = "road-breeze-job";
  public static final int VERSION = 1;

  private static final JsonMapper SHIPPED =
      JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  /**
   * A job that ships with the program.
   *
   * @param name of its file among the resources, without ending
   */
  public static JobContent shipped(String name) {
    try (InputStream file = new ClassPathResource(name + ".json").getInputStream()) {
      return SHIPPED.readValue(file, JobFile.class).job();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
