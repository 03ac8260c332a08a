package roadbreeze.server.followup;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.UnknownThingException;

/**
 * Calendars that fetch what is due. Whoever has the address may read it without a sign-in, since no
 * calendar can sign in; it says no more than titles and days, and can be taken back.
 */
@RestController
class FeedController {
  private final CalendarFeeds feeds;
  private final FollowUps followUps;

  FeedController(CalendarFeeds feeds, FollowUps followUps) {
    this.feeds = feeds;
    this.followUps = followUps;
  }

  /** Who fetches it. */
  record FeedName(@NotBlank @Size(max = 60) String name) {}

  /**
   * A calendar that fetches what is due.
   *
   * @param path with its secret, once when it is made; null ever after
   */
  record FeedSaid(UUID id, String name, Instant madeAt, @Nullable String path) {
    private static FeedSaid of(CalendarFeed feed, @Nullable String path) {
      return new FeedSaid(feed.id(), feed.name(), feed.madeAt(), path);
    }
  }

  @GetMapping("/api/follow-ups/feeds")
  List<FeedSaid> all() {
    return feeds.all().stream().map(f -> FeedSaid.of(f, null)).toList();
  }

  @Operation(summary = "Makes a secret address at which a calendar fetches what is due")
  @PostMapping("/api/follow-ups/feeds")
  @ResponseStatus(HttpStatus.CREATED)
  FeedSaid make(@Valid @RequestBody FeedName name) {
    CalendarFeeds.Made made = feeds.make(name.name());
    return FeedSaid.of(made.feed(), "/calendar/" + made.secret() + ".ics");
  }

  @Operation(summary = "Takes an address back; it answers nobody any more")
  @DeleteMapping("/api/follow-ups/feeds/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    feeds.remove(id);
  }

  @GetMapping("/calendar/{secret}.ics")
  ResponseEntity<String> fetch(
      @PathVariable String secret, @RequestParam(defaultValue = "METRIC") Units.World world) {
    if (!feeds.knows(secret)) {
      throw new UnknownThingException("there is no such calendar");
    }
    LocalDate today = LocalDate.now();
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .contentType(MediaType.parseMediaType(DueCalendar.TYPE))
        .body(DueCalendar.of(followUps.all(today), "Follow-ups", today, world));
  }
}
