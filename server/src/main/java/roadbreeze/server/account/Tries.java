package roadbreeze.server.account;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import org.springframework.stereotype.Component;
import roadbreeze.server.problem.Refusal;

/** How often somebody may try a name, and anything at all from one place. */
@Component
class Tries {
  private static final int OF_A_NAME = 5;
  private static final int FROM_A_PLACE = 20;
  private static final Duration IN = Duration.ofMinutes(1);
  private static final int MOST_KNOWN = 10_000;

  private final LoadingCache<String, Bucket> names = buckets(OF_A_NAME);
  private final LoadingCache<String, Bucket> places = buckets(FROM_A_PLACE);

  private static LoadingCache<String, Bucket> buckets(int most) {
    return Caffeine.newBuilder()
        .maximumSize(MOST_KNOWN)
        .expireAfterAccess(Duration.ofHours(1))
        .build(
            of -> Bucket.builder().addLimit(l -> l.capacity(most).refillGreedy(most, IN)).build());
  }

  /**
   * @param name that is tried, as it was typed
   * @param place address that it comes from
   * @throws roadbreeze.server.problem.RefusedRequestException if that was tried too often
   */
  void one(String name, String place) {
    String known = name.strip().toLowerCase(java.util.Locale.ROOT);
    if (!places.get(place).tryConsume(1) || !names.get(known).tryConsume(1)) {
      throw Refusal.TRIED_TOO_OFTEN.refuse();
    }
  }
}
