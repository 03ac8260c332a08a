package roadbreeze.server.bay;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/**
 * Something that happened in the bay. It never changes; what was wrong is set right by another one.
 *
 * @param id drawn on the device
 * @param at by the device's clock, yet never before what it knew already
 * @param by who says so
 * @param step id of what it happened at
 * @param item id of the reading, photograph, piece or task that it is about
 * @param text what somebody wrote, what a piece is called, or a photograph is of
 * @param size of a piece, or of what has to be bought
 * @param sort of a piece
 * @param value as it was read, in SI (°C for temperatures); minutes of work; how many
 */
@RecordBuilder
public record BayEvent(
    @NotNull UUID id,
    @NotNull Kind kind,
    @NotNull Instant at,
    @NotBlank @Size(max = 60) String by,
    @NotBlank @Size(max = 60) String device,
    @Nullable @Size(max = 90) String step,
    @Nullable @Size(max = 90) String item,
    @Nullable @Size(max = 1000) String text,
    @Nullable @Size(max = 60) String size,
    @Nullable Sort sort,
    @Nullable Double value)
    implements BayEventBuilder.With {

  /** What can happen, and what must be said of it. */
  public enum Kind {
    /** Its cautions. */
    SEEN(BayEvent::step),
    BEGUN(BayEvent::step),
    PAUSED(BayEvent::step),
    /** With the minutes that it took. */
    DONE(BayEvent::step, BayEvent::value),
    UNDONE(BayEvent::step),
    READ(BayEvent::step, BayEvent::item, BayEvent::value),
    /** A stage of a step, by its place among them. */
    STAGED(BayEvent::step, BayEvent::item),
    UNSTAGED(BayEvent::step, BayEvent::item),
    NOTED(BayEvent::step, BayEvent::text),
    PHOTOGRAPHED(BayEvent::step, BayEvent::item),
    /** A piece came off, or a tool or plug went in. */
    TAKEN(BayEvent::step, BayEvent::item, BayEvent::text, BayEvent::sort),
    /** It is where it belongs. */
    BACK(BayEvent::item),
    /** It is broken or gone, and has to be bought. */
    BROKEN(BayEvent::item),
    /** Work that nobody has thought of: a task of the library by its id, or in one's own words. */
    FOUND(BayEvent::step, BayEvent::text),
    /** The rest was put in order anew; only the server says so. */
    PLANNED,
    /** The work order was signed; only the server says so. */
    SIGNED;

    private final List<Function<BayEvent, Object>> said;

    @SafeVarargs
    @SuppressWarnings("varargs")
    Kind(Function<BayEvent, Object>... said) {
      this.said = Arrays.asList(said);
    }

    boolean ofServer() {
      return this == PLANNED || this == SIGNED;
    }
  }

  /** What can be off the truck, or in it. */
  public enum Sort {
    SCREW,
    CLIP,
    CONNECTOR,
    HOSE,
    PLUG,
    TOOL,
    OTHER
  }

  /** Id of a photograph. */
  private static final String PHOTO = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  /** All that must be said of it is. */
  boolean whole() {
    boolean number = value == null || Double.isFinite(value);
    boolean photo = kind != Kind.PHOTOGRAPHED || item != null && item.matches(PHOTO);
    return number && photo && kind.said.stream().allMatch(part -> part.apply(this) != null);
  }

  /** Something that the server says. */
  static BayEvent said(Kind kind, Instant at, String by, @Nullable String text) {
    return new BayEvent(
        UUID.randomUUID(), kind, at, by, "server", null, null, text, null, null, null);
  }
}
