package roadbreeze.server.yard;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.core.check.Fault;
import roadbreeze.core.check.Priors;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How often each fault is met among a hundred trucks that come in hot, and how often there is none.
 *
 * @param none nothing wrong: too small for what it does
 * @param faults one that is missing is never suspected
 */
public record FaultWeights(
    @Within(min = 0.1, max = 100, kind = Kind.COUNT) double none,
    @NotNull Map<Fault, @NotNull @Within(min = 0, max = 100, kind = Kind.COUNT) Double> faults) {

  /** What ships: our own judgement, in a file that says so. */
  public static final FaultWeights SHIPPED = shipped();

  private static FaultWeights shipped() {
    JsonMapper json =
        JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();
    try (InputStream in = new ClassPathResource("checks/faults.json").getInputStream()) {
      return json.readValue(in, FaultWeights.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public Priors toCore() {
    return new Priors(faults, none);
  }
}
