package roadbreeze.server.followup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.workorder.Caution;
import roadbreeze.server.order.TaskReading;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Something that is looked at again, as {@code followup/kinds.json} has it. Its texts may hold
 * quantities in braces, as tasks do.
 *
 * @param after ids of the tasks that bring it
 * @param again it comes again each time that it is done
 */
record FollowUpKind(
    String id,
    String title,
    String how,
    String why,
    String check,
    String mistake,
    Set<String> after,
    DueEvery every,
    boolean again,
    List<Caution> cautions,
    List<TaskReading> readings) {

  static final List<FollowUpKind> ALL = read();

  private static List<FollowUpKind> read() {
    JsonMapper strict =
        JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();
    try (InputStream file = FollowUpKind.class.getResourceAsStream("/followup/kinds.json")) {
      return Arrays.asList(strict.readValue(file, FollowUpKind[].class));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Empty where the yard has made it up itself. */
  static Optional<FollowUpKind> of(String id) {
    return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
  }
}
